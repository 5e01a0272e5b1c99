package itrova.core.order;

import static itrova.core.wording.Said.said;
import static org.assertj.core.api.Assertions.assertThat;

import itrova.core.measure.WantedReadings.Wanted;
import itrova.core.order.AxleStanding.Spot;
import itrova.core.order.AxleStanding.Stage;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Side;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Where an axle stands, from nothing measured to an order that does not hold any more. */
class AxleStandingTest {
    private static AxleStanding measuring(int wanted) {
        return AxleStanding.measuring(wanted, 7.6, new Wanted(Side.RIGHT, Callout.WHEEL_TO_FENDER));
    }

    @Test
    void theNextStepIsTheVeryReadingOrSide() {
        assertThat(said(measuring(3).next())).isEqualTo("Tyre to fender, right");
        assertThat(measuring(3).spot()).contains(new Spot(Side.RIGHT, Optional.of(Callout.WHEEL_TO_FENDER)));
        AxleStanding around = AxleStanding.lookingAround(Side.LEFT);
        assertThat(said(around.next())).isEqualTo("Look around the wheel, left");
        assertThat(around.spot()).contains(new Spot(Side.LEFT, Optional.empty()));
        assertThat(AxleStanding.choosing(false).spot()).isEmpty();
    }

    @Test
    void wantedReadingsHoldUpMeasuring() {
        assertThat(measuring(3).stage()).isEqualTo(Stage.MEASURE);
        assertThat(said(measuring(3).held())).isEqualTo("3 readings wanted, about 8 min");
        assertThat(said(measuring(1).held())).isEqualTo("1 reading wanted, about 8 min");
    }

    @Test
    void withoutAProvenKitChoosingIsHeldUp() {
        assertThat(said(AxleStanding.choosing(false).held())).contains("no kit");
        assertThat(AxleStanding.choosing(true).held().isEmpty()).isTrue();
        assertThat(AxleStanding.choosing(true).stage()).isEqualTo(Stage.CHOOSE);
    }

    @Test
    void anOpenGateHoldsNothingUp() {
        AxleStanding open = AxleStanding.ordering(new OrderGate(OrderGate.State.OPEN, List.of(), List.of()), "K-1");
        assertThat(open.held().isEmpty()).isTrue();
        assertThat(said(open.next())).isEqualTo("Order");
    }

    @Test
    void whatWasOverturnedSendsBackToTheOrder() {
        assertThat(AxleStanding.fitting(0).held().isEmpty()).isTrue();
        assertThat(said(AxleStanding.fitting(0).next())).contains("bench card");
        assertThat(said(AxleStanding.fitting(1).held())).startsWith("1 verdict ");
        assertThat(said(AxleStanding.fitting(4).held())).startsWith("4 verdicts ");
        assertThat(said(AxleStanding.fitting(4).next())).contains("order again");
    }

    @Test
    void aChoiceThatIsGoneIsSaidInEitherStage() {
        assertThat(AxleStanding.lost(true).stage()).isEqualTo(Stage.FIT);
        assertThat(AxleStanding.lost(false).stage()).isEqualTo(Stage.ORDER);
        assertThat(said(AxleStanding.lost(true).held())).contains("catalogue");
    }
}
