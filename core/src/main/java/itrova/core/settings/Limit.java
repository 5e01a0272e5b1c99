package itrova.core.settings;

/** What a shop may set: least gaps, plays, metal that must stay, and the school it follows. All defaults are common practice. */
public enum Limit {
    TURNING_GAP("Turning wheel to caliper, least gap", "mm", 3.0, 0, 20),
    STILL_GAP("Caliper and disc to what stands still beside them, least gap", "mm", 3.0, 0, 20),
    STEERED_GAP("Steered parts to the chassis, least gap", "mm", 6.0, 0, 40),
    SOFT_GAP("Hose and tyre to anything, least gap", "mm", 12.0, 0, 60),
    DEFLECTION("Wheel and bearing deflection, deducted", "mm", 0.5, 0, 5),
    RUN_OUT("Wheel run-out limit, deducted", "mm", 0.5, 0, 5),
    PLAY_LEAST("Disc on register, least play", "mm", 0.0, -0.2, 0.5),
    PLAY_MOST("Disc on register, largest play", "mm", 0.20, 0.01, 1),
    WHEEL_PLAY_MOST("Wheel on its centring, largest play", "mm", 0.50, 0.05, 2),
    WHEEL_HOLD("Register left for the wheel past hat and spacer, least height", "mm", 2.0, 0.5, 10),
    HAT_ROOM("Hat over flange, least room a side", "mm", 0.5, 0, 5),
    ENGAGEMENT("Full thread in a steel nut, stud diameters", "d", 1.0, 0.8, 2),
    HOLE_WALL("Metal left beside a drilled stud hole", "mm", 5.0, 1, 20),
    FLANGE_WALL("Metal left outside the studs of a turned flange", "mm", 4.0, 1, 20),
    GRIND_MOST("Most ground off a rib of a knuckle", "mm", 3.0, 0, 10),
    SPACER_MOST("Thickest wheel spacer", "mm", 25.0, 0, 60),
    SHIM_MOST("Most shims put under a bracket beyond the kit's own", "mm", 3.0, 0, 10),
    IMBALANCE("One trailer axle over its share", "share", 0.10, 0, 0.5),
    HOSE_SLACK("Hose length over the greatest distance of its ends", "factor", 1.05, 1, 2),
    BEARING_ROAD("Wheel bearing life wanted", "km", 150_000, 10_000, 1_000_000),
    LUG_CENTRING("School: studs with conical seats may centre the wheel (1) or never (0)", "yes/no", 0, 0, 1),
    WHEEL_SPACERS("School: wheel spacers as a last resort (1) or never (0)", "yes/no", 0, 0, 1),
    GRIND_KNUCKLE("School: ribs of a knuckle may be ground (1) or never (0)", "yes/no", 1, 0, 1);

    private final String title;
    private final String unit;
    private final double preset;
    private final double min;
    private final double max;

    Limit(String title, String unit, double preset, double min, double max) {
        this.title = title;
        this.unit = unit;
        this.preset = preset;
        this.min = min;
        this.max = max;
    }

    public String title() {
        return title;
    }

    /** Unit of its value. */
    public String unit() {
        return unit;
    }

    /** Value taken unless the shop sets another. */
    public double preset() {
        return preset;
    }

    /** Smallest value accepted. */
    public double min() {
        return min;
    }

    /** Largest value accepted. */
    public double max() {
        return max;
    }
}
