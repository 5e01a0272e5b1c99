package itrova.core.judge;

import static org.assertj.core.api.Assertions.assertThat;

import itrova.core.finding.Verdict;
import itrova.core.kit.Disc;
import itrova.core.kit.Figure;
import itrova.core.kit.Kit;
import itrova.core.placed.AxleCase;
import itrova.core.settings.ShopSettings;
import itrova.core.vehicle.AxleEndKind;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Matcher in two steps comes to the same as judging at once. */
class MatcherTest {
    private static final AxleCase AXLE = Samples.axle(AxleEndKind.FRONT_SPINDLE);
    private static final Matcher JUDGING = Matcher.of(AXLE, ShopSettings.DEFAULTS);

    /** Kits with bores and hats about the limit, some proven, some open, some that work would mend, some hopeless. */
    private static List<Kit> kits() {
        Random random = new Random(91);
        return IntStream.range(0, 200)
                .mapToObj(i -> {
                    Disc other = Samples.disc()
                            .but()
                            .bore(Figure.stated(random.nextDouble(70.4, 71.4), 0.02))
                            .hatInside(Figure.stated(random.nextDouble(146, 156), 0.3))
                            .hatThickness(Figure.stated(random.nextDouble(4, 9), 0.1))
                            .hatDepth(Figure.stated(random.nextDouble(30, 52), 0.2))
                            .build();
                    return Samples.kit().withDisc(other).withCode("K-" + i);
                })
                .toList();
    }

    @Test
    void quicklyAndThenWhollyIsTheSameAsAtOnce() {
        List<Kit> kits = kits();
        List<KitReport> whole = FitEngine.match(AXLE, kits, ShopSettings.DEFAULTS);
        List<KitReport> finished = JUDGING.quick(kits).stream()
                .map(JUDGING::finish)
                .sorted(KitReport.BEST_FIRST)
                .toList();
        assertThat(finished)
                .extracting(r -> r.kit().code(), KitReport::verdict)
                .containsExactlyElementsOf(whole.stream()
                        .map(r -> org.assertj.core.groups.Tuple.tuple(r.kit().code(), r.verdict()))
                        .toList());
        assertThat(whole).extracting(KitReport::verdict).contains(Verdict.values());
    }

    /** What the quick step rules out, the whole judgement rules out too: nothing is lost by not looking further. */
    @Test
    void whatIsRuledOutQuicklyIsRuledOutWholly() {
        for (KitReport quick : JUDGING.quick(kits())) {
            if (!Matcher.isUnfinished(quick)) {
                assertThat(JUDGING.whole(quick.kit()).verdict()).isEqualTo(Verdict.DOES_NOT_FIT);
                assertThat(JUDGING.finish(quick)).isSameAs(quick);
            } else {
                assertThat(JUDGING.finish(quick).verdict().ordinal())
                        .isGreaterThanOrEqualTo(quick.verdict().ordinal());
            }
        }
    }

    @Test
    void onlyWhatIsKeptOfAReportIsKeptInTheOrderOfTheKits() {
        List<Kit> kits = kits();
        assertThat(JUDGING.quick(kits, r -> r.kit().code()))
                .containsExactlyElementsOf(kits.stream().map(Kit::code).toList());
    }

    @Test
    void whetherAnythingIsProven() {
        List<Kit> kits = new ArrayList<>(kits());
        boolean any = FitEngine.match(AXLE, kits, ShopSettings.DEFAULTS).stream()
                .anyMatch(r -> r.verdict().isProven());
        assertThat(any).isTrue();
        assertThat(JUDGING.provesAny(kits)).isTrue();
        kits.removeIf(k -> JUDGING.whole(k).verdict().isProven());
        assertThat(JUDGING.provesAny(kits)).isFalse();
        assertThat(JUDGING.provesAny(List.of())).isFalse();
    }

    @Test
    void kitsForOtherEndsAreLeftOut() {
        Kit k = Samples.kit();
        Kit other = new Kit(
                "T",
                "trailer",
                "supplier",
                Set.of(AxleEndKind.TRAILER_SPINDLE),
                k.parts(),
                k.terms(),
                List.of(),
                List.of());
        assertThat(JUDGING.quick(List.of(other, k)))
                .extracting(r -> r.kit().code())
                .containsExactly("K-1");
    }

    @Test
    void theRankIsByVerdictThenRoomThenPriceThenCode() {
        Rank best = new Rank(Verdict.FITS, 5, 300, "B");
        List<Rank> inOrder = List.of(
                best,
                new Rank(Verdict.FITS, 3, 100, "C"),
                new Rank(Verdict.FITS, 3, 200, "A"),
                new Rank(Verdict.FITS, 3, 200, "D"),
                new Rank(Verdict.FITS_WITH_WORK, 9, 1, "E"),
                new Rank(Verdict.NOT_PROVEN, Double.NEGATIVE_INFINITY, 1, "F"),
                new Rank(Verdict.DOES_NOT_FIT, -1, 1, "G"));
        List<Rank> shuffled = new ArrayList<>(inOrder);
        Collections.shuffle(shuffled, new Random(92));
        assertThat(shuffled.stream().sorted().toList()).isEqualTo(inOrder);
        assertThat(best.with(Verdict.NOT_PROVEN)).isGreaterThan(inOrder.get(4));
    }
}
