package itrova.server.axle;

import itrova.core.placed.VehicleCase;
import itrova.core.work.BenchPlan;
import itrova.core.work.PlanCase;
import itrova.server.store.JobStore;
import itrova.server.store.JobStore.AxleRow;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** The axles of one vehicle with what is chosen and ordered for each: what serves the whole vehicle goes with one of them. */
@Component
public class VehicleAxles {
    private final JobStore jobs;
    private final Workbench bench;
    private final Releases releases;

    VehicleAxles(JobStore jobs, Workbench bench, Releases releases) {
        this.jobs = jobs;
        this.bench = bench;
        this.releases = releases;
    }

    /**
     * A vehicle's axles, and which of them is meant.
     *
     * @param index of the axle meant
     */
    public record Among(VehicleCase vehicle, int index) {
        public boolean carriesVehicle() {
            return vehicle.carriesVehicle(index);
        }
    }

    /** The axles of the vehicle an axle belongs to. */
    public Among of(AxleRow axle) {
        List<AxleRow> rows = jobs.axles(axle.jobId());
        return new Among(
                new VehicleCase(rows.stream()
                        .map(row -> new VehicleCase.OnAxle(
                                row.name(),
                                bench.chosenKit(row),
                                row.chosen()
                                        .flatMap(s -> releases.order(row.id(), s))
                                        .isPresent()))
                        .toList()),
                rows.stream().map(AxleRow::id).toList().indexOf(axle.id()));
    }

    /** The plan of the work as it would be made now. */
    public BenchPlan plan(Chosen chosen) {
        return BenchPlan.of(new PlanCase(
                chosen.report(),
                chosen.row().form(),
                Optional.of(chosen.vehicle()),
                chosen.row().name(),
                of(chosen.row()).carriesVehicle()));
    }
}
