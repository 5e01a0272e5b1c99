package itrova.core.work;

import static itrova.core.wording.Said.said;
import static org.assertj.core.api.Assertions.assertThat;

import itrova.core.bench.HoldKind;
import itrova.core.bench.HoldWanted;
import itrova.core.judge.FitEngine;
import itrova.core.judge.Samples;
import itrova.core.kit.BracketMount;
import itrova.core.kit.Figure;
import itrova.core.kit.Kit;
import itrova.core.kit.KitNeeds;
import itrova.core.kit.KitTerms;
import itrova.core.kit.OwnSpindle;
import itrova.core.kit.RotorHub;
import itrova.core.kit.SetLimits;
import itrova.core.kit.TorqueSpec;
import itrova.core.settings.ShopSettings;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.AxleForm;
import itrova.core.vehicle.BracketShape;
import itrova.core.vehicle.Retention;
import itrova.core.vehicle.SpindleNut;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/**
 * For every kind of axle end and of bracket the steps as a mechanic writes them down, before the rules were (common practice). A line is a
 * step of the left side or of the whole axle, what it waits for, {@code !} where it is held by a reading or a look, {@code T} where a
 * torque is set. The right side is the same.
 */
class GoldenPlansTest {
    private static final String FRONT = """
            lift <
            fluid < lift
            left-strip < fluid
            left-hub-off < left-strip
            left-backing < left-strip, left-hub-off
            left-clean ! < left-backing
            left-mockup ! < left-clean
            left-make-good ! < left-mockup
            left-paint < left-make-good
            left-bracket !T < left-paint
            left-pack < left-make-good
            left-seal ! < left-pack
            left-hub-on < left-seal, left-bracket, left-paint
            left-adjust ! < left-hub-on
            left-cap < left-adjust
            left-disc-thickness ! < left-make-good
            left-disc ! < left-disc-thickness, left-bracket, left-paint, left-adjust
            left-caliper !T < left-disc
            left-hose !T < left-caliper
            compare ! < left-hose, left-cap
            wheel-nuts !T < compare
            bleed ! < compare, wheel-nuts
            """;

    /** The shaft is out before the backing plate; the bearing is pressed on last. */
    private static final String PRESSED = """
            lift <
            fluid < lift
            neutral < lift
            left-strip < fluid, neutral
            left-shaft-out < left-strip
            left-press-off < left-shaft-out
            left-backing < left-strip, left-press-off
            left-clean ! < left-backing, left-press-off
            left-mockup ! < left-clean
            left-make-good ! < left-mockup
            left-paint < left-make-good
            left-press-on ! < left-paint
            left-bracket !T < left-press-on, left-paint
            left-shaft-in ! < left-press-on, left-bracket
            left-disc-thickness ! < left-make-good
            left-disc ! < left-disc-thickness, left-bracket, left-paint, left-shaft-in
            left-caliper !T < left-disc
            left-hose !T < left-caliper
            compare ! < left-hose
            wheel-nuts !T < compare
            bleed ! < compare, wheel-nuts
            """;

    /** Where drums never go back the plate is cut with the bearing left where it is. */
    private static final String CUT = """
            lift <
            fluid < lift
            neutral < lift
            left-strip < fluid, neutral
            left-shaft-out < left-strip
            left-plate-cut < left-shaft-out
            left-clean ! < left-plate-cut
            left-mockup ! < left-clean
            left-make-good ! < left-mockup
            left-paint < left-make-good
            left-bracket !T < left-paint
            left-shaft-in ! < left-bracket
            left-disc-thickness ! < left-make-good
            left-disc ! < left-disc-thickness, left-bracket, left-paint, left-shaft-in
            left-caliper !T < left-disc
            left-hose !T < left-caliper
            compare ! < left-hose
            wheel-nuts !T < compare
            bleed ! < compare, wheel-nuts
            """;

    /** Cover, pin and clips out, and back before anything is centred on the shaft; then gasket and oil. */
    private static final String CLIPPED = """
            lift <
            fluid < lift
            neutral < lift
            cover-off < fluid, neutral
            pin-out < cover-off
            left-strip < fluid, neutral
            left-clip-out < left-strip, pin-out
            left-backing < left-strip, left-clip-out
            left-clean ! < left-backing
            left-mockup ! < left-clean
            left-make-good ! < left-mockup
            left-paint < left-make-good
            left-bracket !T < left-paint
            left-clip-in ! < left-bracket, left-paint
            left-disc-thickness ! < left-make-good
            left-disc ! < left-disc-thickness, left-bracket, left-paint, left-clip-in
            left-caliper !T < left-disc
            left-hose !T < left-caliper
            compare ! < left-hose
            pin-in ! < left-clip-in
            gear-oil ! < pin-in
            wheel-nuts !T < compare, gear-oil
            bleed ! < compare, wheel-nuts
            """;

    private static final String CLOSED = """
            lift <
            fluid < lift
            left-strip < fluid
            left-drive-off < left-strip
            left-hub-off < left-drive-off
            left-spindle-off < left-hub-off
            left-backing < left-strip, left-hub-off, left-spindle-off
            left-clean ! < left-backing, left-spindle-off
            left-knuckle-seals ! < left-clean
            left-mockup ! < left-clean, left-knuckle-seals
            left-make-good ! < left-mockup
            left-paint < left-make-good
            left-bracket !T < left-paint
            left-spindle-on ! < left-bracket, left-paint, left-knuckle-seals
            left-pack < left-make-good
            left-seal ! < left-pack
            left-hub-on < left-seal, left-bracket, left-paint, left-spindle-on
            left-adjust ! < left-hub-on
            left-cap < left-adjust
            left-drive-on < left-adjust, left-cap
            left-disc-thickness ! < left-make-good
            left-disc ! < left-disc-thickness, left-bracket, left-paint, left-adjust
            left-caliper !T < left-disc
            left-hose !T < left-caliper
            compare ! < left-hose, left-cap, left-drive-on
            gear-oil ! < compare
            wheel-nuts !T < compare, gear-oil
            bleed ! < compare, wheel-nuts
            """;

    private static final String PORTAL = """
            lift <
            fluid < lift
            left-strip < fluid
            left-backing < left-strip
            left-clean ! < left-backing
            left-portal-spacer ! < left-clean
            left-mockup ! < left-clean, left-portal-spacer
            left-make-good ! < left-mockup
            left-paint < left-make-good
            left-bracket !T < left-paint
            left-disc-thickness ! < left-make-good
            left-disc ! < left-disc-thickness, left-bracket, left-paint
            left-caliper !T < left-disc
            left-hose !T < left-caliper
            compare ! < left-hose
            gear-oil ! < compare
            wheel-nuts !T < compare, gear-oil
            bleed ! < compare, wheel-nuts
            """;

    /** The big nut is loosened and torqued with the wheel on the ground. */
    private static final String UPRIGHT = """
            axle-nut-loose <
            lift < axle-nut-loose
            fluid < lift
            neutral < lift
            left-strip < fluid, neutral
            left-backing < left-strip
            left-clean ! < left-backing
            left-mockup ! < left-clean
            left-make-good ! < left-mockup
            left-paint < left-make-good
            left-bracket !T < left-paint
            left-disc-thickness ! < left-make-good
            left-disc ! < left-disc-thickness, left-bracket, left-paint
            left-caliper !T < left-disc
            left-hose !T < left-caliper
            compare ! < left-hose
            wheel-nuts !T < compare
            axle-nut-tight ! < wheel-nuts
            bleed ! < compare, wheel-nuts
            """;

    private static AxleForm form(AxleEndKind kind, Retention retention) {
        return new AxleForm(kind, BracketShape.CIRCLE, SpindleNut.CASTLE, retention, false, false, false, false);
    }

    private static BenchPlan plan(AxleEndKind kind, Retention retention, Kit kit) {
        return BenchPlan.of(PlanCase.alone(
                FitEngine.report(Samples.axle(kind), kit, ShopSettings.DEFAULTS), form(kind, retention)));
    }

    private static List<String> told(BenchPlan plan) {
        return plan.steps().stream()
                .filter(s -> !s.id().startsWith("right-"))
                .map(s -> s.id()
                        + mark(s)
                        + " <"
                        + s.after().stream()
                                .filter(a -> !a.startsWith("right-"))
                                .map(a -> " " + a)
                                .collect(Collectors.joining(",")))
                .toList();
    }

    private static String mark(BenchStep s) {
        String mark = (s.hold().isEmpty() ? "" : "!") + (s.tighten().isPresent() ? "T" : "");
        return mark.isEmpty() ? "" : " " + mark;
    }

    private static void assertPlan(AxleEndKind kind, Retention retention, Kit kit, String golden) {
        BenchPlan plan = plan(kind, retention, kit);
        assertThat(told(plan)).isEqualTo(Arrays.asList(golden.strip().split("\n")));
        List<String> left = plan.steps().stream()
                .map(BenchStep::id)
                .filter(id -> id.startsWith("left-"))
                .map(id -> id.substring(5))
                .toList();
        assertThat(plan.steps().stream().map(BenchStep::id).filter(id -> id.startsWith("right-")))
                .as("the right side is the same")
                .containsExactlyElementsOf(
                        left.stream().map(id -> "right-" + id).toList());
        assertThat(plan.steps()).allSatisfy(s -> {
            assertThat(s.effort().minutes()).as(s.id()).isPresent();
            assertThat(s.effort().source()).as(s.id()).isNotBlank();
        });
    }

    /** A kit whose papers state a torque for each fastener the steps name. */
    private static Kit kit() {
        return with(Samples.kit().terms());
    }

    private static Kit irreversible() {
        KitTerms t = Samples.kit().terms();
        return with(new KitTerms(
                t.box(),
                t.contents(),
                t.missing(),
                t.priceCents(),
                t.leadDays(),
                t.returnable(),
                false,
                t.parkingBrake()));
    }

    private static Kit with(KitTerms terms) {
        Kit kit = Samples.kit();
        List<TorqueSpec> torques = List.of("wheel nut", "bracket bolt", "caliper bolt", "banjo bolt").stream()
                .map(name -> new TorqueSpec(name, 50, Optional.empty()))
                .toList();
        return new Kit(
                kit.code(),
                kit.name(),
                kit.supplier(),
                kit.fits(),
                kit.parts(),
                terms,
                torques,
                kit.notes(),
                kit.choices());
    }

    @Test
    void aFrontSpindleWithTheDiscOverItsHub() {
        assertPlan(AxleEndKind.FRONT_SPINDLE, Retention.PRESSED_BEARING, kit(), FRONT);
    }

    @Test
    void aLiveAxleWithPressedBearings() {
        assertPlan(AxleEndKind.REAR_LIVE_AXLE, Retention.PRESSED_BEARING, kit(), PRESSED);
    }

    @Test
    void aLiveAxleWhoseBackingPlateIsCut() {
        assertPlan(AxleEndKind.REAR_LIVE_AXLE, Retention.PRESSED_BEARING, irreversible(), CUT);
    }

    @Test
    void aLiveAxleWithClips() {
        assertPlan(AxleEndKind.REAR_LIVE_AXLE, Retention.C_CLIP, kit(), CLIPPED);
    }

    @Test
    void aClosedKnuckle() {
        assertPlan(AxleEndKind.CLOSED_KNUCKLE, Retention.PRESSED_BEARING, kit(), CLOSED);
    }

    @Test
    void aPortalHub() {
        assertPlan(AxleEndKind.PORTAL_HUB, Retention.PRESSED_BEARING, kit(), PORTAL);
    }

    @Test
    void anUpright() {
        assertPlan(AxleEndKind.REAR_UPRIGHT, Retention.PRESSED_BEARING, kit(), UPRIGHT);
    }

    /** As a front spindle, with the electric wires made safe where lines are caught elsewhere. */
    @Test
    void aTrailerSpindle() {
        BenchPlan plan = plan(AxleEndKind.TRAILER_SPINDLE, Retention.PRESSED_BEARING, kit());
        assertThat(told(plan)).isEqualTo(Arrays.asList(FRONT.strip().split("\n")));
        assertThat(said(plan.step("fluid").orElseThrow().title())).contains("wires");
    }

    /** A spindle that is greased through: the grease shows before left and right are compared. */
    @Test
    void aSpindleThatIsGreasedThrough() {
        AxleForm through = new AxleForm(
                AxleEndKind.TRAILER_SPINDLE,
                BracketShape.CIRCLE,
                SpindleNut.CASTLE,
                Retention.PRESSED_BEARING,
                true,
                false,
                false,
                false);
        BenchPlan plan = BenchPlan.of(PlanCase.alone(
                FitEngine.report(Samples.axle(AxleEndKind.TRAILER_SPINDLE), kit(), ShopSettings.DEFAULTS), through));
        assertThat(plan.step("left-grease-through").orElseThrow().after()).containsExactly("left-cap");
        assertThat(plan.step("compare").orElseThrow().after()).contains("left-grease-through", "right-grease-through");
        assertThat(plan.has(StepKind.GREASE_THROUGH)).isTrue();
    }

    /** Cups pressed, bearings packed, seal home, hub on, end play read, lock and cap: before the disc is looked at. */
    @Test
    void aKitWithItsOwnHub() {
        RotorHub.Seat seat = new RotorHub.Seat(Figure.stated(50, 0.02), Optional.empty(), Optional.empty());
        Kit kit = kit().withHub(new RotorHub(
                seat,
                seat,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty()));
        List<String> told = told(plan(AxleEndKind.FRONT_SPINDLE, Retention.PRESSED_BEARING, kit));
        assertThat(told)
                .containsSubsequence(
                        "left-cups ! < left-make-good",
                        "left-pack < left-cups",
                        "left-seal ! < left-pack",
                        "left-hub-on < left-seal, left-bracket, left-paint",
                        "left-adjust ! < left-hub-on",
                        "left-cap < left-adjust",
                        "left-disc ! < left-disc-thickness, left-bracket, left-paint, left-adjust");
    }

    /** What the kit's papers state wins over practice at the hold. */
    @Test
    void theKitsOwnLimitsHoldAtItsSteps() {
        Kit kit = kit().withFitting(kit().fitting()
                .withNeeds(KitNeeds.NONE.withSet(new SetLimits(
                        Optional.of(new KitNeeds.Range(0.01, 0.05)),
                        Optional.of(new KitNeeds.Range(3.0, 3.6)),
                        OptionalDouble.of(0.06),
                        OptionalDouble.empty()))));
        BenchPlan stated = plan(AxleEndKind.FRONT_SPINDLE, Retention.PRESSED_BEARING, kit);
        assertThat(stated.step("left-adjust").orElseThrow().reading())
                .contains(HoldWanted.byPapers(HoldKind.END_PLAY, OptionalDouble.of(0.01), OptionalDouble.of(0.05)));
        assertThat(stated.step("left-seal").orElseThrow().reading())
                .contains(HoldWanted.byPapers(HoldKind.SEAL_DEPTH, OptionalDouble.of(3.0), OptionalDouble.of(3.6)));
        assertThat(stated.step("left-disc").orElseThrow().reading())
                .contains(HoldWanted.byPapers(HoldKind.RUN_OUT, OptionalDouble.empty(), OptionalDouble.of(0.06)));
        assertThat(stated.step("left-disc-thickness").orElseThrow().reading())
                .contains(HoldWanted.byDefault(HoldKind.THICKNESS_VARIATION));
        assertThat(plan(AxleEndKind.FRONT_SPINDLE, Retention.PRESSED_BEARING, kit())
                        .step("left-seal")
                        .orElseThrow()
                        .reading())
                .contains(HoldWanted.byDefault(HoldKind.SEAL_TILT));
    }

    /** Old spindle off, new one on by its joints, and alignment before the road. */
    @Test
    void aKitWithItsOwnSpindle() {
        Kit kit = kit().withFitting(kit().fitting()
                .withSpindle(new OwnSpindle(Map.of(), OptionalInt.empty(), Optional.empty(), false)));
        assertThat(told(plan(AxleEndKind.FRONT_SPINDLE, Retention.PRESSED_BEARING, kit)))
                .containsSubsequence(
                        "left-old-spindle-off < left-strip, left-hub-off",
                        "left-clean ! < left-backing, left-old-spindle-off",
                        "left-spindle-new ! < left-clean",
                        "left-mockup ! < left-clean, left-spindle-new",
                        "wheel-nuts !T < compare",
                        "alignment ! < wheel-nuts");
    }

    /** Mocked up, tacked, stripped, welded in passes, painted; never bolted. */
    @Test
    void aBracketWeldedOn() {
        Kit kit = kit();
        BracketMount m = kit.bracket().mount();
        Kit welded = kit.withBracket(kit.bracket()
                .but()
                .mount(new BracketMount(
                        BracketMount.Way.WELD_ON,
                        m.thickness(),
                        OptionalDouble.of(60),
                        Optional.empty(),
                        m.oblong(),
                        m.shims(),
                        m.orientation()))
                .build());
        List<String> told = told(plan(AxleEndKind.FRONT_SPINDLE, Retention.PRESSED_BEARING, welded));
        assertThat(told)
                .containsSubsequence(
                        "left-mockup ! < left-clean",
                        "left-make-good ! < left-mockup",
                        "left-tack ! < left-mockup, left-make-good",
                        "left-square ! < left-tack",
                        "left-weld ! < left-square",
                        "left-paint < left-make-good, left-weld",
                        "left-hub-on < left-seal, left-weld, left-paint");
        assertThat(told).noneMatch(s -> s.startsWith("left-bracket"));
    }

    @Test
    void toolsThatDecideAreNamedAtTheirStep() {
        BenchPlan plan = plan(AxleEndKind.REAR_LIVE_AXLE, Retention.PRESSED_BEARING, kit());
        assertThat(plan.step("left-press-on").orElseThrow().effort().tools()).contains("press");
        assertThat(plan.step("left-bracket").orElseThrow().effort().tools()).contains("torque wrench");
        assertThat(plan.step("left-disc").orElseThrow().effort().tools()).contains("dial indicator");
        assertThat(plan.step("left-strip").orElseThrow().effort().tools()).contains("respirator");
        assertThat(plan.step("bleed").orElseThrow().effort().people()).isEqualTo(2);
    }
}
