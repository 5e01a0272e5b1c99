package itrova.server.measure;

import itrova.core.around.TapePlacing;
import itrova.core.quantity.Measured;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Seen;
import itrova.core.vehicle.Side;
import itrova.core.vehicle.Surroundings;
import itrova.core.vehicle.Surroundings.Box;
import itrova.core.vehicle.Surroundings.Obstacle;
import itrova.core.vehicle.Surroundings.Steering;
import itrova.core.vehicle.TapeFace;
import itrova.core.vehicle.Taped;
import itrova.core.vehicle.TapedThing;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * One side of an axle to be drawn: faces, tyre, king-pin axis and what stands around, in mm in the frame of {@link Surroundings}.
 *
 * @param hubFace place of the hub face; absent until it was read
 * @param rimEdge place of the rim's inboard edge
 * @param tyreInside place of the tyre's inner side
 * @param axis king-pin axis, lower and upper x, forward and up
 * @param unplaced things taken from a face that has no place yet
 */
public record SideSketch(
        Side side,
        @Nullable Double hubFace,
        @Nullable Double rimEdge,
        @Nullable Double tyreInside,
        @Nullable Double tyreWidth,
        @Nullable Double tyreDiameter,
        List<Double> axis,
        List<StandingView> shapes,
        List<UnplacedView> unplaced) {

    /** No taped thing: one told by its figures. */
    private static final int BY_FIGURES = -1;

    /**
     * A box or a ring sector in mm, to be drawn.
     *
     * @param taped place among the things taken by tape, or −1 where it was told by figures
     */
    public record StandingView(
            String name,
            int taped,
            boolean onChassis,
            double xFrom,
            double xTo,
            double forwardFrom,
            double forwardTo,
            double upFrom,
            double upTo,
            double clockFrom,
            double clockTo,
            double rFrom,
            double rTo) {
        static StandingView of(Box b, int taped) {
            return new StandingView(
                    b.name(),
                    taped,
                    true,
                    b.low().x(),
                    b.high().x(),
                    b.low().f(),
                    b.high().f(),
                    b.low().z(),
                    b.high().z(),
                    0,
                    0,
                    0,
                    0);
        }

        static StandingView of(Obstacle o, int taped) {
            return new StandingView(
                    o.name(),
                    taped,
                    false,
                    o.xFrom(),
                    o.xTo(),
                    0,
                    0,
                    0,
                    0,
                    o.window().from(),
                    o.window().to(),
                    o.rFrom(),
                    o.rTo());
        }
    }

    /** A thing without a place, and titles of the readings that give it one. */
    public record UnplacedView(int taped, String name, String from, List<String> wanted) {}

    /** @param around what is drawn, which need not be what the end was judged with */
    static SideSketch of(AxleEnd end, Surroundings around) {
        List<StandingView> shapes = new ArrayList<>();
        List<UnplacedView> unplaced = new ArrayList<>();
        around.inboard().things().forEach(o -> shapes.add(StandingView.of(o, BY_FIGURES)));
        around.chassis().things().forEach(b -> shapes.add(StandingView.of(b, BY_FIGURES)));
        List<TapedThing> things = around.taped().things();
        for (int i = 0; i < things.size(); i++) {
            int at = i;
            TapedThing thing = things.get(i);
            Surroundings placed = TapePlacing.placed(alone(around, thing), end);
            placed.inboard().things().forEach(o -> shapes.add(StandingView.of(o, at)));
            placed.chassis().things().forEach(b -> shapes.add(StandingView.of(b, at)));
            if (!placed.taped().things().isEmpty()) {
                unplaced.add(new UnplacedView(
                        at,
                        thing.name(),
                        thing.from().title(),
                        TapePlacing.lacking(thing.from(), end).stream()
                                .map(Callout::title)
                                .toList()));
            }
        }
        return new SideSketch(
                end.side(),
                face(TapeFace.HUB, end, around),
                face(TapeFace.RIM, end, around),
                face(TapeFace.TYRE, end, around),
                around.tyre().map(Surroundings.Tyre::width).orElse(null),
                around.tyre().map(Surroundings.Tyre::diameter).orElse(null),
                TapePlacing.placed(around, end).steering().map(SideSketch::axis).orElse(List.of()),
                shapes,
                unplaced);
    }

    private static Surroundings alone(Surroundings around, TapedThing thing) {
        return new Surroundings(
                Seen.nothing(),
                Seen.nothing(),
                Optional.empty(),
                Optional.empty(),
                around.tyre(),
                Optional.empty(),
                List.of(),
                around.details(),
                new Taped(List.of(thing), Optional.empty()));
    }

    private static @Nullable Double face(TapeFace face, AxleEnd end, Surroundings around) {
        return TapePlacing.face(face, end, around.tyre()).map(Measured::value).orElse(null);
    }

    private static List<Double> axis(Steering s) {
        return List.of(
                s.lower().x(),
                s.lower().f(),
                s.lower().z(),
                s.upper().x(),
                s.upper().f(),
                s.upper().z());
    }
}
