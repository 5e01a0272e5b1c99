package itrova.core.check.mounting;

import itrova.core.check.Check;
import itrova.core.finding.CheckId;
import itrova.core.finding.Explanation;
import itrova.core.finding.Finding;
import itrova.core.finding.FindingBuilder;
import itrova.core.kit.KitPart;
import itrova.core.phrase.Phrase;
import itrova.core.placed.KitOnSide;
import itrova.core.vehicle.Joint;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;

/** Every joint of a chain of mixed parts must meet: taper or thread, not the year of the model. */
final class JointsCheck implements Check {
    private static final String SOURCE =
            "Common practice: spindles of one year want that year's joints, arms and tie-rod ends; check every joint of the chain";

    private static final Pattern SPACES = Pattern.compile("[\\s_]+");

    @Override
    public CheckId id() {
        return CheckId.JOINTS;
    }

    @Override
    public Set<KitPart> reads() {
        return Set.of();
    }

    @Override
    public boolean appliesTo(KitOnSide c) {
        return !c.kit().fitting().joints().isEmpty();
    }

    @Override
    public Finding judge(KitOnSide c) {
        FindingBuilder ruling = new FindingBuilder(CheckId.JOINTS, c, "");
        for (Joint wanted : c.kit().fitting().joints()) {
            Optional<Joint> found = c.end().around().joints().stream()
                    .filter(j -> normal(j.place()).equals(normal(wanted.place())))
                    .findFirst();
            if (found.isEmpty()) {
                ruling.missing(Phrase.of("joints.size-kit-wants", wanted.place(), wanted.size()));
            } else if (!normal(found.get().size()).equals(normal(wanted.size()))) {
                return ruling.outright(why(Phrase.of(
                        "joints.kit-wants", wanted.place(), found.get().size(), wanted.size())));
            }
        }
        return ruling.satisfied().finding(r -> why(Phrase.of("joints.every-joint-read-so-far")));
    }

    private static String normal(String text) {
        return SPACES.matcher(text.toLowerCase(Locale.ROOT)).replaceAll("");
    }

    private static Explanation why(Phrase words) {
        return new Explanation(words, "size found = size wanted, joint by joint", List.of(), SOURCE);
    }
}
