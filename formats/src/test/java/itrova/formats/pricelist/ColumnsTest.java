package itrova.formats.pricelist;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import itrova.formats.pricelist.Columns.Use;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class ColumnsTest {
    @Test
    void guessesWhatHeadingsMean() {
        assertThat(Columns.proposed(List.of(
                        "Part No.",
                        "Description",
                        "Net price",
                        "Bore (in)",
                        "bore_mm",
                        "Stroke mm",
                        "Pressure [psi]",
                        "Colour")))
                .containsExactly(
                        new Use("Part No.", "code", ""),
                        new Use("Description", "name", ""),
                        new Use("Net price", "price", ""),
                        new Use("Bore (in)", "bore_mm", "in"),
                        new Use("bore_mm", "bore_mm", "mm"),
                        new Use("Stroke mm", "stroke_mm", "mm"),
                        new Use("Pressure [psi]", "pressure_MPa", "psi"));
    }

    @Test
    void takesTheFirstOfTwoColumnsThatSeemToTellTheSame() {
        assertThat(Columns.proposed(List.of("Code", "Item", "Price"))).hasSize(2);
    }

    @Test
    void wantsCodeAndPriceAndNothingTwice() {
        Use code = new Use("A", "code", "");
        Use price = new Use("B", "price", "");
        assertThatThrownBy(() -> new Columns("X", Optional.empty(), List.of(code)))
                .hasMessageContaining("price");
        assertThatThrownBy(() -> new Columns("X", Optional.empty(), List.of(price)))
                .hasMessageContaining("code");
        assertThatThrownBy(() -> new Columns(" ", Optional.empty(), List.of(code, price)))
                .hasMessageContaining("supplier");
        assertThatThrownBy(() -> new Columns("X", Optional.empty(), List.of(code, price, new Use("C", "price", ""))))
                .hasMessageContaining("“B” and “C”");
        assertThatThrownBy(
                        () -> new Columns("X", Optional.empty(), List.of(code, price, new Use("C", "bore_mm", "psi"))))
                .hasMessageContaining("in which unit");
        assertThatThrownBy(() -> new Columns("X", Optional.empty(), List.of(code, price, new Use("C", "colour", ""))))
                .hasMessageContaining("colour");
    }
}
