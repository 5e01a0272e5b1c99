package itrova.formats.pricelist;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Prices as lists write them; grouping and decimal signs after ISO 80000-1, 7.3, and the everyday ways beside it (common practice). */
class ListPriceTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "12.50|1250",
                "12,50|1250",
                "12,5|1250",
                "12|1200",
                "1,234.56|123456",
                "1.234,56|123456",
                "1 234,56|123456",
                "1'234.56|123456",
                "1,234,567|-",
                "1.234.567,80|-",
                "€ 12.50|1250",
                "12.50 EUR|1250",
                "0|0"
            })
    void reads(String text, String cents) {
        if (cents.equals("-")) {
            assertThatThrownBy(() -> ListPrice.cents(text, "EUR")).hasMessageContaining("more than any part costs");
        } else {
            assertThat(ListPrice.cents(text, "EUR")).isEqualTo(Long.parseLong(cents));
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"1,234", "1.234", "12.505", "1,23,456"})
    void refusesWhatCanBeReadTwoWays(String text) {
        assertThatThrownBy(() -> ListPrice.cents(text, "EUR")).hasMessageContaining("two ways");
    }

    @ParameterizedTest
    @ValueSource(strings = {"$12.50", "12.50 USD", "£ 3.00"})
    void refusesAnotherCurrency(String text) {
        assertThatThrownBy(() -> ListPrice.cents(text, "EUR")).hasMessageContaining("not in EUR");
    }

    @ParameterizedTest
    @ValueSource(strings = {"on request", "-3.00", "", "n/a", "=1+1"})
    void refusesWhatIsNoPrice(String text) {
        assertThatThrownBy(() -> ListPrice.cents(text, "EUR")).isInstanceOf(IllegalArgumentException.class);
    }
}
