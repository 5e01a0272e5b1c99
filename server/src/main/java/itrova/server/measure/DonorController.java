package itrova.server.measure;

import itrova.core.kit.Kit;
import itrova.core.vehicle.Side;
import itrova.core.vehicle.Surroundings;
import itrova.core.vehicle.WheelDetails.DonorLook;
import itrova.server.api.BadInputException;
import itrova.server.axle.Workbench;
import itrova.server.store.JobStore.AxleRow;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What was looked at on parts bought from a donor vehicle: the part itself proves it, seen by somebody. */
@RestController
@RequestMapping("/api/axles/{axleId}/donor/{kit}")
public class DonorController {
    private final Workbench bench;
    private final AroundChanges changes;

    DonorController(Workbench bench, AroundChanges changes) {
        this.bench = bench;
        this.changes = changes;
    }

    /** All that is to be looked at, side by side. */
    public record DonorView(int version, List<LookView> looks) {}

    /** One thing to look at; isSo is absent until somebody looked. */
    public record LookView(Side side, String at, @Nullable Boolean isSo) {}

    public record LookChange(
            int version,
            @NotNull Side side,
            @NotNull @Size(max = 500) String at,
            boolean isSo) {}

    @GetMapping
    public DonorView looks(@PathVariable long axleId, @PathVariable String kit) {
        return view(bench.axle(axleId), bench.kit(kit));
    }

    @PutMapping
    public DonorView look(@PathVariable long axleId, @PathVariable String kit, @Valid @RequestBody LookChange body) {
        AxleRow row = bench.lockedAxle(axleId);
        Kit asks = bench.kit(kit);
        if (!asks.fitting().donorChecks().contains(body.at())) {
            throw BadInputException.of(
                    "at",
                    body.at(),
                    "Kit " + kit + " asks to look at: "
                            + String.join("; ", asks.fitting().donorChecks()));
        }
        Map<Side, Surroundings> sides = new EnumMap<>(Side.class);
        sides.putAll(row.around());
        Surroundings before = sides.getOrDefault(body.side(), Surroundings.UNSEEN);
        DonorLook look = new DonorLook(asks.code(), body.at(), body.isSo());
        sides.put(body.side(), before.with(before.details().with(look)));
        changes.write(row, body.version(), sides);
        return view(bench.axle(axleId), asks);
    }

    private static DonorView view(AxleRow row, Kit kit) {
        return new DonorView(
                row.version(),
                Arrays.stream(Side.values())
                        .flatMap(side -> kit.fitting().donorChecks().stream().map(at -> look(row, kit, side, at)))
                        .toList());
    }

    private static LookView look(AxleRow row, Kit kit, Side side, String at) {
        Optional<DonorLook> seen = row.around().getOrDefault(side, Surroundings.UNSEEN).details().donor().stream()
                .filter(l -> l.kit().equals(kit.code()) && l.at().equals(at))
                .findFirst();
        return new LookView(side, at, seen.map(DonorLook::isSo).orElse(null));
    }
}
