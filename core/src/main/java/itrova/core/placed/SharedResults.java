package itrova.core.placed;

import itrova.core.clearance.Sweep.Meeting;
import itrova.core.clearance.WheelProfile;
import itrova.core.vehicle.AxleEnd;
import java.util.HashMap;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Supplier;

/**
 * What is costly to work out and can be used again.
 *
 * <p>Results are used again by the cases worked from one kit on one side; how near the tyre comes to the chassis by every kit
 * on that side, for it hangs on the kit only by where the wheel stands.
 */
public final class SharedResults {
    private final Map<Object, Object> results = new HashMap<>();
    private final Map<Object, Meeting> tyres;
    private final Map<String, OnWheel> wheels;

    private SharedResults(Map<Object, Meeting> tyres, Map<String, OnWheel> wheels) {
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
    public record OnWheel(AxleEnd from, AxleEnd end, WheelProfile profile) {}

    /** Nothing known yet. */
    public static SharedResults empty() {
        return new SharedResults(new ConcurrentHashMap<>(), new ConcurrentHashMap<>());
    }

    /** For another kit on the same side. */
    public SharedResults forAnotherKit() {
        return new SharedResults(tyres, wheels);
    }

    /**
     * A result of one kit on this side, worked out once.
     *
     * @param hangsOn all the result hangs on, with equality
     */
    public <T> T once(Class<T> type, Object hangsOn, Supplier<T> work) {
        Object known = results.get(hangsOn);
        if (known == null) {
            known = work.get();
            results.put(hangsOn, known);
        }
        return type.cast(known);
    }

    /** An end with another wheel on it; kept for the end as found, which most kits are judged on. */
    public OnWheel onWheel(AxleEnd end, String wheel, Supplier<AxleEnd> work) {
        OnWheel known = wheels.get(wheel);
        if (known == null) {
            AxleEnd changed = work.get();
            known = new OnWheel(end, changed, WheelProfile.of(changed));
            wheels.put(wheel, known);
        }
        return known.from() == end ? known : new OnWheel(end, work.get(), known.profile());
    }

    public Meeting tyre(Object hangsOn, Supplier<Meeting> work) {
        Meeting known = tyres.get(hangsOn);
        if (known == null) {
            known = work.get();
            tyres.put(hangsOn, known);
        }
        return known;
    }
}
