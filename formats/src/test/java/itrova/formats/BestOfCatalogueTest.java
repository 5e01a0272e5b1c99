package itrova.formats;

import static org.assertj.core.api.Assertions.assertThat;

import itrova.core.finding.Verdict;
import itrova.core.judge.FitEngine;
import itrova.core.judge.KitReport;
import itrova.core.judge.Matcher;
import itrova.core.kit.Disc;
import itrova.core.kit.Figure;
import itrova.core.kit.Kit;
import itrova.core.placed.AxleCase;
import itrova.core.record.Job;
import itrova.core.settings.ShopSettings;
import itrova.core.vehicle.Side;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The best of a large catalogue, found without judging it whole, are those that judging it whole finds. */
class BestOfCatalogueTest {
    private static List<Kit> catalogue(long seed) {
        Random random = new Random(seed);
        List<Kit> models = DemoData.kits();
        List<Kit> kits = new ArrayList<>();
        for (int i = 0; i < 150; i++) {
            Kit model = models.get(i % models.size());
            Disc d = model.disc();
            Disc moved = d.but()
                    .bore(Figure.stated(
                            d.bore().value() + 0.1 * random.nextGaussian(),
                            d.bore().tolerance()))
                    .hatThickness(Figure.stated(d.hatThickness().value() + random.nextGaussian(), 0.2))
                    .build();
            kits.add(model.withCode("C-" + i).withDisc(moved));
        }
        return kits;
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 25})
    void theBestAreThoseThatJudgingAllFinds(int max) {
        for (Job job : DemoData.jobs().subList(0, 2)) {
            AxleCase axle = job.axles().get(0).toCase(List.of(Side.values()));
            List<Kit> kits = catalogue(max);
            List<KitReport> all = Matcher.of(axle, ShopSettings.DEFAULTS).quick(kits);
            List<String> wanted = all.stream()
                    .filter(r -> r.verdict() != Verdict.DOES_NOT_FIT)
                    .limit(max)
                    .map(r -> r.kit().code())
                    .toList();
            List<String> found = FitEngine.top(axle, kits, max, ShopSettings.DEFAULTS).stream()
                    .map(r -> r.kit().code())
                    .toList();
            assertThat(found).as(job.title()).containsAll(wanted);
            assertThat(found.size()).isLessThanOrEqualTo(max);
        }
    }
}
