package itrova.core.check.load;

import itrova.core.bearing.WheelBearings;
import itrova.core.bearing.WheelBearings.Standing;
import itrova.core.check.Check;
import itrova.core.fastener.BoltGrade;
import itrova.core.fastener.Thread;
import itrova.core.fastener.Tightening;
import itrova.core.finding.CheckId;
import itrova.core.finding.Explanation;
import itrova.core.finding.Finding;
import itrova.core.finding.FindingBuilder;
import itrova.core.finding.Inputs;
import itrova.core.kit.KitPart;
import itrova.core.kit.KitStuds;
import itrova.core.kit.RotorHub;
import itrova.core.kit.TorqueSpec;
import itrova.core.placed.KitOnSide;
import itrova.core.quantity.Component;
import itrova.core.quantity.Measured;
import itrova.core.settings.Limit;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Surroundings;
import itrova.core.vehicle.Wheel;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Collectors;

/**
 * What else carries the axle's load: wheel, tyre, the bearings of the kit's own hub, the clamp of the kit's own studs.
 *
 * <p>The vehicle's own bearings and studs stay as they were and are not judged here: nothing about them is measured that would tell.
 */
final class RatingsCheck implements Check {
    static final String FORMULA =
            "W_rated/W_wheel − 1, W_wheel = W_axle·(1 + i)/2; L10 = (C/P)^(10/3); 0.4 ≤ T/(K·d)/F_proof ≤ 0.9, all as shares of what is wanted";
    private static final String SOURCE =
            "ISO 281:2007; SAE J429 and ISO 898-1 proof loads; preload T/(K·d) with K = 0.20 ± 25 % (Shigley); side load of a tenth of the wheel's either way, two wheels of an axle alike to 3 %: common practice";
    private static final double GRAVITY = 9.80665;
    private static final double NUT_FACTOR = 0.20;
    private static final double NUT_FACTOR_DOUBT = 0.25;
    private static final double LEAST_PRELOAD = 0.40;
    private static final double MOST_PRELOAD = 0.90;
    private static final double SIDE_SHARE = 0.10;
    private static final double HALVES_DOUBT = 0.03;

    @Override
    public CheckId id() {
        return CheckId.RATINGS;
    }

    @Override
    public Set<KitPart> reads() {
        return KitPart.ALL;
    }

    @Override
    public Finding judge(KitOnSide c) {
        Told told = new Told(c, new FindingBuilder(CheckId.RATINGS, c, "share"), new ArrayList<>(), new Inputs());
        Optional<Measured> wheelLoad = wheelLoad(c);
        if (wheelLoad.isEmpty()) {
            told.ruling.missing("the axle's load: from its plate or the weighbridge");
        }
        told.inputs.add("W_wheel", wheelLoad, "kg");
        told.rated("wheel", wheelRating(c), wheelLoad, "load rating of the wheel: marked inside it, or ask its maker");
        told.rated(
                "tyre",
                c.end().around().tyre().map(Surroundings.Tyre::ratedKg).orElse(OptionalDouble.empty()),
                wheelLoad,
                "load rating of the tyre: marked on its side");
        told.bearings(wheelLoad);
        told.clamp();
        return told.ruling.finding(r -> new Explanation(
                told.words.isEmpty()
                        ? "None of these ratings is known yet."
                        : told.words.stream().map(Supplier::get).collect(Collectors.joining(" ")),
                FORMULA,
                told.inputs.list(),
                SOURCE));
    }

    /** Load of one wheel (kg): half the axle's, with what a trailer's axle may carry over its share. */
    private static Optional<Measured> wheelLoad(KitOnSide c) {
        double imbalance =
                c.end().kind() == AxleEndKind.TRAILER_SPINDLE ? c.settings().of(Limit.IMBALANCE) : 0;
        return c.load().map(load -> {
            Measured half = load.measured().times((1 + imbalance) / 2);
            return half.with(Component.rectangular("load:halves", HALVES_DOUBT * half.value()));
        });
    }

    private static OptionalDouble wheelRating(KitOnSide c) {
        return c.end()
                .otherWheel()
                .map(Wheel::ratedKg)
                .orElseGet(() -> c.end().around().details().ratedKg());
    }

    /** What is found, as it is found. */
    private record Told(KitOnSide c, FindingBuilder ruling, List<Supplier<String>> words, Inputs inputs) {

        void rated(String what, OptionalDouble rating, Optional<Measured> load, String toRead) {
            if (rating.isEmpty()) {
                ruling.missing(toRead);
                return;
            }
            double kg = rating.getAsDouble();
            inputs.add("W_rated, " + what, kg, "kg");
            load.ifPresent(l -> {
                ruling.require(what + " rating", Measured.through(w -> kg / w[0] - 1, l));
                words.add(() -> String.format(
                        Locale.ROOT, "The %s is rated for %.0f kg and carries %.0f kg.", what, kg, l.value()));
            });
        }

        /** The life of new bearings, where the wheel will stand, with side loads either way. */
        void bearings(Optional<Measured> wheelLoad) {
            Optional<RotorHub> hub = c.kit().fitting().hub();
            if (hub.isEmpty() || !c.end().kind().hasSpindle()) {
                return;
            }
            Optional<RotorHub.Rating> inner = hub.get().inner().rating();
            Optional<RotorHub.Rating> outer = hub.get().outer().rating();
            Optional<Measured> spread = c.length(Callout.BEARING_SPREAD);
            Optional<Surroundings.Tyre> tyre = c.end().around().tyre();
            Optional<Measured> line = line();
            if (inner.isEmpty() || outer.isEmpty()) {
                ruling.missing("load ratings C, e and Y of the kit's bearings: ask the supplier");
            }
            ruling.want(spread, Callout.BEARING_SPREAD);
            if (tyre.isEmpty()) {
                ruling.missing("tyre width and diameter");
            }
            if (line.isEmpty()) {
                ruling.want(c.hubFace(), Callout.SHOULDER)
                        .want(c.length(Callout.SHOULDER), Callout.SHOULDER)
                        .want(c.length(Callout.WHEEL_BACKSPACING), Callout.WHEEL_BACKSPACING)
                        .want(c.length(Callout.WHEEL_OVERALL), Callout.WHEEL_OVERALL);
            }
            ruling.reads("hub.face", "disc.hatThickness");
            inputs.add("wheel's centre plane outboard of the large bearing", line)
                    .add("bearing spread", spread);
            if (inner.isEmpty()
                    || outer.isEmpty()
                    || spread.isEmpty()
                    || tyre.isEmpty()
                    || line.isEmpty()
                    || wheelLoad.isEmpty()) {
                return;
            }
            WheelBearings pair = new WheelBearings(rating(inner.get()), rating(outer.get()));
            life(pair, 1, "side load inwards", wheelLoad.get(), line.get(), spread.get(), tyre.get());
            life(pair, -1, "side load outwards", wheelLoad.get(), line.get(), spread.get(), tyre.get());
        }

        private void life(
                WheelBearings pair,
                int way,
                String name,
                Measured load,
                Measured line,
                Measured spread,
                Surroundings.Tyre tyre) {
            double wanted = c.settings().of(Limit.BEARING_ROAD);
            Measured road = Measured.through(
                    v -> pair.road(new Standing(
                            v[0] * GRAVITY, way * SIDE_SHARE * v[0] * GRAVITY, v[1], v[2], tyre.diameter())),
                    load,
                    line,
                    spread);
            ruling.require("bearing life, " + name, road.times(1 / wanted).plus(-1));
            words.add(() -> String.format(
                    Locale.ROOT,
                    "With %s nine of ten bearings reach %.0f km, %.0f km are wanted.",
                    name,
                    road.value(),
                    wanted));
        }

        /** How far the wheel's centre plane stands outboard of the large bearing's shoulder (mm). */
        private Optional<Measured> line() {
            Optional<Measured> face = c.hubFace();
            Optional<Measured> shoulder = c.length(Callout.SHOULDER);
            Optional<Measured> offset = c.end().wheelOffset();
            return face.isEmpty() || shoulder.isEmpty() || offset.isEmpty()
                    ? Optional.empty()
                    : Optional.of(face.get()
                            .minus(shoulder.get())
                            .plus(c.hat())
                            .plus(c.worked().spacer())
                            .minus(offset.get()));
        }

        private static WheelBearings.Rating rating(RotorHub.Rating r) {
            return new WheelBearings.Rating(r.dynamic(), r.e(), r.y());
        }

        /** The clamp of studs the kit brings. */
        void clamp() {
            Optional<KitStuds> studs = c.kit().studs();
            if (studs.isEmpty()) {
                if (c.bringsHub()) {
                    ruling.missing("the studs of the kit's hub, their thread and strength grade: ask the supplier");
                }
                return;
            }
            Optional<Double> torque = c.kit().torques().stream()
                    .filter(t -> t.place() == TorqueSpec.Place.WHEEL_NUT)
                    .map(TorqueSpec::torque)
                    .findFirst();
            Optional<BoltGrade> grade = studs.get().grade();
            if (torque.isEmpty()) {
                ruling.missing("torque of the wheel nuts: ask the supplier");
            }
            if (grade.isEmpty()) {
                ruling.missing("strength grade of the kit's studs: ask the supplier");
            }
            if (torque.isEmpty() || grade.isEmpty()) {
                return;
            }
            Thread thread = studs.get().thread();
            double share = Tightening.preload(torque.get(), NUT_FACTOR, thread)
                    / grade.get().proofLoad(thread);
            Measured clamp =
                    Measured.of(share, Component.rectangular("friction:the wheel nuts", NUT_FACTOR_DOUBT * share));
            ruling.require("stud clamp, enough", clamp.plus(-LEAST_PRELOAD))
                    .require("stud clamp, not too much", clamp.times(-1).plus(MOST_PRELOAD));
            inputs.add("T", torque.get(), "N·m");
            words.add(() -> String.format(
                    Locale.ROOT,
                    "%.0f N·m on a %s stud of %s is %.0f %% of its proof load.",
                    torque.get(),
                    thread.designation(),
                    grade.get().word(),
                    100 * share));
        }
    }
}
