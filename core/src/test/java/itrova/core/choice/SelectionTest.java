package itrova.core.choice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import itrova.core.finding.CheckId;
import itrova.core.finding.Verdict;
import itrova.core.judge.KitReport;
import itrova.core.judge.Samples;
import itrova.core.judge.WorkPicks;
import itrova.core.kit.Disc;
import itrova.core.kit.Figure;
import itrova.core.kit.Kit;
import itrova.core.kit.KitOption;
import itrova.core.placed.AxleCase;
import itrova.core.remedy.WorkKind;
import itrova.core.search.Search;
import itrova.core.search.Weights;
import itrova.core.settings.ShopSettings;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Side;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** What a search found is what is chosen: judged again it gives the same verdict, the same work, the same price. */
class SelectionTest {
    private static final AxleCase AXLE = Samples.axle(AxleEndKind.FRONT_SPINDLE);

    private static KitOption deeper(String code, String group, double bore) {
        Disc other = Samples.disc().but().bore(Figure.stated(bore, 0.02)).build();
        return new KitOption(
                code,
                "disc " + code,
                group,
                1500,
                4,
                new KitOption.Change(
                        Optional.of(other),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty()));
    }

    private static Kit kit(double bore, KitOption... options) {
        Kit model = Samples.kit();
        return new Kit(
                "K-1",
                model.name(),
                model.supplier(),
                model.fits(),
                model.withDisc(Samples.disc()
                                .but()
                                .bore(Figure.stated(bore, 0.02))
                                .build())
                        .parts(),
                model.terms(),
                model.torques(),
                model.notes(),
                new Kit.Choices(List.of(options), List.of(), List.of()));
    }

    @Test
    void whatWasFoundIsChosenExactly() {
        // as it comes the bore is 1 mm too small for the register; the option fits as it is
        Kit kit = kit(69.8, deeper("B", "disc", 70.87));
        Search.Outcome outcome = Search.run(
                AXLE,
                List.of(kit),
                List.of(),
                ShopSettings.DEFAULTS,
                new Search.Terms(Weights.USUAL, Set.of(WorkKind.BORE_DISC), 3),
                done -> {},
                () -> false);
        assertThat(outcome.best()).isNotEmpty();
        Selection chosen = Selection.of(outcome.best().get(0));
        assertThat(chosen.options()).containsExactly("B");
        KitReport again = chosen.judge(AXLE, kit, Optional.empty(), ShopSettings.DEFAULTS);
        assertThat(again.verdict()).isEqualTo(outcome.best().get(0).report().verdict());
        assertThat(again.works()).isEqualTo(outcome.best().get(0).report().works());
        assertThat(Selection.of("K-1")
                        .judge(AXLE, kit, Optional.empty(), ShopSettings.DEFAULTS)
                        .verdict())
                .isNotEqualTo(Verdict.FITS);
    }

    @Test
    void workPickedIsTakenAndGivesWayOnlyWhereItIsNotOffered() {
        // the hat's fillet of 4 mm rides on the flange's corner: it may be rounded, or the flange turned down
        AxleEnd tight = Samples.end(Side.LEFT, AxleEndKind.FRONT_SPINDLE)
                .length(Callout.FLANGE, Samples.mm(148, 0.05))
                .build();
        Kit kit = kit(70.87)
                .withDisc(Samples.disc()
                        .but()
                        .hatInside(Figure.stated(151, 0.1))
                        .fillet(OptionalDouble.of(3))
                        .build());
        AxleCase axle = Samples.axle(tight);
        KitReport usual = Selection.of(kit.code()).judge(axle, kit, Optional.empty(), ShopSettings.DEFAULTS);
        assertThat(usual.works()).singleElement().matches(w -> w.kind() == WorkKind.ROUND_CORNER);
        WorkPicks turned = new WorkPicks(Map.of(Side.LEFT, Map.of(CheckId.HAT_FLANGE, WorkKind.TURN_FLANGE)));
        Selection picked = new Selection(kit.code(), OptionalInt.empty(), List.of(), Optional.empty(), turned);
        assertThat(picked.judge(axle, kit, Optional.empty(), ShopSettings.DEFAULTS)
                        .works())
                .singleElement()
                .matches(w -> w.kind() == WorkKind.TURN_FLANGE);
        WorkPicks nonsense = new WorkPicks(Map.of(Side.LEFT, Map.of(CheckId.HAT_FLANGE, WorkKind.ADAPTERS)));
        Selection other = new Selection(kit.code(), OptionalInt.empty(), List.of(), Optional.empty(), nonsense);
        assertThat(other.judge(axle, kit, Optional.empty(), ShopSettings.DEFAULTS)
                        .works())
                .isEqualTo(usual.works());
    }

    @Test
    void optionsThatAreNotThereOrExcludeEachOtherAreRefused() {
        Kit kit = kit(70.87, deeper("B", "disc", 70.87), deeper("C", "disc", 70.9));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> selection("Z").optionsOf(kit))
                .withMessageContaining("no option “Z”");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> selection("B", "C").optionsOf(kit))
                .withMessageContaining("replace the same part");
        assertThat(selection("C").optionsOf(kit)).hasSize(1);
    }

    @Test
    void anotherKitOrWheelIsNotJudgedInItsPlace() {
        Selection onAWheel = new Selection("K-1", OptionalInt.empty(), List.of(), Optional.of("W-1"), WorkPicks.USUAL);
        assertThatIllegalArgumentException()
                .isThrownBy(() -> onAWheel.judge(AXLE, kit(70.87), Optional.empty(), ShopSettings.DEFAULTS))
                .withMessageContaining("W-1");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Selection.of("K-2").judge(AXLE, kit(70.87), Optional.empty(), ShopSettings.DEFAULTS));
    }

    @Test
    void theOrderOfOptionsAndAnUnknownEditionMakeNoDifference() {
        assertThat(selection("B", "A")).isEqualTo(selection("A", "B"));
        assertThat(Selection.of("K-1").isSameAs(Selection.of("K-1").inEdition(3)))
                .isTrue();
        assertThat(Selection.of("K-1").inEdition(2).isSameAs(Selection.of("K-1").inEdition(3)))
                .isFalse();
        assertThat(selection("A").isSameAs(selection("B"))).isFalse();
    }

    private static Selection selection(String... options) {
        return new Selection("K-1", OptionalInt.empty(), List.of(options), Optional.empty(), WorkPicks.USUAL);
    }
}
