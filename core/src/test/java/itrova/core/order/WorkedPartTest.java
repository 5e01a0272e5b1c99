package itrova.core.order;

import static org.assertj.core.api.Assertions.assertThat;

import itrova.core.judge.Samples;
import itrova.core.order.WorkedPart.Dimension;
import itrova.core.order.WorkedPart.Holes;
import itrova.core.order.WorkedPart.Of;
import itrova.core.order.WorkedPart.Piece;
import itrova.core.phrase.Phrase;
import itrova.core.remedy.NewPart;
import itrova.core.remedy.Work;
import itrova.core.remedy.WorkKind;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Side;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What a machine shop's drawing carries: the figure made with its tolerance, the others as they are. */
class WorkedPartTest {
    private static final List<AxleEnd> ENDS = List.of(
            Samples.end(Side.LEFT, AxleEndKind.FRONT_SPINDLE).build(),
            Samples.end(Side.RIGHT, AxleEndKind.FRONT_SPINDLE).build());

    private static List<WorkedPart> of(Work... works) {
        return WorkedPart.of(List.of(works), Samples.kit(), ENDS);
    }

    private static Work work(WorkKind kind, double before, double target) {
        return Work.to(kind, Side.LEFT, before, target, Phrase.NOTHING);
    }

    @Test
    void aBoredDiscIsDrawnWithItsNewBoreAndItsOldOutside() {
        WorkedPart disc = of(work(WorkKind.BORE_DISC, 70.4, 71.05)).get(0);
        assertThat(disc.piece()).isEqualTo(Piece.DISC);
        assertThat(disc.dimension(Of.INSIDE)).contains(new Dimension(Of.INSIDE, 71.05, 0.02));
        Dimension outside = disc.dimension(Of.OUTSIDE).orElseThrow();
        assertThat(outside.value()).isEqualTo(Samples.kit().disc().diameter().value());
        assertThat(outside.isMade()).isFalse();
        assertThat(disc.holes().orElseThrow().count())
                .isEqualTo(ENDS.get(0).count(Callout.LUG_COUNT).orElseThrow());
    }

    /** The ring on the register goes into the disc as it is and is bored; the ring in the wheel sits on the register and is turned. */
    @Test
    void ofARingOneDiameterIsMadeAndTheOtherFound() {
        WorkedPart inDisc = of(work(WorkKind.CENTRING_RING, 76.0, 70.85)).get(0);
        assertThat(inDisc.dimensions())
                .containsExactly(new Dimension(Of.OUTSIDE, 76.0, 0), new Dimension(Of.INSIDE, 70.85, 0.02));
        WorkedPart inWheel = of(work(WorkKind.WHEEL_RING, 70.8, 73.4)).get(0);
        assertThat(inWheel.dimensions())
                .containsExactly(new Dimension(Of.OUTSIDE, 73.4, 0.05), new Dimension(Of.INSIDE, 70.8, 0));
    }

    @Test
    void openedHolesAndANewCircleAreDrawn() {
        WorkedPart opened = of(work(WorkKind.DRILL_HOLES, 12.3, 13.1)).get(0);
        assertThat(opened.holes().orElseThrow().diameter()).isEqualTo(13.1);
        assertThat(opened.dimension(Of.HOLE).orElseThrow().tolerance()).isEqualTo(0.1);
        assertThat(opened.dimension(Of.CIRCLE).orElseThrow().isMade()).isFalse();

        Work redrill = new Work(
                WorkKind.REMACHINE_HUB,
                Side.RIGHT,
                114.3,
                120.65,
                Phrase.NOTHING,
                Optional.of(new NewPart.Redrilled(5)));
        WorkedPart hub = of(redrill).get(0);
        assertThat(hub.dimension(Of.CIRCLE)).contains(new Dimension(Of.CIRCLE, 120.65, 0.1));
        assertThat(hub.holes().map(Holes::count)).contains(5);
    }

    /** Nuts, hoses and bearings are bought; nothing of them lies on a machine. */
    @ParameterizedTest
    @EnumSource(
            value = WorkKind.class,
            names = {"OTHER_NUTS", "OTHER_HOSE", "LONGER_STUDS", "SHIM_STACK", "OTHER_BEARINGS"})
    void whatIsBoughtOrFittedHasNoDrawing(WorkKind kind) {
        assertThat(of(work(kind, 0, 20))).isEmpty();
    }
}
