package itrova.core.guide;

import static itrova.core.wording.Said.said;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import itrova.core.identity.Families;
import itrova.core.judge.FitEngine;
import itrova.core.judge.KitReport;
import itrova.core.judge.Samples;
import itrova.core.kit.Kit;
import itrova.core.measure.Consolidation;
import itrova.core.measure.Instrument;
import itrova.core.measure.Reading;
import itrova.core.measure.ReadingSpec;
import itrova.core.measure.TakenApart;
import itrova.core.placed.AxleCase;
import itrova.core.quantity.UnitSystem;
import itrova.core.settings.ShopSettings;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.AxleForm;
import itrova.core.vehicle.AxleLoad;
import itrova.core.vehicle.BracketShape;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Side;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

class NextReadingTest {
    private static final AxleForm FORM = AxleForm.defaultFor(AxleEndKind.FRONT_SPINDLE, BracketShape.CIRCLE);
    private static final Map<Callout, String> TRUTH = Map.ofEntries(
            Map.entry(Callout.LUG_COUNT, "5"),
            Map.entry(Callout.STUD_OVER_SKIP_ONE, "121.33"),
            Map.entry(Callout.STUD_THREAD, "1/2-20"),
            Map.entry(Callout.STUD_MAJOR, "12.62"),
            Map.entry(Callout.STUD_SHOULDER, "12.68"),
            Map.entry(Callout.STUD_STICK_OUT, "36.0"),
            Map.entry(Callout.REGISTER, "70.81"),
            Map.entry(Callout.REGISTER_HEIGHT, "12.0"),
            Map.entry(Callout.FLANGE, "147.9"),
            Map.entry(Callout.BRACKET_COUNT, "4"),
            Map.entry(Callout.BRACKET_CIRCLE, "101.60"),
            Map.entry(Callout.BRACKET_HOLE, "11.58"),
            Map.entry(Callout.WHEEL_BACKSPACING, "80.0"),
            Map.entry(Callout.WHEEL_PAD, "5.10"),
            Map.entry(Callout.WHEEL_BORE, "71.20"),
            Map.entry(Callout.HUB_FACE, "62.5"),
            Map.entry(Callout.DRUM_FACE, "6.0"),
            Map.entry(Callout.KNUCKLE_RIB, "5.0"),
            Map.entry(Callout.KNUCKLE_RIB_RADIUS, "60"),
            Map.entry(Callout.WHEEL_TO_FENDER, "45"),
            Map.entry(Callout.WHEEL_TO_FRAME, "50"),
            Map.entry(Callout.WHEEL_WEIGHTS, "3.0"));
    private static final String[][] BARREL = {{"10", "362.1"}, {"45", "344.3"}, {"110", "348.0"}};
    private static final String[][] SPOKES = {{"70", "9.0"}, {"100", "14.0"}, {"165", "28.2"}};

    private final List<Reading> taken = new ArrayList<>();
    private final List<Kit> kits = new ArrayList<>(List.of(Samples.kit()));

    private AxleCase axle() {
        return new AxleCase(
                List.of(looked(Side.LEFT), looked(Side.RIGHT)), Optional.of(new AxleLoad(900, AxleLoad.Source.PLATE)));
    }

    private AxleEnd looked(Side side) {
        return Consolidation.of(side, FORM, taken).toBuilder()
                .around(Samples.NOTHING_AROUND)
                .build();
    }

    private List<KitReport> reports() {
        return FitEngine.match(axle(), kits, ShopSettings.DEFAULTS);
    }

    private NextReading.Advice advice() {
        return NextReading.advise(axle(), taken, reports(), Families.SHIPPED, ShopSettings.DEFAULTS);
    }

    private void take(Side side, Callout callout, String place, String text, Instrument with) {
        taken.add(Reading.take(side, callout, place, text, with, UnitSystem.METRIC));
    }

    private void take(Side side, Callout callout) {
        Instrument usual = ReadingSpec.of(callout).preferred();
        int already = (int) taken.stream()
                .filter(r -> r.side() == side && r.callout() == callout)
                .count();
        if (callout.hasPlaces()) {
            String[][] profile = callout == Callout.WHEEL_BARREL ? BARREL : SPOKES;
            take(side, callout, profile[already][0], profile[already][1], usual);
        } else {
            take(side, callout, "", TRUTH.get(callout), usual);
        }
    }

    private void takeAllThatSettles() {
        for (int n = 0; n < 60; n++) {
            Optional<NextReading.Suggestion> next = advice().next().filter(s -> s.bits() > 0 && !s.isAgain());
            if (next.isEmpty()) {
                return;
            }
            take(next.get().side(), next.get().callout());
        }
    }

    @Test
    void followedToItsEndTheAdviceProvesTheKitAndSaysSo() {
        takeAllThatSettles();
        assertThat(reports().get(0).verdict().isProven()).isTrue();
        assertThat(advice().finished())
                .hasValueSatisfying(t -> assertThat(said(t)).startsWith("Measuring is finished"));
        // what no kit hangs on was never asked for
        assertThat(taken).extracting(Reading::callout).doesNotContain(Callout.INNER_JOURNAL, Callout.WHEEL_OVERALL);
    }

    @Test
    void whatNeedsTheDrumOffSaysSoBeforeTheDrumIsOff() {
        assertThat(advice().ranked())
                .filteredOn(s -> ReadingSpec.of(s.callout()).needs() == TakenApart.DRUM)
                .isNotEmpty()
                .allSatisfy(s -> assertThat(said(s.howTo())).contains("Pull the drum first"));
        assertThat(ReadingSpec.of(advice().next().orElseThrow().callout()).needs())
                .isEqualTo(TakenApart.ON);
        take(Side.LEFT, Callout.REGISTER);
        assertThat(advice().ranked())
                .filteredOn(s ->
                        s.side() == Side.LEFT && ReadingSpec.of(s.callout()).needs() == TakenApart.DRUM)
                .allSatisfy(s -> assertThat(s.howTo().isEmpty()).isTrue());
    }

    @Test
    void aKitProvenNotToFitAsksForNothing() {
        for (Side side : Side.values()) {
            take(side, Callout.LUG_COUNT);
            take(side, Callout.STUD_MAJOR);
        }
        take(Side.LEFT, Callout.STUD_OVER_SKIP_ONE, "", "140.00", Instrument.CALIPER_OUTSIDE);
        NextReading.Advice advice = advice();
        assertThat(advice.openKits()).isZero();
        assertThat(advice.finished()).isPresent();
        assertThat(advice.ranked()).allSatisfy(s -> assertThat(s.bits()).isZero());
    }

    @Test
    void aReadingTooDoubtfulIsAskedForAgain() {
        takeAllThatSettles();
        taken.removeIf(r -> r.side() == Side.LEFT && r.callout() == Callout.REGISTER);
        take(Side.LEFT, Callout.REGISTER, "", "70.9", Instrument.STEEL_RULE);
        assertThat(advice().next()).hasValueSatisfying(s -> {
            assertThat(s.callout()).isEqualTo(Callout.REGISTER);
            assertThat(s.isAgain()).isTrue();
            assertThat(said(s.why())).contains("too doubtful");
        });
    }

    @Test
    void theReadingThatDividesTheKitsComesBeforeOneThatSuitsAll() {
        for (Side side : Side.values()) {
            take(side, Callout.LUG_COUNT);
        }
        List<Callout> order = advice().ranked().stream()
                .filter(s -> s.side() == Side.LEFT && s.bits() > 0)
                .map(NextReading.Suggestion::callout)
                .toList();
        // the load of proof lies on the circle: few circles suit a disc, nearly every stud length does
        assertThat(order.indexOf(Callout.STUD_OVER_SKIP_ONE)).isLessThan(order.indexOf(Callout.WHEEL_PAD));
    }

    @Test
    void entropyAndNormalDistributionAgreeWithTheirDefinitions() {
        assertThat(Entropy.bits(0.5)).isEqualTo(1, within(1e-12));
        assertThat(Entropy.bits(0)).isZero();
        assertThat(Entropy.bits(1)).isZero();
        // Abramowitz and Stegun, table 26.1: P(1) = 0.8413447461, P(-1.96) = 0.0249978951
        assertThat(Entropy.phi(1)).isEqualTo(0.8413447461, within(2e-7));
        assertThat(Entropy.phi(-1.96)).isEqualTo(0.0249978951, within(2e-7));
        // the quadrature's own moments: 1, 0 and 1
        double total = 0;
        double square = 0;
        for (int i = 0; i < Entropy.NODES.length; i++) {
            total += Entropy.WEIGHTS[i];
            square += Entropy.WEIGHTS[i] * Entropy.NODES[i] * Entropy.NODES[i];
        }
        assertThat(total).isEqualTo(1, within(1e-9));
        assertThat(square).isEqualTo(1, within(1e-9));
    }

    @Test
    void everySuggestionIsReadAtThisEndAndSaidOnce() {
        List<NextReading.Suggestion> ranked = advice().ranked();
        Set<Callout> sheet = Set.copyOf(ReadingSpec.handOrder(FORM));
        Map<String, Integer> seen = new HashMap<>();
        ranked.forEach(s -> seen.merge(s.side() + " " + s.callout() + s.place(), 1, Integer::sum));
        assertThat(ranked).allSatisfy(s -> {
            assertThat(sheet).contains(s.callout());
            assertThat(said(s.why())).isNotBlank();
        });
        assertThat(seen.values()).containsOnly(1);
    }
}
