package itrova.core.kit;

import itrova.core.fastener.Thread;
import java.util.Optional;

/**
 * A tightening torque the kit's papers state.
 *
 * @param fastener what is tightened
 * @param torque value (N·m)
 * @param thread its thread, if stated
 */
public record TorqueSpec(String fastener, double torque, Optional<Thread> thread) {}
