package itrova.core.identity;

import static itrova.core.wording.Said.said;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import itrova.core.measure.BoltCircle;
import itrova.core.quantity.Component;
import itrova.core.quantity.Measured;
import itrova.core.quantity.Source;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

class IdentificationTest {
    private static final Families FAMILIES = Families.SHIPPED;

    private static Identification pattern(int count, Measured circle) {
        return Identification.of(
                Subject.WHEEL_PATTERN,
                Map.of(Feature.COUNT, Measured.exact(count), Feature.CIRCLE, circle),
                Optional.empty(),
                FAMILIES.of(Family.Kind.PATTERN));
    }

    /** No tape separates 120 from 120.65 mm; a caliper over skip-one studs separates 4.5 from 4.75 in (common practice). */
    @Test
    void whatAReadingCanAndCannotTellApart() {
        Measured byTape = BoltCircle.fromChord(Measured.of(70.7, Component.rectangular(Source.named("tape"), 1)), 5, 1);
        assertThat(pattern(5, byTape).candidates())
                .extracting(Identification.Candidate::name)
                .contains("5 x 120 mm", "5 on 4 3/4 in");

        Identification byCaliper = pattern(5, Measured.of(114.35, Component.standard(Source.named("caliper"), 0.06)));
        assertThat(byCaliper.best().orElseThrow().name()).isEqualTo("5 on 4 1/2 in");
        assertThat(byCaliper.best().orElseThrow().probability()).isGreaterThan(0.99);
    }

    @Test
    void noneOfTheseWhenAllAreFarAway() {
        assertThat(pattern(5, Measured.of(117.5, Component.standard(Source.named("caliper"), 0.1)))
                        .candidates())
                .extracting(Identification.Candidate::name)
                .containsExactly(Identification.NONE);
        assertThat(pattern(7, Measured.of(114.3, Component.standard(Source.named("caliper"), 0.1)))
                        .candidates())
                .extracting(Identification.Candidate::name)
                .containsExactly(Identification.NONE);
    }

    @Test
    void probabilitiesOfAllCandidatesAddUp() {
        List<Double> sums = new ArrayList<>();
        for (double d = 100; d < 140; d += 0.37) {
            sums.add(pattern(5, Measured.of(d, Component.standard(Source.named("u"), 2))).candidates().stream()
                    .mapToDouble(Identification.Candidate::probability)
                    .sum());
        }
        assertThat(sums).allSatisfy(s -> assertThat(s).isBetween(0.95, 1.0000001));
    }

    /** A caliper in ordinary hands: its own error, handling, scatter, and what its display rounds away. */
    private static Measured byCaliper(double truth, Random random, double instrumentError) {
        double read = truth + instrumentError + 0.01 * random.nextGaussian() + 0.02 * random.nextGaussian();
        return Measured.of(
                Math.round(read * 100) / 100.0,
                Component.rectangular(Source.named("instrument:caliper"), 0.03),
                Component.rectangular(Source.named("resolution"), 0.005),
                Component.standard(Source.named("technique"), 0.01),
                Component.standard(Source.named("repeat"), 0.02));
    }

    private static double made(Nominal n, Random random) {
        return n.centre() + n.halfWidth() * (2 * random.nextDouble() - 1);
    }

    private record Score(int stated, int wrong, int ambiguous, int lost) {}

    /** Every row of a standard table, measured many times: how often a stated identity is wrong. */
    private static Score campaign(Subject subject, List<Feature> features, int runs) {
        Random random = new Random(20261124);
        List<Family> table = FAMILIES.of(subject.table());
        int stated = 0;
        int wrong = 0;
        int ambiguous = 0;
        int lost = 0;
        for (Family truth : table) {
            for (int run = 0; run < runs; run++) {
                double error = 0.03 * (2 * random.nextDouble() - 1);
                Map<Feature, Measured> evidence = new EnumMap<>(Feature.class);
                for (Feature f : features) {
                    Nominal n = truth.figures().get(f);
                    if (n != null) {
                        evidence.put(
                                f,
                                f == Feature.PITCH
                                        ? Measured.of(n.centre(), Component.rectangular(Source.named("gauge"), 0.03))
                                        : byCaliper(made(n, random), random, error));
                    }
                }
                Identification found = Identification.of(subject, evidence, Optional.empty(), table);
                Identification.Candidate best = found.best().orElseThrow();
                if (best.probability() >= 0.99) {
                    stated++;
                    wrong += best.name().equals(truth.name()) ? 0 : 1;
                } else {
                    ambiguous++;
                    lost += found.candidates().stream().anyMatch(c -> c.name().equals(truth.name())) ? 0 : 1;
                }
            }
        }
        return new Score(stated, wrong, ambiguous, lost);
    }

    /** ASME B1.1 class 2A and ISO 965-1 class 6g: diameter by caliper and pitch by gauge. */
    @Test
    void threadsOfTheTableAreToldOrReportedAsAmbiguous() {
        Score score = campaign(Subject.STUD_THREAD, List.of(Feature.MAJOR, Feature.PITCH), 100);
        assertThat(score.stated()).isGreaterThan(2500);
        assertThat(score.wrong()).isLessThanOrEqualTo(score.stated() / 100);
        assertThat(score.lost()).isLessThanOrEqualTo((score.stated() + score.ambiguous()) / 100);
    }

    /** Without the pitch a diameter leaves several threads: that must be said. */
    @Test
    void aDiameterAloneDoesNotTellAThread() {
        Score score = campaign(Subject.STUD_THREAD, List.of(Feature.MAJOR), 40);
        assertThat(score.ambiguous()).isGreaterThan(score.stated());
        assertThat(score.wrong()).isLessThanOrEqualTo(Math.max(1, score.stated() / 100));
    }

    /** ISO 355 and ABMA 19.2 boundary sizes (from memory): bore, outside diameter and width by caliper. */
    @Test
    void bearingsOfTheTableAreToldOrReportedAsAmbiguous() {
        Score score = campaign(Subject.AXLE_BEARING, List.of(Feature.BORE, Feature.OUTSIDE, Feature.WIDTH), 150);
        assertThat(score.stated()).isGreaterThan(3000);
        assertThat(score.wrong()).isLessThanOrEqualTo(score.stated() / 100);
        assertThat(score.lost()).isLessThanOrEqualTo((score.stated() + score.ambiguous()) / 100);
    }

    /** Bores of 1.3775 and 1.3750 in differ by 0.064 mm: a caliper cannot settle it, the number can. */
    @Test
    void aNumberSettlesWhatACaliperCannot() {
        List<Family> table = FAMILIES.of(Family.Kind.BEARING);
        Map<Feature, Measured> bore = Map.of(
                Feature.BORE,
                Measured.of(
                        1.37625 * 25.4,
                        Component.rectangular(Source.named("instrument:caliper"), 0.05),
                        Component.standard(Source.named("technique"), 0.02)));
        Identification byBore = Identification.of(Subject.INNER_BEARING, bore, Optional.empty(), table);
        assertThat(byBore.candidates())
                .extracting(Identification.Candidate::name)
                .contains("LM48548/LM48510", "L68149/L68111");
        Identification byNumber = Identification.of(Subject.INNER_BEARING, bore, Optional.of("LM48548"), table);
        assertThat(byNumber.best().orElseThrow().name()).isEqualTo("LM48548/LM48510");
        assertThat(byNumber.best().orElseThrow().probability()).isGreaterThan(0.9);
        assertThat(byNumber.contradiction()).isEmpty();
    }

    @Test
    void aNumberThatContradictsTheBoreIsSaidLoudly() {
        Map<Feature, Measured> bore = Map.of(
                Feature.BORE, Measured.of(25.40, Component.rectangular(Source.named("instrument:caliper"), 0.05)));
        Identification found =
                Identification.of(Subject.INNER_BEARING, bore, Optional.of("25580"), FAMILIES.of(Family.Kind.BEARING));
        assertThat(found.contradiction())
                .hasValueSatisfying(t -> assertThat(said(t)).contains("25580").contains("not what it says"));
    }

    @Test
    void whatIsInNoTableIsNoneOfThese() {
        Random random = new Random(7);
        List<Family> table = FAMILIES.of(Family.Kind.BEARING);
        int none = 0;
        int tried = 0;
        while (tried < 500) {
            double bore = 18 + 30 * random.nextDouble();
            double outside = bore + 18 + 20 * random.nextDouble();
            boolean isInTable = table.stream()
                    .anyMatch(f -> Math.abs(f.figures().get(Feature.BORE).centre() - bore) < 0.5
                            && Math.abs(f.figures().get(Feature.OUTSIDE).centre() - outside) < 0.5);
            if (isInTable) {
                continue;
            }
            tried++;
            Map<Feature, Measured> evidence = new EnumMap<>(Feature.class);
            evidence.put(Feature.BORE, byCaliper(bore, random, 0));
            evidence.put(Feature.OUTSIDE, byCaliper(outside, random, 0));
            String best = Identification.of(Subject.AXLE_BEARING, evidence, Optional.empty(), table)
                    .best()
                    .orElseThrow()
                    .name();
            none += best.equals(Identification.NONE) ? 1 : 0;
        }
        assertThat(none).isEqualTo(tried);
    }

    /** A caliper's error is one input: reading two features 0.06 mm large with it tells no more than reading one so. */
    @Test
    void theErrorOfOneInstrumentIsSharedByTheFeaturesItRead() {
        Family family = new Family(
                Family.Kind.BEARING,
                "made up",
                Map.of(Feature.BORE, new Nominal(25, 0.01), Feature.OUTSIDE, new Nominal(52, 0.01)),
                "test");
        Map<Feature, Measured> shared = Map.of(
                Feature.BORE,
                        Measured.of(
                                25.04,
                                Component.standard(Source.named("instrument"), 0.03),
                                Component.standard(Source.named("a"), 0.005)),
                Feature.OUTSIDE,
                        Measured.of(
                                52.04,
                                Component.standard(Source.named("instrument"), 0.03),
                                Component.standard(Source.named("b"), 0.005)));
        Map<Feature, Measured> apart = Map.of(
                Feature.BORE,
                        Measured.of(
                                25.04,
                                Component.standard(Source.named("one"), 0.03),
                                Component.standard(Source.named("a"), 0.005)),
                Feature.OUTSIDE,
                        Measured.of(
                                52.04,
                                Component.standard(Source.named("two"), 0.03),
                                Component.standard(Source.named("b"), 0.005)));
        double together = probability(shared, family);
        double each = probability(apart, family);
        assertThat(1 - together).isLessThan(1 - each);
    }

    private static double probability(Map<Feature, Measured> evidence, Family family) {
        return Identification.of(Subject.AXLE_BEARING, evidence, Optional.empty(), List.of(family))
                .best()
                .orElseThrow()
                .probability();
    }

    @Test
    void papersThatCannotBeTrueAreContradicted() {
        Map<Feature, Measured> housing = Map.of(
                Feature.ACROSS, Measured.of(92.07, Component.standard(Source.named("u"), 0.1)),
                Feature.UP, Measured.of(60.32, Component.standard(Source.named("u2"), 0.1)));
        Identification found =
                Identification.of(Subject.HOUSING_END, housing, Optional.empty(), FAMILIES.of(Family.Kind.HOUSING_END));
        assertThat(found.best().orElseThrow().name()).isEqualTo("Corvane wide");
        assertThat(found.against("Corvane narrow"))
                .hasValueSatisfying(t -> assertThat(said(t)).contains("not original"));
        assertThat(found.against("Corvane wide")).isEmpty();
    }

    @Test
    void figuresOfAFamilyAreReadInShopNotation() {
        Map<Feature, Nominal> figures = Families.figures("circle=4 1/2 in +-0.2; count=5");
        assertThat(figures.get(Feature.CIRCLE).centre()).isEqualTo(114.3, within(1e-9));
        assertThat(figures.get(Feature.CIRCLE).halfWidth()).isEqualTo(0.2, within(1e-9));
        assertThatThrownBy(() -> Families.figures("girth=3")).hasMessageContaining("girth");
        assertThatThrownBy(() -> Families.figures("circle")).hasMessageContaining("circle=101.6");
        assertThatThrownBy(() -> Families.figures("circle=-3")).hasMessageContaining("more than 0");
    }

    @Test
    void aShopsFamilyTakesThePlaceOfTheShippedOneOfThatName() {
        Family own = new Family(
                Family.Kind.HOUSING_END, "Corvane wide", Map.of(Feature.ACROSS, new Nominal(93, 0.1)), "own shop");
        Families more = FAMILIES.plus(List.of(own));
        assertThat(more.of(Family.Kind.HOUSING_END))
                .hasSameSizeAs(FAMILIES.of(Family.Kind.HOUSING_END))
                .contains(own);
    }

    /** Printed rows: ISO 355 30206 is 30x62x17.25 mm; ABMA 19.2 L45449 has a bore of 1.1417 in (from memory). */
    @Test
    void printedRowsStandInTheTables() {
        Family metric = find("30206");
        assertThat(metric.figures().get(Feature.OUTSIDE).centre()).isEqualTo(62, within(1e-9));
        assertThat(metric.figures().get(Feature.WIDTH).centre()).isEqualTo(17.25, within(1e-9));
        assertThat(find("L45449/L45410").figures().get(Feature.BORE).centre()).isEqualTo(1.1417 * 25.4, within(1e-9));
    }

    private static Family find(String name) {
        return FAMILIES.of(Family.Kind.BEARING).stream()
                .filter(f -> f.name().equals(name))
                .findFirst()
                .orElseThrow();
    }
}
