package itrova.core.geometry;

/**
 * The gap between an outline and a piece of wall.
 *
 * @param size distance (mm); negative is the depth of an overlap, across the wall's face
 * @param towardsX axial part of the unit direction from outline to wall; how much the gap grows per mm of wall moved outboard
 * @param towardsR radial part of that direction
 * @param onOutline nearest place on the outline
 * @param onWall nearest place on the wall
 */
public record Gap(double size, double towardsX, double towardsR, Point onOutline, Point onWall) {
    /** The same gap where both have moved along the axis by dx (mm). */
    public Gap shifted(double dx) {
        return new Gap(
                size,
                towardsX,
                towardsR,
                new Point(onOutline.x() + dx, onOutline.r()),
                new Point(onWall.x() + dx, onWall.r()));
    }

    Gap swapped() {
        return new Gap(size, towardsR, towardsX, onOutline.swapped(), onWall.swapped());
    }
}
