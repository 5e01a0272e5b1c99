package itrova.server;

import static itrova.server.Asked.assertProblem;
import static itrova.server.Asked.copyOfVan;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import itrova.server.TestServer.Answer;
import itrova.server.TestServer.Client;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** A whole card ticked from the first step to the last: holds want their readings, within limits or signed for by a lead. */
class BenchHoldsApiTest {
    private static final Map<String, List<String>> BAD = Map.of(
            "END_PLAY", List.of("0.4 mm"),
            "RUN_OUT", List.of("0 mm", "0.1 mm", "0.3 mm", "0.1 mm"),
            "THICKNESS_VARIATION", List.of("22 mm", "22 mm", "22.1 mm", "22 mm", "22 mm", "22 mm"),
            "SEAL_TILT", List.of("3 mm", "4 mm", "3 mm"),
            "BRACKET_SQUARE", List.of("0", "1"),
            "PUSH_ROD_PLAY", List.of("0 mm"),
            "BRACKET_ANGLES", List.of("88.4", "87.9"),
            "BREAKAWAY_MINUTES", List.of("9"));

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

    @Test
    void aCardIsTickedWhole() throws Exception {
        long axle = copyOfVan(mechanic, "QF-103");
        JsonNode order = mechanic.get("/api/axles/" + axle + "/order").json();
        assertThat(mechanic.post("/api/axles/" + axle + "/order/placement", Asked.seal(order))
                        .status())
                .isEqualTo(200);
        String bench = "/api/axles/" + axle + "/bench";
        JsonNode card = mechanic.get(bench).json();
        String seal = card.path("seal").asString();
        Asked.receiveAll(mechanic, axle);
        List<String> read = new ArrayList<>();
        boolean isSigned = false;
        boolean isMarked = false;
        for (JsonNode step : card.path("steps")) {
            String address = bench + "/" + step.path("id").asString() + "/tick";
            String kind = step.path("reading").path("kind").asString("");
            if (!kind.isEmpty()) {
                read.add(kind);
                assertProblem(mechanic.post(address, WholeCard.tick(step, seal).toString()), 422);
                assertProblem(
                        mechanic.post(
                                address,
                                WholeCard.with(WholeCard.tick(step, seal), List.of("banana"))
                                        .toString()),
                        422);
                Answer outside = mechanic.post(
                        address,
                        WholeCard.with(WholeCard.tick(step, seal), BAD.get(kind))
                                .toString());
                assertProblem(outside, 422);
                assertThat(outside.text()).contains("let a lead sign");
                ObjectNode signed = WholeCard.with(WholeCard.tick(step, seal), BAD.get(kind))
                        .put("signed", "the owner knows");
                assertProblem(mechanic.post(address, signed.toString()), 409);
                if (!isSigned) {
                    assertThat(lead.post(address, signed.toString()).status()).isEqualTo(200);
                    isSigned = true;
                    continue;
                }
            }
            ObjectNode body = WholeCard.good(step, seal);
            if (!isMarked && step.hasNonNull("torqueNm")) {
                body.put("setValue", "").put("marked", true);
                isMarked = true;
            }
            assertThat(mechanic.post(address, body.toString()).status())
                    .as(address)
                    .isEqualTo(200);
        }
        JsonNode done = mechanic.get(bench).json();
        assertThat(done.path("done").asInt()).isEqualTo(done.path("steps").size());
        assertThat(read).contains("RUN_OUT", "PUSH_ROD_PLAY");
        assertThat(done.toString())
                .contains("\"signed\":\"the owner knows\"", "Wrench-tight and marked", "Run-out of the disc 0.040 mm");
        long job =
                mechanic.get("/api/axles/" + axle + "/end").json().path("jobId").asLong();
        assertThat(mechanic.get("/api/jobs/" + job + "/dossier").text())
                .contains("Wrench-tight and marked", "the owner knows", "Run-out of the disc");
    }

    /** Once by each person in each job, and logged. */
    @Test
    void aCautionIsReadBeforeItsStepIsTicked() throws Exception {
        long axle = copyOfVan(mechanic, "QF-103");
        JsonNode order = mechanic.get("/api/axles/" + axle + "/order").json();
        mechanic.post("/api/axles/" + axle + "/order/placement", Asked.seal(order));
        String bench = "/api/axles/" + axle + "/bench";
        JsonNode card = mechanic.get(bench).json();
        JsonNode lift = card.path("steps").get(0);
        String seal = card.path("seal").asString();
        assertThat(lift.path("cautionRead").asBoolean()).isFalse();
        Answer unread = mechanic.post(
                bench + "/lift/tick",
                WholeCard.tick(lift, seal).put("cautionRead", false).toString());
        assertProblem(unread, 422);
        assertThat(unread.text()).contains(lift.path("caution").asString());
        assertThat(mechanic.post(
                                bench + "/lift/tick", WholeCard.tick(lift, seal).toString())
                        .status())
                .isEqualTo(200);
        mechanic.delete(bench + "/lift/tick?seal=" + seal);
        // read before: not asked again; another person has not read it
        assertThat(mechanic.get(bench)
                        .json()
                        .path("steps")
                        .get(0)
                        .path("cautionRead")
                        .asBoolean())
                .isTrue();
        assertThat(lead.get(bench)
                        .json()
                        .path("steps")
                        .get(0)
                        .path("cautionRead")
                        .asBoolean())
                .isFalse();
        assertThat(mechanic.post(
                                bench + "/lift/tick",
                                WholeCard.tick(lift, seal)
                                        .put("cautionRead", false)
                                        .toString())
                        .status())
                .isEqualTo(200);
        long job =
                mechanic.get("/api/axles/" + axle + "/end").json().path("jobId").asLong();
        assertThat(mechanic.get("/api/jobs/" + job + "/dossier").text())
                .contains("CAUTION_READ", lift.path("caution").asString());
    }

    /** Taking apart is warned of; nothing is put in or tried before it came, but by a lead's name and reason. */
    @Test
    void nothingIsFittedThatDidNotCome() throws Exception {
        long axle = copyOfVan(mechanic, "QF-103");
        JsonNode order = mechanic.get("/api/axles/" + axle + "/order").json();
        mechanic.post("/api/axles/" + axle + "/order/placement", Asked.seal(order));
        String bench = "/api/axles/" + axle + "/bench";
        JsonNode card = mechanic.get(bench).json();
        String seal = card.path("seal").asString();
        int done = 0;
        for (JsonNode step : card.path("steps")) {
            String address = bench + "/" + step.path("id").asString() + "/tick";
            ObjectNode body = WholeCard.good(step, seal);
            Answer answer = mechanic.post(address, body.toString());
            if (answer.status() == 200) {
                done++;
                continue;
            }
            assertProblem(answer, 409);
            assertThat(step.path("id").asString()).endsWith("mockup");
            assertThat(answer.text()).contains("did not come", "Tolverne");
            assertProblem(
                    mechanic.post(address, body.put("signed", "borrowed one").toString()), 409);
            body.remove("loose");
            Answer untold = lead.post(address, body.toString());
            assertProblem(untold, 422);
            assertThat(untold.text()).contains("put in only to try");
            body.putArray("loose").add("NOTHING").add("PADS");
            assertProblem(lead.post(address, body.toString()), 422);
            body.putArray("loose").add("NUTS").add("PADS");
            assertThat(lead.post(address, body.toString()).status()).isEqualTo(200);
            break;
        }
        for (JsonNode step : card.path("steps")) {
            if (step.path("id").asString().startsWith("left-work-")) {
                ObjectNode work = WholeCard.tick(step, seal).put("signed", "borrowed one");
                assertThat(lead.post(bench + "/" + step.path("id").asString() + "/tick", work.toString())
                                .status())
                        .isEqualTo(200);
            }
        }
        JsonNode makeGood = WholeCard.step(mechanic.get(bench).json(), "left-make-good");
        assertThat(makeGood.path("loose").size()).isEqualTo(2);
        ObjectNode half = WholeCard.tick(makeGood, seal).put("signed", "borrowed one");
        half.putArray("loose").add("NUTS");
        Answer open = lead.post(bench + "/left-make-good/tick", half.toString());
        assertProblem(open, 422);
        assertThat(open.text()).contains("Pads dry").doesNotContain("One-use nuts");
        half.putArray("loose").add("NUTS").add("PADS");
        assertThat(lead.post(bench + "/left-make-good/tick", half.toString()).status())
                .isEqualTo(200);
        assertThat(WholeCard.step(mechanic.get(bench).json(), "left-make-good")
                        .path("done")
                        .path("loose")
                        .toString())
                .contains("Pads dry");
        assertThat(done).isGreaterThan(3);
    }

    /** Torques of the school in stages: 50, 30, 50 to 75 lbf·ft (common practice), 68 and 41 N·m. */
    @Test
    void schoolsOfTheBearingsAreToldInTheReadersUnits() throws Exception {
        JsonNode schools = mechanic.get("/api/bench-help/bearing-schools").json();
        assertThat(schools).hasSize(3);
        assertThat(viewer.get("/api/bench-help/bearing-schools").text()).contains("50 lbf·ft");
        assertThat(schools.get(1).path("told").asString()).contains("68 N·m", "41 N·m", "102 N·m", "Sources disagree");
    }

    @Test
    void helpersAnswerAViewerToo() throws Exception {
        JsonNode nut = viewer.post(
                        "/api/bench-help/nut", "{\"measured\":\"0.30 mm\",\"pitch\":\"1/16 in\",\"positions\":12}")
                .json();
        assertThat(nut.path("slots").asInt()).isEqualTo(-2);
        assertThat(nut.path("within").asBoolean()).isTrue();
        JsonNode wrench = viewer.post(
                        "/api/bench-help/wrench",
                        "{\"torque\":\"100 N·m\",\"length\":\"400 mm\",\"extension\":\"100 mm\",\"angle\":0}")
                .json();
        assertThat(wrench.path("setNm").asDouble()).isEqualTo(80, within(1e-9));
        JsonNode positions = viewer.post("/api/bench-help/indexing", """
                        {"hub":["0.02 mm","0 mm","-0.02 mm","0 mm"],"hubRadius":"60 mm",
                         "disc":["0.04 mm","0 mm","-0.04 mm","0 mm"],"discRadius":"120 mm","studs":4}""").json().path("positions");
        assertThat(positions.get(0).path("studs").asInt()).isEqualTo(2);
        assertThat(positions.get(0).path("totalReading").asDouble()).isEqualTo(0, within(1e-9));
        // 1.4 mm of two 1.0, four 0.5 and eight 0.2 for four bolts: 1.0 is too few for all, 0.5 + 0.2 + 0.2 is nearest
        JsonNode stack = viewer.post("/api/bench-help/shims", """
                        {"wanted":"1.4 mm","bolts":4,"sizes":[{"thickness":"1 mm","count":2},{"thickness":"0.5 mm","count":4},
                         {"thickness":"0.2 mm","count":8}]}""").json();
        assertThat(stack.path("thickness").asDouble()).isEqualTo(0.9, within(1e-9));
        assertThat(stack.path("off").asDouble()).isEqualTo(0.5, within(1e-9));
        JsonNode engaged = viewer.post("/api/bench-help/engagement", "{\"turns\":7,\"thread\":\"1/2-20\"}")
                .json();
        assertThat(engaged.path("enough").asBoolean()).isFalse();
        assertProblem(viewer.post("/api/bench-help/engagement", "{\"turns\":7,\"thread\":\"thick\"}"), 422);
        JsonNode judged = viewer.post("/api/bench-help/reading", "{\"kind\":\"END_PLAY\",\"readings\":[\"0.08 mm\"]}")
                .json();
        assertThat(judged.path("verdict").asString()).isEqualTo("FITS");
        Answer wild = viewer.post(
                "/api/bench-help/wrench",
                "{\"torque\":\"100 N·m\",\"length\":\"4 mm\",\"extension\":\"100 mm\",\"angle\":0}");
        assertProblem(wild, 422);
        assertThat(wild.text()).contains("100 to 2000 mm");
    }
}
