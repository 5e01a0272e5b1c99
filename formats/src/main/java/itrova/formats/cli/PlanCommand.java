package itrova.formats.cli;

import itrova.core.order.OrderGate;
import itrova.core.placed.VehicleCase;
import itrova.core.work.BenchPlan;
import itrova.core.work.PlanCase;
import itrova.formats.DocumentException;
import itrova.formats.StepsDocument;
import itrova.formats.cli.Call.BadInput;
import java.io.PrintStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * {@code itrova plan JOB.json [--kit CODE] [--axle NUMBER|NAME] [--kits KITS.json] [--wheels WHEELS.json] [--parts PARTS.json] [--format text|json] [--units
 * mm|in]}.
 *
 * <p>Prints the steps of the work with what each comes after, its hold and torque. Exit status 0: the kit may be ordered; 1: it is held or
 * shut, so the plan is only what it would be; 2: bad input, said on standard error.
 */
public final class PlanCommand {
    private static final String USAGE =
            "usage: itrova plan JOB.json [--kit CODE] [--axle NUMBER|NAME] [--kits KITS.json] [--wheels WHEELS.json] [--parts PARTS.json] [--format text|json] [--units mm|in]";

    private PlanCommand() {}

    /** Runs the command and gives its exit status. */
    public static int run(String[] args, PrintStream out, PrintStream err) {
        try {
            KitCall call = KitCall.parse(args, USAGE);
            List<StepsDocument.AxlePlan> plans = new ArrayList<>();
            boolean mayGo = true;
            VehicleCase vehicle = call.axles();
            for (SelectedKit s : call.selected()) {
                int place = call.place(s);
                OrderGate gate = OrderGate.of(s.report(), call.vehicle());
                mayGo &= gate.state() == OrderGate.State.OPEN;
                plans.add(new StepsDocument.AxlePlan(
                        s.axle().name(),
                        s.selection().describe(),
                        gate,
                        BenchPlan.of(new PlanCase(
                                s.report(),
                                s.axle().form(),
                                Optional.of(call.vehicle()),
                                s.axle().name(),
                                vehicle.carriesVehicle(place)))));
            }
            out.print(
                    call.json()
                            ? StepsDocument.json(plans, call.wording())
                            : StepsDocument.text(plans, call.wording()));
            return mayGo ? 0 : 1;
        } catch (BadInput | DocumentException e) {
            err.println(e.getMessage());
            return 2;
        }
    }
}
