package itrova.core.work;

import itrova.core.kit.Kit;
import itrova.core.phrase.Titled;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.AxleForm;
import itrova.core.vehicle.Retention;
import itrova.core.vehicle.Side;
import itrova.core.vehicle.SpindleNut;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Parts on a shaft or spindle in their order from the vehicle's middle outward, for the steps that put them there.
 *
 * @param side side of the vehicle: outward lies left on the left side as it is drawn
 * @param places from inboard to outboard
 */
public record ShaftOrder(Side side, List<Place> places) {
    public ShaftOrder {
        places = List.copyOf(places);
    }

    /**
     * A part in its place.
     *
     * @param part what it is
     * @param isNow whether the step puts it there
     * @param size as far as it was read
     */
    public record Place(Piece part, boolean isNow, PieceSize size) {}

    /** What sits on a shaft or spindle. */
    public enum Piece implements Titled {
        SPINDLE("Spindle's shoulder"),
        SEAL("Seal, spring inboard"),
        INNER_BEARING("Inner bearing"),
        CUPS("Cups in the hub"),
        HUB("Hub"),
        OUTER_BEARING("Outer bearing"),
        WASHER("Tanged washer"),
        NUT("Nut"),
        LOCK("Lock or cotter"),
        SECOND_NUT("Second nut"),
        CAP("Cap"),
        DRIVE("Drive flange"),
        PRESS_RING("Press ring"),
        BEARING("Bearing"),
        SPACER_RING("Spacer ring"),
        BRACKET("Bracket"),
        RETAINER("Retainer"),
        SHAFT_FLANGE("Flange of the shaft"),
        CLIP("Clip"),
        HOUSING_SEAL("Seal in the housing"),
        PORTAL("Portal's flange"),
        PORTAL_SPACER("Spacer");

        private final String title;

        Piece(String title) {
            this.title = title;
        }

        @Override
        public String title() {
            return title;
        }
    }

    /** The order of parts a step puts on a shaft; absent where it puts none. */
    public static Optional<ShaftOrder> of(BenchStep step, Kit kit, AxleEnd end) {
        Set<Piece> now = now(step.kind());
        if (now.isEmpty() || step.side().isEmpty()) {
            return Optional.empty();
        }
        List<Piece> order = order(kit, end.form());
        return order.stream().noneMatch(now::contains)
                ? Optional.empty()
                : Optional.of(new ShaftOrder(
                        step.side().get(),
                        order.stream()
                                .map(p -> new Place(p, now.contains(p), PieceSize.of(p, end)))
                                .toList()));
    }

    private static Set<Piece> now(StepKind kind) {
        return switch (kind) {
            case CUPS -> EnumSet.of(Piece.CUPS);
            case SEAL -> EnumSet.of(Piece.INNER_BEARING, Piece.SEAL);
            case HUB_ON -> EnumSet.of(Piece.HUB, Piece.OUTER_BEARING, Piece.WASHER, Piece.NUT);
            case ADJUST -> EnumSet.of(Piece.NUT);
            case CAP -> EnumSet.of(Piece.LOCK, Piece.SECOND_NUT, Piece.CAP);
            case DRIVE_ON -> EnumSet.of(Piece.DRIVE);
            case PRESS_ON ->
                EnumSet.of(Piece.RETAINER, Piece.BRACKET, Piece.SPACER_RING, Piece.BEARING, Piece.PRESS_RING);
            case SHAFT_IN -> EnumSet.of(Piece.SHAFT_FLANGE);
            case CLIP_IN -> EnumSet.of(Piece.CLIP, Piece.HOUSING_SEAL);
            case PORTAL_SPACER -> EnumSet.of(Piece.PORTAL_SPACER);
            default -> EnumSet.noneOf(Piece.class);
        };
    }

    private static List<Piece> order(Kit kit, AxleForm form) {
        return switch (form.kind()) {
            case FRONT_SPINDLE, TRAILER_SPINDLE, CLOSED_KNUCKLE -> spindle(kit, form);
            case REAR_LIVE_AXLE ->
                form.retention() == Retention.C_CLIP
                        ? List.of(Piece.CLIP, Piece.HOUSING_SEAL, Piece.BRACKET, Piece.SHAFT_FLANGE)
                        : PRESSED;
            case PORTAL_HUB -> List.of(Piece.PORTAL, Piece.PORTAL_SPACER, Piece.BRACKET, Piece.HUB);
            case REAR_UPRIGHT -> List.of();
        };
    }

    private static List<Piece> spindle(Kit kit, AxleForm form) {
        List<Piece> order = new ArrayList<>(List.of(Piece.SPINDLE, Piece.SEAL, Piece.INNER_BEARING));
        if (kit.fitting().hub().isPresent()) {
            order.add(Piece.CUPS);
        }
        order.addAll(List.of(Piece.HUB, Piece.OUTER_BEARING, Piece.WASHER, Piece.NUT, Piece.LOCK));
        if (form.nut() == SpindleNut.TANGED_WASHER) {
            order.add(Piece.SECOND_NUT);
        }
        order.add(form.kind() == AxleEndKind.CLOSED_KNUCKLE ? Piece.DRIVE : Piece.CAP);
        return order;
    }

    /** Put on from the flange inward, the ring that holds the bearing last; so it lies inmost. */
    private static final List<Piece> PRESSED = List.of(
            Piece.PRESS_RING, Piece.BEARING, Piece.SPACER_RING, Piece.BRACKET, Piece.RETAINER, Piece.SHAFT_FLANGE);
}
