package itrova.server;

import static itrova.server.Asked.assertProblem;
import static itrova.server.Asked.copyOfVanAsFound;
import static org.assertj.core.api.Assertions.assertThat;

import itrova.server.TestServer.Answer;
import itrova.server.TestServer.Client;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** What cannot be is refused by field, value and remedy, and nothing of it is kept. */
class NonsenseApiTest {
    private static TestServer server;
    private static Client mechanic;

    @BeforeAll
    static void start() throws Exception {
        server = TestServer.start();
        mechanic = server.signedIn("tam");
    }

    @AfterAll
    static void stop() {
        server.close();
    }

    private static ObjectNode vehicleOf(String address) throws Exception {
        JsonNode seen = mechanic.get(address).json();
        ObjectNode change = ((ObjectNode) seen).objectNode();
        change.put("version", seen.path("version").asInt());
        change.set("sheet", seen.path("sheet"));
        return change;
    }

    @Test
    void aRoundTyreAndAMassBelowItsAxlesLoadAreRefused() throws Exception {
        long axle = copyOfVanAsFound(mechanic, "QF-101");
        long job =
                mechanic.get("/api/axles/" + axle + "/end").json().path("jobId").asLong();
        String address = "/api/jobs/" + job + "/vehicle";
        ObjectNode round = vehicleOf(address);
        ((ObjectNode) round.path("sheet")).put("tyre", "round");
        Answer tyre = mechanic.put(address, round.toString());
        assertProblem(tyre, 422);
        assertThat(tyre.json().path("field").asString()).isEqualTo("tyre");
        assertThat(tyre.text()).contains("round", "165/80 R13");
        ObjectNode light = vehicleOf(address);
        ((ObjectNode) light.path("sheet")).put("mass", "500 kg");
        Answer mass = mechanic.put(address, light.toString());
        assertProblem(mass, 422);
        assertThat(mass.text()).contains("500 kg", "953 kg", "front axle");
        assertThat(mechanic.get(address).json().path("sheet").path("mass").asString())
                .isEqualTo("1480 kg");
    }

    @Test
    void nothingStandsAHundredMetresFromItsWheel() throws Exception {
        long axle = copyOfVanAsFound(mechanic, "QF-101");
        String address = "/api/axles/" + axle + "/around";
        assertThat(refused(address, "xFrom", "-99999")).contains("-99999", "3 m");
        assertThat(refused(address, "mayBeGround", "50 in")).contains("50 in", "20 mm");
    }

    /** An obstacle with one figure that cannot be. */
    private static String refused(String address, String figure, String text) throws Exception {
        JsonNode seen = mechanic.get(address).json();
        ObjectNode around = ((ObjectNode) seen).objectNode();
        around.put("version", seen.path("version").asInt());
        around.set("left", seen.path("left"));
        around.set("right", seen.path("right"));
        ObjectNode side = (ObjectNode) around.path("left");
        ObjectNode obstacle = side.objectNode();
        obstacle.put("name", "rib")
                .put("clockFrom", "80")
                .put("clockTo", "100")
                .put("xFrom", "-60")
                .put("xTo", "-40")
                .put("rFrom", "60")
                .put("rTo", "90")
                .put("halfLimit", "1")
                .put("mayBeGround", "");
        obstacle.put(figure, text);
        side.put("lookedInboard", true);
        ArrayNode obstacles = side.withArray("inboard");
        obstacles.removeAll();
        obstacles.add(obstacle);
        Answer answer = mechanic.put(address, around.toString());
        assertProblem(answer, 422);
        return answer.text();
    }
}
