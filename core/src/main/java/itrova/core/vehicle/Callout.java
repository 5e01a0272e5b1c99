package itrova.core.vehicle;

import itrova.core.phrase.Titled;
import java.util.EnumSet;
import java.util.Set;

/** A dimension that can be read at an axle end or its wheel. */
public enum Callout implements Titled {
    LUG_COUNT("Lug count", Kind.COUNT),
    STUD_OVER_SKIP_ONE("Outside over next but one", Kind.LENGTH),
    STUD_SKIP_ONE("Stud centre to next but one", Kind.LENGTH),
    STUD_NEIGHBOUR("Stud centre to next stud centre", Kind.LENGTH),
    STUD_OVER_NEIGHBOUR("Outside over two next studs", Kind.LENGTH),
    STUD_THREAD("Stud thread", Kind.THREAD),
    STUD_MAJOR("Stud diameter", Kind.LENGTH),
    STUD_PITCH("Length over ten stud threads", Kind.LENGTH),
    STUD_SHOULDER("Stud shoulder diameter", Kind.LENGTH),
    STUD_STICK_OUT("Stud stick-out", Kind.LENGTH),
    STUD_FROM_DRUM("Stud beyond the drum's face", Kind.LENGTH),
    DRUM_FACE("Drum face thickness", Kind.LENGTH),
    REGISTER("Register diameter", Kind.LENGTH),
    REGISTER_HEIGHT("Register height", Kind.LENGTH),
    REGISTER_STEP("Register, outer step diameter", Kind.LENGTH),
    REGISTER_STEP_HEIGHT("Register, outer step height", Kind.LENGTH),
    FLANGE("Axle flange outside diameter", Kind.LENGTH),
    FLANGE_THICKNESS("Axle flange thickness", Kind.LENGTH),
    HOLE_EDGE("Stud hole to flange edge", Kind.LENGTH),
    BRACKET_COUNT("Bracket bolt count", Kind.COUNT),
    BRACKET_ACROSS("Bracket bolts across", Kind.LENGTH),
    BRACKET_UP("Bracket bolts up and down", Kind.LENGTH),
    BRACKET_CIRCLE("Bracket bolt circle", Kind.LENGTH),
    BRACKET_HOLE("Bracket hole diameter", Kind.LENGTH),
    BACKING_PLATE("Backing plate thickness", Kind.LENGTH),
    RETAINER("Bearing retainer thickness", Kind.LENGTH),
    T_BOLT_LENGTH("T-bolt length", Kind.LENGTH),
    T_BOLT_THREAD("T-bolt thread", Kind.THREAD),
    HUB_FACE("Bracket face to hub face", Kind.LENGTH),
    AXLE_OFFSET("Axle offset, pushed in", Kind.LENGTH),
    AXLE_OFFSET_OUT("Axle offset, pulled out", Kind.LENGTH),
    BEARING_NUMBER("Axle bearing number", Kind.WORD),
    BEARING_OUTSIDE("Axle bearing outside diameter", Kind.LENGTH),
    BEARING_BORE("Axle bearing bore", Kind.LENGTH),
    BEARING_WIDTH("Axle bearing width", Kind.LENGTH),
    SHOULDER("Bracket face to bearing shoulder", Kind.LENGTH),
    SEAL_START("Bracket face to seal journal", Kind.LENGTH),
    SEAL_JOURNAL("Seal journal diameter", Kind.LENGTH),
    INNER_JOURNAL("Inner bearing journal", Kind.LENGTH),
    OUTER_JOURNAL("Outer bearing journal", Kind.LENGTH),
    BEARING_SPREAD("Shoulder to outer bearing seat", Kind.LENGTH),
    INNER_NUMBER("Inner bearing number", Kind.WORD),
    OUTER_NUMBER("Outer bearing number", Kind.WORD),
    SPINDLE_THREAD("Spindle thread", Kind.THREAD),
    KNUCKLE_RIB("Rib standing out of the knuckle", Kind.LENGTH),
    KNUCKLE_RIB_RADIUS("Rib, radius from the axis", Kind.LENGTH),
    DRIVE_STYLE("Drive flange or locking hub", Kind.WORD),
    SWIVEL_BALL("Swivel ball diameter", Kind.LENGTH),
    PORTAL_DROP("Portal drop", Kind.LENGTH),
    UPRIGHT_HEIGHT("Upright face to caliper ear", Kind.LENGTH),
    EAR_THICKNESS("Caliper ear thickness", Kind.LENGTH),
    AXLE_WIDTH("Hub face to hub face", Kind.LENGTH),
    LINE_LENGTH("Line from the actuator", Kind.LENGTH),
    WHEEL_BACKSPACING("Wheel backspacing", Kind.LENGTH),
    WHEEL_OVERALL("Wheel width over the flanges", Kind.LENGTH),
    WHEEL_OFFSET("Wheel offset, as marked", Kind.LENGTH),
    WHEEL_MARKING("Wheel size, as marked", Kind.WORD),
    WHEEL_FLANGE("Rim flange outside diameter", Kind.LENGTH),
    WHEEL_BARREL("Barrel inside diameter", Kind.LENGTH),
    WHEEL_SPOKE("Mounting face to spoke back", Kind.LENGTH),
    WHEEL_PAD("Wheel thickness under the nut", Kind.LENGTH),
    WHEEL_BORE("Wheel centre bore", Kind.LENGTH),
    WHEEL_STUD_HOLE("Wheel stud hole", Kind.LENGTH),
    WHEEL_NUT_SEAT("Nut seat in the wheel", Kind.WORD),
    WHEEL_WEIGHTS("Weights inside, height", Kind.LENGTH),
    WHEEL_TO_FENDER("Tyre to fender", Kind.LENGTH),
    WHEEL_TO_FRAME("Tyre to frame", Kind.LENGTH);

    /** What sort of text a reading of it is. */
    public enum Kind {
        LENGTH,
        COUNT,
        THREAD,
        /** A designation or one of a few words, such as a bearing's number. */
        WORD
    }

    private static final Set<Callout> OF_WHEEL = EnumSet.range(WHEEL_BACKSPACING, WHEEL_TO_FRAME);

    private final String title;
    private final Kind kind;

    Callout(String title, Kind kind) {
        this.title = title;
        this.kind = kind;
    }

    @Override
    public String title() {
        return title;
    }

    public Kind kind() {
        return kind;
    }

    /** Whether it is read at several places along a profile: depth for the barrel, radius for the spokes. */
    public boolean hasPlaces() {
        return this == WHEEL_BARREL || this == WHEEL_SPOKE;
    }

    /** Whether it is read at the wheel and not at the axle end. */
    public boolean isOfWheel() {
        return OF_WHEEL.contains(this);
    }

    /** Whether it is of both ends of an axle at once: read on one side it is read for the other too. */
    public boolean isOfBothEnds() {
        return this == AXLE_WIDTH;
    }

    /** Whether it is a gap between a wheel in its place and the vehicle, which another side need not have. */
    public boolean isGapOfVehicle() {
        return this == WHEEL_TO_FENDER || this == WHEEL_TO_FRAME;
    }
}
