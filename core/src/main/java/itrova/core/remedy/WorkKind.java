package itrova.core.remedy;

import itrova.core.phrase.Phrase;
import itrova.core.phrase.Titled;
import itrova.core.settings.WorkTerms;
import itrova.core.table.Table;
import java.math.BigDecimal;
import java.util.HashMap;
import java.util.Map;
import java.util.Objects;

/**
 * Kinds of work, each a class of its own that says what it holds and applies itself. Who may do it, own time, price and days are in {@code work-terms.psv}; a shop sets its own.
 *
 * <p>Heating and bending of steering parts is not among them: it is never offered. An arm in the way is replaced or moved by
 * a qualified shop.
 */
public enum WorkKind implements Titled {
    DRILL_HOLES(new DrillHoles()),
    BORE_DISC(new BoreDisc()),
    CENTRING_RING(new CentringRing()),
    DRILL_CIRCLE(new DrillCircle()),
    WHEEL_RING(new WheelRing()),
    BORE_WHEEL(new BoreWheel()),
    TURN_FLANGE(new TurnFlange()),
    ROUND_CORNER(new RoundCorner()),
    LONGER_STUDS(new LongerStuds()),
    OTHER_NUTS(new OtherNuts()),
    WHEEL_SPACER(new WheelSpacer()),
    SHIM_STACK(new ShimStack()),
    LONGER_T_BOLTS(new LongerTBolts()),
    OTHER_BEARINGS(new OtherBearings()),
    OTHER_HOSE(new OtherHose()),
    ADAPTERS(new Adapters()),
    GRIND_RIB(new GrindRib()),
    ONE_PIECE_HUB(new OnePieceHub()),
    REMACHINE_HUB(new RemachineHub());

    private static final Map<String, WorkTerms> DEFAULT_TERMS = read();

    private final Remedy remedy;

    WorkKind(Remedy remedy) {
        this.remedy = remedy;
    }

    /** How it changes a case. */
    Remedy remedy() {
        return remedy;
    }

    @Override
    public String title() {
        return remedy.title();
    }

    /** Half-width of what the process holds (mm); common practice. */
    public double tolerance() {
        return remedy.tolerance();
    }

    /** What it usually takes: who, own time, price, days; common practice, from the table beside this class. */
    public WorkTerms defaultTerms() {
        return Objects.requireNonNull(DEFAULT_TERMS.get(name()), name());
    }

    private static Map<String, WorkTerms> read() {
        Map<String, WorkTerms> terms = new HashMap<>();
        for (String[] row : Table.rows(WorkKind.class, "work-terms.psv", 5)) {
            WorkKind kind = valueOf(row[0]);
            terms.put(
                    kind.name(),
                    new WorkTerms(
                            row[1],
                            Integer.parseInt(row[2]),
                            new BigDecimal(row[3]).movePointRight(2).longValueExact(),
                            Integer.parseInt(row[4])));
        }
        return Map.copyOf(terms);
    }

    public boolean isReversible() {
        return remedy.isReversible();
    }

    /** What is measured before anything that cannot be undone. */
    public Phrase hold() {
        return remedy.hold();
    }

    public Phrase caution() {
        return remedy.caution();
    }

    /** Whether it is done to the vehicle's own parts rather than to the kit's. */
    public boolean isOnVehicle() {
        return remedy.isOnVehicle();
    }

    /** Whether what is done on one side must be done on the other too, whatever that side would want by itself. */
    public boolean isPaired() {
        return remedy.isPaired();
    }

    /** Whether a part is bought rather than a dimension worked. */
    public boolean isPart() {
        return remedy.isPart();
    }
}
