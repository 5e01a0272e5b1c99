package itrova.server;

import static org.assertj.core.api.Assertions.assertThat;

import itrova.formats.DemoData;
import itrova.formats.DossierDocument;
import itrova.formats.JobDocument;
import itrova.server.TestServer.Answer;
import itrova.server.TestServer.Client;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Every demo job from the choice to the signed dossier: a front spindle, a pressed rear axle, a trailer, a closed knuckle. */
class EveryDemoJobApiTest {
    private static final JsonMapper JSON = new JsonMapper();
    private static TestServer server;
    private static Client mechanic;
    private static Client lead;

    @BeforeAll
    static void start() throws Exception {
        server = TestServer.start();
        mechanic = server.signedIn("tam");
        lead = server.signedIn("wilma");
    }

    @AfterAll
    static void stop() {
        server.close();
    }

    /**
     * A demo job with what is chosen and planned for it.
     *
     * @param index its place in the demo data
     * @param kits kit of each axle, in their order; the trailer's second axle, whose hub differs, keeps its drums
     * @param parts parts planned for the whole vehicle
     * @param onAxles parts planned for an axle, by its name
     * @param planned further figures planned for the brakes
     */
    private record Demo(
            int index,
            List<String> kits,
            List<String> parts,
            Map<String, String> onAxles,
            Map<String, String> planned) {
        @Override
        public String toString() {
            return DemoData.jobs().get(index).title();
        }
    }

    static List<Demo> demos() {
        return List.of(
                new Demo(
                        0,
                        List.of("QF-103"),
                        List.of("TM-106", "BO-203", "VA-301", "AD-601"),
                        Map.of("front axle", "PA-703"),
                        Map.of()),
                new Demo(
                        1,
                        List.of("QR-204"),
                        List.of("TM-106", "BO-204", "VA-304"),
                        Map.of("rear axle", "PA-701"),
                        Map.of("VALVE_KNEE", "0.3")),
                new Demo(2, List.of("QT-301"), List.of("AC-402", "FL-802", "LI-910"), Map.of(), Map.of()),
                new Demo(
                        3,
                        List.of("QK-401"),
                        List.of("TM-106", "BO-203", "VA-304"),
                        Map.of("front axle", "PA-702"),
                        Map.of("VALVE_KNEE", "0.3", "GRADE_HELD", "25")));
    }

    @ParameterizedTest
    @MethodSource("demos")
    void goesFromTheChoiceToTheSignedDossier(Demo demo) throws Exception {
        JsonNode job = mechanic.post(
                        "/api/jobs/import", JobDocument.write(DemoData.jobs().get(demo.index())))
                .json();
        long id = mechanic.get(
                        "/api/axles/" + job.path("axles").get(0).path("id").asLong() + "/end")
                .json()
                .path("jobId")
                .asLong();
        for (int i = 0; i < demo.kits().size(); i++) {
            String axle = "/api/axles/" + job.path("axles").get(i).path("id").asLong();
            int version = mechanic.get(axle + "/end").json().path("version").asInt();
            Answer chosen = mechanic.put(
                    axle + "/choice",
                    "{\"version\":" + version + ",\"kit\":\"" + demo.kits().get(i) + "\"}");
            assertThat(chosen.status()).as(chosen.text()).isEqualTo(200);
        }
        plan(id, demo);
        for (int i = 0; i < demo.kits().size(); i++) {
            long axleId = job.path("axles").get(i).path("id").asLong();
            sign(axleId);
            WholeCard.orderAndTick(mechanic, axleId);
        }
        WholeRoad.bleed(mechanic, id);
        WholeRoad.driveAndHandOver(mechanic, lead, id);
        String dossier = mechanic.get("/api/jobs/" + id + "/dossier").text();
        assertThat(DossierDocument.verify("dossier", dossier, Optional.of(DossierDocument.head(dossier)))
                        .faults())
                .isEmpty();
    }

    private static void plan(long job, Demo demo) throws Exception {
        ObjectNode circuit =
                (ObjectNode) mechanic.get("/api/jobs/" + job + "/brakes").json().path("circuit");
        ObjectNode planned = (ObjectNode) circuit.path("planned");
        ArrayNode parts = planned.putArray("parts");
        demo.parts().forEach(code -> parts.addObject().put("code", code));
        demo.onAxles()
                .forEach((axle, code) -> parts.addObject().put("code", code).put("axle", axle));
        if (demo.index() == 1) {
            planned.put("parking", "LEVER_CALIPER");
        }
        ObjectNode figures = planned.putObject("figures");
        demo.planned().forEach(figures::put);
        Answer answer = mechanic.put("/api/jobs/" + job + "/brakes", JSON.writeValueAsString(circuit));
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
    }

    /** A lead signs where something is not proven. */
    private static void sign(long axle) throws Exception {
        JsonNode order = lead.get("/api/axles/" + axle + "/order").json();
        if (order.path("gate").asString().equals("HELD")) {
            ObjectNode body = JSON.createObjectNode()
                    .put("seal", order.path("seal").asString())
                    .put("reason", "measured again when the wheel is off");
            Answer answer = lead.post("/api/axles/" + axle + "/order/signature", body.toString());
            assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        }
    }
}
