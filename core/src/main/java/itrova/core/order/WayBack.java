package itrova.core.order;

import itrova.core.judge.KitReport;
import itrova.core.remedy.Work;
import java.util.ArrayList;
import java.util.List;

/** Whether an axle can go back to its drums after a kit was fitted. */
public final class WayBack {
    /** What is kept where it can (common practice). */
    public static final String KEEP =
            "Keep drums, shoes, springs, cylinders, backing plates and their bolts, labelled by axle and side, oiled and dry.";

    private WayBack() {}

    /** What cannot be undone, in words; nothing where the way back is open. */
    public static List<String> lasting(KitReport report) {
        List<String> lasting = new ArrayList<>();
        if (!report.kit().terms().reversible()) {
            lasting.add("the kit itself");
        }
        report.works().stream()
                .map(Work::kind)
                .filter(kind -> kind.isOnVehicle() && !kind.isReversible())
                .distinct()
                .forEach(kind -> lasting.add(kind.title()));
        return lasting;
    }
}
