package itrova.formats;

import itrova.core.fastener.BoltGrade;
import itrova.core.fastener.ShimSize;
import itrova.core.fastener.Thread;
import itrova.core.geometry.ClockWindow;
import itrova.core.geometry.Outline;
import itrova.core.geometry.Point;
import itrova.core.kit.Bracket;
import itrova.core.kit.BracketMount;
import itrova.core.kit.Caliper;
import itrova.core.kit.CaliperPlumbing;
import itrova.core.kit.Disc;
import itrova.core.kit.DiscMake;
import itrova.core.kit.DriveStyle;
import itrova.core.kit.Figure;
import itrova.core.kit.FittingParts;
import itrova.core.kit.HolePattern;
import itrova.core.kit.Hose;
import itrova.core.kit.HousingStack;
import itrova.core.kit.KitNeeds;
import itrova.core.kit.KitParts;
import itrova.core.kit.KitStuds;
import itrova.core.kit.NutSeat;
import itrova.core.kit.OwnSpindle;
import itrova.core.kit.PistonBore;
import itrova.core.kit.RotorHub;
import itrova.core.kit.SectorOutline;
import itrova.core.kit.SetLimits;
import itrova.core.kit.WheelNuts;
import itrova.core.quantity.Dimension;
import itrova.core.vehicle.BracketShape;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.HubHeld;
import itrova.core.vehicle.Joint;
import itrova.core.vehicle.Retention;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;

/** Reads the parts of a kit document. */
final class PartsReader {
    private PartsReader() {}

    static KitParts parts(Cursor c) {
        return new KitParts(
                disc(c.at("disc")),
                caliper(c.at("caliper")),
                bracket(c.at("bracket")),
                c.optional("studs", PartsReader::studs),
                positive(c.at("rated_axle_load_kg"), Dimension.MASS),
                fitting(c));
    }

    static double positive(Cursor c, Dimension dimension) {
        double value = dimension == Dimension.TORQUE
                ? c.printed(dimension).map(p -> p.finer().si()).orElse(Double.NaN)
                : c.quantity(dimension);
        if (value <= 0) {
            c.faults().add(c.row(), c.path(), "Must be more than 0 " + dimension.siSymbol() + ", not " + value + ".");
        }
        return value;
    }

    static Disc disc(Cursor c) {
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
                c.at("fillet_mm").isPresent() ? OptionalDouble.of(c.length("fillet_mm")) : OptionalDouble.empty(),
                patterns,
                figure(c, "hole_to_edge_mm"),
                bore(c, "wheel_lip_mm"),
                new DiscMake(
                        c.flag("two_piece", false), c.flag("directional", false), figure(c, "least_thickness_mm")));
    }

    static Caliper caliper(Cursor c) {
        return new Caliper(
                // one of which the papers do not say that it is fixed may move as it wears
                c.flag("sliding", true),
                c.optional("outline_mm", PartsReader::outline),
                c.length("outline_tolerance_mm", Figure.GENERAL_TOLERANCE),
                c.length("wear_travel_mm", 0),
                c.entries("sectors", false).stream()
                        .map(s -> new SectorOutline(window(s.at("clock_deg")), outline(s.at("outline_mm"))))
                        .toList(),
                c.optional("span_deg", PartsReader::window).orElse(Caliper.USUAL_SPAN),
                new CaliperPlumbing(
                        c.entries("bores", false).stream()
                                .map(b -> new PistonBore(
                                        b.length("diameter_mm"), number(b, "clock_deg"), b.length("radius_mm")))
                                .toList(),
                        c.optional("nipple", PartsReader::place),
                        c.optional(
                                "port",
                                p -> new CaliperPlumbing.Port(
                                        Thread.parse(p.text("thread", "")), place(p), p.length("x_mm"))),
                        c.flag("handed", false)));
    }

    private static CaliperPlumbing.Place place(Cursor c) {
        return new CaliperPlumbing.Place(number(c, "clock_deg"), c.length("radius_mm"));
    }

    private static double number(Cursor c, String key) {
        return c.at(key).node().asDouble();
    }

    static ClockWindow window(Cursor c) {
        return new ClockWindow(c.node().get(0).asDouble(), c.node().get(1).asDouble());
    }

    private static Outline outline(Cursor c) {
        List<Point> corners = new ArrayList<>();
        c.node()
                .forEach(pair -> corners.add(
                        new Point(pair.get(0).asDouble(), pair.get(1).asDouble())));
        return new Outline(corners);
    }

    static Bracket bracket(Cursor c) {
        BracketShape shape = c.choice("shape", BracketShape.class);
        return new Bracket(
                shape,
                c.whole("count", shape == BracketShape.RECTANGLE ? 4 : Bracket.COUNT_UNKNOWN),
                figure(c, "across_mm"),
                figure(c, "up_mm"),
                figure(c, "circle_mm"),
                c.figure("hole_mm", false),
                c.figure("bolt_mm", false),
                figure(c, "axle_offset_mm"),
                c.length("shim_range_mm", 0),
                new BracketMount(
                        c.at("way").isPresent() ? c.choice("way", BracketMount.Way.class) : BracketMount.Way.BOLT_ON,
                        figure(c, "thickness_mm"),
                        c.at("caliper_clock_deg").isPresent()
                                ? OptionalDouble.of(number(c, "caliper_clock_deg"))
                                : OptionalDouble.empty(),
                        c.optional("weld_range_deg", PartsReader::window),
                        c.flag("oblong", false),
                        c.entries("shims", false).stream()
                                .map(s -> new ShimSize(s.length("thickness_mm"), s.whole("count", 1)))
                                .toList(),
                        c.text("orientation", ""),
                        figure(c, "caliper_plane_mm")));
    }

    private static Optional<Figure> figure(Cursor c, String key) {
        return c.at(key).isPresent() ? Optional.of(c.figure(key, false)) : Optional.empty();
    }

    private static Optional<Figure> bore(Cursor c, String key) {
        return c.at(key).isPresent() ? Optional.of(c.figure(key, true)) : Optional.empty();
    }

    static KitStuds studs(Cursor c) {
        return new KitStuds(
                Thread.parse(c.text("thread", "")),
                c.figure("shoulder_mm", false),
                c.figure("stick_out_mm", false),
                c.optional("grade", g -> g.node().asString()).map(text -> BoltGrade.of(text)
                        .orElseThrow(() -> new IllegalArgumentException(
                                "“" + text + "” is not a grade. Write 2, 5, 8, 8.8, 10.9 or 12.9."))));
    }

    static WheelNuts nuts(Cursor c) {
        return new WheelNuts(
                Thread.parse(c.text("thread", "")),
                c.choice("seat", NutSeat.class),
                c.at("closed_depth_mm").isPresent()
                        ? OptionalDouble.of(c.length("closed_depth_mm"))
                        : OptionalDouble.empty());
    }

    static Hose hose(Cursor c) {
        double outside = c.length("outside_mm");
        return new Hose(
                c.figure("length_mm", false),
                outside,
                c.length("least_bend_mm", Hose.USUAL_BEND * outside),
                Thread.parse(c.text("chassis_end", "")),
                Thread.parse(c.text("caliper_end", "")));
    }

    private static FittingParts fitting(Cursor c) {
        return new FittingParts(
                c.optional("stack", PartsReader::stack).orElse(HousingStack.PLAIN),
                c.optional("hub", PartsReader::hub),
                c.optional("nuts", PartsReader::nuts),
                c.optional("hose", PartsReader::hose),
                drive(c),
                held(c),
                c.entries("joints", false).stream().map(PartsReader::joint).toList(),
                texts(c, "donor_checks"),
                c.optional("spindle", PartsReader::spindle),
                c.optional("requires", PartsReader::needs).orElse(KitNeeds.NONE));
    }

    private static OwnSpindle spindle(Cursor c) {
        Map<Callout, Figure> lengths = new EnumMap<>(Callout.class);
        for (Callout callout : OwnSpindle.REPLACED) {
            String key = callout.name().toLowerCase(Locale.ROOT) + "_mm";
            if (c.at(key).isPresent()) {
                lengths.put(callout, c.figure(key, false));
            }
        }
        return new OwnSpindle(
                lengths,
                c.at("bracket_count").isPresent() ? OptionalInt.of(c.whole("bracket_count", 0)) : OptionalInt.empty(),
                figure(c, "face_shift_mm"),
                c.flag("clear_inboard", false));
    }

    private static KitNeeds needs(Cursor c) {
        return new KitNeeds(
                c.at("rim_in").isPresent() ? OptionalInt.of(c.whole("rim_in", 0)) : OptionalInt.empty(),
                c.optional("axle_width_mm", PartsReader::range),
                c.optional("ear_mm", PartsReader::range),
                c.at("retention").isPresent() ? Optional.of(c.choice("retention", Retention.class)) : Optional.empty(),
                c.at("tone_ring").isPresent()
                        ? Optional.of(c.choice("tone_ring", KitNeeds.ToneRing.class))
                        : Optional.empty(),
                c.at("sides").isPresent() ? Optional.of(c.choice("sides", KitNeeds.Sides.class)) : Optional.empty(),
                c.flag("booster", false),
                c.at("pressure").isPresent()
                        ? OptionalDouble.of(positive(c.at("pressure"), Dimension.PRESSURE))
                        : OptionalDouble.empty(),
                new SetLimits(
                        c.optional("end_play_mm", PartsReader::range),
                        c.optional("seal_depth_mm", PartsReader::range),
                        limit(c, "run_out_mm"),
                        limit(c, "thickness_variation_mm")));
    }

    private static OptionalDouble limit(Cursor c, String key) {
        return c.at(key).isPresent() ? OptionalDouble.of(number(c, key)) : OptionalDouble.empty();
    }

    private static KitNeeds.Range range(Cursor c) {
        return new KitNeeds.Range(c.node().get(0).asDouble(), c.node().get(1).asDouble());
    }

    static Joint joint(Cursor c) {
        return new Joint(c.text("place", ""), c.text("size", ""));
    }

    private static Set<DriveStyle> drive(Cursor c) {
        Set<DriveStyle> styles = EnumSet.noneOf(DriveStyle.class);
        c.node()
                .path("drive")
                .forEach(n -> styles.add(DriveStyle.valueOf(n.asString().toUpperCase(Locale.ROOT))));
        return styles;
    }

    private static Set<HubHeld> held(Cursor c) {
        Set<HubHeld> ways = EnumSet.noneOf(HubHeld.class);
        c.node()
                .path("hub_held")
                .forEach(n -> ways.add(HubHeld.valueOf(n.asString().toUpperCase(Locale.ROOT))));
        return ways;
    }

    private static HousingStack stack(Cursor c) {
        return new HousingStack(
                figure(c, "retainer_mm"),
                figure(c, "stand_in_mm"),
                c.flag("backing_plate_stays", false),
                c.optional(
                        "bolts",
                        b -> new HousingStack.Bolts(Thread.parse(b.text("thread", "")), b.figure("length_mm", false))));
    }

    private static RotorHub hub(Cursor c) {
        return new RotorHub(
                seat(c.at("inner")),
                seat(c.at("outer")),
                figure(c, "spacing_mm"),
                bore(c, "seal_bore_mm"),
                figure(c, "seal_on_mm"),
                bore(c, "pilot_mm"),
                figure(c, "face_mm"),
                figure(c, "reach_mm"));
    }

    private static RotorHub.Seat seat(Cursor c) {
        return new RotorHub.Seat(
                c.figure("cup_mm", true),
                c.optional("bearing", b -> b.node().asString()),
                c.optional("rating", r -> new RotorHub.Rating(number(r, "dynamic_N"), number(r, "e"), number(r, "y"))));
    }

    static List<String> texts(Cursor c, String key) {
        List<String> texts = new ArrayList<>();
        c.node().path(key).forEach(n -> texts.add(n.asString()));
        return texts;
    }
}
