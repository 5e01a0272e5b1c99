package itrova.server;

import static itrova.server.Asked.assertProblem;
import static itrova.server.Asked.callout;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import itrova.core.record.Trail;
import itrova.formats.DemoData;
import itrova.formats.JobDocument;
import itrova.formats.KitDocument;
import itrova.server.TestServer.Answer;
import itrova.server.TestServer.Client;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** The API on a real MariaDB. */
class ApiTest {
    private static TestServer server;
    private static Client lead;
    private static Client mechanic;
    private static Client viewer;

    @BeforeAll
    static void start() throws Exception {
        server = TestServer.start();
        lead = server.signedIn("wilma");
        mechanic = server.signedIn("tam");
        viewer = server.signedIn("jory");
    }

    @AfterAll
    static void stop() {
        server.close();
    }

    /** A new job with one front axle; gives the axle's key. */
    private static long newAxle(String title) throws Exception {
        Answer answer = mechanic.post("/api/jobs", job(title, "780 kg"));
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer.json().path("axles").get(0).path("id").asLong();
    }

    private static String job(String title, String load) {
        return """
                {"title":"%s","vehicleKind":"CAR","vehicle":"","owner":"","mustBeReversible":true,"notes":"",
                 "axles":[{"name":"front axle","kind":"FRONT_SPINDLE","bracketShape":"CIRCLE","load":"%s","loadSource":"PLATE","wheelStays":true}]}
                """.formatted(title, load);
    }

    private static String reading(String callout, String text) {
        return reading(UUID.randomUUID().toString(), callout, text, false);
    }

    private static String reading(String clientId, String callout, String text, boolean confirmed) {
        return """
                {"clientId":"%s","side":"LEFT","callout":"%s","text":"%s","place":"","instrument":"CALIPER_OUTSIDE","confirmed":%s}
                """.formatted(clientId, callout, text, confirmed);
    }

    // --- signing in ---

    @Test
    void nobodySeesAnythingWithoutSigningIn() throws Exception {
        Client stranger = server.client();
        assertThat(stranger.get("/api/jobs").status()).isEqualTo(401);
        assertThat(stranger.get("/api/axles/1/end").status()).isEqualTo(401);
        assertThat(stranger.get("/api/session").json().has("login")).isFalse();
    }

    @Test
    void aWrongPasswordIsRefused() throws Exception {
        Client stranger = server.client();
        stranger.get("/api/session");
        assertProblem(stranger.post("/api/session", "{\"login\":\"wilma\",\"password\":\"wrong\"}"), 401);
        assertProblem(stranger.post("/api/session", "{\"login\":\"' OR '1'='1\",\"password\":\"x\"}"), 401);
    }

    @Test
    void withoutTheTokenNothingIsChanged() throws Exception {
        Client forged = server.signedIn("tam");
        forged.sendsToken = false;
        assertThat(forged.post("/api/jobs", job("forged", "780 kg")).status()).isEqualTo(403);
    }

    @Test
    void passwordsAreHashed() throws Exception {
        try (Connection db = TestServer.data();
                Statement statement = db.createStatement();
                ResultSet rs = statement.executeQuery("SELECT password_hash FROM person")) {
            while (rs.next()) {
                assertThat(rs.getString(1)).startsWith("$2").doesNotContain("ambleford");
            }
        }
    }

    @Test
    void aSignInHoldsOnAnotherInstance() throws Exception {
        try (TestServer other = TestServer.another()) {
            assertThat(lead.at(other).get("/api/session").json().path("login").asString())
                    .isEqualTo("wilma");
        }
    }

    // --- roles ---

    @Test
    void aViewerChangesNothing() throws Exception {
        assertThat(viewer.get("/api/jobs").status()).isEqualTo(200);
        assertThat(viewer.post("/api/jobs", job("x", "780 kg")).status()).isEqualTo(403);
        assertThat(viewer.post("/api/axles/1/readings", reading("REGISTER", "70.8"))
                        .status())
                .isEqualTo(403);
        assertThat(viewer.put("/api/axles/1/choice", "{\"version\":1,\"kit\":\"QF-101\"}")
                        .status())
                .isEqualTo(403);
        assertThat(viewer.post("/api/kits/import", "{}").status()).isEqualTo(403);
        assertThat(viewer.put("/api/session/units", "{\"units\":\"INCH\"}").status())
                .isEqualTo(200);
    }

    @Test
    void onlyALeadSignsAndImportsKits() throws Exception {
        assertThat(mechanic.post("/api/axles/1/order/signature", "{\"reason\":\"because I say so\"}")
                        .status())
                .isEqualTo(403);
        assertThat(mechanic.post("/api/kits/import", "{}").status()).isEqualTo(403);
    }

    // --- readings ---

    @Test
    void aReadingIsTakenUnderstoodAndJudged() throws Exception {
        long axle = newAxle("readings");
        Answer answer = mechanic.post("/api/axles/" + axle + "/readings", reading("REGISTER", "2 13/16"));
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        JsonNode register = callout(answer.json(), "REGISTER");
        assertThat(register.path("value").asDouble()).isEqualTo(71.4375, within(1e-9));
        assertThat(register.path("doubt").asDouble()).isPositive();
        assertThat(register.path("readings").get(0).path("text").asString()).isEqualTo("2 13/16 in");
        assertThat(register.path("readings").get(0).path("by").asString()).isEqualTo("Tam Orrin");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"2 13/6x|13/6", "-5|negative", "1000 in|outside", "12 stone|stone", "''|Nothing was typed"})
    void whatCannotBeIsRefusedByField(String text, String word) throws Exception {
        long axle = newAxle("refused");
        Answer answer = mechanic.post("/api/axles/" + axle + "/readings", reading("REGISTER", text));
        assertProblem(answer, 422);
        assertThat(answer.json().path("detail").asString()).contains(word);
        assertThat(answer.json().path("field").asString()).isEqualTo("text");
        assertThat(callout(mechanic.get("/api/axles/" + axle + "/end").json(), "REGISTER")
                        .path("readings"))
                .isEmpty();
    }

    @Test
    void aReadingFarFromTheOtherIsAskedAboutAndMayBeKept() throws Exception {
        long axle = newAxle("unlikely");
        mechanic.post("/api/axles/" + axle + "/readings", reading("FLANGE", "90.0"));
        Answer asked = mechanic.post("/api/axles/" + axle + "/readings", reading("FLANGE", "300.0"));
        assertProblem(asked, 422);
        assertThat(asked.json().path("confirmable").asBoolean()).isTrue();
        assertThat(mechanic.post(
                                "/api/axles/" + axle + "/readings",
                                reading(UUID.randomUUID().toString(), "FLANGE", "300.0", true))
                        .status())
                .isEqualTo(200);
    }

    @Test
    void sendingTheSameReadingTwiceTakesItOnce() throws Exception {
        long axle = newAxle("twice");
        String body = reading(UUID.randomUUID().toString(), "REGISTER", "70.81", false);
        mechanic.post("/api/axles/" + axle + "/readings", body);
        Answer again = mechanic.post("/api/axles/" + axle + "/readings", body);
        assertThat(again.status()).isEqualTo(200);
        assertThat(callout(again.json(), "REGISTER").path("readings")).hasSize(1);
    }

    @Test
    void aCorrectionKeepsTheOldReading() throws Exception {
        long axle = newAxle("corrected");
        JsonNode first = callout(
                mechanic.post("/api/axles/" + axle + "/readings", reading("REGISTER", "70.81"))
                        .json(),
                "REGISTER");
        long id = first.path("readings").get(0).path("id").asLong();
        String correction =
                reading("REGISTER", "70.91").replace("\"confirmed\":false", "\"confirmed\":false,\"corrects\":" + id);
        JsonNode then = callout(
                mechanic.post("/api/axles/" + axle + "/readings", correction).json(), "REGISTER");
        assertThat(then.path("readings")).hasSize(1);
        assertThat(then.path("value").asDouble()).isEqualTo(70.91, within(1e-9));
        assertProblem(
                mechanic.post(
                        "/api/axles/" + axle + "/readings",
                        correction.replaceFirst(
                                "\"clientId\":\"[^\"]+\"", "\"clientId\":\"" + UUID.randomUUID() + "\"")),
                409);
        try (Connection db = TestServer.data();
                Statement statement = db.createStatement();
                ResultSet rs = statement.executeQuery("SELECT COUNT(*) FROM reading WHERE axle_id = " + axle)) {
            rs.next();
            assertThat(rs.getInt(1)).isEqualTo(2);
        }
    }

    @Test
    void aWithdrawnReadingIsGoneFromTheDrawingAndTwoCannotWithdrawIt() throws Exception {
        long axle = newAxle("withdrawn");
        JsonNode taken = callout(
                mechanic.post("/api/axles/" + axle + "/readings", reading("REGISTER", "70.81"))
                        .json(),
                "REGISTER");
        String path = "/api/axles/" + axle + "/readings/"
                + taken.path("readings").get(0).path("id").asLong() + "?clientId=";
        assertThat(callout(mechanic.delete(path + UUID.randomUUID()).json(), "REGISTER")
                        .path("readings"))
                .isEmpty();
        assertProblem(lead.delete(path + UUID.randomUUID()), 409);
    }

    @Test
    void readingsAndEventsCannotBeChangedInTheDataBase() throws Exception {
        newAxle("append only");
        List<String> changes = List.of(
                "UPDATE reading SET text = '1'",
                "DELETE FROM reading",
                "DELETE FROM event",
                "UPDATE event SET subject = 'x'",
                "UPDATE catalogue_edition SET document = '{}'",
                "DELETE FROM catalogue_edition");
        try (Connection db = TestServer.ownersData();
                Statement statement = db.createStatement()) {
            for (String sql : changes) {
                assertThatThrownBy(() -> statement.executeUpdate(sql))
                        .isInstanceOf(SQLException.class)
                        .hasMessageContaining("only ever added");
            }
        }
        List<String> more = new ArrayList<>(changes);
        more.addAll(List.of(
                "TRUNCATE TABLE event",
                "DROP TRIGGER event_never_goes",
                "ALTER TABLE event ADD COLUMN x INT",
                "CREATE TABLE x (id INT)",
                "DROP TABLE photo",
                "UPDATE flyway_schema_history SET success = 0"));
        try (Connection db = TestServer.data();
                Statement statement = db.createStatement()) {
            for (String sql : more) {
                assertThatThrownBy(() -> statement.executeUpdate(sql))
                        .as(sql)
                        .isInstanceOf(SQLException.class)
                        .hasMessageContaining("denied");
            }
        }
    }

    private static int version(long axle) throws Exception {
        return mechanic.get("/api/axles/" + axle + "/match")
                .json()
                .path("version")
                .asInt();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "'; DROP TABLE reading; --",
                "\\\" OR 1=1",
                "<script>alert(1)</script>",
                "%27%20OR%201",
                "\\u0000"
            })
    void oddTextIsTextInEveryField(String odd) throws Exception {
        Answer answer = mechanic.post("/api/jobs", """
                {"title":"%1$s","vehicleKind":"CAR","vehicle":"%1$s","owner":"%1$s","mustBeReversible":false,"notes":"%1$s",
                 "axles":[{"name":"%1$s","kind":"FRONT_SPINDLE","bracketShape":"CIRCLE","load":"","loadSource":"PLATE","wheelStays":true}]}
                """.formatted(odd));
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        long id = answer.json().path("id").asLong();
        assertThat(mechanic.get("/api/jobs/" + id).json().path("notes").asString())
                .isEqualTo(answer.json().path("notes").asString());
        long axle = answer.json().path("axles").get(0).path("id").asLong();
        assertProblem(mechanic.post("/api/axles/" + axle + "/readings", reading("REGISTER", odd)), 422);
        assertThat(mechanic.get("/api/jobs").status()).isEqualTo(200);
    }

    @Test
    void malformedJsonAndUnknownNamesAreRefused() throws Exception {
        assertProblem(mechanic.post("/api/jobs", "{\"title\":"), 400);
        assertProblem(mechanic.post("/api/axles/1/readings", reading("SPEED", "1")), 400);
        assertProblem(mechanic.post("/api/jobs", job("", "780 kg")), 422);
        assertProblem(mechanic.post("/api/jobs", job("unit", "780 parsecs")), 422);
        assertProblem(mechanic.post("/api/jobs", job("load", "5 kg")), 422);
        assertProblem(mechanic.post("/api/axles/1/readings", reading("not-a-uuid", "REGISTER", "70.8", false)), 422);
        assertProblem(mechanic.post("/api/axles/1/readings", reading("AXLE_OFFSET", "60")), 422);
        assertProblem(mechanic.get("/api/axles/999999/end"), 404);
        assertThat(mechanic.get("/api/axles/x/end").status()).isEqualTo(400);
    }

    @Test
    void hugeUploadsAreRefused() throws Exception {
        Answer answer = lead.post("/api/kits/import", "{\"x\":\"" + "a".repeat(17 * 1024 * 1024) + "\"}");
        assertThat(answer.status()).isEqualTo(413);
        assertThat(mechanic.post("/api/jobs", job("a".repeat(70_000), "1 t")).status())
                .isEqualTo(413);
        assertThat(mechanic.get("/api/jobs").status()).isEqualTo(200);
    }

    // --- documents ---

    @Test
    void aJobGoesOutAndComesBackTheSame() throws Exception {
        String before = mechanic.get("/api/jobs/1/document").text();
        Answer taken = mechanic.post("/api/jobs/import?file=van.json", before);
        assertThat(taken.status()).as(taken.text()).isEqualTo(200);
        String after = mechanic.get("/api/jobs/" + taken.json().path("id").asLong() + "/document")
                .text();
        // the log of the second has one line more: that it was brought here
        assertThat(JobDocument.write(JobDocument.read("a", after).with(Trail.NONE)))
                .isEqualTo(JobDocument.write(JobDocument.read("b", before).with(Trail.NONE)));
    }

    @Test
    void anImportIsAllOrNothingAndReportsByRow() throws Exception {
        int before = lead.get("/api/kits").json().path("total").asInt();
        String text = KitDocument.write(DemoData.kits().subList(0, 3))
                .replace("\"code\" : \"QF-1", "\"code\" : \"NEW-1")
                .replaceFirst("\"price\" : \"345.00\"", "\"price\" : \"free\"");
        Answer answer = lead.post("/api/kits/import?file=kits.json", text);
        assertProblem(answer, 422);
        assertThat(answer.json().path("problems").get(0).path("row").asInt()).isEqualTo(3);
        assertThat(answer.json().path("problems").get(0).path("field").asString())
                .isEqualTo("price");
        assertThat(lead.get("/api/kits").json().path("total").asInt()).isEqualTo(before);
    }

    @Test
    void importedKitsAreJudgedAtOnce() throws Exception {
        String text = KitDocument.write(List.of(DemoData.kits().get(0))).replace("QF-101", "QX-900");
        assertThat(lead.post("/api/kits/import", text).json().path("taken").asInt())
                .isEqualTo(1);
        assertThat(mechanic.get("/api/axles/1/match/QX-900")
                        .json()
                        .path("verdict")
                        .asString())
                .isEqualTo("FITS");
    }

    // --- choosing and ordering ---

    @Test
    void aStaleChoiceOverwritesNothing() throws Exception {
        int version = version(3);
        assertThat(mechanic.put("/api/axles/3/choice", "{\"version\":" + version + ",\"kit\":\"QT-301\"}")
                        .status())
                .isEqualTo(200);
        Answer stale = lead.put("/api/axles/3/choice", "{\"version\":" + version + ",\"kit\":\"QT-304\"}");
        assertProblem(stale, 409);
        assertThat(mechanic.get("/api/axles/3/match").json().path("chosenKit").asString())
                .isEqualTo("QT-301");
    }

    @Test
    void aStaleJobChangeOverwritesNothing() throws Exception {
        String change =
                "{\"version\":1,\"title\":\"%s\",\"vehicleKind\":\"CAR\",\"vehicle\":\"\",\"owner\":\"\",\"mustBeReversible\":true,\"notes\":\"\"}";
        long id = mechanic.post("/api/jobs", job("versions", "780 kg"))
                .json()
                .path("id")
                .asLong();
        assertThat(mechanic.put("/api/jobs/" + id, change.formatted("first")).status())
                .isEqualTo(200);
        assertProblem(lead.put("/api/jobs/" + id, change.formatted("second")), 409);
        assertThat(mechanic.get("/api/jobs/" + id).json().path("title").asString())
                .isEqualTo("first");
    }

    // --- section and pages ---

    @Test
    void theSectionCarriesTheTrapOfTheDemo() throws Exception {
        JsonNode section =
                mechanic.get("/api/axles/1/section?kit=QF-102&side=LEFT").json();
        JsonNode gap = null;
        for (JsonNode g : section.path("gaps")) {
            gap = g.path("check").asString().equals("SPOKES") ? g : gap;
        }
        assertThat(gap).isNotNull();
        assertThat(gap.path("size").asDouble() - gap.path("required").asDouble())
                .isEqualTo(-1.1, within(0.05));
        double dx = gap.path("onWheel").path("x").asDouble()
                - gap.path("onCaliper").path("x").asDouble();
        double dr = gap.path("onWheel").path("r").asDouble()
                - gap.path("onCaliper").path("r").asDouble();
        assertThat(Math.hypot(dx, dr)).isEqualTo(gap.path("size").asDouble(), within(1e-6));
    }

    @Test
    void understandingEchoesInSi() throws Exception {
        String body = "{\"callout\":\"REGISTER\",\"text\":\"%s\",\"place\":\"\",\"instrument\":\"STEEL_RULE\"}";
        JsonNode ok =
                mechanic.post("/api/understand", body.formatted("2 13/16")).json();
        assertThat(ok.path("value").asDouble()).isEqualTo(71.4375, within(1e-9));
        JsonNode bad =
                mechanic.post("/api/understand", body.formatted("2 13/6x")).json();
        assertThat(bad.path("ok").asBoolean()).isFalse();
        assertThat(bad.path("problem").asString()).contains("13/6");
    }

    @Test
    void unitsOfAPersonApplyToBareNumbers() throws Exception {
        long axle = newAxle("inches");
        viewer.put("/api/session/units", "{\"units\":\"INCH\"}");
        Client inches = server.signedIn("wilma");
        inches.put("/api/session/units", "{\"units\":\"INCH\"}");
        JsonNode end = inches.post("/api/axles/" + axle + "/readings", reading("REGISTER", "2.788"))
                .json();
        inches.put("/api/session/units", "{\"units\":\"METRIC\"}");
        assertThat(callout(end, "REGISTER").path("value").asDouble()).isEqualTo(70.8152, within(1e-6));
    }
}
