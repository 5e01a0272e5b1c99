package itrova.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static tech.units.indriya.unit.Units.METRE;
import static tech.units.indriya.unit.Units.NEWTON;
import static tech.units.indriya.unit.Units.PASCAL;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.List;
import javax.measure.MetricPrefix;
import javax.measure.Unit;
import javax.measure.quantity.Length;
import javax.measure.quantity.Pressure;
import org.junit.jupiter.api.Assumptions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class UnitTest {
    /** NIST Special Publication 811 (2008), appendix B.8; inch and pound are exact. */
    @ParameterizedTest
    @CsvSource({
        "INCH, 25.4",
        "FOOT, 304.8",
        "POUND, 0.45359237",
        "POUND_FOOT, 1.355817948",
        "POUND_INCH, 0.112984829",
        "PSI, 0.006894757293"
    })
    void factorsAreThoseOfNist(itrova.core.quantity.Unit unit, double factor) {
        assertThat(unit.toSi()).isEqualTo(factor, within(1e-12));
    }

    /** JSR-385 reference library (Indriya): inch as 2.54 cm, psi built from pound-force and square inch. */
    @Test
    void lengthAndPressureAgreeWithTheReferenceLibrary() {
        Unit<Length> inch = MetricPrefix.CENTI(METRE).multiply(2.54);
        double mm = inch.getConverterTo(MetricPrefix.MILLI(METRE)).convert(1.0);
        assertThat(itrova.core.quantity.Unit.INCH.toSi()).isEqualTo(mm, within(1e-9));

        Unit<?> poundForce = NEWTON.multiply(4.4482216152605);
        Unit<Pressure> psi = poundForce.divide(inch.multiply(inch)).asType(Pressure.class);
        double mpa = psi.getConverterTo(MetricPrefix.MEGA(PASCAL)).convert(1.0);
        assertThat(itrova.core.quantity.Unit.PSI.toSi()).isEqualTo(mpa, within(1e-9));
    }

    /** Debian's units program (GNU Units), where it is installed. */
    @ParameterizedTest
    @CsvSource({
        "INCH, inch, mm",
        "FOOT, foot, mm",
        "THOUSANDTH, mil, mm",
        "POUND, lb, kg",
        "TONNE, tonne, kg",
        "POUND_FOOT, lbf ft, N m",
        "POUND_INCH, lbf inch, N m",
        "PSI, psi, MPa",
        "BAR, bar, MPa",
        "KILOPASCAL, kPa, MPa"
    })
    void factorsAgreeWithGnuUnits(itrova.core.quantity.Unit unit, String from, String to) throws Exception {
        double factor = gnuUnits(from, to);
        assertThat(unit.toSi() / factor).isEqualTo(1, within(1e-9));
    }

    private static double gnuUnits(String from, String to) throws InterruptedException {
        try {
            Process process = new ProcessBuilder(List.of("units", "-t", "-o", "%.15g", from, to)).start();
            try (BufferedReader out =
                    new BufferedReader(new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8))) {
                String line = out.readLine();
                process.waitFor();
                return Double.parseDouble(line);
            }
        } catch (IOException e) {
            Assumptions.abort("GNU units is not installed");
            return 0;
        }
    }
}
