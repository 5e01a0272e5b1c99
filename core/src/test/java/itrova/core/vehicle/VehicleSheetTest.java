package itrova.core.vehicle;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import itrova.core.vehicle.VehicleSheet.Booster;
import itrova.core.vehicle.VehicleSheet.BrakesFound;
import itrova.core.vehicle.VehicleSheet.Fluid;
import itrova.core.vehicle.VehicleSheet.Seen;
import itrova.core.vehicle.VehicleSheet.Use;
import itrova.core.vehicle.VehicleSheet.Valve;
import itrova.core.vehicle.VehicleSheet.WhileApart;
import itrova.core.vehicle.VehicleSheet.Wishes;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class VehicleSheetTest {
    private static final BrakesFound NOTHING_SEEN = VehicleSheet.EMPTY.brakes();

    private static VehicleSheet sheet(String mass, AxleLoad.Source from, String wheelbase, String centre) {
        return new VehicleSheet(
                Use.ROAD,
                mass,
                from,
                wheelbase,
                centre,
                "",
                NOTHING_SEEN,
                VehicleSheet.EMPTY.wishes(),
                List.of(),
                List.of());
    }

    private static VehicleSheet with(BrakesFound brakes) {
        return new VehicleSheet(
                Use.ROAD,
                "",
                AxleLoad.Source.ESTIMATE,
                "",
                "",
                "",
                brakes,
                VehicleSheet.EMPTY.wishes(),
                List.of(),
                List.of());
    }

    private static BrakesFound brakes(int circuits, String bore, String ratio, Seen residual, Fluid fluid) {
        return new BrakesFound(
                circuits,
                bore,
                "",
                ratio,
                Booster.NOT_LOOKED,
                residual,
                Valve.NOT_LOOKED,
                Seen.NOT_LOOKED,
                fluid,
                "",
                "",
                Seen.NOT_LOOKED,
                "");
    }

    @Test
    void nothingWrittenIsNothingKnown() {
        assertThat(VehicleSheet.EMPTY.massMeasured()).isEmpty();
        assertThat(VehicleSheet.EMPTY.wheelbaseMeasured()).isEmpty();
        assertThat(VehicleSheet.EMPTY.centreHeightMeasured()).isEmpty();
        assertThat(VehicleSheet.EMPTY.cautions()).isEmpty();
    }

    /** 1 lb = 0.45359237 kg and 1 in = 25.4 mm exactly (international yard and pound agreement, 1959). */
    @Test
    void figuresAreReadInEitherSystem() {
        VehicleSheet s = sheet("2400 lb", AxleLoad.Source.PLATE, "96 in", "22 1/2 in");
        assertThat(s.massMeasured().orElseThrow().value()).isEqualTo(2400 * 0.45359237, within(1e-6));
        assertThat(s.wheelbaseMeasured().orElseThrow().value()).isEqualTo(2438.4, within(1e-9));
        assertThat(s.centreHeightMeasured().orElseThrow().value()).isEqualTo(571.5, within(1e-9));
    }

    /** A plate is exact, a weighbridge good to 20 kg, an estimate to a tenth; limits taken as rectangular (JCGM 100:2008, 4.3.7). */
    @Test
    void theDoubtOfTheMassFollowsFromHowItIsKnown() {
        assertThat(sheet("1200 kg", AxleLoad.Source.PLATE, "", "")
                        .massMeasured()
                        .orElseThrow()
                        .u())
                .isZero();
        assertThat(sheet("1200 kg", AxleLoad.Source.WEIGHBRIDGE, "", "")
                        .massMeasured()
                        .orElseThrow()
                        .u())
                .isEqualTo(20 / Math.sqrt(3), within(1e-9));
        assertThat(sheet("1200 kg", AxleLoad.Source.ESTIMATE, "", "")
                        .massMeasured()
                        .orElseThrow()
                        .u())
                .isEqualTo(120 / Math.sqrt(3), within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({
        "20 kg, '', '', Mass",
        "50 t of it, '', '', Mass",
        "'', 3 mm, '', Wheelbase",
        "'', 300 kg, '', Wheelbase",
        "'', '', 5 m, Height",
        "'', '', half, Height"
    })
    void whatCannotBeIsRefusedByItsField(String mass, String wheelbase, String centre, String field) {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> sheet(mass, AxleLoad.Source.PLATE, wheelbase, centre))
                .withMessageContaining(field);
    }

    @Test
    void aRatioIsANumberAndCircuitsAreOneOrTwo() {
        assertThat(with(brakes(2, "", "5.5", Seen.NOT_LOOKED, Fluid.DOT_4))
                        .brakes()
                        .pedalRatio())
                .isEqualTo("5.5");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> with(brakes(2, "", "long", Seen.NOT_LOOKED, Fluid.DOT_4)))
                .withMessageContaining("Pedal ratio");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> with(brakes(3, "", "", Seen.NOT_LOOKED, Fluid.DOT_4)))
                .withMessageContaining("circuits");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> with(brakes(2, "1 m", "", Seen.NOT_LOOKED, Fluid.DOT_4)))
                .withMessageContaining("Master bore");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new VehicleSheet(
                        Use.ROAD,
                        "",
                        AxleLoad.Source.ESTIMATE,
                        "",
                        "",
                        "",
                        NOTHING_SEEN,
                        new Wishes("", -1, false),
                        List.of(),
                        List.of()))
                .withMessageContaining("budget");
    }

    /** Common practice: what is found decides what to be warned of. */
    @Test
    void cautionsFollowFromWhatWasFound() {
        assertThat(with(brakes(1, "", "", Seen.NO, Fluid.DOT_4)).cautions())
                .singleElement()
                .asString()
                .startsWith("One circuit");
        assertThat(with(brakes(2, "", "", Seen.YES, Fluid.DOT_4)).cautions())
                .singleElement()
                .asString()
                .contains("dragging");
        assertThat(with(brakes(2, "7/8 in", "", Seen.NOT_LOOKED, Fluid.DOT_4)).cautions())
                .singleElement()
                .asString()
                .contains("may hide a residual valve");
        assertThat(with(brakes(2, "7/8 in", "", Seen.NO, Fluid.DOT_4)).cautions())
                .isEmpty();
        assertThat(with(brakes(2, "", "", Seen.NO, Fluid.DOT_5_SILICONE)).cautions())
                .singleElement()
                .asString()
                .contains("change all seals");
        assertThat(with(brakes(2, "", "", Seen.NO, Fluid.MINERAL_OIL)).cautions())
                .hasSize(1);
    }

    @Test
    void jobsWhileItIsApartHaveNamesAndTimes() {
        assertThat(WhileApart.values()).allSatisfy(j -> {
            assertThat(j.title()).isNotBlank();
            assertThat(j.minutes()).isPositive();
        });
    }
}
