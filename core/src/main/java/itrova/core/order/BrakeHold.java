package itrova.core.order;

import itrova.core.finding.Verdict;
import itrova.core.phrase.Phrase;

/**
 * What of the vehicle's brakes holds an order.
 *
 * @param title of the finding
 * @param verdict not proven or does not fit
 * @param next what to do
 */
public record BrakeHold(Phrase title, Verdict verdict, Phrase next) {}
