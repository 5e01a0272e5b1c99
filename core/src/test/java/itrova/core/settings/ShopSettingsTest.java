package itrova.core.settings;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import itrova.core.finding.CheckId;
import itrova.core.finding.Finding;
import itrova.core.judge.FitEngine;
import itrova.core.judge.Samples;
import itrova.core.placed.AxleCase;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class ShopSettingsTest {
    @ParameterizedTest
    @EnumSource(Limit.class)
    void everyLimitHasADefaultWithinItsBounds(Limit limit) {
        assertThat(limit.preset()).isBetween(limit.min(), limit.max());
        assertThat(ShopSettings.DEFAULTS.of(limit)).isEqualTo(limit.preset());
        assertThat(limit.title()).isNotBlank();
    }

    @Test
    void noTwoLimitsHaveOneName() {
        Set<String> titles = new HashSet<>();
        for (Limit limit : Limit.values()) {
            assertThat(titles.add(limit.title())).as(limit.title()).isTrue();
        }
    }

    @ParameterizedTest
    @EnumSource(Limit.class)
    void whatLiesBeyondTheBoundsIsRefusedByName(Limit limit) {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> ShopSettings.DEFAULTS.with(limit, limit.max() + 1))
                .withMessageContaining(limit.title());
        assertThatIllegalArgumentException()
                .isThrownBy(() -> ShopSettings.DEFAULTS.with(limit, limit.min() - 1))
                .withMessageContaining(limit.title());
        assertThatIllegalArgumentException().isThrownBy(() -> ShopSettings.DEFAULTS.with(limit, Double.NaN));
    }

    @Test
    void settingOneLeavesTheOthersAndTheDefaults() {
        ShopSettings wider = ShopSettings.DEFAULTS.with(Limit.STILL_GAP, Limit.STILL_GAP.max());
        assertThat(wider.of(Limit.STILL_GAP)).isEqualTo(Limit.STILL_GAP.max());
        assertThat(wider.of(Limit.TURNING_GAP)).isEqualTo(Limit.TURNING_GAP.preset());
        assertThat(wider.set()).containsOnlyKeys(Limit.STILL_GAP);
        assertThat(ShopSettings.DEFAULTS.set()).isEmpty();
    }

    @Test
    void itKeepsWhatItWasGiven() {
        Map<Limit, Double> given = new EnumMap<>(Limit.class);
        given.put(Limit.STILL_GAP, Limit.STILL_GAP.preset());
        ShopSettings settings = new ShopSettings(given);
        given.clear();
        assertThat(settings.set()).containsOnlyKeys(Limit.STILL_GAP);
    }

    @Test
    void deflectionAndRunOutAreTakenOffTogether() {
        ShopSettings settings =
                ShopSettings.DEFAULTS.with(Limit.DEFLECTION, 0.8).with(Limit.RUN_OUT, 0.3);
        assertThat(settings.turningDeduction()).isEqualTo(1.1, within(1e-12));
    }

    /** A larger least gap takes exactly that much off the margin, and never makes a verdict better. */
    @Test
    void aLargerLeastGapTakesThatMuchOffTheMargin() {
        AxleCase axle = Samples.axle(itrova.core.vehicle.AxleEndKind.FRONT_SPINDLE);
        double usual = margin(axle, ShopSettings.DEFAULTS);
        double wanting = margin(axle, ShopSettings.DEFAULTS.with(Limit.TURNING_GAP, Limit.TURNING_GAP.preset() + 1.5));
        assertThat(usual - wanting).isEqualTo(1.5, within(1e-9));
    }

    private static double margin(AxleCase axle, ShopSettings settings) {
        return FitEngine.quickReport(axle, Samples.kit(), settings).findings().stream()
                .filter(f -> f.check() == CheckId.BARREL)
                .findFirst()
                .flatMap(Finding::margin)
                .orElseThrow()
                .value();
    }
}
