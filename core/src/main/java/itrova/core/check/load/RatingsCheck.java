package itrova.core.check.load;

import itrova.core.bearing.WheelBearings;
import itrova.core.bearing.WheelBearings.Standing;
import itrova.core.check.Check;
import itrova.core.fastener.BoltGrade;
import itrova.core.fastener.Thread;
import itrova.core.fastener.Tightening;
import itrova.core.finding.CheckId;
import itrova.core.finding.CommonSource;
import itrova.core.finding.Explanation;
import itrova.core.finding.Finding;
import itrova.core.finding.FindingBuilder;
import itrova.core.finding.Inputs;
import itrova.core.kit.KitPart;
import itrova.core.kit.KitStuds;
import itrova.core.kit.PaperFigure;
import itrova.core.kit.RotorHub;
import itrova.core.kit.TorqueSpec;
import itrova.core.phrase.Amount;
import itrova.core.phrase.Phrase;
import itrova.core.placed.KitOnSide;
import itrova.core.quantity.Component;
import itrova.core.quantity.Measured;
import itrova.core.settings.Limit;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.SheetSource;
import itrova.core.vehicle.Surroundings;
import itrova.core.vehicle.Wheel;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Supplier;

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
            told.ruling.missing(Phrase.of("ratings.axle-s-load-from-its"));
        }
        told.inputs.add("W_wheel", wheelLoad, "kg");
        told.rated(
                Phrase.of("ratings.wheel"),
                "wheel",
                wheelRating(c),
                wheelLoad,
                Phrase.of("ratings.load-rating-wheel-marked-inside"));
        told.rated(
                Phrase.of("ratings.tyre"),
                "tyre",
                c.end().around().tyre().map(Surroundings.Tyre::ratedKg).orElse(OptionalDouble.empty()),
                wheelLoad,
                Phrase.of("ratings.load-rating-tyre-marked-on"));
        told.bearings(wheelLoad);
        told.clamp();
        return told.ruling.finding(r -> new Explanation(
                told.words.isEmpty()
                        ? Phrase.of("ratings.none-these-ratings-known-yet")
                        : told.words.stream().map(Supplier::get).collect(Phrase.joining(" ")),
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
            return half.with(Component.rectangular(SheetSource.LOAD_HALVES, HALVES_DOUBT * half.value()));
        });
    }

    private static OptionalDouble wheelRating(KitOnSide c) {
        return c.end()
                .otherWheel()
                .map(Wheel::ratedKg)
                .orElseGet(() -> c.end().around().details().ratedKg());
    }

    /** What is found, as it is found. */
    private record Told(KitOnSide c, FindingBuilder ruling, List<Supplier<Phrase>> words, Inputs inputs) {

        void rated(Phrase what, String symbol, OptionalDouble rating, Optional<Measured> load, Phrase toRead) {
            if (rating.isEmpty()) {
                ruling.missing(toRead);
                return;
            }
            double kg = rating.getAsDouble();
            inputs.add("W_rated, " + symbol, kg, "kg");
            load.ifPresent(l -> {
                ruling.require(Phrase.of("ratings.rating", what), Measured.through(w -> kg / w[0] - 1, l));
                words.add(() -> Phrase.of(
                        "ratings.rated-for-and-carries",
                        what,
                        Amount.kilograms(kg, 0),
                        Amount.kilograms(l.value(), 0)));
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
                ruling.missing(Phrase.of("ratings.load-ratings-c-e-and"));
            }
            ruling.want(spread, Callout.BEARING_SPREAD);
            if (tyre.isEmpty()) {
                ruling.missing(Phrase.of("ratings.tyre-width-and-diameter"));
            }
            if (line.isEmpty()) {
                ruling.want(c.hubFace(), Callout.SHOULDER)
                        .want(c.length(Callout.SHOULDER), Callout.SHOULDER)
                        .want(c.length(Callout.WHEEL_BACKSPACING), Callout.WHEEL_BACKSPACING)
                        .want(c.length(Callout.WHEEL_OVERALL), Callout.WHEEL_OVERALL);
            }
            ruling.reads(PaperFigure.HUB_FACE, PaperFigure.DISC_HAT_THICKNESS);
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
            life(
                    pair,
                    1,
                    Phrase.of("ratings.side-load-inwards"),
                    wheelLoad.get(),
                    line.get(),
                    spread.get(),
                    tyre.get());
            life(
                    pair,
                    -1,
                    Phrase.of("ratings.side-load-outwards"),
                    wheelLoad.get(),
                    line.get(),
                    spread.get(),
                    tyre.get());
        }

        private void life(
                WheelBearings pair,
                int way,
                Phrase name,
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
            ruling.require(
                    Phrase.of("ratings.bearing-life", name),
                    road.times(1 / wanted).plus(-1));
            words.add(() -> Phrase.of(
                    "ratings.with-nine-ten-bearings-reach",
                    name,
                    Amount.kilometres(road.value(), 0),
                    Amount.kilometres(wanted, 0)));
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
                    ruling.missing(Phrase.of("ratings.studs-kit-s-hub-their"));
                }
                return;
            }
            Optional<Double> torque = c.kit().torques().stream()
                    .filter(t -> t.place() == TorqueSpec.Place.WHEEL_NUT)
                    .map(TorqueSpec::torque)
                    .findFirst();
            Optional<BoltGrade> grade = studs.get().grade();
            if (torque.isEmpty()) {
                ruling.missing(Phrase.of("ratings.torque-wheel-nuts-ask-supplier"));
            }
            if (grade.isEmpty()) {
                ruling.missing(Phrase.of("ratings.strength-grade-kit-s-studs"));
            }
            if (torque.isEmpty() || grade.isEmpty()) {
                return;
            }
            Thread thread = studs.get().thread();
            double share = Tightening.preload(torque.get(), NUT_FACTOR, thread)
                    / grade.get().proofLoad(thread);
            Measured clamp = Measured.of(
                    share, Component.rectangular(CommonSource.WHEEL_NUT_FRICTION, NUT_FACTOR_DOUBT * share));
            ruling.require(Phrase.of("ratings.stud-clamp-enough"), clamp.plus(-LEAST_PRELOAD))
                    .require(
                            Phrase.of("ratings.stud-clamp-not-too-much"),
                            clamp.times(-1).plus(MOST_PRELOAD));
            inputs.add("T", torque.get(), "N·m");
            words.add(() -> Phrase.of(
                    "ratings.on-stud-its-proof-load",
                    Amount.newtonMetres(torque.get(), 0),
                    thread.designation(),
                    grade.get(),
                    Amount.number(100 * share, 0)));
        }
    }
}
