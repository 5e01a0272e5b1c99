package itrova.core.check.completeness;

import itrova.core.check.Check;
import itrova.core.finding.CheckId;
import itrova.core.finding.CommonSource;
import itrova.core.finding.Explanation;
import itrova.core.finding.Finding;
import itrova.core.finding.FindingBuilder;
import itrova.core.kit.KitNeeds;
import itrova.core.kit.KitPart;
import itrova.core.phrase.Amount;
import itrova.core.phrase.Phrase;
import itrova.core.placed.KitOnSide;
import itrova.core.quantity.Component;
import itrova.core.quantity.Measured;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Retention;
import itrova.core.vehicle.RimSize;
import itrova.core.vehicle.Wheel;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** What the kit's papers ask of the vehicle in figures: rim diameter, axle width, thickness of the caliper ear, shaft retention. */
final class NeedsCheck implements Check {
    private static final String FORMULA = "m = d_rim − d_wanted; m = min(w − w_from, w_to − w)";
    private static final String SOURCE =
            "The kit's papers; a rim's seat lies one flange height, 17.5 mm ± 2.5 mm, under its flange (ISO 4000-1 contours B to K, from memory); codes step by an inch";
    private static final double INCH = 25.4;
    private static final double FLANGE_HEIGHT = 17.5;
    private static final double FLANGE_HEIGHTS_DIFFER = 2.5;
    /** A seat is half an inch code or more below the next code up. */
    private static final double HALF_A_CODE = INCH / 2;

    @Override
    public CheckId id() {
        return CheckId.NEEDS;
    }

    @Override
    public Set<KitPart> reads() {
        return Set.of();
    }

    @Override
    public boolean appliesTo(KitOnSide c) {
        KitNeeds n = c.kit().fitting().needs();
        return n.rimInches().isPresent()
                || n.axleWidth().isPresent()
                || n.ear().isPresent() && c.end().form().kind() == AxleEndKind.REAR_UPRIGHT
                || n.retention().isPresent() && c.end().kind() == AxleEndKind.REAR_LIVE_AXLE;
    }

    @Override
    public Finding judge(KitOnSide c) {
        KitNeeds needs = c.kit().fitting().needs();
        FindingBuilder ruling = new FindingBuilder(CheckId.NEEDS, c);
        List<Phrase> words = new ArrayList<>();
        if (needs.retention().isPresent() && c.end().kind() == AxleEndKind.REAR_LIVE_AXLE) {
            Retention found = c.end().form().retention();
            if (found != needs.retention().get()) {
                return ruling.outright(why(Phrase.of(
                        "needs.shaft-held-by-kit-made", found, needs.retention().get())));
            }
            words.add(Phrase.of("needs.shaft-held-by-as-kit", found));
            ruling.satisfied();
        }
        if (needs.rimInches().isPresent()) {
            rim(c, ruling, needs.rimInches().getAsInt(), words);
        }
        needs.axleWidth()
                .ifPresent(range -> range(c, ruling, range, Callout.AXLE_WIDTH, Phrase.of("needs.axle-width"), words));
        if (c.end().kind() == AxleEndKind.REAR_UPRIGHT) {
            needs.ear()
                    .ifPresent(range ->
                            range(c, ruling, range, Callout.EAR_THICKNESS, Phrase.of("needs.caliper-ear"), words));
        }
        return ruling.finding(
                r -> why(words.isEmpty() ? Phrase.of("needs.what-kit-needs-was-not") : Phrase.joined(" ", words)));
    }

    /** The rim's nominal diameter: of a wheel from the wall as its papers say, of the one found by its marking and its flange,
     * as far as they were read: both must do. */
    private static void rim(KitOnSide c, FindingBuilder ruling, int inches, List<Phrase> words) {
        Optional<Wheel> other = c.end().otherWheel();
        if (other.isPresent()) {
            if (other.get().rimInches().isEmpty()) {
                ruling.missing(Phrase.of("needs.rim-diameter-wheel", other.get().code()));
                return;
            }
            int rim = other.get().rimInches().getAsInt();
            ruling.require(Phrase.of("needs.rim-diameter"), Measured.exact((rim - inches) * INCH));
            words.add(Phrase.of("needs.wheel-in-one-kit-needs", rim, inches));
            return;
        }
        Optional<RimSize> marked = c.end().rimSize();
        Optional<Measured> flange = c.length(Callout.WHEEL_FLANGE);
        if (marked.isEmpty()) {
            ruling.want(flange, Callout.WHEEL_FLANGE);
        }
        Optional<Measured> seat = flange.map(f -> f.plus(-2 * FLANGE_HEIGHT)
                .with(Component.rectangular(CommonSource.RIM_FLANGE, 2 * FLANGE_HEIGHTS_DIFFER)));
        if (marked.isPresent() && seat.isPresent() && contradict(marked.get(), seat.get())) {
            ruling.missing(Phrase.of(
                    "needs.marking-against-flange",
                    marked.get().text(),
                    Amount.mm(flange.get().value(), 0)));
            return;
        }
        marked.ifPresent(size -> {
            ruling.require(Phrase.of("needs.rim-diameter"), Measured.exact((size.inches() - inches) * INCH));
            words.add(Phrase.of("needs.marked-kit-needs", size.text(), inches));
        });
        seat.ifPresent(s -> {
            ruling.require(Phrase.of("needs.rim-diameter"), s.plus(HALF_A_CODE - inches * INCH));
            words.add(Phrase.of(
                    "needs.over-its-flange-rim-so",
                    Amount.mm(flange.get().value(), 0),
                    Amount.number(s.value() / INCH, 1),
                    inches));
        });
    }

    /** Whether the size marked cannot be that of a rim with such a flange. */
    private static boolean contradict(RimSize marked, Measured seat) {
        return Math.abs(seat.value() - marked.inches() * INCH) > HALF_A_CODE + seat.expanded();
    }

    private static void range(
            KitOnSide c,
            FindingBuilder ruling,
            KitNeeds.Range range,
            Callout callout,
            Phrase name,
            List<Phrase> words) {
        Optional<Measured> read = c.length(callout);
        ruling.want(read, callout);
        read.ifPresent(w -> {
            ruling.require(Phrase.of("needs.not-too-small", name), w.plus(-range.from()))
                    .require(Phrase.of("needs.not-too-large", name), w.times(-1).plus(range.to()));
            words.add(Phrase.of(
                    "needs.kit-made-for",
                    callout,
                    Amount.mm(w.value(), 1),
                    Amount.mm(range.from(), 1).asBare(),
                    Amount.mm(range.to(), 1)));
        });
    }

    private static Explanation why(Phrase words) {
        return new Explanation(words, FORMULA, List.of(), SOURCE);
    }
}
