package itrova.core.fastener;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Torques that a slip of unit makes, and torques of the trade that must pass. */
class ImpossibleTorqueTest {
    private static final double NM_PER_POUND_FOOT = 1.355817948;

    @ParameterizedTest
    @CsvSource({
        "7/16-20, 4.583, too little", // 55 lbf·in
        "7/16-20, 550, more than stands",
        "3/8-24, 2.9, too little", // 35 lbf·in
        "M10x1.5, 600, more than stands"
    })
    void aSlipOfUnitIsAskedAbout(String thread, double poundFeet, String said) {
        assertThat(Tightening.whyImpossible(poundFeet * NM_PER_POUND_FOOT, Thread.parse(thread)))
                .hasValueSatisfying(why -> assertThat(why).contains(said, "unit has slipped", thread));
    }

    @ParameterizedTest
    @CsvSource({
        "7/16-20, 55",
        "3/8-24, 35",
        "1/2-20, 75",
        "M12x1.5, 80",
        "M14x1.5, 100",
        "5/16-18, 12.9", // 155 lbf·in on a disc-to-hat bolt
        "3/4-16, 17" // a bearing's nut, adjusted
    })
    void usualTorquesPass(String thread, double poundFeet) {
        assertThat(Tightening.whyImpossible(poundFeet * NM_PER_POUND_FOOT, Thread.parse(thread)))
                .isEmpty();
    }

    /** By hand for 7/16-20: grade 2 proof 379.2 MPa x 76.6 mm²; an eighth and a bit less, 12 %, at K 0.2 is 7.74 N·m. */
    @ParameterizedTest
    @CsvSource({"7.6, false", "7.9, true"})
    void theBoundFromBelowIsWhereItIsSaid(double torque, boolean passes) {
        assertThat(Tightening.whyImpossible(torque, Thread.parse("7/16-20")).isEmpty())
                .isEqualTo(passes);
    }
}
