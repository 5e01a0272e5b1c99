package itrova.server;

import static itrova.server.Asked.assertProblem;
import static itrova.server.Asked.copyOfVan;
import static itrova.server.WholeRoad.bleed;
import static itrova.server.WholeRoad.move;
import static itrova.server.WholeRoad.movesOf;
import static itrova.server.WholeRoad.sign;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import itrova.server.TestServer.Answer;
import itrova.server.TestServer.Client;
import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** From a card that is ticked whole to the owner's signature; whatever is open, wet or gone wrong keeps the vehicle standing. */
class RoadApiTest {
    private static TestServer server;
    private static Client mechanic;
    private static Client lead;
    private static Client viewer;

    @BeforeAll
    static void start() throws Exception {
        server = TestServer.start();
        mechanic = server.signedIn("tam");
        lead = server.signedIn("wilma");
        viewer = server.signedIn("jory");
    }

    @AfterAll
    static void stop() {
        server.close();
    }

    private static long jobOf(long axle) throws Exception {
        return mechanic.get("/api/axles/" + axle + "/end").json().path("jobId").asLong();
    }

    @Test
    void nothingMovesBeforeItIsFittedAndBled() throws Exception {
        long axle = copyOfVan(mechanic, "QF-103");
        String road = "/api/jobs/" + jobOf(axle) + "/road";
        assertThat(viewer.get(road).json().path("standing").toString()).contains("Nothing was ordered");
        JsonNode order = mechanic.get("/api/axles/" + axle + "/order").json();
        mechanic.post("/api/axles/" + axle + "/order/placement", Asked.seal(order));
        assertThat(viewer.get(road).json().path("standing").toString())
                .contains("steps of the bench card are open", "Not bled clear", "not seen dry", "pedal was not read");
        // pressed so hard at first that the air cannot be told: that is no reading of the pedal
        mechanic.post(
                road.replace("/road", "/bleed/pedal"),
                "{\"low\":{\"force\":\"200 N\",\"travel\":\"60 mm\"},\"high\":{\"force\":\"400 N\",\"travel\":\"80 mm\"}}");
        assertThat(viewer.get(road).json().path("standing").toString()).contains("pedal was not read");
        Answer early = mechanic.post(road + "/moves", move("rock", true, ""));
        assertProblem(early, 409);
        assertThat(early.text()).contains("does not move");
        assertProblem(mechanic.post(road + "/stops", ""), 409);
        assertProblem(mechanic.post(road + "/runs", "{\"after\":true,\"speed\":\"50\",\"distance\":\"16\"}"), 409);
        assertProblem(sign(lead, road, "LEAD", ""), 409);
        assertThat(viewer.post(road + "/moves", move("rock", true, "")).status())
                .isEqualTo(403);
        // before the work it may be driven and measured
        assertThat(mechanic.post(road + "/runs", "{\"after\":false,\"speed\":\"31 mph\",\"distance\":\"80 ft\"}")
                        .json()
                        .path("stops")
                        .path("before")
                        .path("runs")
                        .get(0)
                        .path("distance")
                        .asDouble())
                .isEqualTo(24.384, within(1e-6)); // 80 ft of 0.3048 m (NIST SP 811)
    }

    @Test
    void aWholeCardGoesToTheOwner() throws Exception {
        long axle = copyOfVan(mechanic, "QF-103");
        long job = jobOf(axle);
        String road = "/api/jobs/" + job + "/road";
        WholeCard.orderAndTick(mechanic, axle);
        bleed(mechanic, job);
        JsonNode card = mechanic.get(road).json();
        assertThat(card.path("standing")).isEmpty();
        assertThat(card.path("listed").toString()).contains("front axle: ");

        assertProblem(mechanic.post(road + "/moves", move("creep", true, "")), 409); // rock first
        assertProblem(mechanic.post(road + "/moves", move("rock", false, "")), 422); // what was wrong?
        card = mechanic.post(road + "/moves", move("rock", false, "rubs, front left"))
                .json();
        assertThat(card.path("standing").toString()).contains("did not go as it should");
        assertProblem(mechanic.post(road + "/moves", move("creep", true, "")), 409);
        for (String id : movesOf(card, false)) {
            assertThat(mechanic.post(road + "/moves", move(id, true, "")).status())
                    .as(id)
                    .isEqualTo(200);
        }
        assertProblem(mechanic.post(road + "/moves", move("hard", true, "")), 409); // bedding first
        assertProblem(mechanic.post(road + "/stops", ""), 409); // by which rule?
        Answer odd =
                mechanic.post(road + "/rule", "{\"papers\":{\"stops\":2,\"from\":\"30\",\"to\":\"60\",\"pause\":0}}");
        assertProblem(odd, 422);
        card = mechanic.post(
                        road + "/rule", "{\"papers\":{\"stops\":1,\"from\":\"50 mph\",\"to\":\"30 mph\",\"pause\":0}}")
                .json();
        assertThat(card.path("bedding").path("phases").get(0).path("from").asDouble())
                .isEqualTo(80.4672, within(1e-6));
        assertThat(card.path("bedding").path("hottest").asDouble()).isGreaterThan(20);
        assertProblem(mechanic.post(road + "/stops", "{\"temperature\":\"warm\"}"), 422);
        assertProblem(mechanic.post(road + "/stops", "{\"temperature\":\"2000 °C\"}"), 422);
        JsonNode read =
                mechanic.post(road + "/stops", "{\"temperature\":\"392 °F\"}").json();
        assertThat(read.path("bedding").path("lastHeat").asDouble()).isEqualTo(200, within(1e-6));
        assertThat(read.path("entries").toString()).contains("disc read at 200 °C");
        assertProblem(mechanic.post(road + "/stops", ""), 409); // counted whole
        for (String id : movesOf(card, true)) {
            assertThat(mechanic.post(road + "/moves", move(id, true, "")).status())
                    .as(id)
                    .isEqualTo(200);
        }

        assertProblem(mechanic.post(road + "/odometer", "{\"km\":\"banana\"}"), 422);
        mechanic.post(road + "/odometer", "{\"km\":\"48 210 km\"}");
        Answer back = mechanic.post(road + "/odometer", "{\"km\":\"48 000\"}");
        assertProblem(back, 422);
        assertThat(back.text()).contains("does not run back");
        card = mechanic.post(road + "/rechecks/first-drive", "{\"km\":\"\",\"note\":\"all dry, nuts at torque\"}")
                .json();
        assertThat(card.path("rechecks").toString())
                .contains("all dry, nuts at torque", "without a torque wrench", "48310")
                .doesNotContain("spindles");
        assertProblem(mechanic.post(road + "/rechecks/first-drive", "{\"km\":\"\",\"note\":\"again\"}"), 409);
        assertThat(mechanic.get(road + "/reminders.ics").text())
                .contains("BEGIN:VEVENT", "job-" + job + "-early@itrova")
                .doesNotContain("-first-drive@");

        assertProblem(sign(mechanic, road, "LEAD", ""), 409);
        assertProblem(sign(lead, road, "OWNER", "Bryn Ostler"), 409); // shop first
        assertThat(sign(mechanic, road, "MECHANIC", "").status()).isEqualTo(200);
        assertThat(sign(lead, road, "LEAD", "").status()).isEqualTo(200);
        assertProblem(sign(lead, road, "LEAD", ""), 409);
        assertProblem(sign(lead, road, "OWNER", " "), 422);
        assertProblem(
                lead.post(road + "/signatures", "{\"as\":\"OWNER\",\"name\":\"Bryn Ostler\",\"seal\":\"another\"}"),
                409);
        card = sign(lead, road, "OWNER", "Bryn Ostler").json();
        assertThat(card.path("handedOver").asBoolean()).isTrue();
        String dossier = mechanic.get("/api/jobs/" + job + "/dossier").text();
        assertThat(dossier).contains("Bryn Ostler", "rubs, front left", "all dry, nuts at torque");

        // a nipple opened afterwards: nothing that was signed covers it, and every move is tried anew
        mechanic.post(
                "/api/jobs/" + job + "/bleed/points",
                "{\"point\":\"axle 1 left\",\"way\":\"gravity\",\"strokes\":2,\"bubbles\":true,\"fluid\":5}");
        card = mechanic.get(road).json();
        assertThat(card.path("handedOver").asBoolean()).isFalse();
        assertThat(card.path("changedSince").asBoolean()).isTrue();
        assertThat(card.path("signatures")).isEmpty();
        assertThat(card.path("standing").toString()).contains("Not bled clear");
        assertThat(card.path("moves").get(0).hasNonNull("fine")).isFalse();
    }

    /** An order that stands while nothing is chosen any more: the vehicle stands, and the week goes on for the others. */
    @Test
    void aChoiceTakenBackAfterTheOrderKeepsTheVehicleStanding() throws Exception {
        long axle = copyOfVan(mechanic, "QF-103");
        String road = "/api/jobs/" + jobOf(axle) + "/road";
        JsonNode order = mechanic.get("/api/axles/" + axle + "/order").json();
        mechanic.post("/api/axles/" + axle + "/order/placement", Asked.seal(order));
        int version = mechanic.get("/api/axles/" + axle + "/end")
                .json()
                .path("version")
                .asInt();
        assertThat(mechanic.put("/api/axles/" + axle + "/choice", "{\"version\":" + version + ",\"kit\":null}")
                        .status())
                .isEqualTo(200);
        assertThat(viewer.get(road).json().path("standing").toString()).contains("No kit is chosen");
        assertThat(viewer.get("/api/week").status()).isEqualTo(200);
    }

    @Test
    void stopsAreComparedWithTheirSpread() throws Exception {
        long axle = copyOfVan(mechanic, "QF-103");
        String road = "/api/jobs/" + jobOf(axle) + "/road";
        for (String metres : List.of("24", "24.5", "25")) {
            mechanic.post(road + "/runs", "{\"after\":false,\"speed\":\"50 km/h\",\"distance\":\"" + metres + " m\"}");
        }
        JsonNode stops = mechanic.get(road).json().path("stops");
        // v²/2s by hand: 192.90/(2·24) = 4.019, 3.937, 3.858
        assertThat(stops.path("before").path("deceleration").asDouble()).isEqualTo(3.938, within(0.002));
        assertThat(stops.path("after").path("why").asString()).contains("Three stops");
        assertThat(stops.hasNonNull("change")).isFalse();
        assertProblem(mechanic.post(road + "/runs", "{\"after\":false,\"speed\":\"50\",\"distance\":\"2 m\"}"), 422);
        assertProblem(mechanic.post(road + "/runs", "{\"after\":false,\"speed\":\"fast\",\"distance\":\"20 m\"}"), 422);
        long first = stops.path("before").path("runs").get(0).path("id").asLong();
        JsonNode fewer = mechanic.delete(road + "/entries/" + first).json();
        assertThat(fewer.path("stops").path("before").path("runs")).hasSize(2);
        assertProblem(mechanic.delete(road + "/entries/" + first), 404);
    }
}
