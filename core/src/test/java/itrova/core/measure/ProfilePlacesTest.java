package itrova.core.measure;

import static org.assertj.core.api.Assertions.assertThat;

import itrova.core.quantity.UnitSystem;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.AxleForm;
import itrova.core.vehicle.BracketShape;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Side;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Where a rule is held along a wheel 100 mm deep, 340 mm inside, with its studs on 114.3 mm. */
class ProfilePlacesTest {
    private static final Reading DEPTH = read(Callout.WHEEL_BACKSPACING, "", "100");

    private static Reading read(Callout callout, String place, String text) {
        return Reading.take(Side.LEFT, callout, place, text, Instrument.CALIPER_OUTSIDE, UnitSystem.METRIC);
    }

    private static List<String> worth(Callout callout, UnitSystem units, Reading... read) {
        return ProfilePlaces.worth(
                Consolidation.of(
                        Side.LEFT,
                        AxleForm.defaultFor(AxleEndKind.FRONT_SPINDLE, BracketShape.CIRCLE),
                        Stream.of(read).toList()),
                callout,
                units);
    }

    @Test
    void aBarrelIsReadFromItsEdgeToTheMountingFace() {
        assertThat(worth(Callout.WHEEL_BARREL, UnitSystem.METRIC, DEPTH)).containsExactly("10 mm", "55 mm", "100 mm");
        assertThat(worth(Callout.WHEEL_BARREL, UnitSystem.INCH, DEPTH)).containsExactly("1/2 in", "2 1/4 in", "4 in");
        assertThat(worth(Callout.WHEEL_BARREL, UnitSystem.METRIC)).containsExactly("10 mm", "50 mm", "90 mm");
    }

    @Test
    void whatStandsNearIsNotAskedAgainAndThreePlacesAreEnough() {
        Reading edge = read(Callout.WHEEL_BARREL, "12", "352");
        Reading well = read(Callout.WHEEL_BARREL, "62", "340");
        assertThat(worth(Callout.WHEEL_BARREL, UnitSystem.METRIC, DEPTH, edge)).containsExactly("55 mm", "100 mm");
        // 62 mm is near enough to 55
        assertThat(worth(Callout.WHEEL_BARREL, UnitSystem.METRIC, DEPTH, edge, well))
                .containsExactly("100 mm");
        assertThat(worth(
                        Callout.WHEEL_BARREL,
                        UnitSystem.METRIC,
                        DEPTH,
                        edge,
                        well,
                        read(Callout.WHEEL_BARREL, "80", "341")))
                .isEmpty();
    }

    @Test
    void spokesAreReadFromOutsideTheStudsToTheBarrel() {
        // studs 12.6 mm thick, 121.3 mm over one skipped: (121.3 - 12.6) / sin 72° = 114.3 mm; 114.3 / 2 + 15 = 72; 340
        // / 2 - 18 = 152
        assertThat(worth(
                        Callout.WHEEL_SPOKE,
                        UnitSystem.METRIC,
                        read(Callout.LUG_COUNT, "", "5"),
                        read(Callout.STUD_MAJOR, "", "12.6"),
                        read(Callout.STUD_OVER_SKIP_ONE, "", "121.3"),
                        read(Callout.WHEEL_BARREL, "50", "340")))
                .containsExactly("70 mm", "110 mm", "150 mm");
        assertThat(worth(Callout.WHEEL_SPOKE, UnitSystem.METRIC, read(Callout.WHEEL_BORE, "", "70")))
                .containsExactly("75 mm", "110 mm", "145 mm");
        assertThat(worth(Callout.REGISTER, UnitSystem.METRIC)).isEmpty();
    }
}
