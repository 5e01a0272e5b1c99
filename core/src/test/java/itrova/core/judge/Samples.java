package itrova.core.judge;

import itrova.core.fastener.Thread;
import itrova.core.geometry.Outline;
import itrova.core.geometry.Point;
import itrova.core.kit.Bracket;
import itrova.core.kit.BracketMount;
import itrova.core.kit.Caliper;
import itrova.core.kit.CaliperPlumbing;
import itrova.core.kit.Contradiction;
import itrova.core.kit.Disc;
import itrova.core.kit.DiscMake;
import itrova.core.kit.DriveStyle;
import itrova.core.kit.Figure;
import itrova.core.kit.FittingParts;
import itrova.core.kit.HolePattern;
import itrova.core.kit.HousingStack;
import itrova.core.kit.Kit;
import itrova.core.kit.KitParts;
import itrova.core.kit.KitTerms;
import itrova.core.kit.PaperFigure;
import itrova.core.kit.PartKind;
import itrova.core.kit.PistonBore;
import itrova.core.placed.AxleCase;
import itrova.core.quantity.Component;
import itrova.core.quantity.Measured;
import itrova.core.quantity.Source;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.AxleForm;
import itrova.core.vehicle.AxleLoad;
import itrova.core.vehicle.BracketShape;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Seen;
import itrova.core.vehicle.Side;
import itrova.core.vehicle.Station;
import itrova.core.vehicle.Surroundings;
import itrova.core.vehicle.WheelDetails;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/** An axle end and a kit that fits it with room, to be spoiled one dimension at a time. */
public final class Samples {
    public static final Surroundings.Tyre TYRE = new Surroundings.Tyre(165, 634, OptionalDouble.of(600));

    /** Looked around: nothing stands there; wheel and tyre are rated for more than they carry. */
    public static final Surroundings NOTHING_AROUND = new Surroundings(
            Seen.nothing(),
            Seen.nothing(),
            Optional.empty(),
            Optional.empty(),
            Optional.of(TYRE),
            Optional.empty(),
            List.of(),
            WheelDetails.UNSEEN.withRating(600));

    /** One bore in the middle of the caliper, the nipple above it when the caliper stands at the front. */
    public static final CaliperPlumbing PLUMBING = new CaliperPlumbing(
            List.of(new PistonBore(54, 0, 120)),
            Optional.of(new CaliperPlumbing.Place(-25, 130)),
            Optional.of(new CaliperPlumbing.Port(Thread.parse("M10x1.0"), new CaliperPlumbing.Place(10, 125), -40)),
            true);

    private Samples() {}

    public static Measured mm(double value, double u) {
        return Measured.of(value, Component.standard(Source.named("reading " + value), u));
    }

    public static AxleEnd.Builder end(Side side, AxleEndKind kind) {
        AxleEnd.Builder end = new AxleEnd.Builder(side, AxleForm.defaultFor(kind, BracketShape.CIRCLE));
        if (kind == AxleEndKind.PORTAL_HUB) {
            end.length(Callout.REGISTER_STEP, mm(70.8, 0.01)).length(Callout.REGISTER_STEP_HEIGHT, mm(16, 0.1));
        }
        return end.count(Callout.LUG_COUNT, 5)
                .boltCircle(mm(114.3, 0.05))
                .studThread(Thread.parse("1/2-20"))
                .length(Callout.STUD_MAJOR, mm(12.6, 0.02))
                .length(Callout.STUD_SHOULDER, mm(12.65, 0.02))
                .length(Callout.STUD_STICK_OUT, mm(36, 0.1))
                .length(Callout.REGISTER, mm(70.8, 0.01))
                .length(Callout.REGISTER_HEIGHT, mm(12, 0.1))
                .length(Callout.FLANGE, mm(148, 0.05))
                .count(Callout.BRACKET_COUNT, 4)
                .length(Callout.BRACKET_CIRCLE, mm(101.6, 0.08))
                .length(Callout.BRACKET_HOLE, mm(11.6, 0.03))
                .length(Callout.AXLE_OFFSET, mm(62.5, 0.1))
                .length(Callout.WHEEL_BACKSPACING, mm(80, 0.2))
                .length(Callout.WHEEL_OVERALL, mm(165, 0.3))
                .length(Callout.WHEEL_PAD, mm(5, 0.05))
                .length(Callout.WHEEL_BORE, mm(71.2, 0.03))
                .length(Callout.WHEEL_WEIGHTS, mm(3, 0.1))
                .word(Callout.WHEEL_NUT_SEAT, "60 deg cone")
                .length(Callout.HUB_FACE, mm(62.5, 0.1))
                .length(Callout.UPRIGHT_HEIGHT, mm(62.5, 0.1))
                .length(Callout.KNUCKLE_RIB, mm(5, 0.2))
                .length(Callout.KNUCKLE_RIB_RADIUS, mm(60, 0.4))
                .length(Callout.DRUM_FACE, mm(6, 0.05))
                .length(Callout.WHEEL_TO_FENDER, mm(45, 1))
                .length(Callout.WHEEL_TO_FRAME, mm(50, 1))
                .length(Callout.T_BOLT_LENGTH, mm(36, 0.1))
                .thread(Callout.T_BOLT_THREAD, Thread.parse("3/8-24"))
                .length(Callout.RETAINER, mm(6, 0.05))
                .word(Callout.DRIVE_STYLE, "drive flange")
                .around(NOTHING_AROUND)
                .barrel(List.of(station(10, 362), station(45, 344), station(80, 344), station(110, 348)))
                .spokes(List.of(station(70, 8), station(100, 14), station(150, 26), station(165, 28)));
    }

    public static Station station(double place, double size) {
        return new Station(mm(place, 0.2), mm(size, 0.1));
    }

    public static AxleCase axle(AxleEndKind kind) {
        return axle(end(Side.LEFT, kind).build());
    }

    public static AxleCase axle(AxleEnd end) {
        return new AxleCase(List.of(end), Optional.of(new AxleLoad(900, AxleLoad.Source.PLATE)));
    }

    public static Disc disc() {
        return new Disc(
                Figure.stated(280, 0.3),
                Figure.stated(20, 0.1),
                Figure.stated(70.9, 0.02),
                Figure.stated(154, 0.3),
                Figure.stated(6.5, 0.1),
                Figure.stated(42, 0.2),
                OptionalDouble.of(2),
                List.of(new HolePattern(5, Figure.stated(114.3, 0.1), Figure.stated(13.4, 0.1))),
                Optional.of(Figure.stated(14, 0.3)),
                Optional.empty(),
                DiscMake.PLAIN);
    }

    public static Outline outline() {
        return new Outline(List.of(
                new Point(-48, 84), new Point(40, 84), new Point(40, 141), new Point(28, 155), new Point(-48, 155)));
    }

    public static Kit kit(Disc disc, Caliper caliper, double rating) {
        return new Kit(
                "K-1",
                "sample",
                "supplier",
                Set.of(AxleEndKind.values()),
                new KitParts(
                        disc,
                        caliper,
                        new Bracket(
                                BracketShape.CIRCLE,
                                4,
                                Optional.empty(),
                                Optional.empty(),
                                Optional.of(Figure.stated(101.6, 0.1)),
                                Figure.stated(11.6, 0.1),
                                Figure.stated(11, 0.1),
                                Optional.of(Figure.stated(62.5, 0.2)),
                                2,
                                new BracketMount(
                                        BracketMount.Way.BOLT_ON,
                                        Optional.of(Figure.stated(8, 0.1)),
                                        OptionalDouble.of(90),
                                        Optional.empty(),
                                        false,
                                        List.of(),
                                        "jog outboard")),
                        Optional.empty(),
                        rating,
                        FITTING),
                new KitTerms(List.of("all"), PartKind.all(), List.of(), 10_000, 5, true, true, ""),
                List.of(),
                List.of());
    }

    private static final FittingParts FITTING = new FittingParts(
            HousingStack.PLAIN,
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Set.of(DriveStyle.DRIVE_FLANGE),
            Set.of(),
            List.of(),
            List.of());

    public static Caliper caliper(Optional<Outline> outline, double wear) {
        return new Caliper(wear > 0, outline, 0.3, wear, List.of(), Caliper.USUAL_SPAN, PLUMBING);
    }

    public static Kit kit() {
        return kit(disc(), caliper(Optional.of(outline()), 0), 1100);
    }

    /** The kit with papers that contradict themselves in a figure. */
    public static Kit contradicting(Kit kit, PaperFigure figure) {
        return contradicting(kit, figure, "one", "other");
    }

    /** The kit with papers that say two things of a figure. */
    public static Kit contradicting(Kit kit, PaperFigure figure, String one, String other) {
        return new Kit(
                kit.code(),
                kit.name(),
                kit.supplier(),
                kit.fits(),
                kit.parts(),
                kit.terms(),
                kit.torques(),
                kit.notes(),
                new Kit.Choices(List.of(), List.of(new Contradiction(figure, one, other)), List.of()));
    }
}
