package itrova.server.store;

import itrova.core.measure.Origin;
import itrova.core.measure.Reading;
import itrova.core.measure.ReadingKey;
import itrova.core.record.Trail;
import itrova.server.store.EventStore.EventRow;
import itrova.server.store.EventStore.Place;
import itrova.server.store.JobStore.AxleRow;
import itrova.server.store.PhotoStore.WholePhoto;
import itrova.server.store.ReadingStore.NewReading;
import itrova.server.store.ReadingStore.OldReading;
import java.util.ArrayList;
import java.util.Base64;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.OptionalLong;
import org.springframework.stereotype.Component;

/** How jobs came to stand as they do, in and out of the tables: corrections, photos, the log. */
@Component
class Trails {
    private final ReadingStore readings;
    private final PhotoStore photos;
    private final EventStore events;

    Trails(ReadingStore readings, PhotoStore photos, EventStore events) {
        this.readings = readings;
        this.photos = photos;
        this.events = events;
    }

    Trail of(long jobId, List<AxleRow> axles) {
        List<Trail.Change> changes = new ArrayList<>();
        List<Trail.Photo> pictures = new ArrayList<>();
        Map<Long, Integer> index = new HashMap<>();
        for (int i = 0; i < axles.size(); i++) {
            long axleId = axles.get(i).id();
            index.put(axleId, i);
            List<OldReading> old = readings.history(axleId);
            Map<Long, Reading> byId = new HashMap<>();
            readings.standing(axleId).forEach(r -> byId.put(r.id(), r.reading()));
            old.stream().map(OldReading::old).forEach(r -> byId.put(r.id(), r.reading()));
            for (OldReading o : old) {
                changes.add(new Trail.Change(
                        i, o.old().reading(), Optional.ofNullable(byId.get(o.fate())), o.changedBy(), o.changedAt()));
            }
            for (WholePhoto p : photos.wholeOfAxle(axleId)) {
                pictures.add(new Trail.Photo(
                        i,
                        byId.get(p.readingId()),
                        p.by(),
                        p.at(),
                        p.width(),
                        p.height(),
                        Base64.getEncoder().encodeToString(p.jpeg())));
            }
        }
        List<Trail.Entry> entries = new ArrayList<>();
        for (EventRow e : events.ofJob(jobId)) {
            Integer axle = e.axleId() == null ? null : index.get(e.axleId());
            entries.add(events.entry(e, axle == null ? OptionalInt.empty() : OptionalInt.of(axle)));
        }
        return new Trail(changes, pictures, entries);
    }

    /** Takes the readings of a new axle: first what was corrected or withdrawn, then what stands, then the photos of both. */
    void addReadings(long axleId, int axle, List<Reading> standing, Trail trail, long personId) {
        Map<ReadingKey, Long> ids = new HashMap<>();
        Map<ReadingKey, ReadingKey> before = new HashMap<>();
        List<Trail.Change> changes =
                trail.changes().stream().filter(c -> c.axle() == axle).toList();
        changes.forEach(
                c -> c.now().ifPresent(now -> before.put(now.key(), c.old().key())));
        for (Trail.Change c : changes) {
            long id = ids.computeIfAbsent(c.old().key(), k -> add(axleId, c.old(), before, ids, personId));
            if (c.now().isEmpty()) {
                Origin who = new Origin(c.by(), c.at(), false);
                readings.withdrawBrought(axleId, JobArchive.toNew(c.old()), id, who, personId);
            }
        }
        for (Reading r : ReadingKey.once(standing)) {
            if (!ids.containsKey(r.key())) {
                ids.put(r.key(), add(axleId, r, before, ids, personId));
            }
        }
        trail.photos().stream()
                .filter(p -> p.axle() == axle && ids.containsKey(p.reading().key()))
                .forEach(p -> photos.addBrought(
                        new WholePhoto(
                                ids.get(p.reading().key()),
                                p.by(),
                                p.at(),
                                p.width(),
                                p.height(),
                                Base64.getDecoder().decode(p.jpeg())),
                        personId));
    }

    private long add(
            long axleId, Reading r, Map<ReadingKey, ReadingKey> before, Map<ReadingKey, Long> ids, long personId) {
        NewReading fresh = JobArchive.toNew(r);
        Long old = ids.get(before.get(r.key()));
        return readings.addBrought(
                axleId,
                new NewReading(
                        fresh.clientId(),
                        old == null ? OptionalLong.empty() : OptionalLong.of(old),
                        fresh.side(),
                        fresh.callout(),
                        fresh.placeText(),
                        fresh.text(),
                        fresh.unitSystem(),
                        fresh.instrument(),
                        fresh.copiedFrom(),
                        fresh.origin()),
                personId);
    }

    void addLog(long jobId, List<Long> axleIds, Trail trail, long personId) {
        for (Trail.Entry e : trail.entries()) {
            Place place = e.axle().isPresent()
                    ? Place.axle(jobId, axleIds.get(e.axle().getAsInt()))
                    : Place.job(jobId);
            events.addBrought(place, e, personId);
        }
    }
}
