package itrova.core.measure;

import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.BracketShape;
import itrova.core.vehicle.Callout;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * How one dimension is read.
 *
 * @param callout the dimension
 * @param usual instrument taken unless another is chosen
 * @param technique standard uncertainty of handling, such as holding a jaw on a stud's edge (mm); common practice
 * @param pooledSpread standard deviation of single repeats in ordinary hands (mm); common practice
 * @param least smallest value accepted (mm or count)
 * @param most largest value accepted (mm or count)
 * @param howTo what to do, in one or two sentences
 * @param slip the common mistake
 */
public record ReadingSpec(
        Callout callout,
        Instrument usual,
        double technique,
        double pooledSpread,
        double least,
        double most,
        String howTo,
        String slip) {

    private static final Map<Callout, ReadingSpec> ALL = new EnumMap<>(Callout.class);

    static {
        add(
                Callout.LUG_COUNT,
                Instrument.EYE,
                0,
                0,
                3,
                10,
                "Count the studs.",
                "A missing stud is still a lug: count the holes.");
        add(
                Callout.STUD_SKIP_ONE,
                Instrument.CALIPER_OUTSIDE,
                0.08,
                0.06,
                50,
                300,
                "Centre of one stud to the centre of the next but one.",
                "A tape laid on stud edges reads up to half a stud wrong.");
        add(
                Callout.STUD_OVER_SKIP_ONE,
                Instrument.CALIPER_OUTSIDE,
                0.05,
                0.04,
                60,
                320,
                "Outside jaws over one stud and the next but one, close to the flange.",
                "Jaws on the thread crests of a bent stud: read at the root.");
        add(
                Callout.STUD_NEIGHBOUR,
                Instrument.CALIPER_OUTSIDE,
                0.08,
                0.06,
                30,
                250,
                "Centre of one stud to the centre of the next.",
                "A short distance: its error grows when turned into the circle.");
        add(
                Callout.STUD_OVER_NEIGHBOUR,
                Instrument.CALIPER_OUTSIDE,
                0.05,
                0.04,
                40,
                270,
                "Outside jaws over two neighbouring studs, close to the flange.",
                "Measure both studs' diameter too.");
        add(
                Callout.STUD_THREAD,
                Instrument.THREAD_GAUGE,
                0,
                0,
                0,
                0,
                "Thread gauge on the stud; write it like 1/2-20 or M12x1.5.",
                "Left-hand threads exist: look at the slope.");
        add(
                Callout.STUD_MAJOR,
                Instrument.CALIPER_OUTSIDE,
                0.01,
                0.02,
                6,
                30,
                "Outside jaws over the threads.",
                "Worn crests read small.");
        add(
                Callout.STUD_SHOULDER,
                Instrument.CALIPER_OUTSIDE,
                0.02,
                0.02,
                6,
                35,
                "Outside jaws on the plain or knurled part standing out of the flange. Without a shoulder, repeat the stud diameter.",
                "A shoulder one size over the thread stops the disc from seating.");
        add(
                Callout.STUD_STICK_OUT,
                Instrument.DEPTH_ROD,
                0.1,
                0.1,
                10,
                120,
                "From the hub's mounting face to the end of the stud.",
                "Measured from the drum's face it is short by the drum's thickness.");
        add(
                Callout.REGISTER,
                Instrument.CALIPER_OUTSIDE,
                0.01,
                0.01,
                30,
                250,
                "Diameter of the raised ring that centres the disc; two directions.",
                "Rust swells it: clean to metal first.");
        add(
                Callout.FLANGE,
                Instrument.CALIPER_OUTSIDE,
                0.05,
                0.05,
                80,
                350,
                "Outside diameter of the flange the studs stand in.",
                "A burred edge reads large.");
        add(Callout.BRACKET_COUNT, Instrument.EYE, 0, 0, 3, 8, "Count the bolt holes of the backing plate.", "");
        add(
                Callout.BRACKET_ACROSS,
                Instrument.CALIPER_INSIDE,
                0.1,
                0.08,
                30,
                250,
                "Hole centre to hole centre, level with the road.",
                "Edge to edge less one hole is easier and better than centres by eye.");
        add(
                Callout.BRACKET_UP,
                Instrument.CALIPER_INSIDE,
                0.1,
                0.08,
                20,
                250,
                "Hole centre to hole centre, up and down.",
                "The upper pair can be wider than the lower: measure both.");
        add(
                Callout.BRACKET_CIRCLE,
                Instrument.CALIPER_INSIDE,
                0.12,
                0.1,
                40,
                300,
                "Circle through the bolt holes: opposite holes, inside edge to inside edge plus one hole.",
                "");
        add(
                Callout.BRACKET_HOLE,
                Instrument.CALIPER_INSIDE,
                0.03,
                0.03,
                5,
                30,
                "Inside jaws in a clean bolt hole.",
                "Worn holes are oval: take the smallest.");
        add(
                Callout.AXLE_OFFSET,
                Instrument.DEPTH_ROD,
                0.15,
                0.1,
                10,
                200,
                "Straight edge on the housing face; depth to the outer face of the axle flange. Shaft pushed in.",
                "Straight edge on the retainer instead of the housing face.");
        add(
                Callout.WHEEL_BACKSPACING,
                Instrument.STEEL_RULE,
                0.2,
                0.2,
                20,
                300,
                "Wheel face down, straight edge over the inboard flange edges; depth to the mounting face.",
                "Straight edge on the tyre instead of the rim.");
        add(
                Callout.WHEEL_PAD,
                Instrument.CALIPER_OUTSIDE,
                0.05,
                0.05,
                2,
                40,
                "Thickness of the wheel from its mounting face to where the nut's thread begins.",
                "");
        add(
                Callout.WHEEL_BORE,
                Instrument.CALIPER_INSIDE,
                0.02,
                0.02,
                30,
                250,
                "Inside jaws in the centre hole, two directions.",
                "");
        add(
                Callout.WHEEL_WEIGHTS,
                Instrument.CALIPER_OUTSIDE,
                0.1,
                0.1,
                0,
                20,
                "Height of balance weights stuck inside the barrel; 0 if there are none and none will be.",
                "Room for weights of the next tyre.");
        add(
                Callout.WHEEL_BARREL,
                Instrument.CALIPER_INSIDE,
                0.1,
                0.1,
                200,
                600,
                "Inside diameter at a stated depth from the inboard flange edge, every 20 mm or at each change.",
                "The drop centre is the narrow part: do not miss it.");
        add(
                Callout.WHEEL_SPOKE,
                Instrument.DEPTH_ROD,
                0.15,
                0.15,
                -50,
                250,
                "Straight edge on the mounting face; depth to the back of the spokes at a stated radius.",
                "A rivet head or weld bead stands nearer than the spoke.");
    }

    private static void add(
            Callout callout,
            Instrument usual,
            double technique,
            double spread,
            double least,
            double most,
            String howTo,
            String slip) {
        ALL.put(callout, new ReadingSpec(callout, usual, technique, spread, least, most, howTo, slip));
    }

    /** How the given dimension is read. */
    public static ReadingSpec of(Callout callout) {
        ReadingSpec spec = ALL.get(callout);
        if (spec == null) {
            throw new AssertionError("No reading rule for " + callout);
        }
        return spec;
    }

    /** The dimensions wanted at an axle end, in the order a hand takes them. */
    public static List<Callout> handOrder(AxleEndKind kind, BracketShape shape) {
        List<Callout> order = new ArrayList<>(List.of(
                Callout.LUG_COUNT,
                Callout.STUD_OVER_SKIP_ONE,
                Callout.STUD_SKIP_ONE,
                Callout.STUD_NEIGHBOUR,
                Callout.STUD_OVER_NEIGHBOUR,
                Callout.STUD_THREAD,
                Callout.STUD_MAJOR,
                Callout.STUD_SHOULDER,
                Callout.STUD_STICK_OUT,
                Callout.REGISTER,
                Callout.FLANGE));
        if (shape == BracketShape.RECTANGLE) {
            order.addAll(List.of(Callout.BRACKET_ACROSS, Callout.BRACKET_UP));
        } else {
            order.addAll(List.of(Callout.BRACKET_COUNT, Callout.BRACKET_CIRCLE));
        }
        order.add(Callout.BRACKET_HOLE);
        if (kind == AxleEndKind.REAR_LIVE_AXLE) {
            order.add(Callout.AXLE_OFFSET);
        }
        order.addAll(List.of(
                Callout.WHEEL_BACKSPACING,
                Callout.WHEEL_BARREL,
                Callout.WHEEL_SPOKE,
                Callout.WHEEL_PAD,
                Callout.WHEEL_BORE,
                Callout.WHEEL_WEIGHTS));
        return order;
    }
}
