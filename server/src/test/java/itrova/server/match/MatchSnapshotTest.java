package itrova.server.match;

import static org.assertj.core.api.Assertions.assertThat;

import itrova.core.finding.CheckId;
import itrova.core.finding.Verdict;
import itrova.core.judge.FitEngine;
import itrova.core.judge.KitReport;
import itrova.core.judge.Matcher;
import itrova.core.kit.Kit;
import itrova.core.placed.AxleCase;
import itrova.core.settings.ShopSettings;
import itrova.core.vehicle.Side;
import itrova.formats.DemoData;
import itrova.server.match.MatchRows.RowView;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** A catalogue larger than is judged wholly at once: what is shown meanwhile, and what stands in the end. */
class MatchSnapshotTest {
    private static final AxleCase VAN = DemoData.jobs().stream()
            .filter(j -> j.title().equals("Light van, front discs"))
            .findFirst()
            .orElseThrow()
            .axles()
            .get(0)
            .toCase(List.of(Side.values()));
    /** Every kit of the demonstration many times over, so that more survive than are judged at once. */
    private static final List<Kit> MANY = IntStream.range(0, 40)
            .boxed()
            .flatMap(i -> DemoData.kits().stream().map(k -> k.withCode(k.code() + "-" + i)))
            .toList();

    private static MatchSnapshot judged() {
        return new MatchSnapshot("stamp", Matcher.of(VAN, ShopSettings.DEFAULTS), MANY, () -> false);
    }

    @Test
    void noKitIsShownAsProvenBeforeLockAndTravelWereLookedAt() {
        MatchSnapshot judged = judged();
        List<RowView> awaiting =
                judged.rows().stream().filter(RowView::awaitsSweep).toList();
        assertThat(awaiting).hasSize(judged.unfinished()).isNotEmpty();
        assertThat(awaiting).allSatisfy(r -> {
            assertThat(r.verdict()).isEqualTo(Verdict.NOT_PROVEN);
            assertThat(r.cells()).noneMatch(c -> c.check() == CheckId.SWEEP);
        });
        assertThat(judged.best()).hasSize(MatchSnapshot.AT_ONCE);
    }

    @Test
    void inTheEndTheRowsAreThoseOfAWholeMatchInItsOrder() {
        MatchSnapshot judged = judged();
        judged.goOn();
        assertThat(judged.unfinished()).isZero();
        List<KitReport> whole = FitEngine.match(VAN, MANY, ShopSettings.DEFAULTS);
        assertThat(judged.rows())
                .extracting(RowView::code)
                .containsExactlyElementsOf(
                        whole.stream().map(r -> r.kit().code()).toList());
        assertThat(judged.rows())
                .extracting(RowView::verdict)
                .containsExactlyElementsOf(
                        whole.stream().map(KitReport::verdict).toList());
        int proven =
                (int) whole.stream().filter(r -> r.verdict() == Verdict.FITS).count();
        assertThat(judged.counts()).containsEntry(Verdict.FITS, proven);
    }

    @Test
    void whatNobodyLooksAtAnyMoreIsNotWorkedOut() {
        MatchSnapshot judged = judged();
        int before = judged.unfinished();
        judged.drop();
        judged.goOn();
        assertThat(judged.unfinished()).isEqualTo(before);
    }

    @Test
    void aSmallCatalogueIsWhollyJudgedAtOnce() {
        List<Kit> few = new ArrayList<>(DemoData.kits());
        assertThat(new MatchSnapshot("stamp", Matcher.of(VAN, ShopSettings.DEFAULTS), few, () -> false).unfinished())
                .isZero();
    }
}
