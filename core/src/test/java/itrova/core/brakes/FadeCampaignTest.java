package itrova.core.brakes;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import itrova.core.quantity.Measured;
import java.util.Arrays;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** Ten stops drawn many times: the same sample wherever it is worked out, and the spread the first-order doubt tells. */
class FadeCampaignTest {
    private static final BrakeCircuit CIRCUIT =
            Bench.vehicle(Bench.sheet(), Map.of()).found();

    @Test
    void aSampleIsTheSameInWhateverPieceItIsDrawn() {
        FadeCampaign whole = FadeCampaign.of(CIRCUIT, 0, 40);
        FadeCampaign piece = FadeCampaign.of(CIRCUIT, 25, 5);
        for (int i = 0; i < 5; i++) {
            assertThat(piece.samples().get(i).disc())
                    .containsExactly(whole.samples().get(25 + i).disc());
        }
        assertThat(whole.samples().get(0).fluid())
                .isNotEqualTo(whole.samples().get(1).fluid());
    }

    @Test
    void laterStopsAreHotterAndWantMoreFoot() {
        FadeCampaign.Sample s = FadeCampaign.of(CIRCUIT, 0, 1).samples().get(0);
        for (int i = 1; i < FadeCampaign.STOPS; i++) {
            assertThat(s.disc()[i]).isGreaterThan(s.disc()[i - 1]);
            assertThat(s.force()[i]).isGreaterThanOrEqualTo(s.force()[i - 1]);
        }
    }

    /** Mean and spread over 2,000 samples against the value and standard doubt worked out at first order: within a tenth. */
    @Test
    void theSpreadIsTheDoubtOfTheReport() {
        Measured told = new Reckoning(CIRCUIT)
                .of(v -> HeatModel.afterStops(v, BrakeModel.FRONT, 10))
                .value()
                .orElseThrow();
        double[] drawn = FadeCampaign.of(CIRCUIT, 0, 2000).samples().stream()
                .mapToDouble(s -> s.disc()[FadeCampaign.STOPS - 1])
                .toArray();
        double mean = Arrays.stream(drawn).average().orElseThrow();
        double spread =
                Math.sqrt(Arrays.stream(drawn).map(d -> (d - mean) * (d - mean)).sum() / (drawn.length - 1));
        assertThat(mean).isEqualTo(told.value(), within(0.1 * told.value()));
        assertThat(spread).isEqualTo(told.u(), within(0.25 * told.u()));
    }

    @Test
    void whatIsMissingIsNamed() {
        FadeCampaign made = FadeCampaign.of(CIRCUIT.withGiven(Map.of()), 0, 10);
        assertThat(made.samples()).isEmpty();
        assertThat(made.missing()).contains(QuantityAt.vehicle(BrakeQuantity.MASS_LADEN));
    }

    @Test
    void sharesOfADoubtAreTheWholeOfIt() {
        Measured told = new Reckoning(CIRCUIT)
                .of(v -> BrakeModel.footFor(v, 0.5, Load.LADEN, false))
                .value()
                .orElseThrow();
        assertThat(DoubtShare.of(told).stream().mapToDouble(DoubtShare::share).sum())
                .isEqualTo(1, within(1e-9));
        assertThat(DoubtShare.of(told))
                .extracting(DoubtShare::share)
                .isSortedAccordingTo((a, b) -> Double.compare(b, a));
        assertThat(DoubtShare.of(Measured.exact(3))).isEmpty();
    }
}
