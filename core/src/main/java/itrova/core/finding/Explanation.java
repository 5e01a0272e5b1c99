package itrova.core.finding;

import itrova.core.phrase.Phrase;
import java.util.List;

/**
 * Answer to "why?".
 *
 * @param why one sentence with the figures
 * @param formula the rule in symbols
 * @param inputs what went in
 * @param source where the rule comes from
 */
public record Explanation(Phrase why, String formula, List<Input> inputs, String source) {
    public Explanation {
        inputs = List.copyOf(inputs);
    }
}
