package itrova.core.brakes;

import itrova.core.fastener.Fitting;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What hangs on a circuit and is looked at rather than worked out.
 *
 * @param stopLamp what lights the stop lamps
 * @param actuator what presses a trailer's brakes
 * @param reverseLockOut whether a trailer pushed by its surge coupler can be backed
 * @param warning whether a lamp tells of a circuit that failed
 * @param lineEnd how the lines found are joined, if somebody looked
 * @param newLines how the lines the plan brings are joined
 * @param ports what the plan's new parts want screwed in; empty where the plan brings none
 * @param bridges what goes between: each takes a line and screws into a port
 * @param drained fluid the plan takes out, where it fills in another
 */
public record Equipment(
        StopLamp stopLamp,
        Actuator actuator,
        Seen reverseLockOut,
        Seen warning,
        Optional<Fitting> lineEnd,
        List<Fitting> newLines,
        List<Fitting> ports,
        List<Bridge> bridges,
        Optional<BrakeCircuit.Fluid> drained) {
    /** Nobody looked. */
    public static final Equipment NOT_LOOKED = new Equipment(
            StopLamp.NOT_LOOKED,
            Actuator.NOT_LOOKED,
            Seen.NOT_LOOKED,
            Seen.NOT_LOOKED,
            Optional.empty(),
            List.of(),
            List.of(),
            List.of(),
            Optional.empty());

    public Equipment {
        newLines = List.copyOf(newLines);
        ports = List.copyOf(ports);
        bridges = List.copyOf(bridges);
    }

    /** The same with another fluid taken out. */
    Equipment drained(BrakeCircuit.Fluid before) {
        return new Equipment(
                stopLamp, actuator, reverseLockOut, warning, lineEnd, newLines, ports, bridges, Optional.of(before));
    }

    /** Whether somebody looked, and what was seen. */
    public enum Seen {
        NOT_LOOKED,
        YES,
        NO
    }

    /** What lights the stop lamps. */
    public enum StopLamp {
        NOT_LOOKED,
        /** A switch the pedal moves. */
        PEDAL,
        /** A switch that pressure in the line closes. */
        PRESSURE,
        /** The pressure switch found has no place on the master planned. */
        HOMELESS,
        NONE
    }

    /** What presses a trailer's brakes. */
    public enum Actuator {
        NOT_LOOKED,
        SURGE,
        ELECTRIC_OVER_HYDRAULIC,
        VACUUM
    }

    /**
     * An adapter.
     *
     * @param takes what it takes on one side
     * @param gives what it screws into on the other
     */
    public record Bridge(Fitting takes, Fitting gives) {}

    /** Whether any line, as found or planned, goes into a port, at once or over one adapter. */
    boolean isReached(Fitting port) {
        return Stream.concat(lineEnd.stream(), newLines.stream()).anyMatch(line -> reaches(line, port));
    }

    /** Whether a line goes into a port, at once or over one adapter. */
    boolean reaches(Fitting line, Fitting port) {
        return line.goesInto(port)
                || bridges.stream()
                        .anyMatch(b -> line.goesInto(b.takes()) && b.gives().goesInto(port));
    }
}
