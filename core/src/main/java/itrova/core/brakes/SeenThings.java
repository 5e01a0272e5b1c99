package itrova.core.brakes;

import itrova.core.brakes.BrakeCircuit.Fluid;
import itrova.core.brakes.BrakeCircuit.Residual;
import itrova.core.brakes.BrakeCircuit.Split;
import itrova.core.brakes.Equipment.Seen;
import itrova.core.fastener.Fitting;
import itrova.core.finding.Verdict;
import itrova.core.phrase.Phrase;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** What is looked at rather than worked out: valves that hide, fluid, circuits, fittings, switches, push rod. */
final class SeenThings {
    /** Pressure in a line at rest from which on discs drag (MPa): between the 2 psi of discs and the 10 psi of drums; common practice. */
    private static final double DRAGS_FROM = 0.04;

    private static final String RESIDUAL_PRACTICE = "Common practice: none or 2 psi for discs, about 10 psi for drums";
    private static final String NEVER_MIX = "Glycol, silicone and mineral oil never mix";

    private final BrakeReportBuilder j;

    private SeenThings(BrakeReportBuilder j) {
        this.j = j;
    }

    static void judge(BrakeReportBuilder j) {
        SeenThings seen = new SeenThings(j);
        if (!j.circuit.isTrailer()) {
            if (j.circuit.hasDiscs()) {
                seen.residuals();
                seen.pushRod();
            }
            seen.drumOutlets();
            seen.split();
            seen.warning();
            seen.metering();
            seen.stopLamp();
        }
        seen.fluid();
        seen.fittings();
    }

    /** Axles with discs, those first whose outlet lets them drag; one for all where all outlets are alike. */
    private void residuals() {
        List<Integer> discs = IntStream.range(0, j.circuit.axles().size())
                .filter(i -> j.circuit.axles().get(i).isDisc())
                .boxed()
                .toList();
        boolean isApart = j.circuit.axles().stream().anyMatch(a -> a.outlet().isPresent());
        for (int axle : isApart ? discs : discs.subList(0, 1)) {
            residual(axle, isApart);
        }
        for (int axle : isApart ? discs : discs.subList(0, 1)) {
            runBack(axle);
        }
    }

    private void residual(int axle, boolean isApart) {
        Phrase words = isApart
                ? Phrase.of(
                        "brakes.residual-outlet", j.circuit.axles().get(axle).name())
                : Phrase.of("brakes.residual");
        if (j.circuit.residual(axle) == Residual.PRESENT) {
            QuantityAt at = j.circuit.residualPressure(axle);
            j.judge(
                    BrakeCheck.RESIDUAL,
                    BrakeCheck.RESIDUAL.isCritical(),
                    "MPa",
                    v -> DRAGS_FROM - v.of(at.quantity(), at.axle()),
                    words,
                    RESIDUAL_PRACTICE);
            return;
        }
        boolean none = j.circuit.residual(axle) == Residual.NONE;
        j.told(
                BrakeCheck.RESIDUAL,
                none ? Verdict.FITS : Verdict.NOT_PROVEN,
                words,
                Phrase.of(none ? "brakes.nothing-to-do" : "brakes.strip-the-master"),
                RESIDUAL_PRACTICE);
    }

    /** Drums whose outlet keeps no pressure want cups that hold themselves to the wall. */
    private void drumOutlets() {
        for (int axle = 0; axle < j.circuit.axles().size(); axle++) {
            if (j.circuit.axles().get(axle).isDisc()) {
                continue;
            }
            boolean isKept = j.circuit.residual(axle) == Residual.PRESENT;
            j.told(
                    BrakeCheck.RESIDUAL_DRUMS,
                    isKept ? Verdict.FITS : Verdict.NOT_PROVEN,
                    Phrase.of(
                            "brakes.residual-drums", j.circuit.axles().get(axle).name()),
                    Phrase.of(isKept ? "brakes.nothing-to-do" : "brakes.look-for-cup-expanders"),
                    RESIDUAL_PRACTICE);
        }
    }

    /** A reservoir that sits lower than the calipers lets the fluid run back where nothing holds it. */
    private void runBack(int axle) {
        String source = "Common practice: a 2 psi residual valve where the reservoir sits lower than the calipers";
        if (j.circuit.residual(axle) == Residual.PRESENT) {
            j.told(
                    BrakeCheck.RUN_BACK,
                    Verdict.FITS,
                    Phrase.of("brakes.run-back"),
                    Phrase.of("brakes.nothing-to-do"),
                    source);
            return;
        }
        BrakeFinding made = j.judge(
                BrakeCheck.RUN_BACK, "mm", v -> v.of(BrakeQuantity.RESERVOIR_HEIGHT), "brakes.run-back", source);
        if (made.verdict() == Verdict.DOES_NOT_FIT) {
            j.next(Phrase.of("brakes.fit-two-psi"));
        }
    }

    /** With two circuits one may fail and nobody notice until the other does. */
    private void warning() {
        if (j.circuit.split() != Split.FRONT_REAR && j.circuit.split() != Split.DIAGONAL) {
            return;
        }
        Seen seen = j.circuit.equipment().warning();
        j.told(
                BrakeCheck.WARNING,
                switch (seen) {
                    case YES -> Verdict.FITS;
                    case NO -> Verdict.DOES_NOT_FIT;
                    case NOT_LOOKED -> Verdict.NOT_PROVEN;
                },
                Phrase.of("brakes.warning"),
                Phrase.of(
                        switch (seen) {
                            case YES -> "brakes.nothing-to-do";
                            case NO -> "brakes.fit-a-warning-switch";
                            case NOT_LOOKED -> "brakes.look-at-the-warning-lamp";
                        }),
                "FMVSS 105 S5.3 and FMVSS 135 S5.5 (from memory): a lamp tells of lost pressure or low fluid");
    }

    /** A metering valve waits for shoes behind; where there are none it only lets the rear brake alone. */
    private void metering() {
        if (!j.circuit.valve().isMetering()) {
            return;
        }
        boolean isOfUse = j.circuit.axles().get(BrakeModel.FRONT).isDisc()
                && !j.circuit.axles().get(BrakeModel.REAR).isDisc();
        j.told(
                BrakeCheck.METERING,
                isOfUse ? Verdict.FITS : Verdict.DOES_NOT_FIT,
                Phrase.of("brakes.metering"),
                Phrase.of(isOfUse ? "brakes.nothing-to-do" : "brakes.take-the-metering-valve-out"),
                "Common practice: a metering valve belongs to discs in front with drums behind");
    }

    private void pushRod() {
        BrakeFinding made = j.judge(
                BrakeCheck.PUSH_ROD,
                "mm",
                v -> v.of(BrakeQuantity.PUSH_ROD_PLAY) - LEAST_PLAY,
                "brakes.push-rod",
                "Common practice: about 1 mm at the piston; none at all traps pressure");
        if (made.verdict() == Verdict.DOES_NOT_FIT) {
            j.next(Phrase.of("brakes.set-the-push-rod"));
        }
    }

    /** Play that must be there for sure (mm); common practice. */
    private static final double LEAST_PLAY = 0.3;

    private void split() {
        Split split = j.circuit.split();
        Verdict verdict =
                switch (split) {
                    case FRONT_REAR, DIAGONAL -> Verdict.FITS;
                    case SINGLE -> Verdict.DOES_NOT_FIT;
                    case NOT_LOOKED -> Verdict.NOT_PROVEN;
                };
        j.told(
                BrakeCheck.SPLIT,
                verdict,
                Phrase.of(split == Split.SINGLE ? "brakes.one-circuit" : "brakes.circuits"),
                Phrase.of(
                        switch (split) {
                            case FRONT_REAR, DIAGONAL -> "brakes.nothing-to-do";
                            case SINGLE -> "brakes.fit-a-tandem-master";
                            case NOT_LOOKED -> "brakes.look-at-the-master";
                        }),
                "Common practice: two circuits; one only by the owner's explicit choice, where legal");
    }

    private void stopLamp() {
        String source = "Common practice: the stop lamps are looked at before the first yard driven";
        switch (j.circuit.equipment().stopLamp()) {
            case PEDAL, PRESSURE -> lamp(Verdict.FITS, "brakes.nothing-to-do", source);
            case HOMELESS -> lamp(Verdict.DOES_NOT_FIT, "brakes.fit-a-pedal-switch", source);
            case NONE -> lamp(Verdict.DOES_NOT_FIT, "brakes.fit-a-stop-lamp-switch", source);
            case NOT_LOOKED -> lamp(Verdict.NOT_PROVEN, "brakes.look-at-the-stop-lamp", source);
        }
    }

    private void lamp(Verdict verdict, String next, String source) {
        j.told(BrakeCheck.STOP_LAMP, verdict, Phrase.of("brakes.stop-lamp"), Phrase.of(next), source);
    }

    private void fluid() {
        switch (j.circuit.fluid()) {
            case NOT_LOOKED -> {
                // a trailer with electric drums has none yet: what goes in is planned with the kit
                j.told(
                        BrakeCheck.FLUID,
                        Verdict.NOT_PROVEN,
                        Phrase.of("brakes.fluid"),
                        Phrase.of(j.circuit.isTrailer() ? "brakes.plan-the-fluid" : "brakes.look-at-the-fluid"),
                        NEVER_MIX);
            }
            case MINERAL_OIL, DOT_5_SILICONE ->
                j.told(
                        BrakeCheck.FLUID,
                        j.circuit.hasDiscs() ? Verdict.DOES_NOT_FIT : Verdict.FITS,
                        Phrase.of("brakes.fluid-of-another-kind"),
                        Phrase.of("brakes.flush-and-reseal"),
                        NEVER_MIX);
            case DOT_3, DOT_4, DOT_5_1 -> {
                // seals that lived in another kind swell or shrink: until all are new nothing is proven
                boolean isOther = j.circuit.equipment().drained().stream()
                        .anyMatch(f -> f == Fluid.MINERAL_OIL || f == Fluid.DOT_5_SILICONE);
                boolean isUnknown = j.circuit
                        .equipment()
                        .drained()
                        .filter(f -> f == Fluid.NOT_LOOKED)
                        .isPresent();
                boolean isOpen = (isOther || isUnknown) && !j.circuit.isTrailer();
                j.told(
                        BrakeCheck.FLUID,
                        isOpen ? Verdict.NOT_PROVEN : Verdict.FITS,
                        Phrase.of(isOther ? "brakes.fluid-of-another-kind" : "brakes.fluid"),
                        isOpen
                                ? Phrase.of(isOther ? "brakes.flush-and-reseal" : "brakes.look-at-the-fluid")
                                : Phrase.NOTHING,
                        NEVER_MIX);
            }
        }
    }

    /** Every port the plan brings is reached by a line as found, at once or over an adapter that is planned too. */
    private void fittings() {
        Equipment e = j.circuit.equipment();
        if (e.ports().isEmpty()) {
            return;
        }
        String source = "SAE J533 inverted flare, DIN 74234 bubble flare: seats never mix; common practice for threads";
        List<Fitting> lines =
                Stream.concat(e.lineEnd().stream(), e.newLines().stream()).toList();
        if (lines.isEmpty()) {
            j.told(
                    BrakeCheck.FITTINGS,
                    Verdict.NOT_PROVEN,
                    Phrase.of("brakes.fittings"),
                    Phrase.of("brakes.look-at-the-line-ends"),
                    source);
            return;
        }
        List<Fitting> open =
                e.ports().stream().filter(port -> !e.isReached(port)).distinct().toList();
        j.told(
                BrakeCheck.FITTINGS,
                open.isEmpty() ? Verdict.FITS : Verdict.DOES_NOT_FIT,
                Phrase.of("brakes.fittings"),
                open.isEmpty()
                        ? Phrase.of("brakes.nothing-to-do")
                        : Phrase.of("brakes.adapter-wanted", words(lines), words(open)),
                source);
    }

    private static Phrase words(List<Fitting> fittings) {
        return Phrase.joined(
                ", ",
                fittings.stream().distinct().map(f -> Phrase.given(f.words())).toList());
    }
}
