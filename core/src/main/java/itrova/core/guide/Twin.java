package itrova.core.guide;

import itrova.core.guide.NextReading.Suggestion;
import itrova.core.measure.Comparison;
import itrova.core.phrase.Phrase;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Side;
import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;

/**
 * An end that is read whole already and may be the same as the one being read: few readings prove it, and the rest is then taken over.
 *
 * @param name what it is called
 * @param here the end being read
 * @param there the one read whole
 */
public record Twin(String name, AxleEnd here, AxleEnd there) {
    public Side side() {
        return here.side();
    }

    /** Whether end and wheel are proven the same as far as both were read. */
    public boolean isProven() {
        return Comparison.whyNotEqual(there, here, false).isEmpty()
                && Comparison.whyNotEqual(there, here, true).isEmpty();
    }

    /** Whether they differ in anything that both were read in: then it is no twin. */
    public boolean isAnother() {
        return Comparison.of(there, here).stream()
                .anyMatch(l -> l.differs() && !l.callout().isGapOfVehicle());
    }

    /**
     * Suggestions with those first that prove or disprove it, after the gaps of the vehicle, which nothing takes over; the others keep their
     * order behind them. Once it is proven, or differs, nothing changes.
     */
    public List<Suggestion> provedFirst(List<Suggestion> ranked) {
        if (isAnother()) {
            return ranked;
        }
        Map<Suggestion, Boolean> proofs = new IdentityHashMap<>();
        for (boolean wheel : new boolean[] {true, false}) {
            ranked.stream()
                    .filter(s -> s.side() == side() && proves(s.callout(), wheel))
                    .limit(Comparison.stillToAgree(there, here, wheel))
                    .forEach(s -> proofs.put(s, true));
        }
        List<Suggestion> first = new ArrayList<>();
        List<Suggestion> proving = new ArrayList<>();
        List<Suggestion> rest = new ArrayList<>();
        for (Suggestion s : ranked) {
            if (proofs.containsKey(s)) {
                proving.add(s.because(Phrase.of("next-reading.proves-the-same", name)));
            } else if (s.side() == side() && s.callout().isGapOfVehicle()) {
                first.add(s);
            } else {
                rest.add(s);
            }
        }
        first.addAll(proving);
        first.addAll(rest);
        return first;
    }

    private boolean proves(Callout callout, boolean wheel) {
        return callout.kind() == Callout.Kind.LENGTH
                && callout.isOfWheel() == wheel
                && !callout.hasPlaces()
                && !callout.isGapOfVehicle()
                && !callout.isOfBothEnds()
                && there.has(callout)
                && !here.has(callout);
    }
}
