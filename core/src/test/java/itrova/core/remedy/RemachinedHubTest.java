package itrova.core.remedy;

import static itrova.core.judge.Findings.find;
import static itrova.core.wording.Said.said;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import itrova.core.finding.CheckId;
import itrova.core.finding.Finding;
import itrova.core.finding.Verdict;
import itrova.core.judge.Samples;
import itrova.core.kit.Figure;
import itrova.core.kit.HolePattern;
import itrova.core.kit.Kit;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Side;
import itrova.core.vehicle.Wheel;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;

/** A hub drilled to the disc's pattern: only with wheels of that pattern, and only where metal is left. */
class RemachinedHubTest {
    private static final double CIRCLE = 120.65;

    private static Kit kit() {
        HolePattern other = new HolePattern(5, Figure.stated(CIRCLE, 0.1), Figure.stated(13.4, 0.1));
        return Samples.kit()
                .withDisc(Samples.kit()
                        .disc()
                        .but()
                        .patterns(List.of(other))
                        .holeToEdge(Optional.empty())
                        .build());
    }

    private static AxleEnd end() {
        return Samples.end(Side.LEFT, AxleEndKind.FRONT_SPINDLE)
                .length(Callout.WHEEL_STUD_HOLE, Samples.mm(14.6, 0.03))
                .build();
    }

    private static Wheel wheel(int lugs, double circle) {
        return new Wheel(
                "W-1",
                "other",
                lugs,
                Samples.mm(circle, 0.05),
                Samples.mm(14.6, 0.03),
                Samples.mm(80, 0.2),
                Optional.of(Samples.mm(165, 0.3)),
                OptionalInt.of(15),
                end().barrel(),
                end().spokes(),
                Samples.mm(5, 0.05),
                Samples.mm(71.2, 0.03),
                Optional.of("60 deg cone"),
                OptionalDouble.of(600),
                new Wheel.Offer("factor", 20_000, 6));
    }

    /** By hand: of five and five holes, most room is half a step apart: the third side of a triangle with 36° between the radii. */
    @Test
    void fiveAmongFiveStandMidway() {
        double r1 = 114.3 / 2;
        double r2 = CIRCLE / 2;
        double chord = Math.sqrt(r1 * r1 + r2 * r2 - 2 * r1 * r2 * Math.cos(Math.toRadians(36)));
        assertThat(RemachinedHub.mostRoom(5, r1, 5, r2)).isEqualTo(chord, within(1e-9));
    }

    /** Six among five leave at most half of 360°/30 between some pair: 6° there, much nearer than five among five. */
    @Test
    void sixAmongFiveComeNear() {
        double six = RemachinedHub.mostRoom(5, 57.15, 6, 57.15);
        assertThat(six).isEqualTo(2 * 57.15 * Math.sin(Math.toRadians(3)), within(0.05));
    }

    @Test
    void withWheelsOfTheDiscsPatternTheHubIsSentAway() {
        Finding f = find(end().withWheel(wheel(5, CIRCLE)), kit(), CheckId.PATTERN);
        assertThat(f.verdict()).as(said(f.nextMove())).isEqualTo(Verdict.FITS_WITH_WORK);
        Work work = f.work().orElseThrow();
        assertThat(work.kind()).isEqualTo(WorkKind.REMACHINE_HUB);
        assertThat(work.terms().days()).isEqualTo(10);
        assertThat(work.target()).isEqualTo(CIRCLE, within(1e-9));
    }

    @Test
    void onTheWheelFoundItIsRefusedAndSaysWhy() {
        Finding f = find(end(), kit(), CheckId.PATTERN);
        assertThat(f.verdict()).isEqualTo(Verdict.DOES_NOT_FIT);
        assertThat(said(f.nextMove())).contains("only with wheels of that pattern");
    }

    @Test
    void withTooLittleMetalAtTheEdgeItIsRefused() {
        AxleEnd small = end().with(Callout.FLANGE, Samples.mm(138, 0.05)).withWheel(wheel(5, CIRCLE));
        Finding f = find(small, kit(), CheckId.PATTERN);
        assertThat(f.verdict()).isEqualTo(Verdict.DOES_NOT_FIT);
        assertThat(said(f.nextMove())).contains("would leave");
    }

    @Test
    void anUnreadFlangeIsAskedForNotTakenAsRoom() {
        AxleEnd unread =
                end().toBuilder().without(java.util.Set.of(Callout.FLANGE)).build();
        Finding f = find(unread.withWheel(wheel(5, CIRCLE)), kit(), CheckId.PATTERN);
        assertThat(f.verdict()).isNotIn(Verdict.FITS, Verdict.FITS_WITH_WORK);
    }
}
