package itrova.formats;

import static org.assertj.core.api.Assertions.assertThat;

import itrova.core.clearance.CaliperBeside;
import itrova.core.finding.Finding;
import itrova.core.judge.FitEngine;
import itrova.core.judge.KitReport;
import itrova.core.phrase.Phrase;
import itrova.core.record.AxleRecord;
import itrova.core.record.Job;
import itrova.core.settings.ShopSettings;
import itrova.core.vehicle.Side;
import itrova.core.work.BenchPlan;
import itrova.core.work.BenchStep;
import itrova.core.work.PlanCase;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/**
 * In what is said of the demo's axles, kits and plans nothing stands as plain words but names that papers or people gave: all else comes from the
 * bundle, in the reader's language and units.
 */
class WordsAreDataTest {
    private static final Pattern WORD = Pattern.compile("\\p{L}{3}");

    @Test
    void plainWordsAreNamesThatSomebodyGave() {
        Set<String> plain = new TreeSet<>();
        for (Job job : DemoData.jobs()) {
            for (AxleRecord axle : job.axles()) {
                for (KitReport report :
                        FitEngine.match(axle.toCase(List.of(Side.values())), DemoData.kits(), ShopSettings.DEFAULTS)) {
                    report.findings().forEach(f -> ofFinding(f, plain));
                    BenchPlan.of(PlanCase.alone(report, axle.form())).steps().forEach(s -> ofStep(s, plain));
                }
            }
        }
        assertThat(plain).contains(CaliperBeside.RIB).hasSizeGreaterThan(5);
        String given = (DemoData.jobs().stream().map(JobDocument::write).collect(Collectors.joining())
                        + KitDocument.write(DemoData.kits())
                        + CaliperBeside.RIB)
                .toLowerCase(Locale.ROOT);
        assertThat(plain).allSatisfy(name -> assertThat(given).contains(name.toLowerCase(Locale.ROOT)));
    }

    private static void ofFinding(Finding f, Set<String> plain) {
        of(f.explain().why(), plain);
        of(f.nextMove(), plain);
        f.requirements().forEach(r -> of(r.name(), plain));
        f.missingInWords().forEach(m -> of(m, plain));
        f.refused().ifPresent(r -> of(r, plain));
    }

    private static void ofStep(BenchStep s, Set<String> plain) {
        of(s.title(), plain);
        of(s.text(), plain);
        of(s.caution(), plain);
        of(s.hold(), plain);
    }

    private static void of(Phrase phrase, Set<String> plain) {
        for (Object value : phrase.values()) {
            if (value instanceof Phrase inner) {
                of(inner, plain);
            } else if (value instanceof String text && WORD.matcher(text).find()) {
                plain.add(text);
            }
        }
    }
}
