package itrova.core.schedule;

import java.time.DayOfWeek;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.List;
import java.util.Map;

/**
 * Working minutes by the clock.
 *
 * @param start moment from which minutes are counted
 * @param hours spans of each day of the week, in their order; days without any are free
 */
public record WorkingTime(LocalDateTime start, Map<DayOfWeek, List<Span>> hours) {
    /** A span of a day in which is worked. */
    public record Span(LocalTime from, LocalTime to) {
        /** @throws IllegalArgumentException if it does not run forward */
        public Span {
            if (!from.isBefore(to)) {
                throw new IllegalArgumentException("Working hours run forward, not from " + from + " to " + to + ".");
            }
        }

        long minutes() {
            return Duration.between(from, to).toMinutes();
        }
    }

    /** @throws IllegalArgumentException if nobody ever works, or spans of a day overlap */
    public WorkingTime {
        hours = Map.copyOf(hours);
        if (hours.values().stream().allMatch(List::isEmpty)) {
            throw new IllegalArgumentException(
                    "A week has at least one working hour. Write from when to when is worked.");
        }
        hours.forEach((day, spans) -> {
            for (int i = 1; i < spans.size(); i++) {
                if (spans.get(i).from().isBefore(spans.get(i - 1).to())) {
                    throw new IllegalArgumentException("The hours of a day follow each other: " + spans + ".");
                }
            }
        });
    }

    /** When a working minute begins by the clock. */
    public LocalDateTime at(long minute) {
        return walk(minute, false);
    }

    /** When a working minute is over by the clock: the end of a day rather than the next morning. */
    public LocalDateTime endAt(long minute) {
        return walk(minute, true);
    }

    private LocalDateTime walk(long minute, boolean isEnd) {
        long left = minute;
        for (LocalDate day = start.toLocalDate(); ; day = day.plusDays(1)) {
            for (Span span : hours.getOrDefault(day.getDayOfWeek(), List.of())) {
                LocalDateTime from = later(day.atTime(span.from()), start);
                LocalDateTime to = day.atTime(span.to());
                long length = Duration.between(from, to).toMinutes();
                if (length <= 0) {
                    continue;
                }
                if (left < length || isEnd && left == length) {
                    return from.plusMinutes(left);
                }
                left -= length;
            }
        }
    }

    private static LocalDateTime later(LocalDateTime a, LocalDateTime b) {
        return a.isAfter(b) ? a : b;
    }

    /** Working minutes from the start to a moment; 0 before it. */
    public long until(LocalDateTime moment) {
        long minutes = 0;
        for (LocalDate day = start.toLocalDate(); !day.isAfter(moment.toLocalDate()); day = day.plusDays(1)) {
            for (Span span : hours.getOrDefault(day.getDayOfWeek(), List.of())) {
                LocalDateTime from = later(day.atTime(span.from()), start);
                LocalDateTime to = day.atTime(span.to()).isAfter(moment) ? moment : day.atTime(span.to());
                minutes += Math.max(0, Duration.between(from, to).toMinutes());
            }
        }
        return minutes;
    }

    /** Working minutes of an average working day. */
    public long day() {
        long days = hours.values().stream().filter(s -> !s.isEmpty()).count();
        return hours.values().stream()
                        .flatMap(List::stream)
                        .mapToLong(Span::minutes)
                        .sum()
                / days;
    }
}
