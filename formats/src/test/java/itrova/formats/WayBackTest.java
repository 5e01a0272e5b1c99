package itrova.formats;

import static org.assertj.core.api.Assertions.assertThat;

import itrova.core.judge.FitEngine;
import itrova.core.judge.KitReport;
import itrova.core.order.WayBack;
import itrova.core.record.AxleRecord;
import itrova.core.settings.ShopSettings;
import itrova.core.vehicle.Side;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What of the demo jobs' kits cannot be undone on the vehicle. */
class WayBackTest {
    private static KitReport report(int job, String kit) {
        AxleRecord axle = DemoData.jobs().get(job).axles().get(0);
        return FitEngine.report(
                axle.toCase(List.of(Side.values())),
                DemoData.kits().stream()
                        .filter(k -> k.code().equals(kit))
                        .findFirst()
                        .orElseThrow(),
                ShopSettings.DEFAULTS);
    }

    /** A flange turned down does not grow again, and holes drilled in the kit's own disc are no matter of the vehicle. */
    @Test
    void onlyWhatIsCutOnTheVehicleLasts() {
        assertThat(WayBack.lasting(report(1, "QR-204"))).contains("Turn the flange down");
        assertThat(report(0, "QF-103").works()).isNotEmpty();
        assertThat(WayBack.lasting(report(0, "QF-103"))).isEmpty();
    }
}
