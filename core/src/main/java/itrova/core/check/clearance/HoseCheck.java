package itrova.core.check.clearance;

import itrova.core.check.Check;
import itrova.core.clearance.HoseBend;
import itrova.core.clearance.HoseToTyre;
import itrova.core.clearance.HoseToTyre.Ring;
import itrova.core.clearance.Sweep;
import itrova.core.fastener.Fittings;
import itrova.core.fastener.Thread;
import itrova.core.finding.CheckId;
import itrova.core.finding.Explanation;
import itrova.core.finding.Finding;
import itrova.core.finding.FindingBuilder;
import itrova.core.finding.Inputs;
import itrova.core.geometry.Point3;
import itrova.core.kit.CaliperPlumbing.Port;
import itrova.core.kit.Figure;
import itrova.core.kit.Hose;
import itrova.core.kit.KitPart;
import itrova.core.kit.PaperFigure;
import itrova.core.phrase.Amount;
import itrova.core.phrase.Phrase;
import itrova.core.placed.KitOnSide;
import itrova.core.quantity.Component;
import itrova.core.quantity.Measured;
import itrova.core.remedy.NewPart;
import itrova.core.remedy.Work;
import itrova.core.remedy.WorkKind;
import itrova.core.remedy.WorkOffer;
import itrova.core.settings.Limit;
import itrova.core.vehicle.AroundSource;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Surroundings;
import itrova.core.vehicle.Surroundings.Tyre;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/** The kit's hose must reach at every corner of lock and travel, bend no sharper than allowed, and screw in at both ends. */
final class HoseCheck implements Check {
    static final String FORMULA = "m = L − k·c_max; m = R(L, c_min) − R_min, c = 2R·sin(L/2R)";
    private static final String SOURCE =
            "Greatest and least distance of the hose's ends over lock and travel; slack factor and one arc are common practice; least bend from the maker, else 5 outside diameters";
    /** Hoses are made up in lengths that step by this (mm). */
    private static final double LENGTH_STEP = 5;
    /** How far off the end on the chassis may be measured (mm); tape. */
    private static final double END_HALF_LIMIT = 2;

    @Override
    public CheckId id() {
        return CheckId.HOSE;
    }

    @Override
    public Set<KitPart> reads() {
        return KitPart.ALL;
    }

    @Override
    public boolean isCostly() {
        return true;
    }

    @Override
    public boolean appliesTo(KitOnSide c) {
        return c.kit().fitting().hose().isPresent();
    }

    @Override
    public Finding judge(KitOnSide c) {
        Hose hose = c.kit().fitting().hose().orElseThrow();
        FindingBuilder ruling = new FindingBuilder(CheckId.HOSE, c);
        Surroundings around = c.end().around();
        Optional<Port> port = c.kit().caliper().plumbing().port();
        if (port.isEmpty()) {
            ruling.missing(Phrase.of("hose.where-hose-port-on-caliper"));
        }
        if (around.hose().isEmpty()) {
            ruling.missing(Phrase.of("hose.where-hose-meets-vehicle"));
        }
        Optional<double[]> chord = chord(c);
        List<Phrase> words = new ArrayList<>();
        chord.ifPresent(ends -> {
            Measured length = hose.length().measured(c.kit().source(PaperFigure.HOSE_LENGTH));
            Component place = ends(c);
            double slack = c.settings().of(Limit.HOSE_SLACK);
            ruling.require(
                    Phrase.of("hose.long-enough"), length.plus(-slack * ends[1]).with(place));
            double bend = HoseBend.radius(hose.length().value(), ends[0]);
            if (Double.isFinite(bend)) {
                ruling.require(Phrase.of("hose.bend"), bendMargin(hose, ends[0], bend, length, place));
            }
            words.add(Phrase.of(
                    "hose.its-ends-apart-over-lock",
                    Amount.mm(ends[0], 0).asBare(),
                    Amount.mm(ends[1], 0),
                    Amount.mm(hose.length().value(), 0),
                    Double.isFinite(bend) ? Phrase.of("hose.and-bends-radius", Amount.mm(bend, 0)) : ""));
        });
        besideTyre(c, ruling, words);
        if (chord.isEmpty() && port.isPresent() && around.hose().isPresent()) {
            ruling.missing(Phrase.of("hose.hub-face-travel-and-where"));
        }
        Optional<Phrase> clash = c.worked().adapted() ? Optional.empty() : threadClash(c, hose);
        if (clash.isPresent()) {
            return ruling.outright(new Explanation(clash.get(), FORMULA, List.of(), SOURCE));
        }
        around.hose().ifPresent(end -> {
            if (end.thread().isEmpty()) {
                ruling.missing(Phrase.of("hose.thread-fitting-where-hose-meets"));
            }
        });
        return ruling.finding(r -> new Explanation(
                words.isEmpty() ? Phrase.of("hose.hose-s-reach-cannot-be") : Phrase.joined(" ", words),
                FORMULA,
                new Inputs()
                        .add("L", hose.length().measured(c.kit().source(PaperFigure.HOSE_LENGTH)))
                        .add("c_max", chord.map(e -> Measured.exact(e[1])))
                        .add("c_min", chord.map(e -> Measured.exact(e[0])))
                        .add("R_min", hose.leastBend(), "mm")
                        .add("k", c.settings().of(Limit.HOSE_SLACK), "")
                        .list(),
                SOURCE));
    }

    /** Straight between its ends the hose must keep away from the tyre, chains put on; how it hangs is seen when it is laid in. */
    private static void besideTyre(KitOnSide c, FindingBuilder ruling, List<Phrase> words) {
        Surroundings around = c.end().around();
        Optional<Point3> port = port(c);
        Optional<Measured> plane = SweepCheck.tyrePlane(c);
        if (around.tyre().isEmpty()) {
            ruling.missing(Phrase.of("hose.tyre-width-and-diameter"));
        } else {
            ruling.want(c.length(Callout.WHEEL_BACKSPACING), Callout.WHEEL_BACKSPACING)
                    .want(c.length(Callout.WHEEL_OVERALL), Callout.WHEEL_OVERALL);
        }
        if (port.isEmpty()
                || plane.isEmpty()
                || around.tyre().isEmpty()
                || around.hose().isEmpty()) {
            return;
        }
        Tyre tyre = around.tyre().get();
        HoseToTyre beside = new HoseToTyre(
                c.end().kind().isSteered() ? around.steering() : Optional.empty(),
                around.travel().orElseThrow());
        Point3 end = around.hose().get().at();
        Ring ring = ring(c, plane.get().value(), tyre);
        double least = beside.least(port.get(), end, ring);
        Measured margin = besideTyre(c, plane.get(), least);
        Measured ofEnd = besideTyre(c, plane.get(), beside.leastOfEnd(end, ring));
        ruling.require(
                tyre.chains() > 0 ? Phrase.of("hose.hose-tyre-with-chains") : Phrase.of("hose.hose-tyre"),
                margin,
                ofEnd);
        if (margin.value() - margin.expanded() < 0 && ofEnd.value() + ofEnd.expanded() >= 0) {
            ruling.missing(Phrase.of("hose.how-hose-led-past-tyre"));
        }
        words.add(Phrase.of(
                "hose.straight-between-its-ends-tyre",
                least >= 0 ? Phrase.of("hose.clears") : Phrase.of("hose.would-run-into"),
                tyre.chains() > 0 ? Phrase.of("hose.with-chains", Amount.mm(tyre.chains(), 0)) : "",
                Amount.mm(Math.abs(least), 0)));
    }

    private static Measured besideTyre(KitOnSide c, Measured plane, double distance) {
        return plane.at(distance - c.settings().of(Limit.SOFT_GAP)).with(ends(c));
    }

    private static Component ends(KitOnSide c) {
        return Component.rectangular(AroundSource.of(c.end().side(), "hose end"), halfLimit(c));
    }

    /** How far the hose's ends may be off each other (mm): by where they are, and by how far steering carries the one on the caliper. */
    private static double halfLimit(KitOnSide c) {
        return END_HALF_LIMIT
                + c.end()
                        .around()
                        .steering()
                        .map(s -> s.doubtAt(Math.max(s.lockIn(), s.lockOut())))
                        .orElse(0.0);
    }

    /** The tyre with its chains, from the rim outwards. */
    private static Ring ring(KitOnSide c, double plane, Tyre tyre) {
        double half = tyre.width() / 2 + tyre.chains();
        double seat = c.end().barrel().stream()
                .mapToDouble(s -> s.size().value() / 2)
                .max()
                .orElse(0);
        return new Ring(plane - half, plane + half, seat, tyre.diameter() / 2 + tyre.chains());
    }

    private static Measured bendMargin(Hose hose, double chord, double bend, Measured length, Component place) {
        double step = 0.5;
        double byLength = (HoseBend.radius(hose.length().value() + step, chord) - bend) / step;
        double byChord = (HoseBend.radius(hose.length().value(), Math.max(0, chord - step)) - bend) / -step;
        return length.times(byLength)
                .with(new Component(place.source(), place.effect() * byChord, place.dof()))
                .at(bend - hose.leastBend());
    }

    private static Optional<Phrase> threadClash(KitOnSide c, Hose hose) {
        Optional<Thread> port = c.kit().caliper().plumbing().port().map(Port::thread);
        if (port.isPresent() && !port.get().equals(hose.caliperEnd())) {
            return Optional.of(Phrase.of(
                    "hose.hose-ends-in-caliper-s",
                    hose.caliperEnd().designation(),
                    port.get().designation()));
        }
        Optional<Thread> chassis = c.end().around().hose().flatMap(Surroundings.HoseEnd::thread);
        if (chassis.isPresent() && !chassis.get().equals(hose.chassisEnd())) {
            return Optional.of(Phrase.of(
                    "hose.hose-ends-in-vehicle-s",
                    hose.chassisEnd().designation(),
                    chassis.get().designation()));
        }
        return Optional.empty();
    }

    /** Least and greatest distance of the hose's ends (mm); absent until all it hangs on is known. */
    private static Optional<double[]> chord(KitOnSide c) {
        Surroundings around = c.end().around();
        return around.hose().flatMap(end -> port(c).map(moving -> new Sweep(
                        c.end().kind().isSteered() ? around.steering() : Optional.empty(),
                        around.travel().orElseThrow())
                .chord(moving, end.at())));
    }

    /** Where the hose screws into the caliper (mm), straight ahead at ride height; absent until all its motion hangs on is known. */
    private static Optional<Point3> port(KitOnSide c) {
        Surroundings around = c.end().around();
        Optional<Port> port = c.kit().caliper().plumbing().port();
        Optional<Measured> midPlane = c.midPlane();
        OptionalDouble clock = c.clock();
        boolean steeringKnown = !c.end().kind().isSteered() || around.steering().isPresent();
        if (port.isEmpty()
                || midPlane.isEmpty()
                || clock.isEmpty()
                || around.travel().isEmpty()
                || !steeringKnown) {
            return Optional.empty();
        }
        double angle = Math.toRadians(clock.getAsDouble() + port.get().place().clock());
        double radius = port.get().place().radius();
        return Optional.of(new Point3(
                midPlane.get().value() + port.get().x(), radius * Math.sin(angle), radius * Math.cos(angle)));
    }

    @Override
    public List<WorkOffer> remedies(KitOnSide c) {
        Hose hose = c.kit().fitting().hose().orElseThrow();
        if (!c.worked().adapted() && threadClash(c, hose).isPresent()) {
            return List.of(adapters(c, hose));
        }
        Optional<double[]> chord = chord(c);
        if (chord.isEmpty()) {
            return List.of();
        }
        double wanted = c.settings().of(Limit.HOSE_SLACK) * chord.get()[1]
                + 2 * halfLimit(c)
                + 2 * WorkKind.OTHER_HOSE.tolerance();
        double length = Math.ceil(wanted / LENGTH_STEP) * LENGTH_STEP;
        double bend = HoseBend.radius(length, chord.get()[0]);
        if (bend < hose.leastBend()) {
            return List.of(WorkOffer.refused(Phrase.of(
                    "hose.hose-would-reach-but-bend",
                    Amount.mm(length, 0),
                    Amount.mm(bend, 0),
                    Amount.mm(hose.leastBend(), 0))));
        }
        return List.of(WorkOffer.of(Work.with(
                WorkKind.OTHER_HOSE,
                c.end().side(),
                new NewPart.OtherHose(hose.withLength(Figure.stated(length, WorkKind.OTHER_HOSE.tolerance()))),
                Phrase.of("hose.free-length-same-ends", Amount.mm(length, 0)))));
    }

    private static WorkOffer adapters(KitOnSide c, Hose hose) {
        List<String> chains = new ArrayList<>();
        Optional<Thread> port = c.kit().caliper().plumbing().port().map(Port::thread);
        Optional<Thread> chassis = c.end().around().hose().flatMap(Surroundings.HoseEnd::thread);
        for (Thread[] joint : new Thread[][] {
            {hose.caliperEnd(), port.orElse(hose.caliperEnd())},
            {hose.chassisEnd(), chassis.orElse(hose.chassisEnd())}
        }) {
            if (joint[0].equals(joint[1])) {
                continue;
            }
            Optional<String> chain = Fittings.chain(joint[0], joint[1]);
            if (chain.isEmpty()) {
                return WorkOffer.refused(
                        Phrase.of("hose.no-chain-at-most-two", joint[0].designation(), joint[1].designation()));
            }
            chains.add(chain.get());
        }
        return WorkOffer.of(Work.with(
                WorkKind.ADAPTERS,
                c.end().side(),
                new NewPart.Adapters(String.join("; ", chains)),
                Phrase.joined("; ", chains)));
    }
}
