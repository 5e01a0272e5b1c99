package itrova.core.vehicle;

import itrova.core.quantity.Source;

/** Doubts of what stands on the vehicle's sheet: each figure is one cause, the same for all that hangs on it. */
public enum SheetSource implements Source {
    MASS,
    WHEELBASE,
    CENTRE_HEIGHT,
    LINE_PRESSURE,
    AXLE_LOAD,
    /** How an axle's load is shared by its two wheels. */
    LOAD_HALVES;

    private final String id = "sheet:" + name();

    @Override
    public String id() {
        return id;
    }
}
