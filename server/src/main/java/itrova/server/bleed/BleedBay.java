package itrova.server.bleed;

import itrova.core.bench.BleedLog;
import itrova.core.bench.BleedOrder.School;
import itrova.core.brakes.AirEstimate;
import itrova.core.brakes.AirEstimate.PedalReading;
import itrova.core.brakes.BrakeQuantity;
import itrova.core.brakes.PlannedVehicle;
import itrova.core.brakes.QuantityAt;
import itrova.core.quantity.Measured;
import itrova.core.road.RoadCase;
import itrova.core.vehicle.Side;
import itrova.core.vehicle.VehicleSheet;
import itrova.core.work.BleedPlan;
import itrova.server.api.BadInputException;
import itrova.server.api.ConflictException;
import itrova.server.axle.Workbench;
import itrova.server.store.Decision;
import itrova.server.store.Decision.Bled;
import itrova.server.store.EventStore;
import itrova.server.store.EventStore.EventRow;
import itrova.server.store.EventStore.Place;
import itrova.server.store.JobStore;
import itrova.server.store.JobStore.JobRow;
import itrova.server.store.NotFoundException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is bled of a job's vehicle, and the log of it. */
@Service
public class BleedBay {
    private final JobStore jobs;
    private final Workbench bench;
    private final EventStore events;

    BleedBay(JobStore jobs, Workbench bench, EventStore events) {
        this.jobs = jobs;
        this.bench = bench;
        this.events = events;
    }

    /** An entry that was not taken back. */
    record Kept(EventRow event, Bled bled) {}

    /**
     * The bay as it stands.
     *
     * @param entries oldest first
     * @param reservoir what it holds (cm³), where somebody told
     */
    record Bay(JobRow job, PlannedVehicle vehicle, BleedPlan plan, List<Kept> entries, OptionalDouble reservoir) {
        BleedLog log() {
            List<BleedLog.Entry> log = new ArrayList<>();
            for (Kept kept : entries) {
                switch (kept.bled().what()) {
                    case POINT -> log.add(point(kept.bled()));
                    case TOPPED_UP -> log.add(new BleedLog.ToppedUp());
                    case RAN_DRY -> log.add(new BleedLog.RanDry());
                    default -> {
                        // no fluid is drawn by it
                    }
                }
            }
            return new BleedLog(log);
        }

        /** Whether the pedal was read since a nipple was last open. */
        boolean isPedalRead() {
            boolean isRead = false;
            for (Kept kept : entries) {
                switch (kept.bled().what()) {
                    // two readings that tell nothing are no reading
                    case PEDAL -> isRead = kept.bled().told().containsKey("air");
                    case POINT, RAN_DRY -> isRead = false;
                    default -> {
                        // nothing was opened
                    }
                }
            }
            return isRead;
        }

        /** Joints by their key: whether they were dry when looked at last. */
        Map<String, Boolean> joints() {
            Map<String, Boolean> dry = new HashMap<>();
            for (Kept kept : entries) {
                switch (kept.bled().what()) {
                    case JOINT ->
                        dry.put(
                                kept.bled().told().get("joint"),
                                Boolean.parseBoolean(kept.bled().told().get("dry")));
                    // a line that was opened again is to be looked at again
                    case POINT, RAN_DRY -> dry.clear();
                    default -> {
                        // nothing was opened
                    }
                }
            }
            return dry;
        }
    }

    private static BleedLog.Bled point(Bled bled) {
        return new BleedLog.Bled(
                bled.told().get("point"),
                Integer.parseInt(bled.told().get("strokes")),
                Boolean.parseBoolean(bled.told().get("bubbles")),
                Double.parseDouble(bled.told().get("fluid")));
    }

    Bay of(long jobId, School school, Side driver) {
        JobRow job = jobs.job(jobId);
        PlannedVehicle vehicle = bench.vehicle(jobId);
        BleedPlan plan;
        try {
            plan = BleedPlan.of(vehicle, school, driver, job.sheet().brakes().isolates() == VehicleSheet.Seen.YES);
        } catch (IllegalArgumentException e) {
            throw new ConflictException(e.getMessage());
        }
        return new Bay(job, vehicle, plan, entries(jobId), reservoir(vehicle));
    }

    /** How bleeding stands, for the road; absent where nothing can be said of the circuit. */
    @Transactional(readOnly = true)
    public Optional<RoadCase.Bleeding> standing(long jobId) {
        PlannedVehicle vehicle = bench.vehicle(jobId);
        if (vehicle.problem().isPresent()) {
            return Optional.empty();
        }
        Bay bay = of(jobId, School.FARTHEST_FIRST, Side.LEFT);
        BleedLog log = bay.log();
        Map<String, Boolean> dry = bay.joints();
        return Optional.of(new RoadCase.Bleeding(
                bay.plan().points().stream()
                        .filter(p -> log.state(p.wheel().key()) != BleedLog.State.CLEAR)
                        .map(BleedPlan.Point::name)
                        .toList(),
                bay.plan().fittings().stream()
                        .filter(j -> !Boolean.TRUE.equals(dry.get(j.key())))
                        .map(BleedPlan.Joint::title)
                        .toList(),
                vehicle.isTrailer() || bay.isPedalRead()));
    }

    private static OptionalDouble reservoir(PlannedVehicle vehicle) {
        return vehicle.planned()
                .measured(QuantityAt.vehicle(BrakeQuantity.RESERVOIR))
                .map(Measured::value)
                .map(OptionalDouble::of)
                .orElse(OptionalDouble.empty());
    }

    private List<Kept> entries(long jobId) {
        List<Kept> all = new ArrayList<>();
        Set<String> back = new HashSet<>();
        for (EventRow e : events.ofJob(jobId)) {
            Decision.of(e).ifPresent(d -> {
                if (d instanceof Bled bled) {
                    if (bled.what() == Bled.What.TAKEN_BACK) {
                        back.add(bled.told().get("of"));
                    } else {
                        all.add(new Kept(e, bled));
                    }
                }
            });
        }
        all.removeIf(k -> back.contains(Long.toString(k.event().id())));
        return all;
    }

    /** Logs that a point was bled. */
    @Transactional
    public void point(long jobId, BleedLog.Bled done, String way, long personId) {
        Bay bay = of(jobId, School.FARTHEST_FIRST, Side.LEFT);
        if (bay.plan().points().stream().noneMatch(p -> p.wheel().key().equals(done.point()))) {
            throw BadInputException.of("point", done.point(), "“" + done.point() + "” is no point that is bled here.");
        }
        add(
                jobId,
                new Bled(
                        Bled.What.POINT,
                        Map.of(
                                "point", done.point(),
                                "way", way,
                                "strokes", Integer.toString(done.strokes()),
                                "bubbles", Boolean.toString(done.bubbles()),
                                "fluid", Double.toString(done.fluid()))),
                personId);
    }

    /** Logs that the reservoir was filled, or that it ran dry. */
    @Transactional
    public void reservoir(long jobId, boolean isDry, long personId) {
        jobs.job(jobId);
        add(jobId, new Bled(isDry ? Bled.What.RAN_DRY : Bled.What.TOPPED_UP, Map.of()), personId);
    }

    /** Logs that a joint was looked at under full pressure. */
    @Transactional
    public void joint(long jobId, String joint, boolean isDry, long personId) {
        Bay bay = of(jobId, School.FARTHEST_FIRST, Side.LEFT);
        if (bay.plan().fittings().stream().noneMatch(j -> j.key().equals(joint))) {
            throw BadInputException.of("joint", joint, "“" + joint + "” is no joint of this circuit.");
        }
        add(jobId, new Bled(Bled.What.JOINT, Map.of("joint", joint, "dry", Boolean.toString(isDry))), personId);
    }

    /** Logs two readings of the pedal with what comes of them. */
    @Transactional
    public AirEstimate pedal(long jobId, PedalReading low, PedalReading high, long personId) {
        Bay bay = of(jobId, School.FARTHEST_FIRST, Side.LEFT);
        AirEstimate air = AirEstimate.of(bay.vehicle().planned(), low, high);
        Map<String, String> told = new HashMap<>(Map.of(
                "low", low.force() + " N at " + low.travel() + " mm",
                "high", high.force() + " N at " + high.travel() + " mm",
                "why", air.why()));
        air.volume().ifPresent(v -> {
            told.put("air", Double.toString(v.value()));
            told.put("doubt", Double.toString(v.expanded()));
        });
        add(jobId, new Bled(Bled.What.PEDAL, told), personId);
        return air;
    }

    /** Takes an entry back; it stays in the log with that. */
    @Transactional
    public void takeBack(long jobId, long entry, long personId) {
        if (entries(jobId).stream().noneMatch(k -> k.event().id() == entry)) {
            throw new NotFoundException("Entry " + entry + " of the bleed bay");
        }
        add(jobId, new Bled(Bled.What.TAKEN_BACK, Map.of("of", Long.toString(entry))), personId);
    }

    private void add(long jobId, Bled bled, long personId) {
        events.add(Place.job(jobId), bled, personId);
    }
}
