package itrova.core.part;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import itrova.core.kit.Figure;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** What a part must tell, and what it may not. */
class PartTest {
    private static final Part.Offer OFFER = new Part.Offer("Somebody", 1000, 3);

    private static Part part(PartSort sort, Map<PartQuantity, Figure> figures) {
        return new Part("P-1", sort, "a part", "", figures, List.of(), List.of(), Set.of(), OFFER);
    }

    @Test
    void aFigureItsSortMustTellIsNamedWhereItIsAbsent() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> part(PartSort.MASTER, Map.of(PartQuantity.BORE, Figure.stated(20, 0.03))))
                .withMessageContaining("master cylinder")
                .withMessageContaining("stroke_mm");
    }

    @Test
    void aBoreOfTwentyTwoInchesIsRefused() {
        Map<PartQuantity, Figure> figures = Map.of(
                PartQuantity.BORE, Figure.stated(22 * 25.4, 0.03),
                PartQuantity.STROKE, Figure.stated(36, 1),
                PartQuantity.RESERVOIR, Figure.stated(300, 10));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> part(PartSort.MASTER, figures))
                .withMessageContaining("bore of 558.8")
                .withMessageContaining("unit");
    }

    @Test
    void aPriceBelowNothingIsRefused() {
        assertThatIllegalArgumentException().isThrownBy(() -> new Part.Offer("Somebody", -1, 0));
    }

    @Test
    void everySortsFiguresAreAskedForByNamesThatAreReadBack() {
        for (PartQuantity quantity : PartQuantity.values()) {
            assertThat(PartQuantity.named(quantity.key())).contains(quantity);
        }
    }

    @Test
    void aValveWithARangeIsSetByHand() {
        Map<PartQuantity, Figure> fixed =
                Map.of(PartQuantity.KNEE, Figure.stated(2, 0.1), PartQuantity.SLOPE, Figure.stated(0.3, 0.02));
        assertThat(part(PartSort.VALVE, fixed).isAdjustable()).isFalse();
        assertThat(part(
                                PartSort.VALVE,
                                Map.of(
                                        PartQuantity.KNEE,
                                        Figure.stated(1, 0.1),
                                        PartQuantity.KNEE_MOST,
                                        Figure.stated(6, 0.1),
                                        PartQuantity.SLOPE,
                                        Figure.stated(0.3, 0.02)))
                        .isAdjustable())
                .isTrue();
    }
}
