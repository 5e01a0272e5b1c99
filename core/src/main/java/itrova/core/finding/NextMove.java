package itrova.core.finding;

import itrova.core.quantity.Component;
import itrova.core.quantity.Measured;
import itrova.core.vehicle.Callout;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** Words for what to do about a finding. */
public final class NextMove {
    private NextMove() {}

    public static String of(Finding f) {
        return switch (f.verdict()) {
            case FITS -> "";
            case FITS_WITH_WORK -> f.work().orElseThrow().sentence();
            case NOT_PROVEN ->
                f.margin().isEmpty() ? read(f) : settle(f, f.margin().get());
            case DOES_NOT_FIT -> giveUp(f);
        };
    }

    private static String read(Finding f) {
        List<String> wanted = new ArrayList<>();
        f.missing().stream()
                .filter(c -> !c.hasPlaces() || f.missingInWords().isEmpty())
                .map(Callout::title)
                .forEach(wanted::add);
        wanted.addAll(f.missingInWords());
        return wanted.isEmpty()
                ? "Not known yet."
                : "Wanted (" + f.side().word() + "): " + String.join("; ", wanted) + ".";
    }

    private static String settle(Finding f, Measured margin) {
        if (!f.missing().isEmpty() || !f.missingInWords().isEmpty()) {
            return read(f);
        }
        String largest = margin.largest().map(c -> SourceWords.of(c)).orElse("the inputs");
        return String.format(
                Locale.ROOT,
                "The doubt of %s %s is larger than the margin of %s %s. Most of it is %s.",
                number(margin.expanded()),
                f.unit(),
                number(margin.value()),
                f.unit(),
                largest);
    }

    private static String giveUp(Finding f) {
        StringBuilder out = new StringBuilder();
        f.margin().ifPresent(m -> {
            if (f.check() == CheckId.BARREL) {
                out.append(String.format(
                        Locale.ROOT,
                        "A wheel %.1f mm larger inside would prove it, or a smaller caliper.",
                        2 * (m.expanded() - m.value())));
            } else if (f.check() == CheckId.DISC_IN_WHEEL) {
                out.append(String.format(
                        Locale.ROOT,
                        "A disc or a wheel with %.1f mm more room between them would prove it.",
                        m.expanded() - m.value()));
            } else if (f.check() == CheckId.SPOKES) {
                out.append(String.format(
                        Locale.ROOT,
                        "A wheel whose spokes stand %.1f mm further outboard would prove it.",
                        m.expanded() - m.value()));
            }
        });
        f.refused().ifPresent(reason -> out.append(out.isEmpty() ? "" : " ").append(reason));
        if (!out.isEmpty()) {
            return out.toString();
        }
        return f.check().isCritical()
                ? "Choose another kit."
                : "It advises: weigh it before ordering; the verdict does not hang on it.";
    }

    public static String number(double value) {
        double size = Math.abs(value);
        String text = String.format(Locale.ROOT, size >= 100 ? "%.0f" : size >= 1 ? "%.1f" : "%.2f", value);
        return text.replace('-', '−');
    }

    /** Plain words for a component's source name. */
    public static final class SourceWords {
        private SourceWords() {}

        static String of(Component c) {
            String[] parts = c.source().split(":");
            return switch (parts[0]) {
                case "instrument" ->
                    "the error of the "
                            + itrova.core.measure.Instrument.valueOf(parts[1]).title()
                            + ": read again with a better tool";
                case "resolution" -> "how finely “" + callout(parts[2]) + "” was read: use a finer instrument";
                case "technique" -> "the handling of “" + callout(parts[2]) + "”: measure it another way";
                case "repeat" -> "the scatter of “" + callout(parts[2]) + "”: repeat it";
                case "place" -> "the place “" + callout(parts[2]) + "” was read at";
                case "kit" -> "the kit's own tolerance (" + parts[2] + "): ask the supplier or measure the part";
                case "around" -> "where “" + parts[2] + "” was measured: measure it better";
                case "float" -> "the shaft's end float";
                case "load" ->
                    parts[1].equals("halves")
                            ? "how the axle's load is shared by its two wheels: weigh each wheel"
                            : "how the load is known: weigh the axle";
                case "pressure" -> "the gauge and the foot: read the pressure again";
                case "rim" -> "what height of flange the rim has: read its marking";
                case "friction" -> "the friction of " + parts[1] + ", which a torque wrench does not know";
                default -> "the work's own tolerance";
            };
        }

        private static String callout(String nameAndPlace) {
            String name =
                    nameAndPlace.contains("@") ? nameAndPlace.substring(0, nameAndPlace.indexOf('@')) : nameAndPlace;
            return Callout.valueOf(name).title();
        }
    }
}
