package itrova.server;

import static itrova.server.Asked.assertProblem;
import static itrova.server.Asked.copyOfVan;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import itrova.server.TestServer.Answer;
import itrova.server.TestServer.Client;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** The bleed bay: order, log, reservoir, joints, pedal, trouble. */
class BleedApiTest {
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

    private static long van() throws Exception {
        long axle = copyOfVan(mechanic, "QF-103");
        return mechanic.get("/api/axles/" + axle + "/end").json().path("jobId").asLong();
    }

    private static List<String> order(JsonNode bay) {
        List<String> keys = new ArrayList<>();
        bay.path("points").forEach(p -> keys.add(p.path("key").asString()));
        return keys;
    }

    private static void line(ArrayNode lines, String from, String to, String length) {
        lines.addObject().put("from", from).put("to", to).put("length", length).put("bore", "");
    }

    /** Without lines the corners, the driver's side last; with lines the farthest by pipe, which here is the rear left. */
    @Test
    void theOrderIsByPipeWhereLinesAreDrawn() throws Exception {
        long job = van();
        String bleed = "/api/jobs/" + job + "/bleed";
        JsonNode bay = viewer.get(bleed).json();
        assertThat(bay.path("measured").asBoolean()).isFalse();
        assertThat(order(bay)).containsExactly("axle 2 right", "axle 2 left", "axle 1 right", "axle 1 left");
        assertThat(order(viewer.get(bleed + "?driver=RIGHT").json())).startsWith("axle 2 left");
        assertThat(bay.path("before").toString()).contains("Bench-bleed", "Adjust the drums");

        String brakes = "/api/jobs/" + job + "/brakes";
        ObjectNode circuit = (ObjectNode) mechanic.get(brakes).json().path("circuit");
        ArrayNode lines = ((ObjectNode) circuit.path("planned")).putArray("lines");
        line(lines, "outlet 1", "axle 1 left", "400 mm");
        line(lines, "axle 1 left", "axle 1 right", "1200 mm");
        line(lines, "outlet 2", "junction 2", "3000 mm");
        line(lines, "junction 2", "axle 2 left", "1400 mm");
        line(lines, "junction 2", "axle 2 right", "500 mm");
        assertThat(mechanic.put(brakes, circuit.toString()).status()).isEqualTo(200);
        JsonNode drawn = viewer.get(bleed).json();
        assertThat(drawn.path("measured").asBoolean()).isTrue();
        assertThat(order(drawn)).containsExactly("axle 2 left", "axle 2 right", "axle 1 right", "axle 1 left");
        assertThat(drawn.path("points").get(0).path("pipe").asDouble()).isEqualTo(4400, within(1e-9));
        assertThat(order(viewer.get(bleed + "?school=FIXED_CORNERS").json())).startsWith("axle 2 right");
        assertThat(drawn.path("joints").toString()).contains("line at junction 2");
    }

    private static String point(String key, int strokes, boolean bubbles, double fluid) {
        return "{\"point\":\"" + key + "\",\"way\":\"helper and pedal\",\"strokes\":" + strokes + ",\"bubbles\":"
                + bubbles + ",\"fluid\":" + fluid + "}";
    }

    @Test
    void whatIsBledIsLoggedWatchedAndTakenBack() throws Exception {
        long job = van();
        String bleed = "/api/jobs/" + job + "/bleed";
        assertThat(viewer.post(bleed + "/points", point("axle 2 right", 12, true, 40))
                        .status())
                .isEqualTo(403);
        JsonNode bay = mechanic.post(bleed + "/points", point("axle 2 right", 12, true, 40))
                .json();
        assertThat(bay.path("points").get(0).path("state").asString()).isEqualTo("BUBBLES");
        bay = mechanic.post(bleed + "/points", point("axle 2 right", 5, false, 15))
                .json();
        assertThat(bay.path("points").get(0).path("state").asString()).isEqualTo("CLEAR");
        assertThat(bay.path("reservoir").path("drawn").asDouble()).isEqualTo(55, within(1e-9));
        assertThat(bay.path("reservoir").path("left").asDouble())
                .isEqualTo(bay.path("reservoir").path("holds").asDouble() * 2 / 3 - 55, within(1e-6));
        JsonNode joints = mechanic.post(bleed + "/joints", "{\"joint\":\"axle 1 left hose\",\"dry\":true}")
                .json();
        assertThat(joints.path("joints").toString()).contains("\"dry\":true");
        // opened again, everything is to be looked at again
        long last = mechanic.post(bleed + "/points", point("axle 1 left", 5, false, 15))
                .json()
                .path("entries")
                .get(0)
                .path("id")
                .asLong();
        assertThat(viewer.get(bleed).json().path("joints").toString()).doesNotContain("\"dry\":true");
        JsonNode back = mechanic.delete(bleed + "/entries/" + last).json();
        assertThat(back.path("points").get(3).path("state").asString()).isEqualTo("UNTOUCHED");
        assertThat(back.path("joints").toString()).contains("\"dry\":true");
        assertProblem(mechanic.delete(bleed + "/entries/" + last), 404);
        JsonNode dry = mechanic.post(bleed + "/reservoir", "{\"dry\":true}").json();
        assertThat(dry.path("points").get(0).path("state").asString()).isEqualTo("UNTOUCHED");
        assertThat(mechanic.get("/api/jobs/" + job + "/dossier").text()).contains("BLED");
    }

    @Test
    void nonsenseIsRefusedByName() throws Exception {
        String bleed = "/api/jobs/" + van() + "/bleed";
        for (String[] wrong : new String[][] {
            {"/points", point("axle 9 left", 5, false, 5), "axle 9 left"},
            {"/points", point("axle 1 left", 0, false, 5), "strokes"},
            {"/points", point("axle 1 left", 5, false, -5), "cm³"},
            {"/joints", "{\"joint\":\"the moon\",\"dry\":true}", "the moon"},
            {
                "/pedal",
                "{\"low\":{\"force\":\"hard\",\"travel\":\"60 mm\"},\"high\":{\"force\":\"300 N\",\"travel\":\"80 mm\"}}",
                "no force"
            },
            {
                "/pedal",
                "{\"low\":{\"force\":\"-4 N\",\"travel\":\"60 mm\"},\"high\":{\"force\":\"300 N\",\"travel\":\"80 mm\"}}",
                "pedal force"
            }
        }) {
            Answer refused = mechanic.post(bleed + wrong[0], wrong[1]);
            assertProblem(refused, 422);
            assertThat(refused.text()).contains(wrong[2]);
        }
        assertThat(mechanic.get(bleed).json().path("entries").size()).isZero();
    }

    @Test
    void thePedalTellsTheAirOrThatItCannot() throws Exception {
        String bleed = "/api/jobs/" + van() + "/bleed";
        JsonNode high = mechanic.post(
                        bleed + "/pedal",
                        "{\"low\":{\"force\":\"200 N\",\"travel\":\"60 mm\"},\"high\":{\"force\":\"400 N\",\"travel\":\"80 mm\"}}")
                .json();
        assertThat(high.path("why").asString()).contains("0.3 MPa");
        assertThat(high.hasNonNull("air")).isFalse();
        JsonNode told = mechanic.post(
                        bleed + "/pedal",
                        "{\"low\":{\"force\":\"5 lbf\",\"travel\":\"50 mm\"},\"high\":{\"force\":\"400 N\",\"travel\":\"90 mm\"}}")
                .json();
        assertThat(told.path("air").asDouble()).isPositive();
        assertThat(told.path("doubt").asDouble()).isPositive();
        assertThat(mechanic.get(bleed)
                        .json()
                        .path("entries")
                        .get(0)
                        .path("said")
                        .asString())
                .contains("cm³ of air");
    }

    @Test
    void troubleIsFoundByWhatWasTried() throws Exception {
        assertThat(viewer.get("/api/troubles").json().size()).isEqualTo(6);
        JsonNode first = viewer.post("/api/bench-help/trouble", "{\"complaint\":\"DRAGS\",\"answers\":{}}")
                .json();
        assertThat(first.path("next").size()).isPositive();
        JsonNode then = viewer.post(
                        "/api/bench-help/trouble",
                        "{\"complaint\":\"DRAGS\",\"answers\":{\"MASTER_LINE\":true,\"PUSH_ROD\":false}}")
                .json();
        assertThat(then.path("suspects").get(0).path("id").asString()).isEqualTo("RESIDUAL_DRUM");
        assertProblem(
                viewer.post("/api/bench-help/trouble", "{\"complaint\":\"DRAGS\",\"answers\":{\"KICK\":true}}"), 422);
    }
}
