package itrova.formats;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.time.Instant;
import java.time.LocalDate;
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

/** What is to be done on which day, as an iCalendar file (RFC 5545): one event of a whole day each. */
public final class RemindersDocument {
    private RemindersDocument() {}

    /**
     * Something to be done.
     *
     * @param id stays the same when the day moves, so that a calendar moves it too
     * @param title short
     * @param text more of it; may be empty
     */
    public record Reminder(String id, LocalDate day, String title, String text) {}

    /** Writes a calendar. */
    public static String write(List<Reminder> reminders, Instant now) {
        Calendar calendar = new Calendar();
        calendar.add(new ProdId("-//Itrova//looks again//EN"));
        calendar.add(ImmutableVersion.VERSION_2_0);
        calendar.add(ImmutableCalScale.GREGORIAN);
        for (Reminder each : reminders) {
            VEvent event = new VEvent(each.day(), each.title());
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
}
