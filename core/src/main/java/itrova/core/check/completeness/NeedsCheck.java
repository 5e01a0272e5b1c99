package itrova.core.check.completeness;

import itrova.core.check.Check;
import itrova.core.finding.CheckId;
import itrova.core.finding.Explanation;
import itrova.core.finding.Finding;
import itrova.core.finding.FindingBuilder;
import itrova.core.kit.KitNeeds;
import itrova.core.kit.KitPart;
import itrova.core.placed.KitOnSide;
import itrova.core.quantity.Component;
import itrova.core.quantity.Measured;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Retention;
import itrova.core.vehicle.Wheel;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
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
        List<String> words = new ArrayList<>();
        if (needs.retention().isPresent() && c.end().kind() == AxleEndKind.REAR_LIVE_AXLE) {
            Retention found = c.end().form().retention();
            if (found != needs.retention().get()) {
                return ruling.outright(why("The shaft is held by a " + found.word() + ", the kit is made for a "
                        + needs.retention().get().word() + "."));
            }
            words.add("The shaft is held by a " + found.word() + ", as the kit wants.");
            ruling.satisfied();
        }
        if (needs.rimInches().isPresent()) {
            rim(c, ruling, needs.rimInches().getAsInt(), words);
        }
        needs.axleWidth().ifPresent(range -> range(c, ruling, range, Callout.AXLE_WIDTH, "axle width", words));
        if (c.end().kind() == AxleEndKind.REAR_UPRIGHT) {
            needs.ear().ifPresent(range -> range(c, ruling, range, Callout.EAR_THICKNESS, "caliper ear", words));
        }
        return ruling.finding(
                r -> why(words.isEmpty() ? "What the kit needs was not read yet." : String.join(" ", words)));
    }

    /** The rim's nominal diameter: of a wheel from the wall as its papers say, of the one found by its flange. */
    private static void rim(KitOnSide c, FindingBuilder ruling, int inches, List<String> words) {
        Optional<Wheel> other = c.end().otherWheel();
        if (other.isPresent()) {
            if (other.get().rimInches().isEmpty()) {
                ruling.missing("rim diameter of wheel " + other.get().code());
                return;
            }
            int rim = other.get().rimInches().getAsInt();
            ruling.require("rim diameter", Measured.exact((rim - inches) * INCH));
            words.add(String.format(Locale.ROOT, "The wheel is a %d in one, the kit needs %d in.", rim, inches));
            return;
        }
        Optional<Measured> flange = c.length(Callout.WHEEL_FLANGE);
        ruling.want(flange, Callout.WHEEL_FLANGE);
        flange.ifPresent(f -> {
            Measured seat = f.plus(-2 * FLANGE_HEIGHT)
                    .with(Component.rectangular("rim:flange height", 2 * FLANGE_HEIGHTS_DIFFER));
            ruling.require("rim diameter", seat.plus(HALF_A_CODE - inches * INCH));
            words.add(String.format(
                    Locale.ROOT,
                    "Over its flange the rim is %.0f mm, so about %.1f in; the kit needs %d in.",
                    f.value(),
                    seat.value() / INCH,
                    inches));
        });
    }

    private static void range(
            KitOnSide c,
            FindingBuilder ruling,
            KitNeeds.Range range,
            Callout callout,
            String name,
            List<String> words) {
        Optional<Measured> read = c.length(callout);
        ruling.want(read, callout);
        read.ifPresent(w -> {
            ruling.require(name + ", not too small", w.plus(-range.from()))
                    .require(name + ", not too large", w.times(-1).plus(range.to()));
            words.add(String.format(
                    Locale.ROOT,
                    "%s is %.1f mm, the kit is made for %.1f to %.1f mm.",
                    callout.title(),
                    w.value(),
                    range.from(),
                    range.to()));
        });
    }

    private static Explanation why(String words) {
        return new Explanation(words, FORMULA, List.of(), SOURCE);
    }
}
