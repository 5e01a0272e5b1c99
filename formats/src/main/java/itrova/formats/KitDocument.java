package itrova.formats;

import itrova.core.fastener.Thread;
import itrova.core.geometry.Outline;
import itrova.core.geometry.Point;
import itrova.core.kit.Bracket;
import itrova.core.kit.Caliper;
import itrova.core.kit.Disc;
import itrova.core.kit.Figure;
import itrova.core.kit.HolePattern;
import itrova.core.kit.Kit;
import itrova.core.kit.KitParts;
import itrova.core.kit.KitStuds;
import itrova.core.kit.KitTerms;
import itrova.core.kit.MissingPart;
import itrova.core.kit.TorqueSpec;
import itrova.core.quantity.Dimension;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.BracketShape;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Kit documents, format {@code itrova-kits/1}; schema in {@code docs/formats/itrova-kits.schema.json}. */
public final class KitDocument {
    static final String FORMAT = "itrova-kits/1";

    private KitDocument() {}

    /**
     * Reads all kits of a document.
     *
     * @param file name used in reports
     * @param text the JSON text
     * @throws DocumentException naming every fault; nothing is taken then
     */
    public static List<Kit> read(String file, String text) {
        JsonNode root = Json.read(file, text, Json.KITS_SCHEMA);
        Json.Faults faults = new Json.Faults(file);
        List<Kit> kits = new ArrayList<>();
        Set<String> codes = new HashSet<>();
        for (Cursor c : new Cursor(root, 0, "", faults).entries("kits", true)) {
            Optional<Kit> kit = c.guarded((cursor, f) -> kit(cursor));
            kit.ifPresent(kits::add);
            String code = c.text("code", "");
            if (!codes.add(code)) {
                faults.add(c.row(), "code", "The code " + code + " stands twice in this file. Give each kit its own.");
            }
        }
        faults.throwIfAny();
        return kits;
    }

    private static Kit kit(Cursor c) {
        Set<AxleEndKind> fits = new HashSet<>();
        c.node()
                .path("fits")
                .forEach(n -> fits.add(AxleEndKind.valueOf(n.asString().toUpperCase(Locale.ROOT))));
        return new Kit(
                c.text("code", ""),
                c.text("name", ""),
                c.text("supplier", ""),
                fits,
                new KitParts(
                        disc(c.at("disc")),
                        caliper(c.at("caliper")),
                        bracket(c.at("bracket")),
                        c.optional("studs", KitDocument::studs),
                        positive(c.at("rated_axle_load_kg"), Dimension.MASS)),
                new KitTerms(
                        texts(c, "box"),
                        c.entries("missing", false).stream()
                                .map(KitDocument::missing)
                                .toList(),
                        c.cents("price"),
                        c.whole("lead_days", 0),
                        c.flag("returnable", false),
                        c.flag("reversible", false),
                        c.text("parking_brake", "")),
                c.entries("torques", false).stream().map(KitDocument::torque).toList(),
                texts(c, "notes"));
    }

    private static double positive(Cursor c, Dimension dimension) {
        double value = c.quantity(dimension);
        if (value <= 0) {
            c.faults().add(c.row(), c.path(), "Must be more than 0 " + dimension.siSymbol() + ", not " + value + ".");
        }
        return value;
    }

    private static Disc disc(Cursor c) {
        List<HolePattern> patterns = c.entries("patterns", false).stream()
                .map(p ->
                        new HolePattern(p.whole("count", 0), p.figure("circle_mm", false), p.figure("hole_mm", false)))
                .toList();
        return new Disc(
                c.figure("diameter_mm", false),
                c.figure("thickness_mm", false),
                c.figure("bore_mm", true),
                c.figure("hat_inside_mm", false),
                c.figure("hat_thickness_mm", false),
                c.figure("hat_depth_mm", false),
                c.length("fillet_mm", 0),
                patterns,
                c.at("hole_to_edge_mm").isPresent()
                        ? Optional.of(c.figure("hole_to_edge_mm", false))
                        : Optional.empty(),
                c.at("wheel_lip_mm").isPresent() ? Optional.of(c.figure("wheel_lip_mm", true)) : Optional.empty());
    }

    private static Caliper caliper(Cursor c) {
        Optional<Outline> outline = c.optional("outline_mm", KitDocument::outline);
        return new Caliper(
                c.flag("sliding", false),
                outline,
                c.length("outline_tolerance_mm", Figure.GENERAL_TOLERANCE),
                c.length("wear_travel_mm", 0));
    }

    private static Outline outline(Cursor c) {
        List<Point> corners = new ArrayList<>();
        c.node()
                .forEach(pair -> corners.add(
                        new Point(pair.get(0).asDouble(), pair.get(1).asDouble())));
        return new Outline(corners);
    }

    private static Bracket bracket(Cursor c) {
        BracketShape shape = c.choice("shape", BracketShape.class);
        return new Bracket(
                shape,
                c.whole("count", 4),
                optionalFigure(c, "across_mm"),
                optionalFigure(c, "up_mm"),
                optionalFigure(c, "circle_mm"),
                c.figure("hole_mm", false),
                c.figure("bolt_mm", false),
                optionalFigure(c, "axle_offset_mm"),
                c.length("shim_range_mm", 0));
    }

    private static Optional<Figure> optionalFigure(Cursor c, String key) {
        return c.at(key).isPresent() ? Optional.of(c.figure(key, false)) : Optional.empty();
    }

    private static KitStuds studs(Cursor c) {
        return new KitStuds(
                Thread.parse(c.text("thread", "")), c.figure("shoulder_mm", true), c.figure("stick_out_mm", false));
    }

    private static MissingPart missing(Cursor c) {
        return new MissingPart(
                c.text("name", ""),
                c.whole("quantity", 1),
                c.cents("price"),
                c.text("supplier", ""),
                c.whole("lead_days", 0));
    }

    private static TorqueSpec torque(Cursor c) {
        Optional<Thread> thread =
                c.at("thread").isPresent() ? Optional.of(Thread.parse(c.text("thread", ""))) : Optional.empty();
        return new TorqueSpec(c.text("fastener", ""), positive(c.at("torque_Nm"), Dimension.TORQUE), thread);
    }

    private static List<String> texts(Cursor c, String key) {
        List<String> texts = new ArrayList<>();
        c.node().path(key).forEach(n -> texts.add(n.asString()));
        return texts;
    }

    /** Writes kits as a document that reads back to the same kits. */
    public static String write(List<Kit> kits) {
        ObjectNode root = Json.MAPPER.createObjectNode();
        root.put("format", FORMAT);
        ArrayNode list = root.putArray("kits");
        kits.forEach(k -> list.add(node(k)));
        return Json.MAPPER.writeValueAsString(root);
    }

    private static ObjectNode node(Kit k) {
        ObjectNode n = Json.MAPPER.createObjectNode();
        n.put("code", k.code()).put("name", k.name()).put("supplier", k.supplier());
        ArrayNode fits = n.putArray("fits");
        k.fits().stream().sorted().forEach(f -> fits.add(f.name().toLowerCase(Locale.ROOT)));
        n.set("disc", node(k.disc()));
        n.set("caliper", node(k.caliper()));
        n.set("bracket", node(k.bracket()));
        k.studs().ifPresent(s -> {
            ObjectNode studs = n.putObject("studs");
            studs.put("thread", s.thread().designation());
            figure(studs, "shoulder_mm", s.shoulder());
            figure(studs, "stick_out_mm", s.stickOut());
        });
        n.put("rated_axle_load_kg", k.ratedLoadKg())
                .put("price", price(k.terms().priceCents()))
                .put("lead_days", k.terms().leadDays());
        n.put("returnable", k.terms().returnable())
                .put("reversible", k.terms().reversible())
                .put("parking_brake", k.terms().parkingBrake());
        strings(n.putArray("box"), k.terms().box());
        ArrayNode missing = n.putArray("missing");
        k.terms().missing().forEach(m -> missing.addObject()
                .put("name", m.name())
                .put("quantity", m.quantity())
                .put("price", price(m.unitCents()))
                .put("supplier", m.supplier())
                .put("lead_days", m.leadDays()));
        ArrayNode torques = n.putArray("torques");
        k.torques().forEach(t -> {
            ObjectNode torque =
                    torques.addObject().put("fastener", t.fastener()).put("torque_Nm", t.torque());
            t.thread().ifPresent(thread -> torque.put("thread", thread.designation()));
        });
        strings(n.putArray("notes"), k.notes());
        return n;
    }

    private static ObjectNode node(Disc d) {
        ObjectNode n = Json.MAPPER.createObjectNode();
        figure(n, "diameter_mm", d.diameter());
        figure(n, "thickness_mm", d.thickness());
        figure(n, "bore_mm", d.bore());
        figure(n, "hat_inside_mm", d.hatInside());
        figure(n, "hat_thickness_mm", d.hatThickness());
        figure(n, "hat_depth_mm", d.hatDepth());
        n.put("fillet_mm", d.fillet());
        ArrayNode patterns = n.putArray("patterns");
        d.patterns().forEach(p -> {
            ObjectNode pattern = patterns.addObject().put("count", p.count());
            figure(pattern, "circle_mm", p.circle());
            figure(pattern, "hole_mm", p.hole());
        });
        d.holeToEdge().ifPresent(f -> figure(n, "hole_to_edge_mm", f));
        d.wheelLip().ifPresent(f -> figure(n, "wheel_lip_mm", f));
        return n;
    }

    private static ObjectNode node(Caliper c) {
        ObjectNode n = Json.MAPPER.createObjectNode();
        n.put("sliding", c.sliding());
        c.outline().ifPresent(o -> {
            ArrayNode corners = n.putArray("outline_mm");
            o.corners().forEach(p -> corners.addArray().add(p.x()).add(p.r()));
        });
        return n.put("outline_tolerance_mm", c.outlineTolerance()).put("wear_travel_mm", c.wearTravel());
    }

    private static ObjectNode node(Bracket b) {
        ObjectNode n = Json.MAPPER.createObjectNode();
        n.put("shape", b.shape().name().toLowerCase(Locale.ROOT)).put("count", b.count());
        b.across().ifPresent(f -> figure(n, "across_mm", f));
        b.up().ifPresent(f -> figure(n, "up_mm", f));
        b.circle().ifPresent(f -> figure(n, "circle_mm", f));
        figure(n, "hole_mm", b.hole());
        figure(n, "bolt_mm", b.bolt());
        b.axleOffset().ifPresent(f -> figure(n, "axle_offset_mm", f));
        return n.put("shim_range_mm", b.shimRange());
    }

    private static void figure(ObjectNode n, String key, Figure f) {
        if (f.assumed()) {
            n.put(key, f.value());
        } else {
            n.putObject(key).put("value", f.value()).put("tolerance", f.tolerance());
        }
    }

    static String price(long cents) {
        return BigDecimal.valueOf(cents, 2).toPlainString();
    }

    private static void strings(ArrayNode array, List<String> texts) {
        texts.stream().collect(Collectors.toList()).forEach(array::add);
    }
}
