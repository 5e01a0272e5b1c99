package itrova.core.kit;

import static org.assertj.core.api.Assertions.assertThat;

import itrova.core.geometry.ClockWindow;
import itrova.core.geometry.Outline;
import itrova.core.geometry.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

/** Outlines on both sides of each bound, on a disc of 280 mm that is 20 mm thick. */
class CaliperShapeTest {
    private static final Disc DISC = new Disc(
            Figure.general(280),
            Figure.general(20),
            Figure.bore(70),
            Figure.general(150),
            Figure.general(6),
            Figure.general(40),
            OptionalDouble.of(1),
            List.of(new HolePattern(5, Figure.general(114.3), Figure.general(13))),
            Optional.empty(),
            Optional.empty(),
            DiscMake.PLAIN);

    private static Optional<String> fault(double... xr) {
        return fault(List.of(), xr);
    }

    private static Optional<String> fault(List<PistonBore> bores, double... xr) {
        List<Point> corners = new ArrayList<>();
        for (int i = 0; i < xr.length; i += 2) {
            corners.add(new Point(xr[i], xr[i + 1]));
        }
        CaliperPlumbing plumbing = new CaliperPlumbing(bores, Optional.empty(), Optional.empty(), false);
        return CaliperShape.fault(
                new Caliper(
                        false,
                        Optional.of(new Outline(corners)),
                        0.5,
                        0,
                        List.of(),
                        new ClockWindow(-45, 45),
                        plumbing),
                DISC);
    }

    private static Optional<String> box(double x1, double x2, double r1, double r2) {
        return fault(x1, r1, x2, r1, x2, r2, x1, r2);
    }

    @Test
    void aCaliperIsNoFault() {
        assertThat(box(-40, 40, 90, 155)).isEmpty();
        assertThat(fault(-40, 90, 40, 90, 40, 155, -40, 155, -40, 90))
                .as("closed by its first corner")
                .isEmpty();
        assertThat(CaliperShape.fault(new Caliper(true, Optional.empty(), 0.5, 8), DISC))
                .isEmpty();
    }

    @Test
    void aTriangleOfThreeDistinctCornersThatOnceMadeAKitFitIsRefused() {
        assertThat(fault(-12, 95, -12, 95, 12, 110, -12, 110))
                .hasValueSatisfying(f -> assertThat(f).contains("180 mm²"));
    }

    @Test
    void anOutlineThatCrossesTouchesOrFoldsBackIsRefused() {
        assertThat(fault(-40, 90, 40, 90, 40, 155, -40, 155, -40, 120, 60, 120))
                .hasValueSatisfying(f -> assertThat(f).contains("crosses or touches itself"));
        assertThat(fault(-40, 90, 40, 90, 40, 155, 0, 90, -40, 155))
                .as("touches its own edge")
                .isPresent();
        assertThat(fault(-40, 90, 40, 90, 40, 155, 40, 120, -40, 120, -40, 100))
                .as("folds back")
                .isPresent();
    }

    @Test
    void itHoldsThePadsOnBothFacesOfTheDisc() {
        assertThat(box(-14, 14, 90, 155)).isEmpty();
        assertThat(box(-13.9, 14, 90, 155))
                .hasValueSatisfying(f -> assertThat(f).contains("with its pads"));
        assertThat(box(-14, 13.9, 90, 155)).isPresent();
    }

    @Test
    void itBridgesTheDiscsEdge() {
        assertThat(box(-40, 40, 125, 140)).isEmpty();
        assertThat(box(-40, 40, 125.1, 140))
                .hasValueSatisfying(f -> assertThat(f).contains("out of the disc's reach"));
        assertThat(box(-40, 40, 90, 139.9)).isPresent();
        assertThat(box(-40, 40, 90, 290)).isEmpty();
        assertThat(box(-40, 40, 90, 290.1)).isPresent();
        assertThat(box(-40, 40, -1, 155)).isPresent();
    }

    @Test
    void itIsHigherThanItsOwnPiston() {
        List<PistonBore> bore = List.of(new PistonBore(54, 0, 112));
        assertThat(fault(bore, -40, 90, 40, 90, 40, 144, -40, 144)).isEmpty();
        assertThat(fault(bore, -40, 90, 40, 90, 40, 143.9, -40, 143.9))
                .hasValueSatisfying(f -> assertThat(f).contains("own piston"));
    }
}
