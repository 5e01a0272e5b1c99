package itrova.server.measure;

import itrova.core.measure.Instrument;
import itrova.core.measure.Reading;
import itrova.core.quantity.UnitSystem;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Side;
import itrova.formats.template.ProfileReader;
import itrova.formats.template.WheelStations;
import itrova.server.api.BadInputException;
import itrova.server.api.CurrentPerson;
import itrova.server.axle.Workbench;
import itrova.server.store.EventStore;
import itrova.server.store.EventStore.Place;
import itrova.server.store.JobArchive;
import itrova.server.store.JobStore.AxleRow;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.springframework.http.MediaType;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** A wheel's profile read in from a drawing: each of its places becomes a reading; all or none. */
@RestController
@RequestMapping("/api/axles/{axleId}/wheel-profile")
public class WheelProfileController {
    private final Workbench bench;
    private final JobArchive archive;
    private final EventStore events;
    private final CurrentPerson me;

    WheelProfileController(Workbench bench, JobArchive archive, EventStore events, CurrentPerson me) {
        this.bench = bench;
        this.archive = archive;
        this.events = events;
        this.me = me;
    }

    public record ProfileTaken(double backspacing, int barrel, int spokes) {}

    /** x = 0 at the mounting face, outboard positive; y the radius. */
    @PostMapping(consumes = MediaType.TEXT_PLAIN_VALUE)
    @Transactional
    public ProfileTaken take(
            @PathVariable long axleId,
            @RequestParam Side side,
            @RequestParam ProfileReader.Format format,
            @RequestBody String text) {
        AxleRow row = bench.lockedAxle(axleId);
        try {
            WheelStations wheel = WheelStations.of(ProfileReader.read(format, text));
            List<Reading> all = new ArrayList<>();
            all.add(reading(side, Callout.WHEEL_BACKSPACING, "", wheel.backspacing()));
            wheel.barrel().forEach(s -> all.add(reading(side, Callout.WHEEL_BARREL, mm(s[0]), s[1])));
            wheel.spokes().forEach(s -> all.add(reading(side, Callout.WHEEL_SPOKE, mm(s[0]), s[1])));
            long person = me.get().id();
            int taken = archive.takeNew(axleId, all, person);
            events.add(
                    Place.axle(row.jobId(), axleId),
                    EventStore.Kind.READINGS_IMPORTED,
                    "wheel profile",
                    Map.of("side", side.word(), "rows", String.valueOf(all.size()), "new", String.valueOf(taken)),
                    person);
            return new ProfileTaken(
                    wheel.backspacing(), wheel.barrel().size(), wheel.spokes().size());
        } catch (IllegalArgumentException e) {
            throw BadInputException.of("file", format.name(), e.getMessage());
        }
    }

    /** A template is laid on with a steel rule: its half-limit is that of one. */
    private static Reading reading(Side side, Callout callout, String place, double size) {
        return Reading.take(side, callout, place, mm(size), Instrument.STEEL_RULE, UnitSystem.METRIC);
    }

    private static String mm(double value) {
        return String.format(Locale.ROOT, "%.1f mm", value);
    }
}
