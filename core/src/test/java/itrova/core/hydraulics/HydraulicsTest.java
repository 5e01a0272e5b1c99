package itrova.core.hydraulics;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

/** Pressure, discs, valves, air and hoses against closed forms and figures worked by hand. */
class HydraulicsTest {
    /** Closed forms: both radii meet at the rim as the ring grows narrow; uniform pressure lies further out than uniform wear. */
    @Test
    void effectiveRadiiMeetAtTheRim() {
        assertThat(EffectiveRadius.uniformPressure(140, 140)).isEqualTo(140, within(1e-12));
        assertThat(EffectiveRadius.uniformWear(140, 140)).isEqualTo(140, within(1e-12));
        double cubes = 2.0 / 3 * (Math.pow(140, 3) - Math.pow(90, 3)) / (140 * 140 - 90 * 90);
        assertThat(EffectiveRadius.uniformPressure(140, 90)).isEqualTo(cubes, within(1e-9));
        assertThat(EffectiveRadius.uniformPressure(140, 90)).isGreaterThan(EffectiveRadius.uniformWear(140, 90));
    }

    /** By hand: 54 mm piston 2290.2 mm², 5 MPa, μ 0.38, 120 mm: 2·0.38·5·2290.2·120 = 1 044 331 N·mm. */
    @Test
    void aDiscsTorqueByHand() {
        assertThat(DiscBrake.torque(5, 0, Pedal.area(54), 0.38, 120, 1)).isEqualTo(1044.3, within(0.1));
        assertThat(DiscBrake.torque(0.05, 0.07, Pedal.area(54), 0.38, 120, 1)).isZero();
    }

    /** By hand: 300 N × 5 × 0.85 = 1275 N on 22.2 mm (387.08 mm²) is 3.294 MPa; with help 4:1 up to 800 N: 3200 + 475 N. */
    @Test
    void pressureByHandBelowAndAboveTheBoostersKnee() {
        double area = Pedal.area(22.2);
        assertThat(Pedal.pressure(300, 5, 0.85, 1, 0, area)).isEqualTo(1275 / area, within(1e-9));
        assertThat(Pedal.pressure(300, 5, 0.85, 4, 800, area)).isEqualTo(3675 / area, within(1e-9));
        assertThat(Pedal.boosted(800, 4, 800)).isEqualTo(3200, within(1e-9));
    }

    @Test
    void aLargerMasterNeverRaisesPressure() {
        double last = Double.MAX_VALUE;
        for (double bore = 15; bore < 35; bore += 0.5) {
            double p = Pedal.pressure(250, 5, 0.85, 3, 600, Pedal.area(bore));
            assertThat(p).isLessThan(last);
            last = p;
        }
    }

    @Test
    void aValveIsStraightBelowItsKneeAndFlatterAbove() {
        ProportioningValve valve = new ProportioningValve(2.5, 0.4);
        assertThat(valve.behind(2.5)).isEqualTo(2.5, within(1e-12));
        assertThat(valve.behind(5)).isEqualTo(3.5, within(1e-12));
        assertThat(ProportioningValve.NONE.behind(7)).isEqualTo(7, within(1e-12));
        assertThatIllegalArgumentException().isThrownBy(() -> new ProportioningValve(-1, 0.4));
        assertThatIllegalArgumentException().isThrownBy(() -> new ProportioningValve(1, 1.4));
    }

    /** Boyle's law: at 1 MPa (10 bar) gauge 91 % of the gas is squeezed away, at 5 MPa 98 %. */
    @Test
    void airIsSqueezedByBoylesLaw() {
        assertThat(TrappedAir.swallowed(1000, 1.0) / 1000).isEqualTo(0.908, within(0.001));
        assertThat(TrappedAir.swallowed(1000, 5.0) / 1000).isEqualTo(0.980, within(0.001));
        assertThat(TrappedAir.left(1000, 0)).isEqualTo(1000, within(1e-9));
    }

    /** FMVSS 106 (from memory): a regular 1/8 in hose takes up to 0.66 cm³ a foot at 1000 psi. */
    @Test
    void aHoseGrowsWithLengthAndPressure() {
        assertThat(HoseExpansion.volume(0.66, 304.8, 6.894757293)).isEqualTo(660, within(1e-9));
        assertThat(HoseExpansion.volume(0.66, 152.4, 3.4473786465)).isEqualTo(165, within(1e-9));
    }
}
