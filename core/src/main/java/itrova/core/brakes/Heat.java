package itrova.core.brakes;

import itrova.core.finding.Verdict;
import itrova.core.phrase.Phrase;

/** How hot discs and drums get, and the fluid in calipers. */
final class Heat {
    private static final String SOURCE = "FMVSS 116, least boiling points new and with the water of age";

    private Heat() {}

    static void judge(BrakeReportBuilder j) {
        j.figure(BrakeFigureKind.FRONT_RING_AFTER_ONE_STOP, v -> HeatModel.afterStops(v, BrakeModel.FRONT, 1));
        j.figure(BrakeFigureKind.FRONT_RING_AFTER_TEN_STOPS, v -> HeatModel.afterStops(v, BrakeModel.FRONT, 10));
        j.figure(BrakeFigureKind.FRONT_RING_AFTER_DESCENT, v -> HeatModel.afterDescent(v, BrakeModel.FRONT));
        if (!j.circuit.axles().get(BrakeModel.FRONT).isDisc()) {
            return; // how hot a wheel cylinder's fluid gets is not told by the rim
        }
        j.figure(BrakeFigureKind.FRONT_FLUID, v -> HeatModel.fluid(v, BrakeModel.FRONT));
        boil(j, BrakeCheck.BOILING_NEW, j.circuit.fluid().dry());
        boil(j, BrakeCheck.BOILING_OLD, j.circuit.fluid().wet());
    }

    private static void boil(BrakeReportBuilder j, BrakeCheck check, double boils) {
        if (boils > 0) {
            j.judge(check, "°C", v -> boils - HeatModel.fluid(v, BrakeModel.FRONT), "brakes.boiling", SOURCE);
        } else {
            j.told(
                    check,
                    Verdict.NOT_PROVEN,
                    Phrase.of("brakes.boiling"),
                    Phrase.of("brakes.look-at-the-fluid"),
                    SOURCE);
        }
    }
}
