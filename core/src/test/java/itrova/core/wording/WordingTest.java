package itrova.core.wording;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalStateException;

import itrova.core.brakes.BrakeCheck;
import itrova.core.brakes.BrakeQuantity;
import itrova.core.finding.CheckId;
import itrova.core.finding.Finding;
import itrova.core.judge.FitEngine;
import itrova.core.judge.Samples;
import itrova.core.kit.Figure;
import itrova.core.kit.Kit;
import itrova.core.measure.ReadingSpec;
import itrova.core.phrase.Amount;
import itrova.core.phrase.Phrase;
import itrova.core.quantity.UnitSystem;
import itrova.core.road.FirstMove;
import itrova.core.settings.ShopSettings;
import itrova.core.table.Table;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.Side;
import itrova.core.work.BenchPlan;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Words come from the bundle alone, and every quantity in the reader's unit system. */
class WordingTest {
    private static final Wording INCH = Wording.english(UnitSystem.INCH);
    private static final Pattern CODE = Pattern.compile("\"([a-z]+(?:-[a-z]+)*\\.[a-z0-9-]+)\"");

    private static List<Finding> findings() {
        List<Finding> all = new ArrayList<>();
        Kit spoiled = Samples.kit()
                .withDisc(Samples.disc()
                        .but()
                        .bore(Figure.stated(70.4, 0.02))
                        .hatInside(Figure.stated(146, 0.2))
                        .diameter(Figure.stated(340, 0.2))
                        .build());
        for (AxleEndKind kind : AxleEndKind.values()) {
            for (Kit kit : List.of(Samples.kit(), spoiled)) {
                all.addAll(FitEngine.report(Samples.axle(kind), kit, ShopSettings.DEFAULTS)
                        .findings());
            }
        }
        return all;
    }

    /** 1 in = 25.4 mm, 1 lb = 0.45359237 kg, 1 lbf·ft = 1.355817948 N·m, 1 psi = 6.894757 kPa (NIST SP 811, appendix B). */
    @ParameterizedTest
    @CsvSource({
        "25.4, MILLIMETRES, 1, 25.4 mm, 1.000 in",
        "-0.05, MILLIMETRES, 2, −0.05 mm, −0.0020 in",
        "100, KILOGRAMS, 0, 100 kg, 220 lb",
        "75, NEWTON_METRES, 0, 75 N·m, 55 lbf·ft",
        "6.2, MEGAPASCALS, 1, 6.2 MPa, 899 psi",
        "160.9344, KILOMETRES, 0, 161 km, 100 mi",
        "12.5, NUMBER, 1, 12.5, 12.5"
    })
    void amountsAreToldInEitherSystem(double value, Amount.Kind kind, int decimals, String metric, String inch) {
        Amount amount = new Amount(value, kind, decimals, false, false);
        assertThat(Wording.METRIC.amount(amount)).isEqualTo(metric);
        assertThat(INCH.amount(amount)).isEqualTo(inch);
    }

    @Test
    void nothingIsToldAsMinusNothing() {
        assertThat(Wording.METRIC.amount(Amount.mm(-0.001, 1))).isEqualTo("0.0 mm");
        assertThat(Wording.METRIC.amount(Amount.mm(1, 1).asSigned())).isEqualTo("+1.0 mm");
        assertThat(Wording.METRIC.amount(Amount.mm(1, 1).asBare())).isEqualTo("1.0");
    }

    @Test
    void inchReadersNeverReadAMillimetre() {
        assertThat(findings()).isNotEmpty().allSatisfy(f -> {
            String words = INCH.say(f.explain().why()) + " " + INCH.say(f.nextMove());
            assertThat(words).doesNotContainPattern("\\d mm\\b|N·m|\\d kg\\b|MPa");
        });
        assertThat(findings().stream().map(f -> Wording.METRIC.say(f.explain().why())))
                .anyMatch(words -> words.contains(" mm"));
    }

    /** A language made up for this: each sentence backwards but for what stands in it, each title in brackets. */
    @Test
    void anotherLanguageIsAnotherBundleAndNothingElse() {
        Map<String, String> bundle = new HashMap<>();
        Wording.englishBundle().forEach((code, sentence) -> bundle.put(code, "«" + places(sentence) + "»"));
        for (CheckId check : CheckId.values()) {
            bundle.put("CheckId." + check.name(), "[" + check.name() + "]");
        }
        bundle.put("Side.LEFT", "gauche");
        bundle.put("Side.RIGHT", "droite");
        Wording other = new Wording(bundle, UnitSystem.METRIC);
        assertThat(other.say(Phrase.of("search.step", CheckId.BARREL, Side.LEFT, "x")))
                .isEqualTo("«[BARREL]gauchex»");
        assertThat(other.title(CheckId.BARREL)).isEqualTo("[BARREL]");
        assertThat(other.title(BrakeCheck.SPLIT)).isEqualTo(BrakeCheck.SPLIT.title());
        assertThat(findings())
                .allSatisfy(f -> assertThat(other.say(f.explain().why())).matches("(?s)(«.*».*)*"));
    }

    private static String places(String sentence) {
        StringBuilder out = new StringBuilder();
        Pattern.compile("\\{\\d+}")
                .matcher(sentence)
                .results()
                .map(MatchResult::group)
                .forEach(out::append);
        return out.toString();
    }

    /** Every code in the rules has its sentence, and no sentence is left without a rule. */
    @Test
    void theBundleHoldsExactlyWhatTheRulesSay() throws IOException {
        Set<String> codes = new HashSet<>();
        for (Path root : List.of(
                Path.of("src/main/java"), Path.of("../formats/src/main/java"), Path.of("../server/src/main/java"))) {
            try (Stream<Path> files = Files.walk(root)) {
                for (Path file :
                        files.filter(f -> f.toString().endsWith(".java")).toList()) {
                    String text = Files.readString(file);
                    if (text.contains("Phrase")) {
                        CODE.matcher(text).results().map(m -> m.group(1)).forEach(codes::add);
                    }
                }
            }
        }
        Table.rows(BenchPlan.class, "steps.psv", 13).forEach(row -> codes.addAll(List.of(row[2], row[3], row[4])));
        Table.rows(BrakeQuantity.class, "quantities.psv", 10).forEach(row -> codes.addAll(List.of(row[8], row[9])));
        Table.rows(ReadingSpec.class, "readings.psv", 14)
                .forEach(row -> codes.addAll(List.of(row[11], row[12], row[13])));
        codes.remove("");
        Table.rows(FirstMove.class, "first-moves.psv", 8).forEach(row -> codes.addAll(List.of(row[1], row[2], row[3])));
        Table.rows(FirstMove.class, "bedding.psv", 7).forEach(row -> codes.add(row[1]));
        Table.rows(FirstMove.class, "rechecks.psv", 6).forEach(row -> codes.add(row[1]));
        Set<String> sentences = Wording.englishBundle().keySet();
        assertThat(codes).containsAll(sentences);
        codes.removeIf(code -> !sentences.contains(code) && isFigureOfPapers(code));
        assertThat(sentences).containsAll(codes);
    }

    /** Names of tables and of figures of the papers look like codes. */
    private static boolean isFigureOfPapers(String code) {
        return code.endsWith(".psv")
                || code.endsWith(".properties")
                || Set.of("disc", "caliper", "bracket", "studs", "hub", "hose", "nuts", "stack", "itrova")
                        .contains(code.substring(0, code.indexOf('.')));
    }

    @Test
    void aCodeWithoutASentenceIsAFaultOfTheProgram() {
        assertThatIllegalStateException()
                .isThrownBy(() -> INCH.say(Phrase.of("no.such-code")))
                .withMessageContaining("no.such-code");
    }
}
