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
import itrova.core.placed.KitOnSide;
import itrova.core.quantity.Component;
import itrova.core.quantity.Measured;
import itrova.core.remedy.NewPart;
import itrova.core.remedy.Work;
import itrova.core.remedy.WorkKind;
import itrova.core.remedy.WorkOffer;
import itrova.core.settings.Limit;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Surroundings;
import itrova.core.vehicle.Surroundings.Tyre;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
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
            ruling.missing("where the hose port is on the caliper: ask the supplier");
        }
        if (around.hose().isEmpty()) {
            ruling.missing("where the hose meets the vehicle");
        }
        Optional<double[]> chord = chord(c);
        List<String> words = new ArrayList<>();
        chord.ifPresent(ends -> {
            Measured length = hose.length().measured(c.kit().source("hose.length"));
            Component place = Component.rectangular("around:" + c.end().side() + ":hose end", END_HALF_LIMIT);
            double slack = c.settings().of(Limit.HOSE_SLACK);
            ruling.require("long enough", length.plus(-slack * ends[1]).with(place));
            double bend = HoseBend.radius(hose.length().value(), ends[0]);
            if (Double.isFinite(bend)) {
                ruling.require("bend", bendMargin(hose, ends[0], bend, length, place));
            }
            words.add(String.format(
                    Locale.ROOT,
                    "Its ends are %.0f to %.0f mm apart over lock and travel; the hose is %.0f mm long%s.",
                    ends[0],
                    ends[1],
                    hose.length().value(),
                    Double.isFinite(bend)
                            ? String.format(Locale.ROOT, " and bends to a radius of %.0f mm", bend)
                            : ""));
        });
        besideTyre(c, ruling, words);
        if (chord.isEmpty() && port.isPresent() && around.hose().isPresent()) {
            ruling.missing("hub face, travel and, where steered, king-pin axis and locks");
        }
        Optional<String> clash = c.worked().adapted() ? Optional.empty() : threadClash(c, hose);
        if (clash.isPresent()) {
            return ruling.outright(new Explanation(clash.get(), FORMULA, List.of(), SOURCE));
        }
        around.hose().ifPresent(end -> {
            if (end.thread().isEmpty()) {
                ruling.missing("thread of the fitting where the hose meets the vehicle");
            }
        });
        return ruling.finding(r -> new Explanation(
                words.isEmpty() ? "The hose's reach cannot be worked out yet." : String.join(" ", words),
                FORMULA,
                new Inputs()
                        .add("L", hose.length().measured(c.kit().source("hose.length")))
                        .add("c_max", chord.map(e -> Measured.exact(e[1])))
                        .add("c_min", chord.map(e -> Measured.exact(e[0])))
                        .add("R_min", hose.leastBend(), "mm")
                        .add("k", c.settings().of(Limit.HOSE_SLACK), "")
                        .list(),
                SOURCE));
    }

    /** Straight between its ends the hose must keep away from the tyre, chains put on; how it hangs is seen when it is laid in. */
    private static void besideTyre(KitOnSide c, FindingBuilder ruling, List<String> words) {
        Surroundings around = c.end().around();
        Optional<Point3> port = port(c);
        Optional<Measured> plane = SweepCheck.tyrePlane(c);
        if (around.tyre().isEmpty()) {
            ruling.missing("tyre width and diameter");
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
        ruling.require(tyre.chains() > 0 ? "hose to tyre with chains" : "hose to tyre", margin, ofEnd);
        if (margin.value() - margin.expanded() < 0 && ofEnd.value() + ofEnd.expanded() >= 0) {
            ruling.missing("how the hose is led past the tyre: lay it in at full lock and travel");
        }
        words.add(String.format(
                Locale.ROOT,
                "Straight between its ends it %s the tyre%s by %.0f mm: lay it in at full lock and travel.",
                least >= 0 ? "clears" : "would run into",
                tyre.chains() > 0 ? String.format(Locale.ROOT, " with chains of %.0f mm", tyre.chains()) : "",
                Math.abs(least)));
    }

    private static Measured besideTyre(KitOnSide c, Measured plane, double distance) {
        return plane.at(distance - c.settings().of(Limit.SOFT_GAP))
                .with(Component.rectangular("around:" + c.end().side() + ":hose end", END_HALF_LIMIT));
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

    private static Optional<String> threadClash(KitOnSide c, Hose hose) {
        Optional<Thread> port = c.kit().caliper().plumbing().port().map(Port::thread);
        if (port.isPresent() && !port.get().equals(hose.caliperEnd())) {
            return Optional.of("The hose ends in " + hose.caliperEnd().designation() + ", the caliper's port is "
                    + port.get().designation() + ".");
        }
        Optional<Thread> chassis = c.end().around().hose().flatMap(Surroundings.HoseEnd::thread);
        if (chassis.isPresent() && !chassis.get().equals(hose.chassisEnd())) {
            return Optional.of("The hose ends in " + hose.chassisEnd().designation() + ", the vehicle's line in "
                    + chassis.get().designation() + ".");
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
                + 2 * END_HALF_LIMIT
                + 2 * WorkKind.OTHER_HOSE.tolerance();
        double length = Math.ceil(wanted / LENGTH_STEP) * LENGTH_STEP;
        double bend = HoseBend.radius(length, chord.get()[0]);
        if (bend < hose.leastBend()) {
            return List.of(WorkOffer.refused(String.format(
                    Locale.ROOT,
                    "A hose of %.0f mm would reach but bend to %.0f mm, %.0f mm are allowed: move its end on the vehicle.",
                    length,
                    bend,
                    hose.leastBend())));
        }
        return List.of(WorkOffer.of(Work.with(
                WorkKind.OTHER_HOSE,
                c.end().side(),
                new NewPart.OtherHose(hose.withLength(Figure.stated(length, WorkKind.OTHER_HOSE.tolerance()))),
                String.format(Locale.ROOT, "%.0f mm free length, same ends", length))));
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
                return WorkOffer.refused("No chain of at most two adapters joins " + joint[0].designation() + " to "
                        + joint[1].designation() + ": have a hose made with the right ends.");
            }
            chains.add(chain.get());
        }
        String words = String.join("; ", chains);
        return WorkOffer.of(Work.with(WorkKind.ADAPTERS, c.end().side(), new NewPart.Adapters(words), words));
    }
}
