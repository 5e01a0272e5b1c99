package itrova.server;

import static itrova.server.Asked.assertProblem;
import static itrova.server.Asked.callout;
import static itrova.server.Asked.copyOfVan;
import static itrova.server.Asked.seal;
import static org.assertj.core.api.Assertions.assertThat;

import itrova.server.TestServer.Answer;
import itrova.server.TestServer.Client;
import java.util.UUID;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What was chosen stays as it was found, signed, ordered and planned; what overturns it is told at once. */
class ChosenApiTest {
    private static TestServer server;
    private static Client lead;
    private static Client mechanic;

    @BeforeAll
    static void start() throws Exception {
        server = TestServer.start();
        lead = server.signedIn("wilma");
        mechanic = server.signedIn("tam");
    }

    @AfterAll
    static void stop() {
        server.close();
    }

    private static JsonNode place(long axle) throws Exception {
        String order = "/api/axles/" + axle + "/order";
        Answer placed =
                mechanic.post(order + "/placement", seal(mechanic.get(order).json()));
        assertThat(placed.status()).as(placed.text()).isEqualTo(200);
        return placed.json();
    }

    private static String choice(long axle, String kit, String with) throws Exception {
        int version = mechanic.get("/api/axles/" + axle + "/match")
                .json()
                .path("version")
                .asInt();
        return "{\"version\":" + version + ",\"kit\":\"" + kit + "\",\"with\":" + with + "}";
    }

    /** Reads the register of the left side larger than it was: the disc is to be bored, or does not go on at all. */
    private static void registerReadLarger(long axle, String reading) throws Exception {
        JsonNode register = callout(mechanic.get("/api/axles/" + axle + "/end").json(), "REGISTER");
        for (JsonNode r : register.path("readings")) {
            mechanic.delete(
                    "/api/axles/" + axle + "/readings/" + r.path("id").asLong() + "?clientId=" + UUID.randomUUID());
        }
        Answer taken = mechanic.post(
                "/api/axles/" + axle + "/readings",
                "{\"clientId\":\"" + UUID.randomUUID()
                        + "\",\"side\":\"LEFT\",\"callout\":\"REGISTER\",\"place\":\"\",\"text\":\"" + reading
                        + "\",\"instrument\":\"CALIPER_OUTSIDE\",\"confirmed\":true}");
        assertThat(taken.status()).as(taken.text()).isEqualTo(200);
    }

    @Test
    void whatTheSearchFoundIsChosenOrderedAndKeptAsFound() throws Exception {
        long axle = copyOfVan(mechanic, "QF-101");
        String search = "/api/axles/" + axle + "/search";
        String id = mechanic.post(
                        search,
                        "{\"centsPerDay\":500,\"centsPerHour\":6000,\"centsPerIrreversible\":5000,\"otherWheels\":true,\"forbidden\":[]}")
                .json()
                .path("id")
                .asString();
        JsonNode result;
        do {
            Thread.sleep(200);
            result = mechanic.get(search + "/" + id).json().path("result");
        } while (result.isMissingNode());
        JsonNode onAWheel = null;
        for (JsonNode c : result.path("best")) {
            onAWheel = c.path("choice").has("wheel") && onAWheel == null ? c : onAWheel;
        }
        assertThat(onAWheel).as("a combination on another wheel").isNotNull();
        String with = onAWheel.path("choice").toString();
        String kit = onAWheel.path("kit").asString();
        Answer chosen = mechanic.put("/api/axles/" + axle + "/choice", choice(axle, kit, with));
        assertThat(chosen.status()).as(chosen.text()).isEqualTo(200);
        assertThat(chosen.json().path("described").asString()).contains("on wheel");
        JsonNode order = mechanic.get("/api/axles/" + axle + "/order").json();
        assertThat(order.path("verdict")).isEqualTo(onAWheel.path("verdict"));
        long besidesTheBrakes = 0;
        for (JsonNode line : order.path("lines")) {
            if (!line.path("remark").asString().equals("for the brakes as planned")) {
                besidesTheBrakes += line.path("totalCents").asLong();
            }
        }
        assertThat(besidesTheBrakes).isEqualTo(onAWheel.path("cents").asLong());
        assertThat(order.path("totalCents").asLong()).isGreaterThan(besidesTheBrakes);
        JsonNode match = mechanic.get("/api/axles/" + axle + "/match").json();
        assertThat(match.path("chosen").path("described").asString())
                .isEqualTo(chosen.json().path("described").asString());
        place(axle);
        String exported = mechanic.get("/api/jobs/" + order.path("jobId").asLong() + "/document")
                .text();
        assertThat(exported)
                .contains(
                        "itrova-job/2",
                        "\"chosen\"",
                        onAWheel.path("choice").path("wheel").asString());
        Answer again = mechanic.post("/api/jobs/import", exported);
        assertThat(again.status()).as(again.text()).isEqualTo(200);
        long copy = again.json().path("axles").get(0).path("id").asLong();
        assertThat(mechanic.get("/api/axles/" + copy + "/order")
                        .json()
                        .path("selection")
                        .asString())
                .isEqualTo(chosen.json().path("described").asString());
    }

    @Test
    void optionsAndWheelsThatAreNotThereAreRefused() throws Exception {
        long axle = copyOfVan(mechanic, "QF-101");
        assertProblem(
                mechanic.put(
                        "/api/axles/" + axle + "/choice",
                        choice(axle, "QF-101", "{\"options\":[\"no-such\"],\"works\":[]}")),
                422);
        assertProblem(
                mechanic.put(
                        "/api/axles/" + axle + "/choice",
                        choice(axle, "QF-101", "{\"options\":[],\"wheel\":\"no-such\",\"works\":[]}")),
                404);
        assertProblem(
                mechanic.put(
                        "/api/axles/" + axle + "/choice",
                        choice(
                                axle,
                                "QF-101",
                                "{\"options\":[],\"works\":[{\"side\":\"LEFT\",\"check\":\"REGISTER\",\"work\":\"MAGIC\"}]}")),
                400);
    }

    @Test
    void aReadingThatOverturnsAnOrderIsToldOnSheetCardAndFloor() throws Exception {
        long axle = copyOfVan(mechanic, "QF-101");
        JsonNode placed = place(axle);
        assertThat(placed.path("alarms")).isEmpty();
        registerReadLarger(axle, "72.40 mm");
        JsonNode order = mechanic.get("/api/axles/" + axle + "/order").json();
        assertThat(order.path("placedBy").asString()).isEqualTo("Tam Orrin");
        assertThat(order.path("alarms").toString()).contains("Register, left: was");
        assertThat(mechanic.get("/api/axles/" + axle + "/bench")
                        .json()
                        .path("alarms")
                        .toString())
                .contains("Register, left");
        String floor = mechanic.get("/api/jobs/" + order.path("jobId").asLong())
                .json()
                .path("axles")
                .get(0)
                .path("heldBy")
                .asString();
        assertThat(floor).contains("hold any more");
    }

    @Test
    void anotherChoiceNeverMakesAPlacedOrderVanish() throws Exception {
        long axle = copyOfVan(mechanic, "QF-101");
        place(axle);
        assertThat(mechanic.put("/api/axles/" + axle + "/choice", choice(axle, "QF-103", "null"))
                        .status())
                .isEqualTo(200);
        JsonNode order = mechanic.get("/api/axles/" + axle + "/order").json();
        assertThat(order.has("placedAt")).isFalse();
        assertThat(order.path("earlierOrders")).hasSize(1);
        assertThat(order.path("earlierOrders").get(0).path("what").asString()).isEqualTo("QF-101");
    }

    @Test
    void thePlanStaysAsItWasOrderedUntilANewRevisionIsTaken() throws Exception {
        long axle = copyOfVan(mechanic, "QF-101");
        place(axle);
        String bench = "/api/axles/" + axle + "/bench";
        JsonNode card = mechanic.get(bench).json();
        assertThat(card.path("revision").asInt()).isEqualTo(1);
        assertThat(card.path("changes")).isEmpty();
        String tick = "{\"setValue\":\"\",\"held\":\"\",\"confirmed\":false,\"cautionRead\":true,\"seal\":\""
                + card.path("seal").asString() + "\"}";
        assertThat(mechanic.post(bench + "/lift/tick", tick).status()).isEqualTo(200);
        registerReadLarger(axle, "71.00 mm");
        JsonNode after = mechanic.get(bench).json();
        assertThat(after.path("seal")).isEqualTo(card.path("seal"));
        assertThat(after.path("steps")).hasSameSizeAs(card.path("steps"));
        assertThat(after.path("changes").toString()).contains("New: ");
        String seen = "{\"seal\":\"" + after.path("seal").asString() + "\"}";
        JsonNode revised = mechanic.post(bench + "/revision", seen).json();
        assertThat(revised.path("revision").asInt()).isEqualTo(2);
        assertThat(revised.path("changes")).isEmpty();
        assertThat(revised.path("steps").size())
                .isGreaterThan(card.path("steps").size());
        assertThat(revised.path("done").asInt()).isEqualTo(1); // the tick stays with its step
        assertProblem(mechanic.post(bench + "/revision", seen), 409);
        registerReadLarger(axle, "72.40 mm"); // now it is proven not to fit: no plan is made for that
        Answer none = mechanic.post(
                bench + "/revision", "{\"seal\":\"" + revised.path("seal").asString() + "\"}");
        assertProblem(none, 409);
        assertThat(none.json().path("detail").asString()).contains("proven not to fit");
    }

    @Test
    void aViewerChangesNothingOfIt() throws Exception {
        long axle = copyOfVan(mechanic, "QF-101");
        Client viewer = server.signedIn("jory");
        assertProblem(viewer.post("/api/axles/" + axle + "/bench/revision", "{\"seal\":\"x\"}"), 403);
    }
}
