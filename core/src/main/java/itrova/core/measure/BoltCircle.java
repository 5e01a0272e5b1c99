package itrova.core.measure;

import itrova.core.phrase.Amount;
import itrova.core.phrase.Phrase;
import itrova.core.quantity.Measured;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.Callout;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Bolt circle from distances between studs.
 *
 * <p>Chord over k of n equal steps: c = D·sin(k·π/n). A distance over the outsides of two studs is a chord plus one stud
 * diameter.
 */
public final class BoltCircle {
    private BoltCircle() {}

    /**
     * Distance between the centres of two studs on a circle.
     *
     * @param diameter circle diameter (mm)
     * @param count studs on the circle, at least 3
     * @param steps studs apart: 1 for neighbours, 2 for skip-one
     * @return centre distance (mm)
     */
    public static double chord(double diameter, int count, int steps) {
        return diameter * Math.sin(steps * Math.PI / count);
    }

    /** Circle diameter from a measured chord; its doubt grows by 1/sin(k·π/n). */
    public static Measured fromChord(Measured chord, int count, int steps) {
        return chord.times(1 / Math.sin(steps * Math.PI / count));
    }

    /** The ways a circle was measured, each with its result (mm). */
    public record Evidence(Callout from, Measured diameter) {}

    /** Every circle diameter that can be derived from what was read. */
    public static List<Evidence> evidence(AxleEnd end) {
        List<Evidence> found = new ArrayList<>();
        if (end.count(Callout.LUG_COUNT).isEmpty()) {
            return found;
        }
        int n = end.count(Callout.LUG_COUNT).getAsInt();
        add(found, end, Callout.STUD_NEIGHBOUR, n, 1, false);
        add(found, end, Callout.STUD_OVER_NEIGHBOUR, n, 1, true);
        if (n > 3) {
            add(found, end, Callout.STUD_SKIP_ONE, n, 2, false);
            add(found, end, Callout.STUD_OVER_SKIP_ONE, n, 2, true);
        }
        return found;
    }

    private static void add(List<Evidence> found, AxleEnd end, Callout callout, int n, int steps, boolean overStuds) {
        Optional<Measured> read = end.length(callout);
        if (read.isEmpty()) {
            return;
        }
        if (!overStuds) {
            found.add(new Evidence(callout, fromChord(read.get(), n, steps)));
            return;
        }
        end.length(Callout.STUD_MAJOR)
                .ifPresent(stud ->
                        found.add(new Evidence(callout, fromChord(read.get().minus(stud), n, steps))));
    }

    /** The reading to take next towards the circle of an end that has none: the count, the stud a reading went over, or a way. */
    public static Callout lacking(AxleEnd end) {
        if (end.count(Callout.LUG_COUNT).isEmpty()) {
            return Callout.LUG_COUNT;
        }
        boolean several = end.count(Callout.LUG_COUNT).getAsInt() > 3;
        boolean wentOver = end.has(Callout.STUD_OVER_NEIGHBOUR) || several && end.has(Callout.STUD_OVER_SKIP_ONE);
        if (wentOver && !end.has(Callout.STUD_MAJOR)) {
            return Callout.STUD_MAJOR;
        }
        return several ? Callout.STUD_OVER_SKIP_ONE : Callout.STUD_OVER_NEIGHBOUR;
    }

    /** The best estimate: evidence weighted by 1/u², its correlations kept. Absent if nothing was read. */
    static Optional<Measured> derive(AxleEnd end) {
        List<Evidence> all = evidence(end);
        if (all.isEmpty()) {
            return Optional.empty();
        }
        double total = all.stream().mapToDouble(e -> weight(e.diameter())).sum();
        Measured mean = Measured.exact(0);
        for (Evidence e : all) {
            mean = mean.plus(e.diameter().times(weight(e.diameter()) / total));
        }
        return Optional.of(mean);
    }

    private static double weight(Measured m) {
        return 1 / (m.u() * m.u());
    }

    /** Says which two ways of measuring contradict each other, and by how much. */
    public static Optional<Phrase> clash(AxleEnd end) {
        List<Evidence> all = evidence(end);
        for (int i = 0; i < all.size(); i++) {
            for (int j = i + 1; j < all.size(); j++) {
                Measured difference = all.get(i).diameter().minus(all.get(j).diameter());
                if (Math.abs(difference.value()) > difference.expanded()) {
                    return Optional.of(Phrase.of(
                            "bolt-circle.two-ways-apart",
                            all.get(i).from(),
                            Amount.mm(all.get(i).diameter().value(), 2),
                            all.get(j).from(),
                            Amount.mm(all.get(j).diameter().value(), 2),
                            Amount.mm(Math.abs(difference.value()), 2),
                            Amount.mm(difference.expanded(), 2)));
                }
            }
        }
        return Optional.empty();
    }
}
