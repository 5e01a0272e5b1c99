package itrova.core.search;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import itrova.core.check.clearance.WeldAngle;
import itrova.core.fastener.Thread;
import itrova.core.finding.CheckId;
import itrova.core.finding.Finding;
import itrova.core.judge.Checks;
import itrova.core.judge.KitReport;
import itrova.core.judge.Mending;
import itrova.core.judge.Samples;
import itrova.core.kit.Disc;
import itrova.core.kit.Figure;
import itrova.core.kit.Kit;
import itrova.core.kit.KitOption;
import itrova.core.kit.KitStuds;
import itrova.core.kit.KitTerms;
import itrova.core.kit.PartKind;
import itrova.core.placed.AxleCase;
import itrova.core.placed.KitOnSide;
import itrova.core.quantity.Measured;
import itrova.core.remedy.Work;
import itrova.core.remedy.WorkKind;
import itrova.core.settings.Limit;
import itrova.core.settings.ShopSettings;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.AxleLoad;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Side;
import itrova.core.vehicle.Station;
import itrova.core.vehicle.Wheel;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class SearchTest {
    private static final ShopSettings SETTINGS = ShopSettings.DEFAULTS.with(Limit.WHEEL_SPACERS, 1);
    private static final Search.Terms TERMS = new Search.Terms(Weights.USUAL, Set.of(), 5);

    private static Search.Outcome search(AxleCase axle, List<Kit> kits, List<Wheel> wheels) {
        return Search.run(axle, kits, wheels, SETTINGS, TERMS, done -> {}, () -> false);
    }

    private static Kit kit(String code, long cents, Disc disc, List<KitOption> options) {
        Kit model = Samples.kit();
        return new Kit(
                code,
                code,
                "supplier",
                model.fits(),
                model.withDisc(disc).parts(),
                new KitTerms(List.of(), PartKind.all(), List.of(), cents, 5, true, true, ""),
                List.of(),
                List.of(),
                new Kit.Choices(options, List.of(), List.of()));
    }

    private static Disc disc(double bore, double hatInside, double hatThickness, double hatDepth, double hole) {
        return Samples.disc()
                .but()
                .bore(Figure.stated(bore, 0.02))
                .hatInside(Figure.stated(hatInside, 0.2))
                .hatThickness(Figure.stated(hatThickness, 0.1))
                .hatDepth(Figure.stated(hatDepth, 0.2))
                .build()
                .withHoles(5, Figure.stated(hole, 0.1));
    }

    private static KitOption option(
            String code, String group, long cents, Optional<Disc> disc, Optional<KitStuds> studs) {
        return new KitOption(
                code,
                code,
                group,
                cents,
                8,
                // a disc with another hat comes with a bracket made for it
                new KitOption.Change(
                        disc,
                        Optional.empty(),
                        disc.map(d -> Samples.kit().bracket()),
                        studs,
                        Optional.empty(),
                        Optional.empty()));
    }

    private static KitStuds studs(double stickOut) {
        return new KitStuds(Thread.parse("1/2-20"), Figure.stated(12.75, 0.05), Figure.stated(stickOut, 0.3));
    }

    private static Wheel wheel(String code, double out, long cents) {
        List<Station> spokes = IntStream.of(70, 100, 150, 175)
                .mapToObj(r -> Samples.station(r, 8 + 0.2 * (r - 70) + out))
                .toList();
        return new Wheel(
                code,
                code,
                5,
                Samples.mm(114.3, 0.05),
                Samples.mm(14.6, 0.03),
                Samples.mm(82, 0.2),
                Optional.of(Samples.mm(165, 0.3)),
                OptionalInt.of(14),
                List.of(Samples.station(10, 366), Samples.station(45, 352), Samples.station(110, 356)),
                spokes,
                Samples.mm(5, 0.05),
                Samples.mm(71.2, 0.03),
                Optional.of("60 deg cone"),
                OptionalDouble.of(600),
                new Wheel.Offer("factor", cents, 6));
    }

    private static AxleEnd.Builder end(Side side) {
        return Samples.end(side, AxleEndKind.FRONT_SPINDLE).length(Callout.WHEEL_STUD_HOLE, Samples.mm(14.6, 0.03));
    }

    private static AxleCase axle(AxleEnd left, AxleEnd right) {
        return new AxleCase(List.of(left, right), Optional.of(new AxleLoad(900, AxleLoad.Source.PLATE)));
    }

    @Test
    void theCheaperOptionIsTakenWhereItMends() {
        Disc deep = disc(70.9, 154, 6.5, 50, 13.4);
        AxleEnd near = end(Side.LEFT)
                .spokes(List.of(Samples.station(70, -6), Samples.station(100, -6), Samples.station(165, 14)))
                .build();
        AxleEnd right = end(Side.RIGHT)
                .spokes(List.of(Samples.station(70, -6), Samples.station(100, -6), Samples.station(165, 14)))
                .build();
        Kit kit = kit(
                "A", 50_000, Samples.disc(), List.of(option("D50", "disc", 1500, Optional.of(deep), Optional.empty())));
        Search.Outcome found = search(axle(near, right), List.of(kit), List.of());
        assertThat(found.best().get(0).options()).extracting(KitOption::code).containsExactly("D50");
        assertThat(found.best().get(0).cost().cents()).isEqualTo(51_500);
        assertThat(found.complete()).isTrue();
    }

    @Test
    void theFrontHoldsWhatNothingBeatsInEverything() {
        Kit cheapButBored = kit("CHEAP", 40_000, disc(70.6, 154, 6.5, 42, 13.4), List.of());
        Kit dear = kit("DEAR", 90_000, Samples.disc(), List.of());
        Search.Outcome found =
                search(axle(end(Side.LEFT).build(), end(Side.RIGHT).build()), List.of(cheapButBored, dear), List.of());
        assertThat(found.front()).hasSize(2);
        assertThat(found.best().get(0).report().kit().code()).isEqualTo("CHEAP");
        Search.Outcome noLathe = Search.run(
                axle(end(Side.LEFT).build(), end(Side.RIGHT).build()),
                List.of(cheapButBored, dear),
                List.of(),
                SETTINGS,
                new Search.Terms(Weights.USUAL, Set.of(WorkKind.BORE_DISC), 5),
                done -> {},
                () -> false);
        assertThat(noLathe.best()).extracting(c -> c.report().kit().code()).containsExactly("DEAR");
    }

    @Test
    void whenNothingIsProvenTheFewestObstaclesAreNamed() {
        AxleEnd unread = end(Side.LEFT).build();
        AxleEnd right = new AxleEnd.Builder(Side.RIGHT, unread.form()).build();
        Kit one = kit("ONE", 50_000, Samples.disc(), List.of());
        Kit two = kit("TWO", 50_000, disc(90, 154, 6.5, 42, 13.4).withHoles(5, Figure.stated(20, 0.1)), List.of());
        Search.Outcome found = search(axle(unread, right), List.of(two, one), List.of());
        assertThat(found.best()).isEmpty();
        assertThat(found.nearest())
                .hasValueSatisfying(c -> assertThat(c.report().kit().code()).isEqualTo("ONE"));
    }

    @Test
    void cancelledItSaysSo() {
        List<Kit> kits = IntStream.range(0, 50)
                .mapToObj(i -> kit("K" + i, 1000 + i, Samples.disc(), List.of()))
                .toList();
        Search.Outcome found = Search.run(
                axle(end(Side.LEFT).build(), end(Side.RIGHT).build()),
                kits,
                List.of(),
                SETTINGS,
                TERMS,
                d -> {},
                () -> true);
        assertThat(found.complete()).isFalse();
    }

    /** Reference: every kit, every wheel, every choice of options, every choice of work, each judged in full; no shortcut. */
    @Test
    void fiveHundredSmallCataloguesAgreeWithBruteForce() {
        Random random = new Random(4711);
        int proven = 0;
        for (int n = 0; n < 500; n++) {
            AxleCase axle = axle(randomEnd(Side.LEFT, random), randomEnd(Side.RIGHT, random));
            List<Kit> kits = new ArrayList<>();
            for (int k = 0; k < 1 + random.nextInt(3); k++) {
                kits.add(randomKit("K" + k, random));
            }
            List<Wheel> wheels = random.nextBoolean()
                    ? List.of(wheel("W", 12 * random.nextDouble(), 10_000 + random.nextInt(20_000)))
                    : List.of();
            Search.Outcome found = search(axle, kits, wheels);
            double reference = bruteForce(axle, kits, wheels);
            if (Double.isFinite(reference)) {
                proven++;
                assertThat(found.best()).as("case %d", n).isNotEmpty();
                assertThat(Weights.USUAL.of(found.best().get(0).cost()))
                        .as("case %d", n)
                        .isEqualTo(reference, within(1e-6));
            } else {
                assertThat(found.best()).as("case %d", n).isEmpty();
            }
        }
        assertThat(proven).isBetween(100, 490);
    }

    private static AxleEnd randomEnd(Side side, Random random) {
        double spoke = -10 + 14 * random.nextDouble();
        double register = 70.2 + 0.8 * random.nextDouble();
        return end(side)
                .length(Callout.REGISTER_HEIGHT, Samples.mm(20, 0.1))
                .length(Callout.REGISTER, Samples.mm(register, 0.01))
                .length(Callout.WHEEL_BORE, Samples.mm(register + 0.2, 0.02))
                .length(Callout.FLANGE, Samples.mm(146 + 8 * random.nextDouble(), 0.05))
                .length(Callout.STUD_STICK_OUT, Samples.mm(24 + 10 * random.nextDouble(), 0.1))
                .length(Callout.STUD_SHOULDER, Samples.mm(12.6 + random.nextDouble(), 0.02))
                .spokes(List.of(
                        Samples.station(70, spoke), Samples.station(155, spoke), Samples.station(165, spoke + 20)))
                .build();
    }

    private static Disc randomDisc(Random random) {
        return disc(
                70.4 + 0.8 * random.nextDouble(),
                150 + 6 * random.nextDouble(),
                6 + 8 * random.nextDouble(),
                38 + 10 * random.nextDouble(),
                12.8 + random.nextDouble());
    }

    private static Kit randomKit(String code, Random random) {
        List<KitOption> options = new ArrayList<>();
        for (int i = 0; i < random.nextInt(3); i++) {
            options.add(option(
                    "D" + i, "disc", 500 + random.nextInt(5000), Optional.of(randomDisc(random)), Optional.empty()));
        }
        if (random.nextBoolean()) {
            options.add(option(
                    "S",
                    "studs",
                    1000 + random.nextInt(4000),
                    Optional.empty(),
                    Optional.of(studs(30 + 14 * random.nextDouble()))));
        }
        return kit(code, 30_000 + random.nextInt(40_000), randomDisc(random), options);
    }

    private static double bruteForce(AxleCase axle, List<Kit> kits, List<Wheel> wheels) {
        double best = Double.POSITIVE_INFINITY;
        for (Kit kit : kits) {
            for (List<KitOption> taken : subsets(kit.choices().options())) {
                for (int w = 0; w <= wheels.size(); w++) {
                    AxleCase on = w == 0 ? axle : axle.withWheel(wheels.get(w - 1));
                    long parts = kit.terms().priceCents()
                            + taken.stream().mapToLong(KitOption::priceCents).sum()
                            + (w == 0 ? 0 : wheels.get(w - 1).offer().pairCents());
                    int days = Math.max(5, Math.max(taken.isEmpty() ? 0 : 8, w == 0 ? 0 : 6));
                    for (List<Work> works : ways(on, kit.with(taken))) {
                        long cents = parts
                                + works.stream()
                                        .mapToLong(x -> x.terms().cents())
                                        .sum();
                        int minutes = works.stream()
                                .mapToInt(x -> x.terms().minutes())
                                .sum();
                        long stuck = works.stream()
                                .filter(x -> !x.kind().isReversible())
                                .count();
                        best = Math.min(best, cents + 500.0 * days + 100.0 * minutes + 5000.0 * stuck);
                    }
                }
            }
        }
        return best;
    }

    /** Works of every proven way to mend both sides. */
    private static List<List<Work>> ways(AxleCase on, Kit kit) {
        List<List<Work>> ways = new ArrayList<>();
        for (int left = 0; left < 4; left++) {
            for (int right = 0; right < 4; right++) {
                List<Finding> findings = new ArrayList<>();
                for (int i = 0; i < 2; i++) {
                    int choice = i == 0 ? left : right;
                    KitOnSide side = new KitOnSide(
                            on.ends().get(i),
                            itrova.core.clearance.WheelProfile.of(on.ends().get(i)),
                            on.load(),
                            kit,
                            SETTINGS,
                            WeldAngle::near);
                    findings.addAll(Mending.choosing(
                                    Checks.ALL,
                                    side,
                                    (check, allowed) -> allowed.get(Math.min(
                                            Map.of(CheckId.HAT_FLANGE, choice % 2, CheckId.REGISTER, choice / 2)
                                                    .getOrDefault(check, 0),
                                            allowed.size() - 1)),
                                    Set.of())
                            .findings());
                }
                KitReport report = KitReport.of(kit, findings);
                if (report.verdict().isProven()) {
                    ways.add(report.works());
                }
            }
        }
        return ways;
    }

    private static List<List<KitOption>> subsets(List<KitOption> options) {
        List<List<KitOption>> all = new ArrayList<>();
        for (int mask = 0; mask < 1 << options.size(); mask++) {
            List<KitOption> taken = new ArrayList<>();
            for (int i = 0; i < options.size(); i++) {
                if ((mask & 1 << i) != 0) {
                    taken.add(options.get(i));
                }
            }
            long groups = taken.stream().map(KitOption::group).distinct().count();
            if (groups == taken.size()) {
                all.add(taken);
            }
        }
        return all;
    }

    /** Common practice: two inches more of axle want one inch more of backspacing each side to keep the tyre in place. */
    @Test
    void twoInchesMoreAxleWantAnInchMoreBackspacingASide() {
        AxleEnd found = end(Side.LEFT).build();
        Wheel more = wheel("W", 0, 1);
        Measured back = found.length(Callout.WHEEL_BACKSPACING).orElseThrow().plus(25.4);
        Wheel deeper = new Wheel(
                "D",
                "D",
                5,
                more.circle(),
                more.studHole(),
                back,
                more.overall(),
                more.rimInches(),
                more.barrel(),
                more.spokes(),
                more.pad(),
                more.bore(),
                more.seat(),
                more.ratedKg(),
                more.offer());
        // An inch a side of longer axle is an inch outboard; the deeper wheel takes it back.
        double outboard =
                25.4 + found.withWheel(deeper).wheelShift().orElseThrow().value();
        assertThat(outboard).isEqualTo(0, within(1e-9));
    }
}
