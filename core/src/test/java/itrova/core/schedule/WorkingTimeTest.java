package itrova.core.schedule;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import itrova.core.schedule.WorkingTime.Span;
import java.time.DayOfWeek;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class WorkingTimeTest {
    private static final Map<DayOfWeek, List<Span>> HOURS = new EnumMap<>(DayOfWeek.class);

    static {
        for (DayOfWeek day : DayOfWeek.values()) {
            HOURS.put(
                    day,
                    day.getValue() > 5
                            ? List.of()
                            : List.of(
                                    new Span(LocalTime.of(8, 0), LocalTime.of(12, 0)),
                                    new Span(LocalTime.of(13, 0), LocalTime.of(17, 0))));
        }
    }

    /** Monday 4 May 2026, 10:00. */
    private static final WorkingTime TIME = new WorkingTime(LocalDateTime.of(2026, 5, 4, 10, 0), HOURS);

    @Test
    void minutesRunOnlyWhereThereIsWorked() {
        assertThat(TIME.at(0)).isEqualTo(LocalDateTime.of(2026, 5, 4, 10, 0));
        assertThat(TIME.at(119)).isEqualTo(LocalDateTime.of(2026, 5, 4, 11, 59));
        assertThat(TIME.at(120)).isEqualTo(LocalDateTime.of(2026, 5, 4, 13, 0));
        assertThat(TIME.endAt(120)).isEqualTo(LocalDateTime.of(2026, 5, 4, 12, 0));
        assertThat(TIME.at(360)).isEqualTo(LocalDateTime.of(2026, 5, 5, 8, 0));
        // four whole days more, over the weekend
        assertThat(TIME.at(360 + 4 * 480)).isEqualTo(LocalDateTime.of(2026, 5, 11, 8, 0));
        assertThat(TIME.endAt(360 + 4 * 480)).isEqualTo(LocalDateTime.of(2026, 5, 8, 17, 0));
        assertThat(TIME.day()).isEqualTo(480);
    }

    @Test
    void thereAndBackIsTheSame() {
        for (long m : new long[] {0, 1, 119, 120, 359, 360, 1000, 5000}) {
            assertThat(TIME.until(TIME.at(m))).isEqualTo(m);
        }
        assertThat(TIME.until(LocalDateTime.of(2026, 5, 9, 12, 0))).isEqualTo(360 + 4 * 480); // Saturday
        assertThat(TIME.until(LocalDateTime.of(2026, 5, 1, 12, 0))).isZero();
    }

    @Test
    void hoursThatAreNoneAreRefused() {
        assertThatIllegalArgumentException().isThrownBy(() -> new WorkingTime(TIME.start(), Map.of()));
        assertThatIllegalArgumentException().isThrownBy(() -> new Span(LocalTime.NOON, LocalTime.of(8, 0)));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new WorkingTime(
                        TIME.start(),
                        Map.of(
                                DayOfWeek.MONDAY,
                                List.of(
                                        new Span(LocalTime.of(8, 0), LocalTime.of(12, 0)),
                                        new Span(LocalTime.of(11, 0), LocalTime.of(17, 0))))));
    }
}
