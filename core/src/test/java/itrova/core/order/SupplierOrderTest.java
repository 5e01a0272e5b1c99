package itrova.core.order;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import itrova.core.order.SupplierOrder.Confirmed;
import itrova.core.order.SupplierOrder.Line;
import itrova.core.order.SupplierOrder.State;
import java.util.List;
import org.junit.jupiter.api.Test;

/** An order from one supplier until it is unpacked: nothing counts as come that did not, and no nonsense confirms. */
class SupplierOrderTest {
    private static final SupplierOrder ORDER = SupplierOrder.of(
            "Somebody", "EUR", true, List.of(Line.of("Ring", 2, 4_600, 4), Line.of("Hose", 1, 2_000, 2)));

    private static SupplierOrder confirmed() {
        return ORDER.answered("T-1", "EUR", List.of(new Confirmed(2, 0, 4_600, 4), new Confirmed(1, 0, 2_000, 2)));
    }

    @Test
    void aWholeAnswerConfirms() {
        assertThat(confirmed().state()).isEqualTo(State.CONFIRMED);
        assertThat(confirmed().said()).isEmpty();
        assertThat(confirmed().number()).isEqualTo("T-1");
    }

    @Test
    void whatComesLaterOrDearerIsTold() {
        SupplierOrder order =
                ORDER.answered("T-1", "EUR", List.of(new Confirmed(1, 1, 4_900, 4), new Confirmed(0, 0, 2_000, 2)));
        assertThat(order.state()).isEqualTo(State.PARTLY_CONFIRMED);
        assertThat(order.said()).contains("Ring costs 49.00 EUR and not 46.00", "Hose: 1 will not come");
        assertThat(order.lines().get(0).unitCents()).as("as ordered").isEqualTo(4_600);
    }

    @Test
    void nonsenseConfirmsNothing() {
        List<Confirmed> good = List.of(new Confirmed(2, 0, 4_600, 4), new Confirmed(1, 0, 2_000, 2));
        for (SupplierOrder wrong : List.of(
                ORDER.answered("", "EUR", good),
                ORDER.answered("T-1", "XXX", good),
                ORDER.answered("T-1", "EUR", good.subList(0, 1)),
                ORDER.answered("T-1", "EUR", List.of(new Confirmed(3, 0, 4_600, 4), good.get(1))),
                ORDER.answered("T-1", "EUR", List.of(new Confirmed(-1, 0, 4_600, 4), good.get(1))),
                ORDER.answered("T-1", "EUR", List.of(new Confirmed(2, 0, -4, 4), good.get(1))))) {
            assertThat(wrong.state()).isEqualTo(State.REFUSED);
            assertThat(wrong.said()).startsWith("The answer makes no sense: ");
            assertThat(wrong.lines()).isEqualTo(ORDER.lines());
        }
    }

    @Test
    void parcelsAreCountedLineByLine() {
        SupplierOrder short1 = confirmed().received(0, 1, 1, "");
        assertThat(short1.state()).isEqualTo(State.PARTLY_DELIVERED);
        assertThat(short1.lines().get(0).open())
                .as("the damaged one is to come again")
                .isEqualTo(1);
        SupplierOrder all = short1.received(1, 1, 0, "").received(0, 1, 0, "");
        assertThat(all.state()).isEqualTo(State.DELIVERED);
        assertThatIllegalArgumentException()
                .isThrownBy(() -> all.received(0, 1, 0, ""))
                .withMessageContaining("ordered were 2");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> confirmed().received(0, 0, 0, ""))
                .withMessageContaining("count what came");
        assertThatIllegalArgumentException().isThrownBy(() -> confirmed().received(7, 1, 0, ""));
    }

    @Test
    void nothingComesOfWhatWasNotSent() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> ORDER.received(0, 1, 0, ""))
                .withMessageContaining("waiting");
        SupplierOrder paper = SupplierOrder.of("Somebody", "EUR", false, ORDER.lines());
        assertThat(paper.state()).isEqualTo(State.BY_HAND);
        assertThatIllegalArgumentException().isThrownBy(() -> paper.received(0, 1, 0, ""));
        assertThat(paper.sentByHand().received(0, 1, 0, "").state()).isEqualTo(State.PARTLY_DELIVERED);
        assertThatIllegalArgumentException().isThrownBy(() -> confirmed().sentByHand());
    }

    @Test
    void whatCameIsNotCancelled() {
        assertThat(confirmed().cancelled().state()).isEqualTo(State.CANCELLED);
        assertThat(confirmed().cancelled().said()).contains("cancel it with the supplier too");
        assertThat(ORDER.cancelled().said()).isEmpty();
        SupplierOrder late = ORDER.cancelled().takenAfterAll("T-9");
        assertThat(late.state()).isEqualTo(State.CANCELLED);
        assertThat(late.said()).contains("took it as number T-9");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> confirmed().received(1, 1, 0, "").cancelled())
                .withMessageContaining("came already");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> confirmed().cancelled().received(0, 1, 0, ""));
    }

    @Test
    void lotsAreKeptOnceEachWithTheirLine() {
        SupplierOrder came = confirmed()
                .received(0, 1, 0, " L-4711 ")
                .received(0, 1, 0, "L-4711")
                .received(1, 1, 0, "");
        assertThat(came.lots()).hasSize(1);
        assertThat(came.lots().get(0)).endsWith(": L-4711");
    }

    @Test
    void whatCameMayGoBackAndNoMore() {
        SupplierOrder came = SupplierOrder.of("Marl", "EUR", false, List.of(SupplierOrder.Line.of("disc", 2, 1000, 3)))
                .sentByHand()
                .received(0, 1, 1, "");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> came.sentBack(0, 2, 0, true))
                .withMessageContaining("1 whole and 1 damaged are here");
        assertThatIllegalArgumentException().isThrownBy(() -> came.sentBack(0, 0, 0, true));
        assertThatIllegalArgumentException().isThrownBy(() -> came.sentBack(1, 1, 0, true));
        SupplierOrder replaced = came.sentBack(0, 0, 1, true);
        assertThat(replaced.lines().get(0).awaited()).isEqualTo(1);
        assertThat(replaced.said()).contains("1 × disc went back and is replaced");
        SupplierOrder gone = came.sentBack(0, 1, 1, false);
        assertThat(gone.state()).isEqualTo(State.RETURNED);
        assertThat(gone.lines().get(0).open()).isEqualTo(2);
        assertThat(gone.lines().get(0).awaited()).isZero();
        assertThatIllegalArgumentException().isThrownBy(() -> gone.received(0, 1, 0, ""));
    }
}
