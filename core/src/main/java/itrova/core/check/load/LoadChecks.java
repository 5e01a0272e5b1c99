package itrova.core.check.load;

import itrova.core.check.Check;
import java.util.List;

/** Does it carry what it is asked to: axle load, ratings, bracket, pressure. */
public final class LoadChecks {
    public static final List<Check> ALL =
            List.of(new LoadCheck(), new RatingsCheck(), new BracketLoadCheck(), new PressureCheck());

    private LoadChecks() {}
}
