package itrova.server.measure;

import itrova.core.geometry.Point;
import itrova.core.measure.Comparison;
import itrova.core.measure.Instrument;
import itrova.core.measure.Reading;
import itrova.core.measure.TracedPicture;
import itrova.core.quantity.UnitSystem;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Side;
import itrova.core.vehicle.Station;
import itrova.core.vehicle.Wheel;
import itrova.formats.template.ProfileReader;
import itrova.formats.template.WheelStations;
import itrova.server.api.BadInputException;
import itrova.server.api.CurrentPerson;
import itrova.server.axle.Workbench;
import itrova.server.store.EventStore;
import itrova.server.store.EventStore.Place;
import itrova.server.store.JobArchive;
import itrova.server.store.JobStore.AxleRow;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
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

    /** @param like what its places are as doubtful as */
    public record ProfileTaken(double backspacing, int barrel, int spokes, String like) {}

    /** x = 0 at the mounting face, outboard positive; y the radius. A template is laid on with a steel rule. */
    @PostMapping(consumes = MediaType.TEXT_PLAIN_VALUE)
    @Transactional
    public ProfileTaken take(
            @PathVariable long axleId,
            @RequestParam Side side,
            @RequestParam ProfileReader.Format format,
            @RequestBody String text) {
        try {
            return taken(axleId, side, ProfileReader.read(format, text), Instrument.STEEL_RULE, "wheel profile");
        } catch (IllegalArgumentException e) {
            throw BadInputException.of("file", format.name(), e.getMessage());
        }
    }

    /**
     * A template photographed flat with a scale bar in view, traced by clicks in pixels of the picture.
     *
     * @param barLength length of the bar in shop notation
     * @param click how far a click may be off (pixels of the picture), by how large it was shown
     * @param innerRadius radius of the first point on the mounting face in shop notation
     */
    public record TracedRequest(
            @NotNull Side side,
            @NotNull TracedPicture.Pixel barFrom,
            @NotNull TracedPicture.Pixel barTo,
            @NotNull @Size(max = 60) String barLength,
            @NotNull TracedPicture.Pixel faceInner,
            @NotNull TracedPicture.Pixel faceOuter,
            @NotNull @Size(max = 60) String innerRadius,
            @NotNull @Size(max = 200) List<TracedPicture.@NotNull Pixel> points,
            double click) {}

    @PostMapping(path = "/traced", consumes = MediaType.APPLICATION_JSON_VALUE)
    @Transactional
    public ProfileTaken trace(@PathVariable long axleId, @Valid @RequestBody TracedRequest body) {
        FieldFigures figures = new FieldFigures(me.units());
        double bar = figures.length("length of the bar", body.barLength());
        double radius = figures.length("radius on the mounting face", body.innerRadius());
        try {
            TracedPicture picture = new TracedPicture(
                    body.barFrom(),
                    body.barTo(),
                    bar,
                    body.faceInner(),
                    body.faceOuter(),
                    radius,
                    body.points(),
                    body.click());
            Instrument like =
                    picture.doubt() <= Instrument.STEEL_RULE.halfLimit() ? Instrument.STEEL_RULE : Instrument.TAPE;
            return taken(axleId, body.side(), picture.profile(), like, "traced picture");
        } catch (IllegalArgumentException e) {
            throw BadInputException.of("picture", "", e.getMessage());
        }
    }

    /** The profile of a wheel on the wall, once two figures of the wheel found are proven the same as its own. */
    @PostMapping("/wall")
    @Transactional
    public ProfileTaken fromTheWall(
            @PathVariable long axleId, @RequestParam Side side, @RequestParam @Size(max = 60) String wheel) {
        Wheel onTheWall = bench.wheel(wheel);
        AxleEnd found = bench.record(bench.lockedAxle(axleId)).end(side);
        Comparison.whyNotEqual(found.withWheel(onTheWall), found, true).ifPresent(why -> {
            throw BadInputException.of("wheel", wheel, me.wording().say(why));
        });
        List<Reading> all = new ArrayList<>();
        onTheWall.barrel().forEach(s -> all.add(reading(side, Callout.WHEEL_BARREL, s)));
        onTheWall.spokes().forEach(s -> all.add(reading(side, Callout.WHEEL_SPOKE, s)));
        return keep(
                axleId,
                side,
                all,
                "wheel " + wheel,
                new ProfileTaken(
                        onTheWall.backspacing().value(),
                        onTheWall.barrel().size(),
                        onTheWall.spokes().size(),
                        Instrument.STEEL_RULE.title()));
    }

    private static Reading reading(Side side, Callout callout, Station station) {
        return reading(
                side, callout, mm(station.place().value()), station.size().value(), Instrument.STEEL_RULE);
    }

    private ProfileTaken taken(long axleId, Side side, List<Point> profile, Instrument like, String what) {
        WheelStations wheel = WheelStations.of(profile);
        List<Reading> all = new ArrayList<>();
        all.add(reading(side, Callout.WHEEL_BACKSPACING, "", wheel.backspacing(), like));
        wheel.barrel().forEach(s -> all.add(reading(side, Callout.WHEEL_BARREL, mm(s[0]), s[1], like)));
        wheel.spokes().forEach(s -> all.add(reading(side, Callout.WHEEL_SPOKE, mm(s[0]), s[1], like)));
        return keep(
                axleId,
                side,
                all,
                what,
                new ProfileTaken(
                        wheel.backspacing(),
                        wheel.barrel().size(),
                        wheel.spokes().size(),
                        like.title()));
    }

    private ProfileTaken keep(long axleId, Side side, List<Reading> all, String what, ProfileTaken told) {
        AxleRow row = bench.lockedAxle(axleId);
        long person = me.get().id();
        int taken = archive.takeNew(axleId, all, person);
        events.add(
                Place.axle(row.jobId(), axleId),
                EventStore.Kind.READINGS_IMPORTED,
                what,
                Map.of("side", side.word(), "rows", String.valueOf(all.size()), "new", String.valueOf(taken)),
                person);
        return told;
    }

    private static Reading reading(Side side, Callout callout, String place, double size, Instrument like) {
        return Reading.take(side, callout, place, mm(size), like, UnitSystem.METRIC);
    }

    private static String mm(double value) {
        return String.format(Locale.ROOT, "%.1f mm", value);
    }
}
