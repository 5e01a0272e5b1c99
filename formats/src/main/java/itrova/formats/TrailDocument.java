package itrova.formats;

import itrova.core.measure.Reading;
import itrova.core.record.Trail;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** The part {@code trail} of a job document: corrections, photos and the log, with who and when. */
final class TrailDocument {
    private TrailDocument() {}

    /** @param axles how many axles the job has; what speaks of another is a fault */
    static Trail read(Cursor c, int axles) {
        if (!c.isPresent()) {
            return Trail.NONE;
        }
        List<Trail.Change> changes = new ArrayList<>();
        for (Cursor change : c.entries("changes", false)) {
            change.guarded((cursor, f) -> new Trail.Change(
                            axle(cursor, axles).orElseThrow(),
                            reading(cursor.at("old")),
                            cursor.at("now").isPresent() ? Optional.of(reading(cursor.at("now"))) : Optional.empty(),
                            cursor.text("by", ""),
                            JobDocument.instant(cursor.text("at", ""))))
                    .ifPresent(changes::add);
        }
        List<Trail.Photo> photos = new ArrayList<>();
        for (Cursor photo : c.entries("photos", false)) {
            photo.guarded((cursor, f) -> new Trail.Photo(
                            axle(cursor, axles).orElseThrow(),
                            reading(cursor.at("reading")),
                            cursor.text("by", ""),
                            JobDocument.instant(cursor.text("at", "")),
                            cursor.whole("width", 0),
                            cursor.whole("height", 0),
                            cursor.text("jpeg", "")))
                    .ifPresent(photos::add);
        }
        List<Trail.Entry> entries = new ArrayList<>();
        for (Cursor entry : c.entries("log", false)) {
            entry.guarded((cursor, f) -> entry(cursor, axles)).ifPresent(entries::add);
        }
        return new Trail(changes, photos, entries);
    }

    private static Trail.Entry entry(Cursor c, int axles) {
        Map<String, String> payload = new LinkedHashMap<>();
        c.node()
                .path("payload")
                .properties()
                .forEach(e -> payload.put(e.getKey(), e.getValue().asString()));
        return new Trail.Entry(
                axle(c, axles),
                c.text("kind", ""),
                c.text("subject", ""),
                payload,
                c.text("by", ""),
                JobDocument.instant(c.text("at", "")));
    }

    private static Reading reading(Cursor c) {
        return JobDocument.reading(c);
    }

    private static OptionalInt axle(Cursor c, int axles) {
        if (!c.at("axle").isPresent()) {
            return OptionalInt.empty();
        }
        int axle = c.whole("axle", 0);
        if (axle >= axles) {
            throw new IllegalArgumentException(
                    "The trail speaks of axle " + axle + ", counted from 0; the job has " + axles + ".");
        }
        return OptionalInt.of(axle);
    }

    static void write(ObjectNode root, Trail trail) {
        if (trail.equals(Trail.NONE)) {
            return;
        }
        ObjectNode t = root.putObject("trail");
        ArrayNode changes = t.putArray("changes");
        for (Trail.Change change : trail.changes()) {
            ObjectNode n = changes.addObject().put("axle", change.axle());
            n.set("old", JobDocument.node(change.old()));
            change.now().ifPresent(now -> n.set("now", JobDocument.node(now)));
            n.put("by", change.by()).put("at", change.at().toString());
        }
        ArrayNode photos = t.putArray("photos");
        for (Trail.Photo photo : trail.photos()) {
            ObjectNode n = photos.addObject().put("axle", photo.axle());
            n.set("reading", JobDocument.node(photo.reading()));
            n.put("by", photo.by())
                    .put("at", photo.at().toString())
                    .put("width", photo.width())
                    .put("height", photo.height())
                    .put("jpeg", photo.jpeg());
        }
        ArrayNode log = t.putArray("log");
        for (Trail.Entry entry : trail.entries()) {
            ObjectNode n = log.addObject();
            entry.axle().ifPresent(a -> n.put("axle", a));
            n.put("kind", entry.kind()).put("subject", entry.subject());
            ObjectNode payload = n.putObject("payload");
            entry.payload().entrySet().stream()
                    .sorted(Map.Entry.comparingByKey())
                    .forEach(e -> payload.put(e.getKey(), e.getValue()));
            n.put("by", entry.by()).put("at", entry.at().toString());
        }
    }
}
