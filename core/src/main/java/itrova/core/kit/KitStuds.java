package itrova.core.kit;

import itrova.core.fastener.Thread;

/**
 * Wheel studs that come with a kit and replace the hub's own.
 *
 * @param thread their thread
 * @param shoulder diameter of shoulder or knurl standing out of the flange (mm)
 * @param stickOut from the hub's mounting face to the stud's end (mm)
 */
public record KitStuds(Thread thread, Figure shoulder, Figure stickOut) {}
