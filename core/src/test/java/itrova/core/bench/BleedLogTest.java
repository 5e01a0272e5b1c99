package itrova.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import itrova.core.bench.BleedLog.Bled;
import itrova.core.bench.BleedLog.RanDry;
import itrova.core.bench.BleedLog.State;
import itrova.core.bench.BleedLog.ToppedUp;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

class BleedLogTest {
    private static final String FAR = "axle 2 right";
    private static final String NEAR = "axle 1 left";

    @Test
    void aPointIsClearWhenItsLastEntryHadNoBubbles() {
        assertThat(new BleedLog(List.of()).state(FAR)).isEqualTo(State.UNTOUCHED);
        BleedLog first = new BleedLog(List.of(new Bled(FAR, 12, true, 40)));
        assertThat(first.state(FAR)).isEqualTo(State.BUBBLES);
        BleedLog clear = new BleedLog(List.of(new Bled(FAR, 12, true, 40), new Bled(FAR, 6, false, 20)));
        assertThat(clear.state(FAR)).isEqualTo(State.CLEAR);
        assertThat(clear.state(NEAR)).isEqualTo(State.UNTOUCHED);
        BleedLog back = new BleedLog(List.of(new Bled(FAR, 6, false, 20), new Bled(FAR, 2, true, 5)));
        assertThat(back.state(FAR)).isEqualTo(State.BUBBLES);
    }

    /** A reservoir of 240 cm³ gives 160 before it is down to a third: 40 and 20 leave 100; filled again 160; 200 drawn leave none. */
    @Test
    void theReservoirIsWatched() {
        List<BleedLog.Entry> drawn = List.of(new Bled(FAR, 12, true, 40), new Bled(FAR, 6, false, 20));
        assertThat(new BleedLog(drawn).left(OptionalDouble.of(240)).orElseThrow())
                .isEqualTo(100, within(1e-9));
        BleedLog filled = new BleedLog(List.of(drawn.get(0), new ToppedUp()));
        assertThat(filled.left(OptionalDouble.of(240)).orElseThrow()).isEqualTo(160, within(1e-9));
        assertThat(filled.total()).isEqualTo(40, within(1e-9));
        assertThat(new BleedLog(List.of(new Bled(NEAR, 40, false, 200)))
                        .left(OptionalDouble.of(240))
                        .orElseThrow())
                .isZero();
        assertThat(filled.left(OptionalDouble.empty())).isEmpty();
    }

    @Test
    void aReservoirThatRanDryBeginsEverythingAnew() {
        BleedLog log = new BleedLog(List.of(new Bled(FAR, 12, false, 90), new RanDry()));
        assertThat(log.state(FAR)).isEqualTo(State.UNTOUCHED);
        assertThat(log.drawn()).isZero();
    }

    @Test
    void nonsenseIsRefused() {
        assertThatIllegalArgumentException().isThrownBy(() -> new Bled(FAR, 0, true, 4));
        assertThatIllegalArgumentException().isThrownBy(() -> new Bled(FAR, 5, true, -4));
        assertThatIllegalArgumentException().isThrownBy(() -> new Bled(FAR, 5, true, Double.NaN));
    }
}
