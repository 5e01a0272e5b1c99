package itrova.server.week;

import itrova.core.schedule.WorkingTime;
import itrova.core.schedule.WorkingTime.Span;
import itrova.server.api.BadInputException;
import java.time.DayOfWeek;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Working hours as typed: spans of a day parted by blanks, such as {@code 08:00-12:00 13:00-17:00}. */
final class WeekHours {
    private static final Pattern SPAN = Pattern.compile("(\\d{1,2}:\\d{2})-(\\d{1,2}:\\d{2})");

    private WeekHours() {}

    /** @throws BadInputException naming the day that is not understood */
    static WorkingTime read(Map<String, String> hours, LocalDateTime start) {
        Map<DayOfWeek, List<Span>> spans = new EnumMap<>(DayOfWeek.class);
        for (DayOfWeek day : DayOfWeek.values()) {
            spans.put(day, day(day, hours.getOrDefault(day.name(), "")));
        }
        try {
            return new WorkingTime(start, spans);
        } catch (IllegalArgumentException e) {
            throw BadInputException.of("hours", "", e.getMessage());
        }
    }

    private static List<Span> day(DayOfWeek day, String typed) {
        List<Span> spans = new ArrayList<>();
        for (String each : typed.strip().replaceAll("\\s*-\\s*", "-").split("[\\s,;]+")) {
            if (each.isEmpty()) {
                continue;
            }
            Matcher m = SPAN.matcher(each);
            if (!m.matches()) {
                throw wrong(day, each);
            }
            try {
                spans.add(new Span(time(m.group(1)), time(m.group(2))));
            } catch (IllegalArgumentException | DateTimeParseException e) {
                throw wrong(day, each);
            }
        }
        return spans;
    }

    private static LocalTime time(String typed) {
        return LocalTime.parse(typed.length() == 4 ? "0" + typed : typed);
    }

    private static BadInputException wrong(DayOfWeek day, String typed) {
        return BadInputException.of(
                "hours",
                typed,
                "“" + typed + "” is no working time of a " + day.name().toLowerCase(java.util.Locale.ROOT)
                        + ". Write it like 08:00-12:00 13:00-17:00, or nothing for a free day.");
    }
}
