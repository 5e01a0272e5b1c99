package itrova.server;

import static itrova.server.Asked.assertProblem;
import static itrova.server.Asked.copyOfVan;
import static itrova.server.Asked.copyOfVanAsFound;
import static org.assertj.core.api.Assertions.assertThat;

import itrova.formats.JobDocument;
import itrova.server.TestServer.Answer;
import itrova.server.TestServer.Client;
import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** The brakes of a job's vehicle: as found, as planned, written down, and never over somebody else's. */
class BrakesApiTest {
    private static final JsonMapper JSON = new JsonMapper();
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

    private static String address() throws Exception {
        long axle = copyOfVanAsFound(mechanic, "QF-103");
        return "/api/jobs/"
                + mechanic.get("/api/axles/" + axle + "/end")
                        .json()
                        .path("jobId")
                        .asLong() + "/brakes";
    }

    private static String verdict(JsonNode state, String check) {
        for (JsonNode f : state.path("findings")) {
            if (f.path("check").asString().equals(check)) {
                return f.path("verdict").asString();
            }
        }
        throw new AssertionError(check);
    }

    @Test
    void theKitChosenIsPutIn() throws Exception {
        JsonNode brakes = mechanic.get(address()).json();
        assertThat(brakes.path("kits").toString()).contains("QF-103");
        assertThat(verdict(brakes.path("after"), "RESERVOIR")).isEqualTo("FITS");
        assertThat(verdict(brakes.path("after"), "MASTER_STROKE")).isEqualTo("DOES_NOT_FIT");
        assertThat(brakes.path("before").toString()).doesNotContain("RESERVOIR\",\"title");
        assertThat(brakes.path("after").path("curves").get(0).path("points").size())
                .isGreaterThan(5);
        assertThat(brakes.path("after").path("assumed").toString()).contains("pad friction");
    }

    @Test
    void whatIsPlannedIsWrittenDownWorkedOutAndKept() throws Exception {
        String address = address();
        JsonNode before = mechanic.get(address).json();
        String circuit = before.path("circuit")
                .toString()
                .replace(
                        "\"planned\":{\"outlets\":{},\"lines\":[],\"parts\":[],\"figures\":{}}",
                        "\"planned\":{\"split\":\"FRONT_REAR\",\"booster\":\"VACUUM\",\"outlets\":{},\"lines\":[],\"parts\":[],\"figures\":{\"MASTER_BORE\":\"1 1/8 in\",\"MASTER_STROKE\":\"42 mm\"}}");
        assertThat(circuit).contains("1 1/8 in");
        Answer saved = mechanic.put(address, circuit);
        assertThat(saved.status()).as(saved.text()).isEqualTo(200);
        assertThat(verdict(saved.json().path("after"), "MASTER_STROKE")).isEqualTo("FITS");
        assertThat(verdict(saved.json().path("after"), "SPLIT")).isEqualTo("FITS");
        assertThat(verdict(saved.json().path("before"), "SPLIT")).isEqualTo("DOES_NOT_FIT");
        assertProblem(mechanic.put(address, circuit), 409); // somebody saved meanwhile
        String document = mechanic.get(address.replace("brakes", "document")).text();
        assertThat(JobDocument.read("job", document)
                        .circuit()
                        .planned()
                        .figures()
                        .toString())
                .contains("1 1/8 in");
    }

    @Test
    void impossibleFiguresAreRefusedAndNothingIsChanged() throws Exception {
        String address = address();
        String circuit = mechanic.get(address).json().path("circuit").toString();
        Answer wide = mechanic.put(
                address,
                circuit.replace(
                        "\"planned\":{\"outlets\":{},\"lines\":[],\"parts\":[],\"figures\":{}}",
                        "\"planned\":{\"outlets\":{},\"lines\":[],\"parts\":[],\"figures\":{\"MASTER_BORE\":\"22 in\"}}"));
        assertProblem(wide, 422);
        assertThat(wide.text()).contains("master bore");
        Answer light = mechanic.put(address, circuit.replace("2050 kg", "900 kg"));
        assertProblem(light, 422);
        assertThat(light.text()).contains("mass laden");
        assertThat(viewer.put(address, circuit).status()).isEqualTo(403);
        assertThat(mechanic.get(address).json().path("circuit").toString()).isEqualTo(circuit);
    }

    @Test
    void aVehicleNobodyLookedAtHasNoFigures() throws Exception {
        long job = mechanic.post("/api/jobs", """
                {"title":"bare","vehicleKind":"CAR","vehicle":"","owner":"","mustBeReversible":false,"notes":"",
                 "axles":[{"name":"front axle","kind":"FRONT_SPINDLE","bracketShape":"CIRCLE","load":"780 kg","loadSource":"PLATE","wheelStays":true}]}
                """).json().path("id").asLong();
        JsonNode brakes = mechanic.get("/api/jobs/" + job + "/brakes").json();
        assertThat(brakes.path("seen").asBoolean()).isFalse();
        assertThat(brakes.has("after")).isFalse();
    }

    private static String tried(String set) {
        return "{\"planned\":true,\"load\":\"LADEN\",\"foot\":300,\"speed\":100,\"road\":0.8,\"cut\":\"NOTHING\",\"set\":["
                + set + "]}";
    }

    /** Sliders are looking, not changing: a viewer may, nothing is kept, and nonsense is refused by name. */
    @Test
    void whatIsTriedIsSaidAndNotKept() throws Exception {
        String address = address();
        String before = mechanic.get(address).json().path("circuit").toString();
        JsonNode told = viewer.post(address + "/tried", tried("")).json();
        assertThat(told.path("curve").size()).isGreaterThan(5);
        JsonNode last = told.path("stop").get(told.path("stop").size() - 1);
        assertThat(last.path("speed").asDouble()).isZero();
        JsonNode higher = viewer.post(
                        address + "/tried", tried("{\"quantity\":\"PAD_FRICTION\",\"axle\":0,\"value\":0.5}"))
                .json();
        assertThat(higher.path("curve").get(3).path("front").asDouble())
                .isGreaterThan(told.path("curve").get(3).path("front").asDouble());
        Answer wild = viewer.post(address + "/tried", tried("{\"quantity\":\"PAD_FRICTION\",\"axle\":0,\"value\":7}"));
        assertProblem(wild, 422);
        assertThat(wild.text()).contains("pad friction");
        assertThat(mechanic.get(address).json().path("circuit").toString()).isEqualTo(before);
    }

    @Test
    void fadeIsDrawnInPieces() throws Exception {
        String address = address();
        JsonNode first = viewer.get(address + "/fade?from=0&count=20").json();
        JsonNode again = viewer.get(address + "/fade?from=10&count=10").json();
        assertThat(first.path("samples").size()).isEqualTo(20);
        assertThat(again.path("samples").get(0)).isEqualTo(first.path("samples").get(10));
        assertProblem(viewer.get(address + "/fade?from=0&count=999999"), 422);
    }

    private static final String PIECE = "{\"from\":%d,\"count\":%d,\"open\":%s,\"cents\":%d,\"compared\":%d}";

    /** Asks piece after piece, as a page does, and keeps the best. */
    private JsonNode proposal(String address, String body) throws Exception {
        JsonNode best = null;
        int pieces = 0;
        for (int from = 0, total = 1, compared = 0; from < total; pieces++) {
            String piece = PIECE.formatted(
                    from,
                    400,
                    best == null ? "null" : best.path("openCount").asString(),
                    best == null ? 0 : best.path("cents").asLong(),
                    compared);
            JsonNode told = viewer.post(address, body.formatted(piece)).json();
            assertThat(told.path("next").asInt()).isGreaterThan(from);
            from = told.path("next").asInt();
            total = told.path("total").asInt();
            compared = told.path("compared").asInt();
            best = told.hasNonNull("best") ? told.path("best") : best;
        }
        assertThat(pieces).isGreaterThan(1);
        return best;
    }

    /** A kit that is only thought of is told with the parts it would want; nothing is chosen by it. */
    @Test
    void partsAreProposedForAKitThatIsThoughtOf() throws Exception {
        long axle = copyOfVanAsFound(mechanic, "QF-103");
        JsonNode proposal = proposal(
                "/api/axles/" + axle + "/brakes/proposal",
                "{\"piece\":%s,\"kit\":\"QF-101\",\"with\":{\"options\":[],\"works\":[]}}");
        assertThat(proposal.path("proven").asBoolean()).isTrue();
        assertThat(proposal.path("cents").asLong()).isPositive();
        assertProblem(
                viewer.post(
                        "/api/axles/" + axle + "/brakes/proposal",
                        "{\"piece\":" + PIECE.formatted(0, 1, "null", 0, 0)
                                + ",\"kit\":\"NONE-1\",\"with\":{\"options\":[],\"works\":[]}}"),
                404);
        assertThat(mechanic.get("/api/axles/" + axle + "/order")
                        .json()
                        .path("kit")
                        .toString())
                .contains("QF-103");
    }

    /** Who told what and when: found and planned, figures and lines. */
    @Test
    void theHistoryOfAFigureIsTold() throws Exception {
        long axle = copyOfVanAsFound(mechanic, "QF-103");
        long job =
                mechanic.get("/api/axles/" + axle + "/end").json().path("jobId").asLong();
        String address = "/api/jobs/" + job + "/brakes";
        ObjectNode circuit = (ObjectNode) mechanic.get(address).json().path("circuit");
        ((ObjectNode) circuit.path("figures")).put("MASTER_BORE", "13/16 in");
        ((ObjectNode) circuit.path("planned").path("figures")).put("MASTER_BORE", "7/8 in");
        ((ObjectNode) circuit.path("axles").get(1).path("figures")).put("HOSE_LENGTH", "400 mm");
        assertThat(mechanic.put(address, circuit.toString()).status()).isEqualTo(200);
        JsonNode newest = viewer.get(address + "/history").json().get(0);
        assertThat(newest.path("by").asString()).isNotBlank();
        assertThat(newest.path("changes").toString())
                .contains(
                        "\"quantity\":\"MASTER_BORE\"",
                        "13/16 in",
                        "7/8 in",
                        "\"planned\":true",
                        "rear axle",
                        "400 mm");
        assertThat(newest.path("changes").size()).isEqualTo(3);
    }

    private static String line(String from, String to) {
        return "{\"from\":\"" + from + "\",\"to\":\"" + to + "\",\"length\":\"800 mm\",\"bore\":\"\"}";
    }

    /** Lines as they are drawn: a loop, a wheel without a line and a stranger are refused by name, and nothing is lost. */
    @Test
    void linesThatDoNotHangTogetherAreRefused() throws Exception {
        String address = address();
        ObjectNode circuit = (ObjectNode) mechanic.get(address).json().path("circuit");
        List<String> whole = List.of(
                line("outlet 1", "junction 1"),
                line("junction 1", "axle 1 left"),
                line("junction 1", "axle 1 right"),
                line("junction 1", "axle 2 left"),
                line("axle 2 left", "axle 2 right"));
        for (String[] wrong : new String[][] {
            {line("axle 1 left", "axle 1 right"), "loop"},
            {line("junction 8", "junction 9"), "hangs on no outlet"},
            {line("outlet 1", "wheel"), "no end of a brake line"},
            {line("junction 1", "axle 3 left"), "axle 3 left"}
        }) {
            circuit.set("lines", JSON.readTree("[" + String.join(",", whole) + "," + wrong[0] + "]"));
            Answer refused = mechanic.put(address, circuit.toString());
            assertProblem(refused, 422);
            assertThat(refused.text()).contains(wrong[1]);
        }
        circuit.set("lines", JSON.readTree("[" + String.join(",", whole.subList(0, 4)) + "]"));
        assertThat(mechanic.put(address, circuit.toString()).text()).contains("axle 2 right", "without a line");
        circuit.set("lines", JSON.readTree("[" + String.join(",", whole) + "]"));
        Answer kept = mechanic.put(address, circuit.toString());
        assertThat(kept.status()).isEqualTo(200);
        assertThat(kept.json().path("circuit").path("lines").size()).isEqualTo(5);
    }

    /** What is proposed is planned, is proven then, opens the order, and is bought with it. */
    @Test
    void theProposalOpensTheOrder() throws Exception {
        long axle = copyOfVanAsFound(mechanic, "QF-103");
        String order = "/api/axles/" + axle + "/order";
        JsonNode shut = mechanic.get(order).json();
        assertThat(shut.path("gate").asString()).isEqualTo("SHUT");
        assertThat(shut.path("brakes").toString()).contains("Stroke of the master");
        assertProblem(mechanic.post(order + "/placement", Asked.seal(shut)), 409);
        long job =
                mechanic.get("/api/axles/" + axle + "/end").json().path("jobId").asLong();
        String address = "/api/jobs/" + job + "/brakes";
        assertThat(viewer.get(address + "/masters").json().size()).isGreaterThanOrEqualTo(8);
        JsonNode proposal = proposal(address + "/proposal", "%s");
        assertThat(proposal.path("proven").asBoolean()).isTrue();
        ObjectNode circuit = (ObjectNode) mechanic.get(address).json().path("circuit");
        ((ObjectNode) circuit.path("planned")).set("parts", proposal.path("parts"));
        ((ObjectNode) circuit.path("planned")).set("figures", proposal.path("settings"));
        assertThat(mechanic.put(address, circuit.toString()).status()).isEqualTo(200);
        assertThat(viewer.post(address + "/proposal", PIECE.formatted(0, 5000, "null", 0, 0))
                        .json()
                        .path("total")
                        .asInt())
                .isZero();
        JsonNode open = mechanic.get(order).json();
        assertThat(open.path("gate").asString()).isEqualTo("OPEN");
        assertThat(open.path("seal").asString()).isNotEqualTo(shut.path("seal").asString());
        for (JsonNode part : proposal.path("parts")) {
            assertThat(open.path("lines").toString()).contains(part.path("code").asString());
        }
        assertProblem(mechanic.post(order + "/placement", Asked.seal(shut)), 409);
        assertThat(mechanic.post(order + "/placement", Asked.seal(open)).status())
                .isEqualTo(200);
    }

    @Test
    void theMatchTableTellsTheBrakesWithEachKit() throws Exception {
        long axle = copyOfVan(mechanic, "QF-103");
        JsonNode match = mechanic.get("/api/axles/" + axle + "/match").json();
        assertThat(match.path("brakes").size()).isEqualTo(match.path("rows").size());
        assertThat(match.path("brakes").toString()).contains("\"verdict\":\"FITS\"");
        assertThat(mechanic.get("/api/axles/" + axle + "/match/QF-103")
                        .json()
                        .path("brakes")
                        .path("verdict")
                        .asString())
                .isEqualTo("FITS");
    }

    @Test
    void partsAreTakenWholeOrNotAtAll() throws Exception {
        Client lead = server.signedIn("wilma");
        String good = "{\"code\":\"ZZ-1\",\"sort\":\"nut\",\"name\":\"Nut\",\"supplier\":\"S\",\"price\":\"1.00\"}";
        String bad =
                "{\"code\":\"ZZ-2\",\"sort\":\"master\",\"name\":\"Master\",\"supplier\":\"S\",\"price\":\"1.00\"}";
        String form = "{\"format\":\"itrova-parts/1\",\"parts\":[%s]}";
        assertProblem(lead.post("/api/parts/import", form.formatted(good + "," + bad)), 422);
        assertThat(viewer.get("/api/parts?text=ZZ-").json().size()).isZero();
        assertThat(mechanic.post("/api/parts/import", form.formatted(good)).status())
                .isEqualTo(403);
        assertThat(lead.post("/api/parts/import", form.formatted(good))
                        .json()
                        .path("taken")
                        .asInt())
                .isEqualTo(1);
        assertThat(viewer.get("/api/parts?text=ZZ-").json().get(0).path("name").asString())
                .isEqualTo("Nut");
        assertThat(viewer.get("/api/parts?sort=MASTER").json().size()).isGreaterThanOrEqualTo(8);
        assertThat(viewer.get("/api/parts?text=%25").json().size()).isZero();
    }

    @Test
    void aPartTheCatalogueDoesNotHaveIsNotPlanned() throws Exception {
        String address = address();
        String circuit = mechanic.get(address)
                .json()
                .path("circuit")
                .toString()
                .replace("\"parts\":[]", "\"parts\":[{\"code\":\"XX-9\"}]");
        Answer refused = mechanic.put(address, circuit);
        assertProblem(refused, 409);
        assertThat(refused.text()).contains("XX-9");
    }
}
