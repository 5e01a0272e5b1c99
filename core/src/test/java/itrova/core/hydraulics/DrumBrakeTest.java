package itrova.core.hydraulics;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import itrova.core.hydraulics.DrumBrake.Kind;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Shoes against the worked example of Shigley's Mechanical Engineering Design (internal expanding rim brakes). */
class DrumBrakeTest {
    /** r = 150 mm, b = 32 mm, θ from 0 to 126°, pivot at 112 and 50 mm, arm 212 mm; μ = 0.32, p_a = 1.0 MPa. */
    private static final InternalShoe SHIGLEY =
            new InternalShoe(150, 32, 0, Math.toRadians(126), Math.hypot(112, 50), 212);

    private static final double MU = 0.32;

    @Test
    void momentsForceAndTorquesAreThoseOfTheWorkedExample() {
        double normal = SHIGLEY.normalMoment() / 1000;
        double friction = SHIGLEY.frictionMoment(MU) / 1000;
        assertThat(normal).isEqualTo(787, within(1.5));
        assertThat(friction).isEqualTo(304, within(1.0));
        double force = (normal - friction) / 0.212;
        assertThat(force).isEqualTo(2280, within(10.0));
        double primary = SHIGLEY.torque(MU) / 1000;
        assertThat(primary).isEqualTo(366, within(1.0));
        double pressure = force * 0.212 / (normal + friction);
        assertThat(pressure).isEqualTo(0.443, within(0.002));
        assertThat(pressure * primary).isEqualTo(162, within(1.0));
        DrumBrake brake = new DrumBrake(Kind.LEADING_TRAILING, SHIGLEY);
        assertThat(brake.factor(MU) * force * 0.150).isEqualTo(528, within(1.5));
    }

    /** From memory, near μ 0.35: leading/trailing 2.0 to 2.3, two leading about 3, servo 4 to 6, each with its usual geometry. */
    @Test
    void factorsLieWhereTheyAreKnownToLie() {
        InternalShoe shoe = new InternalShoe(127, 45, Math.toRadians(20), Math.toRadians(125), 100, 195);
        assertThat(new DrumBrake(Kind.LEADING_TRAILING, shoe).factor(0.35)).isBetween(1.7, 2.6);
        assertThat(new DrumBrake(Kind.TWO_LEADING, shoe).factor(0.35)).isBetween(2.4, 4.2);
        assertThat(new DrumBrake(Kind.SERVO, shoe).factor(0.35)).isBetween(3.5, 7.0);
    }

    @Test
    void aServoBrakeFadesMoreThanOneOfLeadingAndTrailingShoes() {
        DrumBrake plain = new DrumBrake(Kind.LEADING_TRAILING, SHIGLEY);
        DrumBrake servo = new DrumBrake(Kind.SERVO, SHIGLEY);
        double plainShare = plain.sensitivity(MU) * MU / plain.factor(MU);
        double servoShare = servo.sensitivity(MU) * MU / servo.factor(MU);
        assertThat(plainShare).isGreaterThan(1); // a disc's torque grows just with friction
        assertThat(servoShare).isGreaterThan(plainShare);
    }

    @Test
    void aShoeThatWouldLockByItselfIsSaidToNotReckoned() {
        assertThat(SHIGLEY.leadingFactor(0.9)).isInfinite();
    }

    @Test
    void moreFrictionNeverBrakesLess() {
        Random random = new Random(7);
        int finite = 0;
        for (int i = 0; i < 500; i++) {
            InternalShoe shoe = new InternalShoe(
                    random.nextDouble(90, 200),
                    40,
                    Math.toRadians(random.nextDouble(0, 35)),
                    Math.toRadians(random.nextDouble(90, 140)),
                    random.nextDouble(70, 85),
                    random.nextDouble(150, 170));
            double mu = random.nextDouble(0.1, 0.4);
            for (Kind kind : Kind.values()) {
                DrumBrake brake = new DrumBrake(kind, shoe);
                if (Double.isFinite(brake.factor(mu))) {
                    assertThat(brake.factor(mu + 0.02)).isGreaterThan(brake.factor(mu));
                    finite++;
                }
            }
        }
        assertThat(finite).isGreaterThan(500);
    }

    @Test
    void impossibleShoesAreRefused() {
        assertThatIllegalArgumentException().isThrownBy(() -> new InternalShoe(0, 40, 0, 1, 80, 160));
        assertThatIllegalArgumentException().isThrownBy(() -> new InternalShoe(120, 40, 1, 0.5, 80, 160));
    }
}
