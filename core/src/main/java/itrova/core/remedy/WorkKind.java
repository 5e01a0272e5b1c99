package itrova.core.remedy;

import itrova.core.phrase.Titled;

/**
 * Kinds of work, with who may do it and what it costs. Minutes, prices and tolerances are common practice.
 *
 * <p>Heating and bending of steering parts is not among them: it is never offered. An arm in the way is replaced or moved by
 * a qualified shop.
 */
public enum WorkKind implements Titled {
    DRILL_HOLES(
            "Drill the disc's stud holes",
            "drill press with a jig",
            new Cost(0.1, 40, 4500),
            Undo.NEVER,
            "Measure the first hole before drilling the next.",
            "Clamp the disc; swarf is sharp; eye protection."),
    BORE_DISC(
            "Bore the disc's centre",
            "lathe, a machine shop",
            new Cost(0.02, 45, 6000),
            Undo.NEVER,
            "Measure the bore before it leaves the lathe.",
            "Centre on the disc's face, not on its rim."),
    CENTRING_RING(
            "Make a centring ring for the register",
            "lathe, a machine shop",
            new Cost(0.02, 50, 5500),
            Undo.POSSIBLE,
            "Measure the ring inside and outside before pressing it in.",
            "The ring must not hold the disc off the hub."),
    DRILL_CIRCLE(
            "Drill the disc on a second circle",
            "drill press with an indexing jig, a machine shop",
            new Cost(0.1, 75, 8500),
            Undo.NEVER,
            "Measure the first hole's place and size before drilling the next.",
            "Clamp the disc; swarf is sharp; eye protection. Never between cooling vanes that start at the hat."),
    WHEEL_RING(
            "Make a centring ring between hub and wheel",
            "lathe, a machine shop",
            new Cost(0.05, 50, 5500),
            Undo.POSSIBLE,
            "Measure the ring inside and outside; try it in the wheel before the wheel goes on.",
            "The ring must not hold the wheel off the disc."),
    BORE_WHEEL(
            "Open the wheel's centre bore",
            "lathe, a machine shop",
            new Cost(0.03, 40, 5000),
            Undo.NEVER,
            "Measure the bore before it leaves the lathe.",
            "Bore on the mounting face's centre; old wheels are crack-tested first."),
    TURN_FLANGE(
            "Turn the flange down",
            "lathe, a machine shop",
            new Cost(0.05, 60, 8000),
            Undo.NEVER,
            "Measure the flange before it leaves the lathe.",
            "Heavy shaft between centres; no loose sleeves at the lathe."),
    ROUND_CORNER(
            "Round the flange's outboard corner",
            "lathe or file, with care",
            new Cost(0.3, 30, 3000),
            Undo.NEVER,
            "Try the disc: it must sit flat on the face, light seen nowhere.",
            "Hot swarf; keep the mounting face itself untouched."),
    LONGER_STUDS(
            "Press in longer studs",
            "press, with the hub supported",
            new Cost(0.5, 45, 3500),
            Undo.POSSIBLE,
            "Measure the stick-out of every stud after pressing; torque again after they have seated.",
            "Stand clear of the press; support the hub beside the stud."),
    OTHER_NUTS(
            "Fit wheel nuts that suit studs and wheel",
            "motor factor",
            new Cost(0, 5, 1800),
            Undo.POSSIBLE,
            "Run every nut on by hand to the seat.",
            "A nut of the wrong seat works loose."),
    WHEEL_SPACER(
            "Put a spacer between disc and wheel",
            "motor factor; last resort",
            new Cost(0.1, 20, 4500),
            Undo.POSSIBLE,
            "Measure the spacer; count full thread in the nut after it.",
            "Local rules may forbid spacers; they load studs and bearings more."),
    SHIM_STACK(
            "Put shims under the bracket, the same on every bolt",
            "mechanic",
            new Cost(0.05, 30, 900),
            Undo.POSSIBLE,
            "Measure the stack on every bolt; the caliper slides free over the disc.",
            "Bolts must be longer by the stack; never washers of unlike thickness."),
    LONGER_T_BOLTS(
            "Fit longer bolts at the housing",
            "motor factor",
            new Cost(0.5, 20, 2400),
            Undo.POSSIBLE,
            "Count the threads past the nut.",
            "Grade 8 or class 10.9 at least; local rules come first."),
    OTHER_BEARINGS(
            "Fit other bearings of a standard size",
            "bearing trade; press for the cups",
            new Cost(0, 40, 7800),
            Undo.POSSIBLE,
            "Try the cone on the spindle before the cups are pressed.",
            "Cups are brittle: press straight, eye protection."),
    OTHER_HOSE(
            "Have a hose made up in another length",
            "hose maker",
            new Cost(3, 10, 3900),
            Undo.POSSIBLE,
            "Lay it in at full lock and full travel before it is filled.",
            "Brake hoses are made and tested by a licensed maker, never crimped in the shop."),
    ADAPTERS(
            "Chain fittings with adapters",
            "motor factor",
            new Cost(0, 15, 1200),
            Undo.POSSIBLE,
            "Start every thread by hand.",
            "As few joints as can be; inspect each under full pressure."),
    GRIND_RIB(
            "Grind a rib back",
            "mechanic with a die grinder; crack test by a qualified shop",
            new Cost(0.3, 50, 9000),
            Undo.NEVER,
            "Measure what was taken, radius the edges, crack-test before it goes on.",
            "Never into a boss that carries load; eye and face protection, sparks away from fuel."),
    ONE_PIECE_HUB(
            "Fit a locking hub in one piece",
            "motor factor",
            new Cost(0, 60, 21000),
            Undo.POSSIBLE,
            "Turn the wheel locked and free before the road.",
            "Its bolts are torqued in order.");

    /** Whether the state before can be had again. */
    private enum Undo {
        POSSIBLE,
        NEVER
    }

    /**
     * @param tolerance half-width of what the process holds (mm)
     * @param minutes time for one side
     * @param cents price of one side
     */
    private record Cost(double tolerance, int minutes, long cents) {}

    private final String title;
    private final String who;
    private final Cost cost;
    private final Undo undo;
    private final String hold;
    private final String caution;

    WorkKind(String title, String who, Cost cost, Undo undo, String hold, String caution) {
        this.title = title;
        this.who = who;
        this.cost = cost;
        this.undo = undo;
        this.hold = hold;
        this.caution = caution;
    }

    @Override
    public String title() {
        return title;
    }

    /** Who may do it. */
    public String who() {
        return who;
    }

    /** Half-width of what the process holds (mm). */
    public double tolerance() {
        return cost.tolerance();
    }

    /** Time for one side (min). */
    public int minutes() {
        return cost.minutes();
    }

    /** Price of one side when given out or bought (cents). */
    public long cents() {
        return cost.cents();
    }

    public boolean isReversible() {
        return undo == Undo.POSSIBLE;
    }

    /** What is measured before anything that cannot be undone. */
    public String hold() {
        return hold;
    }

    public String caution() {
        return caution;
    }

    /** Whether it is done to the vehicle's own parts rather than to the kit's. */
    public boolean isOnVehicle() {
        return switch (this) {
            case BORE_WHEEL, TURN_FLANGE, ROUND_CORNER, GRIND_RIB, LONGER_STUDS, LONGER_T_BOLTS -> true;
            default -> false;
        };
    }

    /** Whether what is done on one side must be done on the other too, whatever that side would want by itself. */
    public boolean isPaired() {
        return switch (this) {
            case WHEEL_SPACER, LONGER_STUDS, OTHER_NUTS, DRILL_CIRCLE, ONE_PIECE_HUB -> true;
            default -> false;
        };
    }

    /** Whether a part is bought rather than a dimension worked. */
    public boolean isPart() {
        return switch (this) {
            case OTHER_NUTS, OTHER_BEARINGS, OTHER_HOSE, ADAPTERS, ONE_PIECE_HUB -> true;
            default -> false;
        };
    }
}
