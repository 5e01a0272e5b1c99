package itrova.formats;

import itrova.core.geometry.ClockWindow;
import itrova.core.geometry.Outline;
import itrova.core.kit.Bracket;
import itrova.core.kit.BracketMount;
import itrova.core.kit.Caliper;
import itrova.core.kit.CaliperPlumbing;
import itrova.core.kit.Disc;
import itrova.core.kit.Figure;
import itrova.core.kit.FittingParts;
import itrova.core.kit.Hose;
import itrova.core.kit.HousingStack;
import itrova.core.kit.KitNeeds;
import itrova.core.kit.KitStuds;
import itrova.core.kit.OwnSpindle;
import itrova.core.kit.RotorHub;
import itrova.core.kit.WheelNuts;
import itrova.core.vehicle.Joint;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Writes the parts of a kit document; what is not known is left out. */
final class PartsWriter {
    private PartsWriter() {}

    static ObjectNode node(Disc d) {
        ObjectNode n = Json.MAPPER.createObjectNode();
        figure(n, "diameter_mm", d.diameter());
        figure(n, "thickness_mm", d.thickness());
        figure(n, "bore_mm", d.bore());
        figure(n, "hat_inside_mm", d.hatInside());
        figure(n, "hat_thickness_mm", d.hatThickness());
        figure(n, "hat_depth_mm", d.hatDepth());
        d.fillet().ifPresent(r -> n.put("fillet_mm", r));
        ArrayNode patterns = n.putArray("patterns");
        d.patterns().forEach(p -> {
            ObjectNode pattern = patterns.addObject().put("count", p.count());
            figure(pattern, "circle_mm", p.circle());
            figure(pattern, "hole_mm", p.hole());
        });
        figure(n, "hole_to_edge_mm", d.holeToEdge());
        figure(n, "wheel_lip_mm", d.wheelLip());
        n.put("two_piece", d.make().twoPiece()).put("directional", d.make().directional());
        figure(n, "least_thickness_mm", d.make().leastThickness());
        return n;
    }

    static ObjectNode node(Caliper c) {
        ObjectNode n = Json.MAPPER.createObjectNode();
        n.put("sliding", c.sliding());
        c.outline().ifPresent(o -> outline(n, o));
        n.put("outline_tolerance_mm", c.outlineTolerance()).put("wear_travel_mm", c.wearTravel());
        if (!c.sectors().isEmpty()) {
            ArrayNode sectors = n.putArray("sectors");
            c.sectors().forEach(s -> {
                ObjectNode sector = sectors.addObject();
                window(sector, "clock_deg", s.window());
                outline(sector, s.outline());
            });
        }
        window(n, "span_deg", c.span());
        plumbing(n, c.plumbing());
        return n;
    }

    private static void plumbing(ObjectNode n, CaliperPlumbing p) {
        if (!p.bores().isEmpty()) {
            ArrayNode bores = n.putArray("bores");
            p.bores().forEach(b -> bores.addObject()
                    .put("diameter_mm", b.diameter())
                    .put("clock_deg", b.clock())
                    .put("radius_mm", b.radius()));
        }
        p.nipple().ifPresent(place -> place(n.putObject("nipple"), place));
        p.port().ifPresent(port -> {
            ObjectNode o = n.putObject("port").put("thread", port.thread().designation());
            place(o, port.place()).put("x_mm", port.x());
        });
        n.put("handed", p.handed());
    }

    private static ObjectNode place(ObjectNode n, CaliperPlumbing.Place p) {
        return n.put("clock_deg", p.clock()).put("radius_mm", p.radius());
    }

    static void window(ObjectNode n, String key, ClockWindow w) {
        n.putArray(key).add(w.from()).add(w.to());
    }

    private static void outline(ObjectNode n, Outline outline) {
        ArrayNode corners = n.putArray("outline_mm");
        outline.corners().forEach(p -> corners.addArray().add(p.x()).add(p.r()));
    }

    static ObjectNode node(Bracket b) {
        ObjectNode n = Json.MAPPER.createObjectNode();
        n.put("shape", b.shape().name().toLowerCase(Locale.ROOT));
        if (b.count() != Bracket.COUNT_UNKNOWN) {
            n.put("count", b.count());
        }
        figure(n, "across_mm", b.across());
        figure(n, "up_mm", b.up());
        figure(n, "circle_mm", b.circle());
        figure(n, "hole_mm", b.hole());
        figure(n, "bolt_mm", b.bolt());
        figure(n, "axle_offset_mm", b.axleOffset());
        n.put("shim_range_mm", b.shimRange());
        BracketMount m = b.mount();
        n.put("way", m.way().name().toLowerCase(Locale.ROOT));
        figure(n, "thickness_mm", m.thickness());
        m.caliperClock().ifPresent(clock -> n.put("caliper_clock_deg", clock));
        m.weldRange().ifPresent(range -> window(n, "weld_range_deg", range));
        n.put("oblong", m.oblong());
        if (!m.shims().isEmpty()) {
            ArrayNode shims = n.putArray("shims");
            m.shims()
                    .forEach(s ->
                            shims.addObject().put("thickness_mm", s.thickness()).put("count", s.count()));
        }
        figure(n, "caliper_plane_mm", m.caliperPlane());
        if (!m.orientation().isEmpty()) {
            n.put("orientation", m.orientation());
        }
        return n;
    }

    static ObjectNode node(KitStuds s) {
        ObjectNode studs =
                Json.MAPPER.createObjectNode().put("thread", s.thread().designation());
        figure(studs, "shoulder_mm", s.shoulder());
        figure(studs, "stick_out_mm", s.stickOut());
        s.grade().ifPresent(g -> studs.put("grade", g.title()));
        return studs;
    }

    static ObjectNode node(WheelNuts nuts) {
        ObjectNode n = Json.MAPPER
                .createObjectNode()
                .put("thread", nuts.thread().designation())
                .put("seat", nuts.seat().name().toLowerCase(Locale.ROOT));
        nuts.closedDepth().ifPresent(depth -> n.put("closed_depth_mm", depth));
        return n;
    }

    static ObjectNode node(Hose h) {
        ObjectNode n = Json.MAPPER.createObjectNode();
        figure(n, "length_mm", h.length());
        return n.put("outside_mm", h.outside())
                .put("least_bend_mm", h.leastBend())
                .put("chassis_end", h.chassisEnd().designation())
                .put("caliper_end", h.caliperEnd().designation());
    }

    /** Puts the further parts into a kit's node. */
    static void fitting(ObjectNode n, FittingParts f) {
        if (!f.stack().equals(HousingStack.PLAIN)) {
            n.set("stack", node(f.stack()));
        }
        f.hub().ifPresent(h -> n.set("hub", node(h)));
        f.nuts().ifPresent(nuts -> n.set("nuts", node(nuts)));
        f.hose().ifPresent(hose -> n.set("hose", node(hose)));
        if (!f.drive().isEmpty()) {
            ArrayNode drive = n.putArray("drive");
            f.drive().stream().sorted().forEach(d -> drive.add(d.name().toLowerCase(Locale.ROOT)));
        }
        if (!f.held().isEmpty()) {
            ArrayNode held = n.putArray("hub_held");
            f.held().stream().sorted().forEach(h -> held.add(h.name().toLowerCase(Locale.ROOT)));
        }
        joints(n, f.joints());
        texts(n, "donor_checks", f.donorChecks());
        f.spindle().ifPresent(s -> n.set("spindle", node(s)));
        if (!f.needs().equals(KitNeeds.NONE)) {
            n.set("requires", node(f.needs()));
        }
    }

    private static ObjectNode node(OwnSpindle s) {
        ObjectNode n = Json.MAPPER.createObjectNode();
        s.lengths().keySet().stream()
                .sorted()
                .forEach(c -> figure(
                        n,
                        c.name().toLowerCase(Locale.ROOT) + "_mm",
                        s.lengths().get(c)));
        s.boltCount().ifPresent(count -> n.put("bracket_count", count));
        figure(n, "face_shift_mm", s.faceShift());
        return n.put("clear_inboard", s.isClearInboard());
    }

    private static ObjectNode node(KitNeeds needs) {
        ObjectNode n = Json.MAPPER.createObjectNode();
        needs.rimInches().ifPresent(in -> n.put("rim_in", in));
        range(n, "axle_width_mm", needs.axleWidth());
        range(n, "ear_mm", needs.ear());
        needs.retention().ifPresent(r -> n.put("retention", r.name().toLowerCase(Locale.ROOT)));
        needs.toneRing().ifPresent(t -> n.put("tone_ring", t.name().toLowerCase(Locale.ROOT)));
        if (needs.booster()) {
            n.put("booster", true);
        }
        needs.pressure().ifPresent(p -> n.put("pressure", p + " MPa"));
        range(n, "end_play_mm", needs.set().endPlay());
        range(n, "seal_depth_mm", needs.set().sealDepth());
        needs.set().runOut().ifPresent(most -> n.put("run_out_mm", most));
        needs.set().thicknessVariation().ifPresent(most -> n.put("thickness_variation_mm", most));
        needs.sides().ifPresent(s -> n.put("sides", s.name().toLowerCase(Locale.ROOT)));
        return n;
    }

    private static void range(ObjectNode n, String key, Optional<KitNeeds.Range> range) {
        range.ifPresent(r -> n.putArray(key).add(r.from()).add(r.to()));
    }

    static void joints(ObjectNode n, List<Joint> joints) {
        if (!joints.isEmpty()) {
            ArrayNode list = n.putArray("joints");
            joints.forEach(j -> list.addObject().put("place", j.place()).put("size", j.size()));
        }
    }

    private static ObjectNode node(HousingStack s) {
        ObjectNode n = Json.MAPPER.createObjectNode();
        figure(n, "retainer_mm", s.retainer());
        figure(n, "stand_in_mm", s.standIn());
        n.put("backing_plate_stays", s.backingPlateStays());
        s.bolts().ifPresent(b -> {
            ObjectNode bolts = n.putObject("bolts").put("thread", b.thread().designation());
            figure(bolts, "length_mm", b.length());
        });
        return n;
    }

    private static ObjectNode node(RotorHub h) {
        ObjectNode n = Json.MAPPER.createObjectNode();
        n.set("inner", node(h.inner()));
        n.set("outer", node(h.outer()));
        figure(n, "spacing_mm", h.spacing());
        figure(n, "seal_bore_mm", h.sealBore());
        figure(n, "seal_on_mm", h.sealOn());
        figure(n, "pilot_mm", h.pilot());
        figure(n, "face_mm", h.face());
        figure(n, "reach_mm", h.reach());
        return n;
    }

    private static ObjectNode node(RotorHub.Seat s) {
        ObjectNode n = Json.MAPPER.createObjectNode();
        figure(n, "cup_mm", s.cup());
        s.designation().ifPresent(d -> n.put("bearing", d));
        s.rating().ifPresent(r -> n.putObject("rating")
                .put("dynamic_N", r.dynamic())
                .put("e", r.e())
                .put("y", r.y()));
        return n;
    }

    private static void figure(ObjectNode n, String key, Optional<Figure> figure) {
        figure.ifPresent(f -> figure(n, key, f));
    }

    static void figure(ObjectNode n, String key, Figure f) {
        if (f.assumed()) {
            n.put(key, f.value());
        } else {
            n.putObject(key).put("value", f.value()).put("tolerance", f.tolerance());
        }
    }

    static void texts(ObjectNode n, String key, List<String> texts) {
        if (!texts.isEmpty()) {
            ArrayNode array = n.putArray(key);
            texts.forEach(array::add);
        }
    }
}
