package itrova.formats.cli;

import itrova.core.order.Bill;
import itrova.core.order.FullCost;
import itrova.core.order.OrderGate;
import itrova.core.order.OrderSheet;
import itrova.core.order.WorkedPart;
import itrova.core.placed.VehicleCase;
import itrova.core.vehicle.Side;
import itrova.core.work.BenchPlan;
import itrova.core.work.PlanCase;
import itrova.core.work.SpecialTool;
import itrova.formats.DocumentException;
import itrova.formats.OrderDocument;
import itrova.formats.StockDocument;
import itrova.formats.cli.Call.BadInput;
import java.io.PrintStream;
import java.math.BigDecimal;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * {@code itrova order JOB.json [--kit CODE] [--axle NUMBER|NAME] [--kits KITS.json] [--wheels WHEELS.json] [--parts PARTS.json] [--format text|json] [--units
 * mm|in]}.
 *
 * <p>Prints what to buy and have done, everything the plan's steps take and where it comes from, the full cost in three points, and the gate.
 * Exit status 0: every axle looked at may be ordered; 1: some is held or shut, said by what; 2: bad input, said on standard error.
 */
public final class OrderCommand {
    private static final String USAGE =
            "usage: itrova order JOB.json [--kit CODE] [--axle NUMBER|NAME] [--kits KITS.json] [--wheels WHEELS.json] [--parts PARTS.json] [--stock STOCK.json] [--rate PER-HOUR] [--format text|json] [--units mm|in]";

    private OrderCommand() {}

    /** Runs the command and gives its exit status. */
    public static int run(String[] args, PrintStream out, PrintStream err) {
        try {
            Extras extras = Extras.of(args);
            KitCall call = KitCall.parse(extras.rest(), USAGE);
            VehicleCase vehicle = call.axles();
            List<OrderDocument.AxleOrder> orders = new ArrayList<>();
            for (SelectedKit s : call.selected()) {
                int place = call.place(s);
                OrderSheet sheet = OrderSheet.of(s.report(), s.selection().optionsOf(s.kit()), s.wheel())
                        .on(vehicle, place)
                        .with(call.vehicle(), s.axle().name(), vehicle.carriesVehicle(place));
                BenchPlan plan = BenchPlan.of(new PlanCase(
                        s.report(),
                        s.axle().form(),
                        Optional.of(call.vehicle()),
                        s.axle().name(),
                        vehicle.carriesVehicle(place)));
                Bill bill =
                        Bill.of(s.report().kit(), plan, call.vehicle(), s.axle().name(), extras.stock());
                orders.add(new OrderDocument.AxleOrder(
                        s.axle().name(),
                        s.selection().describe(),
                        s.report(),
                        OrderGate.of(s.report(), call.vehicle()),
                        sheet,
                        bill,
                        FullCost.of(sheet, bill, plan, extras.rate()),
                        SpecialTool.lacking(plan, Set.of()),
                        WorkedPart.of(
                                s.report().works(),
                                s.report().kit(),
                                Stream.of(Side.values()).map(s.axle()::end).toList())));
            }
            out.print(
                    call.json()
                            ? OrderDocument.json(orders, call.wording())
                            : OrderDocument.text(orders, call.wording()));
            return orders.stream().allMatch(OrderDocument.AxleOrder::mayGo) ? 0 : 1;
        } catch (BadInput | DocumentException e) {
            err.println(e.getMessage());
            return 2;
        }
    }

    /**
     * What only this command takes.
     *
     * @param stock what the shop has, by the part's code
     * @param rate of the shop (cents an hour)
     * @param rest of the call
     */
    private record Extras(Map<String, Integer> stock, long rate, String[] rest) {
        static Extras of(String[] args) throws BadInput {
            Map<String, Integer> stock = Map.of();
            long rate = FullCost.USUAL_RATE;
            List<String> rest = new ArrayList<>();
            for (int i = 0; i < args.length; i++) {
                switch (args[i]) {
                    case "--stock" -> {
                        Path file = Path.of(Call.value(args, ++i, USAGE));
                        stock = StockDocument.read(file.toString(), Call.text(file));
                    }
                    case "--rate" -> rate = rate(Call.value(args, ++i, USAGE));
                    default -> rest.add(args[i]);
                }
            }
            return new Extras(stock, rate, rest.toArray(String[]::new));
        }

        private static long rate(String text) throws BadInput {
            if (!text.matches("\\d{1,5}([.]\\d{2})?")) {
                throw new BadInput("--rate is money an hour, such as 65.00, not “" + text + "”.");
            }
            return new BigDecimal(text).movePointRight(2).longValueExact();
        }
    }
}
