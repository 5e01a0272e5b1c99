package itrova.core.judge;

import itrova.core.finding.CheckId;
import itrova.core.finding.Finding;
import itrova.core.kit.Kit;
import itrova.core.placed.AxleCase;
import itrova.core.settings.ShopSettings;
import itrova.core.vehicle.AxleEnd;
import java.util.Optional;

/** What the engine finds in one check; by the default limits where there is no report yet. */
public final class Findings {
    private Findings() {}

    public static Optional<Finding> found(KitReport report, CheckId check) {
        return report.findings().stream().filter(f -> f.check() == check).findFirst();
    }

    public static Optional<Finding> found(AxleCase axle, Kit kit, CheckId check) {
        return found(FitEngine.report(axle, kit, ShopSettings.DEFAULTS), check);
    }

    public static Finding find(KitReport report, CheckId check) {
        return found(report, check).orElseThrow();
    }

    public static Finding find(AxleEnd end, Kit kit, CheckId check) {
        return found(Samples.axle(end), kit, check).orElseThrow();
    }
}
