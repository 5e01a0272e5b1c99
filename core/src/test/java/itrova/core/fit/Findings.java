package itrova.core.fit;

import itrova.core.kit.Kit;
import itrova.core.vehicle.AxleEnd;
import java.util.Optional;

/** What the engine finds in one check; by the default limits where there is no report yet. */
final class Findings {
    private Findings() {}

    static Optional<Finding> found(KitReport report, CheckId check) {
        return report.findings().stream().filter(f -> f.check() == check).findFirst();
    }

    static Optional<Finding> found(AxleCase axle, Kit kit, CheckId check) {
        return found(FitEngine.report(axle, kit, ShopSettings.DEFAULTS), check);
    }

    static Finding find(KitReport report, CheckId check) {
        return found(report, check).orElseThrow();
    }

    static Finding find(AxleEnd end, Kit kit, CheckId check) {
        return found(Samples.axle(end), kit, check).orElseThrow();
    }
}
