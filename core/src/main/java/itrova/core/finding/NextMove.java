package itrova.core.finding;

import itrova.core.kit.PaperSource;
import itrova.core.measure.InstrumentSource;
import itrova.core.measure.ReadingSource;
import itrova.core.phrase.Amount;
import itrova.core.phrase.Phrase;
import itrova.core.quantity.Component;
import itrova.core.quantity.Measured;
import itrova.core.quantity.Source;
import itrova.core.remedy.WorkSource;
import itrova.core.vehicle.AroundSource;
import itrova.core.vehicle.SheetSource;
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
                margin.largest().map(NextMove::words).orElse(Phrase.of("next-move.inputs")));
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

    /** What a doubt is, and how to make it smaller. */
    static Phrase words(Component c) {
        Source source = c.source();
        if (source instanceof InstrumentSource s) {
            return Phrase.of("next-move.error-read-again-with-better", s.instrument());
        }
        if (source instanceof ReadingSource s) {
            return Phrase.of(
                    switch (s.kind()) {
                        case RESOLUTION -> "next-move.how-finely-was-read-use";
                        case TECHNIQUE -> "next-move.handling-measure-another-way";
                        case REPEAT -> "next-move.scatter-repeat";
                        case PLACE -> "next-move.place-was-read-at";
                    },
                    s.at().callout());
        }
        if (source instanceof PaperSource s) {
            return Phrase.of("next-move.kit-s-own-tolerance-ask", s.figure());
        }
        if (source instanceof AroundSource s) {
            return Phrase.of("next-move.where-was-measured-measure-better", s.what());
        }
        if (source instanceof SheetSource s) {
            return Phrase.of(
                    switch (s) {
                        case LOAD_HALVES -> "next-move.how-axle-s-load-shared";
                        case AXLE_LOAD, MASS -> "next-move.how-load-known-weigh-axle";
                        case LINE_PRESSURE -> "next-move.gauge-and-foot-read-pressure";
                        case WHEELBASE, CENTRE_HEIGHT -> "next-move.inputs";
                    });
        }
        if (source instanceof CommonSource s) {
            return Phrase.of(
                    switch (s) {
                        case WHEEL_NUT_FRICTION -> "next-move.friction-which-torque-wrench-does";
                        case RIM_FLANGE -> "next-move.what-height-flange-rim-has";
                    });
        }
        return source instanceof WorkSource s
                ? Phrase.of("next-move.work-s-own-tolerance", s.kind())
                : Phrase.of("next-move.what-it-is-named", source.id());
    }
}
