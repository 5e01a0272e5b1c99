package itrova.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import itrova.core.kit.Kit;
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

    @Test
    void twoUnitsThatCannotBeOneMeasureAreRefused() {
        String text = document()
                .replaceFirst("(?s)\"hat_inside_mm\" : \\{[^}]*}", "\"hat_inside_mm\" : \"178 mm (6 1/2 in)\"");
        assertThatThrownBy(() -> KitDocument.read("k", text))
                .isInstanceOf(DocumentException.class)
                .hasMessageContaining("hat_inside_mm")
                .hasMessageContaining("clash");
    }
}
