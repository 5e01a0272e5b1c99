package itrova.core.choice;

import static itrova.core.wording.Said.said;
import static org.assertj.core.api.Assertions.assertThat;

import itrova.core.choice.Overturned.Kept;
import itrova.core.finding.CheckId;
import itrova.core.finding.Verdict;
import itrova.core.judge.FitEngine;
import itrova.core.judge.KitReport;
import itrova.core.judge.Samples;
import itrova.core.settings.ShopSettings;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Side;
import java.util.List;
import org.junit.jupiter.api.Test;

class OverturnedTest {
    private static KitReport report(double register) {
        return FitEngine.report(
                Samples.axle(Samples.end(Side.LEFT, AxleEndKind.FRONT_SPINDLE)
                        .length(Callout.REGISTER, Samples.mm(register, 0.01))
                        .build()),
                Samples.kit(),
                ShopSettings.DEFAULTS);
    }

    @Test
    void aLaterReadingThatTurnsAVerdictIsTold() {
        List<Kept> kept = Overturned.keep(report(70.8));
        assertThat(Overturned.since(kept, report(70.8))).isEmpty();
        List<Overturned> turned = Overturned.since(kept, report(72.5));
        assertThat(turned).anySatisfy(o -> {
            assertThat(o.check()).isEqualTo(CheckId.REGISTER);
            assertThat(o.was()).contains(Verdict.FITS);
            assertThat(said(o.sentence())).startsWith("Register, left: was “fits”, now “");
        });
    }

    @Test
    void whatBecameBetterIsNoAlarm() {
        List<Kept> kept = Overturned.keep(report(72.5));
        assertThat(Overturned.since(kept, report(70.8))).noneMatch(o -> o.check() == CheckId.REGISTER);
    }

    @Test
    void aCheckThatIsNotMadeAnyMoreOrIsMadeAnewIsTold() {
        KitReport now = report(72.5);
        assertThat(Overturned.since(List.of(), now)).anySatisfy(o -> {
            assertThat(o.check()).isEqualTo(CheckId.REGISTER);
            assertThat(o.was()).isEmpty();
            assertThat(said(o.sentence())).contains("was not asked");
        });
        List<Kept> other = List.of(new Kept(CheckId.BEARINGS, Side.RIGHT, Verdict.FITS));
        assertThat(Overturned.since(other, report(70.8)))
                .filteredOn(o -> o.check() == CheckId.BEARINGS)
                .singleElement()
                .satisfies(o -> assertThat(said(o.sentence())).contains("not asked any more"));
    }

    @Test
    void whatOnlyAdvisesRaisesNoAlarm() {
        List<Kept> kept = report(70.8).findings().stream()
                .map(f -> new Kept(f.check(), f.side(), Verdict.FITS))
                .toList();
        assertThat(Overturned.since(kept, report(70.8))).allMatch(o -> o.check().isCritical());
    }
}
