package itrova.formats;

import itrova.core.brakes.CircuitSheet;
import itrova.core.choice.Selection;
import itrova.core.measure.Instrument;
import itrova.core.measure.Origin;
import itrova.core.measure.Reading;
import itrova.core.measure.ReadingKey;
import itrova.core.measure.ReadingSpec;
import itrova.core.quantity.Dimension;
import itrova.core.quantity.UnitSystem;
import itrova.core.record.AxleRecord;
import itrova.core.record.Job;
import itrova.core.record.Trail;
import itrova.core.record.VehicleKind;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.AxleForm;
import itrova.core.vehicle.AxleLoad;
import itrova.core.vehicle.BracketShape;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Papers;
import itrova.core.vehicle.Retention;
import itrova.core.vehicle.Side;
import itrova.core.vehicle.SpindleNut;
import itrova.core.vehicle.VehicleFacts;
import itrova.core.vehicle.VehicleSheet;
import java.time.Instant;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Job documents, format {@code itrova-job/2}; schema in {@code docs/formats/itrova-job.schema.json}. Those of the first edition, which
 * knew of a chosen kit only its code, stay readable.
 */
public final class JobDocument {
    static final String FORMAT = "itrova-job/2";

    private JobDocument() {}

    /**
     * Reads a job.
     *
     * @param file name used in reports
     * @param text the JSON text
     * @throws DocumentException naming every fault; nothing is taken then
     */
    public static Job read(String file, String text) {
        JsonNode root = Json.read(file, text, Json.JOB_SCHEMA);
        Json.Faults faults = new Json.Faults(file);
        Cursor c = new Cursor(root, 0, "", faults);
        Cursor vehicle = c.at("vehicle");
        VehicleSheet sheet = vehicle.at("sheet")
                .guarded((cursor, f) -> SheetDocument.read(cursor))
                .orElse(VehicleSheet.EMPTY);
        CircuitSheet circuit = vehicle.at("circuit")
                .guarded((cursor, f) -> CircuitDocument.read(cursor))
                .orElse(CircuitSheet.UNSEEN);
        VehicleFacts facts = VehicleFacts.of(vehicle.flag("must_be_reversible", false), sheet);
        List<AxleRecord> axles = new ArrayList<>();
        for (Cursor axle : c.entries("axles", false)) {
            axle.guarded((cursor, f) -> axle(cursor, facts)).ifPresent(axles::add);
        }
        Trail trail = TrailDocument.read(c.at("trail"), axles.size());
        faults.throwIfAny();
        return new Job(
                c.text("title", ""),
                vehicle.choice("kind", VehicleKind.class),
                vehicle.text("description", ""),
                vehicle.text("owner", ""),
                vehicle.flag("must_be_reversible", false),
                vehicle.optional("promised", p -> p.node().asString()),
                vehicle.text("notes", ""),
                sheet,
                circuit,
                axles,
                trail);
    }

    private static AxleRecord axle(Cursor c, VehicleFacts facts) {
        List<Reading> readings = new ArrayList<>();
        for (Cursor r : c.entries("readings", true)) {
            r.guarded((cursor, f) -> reading(cursor)).ifPresent(readings::add);
        }
        Optional<AxleLoad> load = c.optional("load_kg", l -> l)
                .flatMap(l -> l.guarded((cursor, f) -> new AxleLoad(
                        cursor.quantity(Dimension.MASS),
                        c.at("load_source").isPresent()
                                ? c.choice("load_source", AxleLoad.Source.class)
                                : AxleLoad.Source.ESTIMATE)));
        return new AxleRecord(
                c.text("name", ""),
                form(c),
                papers(c.at("papers")),
                load,
                c.flag("wheel_stays", true),
                SurroundingsDocument.read(c.at("around")),
                ReadingKey.once(readings),
                chosen(c),
                facts);
    }

    private static Optional<Selection> chosen(Cursor c) {
        Cursor chosen = c.at("chosen");
        return chosen.isPresent()
                ? chosen.guarded((cursor, f) -> SelectionDocument.read(cursor.node()))
                : c.optional("chosen_kit", k -> Selection.of(k.node().asString()));
    }

    private static AxleForm form(Cursor c) {
        return new AxleForm(
                c.choice("end", AxleEndKind.class),
                c.choice("bracket_shape", BracketShape.class),
                c.at("nut").isPresent() ? c.choice("nut", SpindleNut.class) : SpindleNut.CASTLE,
                c.at("retention").isPresent() ? c.choice("retention", Retention.class) : Retention.PRESSED_BEARING,
                c.flag("grease_through", false),
                c.flag("handed", false),
                c.flag("tone_ring", false),
                c.flag("electric_brakes", false));
    }

    private static Papers papers(Cursor c) {
        return new Papers(
                c.optional("wheel_pattern", p -> p.node().asString()),
                c.optional("housing_end", p -> p.node().asString()),
                c.optional("spindle", p -> p.node().asString()));
    }

    static Reading reading(Cursor c) {
        Callout what = c.choice("what", Callout.class);
        String key = valueKey(what);
        Cursor value = c.at(key);
        if (!value.isPresent()) {
            throw new IllegalArgumentException(
                    "A reading of " + what.name().toLowerCase(Locale.ROOT) + " wants its value as “" + key + "”.");
        }
        Reading taken = Reading.take(
                c.choice("side", Side.class),
                what,
                c.at("at_mm").isPresent() ? asTyped(c.at("at_mm").node()) : "",
                asTyped(value.node()),
                c.at("with").isPresent()
                        ? c.choice("with", Instrument.class)
                        : ReadingSpec.of(what).preferred(),
                UnitSystem.METRIC);
        return c.at("taken").isPresent()
                ? taken.from(new Origin(c.text("by", ""), instant(c.text("taken", "")), c.flag("copy", false)))
                : taken;
    }

    static Instant instant(String text) {
        try {
            return Instant.parse(text);
        } catch (DateTimeParseException e) {
            throw new IllegalArgumentException(
                    "“" + Json.shortened(text) + "” is no time. Write it like 2026-03-01T09:30:00Z, or leave it out.");
        }
    }

    private static String valueKey(Callout what) {
        return switch (what.kind()) {
            case LENGTH -> "value_mm";
            case COUNT -> "count";
            case THREAD -> "thread";
            case WORD -> "word";
        };
    }

    private static String asTyped(JsonNode node) {
        return node.isNumber() ? node.decimalValue().toPlainString() : node.asString();
    }

    /** Writes a job as a document that reads back to the same job. */
    public static String write(Job job) {
        ObjectNode root = Json.MAPPER.createObjectNode();
        root.put("format", FORMAT).put("title", job.title());
        ObjectNode vehicle = root.putObject("vehicle");
        vehicle.put("kind", job.vehicleKind().name().toLowerCase(Locale.ROOT))
                .put("description", job.vehicle())
                .put("owner", job.owner())
                .put("must_be_reversible", job.mustBeReversible());
        job.promised().ifPresent(p -> vehicle.put("promised", p));
        vehicle.put("notes", job.notes());
        if (!job.sheet().equals(VehicleSheet.EMPTY)) {
            vehicle.set("sheet", SheetDocument.node(job.sheet()));
        }
        if (job.circuit().isSeen()) {
            vehicle.set("circuit", CircuitDocument.node(job.circuit()));
        }
        ArrayNode axles = root.putArray("axles");
        for (AxleRecord axle : job.axles()) {
            ObjectNode a = axles.addObject();
            a.put("name", axle.name());
            form(a, axle.form());
            papers(a, axle.papers());
            axle.load().ifPresent(l -> a.put("load_kg", l.kg())
                    .put("load_source", l.source().name().toLowerCase(Locale.ROOT)));
            a.put("wheel_stays", axle.wheelStays());
            if (!axle.around().isEmpty()) {
                a.set("around", SurroundingsDocument.node(axle.around()));
            }
            axle.chosen().ifPresent(s -> a.set("chosen", SelectionDocument.node(s)));
            ArrayNode readings = a.putArray("readings");
            axle.readings().forEach(r -> readings.add(node(r)));
        }
        TrailDocument.write(root, job.trail());
        return Json.MAPPER.writeValueAsString(root);
    }

    private static void form(ObjectNode a, AxleForm form) {
        a.put("end", form.kind().name().toLowerCase(Locale.ROOT))
                .put("bracket_shape", form.bracketShape().name().toLowerCase(Locale.ROOT))
                .put("nut", form.nut().name().toLowerCase(Locale.ROOT))
                .put("retention", form.retention().name().toLowerCase(Locale.ROOT))
                .put("grease_through", form.greaseThrough())
                .put("handed", form.handed())
                .put("tone_ring", form.toneRing())
                .put("electric_brakes", form.electricBrakes());
    }

    private static void papers(ObjectNode a, Papers papers) {
        if (papers.equals(Papers.SILENT)) {
            return;
        }
        ObjectNode p = a.putObject("papers");
        papers.wheelPattern().ifPresent(t -> p.put("wheel_pattern", t));
        papers.housingEnd().ifPresent(t -> p.put("housing_end", t));
        papers.spindle().ifPresent(t -> p.put("spindle", t));
    }

    static ObjectNode node(Reading r) {
        ObjectNode n = Json.MAPPER.createObjectNode();
        n.put("side", r.side().word()).put("what", r.callout().name().toLowerCase(Locale.ROOT));
        r.place().ifPresent(p -> n.put("at_mm", r.placeText()));
        switch (r.callout().kind()) {
            case COUNT -> n.put("count", Integer.parseInt(r.text().strip()));
            case THREAD -> n.put("thread", r.text());
            case WORD -> n.put("word", r.text());
            case LENGTH -> n.put("value_mm", r.textWithUnit());
        }
        n.put("with", r.instrument().name().toLowerCase(Locale.ROOT));
        r.origin().ifPresent(o -> {
            n.put("by", o.by()).put("taken", o.at().toString());
            if (o.isCopy()) {
                n.put("copy", true);
            }
        });
        return n;
    }
}
