package itrova.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import itrova.core.finding.CheckId;
import itrova.core.finding.Finding;
import itrova.core.finding.Verdict;
import itrova.core.judge.FitEngine;
import itrova.core.judge.KitReport;
import itrova.core.kit.Contradiction;
import itrova.core.kit.Kit;
import itrova.core.kit.PaperFigure;
import itrova.core.settings.ShopSettings;
import itrova.core.vehicle.Side;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Figures of a kit's papers that cannot be, or are no figures: refused by their place with the remedy; what is stored stays readable. */
class KitFiguresTest {
    private static String document() {
        return KitDocument.write(DemoData.kits().stream()
                .filter(k -> !k.choices().clashes().isEmpty())
                .limit(1)
                .toList());
    }

    @Test
    void aMisspeltFigureIsRefusedWithTheNearestName() {
        String text = document().replace("disc.hat_depth_mm", "disc.hat_dept_mm");
        assertThatThrownBy(() -> KitDocument.read("kits.json", text))
                .isInstanceOf(DocumentException.class)
                .hasMessageContaining("contradictions")
                .hasMessageContaining("disc.hat_dept_mm")
                .hasMessageContaining("Is “disc.hat_depth_mm” meant?");
        assertThat(KitDocument.readStored(text).choices().clashes()).isEmpty();
    }

    /** A shoulder is neither bore nor pilot: without a tolerance it has the shop's general class. */
    @Test
    void aShoulderWithoutToleranceTakesTheGeneralClass() {
        Kit studded = DemoData.kits().stream()
                .filter(k -> k.studs().isPresent())
                .findFirst()
                .orElseThrow();
        String text = KitDocument.write(List.of(studded))
                .replaceFirst("(?s)\"shoulder_mm\" : \\{[^}]*}", "\"shoulder_mm\" : 12.7");
        assertThat(KitDocument.read("k", text)
                        .get(0)
                        .studs()
                        .orElseThrow()
                        .shoulder()
                        .tolerance())
                .isEqualTo(itrova.core.kit.Figure.GENERAL_TOLERANCE);
    }

    @Test
    void aDiscMayBeDrilledForAnyNumberOfPatterns() {
        String pattern = "{\"count\": 5, \"circle_mm\": 114.3, \"hole_mm\": 13.4}";
        String text = document()
                .replaceFirst(
                        "(?s)\"patterns\" : \\[.*?\\]", "\"patterns\" : [" + (pattern + ",").repeat(4) + pattern + "]");
        assertThat(KitDocument.read("k", text).get(0).disc().patterns()).hasSize(5);
    }

    @Test
    void everyFigureThereIsReadsBack() {
        for (itrova.core.kit.PaperFigure figure : itrova.core.kit.PaperFigure.values()) {
            Kit kit = KitDocument.read("kits.json", document()).get(0);
            Kit other = new Kit(
                    kit.code(),
                    kit.name(),
                    kit.supplier(),
                    kit.fits(),
                    kit.parts(),
                    kit.terms(),
                    kit.torques(),
                    kit.notes(),
                    new Kit.Choices(
                            List.of(), List.of(new itrova.core.kit.Contradiction(figure, "a", "b")), List.of()));
            assertThat(KitDocument.read("kits.json", KitDocument.write(List.of(other)))
                            .get(0)
                            .contradicts(figure))
                    .as(figure.key())
                    .isTrue();
        }
    }

    @Test
    void aTorqueThatCannotBeForTheBoltIsRefused() {
        String sound = document();
        assertThat(sound).contains("\"thread\" : \"7/16-20\"");
        for (String slip : List.of("\"55 lbf·in\"", "\"550 lbf·ft\"")) {
            String text = sound.replaceFirst("\"torque_Nm\" : [0-9.]+", "\"torque_Nm\" : " + slip);
            assertThatThrownBy(() -> KitDocument.read("kits.json", text))
                    .as(slip)
                    .isInstanceOf(DocumentException.class)
                    .hasMessageContaining("torques")
                    .hasMessageContaining("unit has slipped");
            assertThat(KitDocument.readStored(text).torques()).isNotEmpty();
        }
        assertThat(KitDocument.read(
                        "kits.json", sound.replaceFirst("\"torque_Nm\" : [0-9.]+", "\"torque_Nm\" : \"60 lbf·ft\"")))
                .hasSize(1);
    }

    /** 168 mm is not 6.50 in (165.1 mm), but papers round so: the doubt holds both, and the kit says so. */
    @Test
    void twoUnitsRoundedByHandAreOneFigureWithADoubtThatHoldsBoth() {
        String text = document()
                .replaceFirst("(?s)\"hat_inside_mm\" : \\{[^}]*}", "\"hat_inside_mm\" : \"168 mm (6.50 in)\"");
        assertThat(text).contains("6.50 in");
        Kit kit = KitDocument.read("k", text).get(0);
        itrova.core.kit.Figure hat = kit.disc().hatInside();
        assertThat(hat.value() - hat.tolerance()).isLessThanOrEqualTo(165.1 + 1e-9);
        assertThat(hat.value() + hat.tolerance()).isGreaterThanOrEqualTo(168);
        assertThat(kit.notes()).anySatisfy(n -> assertThat(n).contains("hat_inside_mm", "168 mm (6.50 in)", "2.90 mm"));
        assertThat(KitDocument.read("k", KitDocument.write(List.of(kit)))
                        .get(0)
                        .disc()
                        .hatInside())
                .isEqualTo(hat);
    }

    /** 178 mm is not 6 1/2 in: nothing that goes by the hat's inside is proven, and the rest of the kit is kept. */
    @Test
    void twoUnitsThatCannotBeOneMeasureLeaveThatFigureUnusable() {
        String text = document()
                .replaceFirst("(?s)\"hat_inside_mm\" : \\{[^}]*}", "\"hat_inside_mm\" : \"178 mm (6 1/2 in)\"");
        Kit kit = KitDocument.read("k", text).get(0);
        assertThat(kit.contradicts(PaperFigure.DISC_HAT_INSIDE)).isTrue();
        assertThat(kit.choices().clashes())
                .as("beside the one its papers were known to have")
                .contains(new Contradiction(PaperFigure.DISC_HAT_INSIDE, "178.00 mm", "6.50 in"));
        assertThat(kit.contradicts(PaperFigure.DISC_BORE)).isFalse();
        Kit back = KitDocument.read("k", KitDocument.write(List.of(kit))).get(0);
        assertThat(back.choices().clashes()).isEqualTo(kit.choices().clashes());
        KitReport report = FitEngine.match(
                        DemoData.jobs().get(0).axles().get(0).toCase(List.of(Side.values())),
                        List.of(kit),
                        ShopSettings.DEFAULTS)
                .get(0);
        assertThat(report.findings())
                .filteredOn(f -> f.check() == CheckId.HAT_FLANGE)
                .extracting(Finding::verdict)
                .containsOnly(Verdict.NOT_PROVEN);
    }

    @Test
    void aClashNoCheckCouldBeToldOfIsRefused() {
        String text = document()
                .replaceFirst(
                        "\"price\"",
                        "\"stack\":{\"bolts\":{\"thread\":\"3/8-24\",\"length_mm\":\"30 mm (2 in)\"}},\"price\"");
        assertThatThrownBy(() -> KitDocument.read("k", text))
                .isInstanceOf(DocumentException.class)
                .hasMessageContaining("stack.bolts.length_mm")
                .hasMessageContaining("clash");
    }
}
