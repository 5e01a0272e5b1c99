package itrova.core.vehicle;

/** A dimension that can be read at an axle end or its wheel. */
public enum Callout {
    LUG_COUNT("Lug count", Kind.COUNT),
    STUD_NEIGHBOUR("Stud centre to next stud centre", Kind.LENGTH),
    STUD_SKIP_ONE("Stud centre to next but one", Kind.LENGTH),
    STUD_OVER_NEIGHBOUR("Outside over two next studs", Kind.LENGTH),
    STUD_OVER_SKIP_ONE("Outside over next but one", Kind.LENGTH),
    STUD_THREAD("Stud thread", Kind.THREAD),
    STUD_MAJOR("Stud diameter", Kind.LENGTH),
    STUD_SHOULDER("Stud shoulder diameter", Kind.LENGTH),
    STUD_STICK_OUT("Stud stick-out", Kind.LENGTH),
    REGISTER("Register diameter", Kind.LENGTH),
    FLANGE("Axle flange outside diameter", Kind.LENGTH),
    BRACKET_COUNT("Bracket bolt count", Kind.COUNT),
    BRACKET_ACROSS("Bracket bolts across", Kind.LENGTH),
    BRACKET_UP("Bracket bolts up and down", Kind.LENGTH),
    BRACKET_CIRCLE("Bracket bolt circle", Kind.LENGTH),
    BRACKET_HOLE("Bracket hole diameter", Kind.LENGTH),
    AXLE_OFFSET("Axle offset", Kind.LENGTH),
    WHEEL_BACKSPACING("Wheel backspacing", Kind.LENGTH),
    WHEEL_PAD("Wheel thickness under the nut", Kind.LENGTH),
    WHEEL_BORE("Wheel centre bore", Kind.LENGTH),
    WHEEL_WEIGHTS("Weights inside, height", Kind.LENGTH),
    WHEEL_BARREL("Barrel inside diameter", Kind.LENGTH),
    WHEEL_SPOKE("Mounting face to spoke back", Kind.LENGTH);

    /** What sort of text a reading of it is. */
    public enum Kind {
        LENGTH,
        COUNT,
        THREAD
    }

    private final String title;
    private final Kind kind;

    Callout(String title, Kind kind) {
        this.title = title;
        this.kind = kind;
    }

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

    /** Whether it belongs to the wheel and not to the axle end. */
    public boolean isOfWheel() {
        return name().startsWith("WHEEL_");
    }
}
