package itrova.formats.template;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import itrova.core.geometry.Point;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;

class WheelStationsTest {
    private static final List<Point> PROFILE = List.of(
            new Point(-80, 181),
            new Point(-50, 180),
            new Point(-35, 171),
            new Point(5, 171),
            new Point(25, 174),
            new Point(28, 165),
            new Point(14, 100),
            new Point(4, 72));

    @Test
    void barrelByDepthAndSpokesByRadius() {
        WheelStations w = WheelStations.of(PROFILE);
        assertThat(w.backspacing()).isEqualTo(80);
        assertThat(w.barrel()).hasSize(5);
        assertThat(w.barrel().get(2)).containsExactly(45, 342);
        assertThat(w.spokes().get(0)).containsExactly(72, 4);
        assertThat(w.spokes().get(w.spokes().size() - 1)[0]).isEqualTo(174, within(1e-9));
    }

    @Test
    void drawnTheOtherWayRoundItIsTheSame() {
        List<Point> turned = new ArrayList<>(PROFILE);
        Collections.reverse(turned);
        assertThat(WheelStations.of(turned).barrel().get(2)).containsExactly(45, 342);
    }

    @Test
    void placesCloseTogetherStandAtTheLessFavourable() {
        List<Point> fine = new ArrayList<>(PROFILE);
        fine.add(3, new Point(-34, 169));
        assertThat(WheelStations.of(fine).barrel().get(2)).containsExactly(45, 338);
    }

    @Test
    void whatIsNoWheelIsRefused() {
        assertThatThrownBy(() -> WheelStations.of(List.of(new Point(0, 100), new Point(10, 100), new Point(20, 90))))
                .hasMessageContaining("mounting face");
        assertThatThrownBy(() -> WheelStations.of(List.of(new Point(-80, 100), new Point(10, 110), new Point(20, 120))))
                .hasMessageContaining("barrel");
    }
}
