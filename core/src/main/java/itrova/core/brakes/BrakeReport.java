package itrova.core.brakes;

import itrova.core.brakes.BrakeCircuit.Parking;
import itrova.core.brakes.BrakeCircuit.Residual;
import itrova.core.brakes.BrakeCircuit.Split;
import itrova.core.brakes.Reckoning.Result;
import itrova.core.brakes.Reckoning.Values;
import itrova.core.finding.Verdict;
import itrova.core.hydraulics.ProportioningValve;
import itrova.core.phrase.Amount;
import itrova.core.phrase.Phrase;
import itrova.core.quantity.Measured;
import itrova.core.stopping.StoppingDistance;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.ToDoubleFunction;

/**
 * Every figure and every finding of a vehicle's brakes in one state.
 *
 * @param figures what they do
 * @param findings what is proven of them
 */
public record BrakeReport(List<BrakeFigure> figures, List<BrakeFinding> findings) {
    private static final String CAR_RULES = "FMVSS 135 and ECE R13-H: 6.43 m/s² at no more than 500 N";
    /** Pressure in a line at rest from which on discs drag (MPa): between the 2 psi of discs and the 10 psi of drums; common practice. */
    private static final double DRAGS_FROM = 0.04;

    /** Pressure of a hard stop, at which valves are compared (MPa). */
    private static final double HARD_STOP = 7;

    private static final double DRY = 0.8;
    private static final double WET = 0.5;
    private static final double HUNDRED = 100 / 3.6;

    public BrakeReport {
        figures = List.copyOf(figures);
        findings = List.copyOf(findings);
    }

    /**
     * Works a circuit out.
     *
     * @param parkingNeeded whether a parking brake is legally needed on it
     */
    public static BrakeReport of(BrakeCircuit circuit, boolean parkingNeeded) {
        Builder b = new Builder(circuit);
        if (circuit.isTrailer()) {
            b.trailer();
        } else {
            b.car(parkingNeeded);
        }
        return new BrakeReport(b.figures, b.findings);
    }

    /** Whether every critical finding is proven. */
    public boolean isProven() {
        return findings.stream().allMatch(f -> !f.check().isCritical() || f.verdict() == Verdict.FITS);
    }

    /** In a sentence what of the critical findings is open or proven not; nothing where all are proven. */
    public Phrase summary() {
        int misfits = critical(Verdict.DOES_NOT_FIT);
        int open = critical(Verdict.NOT_PROVEN);
        return misfits + open == 0 ? Phrase.NOTHING : Phrase.of("brakes.summary", misfits, open);
    }

    private int critical(Verdict verdict) {
        return (int) findings.stream()
                .filter(f -> f.check().isCritical() && f.verdict() == verdict)
                .count();
    }

    private static final class Builder {
        private final BrakeCircuit circuit;
        private final Reckoning reckoning;
        private final List<BrakeFigure> figures = new ArrayList<>();
        private final List<BrakeFinding> findings = new ArrayList<>();

        Builder(BrakeCircuit circuit) {
            this.circuit = circuit;
            this.reckoning = new Reckoning(circuit);
        }

        private void figure(BrakeFigureKind kind, ToDoubleFunction<Values> f) {
            Result r = reckoning.of(f);
            figures.add(
                    new BrakeFigure(kind, r.value().filter(m -> Double.isFinite(m.value())), r.missing(), r.assumed()));
        }

        void car(boolean parkingNeeded) {
            pedal();
            distances();
            balance();
            standing(parkingNeeded);
            heat();
            seen();
        }

        private boolean isFootKnown() {
            return circuit.booster() != BrakeCircuit.Booster.NOT_LOOKED;
        }

        private void pedal() {
            figure(BrakeFigureKind.PRESSURE_AT_500_N, v -> BrakeModel.pressure(v, BrakeModel.MOST_FOOT));
            atG(0.3, BrakeFigureKind.PRESSURE_FOR_0_3_G, BrakeFigureKind.PEDAL_FORCE_FOR_0_3_G);
            atG(0.5, BrakeFigureKind.PRESSURE_FOR_0_5_G, BrakeFigureKind.PEDAL_FORCE_FOR_0_5_G);
            atG(0.8, BrakeFigureKind.PRESSURE_FOR_0_8_G, BrakeFigureKind.PEDAL_FORCE_FOR_0_8_G);
            figure(BrakeFigureKind.PEDAL_FORCE_HOT_FOR_0_5_G, v -> BrakeModel.footFor(v, 0.5, Load.LADEN, true));
            figure(
                    BrakeFigureKind.FRONT_WHEEL_TORQUE_AT_0_5_G,
                    v -> BrakeModel.torque(
                            v, BrakeModel.FRONT, BrakeModel.pressureFor(v, 0.5, Load.LADEN, false), false));
            figure(BrakeFigureKind.REAR_SHARE_AT_0_5_G, v -> 100 * BrakeModel.rearShare(v, 0.5, Load.LADEN));
            figure(
                    BrakeFigureKind.MASTER_STROKE_AT_500_N,
                    v -> BrakeModel.stroke(v, BrakeModel.pressure(v, BrakeModel.MOST_FOOT)));
            figure(BrakeFigureKind.PEDAL_TRAVEL_AT_500_N, v -> BrakeModel.travel(v, BrakeModel.MOST_FOOT));

            double z = BrakeModel.WANTED / itrova.core.stopping.TwoAxles.G;
            foot(
                    BrakeCheck.PRESSURE,
                    "MPa",
                    v -> BrakeModel.pressure(v, BrakeModel.MOST_FOOT) - BrakeModel.pressureFor(v, z, Load.LADEN, false),
                    "brakes.pressure",
                    CAR_RULES);
            foot(
                    BrakeCheck.PEDAL_FORCE,
                    "N",
                    v -> BrakeModel.MOST_FOOT - BrakeModel.footFor(v, z, Load.LADEN, false),
                    "brakes.pedal-force",
                    CAR_RULES);
            foot(
                    BrakeCheck.PEDAL_TRAVEL,
                    "mm",
                    v -> v.of(BrakeQuantity.PEDAL_ROOM) - BrakeModel.travel(v, BrakeModel.MOST_FOOT),
                    "brakes.pedal-travel",
                    "Common practice: at 500 N the pad is clear of the floor");
            foot(
                    BrakeCheck.MASTER_STROKE,
                    "mm",
                    v -> v.of(BrakeQuantity.MASTER_STROKE) * 2 / 3
                            - BrakeModel.stroke(v, BrakeModel.pressure(v, BrakeModel.MOST_FOOT)),
                    "brakes.master-stroke",
                    "Common practice: no more than two thirds of the stroke");
            if (circuit.axles().stream().anyMatch(BrakeCircuit.AxleBrakes::isDisc)) {
                figure(BrakeFigureKind.FLUID_FOR_WORN_PADS, BrakeModel::wornPads);
                judge(
                        BrakeCheck.RESERVOIR,
                        "cm³",
                        v -> v.of(BrakeQuantity.RESERVOIR) - BrakeModel.wornPads(v),
                        "brakes.reservoir",
                        "FMVSS 105 S5.4.2: the reservoir holds the fluid of full pad wear");
            }
        }

        private void atG(double z, BrakeFigureKind pressure, BrakeFigureKind foot) {
            figure(pressure, v -> BrakeModel.pressureFor(v, z, Load.LADEN, false));
            figure(foot, v -> BrakeModel.footFor(v, z, Load.LADEN, false));
        }

        /** A finding about the foot: with a booster nobody looked at nothing of it is proven. */
        private void foot(BrakeCheck check, String unit, ToDoubleFunction<Values> margin, String words, String source) {
            if (isFootKnown()) {
                judge(check, unit, margin, words, source);
            } else {
                told(check, Verdict.NOT_PROVEN, Phrase.of(words), Phrase.of("brakes.look-at-the-booster"), source);
            }
        }

        private void distances() {
            figure(BrakeFigureKind.DECELERATION_DRY_AT_500_N, v -> BrakeModel.deceleration(v, DRY, Load.LADEN, 1, 1));
            figure(BrakeFigureKind.DECELERATION_WET_AT_500_N, v -> BrakeModel.deceleration(v, WET, Load.LADEN, 1, 1));
            figure(
                    BrakeFigureKind.DISTANCE_FROM_100_KM_H,
                    v -> StoppingDistance.constant(HUNDRED, BrakeModel.deceleration(v, DRY, Load.LADEN, 1, 1)));
            switch (circuit.split()) {
                case FRONT_REAR -> {
                    figure(
                            BrakeFigureKind.DECELERATION_FRONT_CIRCUIT_ONLY,
                            v -> BrakeModel.deceleration(v, DRY, Load.LADEN, 1, 0));
                    figure(
                            BrakeFigureKind.DECELERATION_REAR_CIRCUIT_ONLY,
                            v -> BrakeModel.deceleration(v, DRY, Load.LADEN, 0, 1));
                }
                case DIAGONAL ->
                    figure(
                            BrakeFigureKind.DECELERATION_ONE_CIRCUIT_ONLY,
                            v -> BrakeModel.deceleration(v, DRY, Load.LADEN, 0.5, 0.5));
                case SINGLE, NOT_LOOKED -> {
                    // one cut line leaves nothing, or nobody knows what it leaves
                }
            }
        }

        private void balance() {
            figure(BrakeFigureKind.BALANCE_EMPTY, v -> BrakeModel.balance(v, Load.EMPTY));
            figure(BrakeFigureKind.BALANCE_LADEN, v -> BrakeModel.balance(v, Load.LADEN));
            String source =
                    "ECE R13-H annex 5 (from memory): the front uses more adhesion than the rear, 0.15 ≤ z ≤ 0.8";
            balance(BrakeCheck.BALANCE_EMPTY, Load.EMPTY, source);
            balance(BrakeCheck.BALANCE_LADEN, Load.LADEN, source);
        }

        private void balance(BrakeCheck check, Load load, String source) {
            judge(check, "", v -> BrakeModel.balance(v, load), "brakes.balance", source);
            BrakeFinding last = findings.get(findings.size() - 1);
            if (last.verdict() != Verdict.FITS && last.missing().isEmpty()) {
                findings.set(findings.size() - 1, withNext(last, Phrase.all(last.next(), " ", valve())));
            }
        }

        private static BrakeFinding withNext(BrakeFinding f, Phrase next) {
            return new BrakeFinding(
                    f.check(), f.verdict(), f.margin(), f.unit(), f.why(), next, f.missing(), f.assumed(), f.source());
        }

        /** The valve that leaves the rear most of its share and is proven to keep it below the front, or that none does. */
        private Phrase valve() {
            double most = 0;
            Phrase words = Phrase.of("brakes.no-valve-does");
            for (double slope = 0.25; slope < 0.61; slope += 0.05) {
                for (double knee = 0.5; knee < 6.1; knee += 0.5) {
                    ProportioningValve tried = new ProportioningValve(knee, slope);
                    double left = tried.behind(HARD_STOP);
                    if (left > most && isProven(tried)) {
                        most = left;
                        words = Phrase.of(
                                "brakes.a-valve-would-do", Amount.megapascals(knee, 1), Amount.number(slope, 2));
                    }
                }
            }
            return words;
        }

        private boolean isProven(ProportioningValve tried) {
            return proven(v -> BrakeModel.balance(v, Load.EMPTY, tried)) >= 0
                    && proven(v -> BrakeModel.balance(v, Load.LADEN, tried)) >= 0;
        }

        private double proven(ToDoubleFunction<Values> margin) {
            return reckoning
                    .of(margin)
                    .value()
                    .map(m -> m.value() - m.expanded())
                    .orElse(Double.NEGATIVE_INFINITY);
        }

        private void standing(boolean needed) {
            String source = "ECE R13-H and FMVSS 135: laden on 20 %, no more than 400 N by hand";
            figure(BrakeFigureKind.STANDING_FORCE_WANTED, BrakeModel::wantedStanding);
            Parking parking = circuit.parking();
            if (parking == Parking.NOT_LOOKED || parking == Parking.TRANSMISSION) {
                told(
                        BrakeCheck.PARKING,
                        Verdict.NOT_PROVEN,
                        Phrase.of("brakes.parking"),
                        Phrase.of(
                                parking == Parking.TRANSMISSION
                                        ? "brakes.transmission-brake-is-tried"
                                        : "brakes.look-at-the-parking-brake"),
                        source);
                return;
            }
            if (parking == Parking.NONE) {
                told(
                        BrakeCheck.PARKING,
                        needed ? Verdict.DOES_NOT_FIT : Verdict.NOT_PROVEN,
                        Phrase.of("brakes.no-parking-brake"),
                        Phrase.of("brakes.choose-a-parking-brake"),
                        source);
                return;
            }
            if (parking == Parking.DRUM_SHOES
                    && circuit.axles().get(BrakeModel.REAR).isDisc()) {
                told(
                        BrakeCheck.PARKING,
                        Verdict.DOES_NOT_FIT,
                        Phrase.of("brakes.its-drums-are-gone"),
                        Phrase.of("brakes.choose-a-parking-brake"),
                        source);
                return;
            }
            figure(BrakeFigureKind.STANDING_FORCE_HELD, BrakeModel::held);
            judge(
                    BrakeCheck.PARKING,
                    "N",
                    v -> BrakeModel.held(v) - BrakeModel.wantedStanding(v),
                    "brakes.parking",
                    source);
        }

        private void heat() {
            if (!circuit.axles().get(BrakeModel.FRONT).isDisc()) {
                return; // a drum's ring is not told by what is measured of it
            }
            figure(BrakeFigureKind.FRONT_RING_AFTER_TEN_STOPS, v -> BrakeModel.afterTenStops(v, BrakeModel.FRONT));
            figure(BrakeFigureKind.FRONT_RING_AFTER_DESCENT, v -> BrakeModel.afterDescent(v, BrakeModel.FRONT));
            figure(BrakeFigureKind.FRONT_FLUID, v -> BrakeModel.fluid(v, BrakeModel.FRONT));
            String source = "FMVSS 116, least boiling points new and with the water of age";
            boil(BrakeCheck.BOILING_NEW, circuit.fluid().dry(), source);
            boil(BrakeCheck.BOILING_OLD, circuit.fluid().wet(), source);
        }

        private void boil(BrakeCheck check, double boils, String source) {
            if (boils > 0) {
                judge(check, "°C", v -> boils - BrakeModel.fluid(v, BrakeModel.FRONT), "brakes.boiling", source);
            } else {
                told(
                        check,
                        Verdict.NOT_PROVEN,
                        Phrase.of("brakes.boiling"),
                        Phrase.of("brakes.look-at-the-fluid"),
                        source);
            }
        }

        /** What is looked at rather than worked out. */
        private void seen() {
            boolean anyDisc = circuit.axles().stream().anyMatch(BrakeCircuit.AxleBrakes::isDisc);
            String practice = "Common practice: none or 2 psi for discs, about 10 psi for drums";
            if (anyDisc) {
                residual(practice);
            }
            switch (circuit.fluid()) {
                case NOT_LOOKED ->
                    told(
                            BrakeCheck.FLUID,
                            Verdict.NOT_PROVEN,
                            Phrase.of("brakes.fluid"),
                            Phrase.of("brakes.look-at-the-fluid"),
                            "Glycol, silicone and mineral oil never mix");
                case MINERAL_OIL, DOT_5_SILICONE ->
                    told(
                            BrakeCheck.FLUID,
                            anyDisc ? Verdict.DOES_NOT_FIT : Verdict.FITS,
                            Phrase.of("brakes.fluid-of-another-kind"),
                            Phrase.of("brakes.flush-and-reseal"),
                            "Glycol, silicone and mineral oil never mix");
                case DOT_3, DOT_4, DOT_5_1 ->
                    told(
                            BrakeCheck.FLUID,
                            Verdict.FITS,
                            Phrase.of("brakes.fluid"),
                            Phrase.NOTHING,
                            "Glycol, silicone and mineral oil never mix");
            }
            Verdict split = circuit.split() == Split.FRONT_REAR || circuit.split() == Split.DIAGONAL
                    ? Verdict.FITS
                    : circuit.split() == Split.SINGLE ? Verdict.DOES_NOT_FIT : Verdict.NOT_PROVEN;
            told(
                    BrakeCheck.SPLIT,
                    split,
                    Phrase.of(circuit.split() == Split.SINGLE ? "brakes.one-circuit" : "brakes.circuits"),
                    Phrase.of(
                            split == Verdict.FITS
                                    ? "brakes.nothing-to-do"
                                    : split == Verdict.DOES_NOT_FIT
                                            ? "brakes.fit-a-tandem-master"
                                            : "brakes.look-at-the-master"),
                    "Common practice: two circuits; one only by the owner's explicit choice, where legal");
        }

        private void residual(String source) {
            if (circuit.residual() == Residual.PRESENT) {
                judge(
                        BrakeCheck.RESIDUAL,
                        "MPa",
                        v -> DRAGS_FROM - v.of(BrakeQuantity.RESIDUAL_PRESSURE),
                        "brakes.residual",
                        source);
            } else {
                boolean none = circuit.residual() == Residual.NONE;
                told(
                        BrakeCheck.RESIDUAL,
                        none ? Verdict.FITS : Verdict.NOT_PROVEN,
                        Phrase.of("brakes.residual"),
                        Phrase.of(none ? "brakes.nothing-to-do" : "brakes.strip-the-master"),
                        source);
            }
        }

        void trailer() {
            String source = "ECE R13, category O2: half of the axle's static load; common practice for the actuator";
            int axles = circuit.axles().size();
            for (int i = 0; i < axles; i++) {
                int axle = i;
                if (!circuit.axles().get(i).isDisc()) {
                    continue;
                }
                figure(
                        BrakeFigureKind.TORQUE_WANTED_PER_AXLE,
                        v -> BrakeModel.wantedTorque(v, v.of(BrakeQuantity.MASS_LADEN) / axles));
                figure(
                        BrakeFigureKind.TORQUE_AT_ACTUATOR_PRESSURE,
                        v -> 2 * BrakeModel.torque(v, axle, v.of(BrakeQuantity.ACTUATOR_PRESSURE), false));
                judge(
                        BrakeCheck.ACTUATOR,
                        "N·m",
                        v -> 2 * BrakeModel.torque(v, axle, v.of(BrakeQuantity.ACTUATOR_PRESSURE), false)
                                - BrakeModel.wantedTorque(v, v.of(BrakeQuantity.MASS_LADEN) / axles),
                        Phrase.of("brakes.actuator", circuit.axles().get(axle).name()),
                        source);
            }
            if (findings.isEmpty()) {
                told(
                        BrakeCheck.ACTUATOR,
                        Verdict.NOT_PROVEN,
                        Phrase.of("brakes.no-disc-axle"),
                        Phrase.of("brakes.name-a-kit"),
                        source);
            }
        }

        private void judge(
                BrakeCheck check, String unit, ToDoubleFunction<Values> margin, String words, String source) {
            judge(check, unit, margin, Phrase.of(words), source);
        }

        private void judge(BrakeCheck check, String unit, ToDoubleFunction<Values> margin, Phrase why, String source) {
            Result r = reckoning.of(margin);
            Verdict verdict = r.value().map(Builder::verdict).orElse(Verdict.NOT_PROVEN);
            findings.add(new BrakeFinding(
                    check,
                    verdict,
                    r.value().filter(m -> Double.isFinite(m.value())),
                    unit,
                    why,
                    next(verdict, r),
                    r.missing(),
                    r.assumed(),
                    source));
        }

        private static Verdict verdict(Measured margin) {
            double doubt = margin.expanded();
            return margin.value() - doubt >= 0
                    ? Verdict.FITS
                    : margin.value() + doubt < 0 ? Verdict.DOES_NOT_FIT : Verdict.NOT_PROVEN;
        }

        private static Phrase next(Verdict verdict, Result r) {
            if (!r.missing().isEmpty()) {
                return Phrase.of(
                        "brakes.wanted",
                        Phrase.joined(
                                "; ",
                                r.missing().stream()
                                        .sorted(java.util.Comparator.comparing(QuantityAt::id))
                                        .map(at -> Phrase.of(
                                                "brakes.wanted-one",
                                                at.words(),
                                                at.quantity().howTo()))
                                        .toList()));
            }
            if (verdict == Verdict.FITS) {
                return Phrase.of("brakes.nothing-to-do");
            }
            Optional<QuantityAt> most = r.value()
                    .flatMap(Measured::largest)
                    .map(c -> c.source())
                    .flatMap(s -> s instanceof QuantityAt at ? Optional.of(at) : Optional.empty());
            if (r.value().isEmpty()) {
                return Phrase.of("brakes.no-number-comes");
            }
            return verdict == Verdict.NOT_PROVEN && most.isPresent()
                    ? Phrase.of(
                            "brakes.most-doubt",
                            most.get().words(),
                            most.get().quantity().howTo())
                    : Phrase.of("brakes.change-the-plan");
        }

        private void told(BrakeCheck check, Verdict verdict, Phrase why, Phrase next, String source) {
            Set<QuantityAt> none = new LinkedHashSet<>();
            findings.add(new BrakeFinding(check, verdict, Optional.empty(), "", why, next, none, none, source));
        }
    }
}
