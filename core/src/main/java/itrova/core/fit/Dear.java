package itrova.core.fit;

import itrova.core.clearance.Sweep.Meeting;
import itrova.core.clearance.WheelProfile;
import itrova.core.vehicle.AxleEnd;
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
    private final Map<String, OnWheel> wheels;

    private Dear(Map<Object, Meeting> tyres, Map<String, OnWheel> wheels) {
        this.tyres = tyres;
        this.wheels = wheels;
    }

    /**
     * An end with another wheel on it.
     *
     * @param from the end it was made from
     * @param end the end with that wheel
     * @param profile the profile of that wheel
     */
    record OnWheel(AxleEnd from, AxleEnd end, WheelProfile profile) {}

    /** Nothing known yet. */
    static Dear empty() {
        return new Dear(new ConcurrentHashMap<>(), new ConcurrentHashMap<>());
    }

    /** For another kit on the same side. */
    Dear forAnotherKit() {
        return new Dear(tyres, wheels);
    }

    Finding finding(Object hangsOn, Supplier<Finding> work) {
        Finding known = findings.get(hangsOn);
        if (known == null) {
            known = work.get();
            findings.put(hangsOn, known);
        }
        return known;
    }

    /** An end with another wheel on it; kept for the end as found, which most kits are judged on. */
    OnWheel onWheel(AxleEnd end, String wheel, Supplier<AxleEnd> work) {
        OnWheel known = wheels.get(wheel);
        if (known == null) {
            AxleEnd changed = work.get();
            known = new OnWheel(end, changed, WheelProfile.of(changed));
            wheels.put(wheel, known);
        }
        return known.from() == end ? known : new OnWheel(end, work.get(), known.profile());
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
