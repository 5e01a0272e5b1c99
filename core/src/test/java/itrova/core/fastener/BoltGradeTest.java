package itrova.core.fastener;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BoltGradeTest {
    private static final double LBF = 4.448221615;

    /** SAE J429, proof load of fine threads: stress area times 85 and 120 ksi (table values rounded to 100 lbf). */
    @ParameterizedTest
    @CsvSource({
        "SAE_5, 1/2-20, 13600",
        "SAE_8, 1/2-20, 19200",
        "SAE_5, 7/16-20, 10100",
        "SAE_8, 3/8-24, 10500",
        "SAE_2, 1/2-20, 8800"
    })
    void inchProofLoads(BoltGrade grade, String thread, double pounds) {
        assertThat(grade.proofLoad(Thread.parse(thread)) / LBF).isEqualTo(pounds, within(60.0));
    }

    /** ISO 898-1, table of proof loads (N). */
    @ParameterizedTest
    @CsvSource({
        "ISO_8_8, M10x1.5, 33700",
        "ISO_8_8, M12x1.75, 48900",
        "ISO_10_9, M12x1.75, 70000",
        "ISO_12_9, M10x1.5, 56300",
        "ISO_10_9, M12x1.5, 73100",
        "ISO_8_8, M20x2.5, 147000"
    })
    void metricProofLoads(BoltGrade grade, String thread, double newtons) {
        assertThat(grade.proofLoad(Thread.parse(thread))).isEqualTo(newtons, within(newtons * 0.003));
    }

    @ParameterizedTest
    @CsvSource({"grade 8, SAE_8", "5, SAE_5", "10.9, ISO_10_9", "class 8.8, ISO_8_8"})
    void writtenAsTheShopWritesIt(String text, BoltGrade grade) {
        assertThat(BoltGrade.of(text)).contains(grade);
        assertThat(BoltGrade.of("stainless")).isEmpty();
    }
}
