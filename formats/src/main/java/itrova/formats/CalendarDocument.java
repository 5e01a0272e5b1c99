package itrova.formats;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import net.fortuna.ical4j.data.CalendarOutputter;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;

/** What is to be done when, as an iCalendar file (RFC 5545). Times are of the shop's own clock, wherever the reader is. */
public final class CalendarDocument {
    private CalendarDocument() {}

    /** Something to be done; its id stays the same when it moves, so that a calendar moves it too. */
    public sealed interface Entry {
        String id();

        String title();

        /** More of it; may be empty. */
        String text();
    }

    /** A whole day. */
    public record Day(String id, LocalDate day, String title, String text) implements Entry {}

    /** From when to when. */
    public record Timed(String id, LocalDateTime from, LocalDateTime to, String title, String text) implements Entry {}

    /** Writes a calendar. */
    public static String write(List<? extends Entry> entries, Instant now) {
        Calendar calendar = new Calendar();
        calendar.add(new ProdId("-//Itrova//EN"));
        calendar.add(ImmutableVersion.VERSION_2_0);
        calendar.add(ImmutableCalScale.GREGORIAN);
        for (Entry each : entries) {
            VEvent event = event(each);
            event.replace(new DtStamp(now));
            event.add(new Uid(each.id()));
            if (!each.text().isEmpty()) {
                event.add(new Description(each.text()));
            }
            calendar.add(event);
        }
        StringWriter out = new StringWriter();
        try {
            // a calendar without any event is valid for a reader, not for this library's own check
            new CalendarOutputter(false).output(calendar, out);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString();
    }

    private static VEvent event(Entry entry) {
        if (entry instanceof Timed t) {
            return new VEvent(t.from(), t.to(), t.title());
        }
        Day day = (Day) entry;
        return new VEvent(day.day(), day.title());
    }
}
