package itrova.core.order;

import static org.assertj.core.api.Assertions.assertThat;

import itrova.core.order.SupplierOrder.Line;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What is missing is what nobody has brought, whatever became of the order. */
class StillToComeTest {
    private static SupplierOrder order(String supplier, String... items) {
        return SupplierOrder.of(
                supplier,
                "EUR",
                false,
                List.of(items).stream().map(i -> Line.of(i, 2, 1000, 3)).toList());
    }

    @Test
    void whatHasNotComeIsNamedWithWhoSendsIt() {
        assertThat(StillToCome.of(List.of(order("Marl", "hose"), order("Fenn", "seal"))))
                .containsExactly("2 × hose (Marl)", "2 × seal (Fenn)");
        assertThat(StillToCome.of(List.of())).isEmpty();
    }

    /** Cancelled and ordered from nobody else it is missing all the same. */
    @Test
    void aCancelledPartIsStillMissing() {
        SupplierOrder cancelled = order("Marl", "hose", "seal").cancelled();
        assertThat(StillToCome.of(List.of(cancelled)))
                .containsExactly(
                        "2 × hose (Marl, cancelled: nobody sends it)", "2 × seal (Marl, cancelled: nobody sends it)");
        assertThat(StillToCome.of(List.of(cancelled, order("Fenn", "hose"))))
                .containsExactly("2 × seal (Marl, cancelled: nobody sends it)", "2 × hose (Fenn)");
    }

    /** Of two that came one went back: replaced, its supplier sends it again; paid back, nobody does until another order brings it. */
    @Test
    void whatWentBackIsMissingUntilSomebodySendsIt() {
        SupplierOrder came = order("Marl", "hose").sentByHand().received(0, 2, 0, "");
        assertThat(StillToCome.of(List.of(came))).isEmpty();
        assertThat(StillToCome.of(List.of(came.sentBack(0, 1, 0, true)))).containsExactly("1 × hose (Marl)");
        SupplierOrder paid = came.sentBack(0, 1, 0, false);
        assertThat(StillToCome.of(List.of(paid))).containsExactly("1 × hose (Marl, went back: nobody sends it)");
        assertThat(StillToCome.of(List.of(paid, order("Fenn", "hose")))).containsExactly("2 × hose (Fenn)");
    }
}
