package itrova.core.fit;

/** The checks made; all are critical. */
public enum CheckId {
    PATTERN("Wheel pattern", 1),
    STUD_HOLES("Studs through disc", 2),
    NUT_ENGAGEMENT("Nut engagement", 3),
    REGISTER("Register", 5),
    HAT_FLANGE("Hat over flange", 6),
    BRACKET("Bracket bolts", 7),
    AXLE_OFFSET("Axle offset", 9),
    BARREL("Caliper to barrel", 14),
    SPOKES("Caliper to spokes", 14),
    LOAD("Axle load", 19);

    private final String title;
    private final int tradeNumber;

    CheckId(String title, int tradeNumber) {
        this.title = title;
        this.tradeNumber = tradeNumber;
    }

    public String title() {
        return title;
    }

    /** Number of the check in the trade's list. */
    public int tradeNumber() {
        return tradeNumber;
    }

    /** Critical matters this program does not check yet; the mechanic has to, by hand. */
    public static java.util.List<String> notChecked() {
        return java.util.List.of(
                "nut thread and seat form",
                "thickness stack at the housing",
                "bearings and seals",
                "knuckle, steering joints and donor parts",
                "worn pads against knuckle and arms",
                "lock to lock and suspension travel",
                "hoses and tyre contact",
                "bleed nipple at the top, handed parts",
                "brake pressure, fluid and parking brake");
    }
}
