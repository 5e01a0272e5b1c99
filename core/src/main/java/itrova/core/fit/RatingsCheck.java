package itrova.core.fit;

import itrova.core.bearing.HubLoads;
import itrova.core.bearing.RollingLife;
import itrova.core.fastener.BoltGrade;
import itrova.core.fastener.Thread;
import itrova.core.fastener.Tightening;
import itrova.core.kit.KitStuds;
import itrova.core.kit.RotorHub;
import itrova.core.kit.TorqueSpec;
import itrova.core.quantity.Measured;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Surroundings;
import itrova.core.vehicle.Wheel;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Collectors;

/** What else carries the axle's load, as far as its figures are known: wheel, tyre, the hub's bearings, the studs' clamp. */
final class RatingsCheck implements Check {
    static final String FORMULA =
            "W_rated − W_axle/2; L10 = (C/P)^(10/3); 0.4 ≤ T/(K·d)/F_proof ≤ 0.9, all as shares of what is wanted";
    private static final String SOURCE =
            "ISO 281:2007; SAE J429 and ISO 898-1 proof loads; preload T/(K·d) with K = 0.20 (Shigley); side load of a tenth of the wheel's: common practice";
    private static final double GRAVITY = 9.80665;
    private static final double NUT_FACTOR = 0.20;
    private static final double LEAST_PRELOAD = 0.40;
    private static final double MOST_PRELOAD = 0.90;
    private static final double SIDE_SHARE = 0.10;

    @Override
    public CheckId id() {
        return CheckId.RATINGS;
    }

    @Override
    public Finding judge(FitCase c) {
        Ruling ruling = new Ruling(CheckId.RATINGS, c, "share");
        List<Supplier<String>> words = new ArrayList<>();
        c.load().ifPresent(load -> {
            double wheel = load.kg() / 2;
            rated(
                    ruling,
                    words,
                    "wheel",
                    c.end().otherWheel().map(Wheel::ratedKg).orElse(java.util.OptionalDouble.empty()),
                    wheel);
            rated(
                    ruling,
                    words,
                    "tyre",
                    c.end().around().tyre().map(Surroundings.Tyre::ratedKg).orElse(java.util.OptionalDouble.empty()),
                    wheel);
            bearings(c, ruling, words, wheel * GRAVITY);
        });
        clamp(c, ruling, words);
        if (words.isEmpty()) {
            ruling.missing("ratings of wheel, tyre, bearings and the studs' grade");
        }
        return ruling.finding(r -> new Explanation(
                words.isEmpty()
                        ? "None of these ratings is known yet."
                        : words.stream().map(Supplier::get).collect(Collectors.joining(" ")),
                FORMULA,
                List.of(),
                SOURCE));
    }

    private static void rated(
            Ruling ruling, List<Supplier<String>> words, String what, java.util.OptionalDouble rating, double load) {
        rating.ifPresent(kg -> {
            ruling.require(what + " rating", Measured.exact(kg / load - 1));
            words.add(() -> Say.text("The %s is rated for %.0f kg and carries %.0f kg.", what, kg, load));
        });
    }

    private static void bearings(FitCase c, Ruling ruling, List<Supplier<String>> words, double wheelLoad) {
        Optional<RotorHub> hub = c.kit().fitting().hub();
        Optional<Surroundings.Tyre> tyre = c.end().around().tyre();
        Optional<Measured> spread = c.length(Callout.BEARING_SPREAD);
        if (hub.isEmpty() || tyre.isEmpty() || spread.isEmpty()) {
            return;
        }
        Optional<RotorHub.Rating> inner = hub.get().inner().rating();
        Optional<RotorHub.Rating> outer = hub.get().outer().rating();
        if (inner.isEmpty() || outer.isEmpty()) {
            return;
        }
        HubLoads loads = HubLoads.of(
                wheelLoad,
                SIDE_SHARE * wheelLoad,
                spread.get().value() / 3,
                spread.get().value(),
                tyre.get().diameter() / 2,
                inner.get().y(),
                outer.get().y());
        double road = Math.min(
                road(
                        inner.get(),
                        loads.innerRadial(),
                        loads.innerAxial(),
                        tyre.get().diameter()),
                road(
                        outer.get(),
                        loads.outerRadial(),
                        loads.outerAxial(),
                        tyre.get().diameter()));
        double wanted = c.settings().of(Limit.BEARING_ROAD);
        ruling.require("bearing life", Measured.exact(Math.min(road / wanted, 10) - 1));
        words.add(() -> Say.text("Nine of ten bearings reach %.0f km, %.0f km are wanted.", road, wanted));
    }

    private static double road(RotorHub.Rating rating, double radial, double axial, double tyre) {
        double p = RollingLife.equivalent(radial, axial, rating.e(), rating.y());
        return RollingLife.road(RollingLife.millionTurns(rating.dynamic(), p), tyre);
    }

    private static void clamp(FitCase c, Ruling ruling, List<Supplier<String>> words) {
        Optional<Double> torque = c.kit().torques().stream()
                .filter(t -> t.fastener().toLowerCase(Locale.ROOT).contains("wheel nut"))
                .map(TorqueSpec::torque)
                .findFirst();
        Optional<Thread> thread = c.studThread();
        Optional<BoltGrade> grade = c.kit().studs().flatMap(KitStuds::grade);
        if (torque.isEmpty() || thread.isEmpty() || grade.isEmpty()) {
            return;
        }
        double share = Tightening.preload(torque.get(), NUT_FACTOR, thread.get())
                / grade.get().proofLoad(thread.get());
        ruling.require("stud clamp, enough", Measured.exact(share - LEAST_PRELOAD))
                .require("stud clamp, not too much", Measured.exact(MOST_PRELOAD - share));
        words.add(() -> Say.text(
                "%.0f N·m on a %s stud of %s is %.0f %% of its proof load.",
                torque.get(), thread.get().designation(), grade.get().word(), 100 * share));
    }
}
