package itrova.server.axle;

import itrova.core.choice.Selection;
import itrova.core.finding.CheckId;
import itrova.core.judge.WorkPicks;
import itrova.core.remedy.WorkKind;
import itrova.core.vehicle.Side;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/**
 * What was found besides the kit itself, as it is handed out and taken back to be chosen.
 *
 * @param options codes of the options taken
 * @param wheel code of the wheel put on instead of the one found
 * @param works work picked
 */
public record SelectionView(
        @NotNull @Size(max = 40) List<@NotNull @Size(max = 40) String> options,
        @Nullable @Size(max = 40) String wheel,
        @NotNull @Size(max = 100) List<@NotNull @Valid PickView> works) {
    /** A kind of work picked for a check on a side. */
    public record PickView(
            @NotNull Side side,
            @NotNull CheckId check,
            @NotNull WorkKind work) {}

    public static SelectionView of(Selection s) {
        List<PickView> works = new ArrayList<>();
        new TreeMap<>(s.works().bySide()).forEach((side, picks) -> new TreeMap<>(picks)
                .forEach((check, kind) -> works.add(new PickView(side, check, kind))));
        return new SelectionView(s.options(), s.wheel().orElse(null), works);
    }

    /** The selection of a kit with these. */
    public Selection with(String kit) {
        Map<Side, Map<CheckId, WorkKind>> picks = new EnumMap<>(Side.class);
        works.forEach(p -> picks.computeIfAbsent(p.side(), s -> new EnumMap<>(CheckId.class))
                .put(p.check(), p.work()));
        return new Selection(kit, OptionalInt.empty(), options, Optional.ofNullable(wheel), new WorkPicks(picks));
    }
}
