package itrova.server.store;

/** What a person may do. */
public enum Role {
    /** Everything, also signing for what is not proven and changing the catalogue. */
    LEAD,
    /** Measuring, choosing, ordering what is proven, working. */
    MECHANIC,
    /** Looking only. */
    VIEWER
}
