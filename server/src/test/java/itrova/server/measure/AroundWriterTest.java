package itrova.server.measure;

import static org.assertj.core.api.Assertions.assertThat;

import itrova.core.quantity.UnitSystem;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What stands around a wheel comes back as it was told. */
class AroundWriterTest {
    /** One pound is 0.45359237 kg (international yard and pound agreement, 1959). */
    @ParameterizedTest
    @CsvSource({
        "560, METRIC, 560 kg",
        "560, INCH, 560 kg",
        "598.7419284, INCH, 1320 lb",
        "598.7419284, METRIC, 1320 lb",
        "560.5, METRIC, 560.5 kg",
        "560.5, INCH, 1235.7 lb"
    })
    void aMassMarkedOnAPartIsNotRewritten(double kg, UnitSystem units, String told) {
        assertThat(new AroundWriter(units).mass(kg)).isEqualTo(told);
    }
}
