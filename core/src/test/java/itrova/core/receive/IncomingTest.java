package itrova.core.receive;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import itrova.core.judge.Samples;
import itrova.core.kit.Figure;
import itrova.core.kit.Kit;
import itrova.core.receive.Incoming.Compared;
import itrova.core.receive.Incoming.Reading;
import itrova.core.vehicle.Side;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class IncomingTest {
    private static final Kit KIT = Samples.kit();

    private static Incoming read(IncomingFigure figure, Reading left, Reading right) {
        return Incoming.NONE
                .with(figure, Side.LEFT, Optional.ofNullable(left))
                .with(figure, Side.RIGHT, Optional.ofNullable(right));
    }

    @Test
    void aReadingIsHeldAgainstThePromiseWithItsDoubt() {
        Figure hole = IncomingFigure.STUD_HOLE.promised(KIT).orElseThrow();
        double low = hole.value() - hole.tolerance();
        assertThat(Incoming.NONE.compared(KIT, IncomingFigure.STUD_HOLE, Side.LEFT))
                .isEqualTo(Compared.NOT_MEASURED);
        Incoming readings = read(IncomingFigure.STUD_HOLE, new Reading(low - 0.2, 0.05), new Reading(low - 0.02, 0.05));
        assertThat(readings.compared(KIT, IncomingFigure.STUD_HOLE, Side.LEFT)).isEqualTo(Compared.NOT_AS_PROMISED);
        assertThat(readings.compared(KIT, IncomingFigure.STUD_HOLE, Side.RIGHT)).isEqualTo(Compared.CANNOT_BE_TOLD);
        assertThat(read(IncomingFigure.STUD_HOLE, new Reading(hole.value(), hole.tolerance() / 2), null)
                        .compared(KIT, IncomingFigure.STUD_HOLE, Side.LEFT))
                .isEqualTo(Compared.AS_PROMISED);
    }

    /** 12.00 ± 0.05 left and 12.40 ± 0.05 right: anything from 11.95 to 12.45, so 12.20 ± 0.25. */
    @Test
    void bothPiecesLieWithinTheFigureOfTheKitAsItCame() {
        Kit came = read(IncomingFigure.STUD_HOLE, new Reading(12, 0.05), new Reading(12.4, 0.05))
                .asItCame(KIT);
        Figure hole = IncomingFigure.STUD_HOLE.promised(came).orElseThrow();
        assertThat(hole.value()).isEqualTo(12.2, within(1e-9));
        assertThat(hole.tolerance()).isEqualTo(0.25, within(1e-9));
    }

    @Test
    void aPieceThatWasNotMeasuredMayStillBeAllThatWasPromised() {
        Figure promised = IncomingFigure.DISC_THICKNESS.promised(KIT).orElseThrow();
        double thin = promised.value() - promised.tolerance() - 1;
        Figure came = IncomingFigure.DISC_THICKNESS
                .promised(read(IncomingFigure.DISC_THICKNESS, new Reading(thin, 0.03), null)
                        .asItCame(KIT))
                .orElseThrow();
        assertThat(came.value() - came.tolerance()).isEqualTo(thin - 0.03, within(1e-9));
        assertThat(came.value() + came.tolerance()).isEqualTo(promised.value() + promised.tolerance(), within(1e-9));
    }

    /** Each figure goes where it came from and nowhere else. */
    @Test
    void everyFigureIsPutWhereItIsRead() {
        for (IncomingFigure figure : Incoming.of(KIT)) {
            Figure promised = figure.promised(KIT).orElseThrow();
            Reading other = new Reading(promised.value() + 3, 0.1);
            Kit came = read(figure, other, other).asItCame(KIT);
            assertThat(figure.promised(came).orElseThrow().value())
                    .as(figure.title())
                    .isEqualTo(promised.value() + 3, within(1e-9));
            for (IncomingFigure rest : Incoming.of(KIT)) {
                if (rest != figure) {
                    assertThat(rest.promised(came)).as(figure + " " + rest).isEqualTo(rest.promised(KIT));
                }
            }
        }
    }

    @Test
    void whatWasNotMeasuredIsAsPromisedAndAReadingTakenOutIsGone() {
        assertThat(Incoming.NONE.asItCame(KIT)).isEqualTo(KIT);
        Incoming taken = read(IncomingFigure.DISC_BORE, new Reading(70, 0.03), null)
                .with(IncomingFigure.DISC_BORE, Side.LEFT, Optional.empty());
        assertThat(taken).isEqualTo(Incoming.NONE);
    }

    @Test
    void whatIsNoReadingIsRefused() {
        assertThatIllegalArgumentException().isThrownBy(() -> new Reading(-3, 0.1));
        assertThatIllegalArgumentException().isThrownBy(() -> new Reading(5000, 0.1));
        assertThatIllegalArgumentException().isThrownBy(() -> new Reading(Double.NaN, 0.1));
        assertThatIllegalArgumentException().isThrownBy(() -> new Reading(12, 0));
        assertThatIllegalArgumentException().isThrownBy(() -> new Reading(12, 9));
    }
}
