package itrova.core.guide;

import static org.assertj.core.api.Assertions.assertThat;

import itrova.core.guide.NextReading.Suggestion;
import itrova.core.judge.Samples;
import itrova.core.phrase.Phrase;
import itrova.core.quantity.Measured;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.AxleForm;
import itrova.core.vehicle.BracketShape;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Side;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What proves an end the same as one read whole comes first, and no more of it than is needed. */
class TwinTest {
    private static final AxleEnd WHOLE = Samples.end(Side.LEFT, AxleEndKind.FRONT_SPINDLE)
            .length(Callout.AXLE_WIDTH, Measured.exact(1450))
            .build();
    private static final List<Callout> RANKED = List.of(
            Callout.WHEEL_TO_FENDER,
            Callout.WHEEL_BARREL,
            Callout.STUD_THREAD,
            Callout.AXLE_WIDTH,
            Callout.WHEEL_BACKSPACING,
            Callout.WHEEL_PAD,
            Callout.WHEEL_BORE,
            Callout.REGISTER,
            Callout.FLANGE,
            Callout.BRACKET_HOLE);

    private static AxleEnd.Builder right() {
        return new AxleEnd.Builder(Side.RIGHT, AxleForm.defaultFor(AxleEndKind.FRONT_SPINDLE, BracketShape.CIRCLE));
    }

    private static List<Callout> order(AxleEnd here) {
        List<Suggestion> ranked = RANKED.stream()
                .filter(c -> !here.has(c))
                .map(c -> new Suggestion(
                        Side.RIGHT, c, OptionalDouble.empty(), false, 1, 0, 1, Phrase.of("x.y"), Phrase.of("x.z")))
                .toList();
        return new Twin("left side", here, WHOLE)
                .provedFirst(ranked).stream().map(Suggestion::callout).toList();
    }

    @Test
    void twoOfTheWheelAndTwoOfTheEndComeAfterTheGapsOfTheVehicle() {
        assertThat(order(right().build()))
                .containsExactly(
                        Callout.WHEEL_TO_FENDER,
                        Callout.WHEEL_BACKSPACING,
                        Callout.WHEEL_PAD,
                        Callout.REGISTER,
                        Callout.FLANGE,
                        Callout.WHEEL_BARREL,
                        Callout.STUD_THREAD,
                        Callout.AXLE_WIDTH,
                        Callout.WHEEL_BORE,
                        Callout.BRACKET_HOLE);
    }

    private static AxleEnd.Builder same(Callout... callouts) {
        AxleEnd.Builder here = right();
        Stream.of(callouts).forEach(c -> here.length(c, WHOLE.length(c).orElseThrow()));
        return here;
    }

    @Test
    void whatAgreesAlreadyIsNotProvedAgain() {
        AxleEnd here = same(Callout.WHEEL_BACKSPACING, Callout.WHEEL_PAD, Callout.REGISTER)
                .build();
        assertThat(order(here)).startsWith(Callout.WHEEL_TO_FENDER, Callout.FLANGE, Callout.WHEEL_BARREL);
        assertThat(new Twin("left side", here, WHOLE).isProven()).isFalse();
        assertThat(new Twin(
                                "left side",
                                same(Callout.WHEEL_BACKSPACING, Callout.WHEEL_PAD, Callout.REGISTER, Callout.FLANGE)
                                        .build(),
                                WHOLE)
                        .isProven())
                .isTrue();
    }

    /** One figure that is of both ends of the axle agrees with itself. */
    @Test
    void whatIsOfBothEndsProvesNothing() {
        AxleEnd here = same(Callout.WHEEL_BACKSPACING, Callout.WHEEL_PAD, Callout.REGISTER, Callout.AXLE_WIDTH)
                .build();
        assertThat(new Twin("left side", here, WHOLE).isProven()).isFalse();
    }

    @Test
    void whatDiffersIsNoTwin() {
        AxleEnd here = right().length(Callout.REGISTER, Measured.exact(66.8)).build();
        Twin twin = new Twin("left side", here, WHOLE);
        assertThat(twin.isAnother()).isTrue();
        assertThat(order(here)).startsWith(Callout.WHEEL_TO_FENDER, Callout.WHEEL_BARREL, Callout.STUD_THREAD);
    }
}
