package itrova.core.finding;

import itrova.core.phrase.Titled;

/** The checks made, in the order of the trade's list. */
public enum CheckId implements Titled {
    PATTERN("Wheel pattern", 1, true),
    STUD_HOLES("Studs through disc", 2, true),
    NUT_ENGAGEMENT("Nut engagement", 3, true),
    NUT_SEAT("Nut thread and seat", 4, true),
    REGISTER("Register", 5, true),
    WHEEL_CENTRING("Wheel on its centring", 5, true),
    HAT_FLANGE("Hat over flange", 6, true),
    BRACKET("Bracket bolts", 7, true),
    BRACKET_LOAD("Bracket under braking", 7, false),
    HOUSING_STACK("Stack on the T-bolts", 8, true),
    AXLE_OFFSET("Axle offset", 9, true),
    BEARINGS("Bearings and seals", 10, true),
    DRIVE("Drive flange or hub", 11, true),
    HUB_HELD("How the hub is held", 11, true),
    JOINTS("Steering joints", 12, true),
    DONOR("Donor parts", 13, true),
    NEEDS("What the kit needs", 13, true),
    PRESSURE("Pressure and booster", 13, true),
    TONE_RING("Anti-lock tone ring", 13, false),
    DISC_IN_WHEEL("Disc in wheel", 14, true),
    BARREL("Caliper to barrel", 14, true),
    SPOKES("Caliper to spokes", 14, true),
    VALVE("Valve stem", 14, true),
    SPARE("Spare wheel", 14, true),
    HUB_CAP("Hub cap", 14, false),
    INBOARD("Worn pads, inboard", 15, true),
    SWEEP("Lock and travel", 16, true),
    HOSE("Hose and fittings", 16, true),
    TYRE_ROOM("Tyre room and track", 17, true),
    NIPPLE("Bleed nipple on top", 18, true),
    HANDED("Left and right parts", 18, true),
    LOAD("Axle load", 19, true),
    RATINGS("Wheel, tyre, bearings, studs", 19, true),
    REVERSIBLE("Back to drums", 20, true),
    CONTENTS("What is in the box", 20, true);

    private final String title;
    private final int tradeNumber;
    private final boolean critical;

    CheckId(String title, int tradeNumber, boolean critical) {
        this.title = title;
        this.tradeNumber = tradeNumber;
        this.critical = critical;
    }

    @Override
    public String title() {
        return title;
    }

    /** Number of the check in the trade's list. */
    public int tradeNumber() {
        return tradeNumber;
    }

    /** Whether the kit's verdict hangs on it; the others advise. */
    public boolean isCritical() {
        return critical;
    }
}
