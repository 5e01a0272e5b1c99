package itrova.core.brakes;

import itrova.core.brakes.Equipment.Actuator;
import itrova.core.brakes.Equipment.Seen;
import itrova.core.finding.Verdict;
import itrova.core.phrase.Phrase;
import itrova.core.stopping.TwoAxles;

/** Brakes of a trailer at its actuator's pressure. */
final class TrailerBrakes {
    private static final String SOURCE =
            "ECE R13, category O2: half of the axle's static load; common practice for the actuator";
    /** How long a trailer that broke away is held, 49 CFR 393.43 (min). */
    private static final double HELD = 15;

    private final BrakeReportBuilder j;

    private TrailerBrakes(BrakeReportBuilder j) {
        this.j = j;
    }

    static void judge(BrakeReportBuilder j) {
        TrailerBrakes trailer = new TrailerBrakes(j);
        trailer.torque();
        if (j.circuit.hasDiscs()) {
            trailer.actuator();
            trailer.breakaway();
        }
    }

    private void torque() {
        int axles = j.circuit.axles().size();
        for (int i = 0; i < axles; i++) {
            int axle = i;
            if (!j.circuit.axles().get(i).isDisc()) {
                continue;
            }
            j.figure(
                    BrakeFigureKind.TORQUE_WANTED_PER_AXLE,
                    v -> BrakeModel.wantedTorque(v, v.of(BrakeQuantity.MASS_LADEN) / axles));
            j.figure(
                    BrakeFigureKind.TORQUE_AT_ACTUATOR_PRESSURE,
                    v -> 2 * BrakeModel.torque(v, axle, v.of(BrakeQuantity.ACTUATOR_PRESSURE), false));
            j.judge(
                    BrakeCheck.ACTUATOR,
                    true,
                    "N·m",
                    v -> 2 * BrakeModel.torque(v, axle, v.of(BrakeQuantity.ACTUATOR_PRESSURE), false)
                            - BrakeModel.wantedTorque(v, v.of(BrakeQuantity.MASS_LADEN) / axles),
                    Phrase.of("brakes.actuator", j.circuit.axles().get(axle).name()),
                    SOURCE);
        }
        if (j.isEmpty()) {
            j.told(
                    BrakeCheck.ACTUATOR,
                    Verdict.NOT_PROVEN,
                    Phrase.of("brakes.no-disc-axle"),
                    Phrase.of("brakes.name-a-kit"),
                    SOURCE);
            return;
        }
        j.figure(
                BrakeFigureKind.TRAILER_DECELERATION,
                v -> TwoAxles.G * BrakeModel.trailerForce(v) / (v.of(BrakeQuantity.MASS_LADEN) * TwoAxles.G));
        combination();
    }

    private void combination() {
        j.figure(BrakeFigureKind.COMBINATION_DECELERATION, v -> TowedModel.together(v, true));
        j.figure(BrakeFigureKind.COMBINATION_DECELERATION_TRAILER_FAILED, v -> TowedModel.together(v, false));
        j.figure(BrakeFigureKind.COUPLING_THRUST, TowedModel::thrust);
        j.judge(
                BrakeCheck.COMBINATION,
                "m/s²",
                v -> TowedModel.together(v, true) - TOGETHER,
                "brakes.combination",
                "ECE R13 annex 4 (from memory): 5.0 m/s² of a goods vehicle, and of it with its trailer");
    }

    /** Deceleration wanted of tow vehicle and trailer together (m/s²). */
    private static final double TOGETHER = 5.0;

    private void actuator() {
        j.figure(BrakeFigureKind.VOLUME_AT_ACTUATOR_PRESSURE, VolumeModel::trailerVolume);
        j.judge(
                BrakeCheck.ACTUATOR_VOLUME,
                "cm³",
                v -> v.of(BrakeQuantity.ACTUATOR_VOLUME) - VolumeModel.trailerVolume(v),
                "brakes.actuator-volume",
                "Common practice: the actuator moves what gaps, calipers, hoses and lines take up");
        Equipment e = j.circuit.equipment();
        String source = "Common practice: discs have no free-backing of their own";
        Verdict verdict = e.actuator() == Actuator.NOT_LOOKED
                ? Verdict.NOT_PROVEN
                : e.actuator() != Actuator.SURGE || e.reverseLockOut() == Seen.YES
                        ? Verdict.FITS
                        : e.reverseLockOut() == Seen.NO ? Verdict.DOES_NOT_FIT : Verdict.NOT_PROVEN;
        j.told(
                BrakeCheck.REVERSE,
                verdict,
                Phrase.of("brakes.reverse"),
                Phrase.of(
                        switch (verdict) {
                            case FITS, FITS_WITH_WORK -> "brakes.nothing-to-do";
                            case DOES_NOT_FIT -> "brakes.fit-a-reverse-lock-out";
                            case NOT_PROVEN ->
                                e.actuator() == Actuator.NOT_LOOKED
                                        ? "brakes.look-at-the-actuator"
                                        : "brakes.look-at-the-lock-out";
                        }),
                source);
    }

    private void breakaway() {
        j.judge(
                BrakeCheck.BREAKAWAY,
                "min",
                v -> v.of(BrakeQuantity.BREAKAWAY_HOLD) - HELD,
                "brakes.breakaway",
                "49 CFR 393.43: the brakes of a trailer that broke away hold for 15 minutes");
    }
}
