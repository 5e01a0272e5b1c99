package itrova.core.order;

import static itrova.core.wording.Said.said;
import static org.assertj.core.api.Assertions.assertThat;

import itrova.core.order.AxleStanding.Stage;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Where an axle stands, from nothing measured to an order that does not hold any more. */
class AxleStandingTest {
    @Test
    void wantedReadingsHoldUpMeasuring() {
        assertThat(AxleStanding.measuring(3).stage()).isEqualTo(Stage.MEASURE);
        assertThat(said(AxleStanding.measuring(3).held())).isEqualTo("3 readings wanted");
        assertThat(said(AxleStanding.measuring(1).held())).isEqualTo("1 reading wanted");
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
