package itrova.server;

import static itrova.server.Asked.assertProblem;
import static itrova.server.Asked.copyOfVan;
import static org.assertj.core.api.Assertions.assertThat;

import itrova.formats.JobDocument;
import itrova.server.TestServer.Answer;
import itrova.server.TestServer.Client;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** The brakes of a job's vehicle: as found, as planned, written down, and never over somebody else's. */
class BrakesApiTest {
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
        long axle = copyOfVan(mechanic, "QF-103");
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
                        "\"planned\":{\"figures\":{}}",
                        "\"planned\":{\"split\":\"FRONT_REAR\",\"booster\":\"VACUUM\",\"figures\":{\"MASTER_BORE\":\"1 1/8 in\",\"MASTER_STROKE\":\"42 mm\"}}");
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
                        "\"planned\":{\"figures\":{}}", "\"planned\":{\"figures\":{\"MASTER_BORE\":\"22 in\"}}"));
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
}
