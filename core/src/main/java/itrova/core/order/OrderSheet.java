package itrova.core.order;

import itrova.core.brakes.FittedPart;
import itrova.core.brakes.PlannedVehicle;
import itrova.core.judge.KitReport;
import itrova.core.kit.Kit;
import itrova.core.kit.KitOption;
import itrova.core.kit.MissingPart;
import itrova.core.kit.PartKind;
import itrova.core.part.Part;
import itrova.core.part.PartSort;
import itrova.core.phrase.Phrase;
import itrova.core.placed.VehicleCase;
import itrova.core.remedy.Work;
import itrova.core.remedy.WorkKind;
import itrova.core.vehicle.Wheel;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * What to buy and have done for one axle with one kit.
 *
 * @param lines kit, missing parts, outside work
 */
public record OrderSheet(List<OrderLine> lines) {
    public OrderSheet {
        lines = List.copyOf(lines);
    }

    /** The sheet for a report's kit with the work proven for it. */
    public static OrderSheet of(KitReport report) {
        return of(report, List.of(), Optional.empty());
    }

    /**
     * The sheet for a report's kit with options, on another wheel, with the work proven for it.
     *
     * @param options options taken; their parts are in the report's kit already
     * @param wheel the wheel bought, if one is
     */
    public static OrderSheet of(KitReport report, List<KitOption> options, Optional<Wheel> wheel) {
        Kit kit = report.kit();
        List<OrderLine> lines = new ArrayList<>();
        lines.add(new OrderLine(
                OrderLine.Kind.KIT,
                kit.supplier(),
                Phrase.given(kit.code() + " " + kit.name()),
                1,
                kit.terms().priceCents(),
                kit.terms().leadDays(),
                kit.terms().returnable()
                        ? Phrase.of("order.may-be-sent-back-unused")
                        : Phrase.of("order.cannot-be-sent-back")));
        for (KitOption option : options) {
            lines.add(new OrderLine(
                    OrderLine.Kind.KIT,
                    kit.supplier(),
                    Phrase.of("order.option", kit.code(), option.code(), option.name()),
                    1,
                    option.priceCents(),
                    option.leadDays(),
                    Phrase.of("order.ordered-with-the-kit")));
        }
        wheel.ifPresent(w -> lines.add(new OrderLine(
                OrderLine.Kind.PART,
                w.offer().supplier(),
                Phrase.of("order.pair-of-wheels", w.code(), w.name()),
                1,
                w.offer().pairCents(),
                w.offer().leadDays(),
                Phrase.of("order.in-place-of-the-wheels-found-think-of-the-spare"))));
        for (MissingPart part : kit.terms().missing()) {
            lines.add(new OrderLine(
                    OrderLine.Kind.PART,
                    part.supplier(),
                    Phrase.given(part.name()),
                    part.quantity(),
                    part.unitCents(),
                    part.leadDays(),
                    Phrase.of("order.not-in-the-kit-s-box"),
                    part.kind()));
        }
        for (Work work : report.works()) {
            lines.add(line(work, work.sentence()));
            if (work.kind().isPaired() && !isDoneOnBoth(report, work.kind())) {
                lines.add(line(work, Phrase.of("order.on-the-other-side", work.kind())));
            }
        }
        return new OrderSheet(lines);
    }

    private static boolean isDoneOnBoth(KitReport report, WorkKind kind) {
        return report.works().stream()
                        .filter(w -> w.kind() == kind)
                        .map(Work::side)
                        .distinct()
                        .count()
                > 1;
    }

    private static OrderLine line(Work work, Phrase item) {
        return new OrderLine(
                work.kind().isPart() ? OrderLine.Kind.PART : OrderLine.Kind.WORK,
                work.terms().who(),
                item,
                1,
                work.terms().cents(),
                work.terms().days(),
                work.kind().isReversible() ? Phrase.of("order.can-be-undone") : Phrase.of("order.cannot-be-undone"));
    }

    /** The sheet of one axle of a vehicle: what serves the whole vehicle is bought with one axle only. */
    public OrderSheet on(VehicleCase vehicle, int axle) {
        return new OrderSheet(lines.stream()
                .map(line -> line.part()
                        .flatMap(part -> vehicle.boughtWith(axle, part))
                        .map(line::boughtWith)
                        .orElse(line))
                .toList());
    }

    /**
     * The sheet with the parts the plan of the vehicle's brakes puts in. What the kit misses and the plan brings is bought once.
     *
     * @param axle name of this axle
     * @param carriesVehicle whether parts of the whole vehicle are bought with this axle
     */
    public OrderSheet with(PlannedVehicle vehicle, String axle, boolean carriesVehicle) {
        List<OrderLine> all = new ArrayList<>(lines);
        Map<String, List<FittedPart>> byCode = vehicle.sheet().planned().parts().stream()
                .filter(p -> vehicle.catalogue().containsKey(p.code()))
                .filter(p -> p.axle().map(axle::equals).orElse(carriesVehicle))
                .collect(Collectors.groupingBy(FittedPart::code, LinkedHashMap::new, Collectors.toList()));
        byCode.forEach((code, fitted) -> {
            Part part = vehicle.catalogue().get(code);
            kindOf(part.sort())
                    .ifPresent(kind -> all.replaceAll(line ->
                            line.part().filter(k -> k == kind).isPresent() ? line.replacedBy(part.code()) : line));
            int each = part.sort() == PartSort.HOSE ? 2 : 1;
            all.add(new OrderLine(
                    OrderLine.Kind.PART,
                    part.offer().supplier(),
                    Phrase.given(part.code() + " " + part.name()),
                    each * fitted.size(),
                    part.offer().cents(),
                    part.offer().leadDays(),
                    Phrase.of("order.for-the-brakes-planned")));
        });
        return new OrderSheet(all);
    }

    /** What of the list of a conversion a part of the catalogue is. */
    private static Optional<PartKind> kindOf(PartSort sort) {
        return switch (sort) {
            case ACTUATOR -> Optional.of(PartKind.ACTUATOR);
            case FLUID -> Optional.of(PartKind.FLUID);
            case HOSE -> Optional.of(PartKind.HOSE);
            case PADS -> Optional.of(PartKind.PAD_SET);
            default -> Optional.empty();
        };
    }

    /** Sum of all lines (cents). */
    public long totalCents() {
        return lines.stream().mapToLong(OrderLine::totalCents).sum();
    }

    /** Working days until the last line is there. */
    public int longestLeadDays() {
        return lines.stream().mapToInt(OrderLine::leadDays).max().orElse(0);
    }
}
