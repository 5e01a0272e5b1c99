package itrova.core.finding;

import itrova.core.measure.Instrument;
import itrova.core.phrase.Amount;
import itrova.core.phrase.Phrase;
import itrova.core.quantity.Component;
import itrova.core.quantity.Measured;
import itrova.core.vehicle.Callout;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What to do about a finding. */
final class NextMove {
    private NextMove() {}

    static Phrase of(Finding f) {
        return switch (f.verdict()) {
            case FITS -> Phrase.NOTHING;
            case FITS_WITH_WORK -> f.work().orElseThrow().sentence();
            case NOT_PROVEN ->
                f.margin().isEmpty() ? read(f) : settle(f, f.margin().get());
            case DOES_NOT_FIT -> giveUp(f);
        };
    }

    private static Phrase read(Finding f) {
        List<Object> wanted = new ArrayList<>();
        f.missing().stream()
                .filter(c -> !c.hasPlaces() || f.missingInWords().isEmpty())
                .forEach(wanted::add);
        wanted.addAll(f.missingInWords());
        return wanted.isEmpty()
                ? Phrase.of("next-move.not-known-yet")
                : Phrase.of("next-move.wanted", f.side(), Phrase.joined("; ", wanted));
    }

    private static Phrase settle(Finding f, Measured margin) {
        if (!f.missing().isEmpty() || !f.missingInWords().isEmpty()) {
            return read(f);
        }
        return Phrase.of(
                "next-move.doubt-larger-than-margin-most",
                amount(margin.expanded(), f.unit()),
                amount(margin.value(), f.unit()),
                margin.largest().map(SourceWords::of).orElse(Phrase.of("next-move.inputs")));
    }

    /** In the finding's unit; what is counted in words is told with its word. */
    private static Object amount(double value, String unit) {
        Amount amount = Amount.inUnit(value, unit);
        return amount.kind() == Amount.Kind.NUMBER && !unit.isEmpty() ? Phrase.all(amount, " " + unit) : amount;
    }

    private static Phrase giveUp(Finding f) {
        Phrase room = f.margin()
                .flatMap(m -> room(f.check(), m.expanded() - m.value()))
                .orElse(Phrase.NOTHING);
        List<Phrase> parts = new ArrayList<>();
        if (!room.isEmpty()) {
            parts.add(room);
        }
        f.refused().ifPresent(parts::add);
        if (!parts.isEmpty()) {
            return Phrase.joined(" ", parts);
        }
        return f.check().isCritical()
                ? Phrase.of("next-move.choose-another-kit")
                : Phrase.of("next-move.advises-weigh-before-ordering-verdict");
    }

    /** What other part would do, where more room would (mm). */
    private static Optional<Phrase> room(CheckId check, double more) {
        return switch (check) {
            case BARREL -> Optional.of(Phrase.of("next-move.wheel-larger-inside-would-prove", Amount.mm(2 * more, 1)));
            case DISC_IN_WHEEL -> Optional.of(Phrase.of("next-move.disc-or-wheel-with-more", Amount.mm(more, 1)));
            case SPOKES -> Optional.of(Phrase.of("next-move.wheel-whose-spokes-stand-further", Amount.mm(more, 1)));
            default -> Optional.empty();
        };
    }

    /** Plain words for a component's source name. */
    public static final class SourceWords {
        private SourceWords() {}

        static Phrase of(Component c) {
            String[] parts = c.source().split(":");
            return switch (parts[0]) {
                case "instrument" -> Phrase.of("next-move.error-read-again-with-better", Instrument.valueOf(parts[1]));
                case "resolution" -> Phrase.of("next-move.how-finely-was-read-use", callout(parts[2]));
                case "technique" -> Phrase.of("next-move.handling-measure-another-way", callout(parts[2]));
                case "repeat" -> Phrase.of("next-move.scatter-repeat", callout(parts[2]));
                case "place" -> Phrase.of("next-move.place-was-read-at", callout(parts[2]));
                case "kit" -> Phrase.of("next-move.kit-s-own-tolerance-ask", parts[2]);
                case "around" -> Phrase.of("next-move.where-was-measured-measure-better", parts[2]);
                case "float" -> Phrase.of("next-move.shaft-s-end-float");
                case "load" ->
                    parts[1].equals("halves")
                            ? Phrase.of("next-move.how-axle-s-load-shared")
                            : Phrase.of("next-move.how-load-known-weigh-axle");
                case "pressure" -> Phrase.of("next-move.gauge-and-foot-read-pressure");
                case "rim" -> Phrase.of("next-move.what-height-flange-rim-has");
                case "friction" -> Phrase.of("next-move.friction-which-torque-wrench-does", parts[1]);
                default -> Phrase.of("next-move.work-s-own-tolerance");
            };
        }

        private static Callout callout(String nameAndPlace) {
            String name =
                    nameAndPlace.contains("@") ? nameAndPlace.substring(0, nameAndPlace.indexOf('@')) : nameAndPlace;
            return Callout.valueOf(name);
        }
    }
}
