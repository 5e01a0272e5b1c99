package itrova.core.kit;

import java.util.Optional;

/**
 * The parts of a kit that meet the axle end.
 *
 * @param disc the disc, the same left and right
 * @param caliper the caliper
 * @param bracket the caliper's bracket
 * @param studs wheel studs in the kit, if any
 * @param ratedLoadKg axle load it is rated for (kg)
 */
public record KitParts(Disc disc, Caliper caliper, Bracket bracket, Optional<KitStuds> studs, double ratedLoadKg) {}
