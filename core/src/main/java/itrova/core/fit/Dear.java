package itrova.core.fit;

import itrova.core.clearance.Sweep.Meeting;
import java.util.HashMap;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Supplier;

/**
 * What is dear to work out and can be used again.
 *
 * <p>Findings are used again by the cases worked from one kit on one side; how near the tyre comes to the chassis by every kit
 * on that side, for it hangs on the kit only by where the wheel stands.
 */
final class Dear {
    private final Map<Object, Finding> findings = new HashMap<>();
    private final Map<Object, Meeting> tyres;

    private Dear(Map<Object, Meeting> tyres) {
        this.tyres = tyres;
    }

    /** Nothing known yet. */
    static Dear empty() {
        return new Dear(new ConcurrentHashMap<>());
    }

    /** For another kit on the same side. */
    Dear forAnotherKit() {
        return new Dear(tyres);
    }

    Finding finding(Object hangsOn, Supplier<Finding> work) {
        Finding known = findings.get(hangsOn);
        if (known == null) {
            known = work.get();
            findings.put(hangsOn, known);
        }
        return known;
    }

    Meeting tyre(Object hangsOn, Supplier<Meeting> work) {
        Meeting known = tyres.get(hangsOn);
        if (known == null) {
            known = work.get();
            tyres.put(hangsOn, known);
        }
        return known;
    }
}
