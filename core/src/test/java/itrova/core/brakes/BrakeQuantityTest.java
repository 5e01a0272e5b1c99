package itrova.core.brakes;

import static itrova.core.wording.Said.said;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Quantities as they are typed, with the doubt of how such a thing is known, or one told. */
class BrakeQuantityTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "7/8 in|22.225|0.05",
                "22.2|22.2|0.05",
                "22,20 ± 0,02 mm|22.20|0.02",
                "22.20 +/- 0.02 mm|22.20|0.02",
                "7/8 in ± 0.002 in|22.225|0.0508",
                "22.2 ± 0.1|22.2|0.1",
                "7/8 in ± 0.1 mm|22.225|0.1"
            })
    void boresAreUnderstood(String text, double value, double half) {
        BrakeQuantity.Told told = BrakeQuantity.MASTER_BORE.parse(text);
        assertThat(told.value()).isEqualTo(value, within(1e-9));
        assertThat(told.halfLimit()).isEqualTo(half, within(1e-9));
    }

    @Test
    void doubtsThatMakeNoSenseAreRefusedByName() {
        for (String text : List.of(
                "22.2 ± 0",
                "22.2 ± -1",
                "22.2 ± 400",
                "7/8 in ± 0.002",
                "22 ± 1 ± 2",
                "22.2 ±",
                "± 0.1",
                "22.2 ± wide")) {
            assertThatIllegalArgumentException()
                    .as(text)
                    .isThrownBy(() -> BrakeQuantity.MASTER_BORE.parse(text))
                    .withMessageContaining("master bore");
        }
    }

    /** Every quantity says how it is got, what is done wrong, and where its usual value comes from. */
    @ParameterizedTest
    @EnumSource(BrakeQuantity.class)
    void theTableIsWhole(BrakeQuantity quantity) {
        assertThat(said(quantity.howTo())).isNotBlank();
        assertThat(said(quantity.slip())).isNotBlank();
        assertThat(quantity.min()).isLessThan(quantity.max());
        assertThat(BrakeQuantity.named(quantity.key())).contains(quantity);
        if (quantity.defaultValue().isPresent()) {
            assertThat(quantity.source()).isNotBlank();
            assertThat(quantity.defaultValue().getAsDouble()).isBetween(quantity.min(), quantity.max());
        }
    }
}
