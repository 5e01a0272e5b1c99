package itrova.core.check.mounting;

import static itrova.core.wording.Said.said;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import itrova.core.finding.CheckId;
import itrova.core.finding.Finding;
import itrova.core.finding.Verdict;
import itrova.core.judge.FitEngine;
import itrova.core.judge.Samples;
import itrova.core.kit.Disc;
import itrova.core.kit.Figure;
import itrova.core.kit.Kit;
import itrova.core.kit.PaperFigure;
import itrova.core.remedy.WorkKind;
import itrova.core.settings.Limit;
import itrova.core.settings.ShopSettings;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Side;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The wheel on register, step, lip or ring: tight, loose, and held by too little. */
class WheelCentringTest {
    private static AxleEnd.Builder front() {
        return Samples.end(Side.LEFT, AxleEndKind.FRONT_SPINDLE);
    }

    private static Finding find(AxleEnd end, Kit kit, ShopSettings settings) {
        return FitEngine.report(Samples.axle(end), kit, settings).findings().stream()
                .filter(f -> f.check() == CheckId.WHEEL_CENTRING)
                .findFirst()
                .orElseThrow();
    }

    private static Finding find(AxleEnd end) {
        return find(end, Samples.kit(), ShopSettings.DEFAULTS);
    }

    /** By hand on a register of 70.8: a play of 0 to 0.5 mm is right, and the nearer bound counts. */
    @ParameterizedTest
    @CsvSource({
        "60.0, DOES_NOT_FIT, -10.8",
        "70.6, FITS_WITH_WORK, -0.2",
        "70.81, NOT_PROVEN, 0.01",
        "71.05, FITS, 0.25",
        "71.29, NOT_PROVEN, 0.01",
        "72.2, DOES_NOT_FIT, -0.9",
        "76.0, FITS_WITH_WORK, -4.7"
    })
    void tightAndLooseAreJudged(double bore, Verdict wanted, double margin) {
        Finding f =
                find(front().length(Callout.WHEEL_BORE, Samples.mm(bore, 0.03)).build());
        assertThat(f.verdict()).isEqualTo(wanted);
        assertThat(f.margin().orElseThrow().value()).isEqualTo(margin, within(1e-9));
        assertThat(f.check().isCritical()).isTrue();
        f.work().ifPresent(w -> assertThat(w.kind()).isEqualTo(bore < 71 ? WorkKind.BORE_WHEEL : WorkKind.WHEEL_RING));
    }

    @Test
    void aWheelLooseByLessThanARingIsLeftToTheSchoolOfConicalSeats() {
        AxleEnd loose =
                front().length(Callout.WHEEL_BORE, Samples.mm(72.2, 0.03)).build();
        assertThat(said(find(loose).refused().orElseThrow())).contains("thin", "conical seats");
        ShopSettings byStuds = ShopSettings.DEFAULTS.with(Limit.LUG_CENTRING, 1);
        assertThat(find(loose, Samples.kit(), byStuds).verdict()).isEqualTo(Verdict.FITS);
        AxleEnd flat = loose.toBuilder().word(Callout.WHEEL_NUT_SEAT, "flat").build();
        assertThat(find(flat, Samples.kit(), byStuds).verdict())
                .as("flat seats centre nothing")
                .isEqualTo(Verdict.DOES_NOT_FIT);
    }

    /** By hand: the hat is 6.5 mm thick and 2 mm of register must be left: 8.5 mm. */
    @ParameterizedTest
    @CsvSource({"9, FITS", "8.5, NOT_PROVEN", "8, DOES_NOT_FIT"})
    void enoughOfTheRegisterStandsPastTheDisc(double height, Verdict wanted) {
        Finding f = find(front().length(Callout.REGISTER_HEIGHT, Samples.mm(height, 0.05))
                .build());
        assertThat(f.verdict()).isEqualTo(wanted);
    }

    @Test
    void whatWasNotReadIsWanted() {
        AxleEnd whole = front().build();
        for (Callout left : new Callout[] {Callout.WHEEL_BORE, Callout.REGISTER, Callout.REGISTER_HEIGHT}) {
            AxleEnd end = whole.toBuilder().without(java.util.Set.of(left)).build();
            assertThat(find(end).verdict()).as(left.title()).isEqualTo(Verdict.NOT_PROVEN);
            assertThat(find(end).missing()).contains(left);
        }
    }

    /** The disc sits on the inner step, the wheel on the outer one, 66 mm here. */
    @Test
    void ofTwoStepsTheOuterCentresTheWheel() {
        AxleEnd stepped = front().length(Callout.REGISTER_STEP, Samples.mm(66, 0.01))
                .length(Callout.REGISTER_STEP_HEIGHT, Samples.mm(20, 0.05))
                .build();
        assertThat(find(stepped).verdict()).isEqualTo(Verdict.FITS_WITH_WORK);
        AxleEnd bored = stepped.with(Callout.WHEEL_BORE, Samples.mm(66.2, 0.03));
        assertThat(find(bored).verdict()).isEqualTo(Verdict.FITS);
        AxleEnd portal = Samples.end(Side.LEFT, AxleEndKind.PORTAL_HUB)
                .without(java.util.Set.of(Callout.REGISTER_STEP))
                .build();
        assertThat(find(portal).missing()).contains(Callout.REGISTER_STEP);
    }

    @Test
    void theDiscsOwnLipCentresTheWheelWhateverTheRegisterIs() {
        for (double lip : new double[] {70.9, 69.5}) {
            Disc lipped = Samples.disc()
                    .but()
                    .wheelLip(Optional.of(Figure.stated(lip, 0.03)))
                    .build();
            Kit kit = Samples.kit().withDisc(lipped);
            AxleEnd low =
                    front().length(Callout.REGISTER_HEIGHT, Samples.mm(4, 0.05)).build();
            assertThat(find(low, kit, ShopSettings.DEFAULTS).verdict())
                    .isEqualTo(lip > 70 ? Verdict.FITS : Verdict.DOES_NOT_FIT);
            assertThat(find(low, Samples.contradicting(kit, PaperFigure.DISC_WHEEL_LIP), ShopSettings.DEFAULTS)
                            .verdict())
                    .isEqualTo(Verdict.NOT_PROVEN);
        }
    }
}
