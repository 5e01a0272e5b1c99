package itrova.core.kit;

import itrova.core.fastener.Thread;
import java.util.OptionalDouble;

/**
 * Wheel nuts that come with a kit.
 *
 * @param thread their thread
 * @param seat how they seat
 * @param closedDepth depth of thread of a closed nut from its seat to its bottom (mm); absent for open nuts
 */
public record WheelNuts(Thread thread, NutSeat seat, OptionalDouble closedDepth) {}
