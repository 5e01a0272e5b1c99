package itrova.formats;

import static org.assertj.core.api.Assertions.assertThat;

import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import biweekly.util.DateTimeComponents;
import itrova.formats.CalendarDocument.Day;
import itrova.formats.CalendarDocument.Entry;
import itrova.formats.CalendarDocument.Timed;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Calendars read back by another, independent library for RFC 5545. */
class CalendarDocumentTest {
    private static final Instant NOW = Instant.parse("2026-05-04T08:30:00Z");

    private static ICalendar read(List<? extends Entry> reminders) {
        return Biweekly.parse(CalendarDocument.write(reminders, NOW)).first();
    }

    @Test
    void anotherLibraryReadsDayTitleAndText() {
        String awkward = "Wheel nuts, play; leaks\nand “marks” \\ äöü";
        VEvent event = read(List.of(
                        new Day("job-1-early@itrova", LocalDate.of(2026, 5, 18), awkward, "Or at 48310 km")))
                .getEvents()
                .get(0);
        assertThat(event.getUid().getValue()).isEqualTo("job-1-early@itrova");
        assertThat(event.getSummary().getValue()).isEqualTo(awkward);
        assertThat(event.getDescription().getValue()).isEqualTo("Or at 48310 km");
        assertThat(event.getDateStart().getValue().hasTime()).isFalse();
        DateTimeComponents day = event.getDateStart().getValue().getRawComponents();
        assertThat(LocalDate.of(day.getYear(), day.getMonth(), day.getDate())).isEqualTo(LocalDate.of(2026, 5, 18));
        assertThat(event.getDateTimeStamp().getValue().toInstant()).isEqualTo(NOW);
    }

    @Test
    void linesAreFoldedAndEndAsTheStandardWants() {
        String text = CalendarDocument.write(
                List.of(new Day("a@itrova", LocalDate.of(2026, 5, 18), "x".repeat(300), "")), NOW);
        // RFC 5545, 3.1: lines of at most 75 octets, ended by CR LF
        assertThat(text.split("\r\n"))
                .allSatisfy(line -> assertThat(line.length()).isLessThanOrEqualTo(75));
        assertThat(text).endsWith("END:VCALENDAR\r\n");
        assertThat(read(List.of(new Day("a@itrova", LocalDate.of(2026, 5, 18), "x".repeat(300), "")))
                        .getEvents()
                        .get(0)
                        .getSummary()
                        .getValue())
                .hasSize(300);
    }

    @Test
    void hoursAreOfTheShopsOwnClock() {
        VEvent event = read(List.of(new Timed(
                        "a@itrova",
                        LocalDateTime.of(2026, 5, 18, 8, 0),
                        LocalDateTime.of(2026, 5, 18, 9, 35),
                        "Bracket, left",
                        "")))
                .getEvents()
                .get(0);
        DateTimeComponents from = event.getDateStart().getValue().getRawComponents();
        assertThat(from.getHour()).isEqualTo(8);
        assertThat(from.isUtc()).isFalse();
        assertThat(event.getDateEnd().getValue().getRawComponents().getMinute()).isEqualTo(35);
    }

    @Test
    void nothingToDoIsACalendarWithoutEvents() {
        assertThat(read(List.of()).getEvents()).isEmpty();
    }
}
