package itrova.server.measure;

import itrova.core.vehicle.HubHeld;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;

/** What stands around a wheel as a person writes it, in shop notation and in the person's own units. */
public final class AroundText {
    private AroundText() {}

    public record ObstacleText(
            @NotNull @Size(max = 60) String name,
            @NotNull @Size(max = 60) String clockFrom,
            @NotNull @Size(max = 60) String clockTo,
            @NotNull @Size(max = 60) String xFrom,
            @NotNull @Size(max = 60) String xTo,
            @NotNull @Size(max = 60) String rFrom,
            @NotNull @Size(max = 60) String rTo,
            @NotNull @Size(max = 60) String halfLimit,
            @NotNull @Size(max = 60) String mayBeGround) {}

    public record BoxText(
            @NotNull @Size(max = 60) String name,
            @NotNull @Size(max = 60) String xFrom,
            @NotNull @Size(max = 60) String xTo,
            @NotNull @Size(max = 60) String forwardFrom,
            @NotNull @Size(max = 60) String forwardTo,
            @NotNull @Size(max = 60) String upFrom,
            @NotNull @Size(max = 60) String upTo,
            @NotNull @Size(max = 60) String halfLimit) {}

    public record SteeringText(
            @NotNull @Size(max = 60) String lowerX,
            @NotNull @Size(max = 60) String lowerForward,
            @NotNull @Size(max = 60) String lowerUp,
            @NotNull @Size(max = 60) String upperX,
            @NotNull @Size(max = 60) String upperForward,
            @NotNull @Size(max = 60) String upperUp,
            @NotNull @Size(max = 60) String lockIn,
            @NotNull @Size(max = 60) String lockOut) {}

    public record TravelText(
            @NotNull @Size(max = 60) String bump,
            @NotNull @Size(max = 60) String droop,
            @NotNull @Size(max = 60) String roll) {}

    public record TyreText(
            @NotNull @Size(max = 60) String width,
            @NotNull @Size(max = 60) String diameter,
            @NotNull @Size(max = 60) String rated,
            @NotNull @Size(max = 60) String chains) {}

    public record HoseText(
            @NotNull @Size(max = 60) String x,
            @NotNull @Size(max = 60) String forward,
            @NotNull @Size(max = 60) String up,
            @NotNull @Size(max = 60) String thread) {}

    public record JointText(
            @NotNull @Size(max = 60) String place,
            @NotNull @Size(max = 60) String size) {}

    /**
     * What else of hub and wheel must clear.
     *
     * @param held a name of {@link HubHeld}; empty if nobody looked
     * @param noValve whether somebody looked and no valve stands inside
     * @param spare NONE, AS_ON_THE_ROAD, or the code of a wheel; empty if nobody looked
     */
    public record DetailsText(
            @NotNull @Size(max = 60) String held,
            boolean noValve,
            @NotNull @Size(max = 60) String valveDepth,
            @NotNull @Size(max = 60) String valveHeight,
            @NotNull @Size(max = 60) String capRoom,
            @NotNull @Size(max = 60) String spare,
            @NotNull @Size(max = 60) String wheelRated,
            @NotNull @Size(max = 100) List<@NotNull @Valid DonorText> donor) {}

    /** What was looked at on a donor part. */
    public record DonorText(
            @NotNull @Size(max = 60) String kit,
            @NotNull @Size(max = 500) String at,
            boolean isSo) {}

    /**
     * A thing taken by tape.
     *
     * @param kind a name of {@link itrova.core.vehicle.ThingKind}
     * @param beside whether it stands on the knuckle or axle: by clock and radius, from the hub face
     * @param from a name of {@link itrova.core.vehicle.TapeFace}; of no matter beside the caliper
     */
    public record TapedText(
            @NotNull @Size(max = 20) String kind,
            @NotNull @Size(max = 60) String name,
            boolean beside,
            @NotNull @Size(max = 20) String from,
            @NotNull @Size(max = 60) String clock,
            @NotNull @Size(max = 60) String across,
            @NotNull @Size(max = 60) String near,
            @NotNull @Size(max = 60) String far,
            @NotNull @Size(max = 60) String in,
            @NotNull @Size(max = 60) String inFar,
            @NotNull @Size(max = 60) String mayBeGround,
            @NotNull @Size(max = 60) String rear,
            @NotNull @Size(max = 60) String front,
            @NotNull @Size(max = 60) String low,
            @NotNull @Size(max = 60) String high) {}

    /** The king-pin axis by tape; locks in degrees. */
    public record KingPinText(
            @NotNull @Size(max = 60) String lowerIn,
            @NotNull @Size(max = 60) String lowerDown,
            @NotNull @Size(max = 60) String upperIn,
            @NotNull @Size(max = 60) String upperUp,
            @NotNull @Size(max = 60) String lowerAhead,
            @NotNull @Size(max = 60) String upperAhead,
            @NotNull @Size(max = 60) String lockIn,
            @NotNull @Size(max = 60) String lockOut) {
        static final KingPinText UNREAD = new KingPinText("", "", "", "", "", "", "", "");
    }

    /**
     * One side; a part whose figures are all empty was not measured.
     *
     * @param taped what was taken by tape; may be left out
     * @param kingPin may be left out
     */
    public record SideText(
            boolean lookedInboard,
            @NotNull @Size(max = 40) List<@NotNull @Valid ObstacleText> inboard,
            boolean lookedAround,
            @NotNull @Size(max = 40) List<@NotNull @Valid BoxText> chassis,
            @NotNull @Valid SteeringText steering,
            @NotNull @Valid TravelText travel,
            @NotNull @Valid TyreText tyre,
            @NotNull @Valid HoseText hose,
            @NotNull @Size(max = 20) List<@NotNull @Valid JointText> joints,
            @NotNull @Valid DetailsText details,
            @NotNull @Size(max = 40) List<@NotNull @Valid TapedText> taped,
            @NotNull @Valid KingPinText kingPin) {
        public SideText {
            taped = taped == null ? List.of() : taped;
            kingPin = kingPin == null ? KingPinText.UNREAD : kingPin;
        }
    }
}
