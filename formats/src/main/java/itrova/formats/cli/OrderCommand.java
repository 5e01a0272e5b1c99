package itrova.formats.cli;

import itrova.core.order.OrderGate;
import itrova.core.order.OrderSheet;
import itrova.core.placed.VehicleCase;
import itrova.formats.DocumentException;
import itrova.formats.OrderDocument;
import itrova.formats.cli.Call.BadInput;
import java.io.PrintStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * {@code itrova order JOB.json [--kit CODE] [--axle NUMBER|NAME] [--kits KITS.json] [--wheels WHEELS.json] [--parts PARTS.json] [--format text|json] [--units
 * mm|in]}.
 *
 * <p>Prints what to buy and have done, its cost, and the gate. Exit status 0: every axle looked at may be ordered; 1: some is held or shut,
 * said by what; 2: bad input, said on standard error.
 */
public final class OrderCommand {
    private static final String USAGE =
            "usage: itrova order JOB.json [--kit CODE] [--axle NUMBER|NAME] [--kits KITS.json] [--wheels WHEELS.json] [--parts PARTS.json] [--format text|json] [--units mm|in]";

    private OrderCommand() {}

    /** Runs the command and gives its exit status. */
    public static int run(String[] args, PrintStream out, PrintStream err) {
        try {
            KitCall call = KitCall.parse(args, USAGE);
            VehicleCase vehicle = new VehicleCase(call.selected().stream()
                    .map(s -> new VehicleCase.OnAxle(
                            s.axle().name(), Optional.of(s.report().kit()), false))
                    .toList());
            List<OrderDocument.AxleOrder> orders = new ArrayList<>();
            for (int i = 0; i < call.selected().size(); i++) {
                SelectedKit s = call.selected().get(i);
                OrderSheet sheet = OrderSheet.of(s.report(), s.selection().optionsOf(s.kit()), s.wheel())
                        .on(vehicle, i)
                        .with(call.vehicle(), s.axle().name(), vehicle.carriesVehicle(i));
                orders.add(new OrderDocument.AxleOrder(
                        s.axle().name(),
                        s.selection().describe(),
                        s.report(),
                        OrderGate.of(s.report(), call.vehicle()),
                        sheet));
            }
            out.print(
                    call.json()
                            ? OrderDocument.json(orders, call.wording())
                            : OrderDocument.text(orders, call.wording()));
            return orders.stream().allMatch(o -> o.gate().state() == OrderGate.State.OPEN) ? 0 : 1;
        } catch (BadInput | DocumentException e) {
            err.println(e.getMessage());
            return 2;
        }
    }
}
