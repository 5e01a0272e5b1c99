package itrova.core.remedy;

import itrova.core.phrase.Titled;
import itrova.core.settings.WorkTerms;
import itrova.core.table.Table;
import java.math.BigDecimal;
import java.util.HashMap;
import java.util.Map;
import java.util.Objects;

/**
 * Kinds of work. Who may do it, own time, price and days are in {@code work-terms.psv}; a shop sets its own.
 *
 * <p>Heating and bending of steering parts is not among them: it is never offered. An arm in the way is replaced or moved by
 * a qualified shop.
 */
public enum WorkKind implements Titled {
    DRILL_HOLES(
            "Drill the disc's stud holes",
            0.1,
            Undo.NEVER,
            "Measure the first hole before drilling the next.",
            "Clamp the disc; swarf is sharp; eye protection."),
    BORE_DISC(
            "Bore the disc's centre",
            0.02,
            Undo.NEVER,
            "Measure the bore before it leaves the lathe.",
            "Centre on the disc's face, not on its rim."),
    CENTRING_RING(
            "Make a centring ring for the register",
            0.02,
            Undo.POSSIBLE,
            "Measure the ring inside and outside before pressing it in.",
            "The ring must not hold the disc off the hub."),
    DRILL_CIRCLE(
            "Drill the disc on a second circle",
            0.1,
            Undo.NEVER,
            "Measure the first hole's place and size before drilling the next.",
            "Clamp the disc; swarf is sharp; eye protection. Never between cooling vanes that start at the hat."),
    WHEEL_RING(
            "Make a centring ring between hub and wheel",
            0.05,
            Undo.POSSIBLE,
            "Measure the ring inside and outside; try it in the wheel before the wheel goes on.",
            "The ring must not hold the wheel off the disc."),
    BORE_WHEEL(
            "Open the wheel's centre bore",
            0.03,
            Undo.NEVER,
            "Measure the bore before it leaves the lathe.",
            "Bore on the mounting face's centre; old wheels are crack-tested first."),
    TURN_FLANGE(
            "Turn the flange down",
            0.05,
            Undo.NEVER,
            "Measure the flange before it leaves the lathe.",
            "Heavy shaft between centres; no loose sleeves at the lathe."),
    ROUND_CORNER(
            "Round the flange's outboard corner",
            0.3,
            Undo.NEVER,
            "Try the disc: it must sit flat on the face, light seen nowhere.",
            "Hot swarf; keep the mounting face itself untouched."),
    LONGER_STUDS(
            "Press in longer studs",
            0.5,
            Undo.POSSIBLE,
            "Measure the stick-out of every stud after pressing; torque again after they have seated.",
            "Stand clear of the press; support the hub beside the stud."),
    OTHER_NUTS(
            "Fit wheel nuts that suit studs and wheel",
            0,
            Undo.POSSIBLE,
            "Run every nut on by hand to the seat.",
            "A nut of the wrong seat works loose."),
    WHEEL_SPACER(
            "Put a spacer between disc and wheel",
            0.1,
            Undo.POSSIBLE,
            "Measure the spacer; count full thread in the nut after it.",
            "Local rules may forbid spacers; they load studs and bearings more."),
    SHIM_STACK(
            "Put shims under the bracket, the same on every bolt",
            0.05,
            Undo.POSSIBLE,
            "Measure the stack on every bolt; the caliper slides free over the disc.",
            "Bolts must be longer by the stack; never washers of unlike thickness."),
    LONGER_T_BOLTS(
            "Fit longer bolts at the housing",
            0.5,
            Undo.POSSIBLE,
            "Count the threads past the nut.",
            "Grade 8 or class 10.9 at least; local rules come first."),
    OTHER_BEARINGS(
            "Fit other bearings of a standard size",
            0,
            Undo.POSSIBLE,
            "Try the cone on the spindle before the cups are pressed.",
            "Cups are brittle: press straight, eye protection."),
    OTHER_HOSE(
            "Have a hose made up in another length",
            3,
            Undo.POSSIBLE,
            "Lay it in at full lock and full travel before it is filled.",
            "Brake hoses are made and tested by a licensed maker, never crimped in the shop."),
    ADAPTERS(
            "Chain fittings with adapters",
            0,
            Undo.POSSIBLE,
            "Start every thread by hand.",
            "As few joints as can be; inspect each under full pressure."),
    GRIND_RIB(
            "Grind a rib back",
            0.3,
            Undo.NEVER,
            "Measure what was taken, radius the edges, crack-test before it goes on.",
            "Never into a boss that carries load; eye and face protection, sparks away from fuel."),
    ONE_PIECE_HUB(
            "Fit a locking hub in one piece",
            0,
            Undo.POSSIBLE,
            "Turn the wheel locked and free before the road.",
            "Its bolts are torqued in order."),
    REMACHINE_HUB(
            "Have the hub drilled to the disc's pattern",
            0.1,
            Undo.NEVER,
            "Measure circle and holes of both hubs when they come back, before the studs are pressed.",
            "A crack-tested hub only, by a shop that does it; the old holes stay between the new ones.");

    /** Whether the state before can be had again. */
    private enum Undo {
        POSSIBLE,
        NEVER
    }

    private static final Map<String, WorkTerms> USUAL = read();

    private final String title;
    private final double tolerance;
    private final Undo undo;
    private final String hold;
    private final String caution;

    WorkKind(String title, double tolerance, Undo undo, String hold, String caution) {
        this.title = title;
        this.tolerance = tolerance;
        this.undo = undo;
        this.hold = hold;
        this.caution = caution;
    }

    @Override
    public String title() {
        return title;
    }

    /** Half-width of what the process holds (mm); common practice. */
    public double tolerance() {
        return tolerance;
    }

    /** What it usually takes: who, own time, price, days; common practice, from the table beside this class. */
    public WorkTerms usual() {
        return Objects.requireNonNull(USUAL.get(name()), name());
    }

    private static Map<String, WorkTerms> read() {
        Map<String, WorkTerms> usual = new HashMap<>();
        for (String[] row : Table.rows(WorkKind.class, "work-terms.psv", 5)) {
            WorkKind kind = valueOf(row[0]);
            usual.put(
                    kind.name(),
                    new WorkTerms(
                            row[1],
                            Integer.parseInt(row[2]),
                            new BigDecimal(row[3]).movePointRight(2).longValueExact(),
                            Integer.parseInt(row[4])));
        }
        return Map.copyOf(usual);
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
            case BORE_WHEEL, TURN_FLANGE, ROUND_CORNER, REMACHINE_HUB, GRIND_RIB, LONGER_STUDS, LONGER_T_BOLTS -> true;
            default -> false;
        };
    }

    /** Whether what is done on one side must be done on the other too, whatever that side would want by itself. */
    public boolean isPaired() {
        return switch (this) {
            case WHEEL_SPACER, LONGER_STUDS, OTHER_NUTS, DRILL_CIRCLE, ONE_PIECE_HUB, REMACHINE_HUB -> true;
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
