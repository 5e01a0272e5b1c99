package itrova.server.road;

import itrova.core.brakes.PlannedVehicle;
import itrova.core.road.Recheck;
import itrova.core.road.RoadCase;
import itrova.core.road.RoadGate;
import itrova.core.road.StopRun;
import itrova.core.work.BenchPlan;
import itrova.formats.ReportSeal;
import itrova.server.store.Decision.Drove;
import itrova.server.store.EventStore.EventRow;
import itrova.server.store.JobStore.JobRow;
import itrova.server.work.BenchCards.Standing;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * The road card as it stands.
 *
 * @param entries oldest first
 * @param work of each axle something was ordered for
 * @param moves tried since the last work, oldest first
 */
record RoadState(
        JobRow job,
        PlannedVehicle vehicle,
        List<Kept> entries,
        List<Standing> work,
        List<Kept> moves,
        RoadCase roadCase,
        RoadGate gate) {
    /** An entry that was not taken back. */
    record Kept(EventRow event, Drove drove) {
        boolean is(Drove.What what) {
            return drove.what() == what;
        }
    }

    /** Who hands over and takes over. */
    enum Signer {
        MECHANIC,
        LEAD,
        OWNER
    }

    /** A signature under the vehicle as it stands. */
    record Signature(Signer as, String name, String by, Instant at) {}

    List<Kept> of(Drove.What what) {
        return entries.stream().filter(k -> k.is(what)).toList();
    }

    List<BenchPlan> plans() {
        return work.stream().map(Standing::plan).toList();
    }

    /** What the owner is told of: tightened without a torque read, or let pass. */
    List<String> listed() {
        List<String> all = new ArrayList<>();
        work.forEach(w -> all.addAll(w.marked()));
        work.forEach(w -> all.addAll(w.letPass()));
        return all;
    }

    /** Names what is signed: everything that stands on the card but the signatures and what came after. */
    String seal() {
        return ReportSeal.of(entries.stream()
                        .filter(k ->
                                !k.is(Drove.What.SIGNED) && !k.is(Drove.What.RECHECK) && !k.is(Drove.What.ODOMETER))
                        .map(k -> k.event().id() + ":" + k.drove().payload())
                        .toList()
                + gate.toString()
                + work.stream().map(w -> w.plan().steps().toString()).toList()
                + listed());
    }

    List<Signature> signatures() {
        Map<Signer, Signature> standing = new EnumMap<>(Signer.class);
        for (Kept k : of(Drove.What.SIGNED)) {
            if (k.drove().told("seal").equals(seal())) {
                Signer as = Signer.valueOf(k.drove().told("as"));
                standing.put(
                        as,
                        new Signature(
                                as,
                                k.drove().told("name"),
                                k.event().by(),
                                k.event().at()));
            }
        }
        return List.copyOf(standing.values());
    }

    boolean isHandedOver() {
        return gate.isHandedOver() && signatures().size() == Signer.values().length;
    }

    /** Whether it was handed over before and something has changed since. */
    boolean isChangedSince() {
        return !isHandedOver()
                && of(Drove.What.SIGNED).stream()
                        .anyMatch(k -> k.drove().told("as").equals(Signer.OWNER.name()));
    }

    OptionalDouble startKm() {
        return of(Drove.What.ODOMETER).stream()
                .mapToDouble(k -> Double.parseDouble(k.drove().told("km")))
                .findFirst();
    }

    OptionalDouble nowKm() {
        return entries.stream()
                .filter(k -> k.drove().told().containsKey("km"))
                .mapToDouble(k -> Double.parseDouble(k.drove().told("km")))
                .max();
    }

    /** Day of the first move that went well since the last work; absent before it. */
    Optional<LocalDate> start() {
        return moves.stream()
                .filter(k -> k.drove().told("fine").equals("true"))
                .findFirst()
                .map(k -> LocalDate.ofInstant(k.event().at(), ZoneId.systemDefault()));
    }

    /** How hot a disc was last read while it was bedded in (°C). */
    OptionalDouble lastHeat() {
        return of(Drove.What.STOP).stream()
                .filter(k -> k.drove().told().containsKey("celsius"))
                .mapToDouble(k -> Double.parseDouble(k.drove().told("celsius")))
                .reduce((first, second) -> second);
    }

    List<Recheck> rechecks() {
        return Recheck.of(
                Recheck.holding(plans(), work.stream().anyMatch(w -> !w.marked().isEmpty())));
    }

    Optional<Kept> done(Recheck recheck) {
        return of(Drove.What.RECHECK).stream()
                .filter(k -> k.drove().told("id").equals(recheck.id()))
                .findFirst();
    }

    List<StopRun> runs(String when) {
        return of(Drove.What.RUN).stream()
                .filter(k -> k.drove().told("when").equals(when))
                .map(k -> new StopRun(
                        Double.parseDouble(k.drove().told("speed")),
                        Double.parseDouble(k.drove().told("distance"))))
                .toList();
    }
}
