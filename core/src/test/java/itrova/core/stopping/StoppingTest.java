package itrova.core.stopping;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Loads, adhesion, distances, heat and hills against published formulas and figures worked by hand. */
class StoppingTest {
    private static final TwoAxles CAR = TwoAxles.byFrontLoad(1000, 550, 2500, 550);

    /**
     * By hand: m = 1000 kg, front 550 kg, L = 2500 mm, so a = 1125 mm and b = 1375 mm; h = 550 mm. At z = 0.6: N_f = 9806.65·(1375 +
     * 330)/2500 = 6688.1 N, N_r = 9806.65·(1125 − 330)/2500 = 3118.5 N.
     */
    @Test
    void axleLoadsByHand() {
        assertThat(CAR.behindFront()).isEqualTo(1125, within(1e-9));
        assertThat(CAR.front(0.6)).isEqualTo(6688.1, within(0.1));
        assertThat(CAR.rear(0.6)).isEqualTo(3118.5, within(0.1));
    }

    @Test
    void axleLoadsAlwaysSumToTheWeight() {
        Random random = new Random(3);
        for (int i = 0; i < 1000; i++) {
            double mass = random.nextDouble(500, 3500);
            TwoAxles v = TwoAxles.byFrontLoad(
                    mass,
                    mass * random.nextDouble(0.2, 0.8),
                    random.nextDouble(2000, 3500),
                    random.nextDouble(400, 900));
            double z = random.nextDouble(0, 1.2);
            assertThat(v.front(z) + v.rear(z)).isEqualTo(v.weight(), within(1e-6));
            assertThat(v.rear(z)).isGreaterThanOrEqualTo(0);
        }
    }

    @Test
    void theCentreOfGravityLiesBetweenTheAxles() {
        assertThatIllegalArgumentException().isThrownBy(() -> new TwoAxles(1000, 2500, 2600, 500));
    }

    /** Ideal distribution: forces in proportion to the dynamic loads use the same adhesion at both axles, and that is z. */
    @Test
    void idealForcesUseTheSameAdhesion() {
        double z = 0.7;
        Adhesion used = Adhesion.of(CAR, z * CAR.front(z), z * CAR.rear(z));
        assertThat(used.front()).isEqualTo(z, within(1e-9));
        assertThat(used.rear()).isEqualTo(z, within(1e-9));
    }

    /** The published line at points (ECE R13-H annex 5, from memory): k 0.2 → 0.10, 0.5 → 0.31, 0.8 → 0.52. */
    @Test
    void theLineOfLeastDecelerationAtPoints() {
        assertThat(Adhesion.least(0.2)).isEqualTo(0.10, within(1e-9));
        assertThat(Adhesion.least(0.5)).isEqualTo(0.31, within(1e-9));
        assertThat(Adhesion.least(0.8)).isEqualTo(0.52, within(1e-9));
        assertThat(Adhesion.leastOfOlder(0.8)).isEqualTo(0.61, within(1e-9));
    }

    /** FMVSS 135 and ECE R13-H: 70 m from 100 km/h; mean fully developed 6.43 m/s² is V²/(2·3.6²·60 m) without the reaction term. */
    @Test
    void thePublishedDistanceFromAHundred() {
        assertThat(StoppingDistance.passengerCar(100)).isEqualTo(70, within(1e-9));
        double speed = 100 / 3.6;
        assertThat(StoppingDistance.constant(speed, 6.43)).isEqualTo(60, within(0.05));
        assertThat(StoppingDistance.goodsVehicle(60)).isEqualTo(9 + 3600 / 130.0, within(1e-9));
    }

    /** UK Highway Code, braking distances: one deceleration of about 6.6 m/s² gives them all within a metre and a half. */
    @ParameterizedTest
    @CsvSource({"20, 6", "30, 14", "40, 24", "50, 38", "60, 55", "70, 75"})
    void theHighwayCodesTable(double mph, double metres) {
        double speed = mph * 0.44704;
        assertThat(StoppingDistance.constant(speed, 6.58)).isEqualTo(metres, within(1.5));
    }

    @Test
    void belowLockTheDecelerationIsForceOverWeight() {
        Braking dry = new Braking(CAR, 0.9);
        assertThat(dry.deceleration(3000, 1000)).isEqualTo(4000 / CAR.weight(), within(1e-8));
        assertThat(dry.deceleration(0, 0)).isZero();
    }

    /** With both axles locked the road alone counts: z = μ. */
    @Test
    void withBothAxlesLockedTheRoadDecides() {
        assertThat(new Braking(CAR, 0.5).deceleration(1e6, 1e6)).isEqualTo(0.5, within(1e-8));
    }

    @Test
    void moreForceNeverStopsLaterBelowLock() {
        Braking wet = new Braking(CAR, 0.6);
        double last = -1;
        for (double force = 0; force < 9000; force += 250) {
            double z = wet.deceleration(0.7 * force, 0.3 * force);
            assertThat(z).isGreaterThanOrEqualTo(last - 1e-9);
            last = z;
        }
    }

    @Test
    void theRearIsFirstWhereItBrakesTooMuch() {
        assertThat(new Braking(CAR, 0.8).isRearFirst(2000, 3000)).isTrue();
        assertThat(new Braking(CAR, 0.8).isRearFirst(5000, 1000)).isFalse();
    }

    /** Constant deceleration: way v²/2a, time v/a; the work at the brakes is the vehicle's energy to 0.1 %. */
    @Test
    void aPlayedStopKeepsItsEnergyAndItsDistance() {
        List<PlayedStop.Moment> moments = PlayedStop.play(1000, 27.78, 0, v -> 6.43);
        PlayedStop.Moment end = moments.get(moments.size() - 1);
        assertThat(end.way()).isEqualTo(27.78 * 27.78 / (2 * 6.43), within(0.01));
        assertThat(end.time()).isEqualTo(27.78 / 6.43, within(0.003));
        double energy = BrakeHeat.energy(1000, 27.78, 1);
        assertThat(end.work()).isEqualTo(energy, within(energy * 0.001));
        assertThat(end.speed()).isZero();
    }

    @Test
    void aStopThatNeverEndsIsSaidNotPlayed() {
        assertThat(PlayedStop.play(1000, 20, 0, v -> 0.01)).isEmpty();
    }

    /** By hand: half of 0.5·1000·27.78² J = 192 932 J in 7 kg of iron at 480 J/(kg·K): 57.4 K; one time constant leaves 1/e. */
    @Test
    void heatByHand() {
        BrakeHeat disc = new BrakeHeat(7, 480, 240);
        double half = BrakeHeat.energy(1000, 27.78, 1) / 2;
        assertThat(disc.rise(half)).isEqualTo(57.4, within(0.1));
        assertThat(disc.cooled(220, 20, 240)).isEqualTo(20 + 200 / Math.E, within(1e-9));
        assertThat(disc.afterStops(20, 20, half, 1e9, 10)).isEqualTo(20 + 57.4, within(0.1));
        assertThat(disc.afterDescent(20, 20, 7 * 480, 1e9)).isEqualTo(20 + 240, within(1e-6));
    }

    /** ECE R13-H and FMVSS 135: 1200 kg on 20 %: 1200·9.80665·sin(11.31°) = 2307.9 N. */
    @Test
    void aHillByHand() {
        assertThat(ParkingHold.wanted(1200, 0.20)).isEqualTo(2307.9, within(0.2));
        double up = ParkingHold.rearLoad(CAR, 0.20, true);
        double down = ParkingHold.rearLoad(CAR, 0.20, false);
        assertThat(up).isGreaterThan(CAR.rear(0)).isGreaterThan(down);
        assertThat((up + down) / 2).isEqualTo(CAR.rear(0) * Math.cos(Math.atan(0.20)), within(1e-6));
    }

    /** Metric: 25.4·13 + 2·165·0.80 = 594.2; flotation 31 in = 787.4; numeric 6.40-13 about 25.4·(13 + 2·0.96·6.4) = 642.3 ± 4 %. */
    @ParameterizedTest
    @CsvSource({
        "165/80 R13, 594.2, 0.02",
        "165/80R13 83S, 594.2, 0.02",
        "31x10.5R15, 787.4, 0.02",
        "6.40-13, 642.3, 0.04",
        "165 R13, 600.8, 0.04",
        "175SR14, 642.6, 0.04"
    })
    void tyresFromTheirMarking(String marking, double diameter, double share) {
        TyreSize size = TyreSize.parse(marking).orElseThrow();
        assertThat(size.diameter()).isEqualTo(diameter, within(0.1));
        assertThat(size.halfLimit()).isEqualTo(share * diameter, within(0.1));
    }

    @Test
    void whatIsNoMarkingIsNotGuessedAt() {
        assertThat(TyreSize.parse("round")).isEmpty();
        assertThat(TyreSize.parse("")).isEmpty();
    }

    /** Load indices follow the series R 80 (ISO 3): 45 kg times 10 to the index over 80, rounded. */
    @Test
    void aMarkingTellsWidthAndLoadToo() {
        TyreSize tyre = TyreSize.parse("165/80 R 13 82 S").orElseThrow();
        assertThat(tyre.width()).isEqualTo(165);
        assertThat(tyre.diameter()).isEqualTo(13 * 25.4 + 2 * 0.8 * 165, within(1e-9));
        assertThat(tyre.ratedKg()).hasValue(475);
        assertThat(tyre.widest()).isGreaterThan(170);
        for (int index = 60; index <= 120; index++) {
            double kg = TyreSize.parse("165/80 R 13 " + index + " S")
                    .orElseThrow()
                    .ratedKg()
                    .orElseThrow();
            assertThat(kg).as("index " + index).isCloseTo(45 * Math.pow(10, index / 80.0), withinPercentage(2.0));
        }
        assertThat(TyreSize.parse("6.40-13").orElseThrow().ratedKg()).isEmpty();
        assertThat(TyreSize.parse("6.40-13").orElseThrow().width()).isEqualTo(6.4 * 25.4, within(1e-9));
        assertThat(TyreSize.parse("31x10.5R15").orElseThrow().width()).isEqualTo(10.5 * 25.4, within(1e-9));
        assertThat(TyreSize.parse("165/80 R 13 82").orElseThrow().ratedKg()).isEqualTo(tyre.ratedKg());
        assertThat(TyreSize.parse("165 R 13").orElseThrow().ratedKg()).isEmpty(); // 13 is the rim's code
    }
}
