package itrova.core.check.completeness;

import itrova.core.check.Check;
import itrova.core.finding.CheckId;
import itrova.core.finding.Explanation;
import itrova.core.finding.Finding;
import itrova.core.finding.FindingBuilder;
import itrova.core.kit.KitPart;
import itrova.core.phrase.Phrase;
import itrova.core.placed.KitOnSide;
import itrova.core.vehicle.WheelDetails.DonorLook;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Parts bought separately from a donor vehicle are proven by looking at the part, never by year and trim. */
final class DonorCheck implements Check {
    private static final String SOURCE =
            "Common practice: look-alike parts differ in one web or hole; what to look at is listed with the kit";

    @Override
    public CheckId id() {
        return CheckId.DONOR;
    }

    @Override
    public Set<KitPart> reads() {
        return Set.of();
    }

    @Override
    public boolean appliesTo(KitOnSide c) {
        return !c.kit().fitting().donorChecks().isEmpty();
    }

    @Override
    public Finding judge(KitOnSide c) {
        FindingBuilder ruling = new FindingBuilder(CheckId.DONOR, c, "");
        List<String> looked = new ArrayList<>();
        for (String at : c.kit().fitting().donorChecks()) {
            Optional<DonorLook> look = c.end().around().details().donor().stream()
                    .filter(l -> l.kit().equals(c.kit().code()) && l.at().equals(at))
                    .findFirst();
            if (look.isEmpty()) {
                ruling.missing(Phrase.of("donor.on-donor-part", at));
            } else if (!look.get().isSo()) {
                return ruling.outright(why(Phrase.of("donor.donor-part-was-looked-at", at)));
            } else {
                looked.add(at);
            }
        }
        return ruling.satisfied()
                .finding(r -> why(Phrase.of(
                        "donor.caliper-or-disc-comes-from",
                        (looked.isEmpty() ? "" : Phrase.of("donor.seen-on", Phrase.joined("; ", looked))))));
    }

    private static Explanation why(Phrase words) {
        return new Explanation(words, "seen on the part", List.of(), SOURCE);
    }
}
