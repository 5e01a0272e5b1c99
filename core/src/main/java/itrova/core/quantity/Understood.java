package itrova.core.quantity;

/**
 * What was understood from a text in shop notation.
 *
 * @param si value in the SI unit of its dimension
 * @param unit the unit written, or the default one
 * @param unitWritten whether the unit stood in the text
 * @param fraction whether it was written as a fraction of an inch
 * @param lastDigit worth of the last decimal written, in the SI unit; 0 for a fraction, which tells no resolution
 * @param step smallest difference the writing can show, in the SI unit: the last decimal or one part of the fraction
 */
public record Understood(double si, Unit unit, boolean unitWritten, boolean fraction, double lastDigit, double step) {}
