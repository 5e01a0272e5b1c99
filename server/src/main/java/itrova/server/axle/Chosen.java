package itrova.server.axle;

import itrova.core.brakes.PlannedVehicle;
import itrova.core.choice.Selection;
import itrova.core.judge.KitReport;
import itrova.core.kit.Kit;
import itrova.core.kit.KitOption;
import itrova.core.order.OrderGate;
import itrova.core.order.OrderSheet;
import itrova.core.record.AxleRecord;
import itrova.core.settings.ShopSettings;
import itrova.core.vehicle.Wheel;
import itrova.formats.ReportSeal;
import itrova.server.store.JobStore.AxleRow;
import java.util.List;
import java.util.Optional;

/**
 * What was chosen for an axle, judged as the axle stands now.
 *
 * @param row the axle
 * @param record the axle with its readings
 * @param selection what was chosen
 * @param kit the kit in the edition chosen, without options
 * @param wheel the wheel put on, where one is
 * @param settings the shop's limits
 * @param report everything found
 * @param vehicle the brakes of the whole vehicle with it
 */
public record Chosen(
        AxleRow row,
        AxleRecord record,
        Selection selection,
        Kit kit,
        Optional<Wheel> wheel,
        ShopSettings settings,
        KitReport report,
        PlannedVehicle vehicle) {
    /** Options taken. */
    public List<KitOption> options() {
        return selection.optionsOf(kit);
    }

    /** Names exactly this report, the brakes' findings with it. */
    public String seal() {
        return ReportSeal.of(report, vehicle);
    }

    /** Whether it may be ordered. */
    public OrderGate gate() {
        return OrderGate.of(report, vehicle);
    }

    /** What to buy and have done. */
    public OrderSheet sheet() {
        return OrderSheet.of(report, options(), wheel);
    }
}
