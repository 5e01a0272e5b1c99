package itrova.core.judge;

import static itrova.core.wording.Said.said;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import itrova.core.finding.CheckId;
import itrova.core.finding.Finding;
import itrova.core.finding.Verdict;
import itrova.core.geometry.ClockWindow;
import itrova.core.kit.Bracket;
import itrova.core.kit.BracketMount;
import itrova.core.kit.Kit;
import itrova.core.placed.AxleCase;
import itrova.core.settings.ShopSettings;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Seen;
import itrova.core.vehicle.Side;
import itrova.core.vehicle.Surroundings;
import itrova.core.vehicle.Surroundings.Obstacle;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

/** A weld-on bracket is set once, for every check, left and right alike; shims that are under it take thread from the bolts. */
class OneSettingTest {
    private static Kit welded(double from, double to) {
        Kit kit = Samples.kit();
        Bracket b = kit.bracket();
        return kit.withBracket(b.but()
                .mount(new BracketMount(
                        BracketMount.Way.WELD_ON,
                        b.mount().thickness(),
                        OptionalDouble.empty(),
                        Optional.of(new ClockWindow(from, to)),
                        false,
                        List.of(),
                        ""))
                .build());
    }

    private static AxleEnd end(Side side, Obstacle... standing) {
        Surroundings s = Samples.NOTHING_AROUND;
        return Samples.end(side, AxleEndKind.REAR_LIVE_AXLE)
                .around(new Surroundings(
                        Seen.all(List.of(standing)),
                        s.chassis(),
                        s.steering(),
                        s.travel(),
                        s.tyre(),
                        s.hose(),
                        s.joints(),
                        s.details()))
                .build();
    }

    /** Stands right where the caliper would be, over a range of the clock. */
    private static Obstacle rib(double from, double to) {
        return new Obstacle("rib", new ClockWindow(from, to), -60, 0, 90, 150, 0.5, OptionalDouble.empty());
    }

    private static Finding find(KitReport report, Side side, CheckId check) {
        return report.findings().stream()
                .filter(f -> f.side() == side && f.check() == check)
                .findFirst()
                .orElseThrow();
    }

    private static KitReport report(Kit kit, AxleEnd... ends) {
        return FitEngine.report(
                new AxleCase(
                        List.of(ends), Samples.axle(AxleEndKind.REAR_LIVE_AXLE).load()),
                kit,
                ShopSettings.DEFAULTS);
    }

    @Test
    void anAngleThatServesBothNippleAndRibIsFoundAndTold() {
        // the sample's nipple is on top from about 60° to 150°; the rib takes up all below 100°
        KitReport r = report(welded(40, 150), end(Side.LEFT, rib(0, 60)), end(Side.RIGHT, rib(0, 60)));
        for (Side side : Side.values()) {
            assertThat(find(r, side, CheckId.NIPPLE).verdict()).isEqualTo(Verdict.FITS);
            assertThat(find(r, side, CheckId.INBOARD).verdict()).isEqualTo(Verdict.FITS);
        }
        double set = r.kit().bracket().mount().caliperClock().orElseThrow();
        assertThat(said(find(r, Side.LEFT, CheckId.NIPPLE).explain().why()))
                .contains("Weld the bracket on at %.0f°".formatted(set));
    }

    /** By hand: each side alone has an angle that serves it, and no angle serves both. */
    @Test
    void whatServesEachSideAloneButNotBothDoesNotFit() {
        AxleEnd left = end(Side.LEFT, rib(20, 95));
        AxleEnd right = end(Side.RIGHT, rib(105, 179));
        Kit kit = welded(90, 110);
        KitReport both = report(kit, left, right);
        assertThat(both.verdict()).isEqualTo(Verdict.DOES_NOT_FIT);
        assertThat(find(both, Side.LEFT, CheckId.INBOARD)
                        .verdict()
                        .worst(find(both, Side.RIGHT, CheckId.INBOARD).verdict()))
                .isEqualTo(Verdict.DOES_NOT_FIT);
    }

    @Test
    void nippleAndRibThatWantDifferentAnglesAreNotBothSatisfied() {
        // nipple on top only up to some angle, rib clear only well beyond it
        Kit kit = welded(90, 250);
        KitReport free = report(kit, end(Side.LEFT));
        assertThat(find(free, Side.LEFT, CheckId.NIPPLE).verdict()).isEqualTo(Verdict.FITS);
        KitReport ribbed = report(kit, end(Side.LEFT, rib(20, 190)));
        Verdict nipple = find(ribbed, Side.LEFT, CheckId.NIPPLE).verdict();
        Verdict inboard = find(ribbed, Side.LEFT, CheckId.INBOARD).verdict();
        assertThat(nipple.worst(inboard)).isEqualTo(Verdict.DOES_NOT_FIT);
        assertThat(ribbed.verdict()).isEqualTo(Verdict.DOES_NOT_FIT);
    }

    /**
     * By hand: 36 of bolt, 8 bracket, 6 retainer, 1.06 pitch and 9.53 of thread leave 11.4; a hub face 1.5 further out than the kit is
     * made for takes 1.5 of shims under the bracket.
     */
    @Test
    void shimsOfTheKitTakeThreadFromTheBolts() {
        double without = margin(62.5);
        assertThat(without - margin(64.0)).isEqualTo(1.5, within(1e-9));
        assertThat(margin(61.0)).as("shims the other way are not under it").isEqualTo(without, within(1e-9));
        AxleEnd unread = end(Side.LEFT).toBuilder()
                .without(java.util.Set.of(Callout.AXLE_OFFSET))
                .build();
        assertThat(find(report(Samples.kit(), unread), Side.LEFT, CheckId.HOUSING_STACK)
                        .verdict())
                .isEqualTo(Verdict.NOT_PROVEN);
    }

    private static double margin(double offset) {
        AxleEnd at = end(Side.LEFT).with(Callout.AXLE_OFFSET, Samples.mm(offset, 0.1));
        return find(report(Samples.kit(), at), Side.LEFT, CheckId.HOUSING_STACK)
                .margin()
                .orElseThrow()
                .value();
    }
}
