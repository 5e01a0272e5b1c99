package itrova.core.check.completeness;

import itrova.core.check.Check;
import java.util.List;

/** Is all there that the kit and the owner want: box, needs, donor parts, sides, tone ring, way back. */
public final class CompletenessChecks {
    public static final List<Check> ALL = List.of(
            new DonorCheck(),
            new NeedsCheck(),
            new ToneRingCheck(),
            new HandedCheck(),
            new ReversibleCheck(),
            new ContentsCheck());

    private CompletenessChecks() {}
}
