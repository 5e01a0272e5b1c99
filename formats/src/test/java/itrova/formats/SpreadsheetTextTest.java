package itrova.formats;

import static org.assertj.core.api.Assertions.assertThat;

import itrova.core.identity.Families;
import itrova.core.identity.Family;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Tables for spreadsheets: what would be reckoned there is text, figures stay figures, and all comes back as it was. */
class SpreadsheetTextTest {
    @ParameterizedTest
    @ValueSource(
            strings = {
                "=HYPERLINK(\"http://evil.example\")",
                "+SUM(A1:A9)",
                "-2+3*cmd|' /C calc'!A0",
                "@SUM(1)",
                "\tx",
                "'quoted",
                "=1"
            })
    void whatBeginsLikeAFormulaIsText(String text) {
        assertThat(SpreadsheetText.toCell(text)).startsWith("'");
        assertThat(SpreadsheetText.ofCell(SpreadsheetText.toCell(text))).isEqualTo(text);
    }

    @ParameterizedTest
    @ValueSource(strings = {"-12.5", "+3", "-1 1/2 in", "2 13/16", "plain", "", "5\""})
    void figuresAndPlainTextStayAsTheyAre(String text) {
        assertThat(SpreadsheetText.toCell(text)).isEqualTo(text);
    }

    @Test
    void familiesComeBackAsTheyWere() {
        Family model = Families.SHIPPED.of(Family.Kind.PATTERN).get(0);
        Family odd = new Family(model.table(), "=cmd", model.figures(), "@source");
        String csv = FamiliesDocument.writeCsv(List.of(odd));
        assertThat(csv).contains("'=cmd", "'@source");
        assertThat(FamiliesDocument.read("f.csv", csv)).containsExactly(odd);
    }
}
