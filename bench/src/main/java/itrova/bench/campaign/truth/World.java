package itrova.bench.campaign.truth;

import itrova.bench.campaign.Hands;
import itrova.core.fastener.Thread;
import itrova.core.geometry.Outline;
import itrova.core.geometry.Point;
import itrova.core.geometry.Point3;
import itrova.core.kit.Bracket;
import itrova.core.kit.BracketMount;
import itrova.core.kit.Caliper;
import itrova.core.kit.Disc;
import itrova.core.kit.DiscMake;
import itrova.core.kit.DriveStyle;
import itrova.core.kit.Figure;
import itrova.core.kit.FittingParts;
import itrova.core.kit.HolePattern;
import itrova.core.kit.HousingStack;
import itrova.core.kit.Kit;
import itrova.core.kit.KitNeeds;
import itrova.core.kit.KitParts;
import itrova.core.kit.KitTerms;
import itrova.core.kit.PartKind;
import itrova.core.kit.RotorHub;
import itrova.core.measure.Consolidation;
import itrova.core.measure.Instrument;
import itrova.core.measure.Reading;
import itrova.core.quantity.Measured;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.AxleForm;
import itrova.core.vehicle.BracketShape;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Seen;
import itrova.core.vehicle.Side;
import itrova.core.vehicle.Station;
import itrova.core.vehicle.Surroundings;
import itrova.core.vehicle.WheelDetails;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Random;
import java.util.Set;

/**
 * One true axle end, one true kit, and what papers and hands say of them.
 *
 * <p>Kept as plain numbers: the truth knows no doubt. The kit's true parts lie anywhere within the tolerance its papers state.
 */
final class World {
    static final Thread STUD = Thread.parse("1/2-20");
    static final double FACE = 62.5;
    /** What a caliper cannot tell well enough. */
    private static final Set<Callout> FINELY = Set.of(Callout.INNER_JOURNAL, Callout.OUTER_JOURNAL);

    private static final double RAIL_LIMIT = 2;
    private static final double FINE = 0.5;
    private static final double COARSE = 20;

    final AxleForm form;
    final Map<Callout, Double> lengths = new EnumMap<>(Callout.class);
    Walls barrel;
    Walls spokes;
    /** Nominal figures of the kit with their tolerances. */
    final Map<String, double[]> figures = new HashMap<>();

    double axleKg = 900;
    double tyreRating = 600;
    boolean hasOwnHub;
    /** Place of the face of a frame rail beside the wheel (mm); absent where nothing stands there. */
    Optional<Double> rail = Optional.empty();

    /** Whether the profiles decide, so that the truth knows them finely. */
    boolean isProfile;
    /** What the true kit's figures are off by, as shares of their tolerance. */
    private final Random parts;

    private final Map<String, Double> off = new HashMap<>();

    World(AxleEndKind kind, BracketShape shape, Random random) {
        form = AxleForm.defaultFor(kind, shape);
        parts = random;
        double jitter = 0.3 * (2 * random.nextDouble() - 1);
        put(Callout.STUD_MAJOR, 12.6);
        put(Callout.STUD_SHOULDER, 12.65);
        put(Callout.STUD_STICK_OUT, 36 + jitter);
        put(Callout.STUD_OVER_SKIP_ONE, 114.3 * Math.sin(Math.toRadians(72)) + 12.6);
        put(Callout.REGISTER, 70.8);
        put(Callout.REGISTER_HEIGHT, 14 + jitter);
        put(Callout.FLANGE, 148 + jitter);
        put(Callout.BRACKET_CIRCLE, 101.6);
        put(Callout.BRACKET_ACROSS, 90);
        put(Callout.BRACKET_UP, 60);
        put(Callout.BRACKET_HOLE, 11.6);
        put(Callout.HUB_FACE, FACE);
        put(Callout.AXLE_OFFSET, FACE);
        put(Callout.DRUM_FACE, 6 + jitter);
        put(Callout.RETAINER, 6);
        put(Callout.T_BOLT_LENGTH, 36 + jitter);
        put(Callout.KNUCKLE_RIB, 7);
        put(Callout.KNUCKLE_RIB_RADIUS, 77.6);
        put(Callout.WHEEL_BACKSPACING, 80 + jitter);
        put(Callout.WHEEL_OVERALL, 165 + jitter);
        put(Callout.WHEEL_PAD, 5 + jitter / 3);
        put(Callout.WHEEL_BORE, 71.05);
        put(Callout.WHEEL_STUD_HOLE, 14.6);
        put(Callout.WHEEL_WEIGHTS, 3 + jitter);
        put(Callout.WHEEL_TO_FENDER, 45);
        put(Callout.WHEEL_TO_FRAME, 60);
        put(Callout.INNER_JOURNAL, 34.965);
        put(Callout.OUTER_JOURNAL, 26.965);
        put(Callout.SEAL_JOURNAL, 44.05);
        put(Callout.BEARING_SPREAD, 50);
        put(Callout.SHOULDER, 22.5);
        put(Callout.AXLE_WIDTH, 1400);
        List.of("rail.low", "rail.high", "pin.lx", "pin.lf", "pin.ux", "pin.uf").forEach(this::share);
        barrel = Walls.of(Walls.Kind.STRAIGHT, 5, 115, 344, 4, random);
        spokes = Walls.of(Walls.Kind.STRAIGHT, 68, 170, 8, 20, random);
        figure("diameter", 280, 0.3);
        figure("thickness", 20, 0.1);
        figure("bore", 70.9, 0.02);
        figure("hatInside", 154, 0.3);
        figure("hatThickness", 6.5, 0.1);
        figure("hatDepth", 42, 0.2);
        figure("circle", 114.3, 0.1);
        figure("hole", 13.4, 0.1);
        figure("bracketCircle", 101.6, 0.1);
        figure("across", 90, 0.1);
        figure("up", 60, 0.1);
        figure("bracketHole", 11.6, 0.1);
        figure("bolt", 11, 0.1);
        figure("offset", FACE, 0.2);
        figure("bracketThickness", 8, 0.1);
        figure("outline.x", 0, 0.3);
        figure("outline.r", 0, 0.3);
        figure("cupInner", 59.131, 0.01);
        figure("cupOuter", 50.292, 0.01);
        figure("spacing", 50, 0.2);
        figure("sealOn", 44, 0.1);
        figure("rated", 1100, 0);
    }

    void put(Callout callout, double value) {
        lengths.put(callout, value);
    }

    void figure(String name, double nominal, double tolerance) {
        figures.put(name, new double[] {nominal, tolerance});
        off.computeIfAbsent(name, n -> 2 * parts.nextDouble() - 1);
    }

    void nominal(String name, double nominal) {
        figures.get(name)[0] = nominal;
    }

    // --- what hands read ---

    /** Everything read once, the profiles where a mechanic reads them. */
    List<Reading> read(Hands hands) {
        List<Reading> taken = new ArrayList<>();
        taken.add(Hands.take(Side.LEFT, Callout.LUG_COUNT, "", "5"));
        lengths.forEach((c, v) -> taken.addAll(
                FINELY.contains(c)
                        ? hands.read(Side.LEFT, c, "", v, 2, Instrument.MICROMETER)
                        : hands.read(Side.LEFT, c, "", v, 2)));
        barrel.places().forEach(p -> taken.add(place(hands, Callout.WHEEL_BARREL, p)));
        spokes.places().forEach(p -> taken.add(place(hands, Callout.WHEEL_SPOKE, p)));
        return taken;
    }

    /** One place of a profile: held within half of what is written of the true place. */
    Reading place(Hands hands, Callout profile, double at) {
        Walls wall = profile == Callout.WHEEL_BARREL ? barrel : spokes;
        boolean whole = Math.abs(at - Math.rint(at)) < 1e-9;
        String written = whole ? String.valueOf((long) Math.rint(at)) : String.valueOf(at);
        double held = at + (whole ? 0.5 : 0.05) * hands.share();
        return hands.read(Side.LEFT, profile, written, wall.at().applyAsDouble(held), 1)
                .get(0);
    }

    /** The end as its readings tell it, with what a look shows. */
    AxleEnd asRead(List<Reading> taken) {
        AxleEnd read = Consolidation.of(Side.LEFT, form, taken);
        AxleEnd seen = bare(true).build();
        return read.toBuilder()
                .count(Callout.BRACKET_COUNT, 4)
                .studThread(STUD)
                .thread(Callout.T_BOLT_THREAD, Thread.parse("3/8-24"))
                .word(Callout.WHEEL_NUT_SEAT, "60 deg cone")
                .around(seen.around())
                .build();
    }

    AxleEnd trueEndAsRead(Hands hands) {
        return asRead(read(hands));
    }

    // --- the truth ---

    /** The end without any doubt, its profiles read so closely that nothing lies between. */
    AxleEnd trueEnd() {
        AxleEnd.Builder b = bare(false);
        lengths.forEach((c, v) -> {
            if (c != Callout.STUD_OVER_SKIP_ONE) {
                b.length(c, Measured.exact(v));
            }
        });
        double chord = lengths.get(Callout.STUD_OVER_SKIP_ONE) - lengths.get(Callout.STUD_MAJOR);
        b.boltCircle(Measured.exact(chord / Math.sin(Math.toRadians(72))));
        return b.barrel(dense(barrel)).spokes(dense(spokes)).build();
    }

    private List<Station> dense(Walls wall) {
        List<Station> stations = new ArrayList<>();
        double last = wall.places().get(wall.places().size() - 1);
        for (double p = wall.places().get(0); p <= last; p += isProfile ? FINE : COARSE) {
            stations.add(new Station(Measured.exact(p), Measured.exact(wall.at().applyAsDouble(p))));
        }
        return stations;
    }

    /** What a look shows; places around the wheel as they are, or as a tape tells them. */
    private AxleEnd.Builder bare(boolean asMeasured) {
        Surroundings clear = Surroundings.CLEAR;
        return new AxleEnd.Builder(Side.LEFT, form)
                .count(Callout.LUG_COUNT, 5)
                .count(Callout.BRACKET_COUNT, 4)
                .studThread(STUD)
                .thread(Callout.T_BOLT_THREAD, Thread.parse("3/8-24"))
                .word(Callout.WHEEL_NUT_SEAT, "60 deg cone")
                .around(new Surroundings(
                        clear.inboard(),
                        Seen.all(rail.map(x -> List.of(rail(x, asMeasured))).orElse(List.of())),
                        rail.map(x -> kingPin(asMeasured)),
                        rail.map(x -> new Surroundings.Travel(60, 70, 0)),
                        Optional.of(new Surroundings.Tyre(165, 634, OptionalDouble.of(tyreRating))),
                        clear.hose(),
                        List.of(),
                        WheelDetails.UNSEEN.withRating(900)));
    }

    private Surroundings.Box rail(double face, boolean asMeasured) {
        double limit = asMeasured ? RAIL_LIMIT : 0;
        return new Surroundings.Box(
                "frame rail",
                new Point3(face - 80 + limit * share("rail.low"), -600, -60),
                new Point3(face + limit * share("rail.high"), 600, 60),
                limit);
    }

    private Surroundings.Steering kingPin(boolean asMeasured) {
        double limit = asMeasured ? 1 : 0;
        return new Surroundings.Steering(
                new Point3(-20 + limit * share("pin.lx"), limit * share("pin.lf"), -110),
                new Point3(-30 + limit * share("pin.ux"), limit * share("pin.uf"), 120),
                35,
                30,
                limit);
    }

    /** What a place is measured wrong by, as a share of its limit; the same whenever it is asked. */
    private double share(String name) {
        return off.computeIfAbsent(name, n -> 2 * parts.nextDouble() - 1);
    }

    Kit trueKit() {
        return kit(true);
    }

    /** The kit as its papers state it. */
    Kit statedKit() {
        return kit(false);
    }

    private Figure f(String name, boolean truth) {
        double[] f = figures.get(name);
        return truth ? Figure.stated(f[0] + f[1] * off.get(name), 0) : Figure.stated(f[0], f[1]);
    }

    private Kit kit(boolean truth) {
        double dx = truth ? f("outline.x", true).value() : 0;
        double dr = truth ? f("outline.r", true).value() : 0;
        Outline outline = new Outline(List.of(
                new Point(-48 + dx, 84 + dr),
                new Point(40 + dx, 84 + dr),
                new Point(40 + dx, 141 + dr),
                new Point(28 + dx, 155 + dr),
                new Point(-48 + dx, 155 + dr)));
        boolean round = form.bracketShape() == BracketShape.CIRCLE;
        Bracket bracket = new Bracket(
                form.bracketShape(),
                4,
                round ? Optional.empty() : Optional.of(f("across", truth)),
                round ? Optional.empty() : Optional.of(f("up", truth)),
                round ? Optional.of(f("bracketCircle", truth)) : Optional.empty(),
                f("bracketHole", truth),
                f("bolt", truth),
                Optional.of(f("offset", truth)),
                1.5,
                new BracketMount(
                        BracketMount.Way.BOLT_ON,
                        Optional.of(f("bracketThickness", truth)),
                        OptionalDouble.of(90),
                        Optional.empty(),
                        false,
                        List.of(),
                        ""));
        Disc disc = new Disc(
                f("diameter", truth),
                f("thickness", truth),
                f("bore", truth),
                f("hatInside", truth),
                f("hatThickness", truth),
                f("hatDepth", truth),
                OptionalDouble.of(2),
                List.of(new HolePattern(5, f("circle", truth), f("hole", truth))),
                Optional.of(Figure.stated(14, 0.2)),
                Optional.empty(),
                DiscMake.PLAIN);
        FittingParts fitting = new FittingParts(
                        HousingStack.PLAIN,
                        hasOwnHub ? Optional.of(hub(truth)) : Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Set.of(DriveStyle.DRIVE_FLANGE),
                        Set.of(),
                        List.of(),
                        List.of())
                .withNeeds(new KitNeeds(
                        OptionalInt.empty(),
                        Optional.of(new KitNeeds.Range(1380, 1420)),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty()));
        Caliper caliper = new Caliper(false, Optional.of(outline), truth ? 0 : 0.3, 0);
        return new Kit(
                "T-1",
                "true kit",
                "nobody",
                Set.of(AxleEndKind.values()),
                new KitParts(
                        disc,
                        caliper,
                        bracket,
                        Optional.empty(),
                        f("rated", true).value(),
                        fitting),
                new KitTerms(List.of(), PartKind.all(), List.of(), 0, 0, true, true, ""),
                List.of(),
                List.of());
    }

    private RotorHub hub(boolean truth) {
        return new RotorHub(
                new RotorHub.Seat(f("cupInner", truth), Optional.of("L68149/L68110"), Optional.empty()),
                new RotorHub.Seat(f("cupOuter", truth), Optional.of("L44649/L44610"), Optional.empty()),
                Optional.of(f("spacing", truth)),
                Optional.empty(),
                Optional.of(f("sealOn", truth)),
                Optional.of(Figure.stated(70.9, 0.02)),
                Optional.of(Figure.stated(40, 0.1)),
                Optional.empty());
    }
}
