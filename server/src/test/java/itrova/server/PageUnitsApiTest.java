package itrova.server;

import static itrova.server.Asked.assertProblem;
import static itrova.server.Asked.copyOfVan;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import itrova.server.TestServer.Answer;
import itrova.server.TestServer.Client;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** A bare number is meant in the units of the page it was typed on; what was seen on a donor part is kept with the axle. */
class PageUnitsApiTest {
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

    private static double loadOf(JsonNode job) {
        return job.path("axles").get(0).path("loadKg").asDouble();
    }

    /** The phone was switched to millimetres while the desktop still shows inches and pounds. */
    @Test
    void theDesktopsNumberIsTheDesktopsWhateverThePhoneWasSwitchedTo() throws Exception {
        Client desktop = server.signedIn("tam");
        desktop.units = "INCH";
        Client phone = server.signedIn("tam");
        phone.units = "METRIC";
        ok(phone.put("/api/session/units", "{\"units\":\"METRIC\"}"));
        String job = """
                {"title":"Units","vehicleKind":"CAR","vehicle":"","owner":"","mustBeReversible":false,"notes":"",
                 "axles":[{"name":"front axle","kind":"FRONT_SPINDLE","bracketShape":"CIRCLE","load":"2400",
                           "loadSource":"PLATE","wheelStays":true}]}""";
        Answer byDesktop = desktop.post("/api/jobs", job);
        Answer byPhone = phone.post("/api/jobs", job);
        long ofDesktop = byDesktop.json().path("axles").get(0).path("id").asLong();
        long ofPhone = byPhone.json().path("axles").get(0).path("id").asLong();
        assertThat(ofDesktop).as(byDesktop.text()).isPositive();
        long desktopJob = byDesktop.json().path("id").asLong();
        long phoneJob = byPhone.json().path("id").asLong();
        assertThat(loadOf(ok(desktop.get("/api/jobs/" + desktopJob + "/vehicle"))))
                .isEqualTo(2400 * 0.45359237, within(1e-6));
        assertThat(loadOf(ok(phone.get("/api/jobs/" + phoneJob + "/vehicle")))).isEqualTo(2400, within(1e-9));
        // a reading without a gauge's own units goes by the page as well
        String reading = """
                {"clientId":"%s","side":"LEFT","callout":"REGISTER","text":"2.75","place":"","instrument":"CALIPER_OUTSIDE","confirmed":true}""";
        JsonNode end = ok(
                desktop.post("/api/axles/" + ofDesktop + "/readings", reading.formatted(java.util.UUID.randomUUID())));
        assertThat(Asked.callout(end, "REGISTER").path("value").asDouble()).isEqualTo(2.75 * 25.4, within(1e-9));
        assertProblem(
                phone.post("/api/axles/" + ofPhone + "/readings", reading.formatted(java.util.UUID.randomUUID())), 422);
    }

    @Test
    void unitsNobodyKnowsAreTheOnesThePersonHasSet() throws Exception {
        Client odd = server.signedIn("tam");
        ok(odd.put("/api/session/units", "{\"units\":\"METRIC\"}"));
        odd.units = "CUBITS";
        String asked = "{\"callout\":\"REGISTER\",\"text\":\"70.8\",\"place\":\"\",\"instrument\":\"CALIPER_OUTSIDE\"}";
        JsonNode understood = ok(odd.post("/api/understand", asked));
        assertThat(understood.path("value").asDouble()).isEqualTo(70.8, within(1e-9));
    }

    // --- donor parts ---

    private static String look(JsonNode donor, String side, String at, boolean isSo) {
        return """
                {"version":%d,"side":"%s","at":"%s","isSo":%s}""".formatted(donor.path("version").asInt(), side, at, isSo);
    }

    private static String verdictOf(long axle) throws Exception {
        for (JsonNode f :
                ok(mechanic.get("/api/axles/" + axle + "/match/QF-114")).path("findings")) {
            if (f.path("check").asString().equals("DONOR")
                    && f.path("side").asString().equals("LEFT")) {
                return f.path("verdict").asString();
            }
        }
        throw new AssertionError("no donor finding");
    }

    @Test
    void whatWasSeenOnADonorPartIsKeptAndCounts() throws Exception {
        long axle = copyOfVan(mechanic, "QF-114");
        String path = "/api/axles/" + axle + "/donor/QF-114";
        JsonNode donor = ok(mechanic.get(path));
        assertThat(donor.path("looks")).hasSize(4);
        assertThat(verdictOf(axle)).isEqualTo("NOT_PROVEN");
        for (int i = 0; i < 2; i++) {
            String at = donor.path("looks").get(i).path("at").asString();
            donor = ok(mechanic.put(path, look(donor, "LEFT", at, true)));
        }
        assertThat(verdictOf(axle)).isEqualTo("FITS");
        String first = donor.path("looks").get(0).path("at").asString();
        assertProblem(mechanic.put(path, look(donor, "LEFT", "anything else", true)), 422);
        assertThat(viewer.put(path, look(donor, "LEFT", first, false)).status()).isEqualTo(403);
        JsonNode stale = donor;
        donor = ok(mechanic.put(path, look(donor, "LEFT", first, false)));
        assertThat(verdictOf(axle)).isEqualTo("DOES_NOT_FIT");
        assertThat(mechanic.put(path, look(stale, "LEFT", first, true)).status())
                .as("somebody looked meanwhile")
                .isEqualTo(409);
        assertThat(verdictOf(axle)).isEqualTo("DOES_NOT_FIT");
    }
}
