package itrova.core.check.mounting;

import itrova.core.check.Check;
import itrova.core.fastener.ShimStack;
import itrova.core.finding.CheckId;
import itrova.core.finding.Explanation;
import itrova.core.finding.Finding;
import itrova.core.finding.FindingBuilder;
import itrova.core.finding.Inputs;
import itrova.core.kit.Bracket;
import itrova.core.kit.KitPart;
import itrova.core.placed.KitOnSide;
import itrova.core.quantity.Measured;
import itrova.core.remedy.Work;
import itrova.core.remedy.WorkKind;
import itrova.core.remedy.WorkOffer;
import itrova.core.settings.Limit;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.Retention;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/**
 * The caliper must come to stand over the disc within the shims that come with the kit. A weld-on bracket is set so at the mock-up.
 */
final class AxleOffsetCheck implements Check {
    static final String FORMULA = "m = s_shims − |A_read − A_kit| − float/2";
    private static final String SOURCE = "Chain from housing face to disc; common practice";
    /** Shims are cut to this (mm). */
    private static final double SHIM_STEP = 0.1;

    @Override
    public CheckId id() {
        return CheckId.AXLE_OFFSET;
    }

    @Override
    public Set<KitPart> reads() {
        return Set.of(KitPart.DISC, KitPart.BRACKET);
    }

    @Override
    public boolean appliesTo(KitOnSide c) {
        return !c.kit().bracket().isWelded() || c.kit().bracket().axleOffset().isPresent();
    }

    @Override
    public Finding judge(KitOnSide c) {
        FindingBuilder ruling = new FindingBuilder(CheckId.AXLE_OFFSET, c);
        Optional<Measured> read = c.hubFace();
        Optional<Measured> wanted = wanted(c);
        ruling.want(read, c.hubFaceCallout()).reads("bracket.shimRange");
        if (c.bringsHub() && c.kit().fitting().hub().get().face().isEmpty()) {
            ruling.missing("how far the face of the kit's hub stands from the bearing shoulder: ask the supplier");
        }
        if (wanted.isEmpty() && c.kit().bracket().mount().caliperPlane().isEmpty()) {
            ruling.missing(
                    "the hub face the kit is made for, or where its bracket holds the caliper: ask the supplier");
        }
        double shims = c.kit().bracket().shimRange();
        plane(c, ruling, shims);
        if (read.isPresent() && wanted.isPresent()) {
            Measured off = read.get().minus(wanted.get()).plus(-c.worked().shims());
            double room = shims - c.halfFloat();
            ruling.require("caliper over disc, shimmed out", off.times(-1).plus(room))
                    .require("caliper over disc, shimmed in", off.plus(room));
        }
        return ruling.finding(r -> new Explanation(
                read.isPresent() && wanted.isPresent()
                        ? String.format(
                                        Locale.ROOT,
                                        "%s is %.1f mm, the kit is made for %.1f mm and can be shimmed %.1f mm either way.",
                                        c.end().kind() == AxleEndKind.REAR_LIVE_AXLE
                                                ? "The axle offset"
                                                : "Bracket face to hub face",
                                        read.get().value(),
                                        wanted.get().value(),
                                        shims)
                                + clip(c)
                                + stack(c, read.get().value() - wanted.get().value())
                        : "Axle offset and the kit's wish cannot be compared yet.",
                FORMULA,
                new Inputs()
                        .add("A_read", read)
                        .add("A_kit", wanted)
                        .add("s_shims", shims, "mm")
                        .add("float/2", c.halfFloat(), "mm")
                        .list(),
                SOURCE));
    }

    /** Where the papers say where the bracket holds the caliper's middle, the disc's must come to stand there. */
    private static void plane(KitOnSide c, FindingBuilder ruling, double shims) {
        Optional<Measured> plane = c.kit()
                .bracket()
                .mount()
                .caliperPlane()
                .map(f -> f.measured(c.kit().source("bracket.caliperPlane")));
        Optional<Measured> disc = c.midPlane();
        if (plane.isPresent() && disc.isPresent()) {
            Measured off = disc.get().minus(plane.get()).plus(-c.worked().shims());
            double room = shims - c.halfFloat();
            ruling.require("disc under the caliper, shimmed out", off.times(-1).plus(room))
                    .require("disc under the caliper, shimmed in", off.plus(room));
        }
    }

    /** What a shaft held by a clip floats, and what is opened to draw it; empty where a bearing holds it. */
    private static String clip(KitOnSide c) {
        return c.end().form().retention() == Retention.C_CLIP && c.end().kind() == AxleEndKind.REAR_LIVE_AXLE
                ? String.format(
                        Locale.ROOT,
                        " The shaft floats %.2f mm between C-clip and pin, deducted at its worse end; to draw it the differential's cover, pin and clips come out, and gasket and oil go back in.",
                        2 * c.halfFloat())
                : "";
    }

    /** The stack of the kit's own shims that comes nearest, in words; empty where none are listed or none is wanted. */
    private static String stack(KitOnSide c, double off) {
        var sizes = c.kit().bracket().mount().shims();
        if (sizes.isEmpty() || off <= 0 || c.kit().bracket().count() == Bracket.COUNT_UNKNOWN) {
            return "";
        }
        ShimStack stack = ShimStack.nearest(off, sizes, 2 * c.kit().bracket().count());
        return String.format(
                Locale.ROOT,
                " Of the shims in the box %s on every bolt comes nearest, %.2f mm off.",
                stack.words(),
                Math.abs(off - stack.thickness()));
    }

    private static Optional<Measured> wanted(KitOnSide c) {
        return c.kit().bracket().axleOffset().map(f -> f.measured(c.kit().source("bracket.axleOffset")));
    }

    @Override
    public List<WorkOffer> remedies(KitOnSide c) {
        Optional<Measured> read = c.hubFace();
        Optional<Measured> wanted = wanted(c);
        if (read.isEmpty() || wanted.isEmpty()) {
            return List.of();
        }
        if (c.kit().contradicts("bracket.shimRange")) {
            return List.of();
        }
        Measured off = read.get().minus(wanted.get());
        if (off.value() < 0) {
            return List.of(WorkOffer.refused(String.format(
                    Locale.ROOT,
                    "The caliper would have to come %.1f mm further inboard: shims cannot do that.",
                    -off.value() - c.kit().bracket().shimRange())));
        }
        double stack = Math.ceil(off.value() / SHIM_STEP) * SHIM_STEP;
        double most = c.settings().of(Limit.SHIM_MOST);
        if (stack > most) {
            return List.of(WorkOffer.refused(String.format(
                    Locale.ROOT,
                    "Shims of %.1f mm under the bracket would be needed, %.1f mm are allowed.",
                    stack,
                    most)));
        }
        return List.of(WorkOffer.of(Work.to(
                WorkKind.SHIM_STACK,
                c.end().side(),
                0,
                stack,
                String.format(Locale.ROOT, "the same stack on every bolt, %.1f mm at most", most))));
    }
}
