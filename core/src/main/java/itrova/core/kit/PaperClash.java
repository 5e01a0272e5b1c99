package itrova.core.kit;

/**
 * Two statements of a kit's papers that cannot both be true.
 *
 * @param figure the figure they speak of, such as {@code disc.diameter}; every check that uses it waits for the answer
 * @param one one statement
 * @param other the other
 */
public record PaperClash(String figure, String one, String other) {}
