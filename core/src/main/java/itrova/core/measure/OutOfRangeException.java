package itrova.core.measure;

import java.util.Optional;

/** A reading outside what its dimension can be. The message names value, bounds and remedy. */
public final class OutOfRangeException extends IllegalArgumentException {
    private static final long serialVersionUID = 1L;

    private final transient Optional<String> unitThatWouldDo;

    OutOfRangeException(String message, Optional<String> unitThatWouldDo) {
        super(message);
        this.unitThatWouldDo = unitThatWouldDo;
    }

    /** Symbol of the unit with which the bare number would be in range: the gauge stood in the wrong mode. */
    public Optional<String> unitThatWouldDo() {
        return unitThatWouldDo;
    }
}
