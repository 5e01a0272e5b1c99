package itrova.core.fastener;

import itrova.core.phrase.Amount;
import itrova.core.phrase.Phrase;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * A stack of shims, the same for every bolt.
 *
 * @param pieces thicknesses in it (mm), thickest first
 */
public record ShimStack(List<Double> pieces) {
    /** Sums of shims nearer to each other than this are the same (mm). */
    private static final double SAME = 1e-9;

    public ShimStack {
        pieces = List.copyOf(pieces);
    }

    /** Its thickness (mm). */
    public double thickness() {
        return pieces.stream().mapToDouble(d -> d).sum();
    }

    /** The stack in words, such as {@code 1.0 mm + 0.5 mm}. */
    public Phrase words() {
        return pieces.isEmpty()
                ? Phrase.of("shims.none")
                : pieces.stream().map(d -> (Object) Amount.mm(d, 1)).collect(Phrase.joining(" + "));
    }

    /**
     * The stack nearest to a wanted thickness, of several the one with the fewest pieces. Exact: every count of every size is
     * tried.
     *
     * @param wanted wanted thickness (mm)
     * @param sizes shims that come with the kit, both sides together
     * @param bolts bolts that each want the same stack, both sides together
     */
    public static ShimStack nearest(double wanted, List<ShimSize> sizes, int bolts) {
        List<ShimSize> thickestFirst = sizes.stream()
                .sorted(Comparator.comparingDouble(ShimSize::thickness).reversed())
                .toList();
        Best best = new Best(wanted);
        best.look(thickestFirst, 0, bolts, new ArrayList<>(), 0);
        return new ShimStack(best.pieces);
    }

    private static final class Best {
        private final double wanted;
        private List<Double> pieces = List.of();
        private double off;

        Best(double wanted) {
            this.wanted = wanted;
            off = Math.abs(wanted);
        }

        void look(List<ShimSize> sizes, int next, int bolts, List<Double> taken, double sum) {
            double now = Math.abs(wanted - sum);
            if (now < off - SAME || now < off + SAME && taken.size() < pieces.size()) {
                off = now;
                pieces = List.copyOf(taken);
            }
            if (next == sizes.size() || sum > wanted) {
                return;
            }
            int most = sizes.get(next).count() / bolts;
            for (int n = 0; n <= most; n++) {
                List<Double> more = new ArrayList<>(taken);
                for (int i = 0; i < n; i++) {
                    more.add(sizes.get(next).thickness());
                }
                look(sizes, next + 1, bolts, more, sum + n * sizes.get(next).thickness());
            }
        }
    }
}
