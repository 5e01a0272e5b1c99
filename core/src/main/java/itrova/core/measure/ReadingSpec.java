package itrova.core.measure;

import itrova.core.phrase.Phrase;
import itrova.core.table.Table;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.AxleForm;
import itrova.core.vehicle.BracketShape;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Retention;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * How one dimension is read. All of them stand in the resource {@code readings.psv}, in hand order.
 *
 * @param callout the dimension
 * @param ends letters of the axle ends it is read at, {@code *} for all
 * @param when which form it needs besides; empty for any
 * @param preferred instrument taken unless another is chosen
 * @param technique standard uncertainty of handling, such as holding a jaw on a stud's edge (mm); common practice
 * @param pooledSpread standard deviation of single repeats in ordinary hands (mm); common practice
 * @param min smallest value accepted (mm or count)
 * @param max largest value accepted (mm or count)
 * @param minutes time one reading takes (min); common practice
 * @param needs how far the axle end must be taken apart
 * @param isForVerdict whether a side counts as read only with it: kits that keep the vehicle's hub hang on it. Else it tells what the
 *     part is, or a kit with a hub of its own asks for it
 * @param howTo what to do, in one or two sentences
 * @param slip the common mistake
 * @param caution where a hand can be hurt; {@link Phrase#NOTHING} where nowhere in particular
 */
public record ReadingSpec(
        Callout callout,
        String ends,
        String when,
        Instrument preferred,
        double technique,
        double pooledSpread,
        double min,
        double max,
        double minutes,
        TakenApart needs,
        boolean isForVerdict,
        Phrase howTo,
        Phrase slip,
        Phrase caution) {

    private static final int COLUMNS = 14;
    private static final List<ReadingSpec> IN_HAND_ORDER =
            Table.rows(ReadingSpec.class, "readings.psv", COLUMNS).stream()
                    .map(ReadingSpec::row)
                    .toList();
    private static final Map<Callout, ReadingSpec> ALL = new EnumMap<>(Callout.class);

    static {
        IN_HAND_ORDER.forEach(spec -> ALL.put(spec.callout, spec));
    }

    private static ReadingSpec row(String[] c) {
        return new ReadingSpec(
                Callout.valueOf(c[0]),
                c[1],
                c[2],
                Instrument.valueOf(c[3]),
                Double.parseDouble(c[4]),
                Double.parseDouble(c[5]),
                Double.parseDouble(c[6]),
                Double.parseDouble(c[7]),
                Double.parseDouble(c[8]),
                TakenApart.valueOf(c[9]),
                c[10].equals("verdict"),
                Phrase.of(c[11]),
                Phrase.of(c[12]),
                c[13].isEmpty() ? Phrase.NOTHING : Phrase.of(c[13]));
    }

    /** How the given dimension is read. */
    public static ReadingSpec of(Callout callout) {
        ReadingSpec spec = ALL.get(callout);
        if (spec == null) {
            throw new IllegalStateException("No reading rule for " + callout);
        }
        return spec;
    }

    /** The dimensions that can be read at an axle end, in the order a hand takes them. */
    public static List<Callout> handOrder(AxleForm form) {
        return IN_HAND_ORDER.stream()
                .filter(spec -> spec.isReadAt(form))
                .map(ReadingSpec::callout)
                .toList();
    }

    private boolean isReadAt(AxleForm form) {
        boolean end = ends.equals("*") || ends.indexOf(letter(form.kind())) >= 0;
        return end
                && switch (when) {
                    case "rectangle" -> form.bracketShape() == BracketShape.RECTANGLE;
                    case "circle" -> form.bracketShape() == BracketShape.CIRCLE;
                    case "pressed" -> form.retention() == Retention.PRESSED_BEARING;
                    case "c-clip" -> form.retention() == Retention.C_CLIP;
                    default -> true;
                };
    }

    private static char letter(AxleEndKind kind) {
        return switch (kind) {
            case FRONT_SPINDLE -> 'F';
            case REAR_LIVE_AXLE -> 'R';
            case CLOSED_KNUCKLE -> 'K';
            case PORTAL_HUB -> 'P';
            case REAR_UPRIGHT -> 'U';
            case TRAILER_SPINDLE -> 'T';
        };
    }
}
