package itrova.core.road;

import static org.assertj.core.api.Assertions.assertThat;

import itrova.core.road.Recheck.State;
import itrova.core.road.Recheck.When;
import java.time.LocalDate;
import java.util.OptionalDouble;
import java.util.Set;
import org.junit.jupiter.api.Test;

class RecheckTest {
    private static final LocalDate START = LocalDate.of(2026, 5, 4);
    private static final Recheck EARLY = Recheck.of(Set.of()).stream()
            .filter(r -> r.id().equals("early"))
            .findFirst()
            .orElseThrow();

    private static OptionalDouble km(double km) {
        return OptionalDouble.of(km);
    }

    /** After the first drive and after 50 to 100 miles: common practice; a mile is 1.609 km. */
    @Test
    void theFirstLookIsAfterTheFirstDriveTheNextAfterFiftyToAHundredMiles() {
        assertThat(Recheck.of(Set.of()).get(0).date(START)).isEqualTo(START);
        assertThat(EARLY.km().orElseThrow()).isBetween(50 * 1.609, 100 * 1.609);
    }

    @Test
    void distanceOrDateWhicheverIsFirst() {
        assertThat(EARLY.state(START, km(50_000), START, km(50_000))).isEqualTo(State.AHEAD);
        assertThat(EARLY.state(START, km(50_000), START, km(50_060))).isEqualTo(State.SOON);
        assertThat(EARLY.state(START, km(50_000), START, km(50_100))).isEqualTo(State.DUE);
        assertThat(EARLY.state(START, km(50_000), START.plusDays(7), km(50_000)))
                .isEqualTo(State.SOON);
        assertThat(EARLY.state(START, km(50_000), START.plusDays(14), km(50_000)))
                .isEqualTo(State.DUE);
        assertThat(EARLY.state(START, OptionalDouble.empty(), START.plusDays(14), OptionalDouble.empty()))
                .isEqualTo(State.DUE);
    }

    @Test
    void someAreOnlyWantedWhereTheirReasonHolds() {
        int always = Recheck.of(Set.of()).size();
        for (When when : Set.of(When.MARKED, When.SPINDLE, When.WELDED, When.DRUMS_STAY)) {
            assertThat(Recheck.of(Set.of(when))).hasSize(always + 1);
        }
    }
}
