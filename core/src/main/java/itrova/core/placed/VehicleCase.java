package itrova.core.placed;

import itrova.core.kit.Kit;
import itrova.core.kit.MissingPart;
import itrova.core.kit.PartKind;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * The axles of one vehicle with what was chosen for each: what one side or one axle cannot know.
 *
 * @param axles in the vehicle's order
 */
public record VehicleCase(List<OnAxle> axles) {
    public VehicleCase {
        axles = List.copyOf(axles);
    }

    /**
     * One axle of the vehicle.
     *
     * @param name what it is called
     * @param kit what was chosen for it, if anything
     * @param isOrdered whether its order was placed
     */
    public record OnAxle(String name, Optional<Kit> kit, boolean isOrdered) {
        private boolean takes(PartKind part) {
            return kit.stream()
                    .flatMap(k -> k.terms().missing().stream())
                    .map(MissingPart::kind)
                    .anyMatch(kind -> kind.filter(k -> k == part).isPresent());
        }
    }

    /**
     * The other axle a part of the whole vehicle is bought with, instead of with this one: of those that take it, the one ordered
     * first, then the first in the vehicle's order.
     *
     * @param axle index of this axle
     * @return absent where the part is bought with this axle, or is no part of the whole vehicle
     */
    public Optional<String> boughtWith(int axle, PartKind part) {
        if (!part.isOfVehicle()) {
            return Optional.empty();
        }
        return IntStream.range(0, axles.size())
                .boxed()
                .filter(i -> axles.get(i).takes(part))
                .min(Comparator.<Integer, Boolean>comparing(i -> !axles.get(i).isOrdered())
                        .thenComparing(Comparator.naturalOrder()))
                .filter(first -> first != axle)
                .map(first -> axles.get(first).name());
    }

    /** Whether parts of the whole vehicle are bought with this axle: the first ordered, else the first something is chosen for. */
    public boolean carriesVehicle(int axle) {
        return IntStream.range(0, axles.size())
                .boxed()
                .filter(i -> axles.get(i).kit().isPresent())
                .min(Comparator.<Integer, Boolean>comparing(i -> !axles.get(i).isOrdered())
                        .thenComparing(Comparator.naturalOrder()))
                .filter(first -> first == axle)
                .isPresent();
    }
}
