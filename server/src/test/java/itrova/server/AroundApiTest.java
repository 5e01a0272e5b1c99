package itrova.server;

import static org.assertj.core.api.Assertions.assertThat;

import itrova.server.TestServer.Answer;
import itrova.server.TestServer.Client;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What stands around a wheel by tape: placed by its faces, refused by name, copied only as things nobody looked at. */
class AroundApiTest {
    private static TestServer server;
    private static Client mechanic;
    private static Client viewer;

    @BeforeAll
    static void start() throws Exception {
        server = TestServer.start();
        mechanic = server.signedIn("tam");
        viewer = server.signedIn("jory");
    }

    @AfterAll
    static void stop() {
        server.close();
    }

    private static JsonNode ok(Answer answer) {
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer.json();
    }

    private static JsonNode newJob(String kind, int axles) throws Exception {
        String axle = """
                {"name":"axle %%d","kind":"%s","bracketShape":"CIRCLE","load":"900 kg","loadSource":"ESTIMATE","wheelStays":true}""".formatted(kind);
        return ok(mechanic.post("/api/jobs", """
                {"title":"Tape %s","vehicleKind":"%s","vehicle":"","owner":"","mustBeReversible":false,"notes":"","axles":[%s]}""".formatted(
                        UUID.randomUUID(),
                        kind.equals("TRAILER_SPINDLE") ? "TRAILER" : "CAR",
                        IntStream.range(0, axles).mapToObj(axle::formatted).collect(Collectors.joining(",")))));
    }

    private static long axleOf(JsonNode job, int i) {
        return job.path("axles").get(i).path("id").asLong();
    }

    private static void read(long axle, String side, String callout, String text) throws Exception {
        ok(mechanic.post("/api/axles/" + axle + "/readings", """
                {"clientId":"%s","side":"%s","callout":"%s","text":"%s","place":"","instrument":"CALIPER_OUTSIDE","confirmed":true}""".formatted(UUID.randomUUID(), side, callout, text)));
    }

    private static final String ARM = """
            {"kind":"STEERING_ARM","name":"steering arm","beside":true,"from":"HUB","clock":"200","across":"30","near":"50","far":"110",
            "in":"80","inFar":"95","mayBeGround":"","rear":"","front":"","low":"","high":""}""";
    private static final String RAIL = """
            {"kind":"FRAME","name":"rail","beside":false,"from":"RIM","clock":"","across":"","near":"","far":"",
            "in":"40","inFar":"","mayBeGround":"","rear":"","front":"","low":"90","high":"-20"}""";

    /** What is kept now, with things taken by tape on the left, all round. */
    private static String with(JsonNode view, String... things) {
        String left = view.path("left")
                .toString()
                .replace("\"taped\":[]", "\"taped\":[" + String.join(",", things) + "]")
                .replace("\"lookedInboard\":false", "\"lookedInboard\":true")
                .replace("\"lookedAround\":false", "\"lookedAround\":true");
        return body(view, left);
    }

    private static String body(JsonNode view, String left) {
        return "{\"version\":" + view.path("version").asInt() + ",\"left\":" + left + ",\"right\":" + view.path("right")
                + "}";
    }

    private static JsonNode left(JsonNode view) {
        return view.path("sketch").get(0);
    }

    @Test
    void aThingTakenByTapeStandsWhereItsFaceStands() throws Exception {
        long axle = axleOf(newJob("FRONT_SPINDLE", 1), 0);
        String path = "/api/axles/" + axle + "/around";
        JsonNode kept = ok(mechanic.put(path, with(ok(mechanic.get(path)), ARM, RAIL)));
        assertThat(left(kept).path("shapes")).as("no face has a place yet").isEmpty();
        assertThat(left(kept).path("unplaced").toString())
                .contains("Bracket face to hub face")
                .contains("Wheel backspacing");
        assertThat(kept.path("notes").toString()).contains("rail: lower edge 90 and upper edge -20 were turned round");

        read(axle, "LEFT", "HUB_FACE", "60");
        JsonNode arm = left(ok(mechanic.get(path))).path("shapes").get(0);
        assertThat(arm.path("xTo").asDouble()).isEqualTo(-20);
        assertThat(arm.path("xFrom").asDouble()).isEqualTo(-35);
        read(axle, "LEFT", "DRUM_FACE", "5");
        read(axle, "LEFT", "WHEEL_BACKSPACING", "90");
        JsonNode placed = left(ok(mechanic.get(path)));
        assertThat(placed.path("unplaced")).isEmpty();
        assertThat(placed.path("shapes").get(1).path("xTo").asDouble()).isEqualTo(-65);
        assertThat(placed.path("shapes").get(1).path("upFrom").asDouble()).isEqualTo(-20);

        JsonNode again = ok(mechanic.get(path));
        assertThat(again.path("left").path("taped").get(0).path("in").asString())
                .isEqualTo("80 mm");
        assertThat(again.path("left").path("lookedInboard").asBoolean()).isTrue();
    }

    @Test
    void whatIsBeingTypedIsDrawnAndNotKept() throws Exception {
        long axle = axleOf(newJob("FRONT_SPINDLE", 1), 0);
        String path = "/api/axles/" + axle + "/around";
        read(axle, "LEFT", "HUB_FACE", "60");
        JsonNode before = ok(mechanic.get(path));
        String inMillimetres =
                ARM.replaceAll("\"(near|far|in|inFar|across)\":\"(\\d+)\"", "\"$1\":\"$2 mm\""); // she reads inches
        JsonNode drawn = ok(viewer.post(path + "/sketch", with(before, inMillimetres)));
        assertThat(drawn.get(0).path("shapes")).hasSize(1);
        assertThat(ok(mechanic.get(path))).isEqualTo(before);
        assertThat(viewer.put(path, with(before, ARM)).status()).isEqualTo(403);
    }

    @Test
    void whatCannotBeIsRefusedByNameValueAndRemedy() throws Exception {
        long axle = axleOf(newJob("FRONT_SPINDLE", 1), 0);
        String path = "/api/axles/" + axle + "/around";
        JsonNode view = ok(mechanic.get(path));
        String[][] wrong = {
            {ARM.replace("\"in\":\"80\"", "\"in\":\"10 m\""), "steering arm, in to its outboard side of 10 m"},
            {ARM.replace("\"in\":\"80\"", "\"in\":\"\"").replace("\"inFar\":\"95\"", "\"inFar\":\"\""), "measure it"},
            {ARM.replace("\"clock\":\"200\"", "\"clock\":\"\""), "touch the drawing"},
            {ARM.replace("\"clock\":\"200\"", "\"clock\":\"NaN\""), "clock"},
            {ARM.replace("\"near\":\"50\"", "\"near\":\"-50\""), "nearest edge"},
            {ARM.replace("STEERING_ARM", "HIPPO"), "choose one of"},
            {RAIL.replace("RIM", "MOON"), "choose one of"},
            {ARM.replace("\"mayBeGround\":\"\"", "\"mayBeGround\":\"50 in\""), "What carries load is not ground away"}
        };
        for (String[] w : wrong) {
            Answer refused = mechanic.put(path, with(view, w[0]));
            assertThat(refused.status()).as(w[0]).isEqualTo(422);
            assertThat(refused.text()).contains(w[1]);
        }
        Answer taper = mechanic.put(
                path,
                body(
                        view,
                        view.path("left")
                                .toString()
                                .replace(
                                        "\"joints\":[]",
                                        "\"joints\":[{\"place\":\"tie-rod end\",\"size\":\"7 degrees\"}]")));
        assertThat(taper.status()).isEqualTo(422);
        assertThat(taper.text()).contains("tie-rod end").contains("7 degrees").contains("taper 1:8");
        assertThat(ok(mechanic.get(path)).path("version")).isEqualTo(view.path("version"));
    }

    @Test
    void theKingPinAxisIsToldOnceAndLocksComeOffTheFloor() throws Exception {
        long axle = axleOf(newJob("FRONT_SPINDLE", 1), 0);
        String path = "/api/axles/" + axle + "/around";
        assertThat(ok(mechanic.get(path + "/lock?length=600&swing=300")).asDouble())
                .isEqualTo(30);
        assertThat(mechanic.get(path + "/lock?length=600&swing=700").text()).contains("less than the 600 mm");
        JsonNode view = ok(mechanic.get(path));
        String tape = "\"kingPin\":{\"lowerIn\":\"90\",\"lowerDown\":\"110\",\"upperIn\":\"100\",\"upperUp\":\"140\","
                + "\"lowerAhead\":\"\",\"upperAhead\":\"\",\"lockIn\":\"32\",\"lockOut\":\"30\"}";
        String told = view.path("left").toString().replaceAll("\"kingPin\":\\{[^}]*}", tape);
        // refused at once, not when the hub face is read and the axis gets its place
        String onePlace = told.replace("\"lowerDown\":\"110\"", "\"lowerDown\":\"5\"")
                .replace("\"upperUp\":\"140\"", "\"upperUp\":\"5\"");
        Answer unlikely = mechanic.put(path, body(view, onePlace));
        assertThat(unlikely.status()).isEqualTo(422);
        assertThat(unlikely.text()).contains("king-pin").contains("30 mm");
        assertThat(mechanic.put(path, body(view, told.replace("\"lockIn\":\"32\"", "\"lockIn\":\"95\"")))
                        .text())
                .contains("between 0 and 70");
        read(axle, "LEFT", "HUB_FACE", "60");
        JsonNode kept = ok(mechanic.put(path, body(view, told)));
        assertThat(left(kept).path("axis").get(0).asDouble()).isEqualTo(-30);
        String twice = told.replaceAll(
                "\"steering\":\\{[^}]*}",
                "\"steering\":{\"lowerX\":\"-20\",\"lowerForward\":\"4\",\"lowerUp\":\"-96\",\"upperX\":\"-31\","
                        + "\"upperForward\":\"-2\",\"upperUp\":\"104\",\"lockIn\":\"34\",\"lockOut\":\"31\"}");
        Answer refused = mechanic.put(path, body(kept, twice));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.text()).contains("told by tape and by figures");
    }

    private static String pixel(double x, double y) {
        return "{\"x\":" + x + ",\"y\":" + y + "}";
    }

    /** A picture of five pixels to a millimetre, mounting face upright, axis 165 mm below the third click. */
    private static String traced(String barLength) {
        StringBuilder points = new StringBuilder();
        double[][] profile = {{-80, 185}, {-65, 172}, {-45, 160}, {-25, 170}, {-8, 171}, {4, 120}, {10, 80}};
        for (double[] p : profile) {
            points.append(points.isEmpty() ? "" : ",").append(pixel(2000 + 5 * p[0], 1500 - 5 * p[1]));
        }
        return "{\"side\":\"LEFT\",\"barFrom\":" + pixel(100, 50) + ",\"barTo\":" + pixel(1600, 50)
                + ",\"barLength\":\"" + barLength + "\",\"faceInner\":" + pixel(2000, 1335) + ",\"faceOuter\":"
                + pixel(2000, 500) + ",\"innerRadius\":\"33 mm\",\"click\":2,\"points\":[" + points + "]}";
    }

    @Test
    void aTracedTemplateBecomesReadingsAsDoubtfulAsATape() throws Exception {
        long axle = axleOf(newJob("FRONT_SPINDLE", 1), 0);
        String path = "/api/axles/" + axle + "/wheel-profile/traced";
        JsonNode taken = ok(mechanic.post(path, traced("300 mm")));
        assertThat(taken.path("backspacing").asDouble()).isEqualTo(80);
        assertThat(taken.path("like").asString()).isEqualTo("tape");
        JsonNode barrel = ok(mechanic.get("/api/axles/" + axle + "/end"))
                .path("sides")
                .get(0)
                .path("barrel")
                .get(0);
        assertThat(barrel.toString()).contains("370");
        Answer coarse = mechanic.post(path, traced("3 m"));
        assertThat(coarse.status()).isEqualTo(422);
        assertThat(coarse.text()).contains("a tape is better");
        assertThat(mechanic.post(path, traced("long")).text()).contains("length of the bar");
        assertThat(viewer.post(path, traced("300 mm")).status()).isEqualTo(403);
    }

    /** The wheel found is the one on the wall only once two of its figures say so. */
    @Test
    void aWheelOnTheWallLendsItsProfile() throws Exception {
        long axle = axleOf(newJob("FRONT_SPINDLE", 1), 0);
        JsonNode wheel = ok(mechanic.get("/api/wheels/document")).path("wheels").get(0);
        String code = wheel.path("code").asString();
        String path = "/api/axles/" + axle + "/wheel-profile/wall?side=LEFT&wheel=" + code;
        Answer unproven = mechanic.post(path, "");
        assertThat(unproven.status()).isEqualTo(422);
        assertThat(unproven.text()).contains("wheel");
        read(axle, "LEFT", "WHEEL_BACKSPACING", wheel.path("backspacing_mm").asString());
        read(axle, "LEFT", "WHEEL_BORE", wheel.path("bore_mm").asString());
        int places = wheel.path("barrel_mm").size();
        assertThat(ok(mechanic.post(path, "")).path("barrel").asInt()).isEqualTo(places);
        JsonNode end = ok(mechanic.get("/api/axles/" + axle + "/end"));
        assertThat(end.path("sides").get(0).path("barrel")).hasSize(places);
        assertThat(mechanic.post(path.replace(code, "W-0"), "").status()).isEqualTo(404);
    }

    /** The second axle of a trailer: nothing comes over until ends and wheels of both sides are proven equal, then everything does. */
    @Test
    void aWholeAxleIsTakenOverOnceItIsProvenEqual() throws Exception {
        JsonNode job = newJob("TRAILER_SPINDLE", 2);
        long first = axleOf(job, 0);
        long second = axleOf(job, 1);
        for (String side : new String[] {"LEFT", "RIGHT"}) {
            for (String[] r : new String[][] {
                {"REGISTER", "66.78"},
                {"FLANGE", "144.0"},
                {"STUD_MAJOR", "12.62"},
                {"WHEEL_BACKSPACING", "80.1"},
                {"WHEEL_BORE", "71.1"},
                {"WHEEL_PAD", "5.1"}
            }) {
                read(first, side, r[0], r[1]);
            }
        }
        String around = "/api/axles/%d/around";
        ok(mechanic.put(around.formatted(first), with(ok(mechanic.get(around.formatted(first))), RAIL)));
        String ask = "{\"fromAxle\":%d,\"lookedLeft\":true,\"lookedRight\":false}".formatted(first);
        String path = "/api/axles/" + second + "/whole-copies";
        for (String side : new String[] {"LEFT", "RIGHT"}) {
            assertThat(ok(mechanic.post(path, ask)).path("refused").asString())
                    .startsWith(side.toLowerCase(java.util.Locale.ROOT));
            read(second, side, "REGISTER", "66.78");
            read(second, side, "FLANGE", "144.0");
            assertThat(ok(mechanic.post(path, ask)).path("refused").asString()).contains("wheel");
            read(second, side, "WHEEL_BACKSPACING", "80.1");
            read(second, side, "WHEEL_BORE", "71.1");
        }
        assertThat(ok(mechanic.post(path, ask)).path("taken").asInt()).isEqualTo(4);
        JsonNode there = ok(mechanic.get(around.formatted(second)));
        assertThat(there.path("left").path("taped")).hasSize(1);
        assertThat(there.path("left").path("lookedAround").asBoolean()).isTrue();
        assertThat(ok(mechanic.post(path, ask)).path("taken").asInt())
                .as("once more takes nothing twice")
                .isZero();
        long other = axleOf(newJob("TRAILER_SPINDLE", 1), 0);
        assertThat(mechanic.post("/api/axles/" + other + "/whole-copies", ask).status())
                .isEqualTo(422);
    }
}
