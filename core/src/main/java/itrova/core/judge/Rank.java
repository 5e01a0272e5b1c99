package itrova.core.judge;

import itrova.core.finding.Verdict;
import java.util.Comparator;

/**
 * Where a kit stands among others: best first by verdict, then by least (m − U)/u, then by price.
 *
 * @param verdict its verdict
 * @param score least (m − U)/u over all critical findings
 * @param priceCents price of the kit (cents)
 * @param code its code, so that no two stand alike
 */
public record Rank(Verdict verdict, double score, long priceCents, String code) implements Comparable<Rank> {
    private static final Comparator<Rank> BEST_FIRST = Comparator.comparing(Rank::verdict)
            .thenComparing(Comparator.comparingDouble(Rank::score).reversed())
            .thenComparingLong(Rank::priceCents)
            .thenComparing(Rank::code);

    @Override
    public int compareTo(Rank other) {
        return BEST_FIRST.compare(this, other);
    }

    /** The same but for the verdict. */
    public Rank with(Verdict other) {
        return new Rank(other, score, priceCents, code);
    }
}
