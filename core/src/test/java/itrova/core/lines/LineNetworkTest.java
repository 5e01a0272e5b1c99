package itrova.core.lines;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import itrova.core.lines.LinePoint.Outlet;
import itrova.core.lines.LinePoint.Wheel;
import itrova.core.vehicle.Side;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/**
 * One circuit worked by hand: outlet 1 —400 mm— junction 1; from there 300 mm to the front left, 1100 mm to the front right, and 2600 mm of
 * a wider pipe to junction 2 at the rear axle, 500 mm and 700 mm to its wheels.
 *
 * <p>Front: 300 + 1100 + half of 400 = 1600 mm. Rear: 2600 + 500 + 700 + half of 400 = 4000 mm. Farthest is the rear right:
 * 400 + 2600 + 700 = 3700 mm.
 */
class LineNetworkTest {
    private static LineRun run(String from, String to, String length) {
        return new LineRun(LinePoint.of(from), LinePoint.of(to), length, "");
    }

    private static List<LineRun> one() {
        return new ArrayList<>(List.of(
                run("outlet 1", "junction 1", "400"),
                run("junction 1", "axle 1 left", "300 mm"),
                run("axle 1 right", "junction 1", "110 cm"),
                new LineRun(LinePoint.of("junction 1"), LinePoint.of("junction 2"), "2600", "4.0"),
                run("junction 2", "axle 2 left", "500"),
                run("junction 2", "axle 2 right", "700")));
    }

    @Test
    void lengthsWorkedByHand() {
        LineNetwork network = LineNetwork.of(one(), 2);
        assertThat(network.of(0).length()).isEqualTo(1600, within(1e-9));
        assertThat(network.of(1).length()).isEqualTo(4000, within(1e-9));
        assertThat(network.distance(new Wheel(1, Side.RIGHT))).isEqualTo(3700, within(1e-9));
        assertThat(network.distance(new Wheel(0, Side.RIGHT))).isEqualTo(1500, within(1e-9));
        assertThat(network.circuits()).isEqualTo(1);
    }

    /** The bore is that of one pipe as long that holds as much: (1400 · 3.2² + 2600 · 4²) / 4000, its root. */
    @Test
    void widerPipeHoldsMore() {
        assertThat(LineNetwork.of(one(), 2).of(1).bore())
                .isEqualTo(Math.sqrt((1400 * 3.2 * 3.2 + 2600 * 16) / 4000), within(1e-9));
    }

    /** One tape: what it is off adds up; 2 % of each piece, at least 5 mm. */
    @Test
    void theTapesDoubtAddsUp() {
        assertThat(LineNetwork.of(one(), 2).of(0).halfLimit()).isEqualTo(6 + 22 + 4, within(1e-9));
    }

    @Test
    void twoOutletsApart() {
        LineNetwork network = LineNetwork.of(
                List.of(
                        run("outlet 1", "axle 1 left", "500"),
                        run("axle 1 left", "axle 1 right", "900"),
                        run("outlet 2", "junction 1", "3000"),
                        run("junction 1", "axle 2 left", "500"),
                        run("junction 1", "axle 2 right", "500")),
                2);
        assertThat(network.circuits()).isEqualTo(2);
        assertThat(network.feeding(new Wheel(1, Side.LEFT))).isEqualTo(new Outlet(2));
        assertThat(network.of(0).length()).isEqualTo(1400, within(1e-9));
    }

    private static void refused(Stream<LineRun> runs, String... words) {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> LineNetwork.of(runs.toList(), 2))
                .satisfies(e -> assertThat(e.getMessage()).contains(words));
    }

    @Test
    void aLoopIsRefusedByItsLine() {
        refused(
                Stream.concat(one().stream(), Stream.of(run("axle 1 left", "axle 1 right", "900"))),
                "axle 1 left to axle 1 right",
                "loop");
    }

    @Test
    void theSameLineTwiceIsALoop() {
        refused(Stream.concat(one().stream(), one().stream().skip(5)), "junction 2 to axle 2 right", "loop");
    }

    @Test
    void joinedOutletsAreRefused() {
        refused(
                Stream.concat(one().stream(), Stream.of(run("outlet 2", "junction 2", "900"))),
                "outlet 2 to junction 2",
                "joins both outlets");
    }

    @Test
    void everyWheelWantsALine() {
        refused(one().stream().limit(5), "axle 2 right", "without a line");
    }

    @Test
    void aLineThatHangsOnNothingIsRefused() {
        refused(
                Stream.concat(one().stream(), Stream.of(run("junction 4", "junction 5", "200"))),
                "junction 4 to junction 5",
                "hangs on no outlet");
    }

    @Test
    void aThirdAxleIsNotThere() {
        refused(Stream.concat(one().stream(), Stream.of(run("junction 2", "axle 3 left", "200"))), "axle 3 left");
    }

    @Test
    void nonsenseIsRefusedByItsEnd() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> run("outlet 1", "outlet 1", "200"))
                .withMessageContaining("loop");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> run("outlet 1", "axle 1 left", "100 m"))
                .withMessageContaining("Line from outlet 1 to axle 1 left");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> run("outlet 1", "axle 1 left", "banana"))
                .withMessageContaining("length");
        for (String none : List.of("outlet 3", "axle 1", "axle 0 left", "junction 10", "outlet 1 left", "", "wheel")) {
            assertThatIllegalArgumentException()
                    .isThrownBy(() -> LinePoint.of(none))
                    .withMessageContaining("no end of a brake line");
        }
    }

    @Test
    void namesComeBack() {
        for (String key : List.of("outlet 2", "junction 9", "axle 4 right")) {
            assertThat(LinePoint.of(key).key()).isEqualTo(key);
        }
    }
}
