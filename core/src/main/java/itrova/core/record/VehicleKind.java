package itrova.core.record;

/** Kind of vehicle. */
public enum VehicleKind {
    CAR,
    LIGHT_TRUCK,
    FOUR_BY_FOUR,
    TRAILER
}
