package itrova.server.axle;

/** A wheel of the parts wall, by code and name. */
public record WheelChoice(String code, String name) {}
