package itrova.server.brakes;

import itrova.core.brakes.BrakeQuantity;
import itrova.core.brakes.PlanSearch;
import itrova.core.brakes.PlannedVehicle;
import itrova.core.choice.Selection;
import itrova.core.kit.Kit;
import itrova.server.api.CurrentPerson;
import itrova.server.axle.SelectionView;
import itrova.server.axle.Workbench;
import itrova.server.brakes.BrakesController.FittedForm;
import itrova.server.store.JobStore.AxleRow;
import itrova.server.store.KitStore;
import itrova.server.store.NotFoundException;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Parts that would make the brakes proven, looked for piece by piece so that it can be watched and stopped. Keeps nothing. */
@RestController
public class ProposalController {
    private static final int MOST_SETS = 5000;

    private final VehicleBrakes brakes;
    private final Workbench bench;
    private final KitStore kits;
    private final CurrentPerson me;

    ProposalController(VehicleBrakes brakes, Workbench bench, KitStore kits, CurrentPerson me) {
        this.brakes = brakes;
        this.bench = bench;
        this.kits = kits;
        this.me = me;
    }

    /**
     * Where the search stands: whoever asks keeps the best and tells of it.
     *
     * @param count how many sets at most
     * @param open critical findings the best so far leaves open; absent where there is none yet
     */
    public record PieceForm(
            @Min(0) int from,
            @Min(1) @Max(MOST_SETS) int count,
            @Nullable Long open,
            long cents,
            @Min(0) int compared) {
        private Optional<PlanSearch.SoFar> soFar() {
            return Optional.ofNullable(open).map(o -> new PlanSearch.SoFar(o, cents, compared));
        }
    }

    /** The same with a kit that is thought of for the axle. */
    public record KitPieceForm(
            @NotNull @Valid PieceForm piece,
            @NotBlank @Size(max = 40) String kit,
            @NotNull @Valid SelectionView with) {}

    /** Parts of the catalogue that leave less open, and what of the brakes is still open with them. */
    public record ProposalView(
            List<FittedForm> parts,
            List<String> names,
            Map<BrakeQuantity, String> settings,
            long cents,
            long openCount,
            boolean proven,
            String open) {}

    /** A piece of the search; it is over when the next piece begins at the total. Version is that of the job it was asked of. */
    public record ProposalPiece(
            int version,
            int next,
            int total,
            int compared,
            @Nullable ProposalView best) {}

    @PostMapping("/api/jobs/{jobId}/brakes/proposal")
    public ProposalPiece proposal(@PathVariable long jobId, @Valid @RequestBody PieceForm body) {
        VehicleBrakes.State s = brakes.of(jobId);
        return piece(s.job().version(), s.vehicle(), body);
    }

    @PostMapping("/api/axles/{axleId}/brakes/proposal")
    public ProposalPiece proposalWithKit(@PathVariable long axleId, @Valid @RequestBody KitPieceForm body) {
        AxleRow row = bench.axle(axleId);
        Selection asked = body.with().with(body.kit());
        Kit kit = kits.find(body.kit())
                .map(k -> k.with(asked.optionsOf(k)))
                .orElseThrow(() -> new NotFoundException("Kit " + body.kit()));
        VehicleBrakes.State s = brakes.of(row.jobId());
        return piece(s.job().version(), s.vehicle().with(row.name(), kit), body.piece());
    }

    private ProposalPiece piece(int version, PlannedVehicle vehicle, PieceForm body) {
        PlanSearch.Piece piece = PlanSearch.piece(vehicle, body.from(), body.count(), body.soFar());
        return new ProposalPiece(
                version,
                piece.next(),
                piece.total(),
                piece.compared(),
                piece.best().map(p -> view(vehicle, p)).orElse(null));
    }

    private ProposalView view(PlannedVehicle vehicle, PlanSearch.Proposal p) {
        return new ProposalView(
                p.parts().stream()
                        .map(f -> new FittedForm(f.code(), f.axle().orElse(null)))
                        .toList(),
                p.parts().stream()
                        .map(f -> vehicle.catalogue().get(f.code()).name())
                        .toList(),
                p.settings(),
                p.cents(),
                p.open(),
                p.report().isProven(),
                me.wording().say(p.report().summary()));
    }
}
