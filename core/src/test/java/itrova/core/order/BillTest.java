package itrova.core.order;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import itrova.core.brakes.CircuitSheet;
import itrova.core.brakes.FittedPart;
import itrova.core.brakes.PlannedVehicle;
import itrova.core.judge.FitEngine;
import itrova.core.judge.KitReport;
import itrova.core.judge.Samples;
import itrova.core.kit.Kit;
import itrova.core.kit.KitTerms;
import itrova.core.kit.MissingPart;
import itrova.core.kit.PartKind;
import itrova.core.order.Bill.From;
import itrova.core.order.Bill.Line;
import itrova.core.part.Part;
import itrova.core.part.PartSort;
import itrova.core.settings.ShopSettings;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.AxleForm;
import itrova.core.vehicle.BracketShape;
import itrova.core.vehicle.Retention;
import itrova.core.vehicle.SpindleNut;
import itrova.core.work.BenchPlan;
import itrova.core.work.PlanCase;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Bills written by hand from what the work takes (common practice), against the bill of the plan. */
class BillTest {
    private static Part part(String code, PartSort sort, long cents) {
        return new Part(
                code, sort, code, "", Map.of(), List.of(), List.of(), Set.of(), new Part.Offer("Somebody", cents, 1));
    }

    private static final Part WASHER = part("CW-1", PartSort.COPPER_WASHER, 60);
    private static final Part OTHER_WASHER = part("CW-2", PartSort.COPPER_WASHER, 90);
    private static final Part DEAR_WASHER = part("CW-3", PartSort.COPPER_WASHER, 200);

    private static Kit kit(Map<PartKind, Integer> box, MissingPart... named) {
        Kit kit = Samples.kit();
        KitTerms terms = new KitTerms(List.of(), box, List.of(named), 10_000, 5, true, true, "");
        return new Kit(
                kit.code(),
                kit.name(),
                kit.supplier(),
                kit.fits(),
                kit.parts(),
                terms,
                kit.torques(),
                kit.notes(),
                kit.choices());
    }

    private static BenchPlan plan(Kit kit, AxleEndKind kind, Retention retention) {
        KitReport report = FitEngine.report(Samples.axle(kind), kit, ShopSettings.DEFAULTS);
        return BenchPlan.of(PlanCase.alone(
                report,
                new AxleForm(kind, BracketShape.CIRCLE, SpindleNut.CASTLE, retention, false, false, false, false)));
    }

    private static PlannedVehicle vehicle(List<FittedPart> planned, Part... catalogue) {
        Map<String, Part> byCode = new LinkedHashMap<>();
        for (Part p : catalogue) {
            byCode.put(p.code(), p);
        }
        return new PlannedVehicle(
                CircuitSheet.UNSEEN.planning(planned, Map.of()), Optional.empty(), false, Map.of(), byCode, false);
    }

    private static Bill bill(
            Kit kit, AxleEndKind kind, Retention retention, Map<String, Integer> shelf, Part... parts) {
        return Bill.of(kit, plan(kit, kind, retention), vehicle(List.of(), parts), "axle", shelf);
    }

    private static Line line(Bill bill, String what) {
        return bill.lines().stream()
                .filter(l -> l.what().equals(what))
                .findFirst()
                .orElseThrow();
    }

    /** What each kind of axle end takes besides what every conversion takes. */
    @ParameterizedTest
    @CsvSource({
        "FRONT_SPINDLE, PRESSED_BEARING, bearing grease:pack 1; hub seal:seal 2; cotter or nut lock:cap 2",
        "TRAILER_SPINDLE, PRESSED_BEARING, bearing grease:pack 1; hub seal:seal 2; cotter or nut lock:cap 2",
        "REAR_LIVE_AXLE, PRESSED_BEARING, hub seal:shaft-in 2",
        "REAR_LIVE_AXLE, C_CLIP, hub seal:clip-in 2; sealant or gasket:gear-oil 1; oil:gear-oil 1",
        "CLOSED_KNUCKLE, PRESSED_BEARING, bearing grease:pack 1; hub seal:seal 2; cotter or nut lock:cap 2; sealant or gasket:drive-on 1; sealant or gasket:spindle-on 1; sealant or gasket:gear-oil 1; oil:gear-oil 1",
        "PORTAL_HUB, PRESSED_BEARING, sealant or gasket:gear-oil 1; oil:gear-oil 1",
        "REAR_UPRIGHT, PRESSED_BEARING, ''"
    })
    void everyKindOfAxleEndTakesItsOwn(AxleEndKind kind, Retention retention, String own) {
        List<String> wanted = new ArrayList<>(List.of(
                "set of pads:caliper 1",
                "caliper:caliper 2",
                "disc:disc 2",
                "solvent:disc 1",
                "bracket:bracket 2",
                "set of bracket bolts:bracket 1",
                "threadlocker:bracket 1",
                "flexible hose:hose 2",
                "banjo bolt:hose 2",
                "copper washer:hose 4",
                "brake fluid:bleed 1"));
        for (String each : own.split(";")) {
            if (!each.isBlank()) {
                wanted.add(each.strip());
            }
        }
        assertThat(bill(kit(Map.of()), kind, retention, Map.of()).lines())
                .extracting(l -> l.what() + ":" + l.step().key() + " " + l.needed())
                .containsExactlyInAnyOrderElementsOf(wanted);
    }

    /** Two copper washers a banjo, four an axle: two in the box, one on the shelf, one to buy between 60 and 200 cents. */
    @Test
    void whatIsLeftIsCountedAfterBoxAndShelf() {
        Bill bill = bill(
                kit(Map.of(PartKind.COPPER_WASHER, 2)),
                AxleEndKind.REAR_UPRIGHT,
                Retention.PRESSED_BEARING,
                Map.of("CW-1", 1),
                WASHER,
                OTHER_WASHER,
                DEAR_WASHER);
        Line washers = line(bill, "copper washer");
        assertThat(washers.inBox()).isEqualTo(2);
        assertThat(washers.onShelf()).isEqualTo(1);
        assertThat(washers.toBuy()).isEqualTo(1);
        assertThat(washers.from()).isEqualTo(From.OF_THE_CATALOGUE);
        assertThat(washers.cost()).contains(new CostRange(60, 90, 200));
        assertThat(bill.besides()).isEqualTo(new CostRange(60, 90, 200));
    }

    /** A washer on the shelf is none of those wanted where the catalogue tells them apart by size. */
    @Test
    void whatMayBeOfAnotherSizeIsBought() {
        Part other = new Part(
                "CW-9",
                WASHER.sort(),
                WASHER.name(),
                "another size",
                WASHER.figures(),
                WASHER.ports(),
                WASHER.ends(),
                WASHER.traits(),
                WASHER.offer());
        Bill bill = bill(
                kit(Map.of()),
                AxleEndKind.REAR_UPRIGHT,
                Retention.PRESSED_BEARING,
                Map.of("CW-1", 50, "CW-9", 50),
                WASHER,
                other);
        Line washers = line(bill, "copper washer");
        assertThat(washers.onShelf()).isZero();
        assertThat(washers.toBuy()).isEqualTo(4);
    }

    @Test
    void whatNobodyPricesAndWhatThePapersNameIsInNoSum() {
        Bill bill = bill(
                kit(Map.of(), new MissingPart("washer", 4, 50, "S", 1, Optional.of(PartKind.COPPER_WASHER))),
                AxleEndKind.REAR_UPRIGHT,
                Retention.PRESSED_BEARING,
                Map.of());
        assertThat(line(bill, "caliper").from()).isEqualTo(From.OPEN);
        assertThat(line(bill, "caliper").cost()).isEmpty();
        assertThat(bill.open())
                .extracting(Line::what)
                .contains("caliper", "disc")
                .doesNotContain("copper washer");
        assertThat(line(bill, "copper washer").from()).isEqualTo(From.NAMED_BY_THE_PAPERS);
        assertThat(bill.besides()).isEqualTo(CostRange.NOTHING);
    }

    @Test
    void aWholeBoxLeavesOnlyWhatNoBoxHolds() {
        Bill bill = bill(kit(PartKind.all()), AxleEndKind.FRONT_SPINDLE, Retention.PRESSED_BEARING, Map.of());
        assertThat(bill.open()).extracting(Line::what).containsExactly("solvent");
        assertThat(bill.lines())
                .filteredOn(l -> !l.what().equals("solvent"))
                .allMatch(l -> l.from() == From.IN_THE_BOX);
    }

    @Test
    void whatIsPlannedForTheBrakesIsNotBoughtTwice() {
        Part washers = part("CW-9", PartSort.COPPER_WASHER, 70);
        Kit kit = kit(Map.of());
        Bill bill = Bill.of(
                kit,
                plan(kit, AxleEndKind.REAR_UPRIGHT, Retention.PRESSED_BEARING),
                vehicle(List.of(new FittedPart("CW-9", Optional.empty())), washers, WASHER),
                "axle",
                Map.of());
        Line line = line(bill, "copper washer");
        assertThat(line.from()).isEqualTo(From.PLANNED_FOR_THE_BRAKES);
        assertThat(line.code()).contains("CW-9");
    }

    /** Own hours by hand: the minutes of every step times its people, at 60 an hour. */
    @Test
    void theFullCostAddsUp() {
        Kit kit = kit(PartKind.all());
        BenchPlan plan = plan(kit, AxleEndKind.REAR_UPRIGHT, Retention.PRESSED_BEARING);
        KitReport report = FitEngine.report(Samples.axle(AxleEndKind.REAR_UPRIGHT), kit, ShopSettings.DEFAULTS);
        Bill bill = Bill.of(kit, plan, vehicle(List.of(), part("SO-1", PartSort.SOLVENT, 460)), "axle", Map.of());
        OrderSheet sheet = OrderSheet.of(report);
        FullCost cost = FullCost.of(sheet, bill, plan, 6_000);
        double minutes = plan.steps().stream()
                .mapToDouble(s ->
                        s.effort().people() * s.effort().minutes().orElseThrow().likely())
                .sum();
        assertThat(cost.hours().likely()).isEqualTo(Math.round(minutes * 100));
        assertThat(cost.besides()).isEqualTo(CostRange.exactly(460));
        assertThat(cost.total().likely())
                .isEqualTo(sheet.totalCents() + 460 + cost.hours().likely());
        assertThat(cost.total().low()).isLessThan(cost.total().likely());
        assertThat(cost.total().high()).isGreaterThan(cost.total().likely());
    }

    @Test
    void moneyThatDoesNotRiseIsRefused() {
        assertThatIllegalArgumentException().isThrownBy(() -> new CostRange(2, 1, 3));
        assertThatIllegalArgumentException().isThrownBy(() -> new CostRange(-1, 1, 3));
        assertThat(CostRange.over(List.of(5L, 1L, 9L))).isEqualTo(new CostRange(1, 5, 9));
    }
}
