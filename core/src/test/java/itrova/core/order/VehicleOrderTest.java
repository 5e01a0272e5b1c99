package itrova.core.order;

import static itrova.core.wording.Said.said;
import static org.assertj.core.api.Assertions.assertThat;

import itrova.core.judge.FitEngine;
import itrova.core.judge.Samples;
import itrova.core.kit.Kit;
import itrova.core.kit.KitTerms;
import itrova.core.kit.MissingPart;
import itrova.core.kit.PartKind;
import itrova.core.placed.VehicleCase;
import itrova.core.placed.VehicleCase.OnAxle;
import itrova.core.settings.ShopSettings;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.Side;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Two axles of one trailer want one actuator, and each its own fluid. */
class VehicleOrderTest {
    private static Kit kit() {
        Kit plain = Samples.kit();
        KitTerms terms = plain.terms();
        List<MissingPart> missing = List.of(
                new MissingPart("actuator", 1, 48_000, "trailer trade", 9, Optional.of(PartKind.ACTUATOR)),
                new MissingPart("fluid", 1, 1_200, "factor", 1, Optional.of(PartKind.FLUID)));
        return new Kit(
                plain.code(),
                plain.name(),
                plain.supplier(),
                plain.fits(),
                plain.parts(),
                new KitTerms(
                        terms.box(),
                        terms.contents(),
                        missing,
                        terms.priceCents(),
                        terms.leadDays(),
                        terms.returnable(),
                        terms.reversible(),
                        terms.parkingBrake()),
                plain.torques(),
                plain.notes(),
                plain.choices());
    }

    private static OrderSheet sheet() {
        return OrderSheet.of(FitEngine.report(
                Samples.axle(Samples.end(Side.LEFT, AxleEndKind.TRAILER_SPINDLE).build()),
                kit(),
                ShopSettings.DEFAULTS));
    }

    private static int actuators(OrderSheet sheet) {
        return sheet.lines().stream()
                .filter(l -> l.part().filter(p -> p == PartKind.ACTUATOR).isPresent())
                .mapToInt(OrderLine::quantity)
                .sum();
    }

    private static VehicleCase trailer(boolean frontOrdered, boolean rearOrdered) {
        return new VehicleCase(List.of(
                new OnAxle("front axle", Optional.of(kit()), frontOrdered),
                new OnAxle("rear axle", Optional.of(kit()), rearOrdered)));
    }

    @Test
    void theFirstAxleBuysItAndTheSecondSaysWithWhich() {
        OrderSheet front = sheet().on(trailer(false, false), 0);
        OrderSheet rear = sheet().on(trailer(false, false), 1);
        assertThat(actuators(front)).isEqualTo(1);
        assertThat(actuators(rear)).isZero();
        assertThat(front.totalCents() - rear.totalCents()).isEqualTo(48_000);
        assertThat(rear.lines()).anySatisfy(l -> assertThat(said(l.remark())).contains("with the front axle"));
        assertThat(rear.longestLeadDays()).isLessThan(front.longestLeadDays());
    }

    @Test
    void whatWasOrderedFirstBringsIt() {
        assertThat(actuators(sheet().on(trailer(false, true), 0))).isZero();
        assertThat(actuators(sheet().on(trailer(false, true), 1))).isEqualTo(1);
    }

    @Test
    void anAxleWithoutAChoiceBringsNothing() {
        VehicleCase alone = new VehicleCase(List.of(
                new OnAxle("front axle", Optional.empty(), false), new OnAxle("rear axle", Optional.of(kit()), false)));
        assertThat(actuators(sheet().on(alone, 1))).isEqualTo(1);
    }

    @Test
    void eachAxleTakesItsOwnFluid() {
        assertThat(sheet().on(trailer(false, false), 1).lines())
                .filteredOn(l -> l.part().filter(p -> p == PartKind.FLUID).isPresent())
                .allSatisfy(l -> assertThat(l.quantity()).isEqualTo(1));
    }
}
