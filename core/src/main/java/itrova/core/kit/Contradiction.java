package itrova.core.kit;

/**
 * Two statements of a kit's papers that cannot both be true.
 *
 * @param figure the figure they speak of; every check that uses it waits for the answer
 * @param one one statement
 * @param other the other
 */
public record Contradiction(PaperFigure figure, String one, String other) {}
