package itrova.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;
import static org.assertj.core.api.Assertions.within;

import itrova.core.fastener.Thread;
import itrova.core.geometry.ClockWindow;
import itrova.core.geometry.Point3;
import itrova.core.vehicle.HubHeld;
import itrova.core.vehicle.Joint;
import itrova.core.vehicle.KingPinTape;
import itrova.core.vehicle.Seen;
import itrova.core.vehicle.Side;
import itrova.core.vehicle.Surroundings;
import itrova.core.vehicle.Surroundings.Box;
import itrova.core.vehicle.Surroundings.HoseEnd;
import itrova.core.vehicle.Surroundings.Obstacle;
import itrova.core.vehicle.Surroundings.Steering;
import itrova.core.vehicle.Surroundings.Travel;
import itrova.core.vehicle.Surroundings.Tyre;
import itrova.core.vehicle.TapeFace;
import itrova.core.vehicle.Taped;
import itrova.core.vehicle.TapedThing;
import itrova.core.vehicle.ThingKind;
import itrova.core.vehicle.Wheel;
import itrova.core.vehicle.WheelDetails;
import itrova.core.vehicle.WheelDetails.CapRoom;
import itrova.core.vehicle.WheelDetails.Spare;
import itrova.core.vehicle.WheelDetails.Valve;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What stands around a wheel, in and out as a document. */
class SurroundingsDocumentTest {
    private static final Surroundings ALL = new Surroundings(
            Seen.all(List.of(
                    new Obstacle(
                            "steering arm",
                            new ClockWindow(200, 260),
                            -60,
                            -12.5,
                            70,
                            130,
                            0.5,
                            OptionalDouble.empty()),
                    new Obstacle("rib", new ClockWindow(-20, 30), -8, 4, 40, 62, 1, OptionalDouble.of(2.5)))),
            Seen.all(List.of(new Box("frame rail", new Point3(-320, -600, -60), new Point3(-240, 600, 60), 2))),
            Optional.of(new Steering(new Point3(-20, 4, -96), new Point3(-31, -2, 104), 34, 31, 1)),
            Optional.of(new Travel(62, 74, 1.5)),
            Optional.of(new Tyre(165, 634, OptionalDouble.of(560))),
            Optional.of(new HoseEnd(new Point3(-195, 60, 130), Optional.of(Thread.parse("3/8-24")))),
            List.of(new Joint("tie-rod end", "taper 1:8, 13.2 mm")),
            new WheelDetails(
                    Optional.of(HubHeld.KEYED_TAPER),
                    Optional.of(new Valve(58, 9, 1)),
                    Optional.of(new CapRoom(42, 0.5)),
                    Optional.of(Spare.SAME)),
            new Taped(
                    List.of(
                            new TapedThing.Beside(
                                    ThingKind.BALL_JOINT,
                                    "lower joint",
                                    180,
                                    40,
                                    70,
                                    OptionalDouble.empty(),
                                    88.5,
                                    OptionalDouble.of(120),
                                    OptionalDouble.of(2)),
                            new TapedThing.OnVehicle(
                                    ThingKind.SHOCK,
                                    "shock",
                                    TapeFace.TYRE,
                                    31,
                                    OptionalDouble.empty(),
                                    OptionalDouble.of(-40),
                                    OptionalDouble.of(12),
                                    OptionalDouble.empty(),
                                    OptionalDouble.of(200))),
                    Optional.of(new KingPinTape(
                            90, 110, 100, 140, OptionalDouble.of(-3), OptionalDouble.empty(), 32, 30))));

    private static Surroundings again(Surroundings s) {
        return SurroundingsDocument.read(SurroundingsDocument.write(Map.of(Side.LEFT, s)))
                .get(Side.LEFT);
    }

    @Test
    void allOfItIsReadBackAsItWasWritten() {
        assertThat(again(ALL)).isEqualTo(ALL);
    }

    @Test
    void whatNobodyLookedAtIsNotMadeUp() {
        String nothing = SurroundingsDocument.write(Map.of(Side.RIGHT, Surroundings.UNSEEN));
        assertThat(nothing).doesNotContain("details", "inboard", "travel");
        assertThat(SurroundingsDocument.read(nothing).get(Side.RIGHT)).isEqualTo(Surroundings.UNSEEN);
        assertThat(again(Surroundings.CLEAR).inboard())
                .as("looked, nothing there")
                .isEqualTo(Seen.nothing());
        Surroundings inPart = new Surroundings(
                new Seen<>(ALL.inboard().things(), false),
                new Seen<>(ALL.chassis().things(), false),
                ALL.steering(),
                ALL.travel(),
                ALL.tyre(),
                ALL.hose(),
                ALL.joints(),
                ALL.details());
        assertThat(again(inPart)).isEqualTo(inPart);
    }

    /** A spare of another profile goes with the job, so that the job can be judged elsewhere. */
    @Test
    void aSpareBringsItsProfile() {
        Wheel wheel = DemoData.wheels().get(0);
        WheelDetails details =
                new WheelDetails(Optional.empty(), Optional.empty(), Optional.empty(), Optional.of(Spare.of(wheel)));
        Wheel back =
                again(ALL.with(details)).details().spare().flatMap(Spare::wheel).orElseThrow();
        assertThat(back.code()).isEqualTo(wheel.code());
        assertThat(back.backspacing().value()).isEqualTo(wheel.backspacing().value(), within(1e-9));
        assertThat(back.barrel()).hasSameSizeAs(wheel.barrel());
        assertThat(back.spokes().get(0).size().u())
                .isEqualTo(wheel.spokes().get(0).size().u(), within(1e-6));
        Wheel twice = again(again(ALL.with(details)))
                .details()
                .spare()
                .flatMap(Spare::wheel)
                .orElseThrow();
        assertThat(WheelDocument.write(List.of(twice))).isEqualTo(WheelDocument.write(List.of(wheel)));
    }

    @Test
    void noSpareIsSomethingElseThanNobodyLooked() {
        WheelDetails none = new WheelDetails(
                Optional.empty(), Optional.of(new Valve(0, 0, 1)), Optional.empty(), Optional.of(Spare.NONE));
        assertThat(again(ALL.with(none)).details()).isEqualTo(none);
        assertThat(again(ALL.with(WheelDetails.UNSEEN)).details().spare()).isEmpty();
    }

    /** 1 in = 25.4 mm (international inch, 1959); lengths may be written as in the shop. */
    @Test
    void lengthsMayBeWrittenInShopNotation() {
        Surroundings s = SurroundingsDocument.read("""
                {"left":{"travel":{"bump_mm":"2 1/2 in","droop_mm":"3 in","roll_deg":0},
                 "chassis":[{"name":"rail","x_mm":["-10 in","-8 in"],"forward_mm":[-300,300],"up_mm":["−2 in",40]}],
                 "details":{"valve":{"depth_mm":"2 1/4 in","height_mm":"3/8 in"},"cap":{"room_mm":"1 1/2 in"}}}}""").get(Side.LEFT);
        assertThat(s.travel().orElseThrow().bump()).isEqualTo(63.5, within(1e-9));
        assertThat(s.chassis().things().get(0).low().x()).isEqualTo(-254, within(1e-9));
        assertThat(s.chassis().things().get(0).low().z()).isEqualTo(-50.8, within(1e-9));
        assertThat(s.details().valve().orElseThrow().depth()).isEqualTo(57.15, within(1e-9));
        assertThat(s.details().valve().orElseThrow().height()).isEqualTo(9.525, within(1e-9));
        assertThat(s.details().cap().orElseThrow().room()).isEqualTo(38.1, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "{\"left\":{\"travel\":{\"bump_mm\":900,\"droop_mm\":10,\"roll_deg\":0}}}|Travel",
                "{\"left\":{\"tyre\":{\"width_mm\":10,\"diameter_mm\":600}}}|tyre",
                "{\"left\":{\"chassis\":[{\"name\":\"rail\",\"x_mm\":[5,1],\"forward_mm\":[0,1],\"up_mm\":[0,1]}]}}|rail",
                "{\"left\":{\"chassis\":[{\"name\":\"rail\",\"x_mm\":[\"wide\",1],\"forward_mm\":[0,1],\"up_mm\":[0,1]}]}}|x_mm",
                "{\"left\":{\"details\":{\"hub_held\":\"by rope\"}}}|hub_held",
                "{\"left\":{\"details\":{\"valve\":{\"height_mm\":500}}}}|valve",
                "{\"left\":{\"details\":{\"spare\":\"perhaps\"}}}|spare",
                "{\"left\":{\"details\":{\"spare\":{\"code\":\"W\"}}}}|spare",
                "{\"left\":{\"steering\":{\"lower_mm\":[0,0,0],\"upper_mm\":[0,0,1],\"lock_in_deg\":30,\"lock_out_deg\":30}}}|king-pin",
                "{\"middle\":{}}|middle",
                "not json|JSON"
            })
    void whatCannotBeIsRefusedByName(String text, String word) {
        DocumentException e = catchThrowableOfType(DocumentException.class, () -> SurroundingsDocument.read(text));
        assertThat(e).isNotNull();
        assertThat(e.problems()).anySatisfy(p -> assertThat(p.toString()).containsIgnoringCase(word));
    }
}
