package itrova.core.kit;

/**
 * Stud holes of a disc; a double-drilled disc has two patterns.
 *
 * @param count number of holes
 * @param circle circle through the hole centres (mm)
 * @param hole hole diameter (mm)
 */
public record HolePattern(int count, Figure circle, Figure hole) {}
