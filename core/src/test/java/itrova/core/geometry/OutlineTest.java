package itrova.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class OutlineTest {
    private static final Outline KITE =
            new Outline(List.of(new Point(-3, 90), new Point(12, 100), new Point(-3, 140), new Point(-20, 100)));

    @Test
    void itsBoundsHoldEveryCorner() {
        assertThat(KITE.minX()).isEqualTo(-20);
        assertThat(KITE.maxX()).isEqualTo(12);
        assertThat(KITE.minR()).isEqualTo(90);
        assertThat(KITE.maxR()).isEqualTo(140);
    }

    @Test
    void shiftedItMovesAlongTheAxisAlone() {
        Outline moved = KITE.shifted(7);
        assertThat(moved.minX()).isEqualTo(-13);
        assertThat(moved.maxR()).isEqualTo(140);
        assertThat(moved.shifted(-7)).isEqualTo(KITE).hasSameHashCodeAs(KITE);
        assertThat(KITE.shifted(1)).isNotEqualTo(KITE);
    }

    @Test
    void changedOverTwiceItIsItself() {
        assertThat(KITE.swapped().minX()).isEqualTo(90);
        assertThat(KITE.swapped().swapped()).isEqualTo(KITE);
    }

    @Test
    void itKeepsItsOwnCorners() {
        List<Point> corners = new ArrayList<>(KITE.corners());
        Outline made = new Outline(corners);
        corners.clear();
        assertThat(made.corners()).hasSize(4);
    }

    @Test
    void whatIsNoPolygonIsRefused() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Outline(List.of(new Point(0, 0), new Point(1, 1))))
                .withMessageContaining("3 corners");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Outline(List.of(new Point(0, 0), new Point(1, 1), new Point(Double.NaN, 2))))
                .withMessageContaining("finite");
    }
}
