package itrova.core.fastener;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ThreadToleranceTest {
    /** ASME B1.1, class 2A, major diameter limits in inches (from memory). */
    @ParameterizedTest
    @CsvSource({"3/8-24, 0.3739, 0.3667", "7/16-20, 0.4362, 0.4281", "1/2-20, 0.4987, 0.4906", "1/2-13, 0.4985, 0.4876"
    })
    void inchLimits(String designation, double most, double least) {
        ThreadTolerance t = ThreadTolerance.external(Thread.parse(designation));
        assertThat((t.centre() + t.halfWidth()) / 25.4).isEqualTo(most, within(1.5e-4));
        assertThat((t.centre() - t.halfWidth()) / 25.4).isEqualTo(least, within(1.5e-4));
    }

    /** ISO 965-2, 6g, major diameter limits in mm (from memory); the standard rounds its tolerances. */
    @ParameterizedTest
    @CsvSource({
        "M10x1.5, 9.968, 9.732",
        "M12x1.5, 11.968, 11.732",
        "M14x1.5, 13.968, 13.732",
        "M12x1.75, 11.966, 11.701"
    })
    void metricLimits(String designation, double most, double least) {
        ThreadTolerance t = ThreadTolerance.external(Thread.parse(designation));
        assertThat(t.centre() + t.halfWidth()).isEqualTo(most, within(3e-3));
        assertThat(t.centre() - t.halfWidth()).isEqualTo(least, within(8e-3));
    }
}
