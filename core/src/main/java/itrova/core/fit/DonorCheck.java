package itrova.core.fit;

import java.util.List;

/** Parts bought separately from a donor vehicle are proven by looking at the part, never by year and trim. */
final class DonorCheck implements Check {
    private static final String SOURCE =
            "Common practice: look-alike parts differ in one web or hole; what to look at is listed with the kit";

    @Override
    public CheckId id() {
        return CheckId.DONOR;
    }

    @Override
    public boolean appliesTo(FitCase c) {
        return !c.kit().fitting().donorChecks().isEmpty();
    }

    @Override
    public Finding judge(FitCase c) {
        Ruling ruling = new Ruling(CheckId.DONOR, c, "");
        c.kit().fitting().donorChecks().forEach(look -> ruling.missing("on the donor part: " + look));
        return ruling.finding(r -> new Explanation(
                "Caliper or disc comes from a donor vehicle; only the part itself proves it.",
                "seen on the part",
                List.of(),
                SOURCE));
    }
}
