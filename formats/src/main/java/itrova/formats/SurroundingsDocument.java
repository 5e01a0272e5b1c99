package itrova.formats;

import itrova.core.fastener.Thread;
import itrova.core.geometry.Point3;
import itrova.core.quantity.Dimension;
import itrova.core.quantity.ShopNotation;
import itrova.core.quantity.Unit;
import itrova.core.vehicle.HubHeld;
import itrova.core.vehicle.Seen;
import itrova.core.vehicle.Side;
import itrova.core.vehicle.Surroundings;
import itrova.core.vehicle.Surroundings.Box;
import itrova.core.vehicle.Surroundings.HoseEnd;
import itrova.core.vehicle.Surroundings.Obstacle;
import itrova.core.vehicle.Surroundings.Steering;
import itrova.core.vehicle.Surroundings.Travel;
import itrova.core.vehicle.Surroundings.Tyre;
import itrova.core.vehicle.WheelDetails;
import itrova.core.vehicle.WheelDetails.CapRoom;
import itrova.core.vehicle.WheelDetails.DonorLook;
import itrova.core.vehicle.WheelDetails.Spare;
import itrova.core.vehicle.WheelDetails.Valve;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.TreeMap;
import java.util.function.Function;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** What stands around the wheels of an axle, as part of a job document; what nobody looked at is left out. */
public final class SurroundingsDocument {
    private static final double TAPE = 1;

    private SurroundingsDocument() {}

    /**
     * Reads both sides as they are stored or sent.
     *
     * @throws DocumentException naming every fault
     */
    public static Map<Side, Surroundings> read(String text) {
        JsonNode root;
        try {
            root = Json.MAPPER.readTree(text);
        } catch (JacksonException e) {
            throw new DocumentException(
                    List.of(new DocumentProblem("around", 0, "", "This is not JSON: " + e.getOriginalMessage())));
        }
        Json.validate("around", root, Json.AROUND_SCHEMA);
        Json.Faults faults = new Json.Faults("around");
        Map<Side, Surroundings> sides = read(new Cursor(root, 0, "", faults));
        faults.throwIfAny();
        return sides;
    }

    static Map<Side, Surroundings> read(Cursor c) {
        Map<Side, Surroundings> sides = new EnumMap<>(Side.class);
        for (Side side : Side.values()) {
            Cursor at = c.at(side.word());
            if (at.isPresent()) {
                at.guarded((cursor, f) -> side(cursor)).ifPresent(s -> sides.put(side, s));
            }
        }
        return sides;
    }

    private static Surroundings side(Cursor c) {
        return new Surroundings(
                seen(c, "inboard", SurroundingsDocument::obstacle),
                seen(c, "chassis", SurroundingsDocument::box),
                c.optional(
                        "steering",
                        s -> new Steering(
                                point(s.at("lower_mm")),
                                point(s.at("upper_mm")),
                                s.at("lock_in_deg").node().asDouble(),
                                s.at("lock_out_deg").node().asDouble(),
                                s.length("half_limit_mm", TAPE))),
                c.optional(
                        "travel",
                        t -> new Travel(
                                t.length("bump_mm"),
                                t.length("droop_mm"),
                                t.at("roll_deg").node().asDouble())),
                c.optional(
                        "tyre",
                        t -> new Tyre(
                                t.length("width_mm"),
                                t.length("diameter_mm"),
                                t.at("rated_kg").isPresent()
                                        ? OptionalDouble.of(t.at("rated_kg").quantity(Dimension.MASS))
                                        : OptionalDouble.empty(),
                                t.length("chains_mm", 0))),
                c.optional(
                        "hose",
                        h -> new HoseEnd(
                                point(h.at("at_mm")),
                                h.optional("thread", t -> Thread.parse(t.node().asString())))),
                c.entries("joints", false).stream().map(PartsReader::joint).toList(),
                c.optional("details", SurroundingsDocument::details).orElse(WheelDetails.UNSEEN),
                TapedDocument.read(c));
    }

    private static WheelDetails details(Cursor c) {
        return new WheelDetails(
                c.optional("hub_held", h -> HubHeld.valueOf(h.node().asString().toUpperCase(Locale.ROOT))),
                c.optional(
                        "valve",
                        v -> new Valve(
                                v.length("depth_mm", 0), v.length("height_mm"), v.length("half_limit_mm", TAPE))),
                c.optional("cap", k -> new CapRoom(k.length("room_mm"), k.length("half_limit_mm", TAPE))),
                c.optional("spare", SurroundingsDocument::spare),
                c.at("wheel_rated_kg").isPresent()
                        ? OptionalDouble.of(c.at("wheel_rated_kg").quantity(Dimension.MASS))
                        : OptionalDouble.empty(),
                c.entries("donor", false).stream()
                        .map(d -> new DonorLook(d.text("kit", ""), d.text("at", ""), d.flag("is_so", false)))
                        .toList());
    }

    private static Spare spare(Cursor c) {
        if (c.node().isObject()) {
            return Spare.of(WheelDocument.wheel(c));
        }
        return c.node().asString().equals("none") ? Spare.NONE : Spare.SAME;
    }

    private static Obstacle obstacle(Cursor c) {
        double[] x = range(c.at("x_mm"));
        double[] r = range(c.at("r_mm"));
        return new Obstacle(
                c.text("name", ""),
                PartsReader.window(c.at("clock_deg")),
                x[0],
                x[1],
                r[0],
                r[1],
                c.length("half_limit_mm", TAPE),
                c.at("may_be_ground_mm").isPresent()
                        ? OptionalDouble.of(c.length("may_be_ground_mm"))
                        : OptionalDouble.empty());
    }

    private static Box box(Cursor c) {
        double[] x = range(c.at("x_mm"));
        double[] f = range(c.at("forward_mm"));
        double[] z = range(c.at("up_mm"));
        return new Box(
                c.text("name", ""),
                new Point3(x[0], f[0], z[0]),
                new Point3(x[1], f[1], z[1]),
                c.length("half_limit_mm", TAPE));
    }

    private static double[] range(Cursor c) {
        return new double[] {number(c, 0), number(c, 1)};
    }

    private static Point3 point(Cursor c) {
        return new Point3(number(c, 0), number(c, 1), number(c, 2));
    }

    /** One entry of a list: a number (mm), or a length in shop notation, which may be negative here. */
    private static double number(Cursor c, int i) {
        JsonNode node = c.node().get(i);
        if (node.isNumber()) {
            return node.asDouble();
        }
        String text = node.asString().strip().replace('−', '-');
        boolean negative = text.startsWith("-");
        try {
            double value = ShopNotation.parse(
                            negative ? text.substring(1) : text, Dimension.LENGTH, Unit.si(Dimension.LENGTH))
                    .si();
            return negative ? -value : value;
        } catch (IllegalArgumentException e) {
            c.faults().add(c.row(), c.path() + "[" + (i + 1) + "]", e.getMessage());
            return 0;
        }
    }

    /** Writes both sides as they are stored. */
    public static String write(Map<Side, Surroundings> sides) {
        return Json.MAPPER.writeValueAsString(node(sides));
    }

    static ObjectNode node(Map<Side, Surroundings> sides) {
        ObjectNode root = Json.MAPPER.createObjectNode();
        new TreeMap<>(sides).forEach((side, s) -> root.set(side.word(), node(s)));
        return root;
    }

    private static <T> void seen(ObjectNode n, String key, Seen<T> seen, Function<T, ObjectNode> node) {
        if (seen.isAll() || !seen.things().isEmpty()) {
            ArrayNode array = n.putArray(key);
            seen.things().forEach(o -> array.add(node.apply(o)));
        }
        if (!seen.isAll() && !seen.things().isEmpty()) {
            n.put(key + "_seen_in_part", true);
        }
    }

    /** A list says that somebody looked all round, unless it is said to be seen in part. */
    private static <T> Seen<T> seen(Cursor c, String key, Function<Cursor, T> entry) {
        return c.at(key).isPresent()
                ? new Seen<>(c.entries(key, false).stream().map(entry).toList(), !c.flag(key + "_seen_in_part", false))
                : Seen.nobody();
    }

    private static ObjectNode node(Surroundings s) {
        ObjectNode n = Json.MAPPER.createObjectNode();
        seen(n, "inboard", s.inboard(), SurroundingsDocument::node);
        seen(n, "chassis", s.chassis(), SurroundingsDocument::node);
        s.steering().ifPresent(t -> {
            ObjectNode steering = n.putObject("steering");
            point(steering, "lower_mm", t.lower());
            point(steering, "upper_mm", t.upper());
            steering.put("lock_in_deg", t.lockIn())
                    .put("lock_out_deg", t.lockOut())
                    .put("half_limit_mm", t.halfLimit());
        });
        s.travel().ifPresent(t -> n.putObject("travel")
                .put("bump_mm", t.bump())
                .put("droop_mm", t.droop())
                .put("roll_deg", t.roll()));
        s.tyre().ifPresent(t -> {
            ObjectNode tyre = n.putObject("tyre").put("width_mm", t.width()).put("diameter_mm", t.diameter());
            t.ratedKg().ifPresent(kg -> tyre.put("rated_kg", kg));
            if (t.chains() > 0) {
                tyre.put("chains_mm", t.chains());
            }
        });
        s.hose().ifPresent(h -> {
            ObjectNode hose = n.putObject("hose");
            point(hose, "at_mm", h.at());
            h.thread().ifPresent(t -> hose.put("thread", t.designation()));
        });
        PartsWriter.joints(n, s.joints());
        if (!s.details().equals(WheelDetails.UNSEEN)) {
            n.set("details", node(s.details()));
        }
        TapedDocument.write(n, s.taped());
        return n;
    }

    private static ObjectNode node(WheelDetails d) {
        ObjectNode n = Json.MAPPER.createObjectNode();
        d.held().ifPresent(h -> n.put("hub_held", h.name().toLowerCase(Locale.ROOT)));
        d.valve().ifPresent(v -> n.putObject("valve")
                .put("depth_mm", v.depth())
                .put("height_mm", v.height())
                .put("half_limit_mm", v.halfLimit()));
        d.cap().ifPresent(k -> n.putObject("cap").put("room_mm", k.room()).put("half_limit_mm", k.halfLimit()));
        d.ratedKg().ifPresent(kg -> n.put("wheel_rated_kg", kg));
        if (!d.donor().isEmpty()) {
            ArrayNode looks = n.putArray("donor");
            d.donor().forEach(l -> looks.addObject()
                    .put("kit", l.kit())
                    .put("at", l.at())
                    .put("is_so", l.isSo()));
        }
        d.spare().ifPresent(s -> {
            switch (s.kind()) {
                case NONE -> n.put("spare", "none");
                case AS_ON_THE_ROAD -> n.put("spare", "as_on_the_road");
                case ANOTHER -> n.set("spare", WheelDocument.node(s.wheel().orElseThrow()));
            }
        });
        return n;
    }

    private static ObjectNode node(Obstacle o) {
        ObjectNode n = Json.MAPPER.createObjectNode().put("name", o.name());
        PartsWriter.window(n, "clock_deg", o.window());
        range(n, "x_mm", o.xFrom(), o.xTo());
        range(n, "r_mm", o.rFrom(), o.rTo());
        n.put("half_limit_mm", o.halfLimit());
        o.mayBeGround().ifPresent(depth -> n.put("may_be_ground_mm", depth));
        return n;
    }

    private static ObjectNode node(Box b) {
        ObjectNode n = Json.MAPPER.createObjectNode().put("name", b.name());
        range(n, "x_mm", b.low().x(), b.high().x());
        range(n, "forward_mm", b.low().f(), b.high().f());
        range(n, "up_mm", b.low().z(), b.high().z());
        return n.put("half_limit_mm", b.halfLimit());
    }

    private static void range(ObjectNode n, String key, double from, double to) {
        n.putArray(key).add(from).add(to);
    }

    private static void point(ObjectNode n, String key, Point3 p) {
        n.putArray(key).add(p.x()).add(p.f()).add(p.z());
    }
}
