package itrova.core.choice;

import itrova.core.judge.FitEngine;
import itrova.core.judge.KitReport;
import itrova.core.judge.WorkPicks;
import itrova.core.kit.Kit;
import itrova.core.kit.KitOption;
import itrova.core.placed.AxleCase;
import itrova.core.receive.Incoming;
import itrova.core.search.Combination;
import itrova.core.settings.ShopSettings;
import itrova.core.vehicle.Wheel;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * What was chosen for one axle: everything a verdict hangs on besides the axle itself and the shop's limits.
 *
 * @param kit code of the kit
 * @param edition edition of the kit it was judged with; absent where editions are not kept
 * @param options codes of the options taken
 * @param wheel code of the wheel put on instead of the one found, if any
 * @param works the work picked where a misfit can be mended in more than one way
 */
public record Selection(
        String kit, OptionalInt edition, List<String> options, Optional<String> wheel, WorkPicks works) {
    public Selection {
        options = options.stream().sorted().toList();
    }

    /** A kit as it comes, on the wheel found, with the usual work. */
    public static Selection of(String kit) {
        return new Selection(kit, OptionalInt.empty(), List.of(), Optional.empty(), WorkPicks.USUAL);
    }

    /** Exactly what a search found. */
    public static Selection of(Combination found) {
        return new Selection(
                found.report().kit().code(),
                OptionalInt.empty(),
                found.options().stream().map(KitOption::code).toList(),
                found.wheel().map(Wheel::code),
                WorkPicks.of(found.report()));
    }

    /** Whether it is the kit as it comes, on the wheel found, with the usual work. */
    public boolean isAsItComes() {
        return options.isEmpty() && wheel.isEmpty() && works.equals(WorkPicks.USUAL);
    }

    /** Whether both mean the same; an edition nobody told means any. */
    public boolean isSameAs(Selection other) {
        boolean sameEdition = edition.isEmpty() || other.edition.isEmpty() || edition.equals(other.edition);
        return sameEdition
                && kit.equals(other.kit)
                && options.equals(other.options)
                && wheel.equals(other.wheel)
                && works.equals(other.works);
    }

    /** The same with the edition of the kit told. */
    public Selection inEdition(int told) {
        return new Selection(kit, OptionalInt.of(told), options, wheel, works);
    }

    /**
     * The options taken, as the kit has them.
     *
     * @throws IllegalArgumentException naming an option the kit does not have, or two of one group
     */
    public List<KitOption> optionsOf(Kit of) {
        List<KitOption> taken = options.stream()
                .map(code -> of.choices().options().stream()
                        .filter(o -> o.code().equals(code))
                        .findFirst()
                        .orElseThrow(() ->
                                new IllegalArgumentException("Kit " + of.code() + " has no option “" + code + "”.")))
                .toList();
        if (taken.stream().map(KitOption::group).distinct().count() != taken.size()) {
            throw new IllegalArgumentException("Of the options " + String.join(", ", options)
                    + " two replace the same part: one of each group can be taken.");
        }
        return taken;
    }

    /**
     * Judges it on every side given.
     *
     * @param of the kit, in the edition chosen
     * @param on the wheel named, where one is
     * @throws IllegalArgumentException if kit, options or wheel are not those named
     */
    public KitReport judge(AxleCase axle, Kit of, Optional<Wheel> on, ShopSettings settings) {
        return judge(axle, of, on, settings, Incoming.NONE);
    }

    /** The same with what was measured of it when it was unpacked. */
    public KitReport judge(AxleCase axle, Kit of, Optional<Wheel> on, ShopSettings settings, Incoming came) {
        if (!of.code().equals(kit) || !on.map(Wheel::code).equals(wheel)) {
            throw new IllegalArgumentException("This is kit " + of.code() + " on wheel "
                    + on.map(Wheel::code).orElse("found") + ", not " + describe() + ".");
        }
        return FitEngine.report(
                on.map(axle::withWheel).orElse(axle), came.asItCame(of.with(optionsOf(of))), settings, works);
    }

    /** Kit, options and wheel in a few words. */
    public String describe() {
        return kit
                + (options.isEmpty() ? "" : " with " + String.join(", ", options))
                + wheel.map(w -> " on wheel " + w).orElse("");
    }
}
