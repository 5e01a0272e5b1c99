package itrova.core.vehicle;

/**
 * A joint of the steering: as found at the vehicle, or as a kit's spindle, arm or rack wants it.
 *
 * @param place such as {@code lower ball joint} or {@code tie-rod end}
 * @param size thread, or taper with its large diameter, as a designation
 */
public record Joint(String place, String size) {}
