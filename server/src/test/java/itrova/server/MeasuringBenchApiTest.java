package itrova.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import itrova.server.TestServer.Answer;
import itrova.server.TestServer.Client;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** The measuring bench over the API, on a real MariaDB. */
class MeasuringBenchApiTest {
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

    private static JsonNode newJob(String kind, String shape, int axles) throws Exception {
        String axle = """
                {"name":"axle %d","kind":"%s","bracketShape":"%s","load":"780 kg","loadSource":"PLATE","wheelStays":true}""";
        StringBuilder all = new StringBuilder();
        for (int i = 0; i < axles; i++) {
            all.append(i > 0 ? "," : "").append(axle.formatted(i, kind, shape));
        }
        Answer answer = mechanic.post("/api/jobs", """
                {"title":"bench","vehicleKind":"TRAILER","vehicle":"","owner":"","mustBeReversible":false,"notes":"","axles":[%s]}
                """.formatted(all));
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer.json();
    }

    private static long axleOf(JsonNode job, int i) {
        return job.path("axles").get(i).path("id").asLong();
    }

    private static String reading(String side, String callout, String text, String more) {
        return """
                {"clientId":"%s","side":"%s","callout":"%s","text":"%s","place":"","instrument":"CALIPER_OUTSIDE","confirmed":false%s}
                """.formatted(UUID.randomUUID(), side, callout, text, more);
    }

    private static Answer take(Client who, long axle, String side, String callout, String text, String more)
            throws Exception {
        return who.post("/api/axles/" + axle + "/readings", reading(side, callout, text, more));
    }

    private static JsonNode taken(long axle, String side, String callout, String text) throws Exception {
        Answer answer = take(mechanic, axle, side, callout, text, "");
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer.json();
    }

    private static JsonNode callout(JsonNode end, int side, String name) {
        for (JsonNode c : end.path("sides").get(side).path("callouts")) {
            if (c.path("callout").asString().equals(name)) {
                return c;
            }
        }
        throw new AssertionError("no " + name);
    }

    /** Every kind of axle end has three drawings, and everything read there can be touched on one of them. */
    @ParameterizedTest
    @CsvSource({
        "FRONT_SPINDLE, CIRCLE",
        "REAR_LIVE_AXLE, RECTANGLE",
        "CLOSED_KNUCKLE, CIRCLE",
        "PORTAL_HUB, CIRCLE",
        "REAR_UPRIGHT, RECTANGLE",
        "TRAILER_SPINDLE, CIRCLE"
    })
    void everyDimensionCanBeTouchedOnADrawing(String kind, String shape) throws Exception {
        long axle = axleOf(newJob(kind, shape, 1), 0);
        JsonNode side =
                mechanic.get("/api/axles/" + axle + "/end").json().path("sides").get(0);
        assertThat(side.path("sheets")).hasSize(3);
        for (JsonNode c : side.path("callouts")) {
            boolean isAnchored = false;
            for (JsonNode sheet : side.path("sheets")) {
                for (JsonNode anchor : sheet.path("anchors")) {
                    isAnchored |= anchor.path("callout").equals(c.path("callout"));
                    assertThat(anchor.path("x").asDouble())
                            .isBetween(0.0, sheet.path("width").asDouble());
                    assertThat(anchor.path("y").asDouble())
                            .isBetween(0.0, sheet.path("height").asDouble());
                }
            }
            assertThat(isAnchored).as(c.path("callout").asString()).isTrue();
            assertThat(c.path("howTo").asString()).isNotBlank();
        }
    }

    @Test
    void aDrawingIsToScaleOnceItIsRead() throws Exception {
        long axle = axleOf(newJob("FRONT_SPINDLE", "CIRCLE", 1), 0);
        taken(axle, "LEFT", "FLANGE", "120");
        JsonNode end = taken(axle, "LEFT", "REGISTER", "60");
        JsonNode hub = end.path("sides").get(0).path("sheets").get(0);
        for (JsonNode d : hub.path("dimensions")) {
            double length = Math.hypot(
                    d.path("x2").asDouble() - d.path("x1").asDouble(),
                    d.path("y2").asDouble() - d.path("y1").asDouble());
            if (d.path("callout").asString().equals("FLANGE")) {
                assertThat(length).isEqualTo(60, within(0.1)); // the half-section shows half of it
            }
            if (d.path("callout").asString().equals("REGISTER")) {
                assertThat(length).isEqualTo(30, within(0.1));
            }
        }
    }

    @Test
    void aStatementInTwoUnitsIsTakenOrItsClashNamed() throws Exception {
        long axle = axleOf(newJob("FRONT_SPINDLE", "CIRCLE", 1), 0);
        JsonNode end = taken(axle, "LEFT", "REGISTER", "71.4 mm (2 13/16 in)");
        assertThat(callout(end, 0, "REGISTER").path("value").asDouble()).isEqualTo(71.4, within(1e-9));
        Answer clash = take(mechanic, axle, "RIGHT", "REGISTER", "71.4 mm (2 11/16 in)", "");
        assertThat(clash.status()).isEqualTo(422);
        assertThat(clash.json().path("detail").asString()).contains("clash").contains("3.14 mm");
    }

    @Test
    void aGaugeInTheWrongModeIsCaughtAndMendedByOneTap() throws Exception {
        long axle = axleOf(newJob("FRONT_SPINDLE", "CIRCLE", 1), 0);
        Answer wrong = take(mechanic, axle, "LEFT", "REGISTER", "2.788", "");
        assertThat(wrong.status()).isEqualTo(422);
        assertThat(wrong.json().path("mend").asString()).isEqualTo("2.788 in");
        JsonNode mended = taken(axle, "LEFT", "REGISTER", "2.788 in");
        assertThat(callout(mended, 0, "REGISTER").path("value").asDouble()).isEqualTo(70.8152, within(1e-6));

        taken(axle, "LEFT", "STUD_STICK_OUT", "36");
        Answer far = take(mechanic, axle, "RIGHT", "STUD_STICK_OUT", "1.42", ",\"units\":\"INCH\"");
        assertThat(far.status()).as("the gauge's own units are taken").isEqualTo(200);
    }

    @Test
    void repeatsFarApartAndAnOutlierAreNamed() throws Exception {
        long axle = axleOf(newJob("FRONT_SPINDLE", "CIRCLE", 1), 0);
        taken(axle, "LEFT", "REGISTER", "70.80");
        JsonNode two = taken(axle, "LEFT", "REGISTER", "70.95");
        assertThat(callout(two, 0, "REGISTER").path("odd").asString()).contains("0.15 mm");
        for (String text : new String[] {"70.81", "70.80", "70.81", "70.80"}) {
            taken(axle, "LEFT", "REGISTER", text);
        }
        JsonNode six = mechanic.get("/api/axles/" + axle + "/end").json();
        JsonNode register = callout(six, 0, "REGISTER");
        assertThat(register.path("odd").asString()).contains("70.95").contains("Grubbs");
        assertThat(register.path("readings").get(1).path("outlier").asBoolean()).isTrue();
    }

    @Test
    void aCorrectionShowsWhatWasReadBefore() throws Exception {
        long axle = axleOf(newJob("FRONT_SPINDLE", "CIRCLE", 1), 0);
        JsonNode end = taken(axle, "LEFT", "REGISTER", "70.18");
        long id = callout(end, 0, "REGISTER").path("readings").get(0).path("id").asLong();
        JsonNode corrected = take(mechanic, axle, "LEFT", "REGISTER", "70.81", ",\"corrects\":" + id)
                .json();
        JsonNode old = callout(corrected, 0, "REGISTER").path("history").get(0);
        assertThat(old.path("text").asString()).isEqualTo("70.18");
        assertThat(old.path("now").asString()).isEqualTo("70.81");
        assertThat(old.path("withdrawn").asBoolean()).isFalse();
    }

    @Test
    void anotherPersonsReadingIsShownBesideOnesOwn() throws Exception {
        long axle = axleOf(newJob("FRONT_SPINDLE", "CIRCLE", 1), 0);
        long seen = mechanic.get("/api/axles/" + axle + "/end")
                .json()
                .path("lastReading")
                .asLong();
        take(lead, axle, "LEFT", "REGISTER", "70.81", "");
        Answer clash = take(mechanic, axle, "LEFT", "REGISTER", "70.90", ",\"seen\":" + seen);
        assertThat(clash.status()).isEqualTo(409);
        assertThat(clash.json().path("theirs").path("text").asString()).isEqualTo("70.81 mm");
        assertThat(clash.json().path("theirs").path("by").asString()).isEqualTo("Wilma Quillfield");
        Answer other = take(mechanic, axle, "LEFT", "FLANGE", "148", ",\"seen\":" + seen);
        assertThat(other.status()).as("another dimension is no clash").isEqualTo(200);
    }

    // --- what is it, what next ---

    @Test
    void papersAreHeldAgainstWhatIsMeasured() throws Exception {
        JsonNode jobs = mechanic.get("/api/jobs").json().path("jobs");
        for (JsonNode job : jobs) {
            if (job.path("title").asString().startsWith("Coupe")) {
                JsonNode end =
                        mechanic.get("/api/axles/" + axleOf(job, 0) + "/end").json();
                assertThat(end.path("sides").get(0).path("identities").toString())
                        .contains("Corvane wide")
                        .contains("not original");
                return;
            }
        }
        throw new AssertionError("no coupe in the demo");
    }

    @Test
    void adviceRanksAndEnds() throws Exception {
        long axle = axleOf(newJob("FRONT_SPINDLE", "CIRCLE", 1), 0);
        JsonNode first = mechanic.get("/api/axles/" + axle + "/advice").json();
        assertThat(first.path("ranked").get(0).path("callout").asString()).isEqualTo("LUG_COUNT");
        assertThat(first.path("notProven").asInt()).isGreaterThan(5);
        taken(axle, "LEFT", "LUG_COUNT", "7");
        JsonNode seven = mechanic.get("/api/axles/" + axle + "/advice").json();
        assertThat(seven.path("finished").asString()).contains("Measuring is finished");
        assertThat(seven.path("notProven").asInt()).isZero();
    }

    @Test
    void aShopAddsFamiliesAllOrNothing() throws Exception {
        String good = "table,name,figures,source\nhousing_end,Own end,across=97.3 +-0.2; up=63.1 +-0.2,own shop\n";
        Answer refused = lead.post(
                "/api/families/import?file=f.csv",
                "text/csv",
                (good + "housing_end,Bad,girth=3,x\n").getBytes(StandardCharsets.UTF_8));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.json().path("problems").get(0).path("row").asInt()).isEqualTo(2);
        assertThat(lead.get("/api/families").text()).doesNotContain("Own end");
        assertThat(lead.post("/api/families/import?file=f.csv", "text/csv", good.getBytes(StandardCharsets.UTF_8))
                        .status())
                .isEqualTo(200);
        assertThat(mechanic.post("/api/families/import", "text/csv", good.getBytes(StandardCharsets.UTF_8))
                        .status())
                .isEqualTo(403);
        long axle = axleOf(newJob("REAR_LIVE_AXLE", "RECTANGLE", 1), 0);
        taken(axle, "LEFT", "BRACKET_ACROSS", "97.3");
        JsonNode end = taken(axle, "LEFT", "BRACKET_UP", "63.1");
        assertThat(end.path("sides").get(0).path("identities").toString()).contains("Own end");
    }

    // --- taking over, paper, tables ---

    @Test
    void readingsAreTakenOverOnlyFromWhatIsProvenEqual() throws Exception {
        JsonNode job = newJob("TRAILER_SPINDLE", "CIRCLE", 2);
        long first = axleOf(job, 0);
        long second = axleOf(job, 1);
        taken(first, "LEFT", "REGISTER", "66.78");
        taken(first, "LEFT", "FLANGE", "144.0");
        taken(first, "LEFT", "STUD_MAJOR", "12.62");
        String copy = "{\"fromAxle\":%d,\"fromSide\":\"LEFT\",\"toSide\":\"RIGHT\",\"wheel\":false}".formatted(first);
        JsonNode assumed =
                mechanic.post("/api/axles/" + second + "/copies", copy).json();
        assertThat(assumed.path("refused").asString()).contains("proved, not assumed");
        taken(second, "RIGHT", "REGISTER", "66.79");
        taken(second, "RIGHT", "FLANGE", "144.1");
        JsonNode proven =
                mechanic.post("/api/axles/" + second + "/copies", copy).json();
        assertThat(proven.path("taken").asInt()).isEqualTo(1);
        JsonNode stud = callout(mechanic.get("/api/axles/" + second + "/end").json(), 1, "STUD_MAJOR");
        assertThat(stud.path("readings").get(0).path("copied").asBoolean()).isTrue();
        long other = axleOf(newJob("TRAILER_SPINDLE", "CIRCLE", 1), 0);
        assertThat(mechanic.post("/api/axles/" + other + "/copies", copy).status())
                .as("never from another job")
                .isEqualTo(422);
    }

    @Test
    void theWheelTakenOverLeavesTheVehiclesGapsBehind() throws Exception {
        long axle = axleOf(newJob("FRONT_SPINDLE", "CIRCLE", 1), 0);
        taken(axle, "LEFT", "WHEEL_BACKSPACING", "80.1");
        taken(axle, "LEFT", "WHEEL_BORE", "71.1");
        taken(axle, "LEFT", "WHEEL_PAD", "5.1");
        taken(axle, "LEFT", "WHEEL_TO_FENDER", "45");
        taken(axle, "RIGHT", "WHEEL_BACKSPACING", "80.2");
        taken(axle, "RIGHT", "WHEEL_BORE", "71.1");
        taken(axle, "RIGHT", "WHEEL_TO_FRAME", "30"); // the other side's gaps may be quite others
        taken(axle, "LEFT", "WHEEL_TO_FRAME", "60");
        JsonNode copied = mechanic.post(
                        "/api/axles/" + axle + "/copies",
                        "{\"fromAxle\":%d,\"fromSide\":\"LEFT\",\"toSide\":\"RIGHT\",\"wheel\":true}".formatted(axle))
                .json();
        assertThat(copied.path("taken").asInt()).as(copied.toString()).isEqualTo(1);
        JsonNode end = mechanic.get("/api/axles/" + axle + "/end").json();
        assertThat(callout(end, 1, "WHEEL_PAD").path("readings")).hasSize(1);
        assertThat(callout(end, 1, "WHEEL_TO_FENDER").path("readings")).isEmpty();
    }

    @Test
    void readingsGoOutAndComeBackAsATable() throws Exception {
        long axle = axleOf(newJob("FRONT_SPINDLE", "CIRCLE", 1), 0);
        taken(axle, "LEFT", "REGISTER", "2 13/16");
        taken(axle, "RIGHT", "STUD_THREAD", "1/2-20");
        String csv = mechanic.get("/api/axles/" + axle + "/readings.csv").text();
        assertThat(csv).startsWith("side,what,at,reading,with");
        long other = axleOf(newJob("FRONT_SPINDLE", "CIRCLE", 1), 0);
        Answer back = mechanic.post(
                "/api/axles/" + other + "/readings/import", "text/csv", csv.getBytes(StandardCharsets.UTF_8));
        assertThat(back.json().path("taken").asInt()).isEqualTo(2);
        assertThat(mechanic.get("/api/axles/" + other + "/readings.csv").text()).isEqualTo(csv);
        Answer bad = mechanic.post(
                "/api/axles/" + other + "/readings/import",
                "text/csv",
                (csv + "left,register,,99 kg,,,\r\nleft,retainer,,5,,,\r\n").getBytes(StandardCharsets.UTF_8));
        assertThat(bad.status()).isEqualTo(422);
        assertThat(bad.json().path("problems").get(0).path("row").asInt()).isEqualTo(3);
        assertThat(mechanic.get("/api/axles/" + other + "/readings.csv").text()).isEqualTo(csv);
    }

    @Test
    void theSheetComesOnPaper() throws Exception {
        long axle = axleOf(newJob("CLOSED_KNUCKLE", "CIRCLE", 1), 0);
        Answer pdf = mechanic.get("/api/axles/" + axle + "/sheet.pdf");
        assertThat(pdf.status()).isEqualTo(200);
        assertThat(pdf.text()).startsWith("%PDF");
    }

    // --- photos ---

    private static byte[] picture(String format) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(2400, 1200, BufferedImage.TYPE_INT_RGB), format, out);
        return out.toByteArray();
    }

    private static String photos(long axle, long reading) {
        return "/api/axles/" + axle + "/readings/" + reading + "/photos?clientId=" + UUID.randomUUID();
    }

    @Test
    void aPhotoIsDrawnAnewAndServedSafely() throws Exception {
        long axle = axleOf(newJob("FRONT_SPINDLE", "CIRCLE", 1), 0);
        long reading = callout(taken(axle, "LEFT", "REGISTER", "70.8"), 0, "REGISTER")
                .path("readings")
                .get(0)
                .path("id")
                .asLong();
        byte[] trailing = "<script>alert(1)</script>".getBytes(StandardCharsets.US_ASCII);
        byte[] png = picture("png");
        byte[] both = java.util.Arrays.copyOf(png, png.length + trailing.length);
        System.arraycopy(trailing, 0, both, png.length, trailing.length);
        Answer kept = mechanic.post(photos(axle, reading), "image/png", both);
        assertThat(kept.status()).as(kept.text()).isEqualTo(200);
        long photo = callout(kept.json(), 0, "REGISTER")
                .path("readings")
                .get(0)
                .path("photos")
                .get(0)
                .asLong();
        Answer shown = mechanic.get("/api/axles/" + axle + "/photos/" + photo);
        assertThat(shown.contentType()).isEqualTo("image/jpeg");
        assertThat(shown.text()).doesNotContain("<script>");
        long other = axleOf(newJob("FRONT_SPINDLE", "CIRCLE", 1), 0);
        assertThat(mechanic.get("/api/axles/" + other + "/photos/" + photo).status())
                .isEqualTo(404);
    }

    @Test
    void whatIsNoPictureOrTooLargeIsRefused() throws Exception {
        long axle = axleOf(newJob("FRONT_SPINDLE", "CIRCLE", 1), 0);
        long reading = callout(taken(axle, "LEFT", "REGISTER", "70.8"), 0, "REGISTER")
                .path("readings")
                .get(0)
                .path("id")
                .asLong();
        assertThat(mechanic.post(photos(axle, reading), "image/png", "<svg/>".getBytes(StandardCharsets.US_ASCII))
                        .status())
                .isEqualTo(422);
        assertThat(mechanic.post(photos(axle, reading), "image/svg+xml", "<svg/>".getBytes(StandardCharsets.US_ASCII))
                        .status())
                .isEqualTo(415);
        assertThat(mechanic.post(photos(axle, reading), "image/png", new byte[9 * 1024 * 1024])
                        .status())
                .isEqualTo(413);
        assertThat(mechanic.post(photos(axle, 999_999), "image/png", picture("jpg"))
                        .status())
                .isEqualTo(404);
    }

    // --- vehicle sheet, instruments ---

    private static String sheet(int version, String mass, int circuits) {
        return """
                {"version":%d,"sheet":{"use":"ROAD","mass":"%s","massFrom":"PLATE","wheelbase":"96 in","centreHeight":"","tyre":"",
                "brakes":{"circuits":%d,"masterBore":"3/4 in","masterStroke":"","pedalRatio":"5.5","booster":"NONE",
                "residualValve":"YES","valve":"NONE","isolates":"NO","fluid":"DOT_3","fittings":"","parking":"","breakaway":"NO","linePressure":"70 bar"},
                "wishes":{"pattern":"","budgetCents":0,"parkingNeeded":false},"conditions":[],"whileApart":["WHEEL_BEARINGS"]}}
                """.formatted(version, mass, circuits);
    }

    @Test
    void theVehicleSheetIsKeptWithItsCautionsAndNeverOverwritten() throws Exception {
        long job = newJob("TRAILER_SPINDLE", "CIRCLE", 1).path("id").asLong();
        String path = "/api/jobs/" + job + "/vehicle";
        int version = mechanic.get(path).json().path("version").asInt();
        Answer saved = mechanic.put(path, sheet(version, "2730 lb", 1));
        assertThat(saved.status()).as(saved.text()).isEqualTo(200);
        assertThat(saved.json().path("cautions").toString())
                .contains("One circuit")
                .contains("residual valve");
        assertThat(mechanic.put(path, sheet(version, "1000 kg", 2)).status()).isEqualTo(409);
        assertThat(mechanic.get(path).json().path("sheet").path("mass").asString())
                .isEqualTo("2730 lb");
        String document = mechanic.get("/api/jobs/" + job + "/document").text();
        assertThat(document).contains("2730 lb").contains("wheel_bearings");
    }

    @ParameterizedTest
    @ValueSource(strings = {"12 stone", "3 kg", "-5 kg"})
    void aMassThatCannotBeIsRefusedPlainly(String mass) throws Exception {
        long job = newJob("TRAILER_SPINDLE", "CIRCLE", 1).path("id").asLong();
        Answer refused = mechanic.put("/api/jobs/" + job + "/vehicle", sheet(1, mass, 1));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.json().path("detail").asString()).contains("Mass");
    }

    @Test
    void anAxlesFormDecidesWhatIsRead() throws Exception {
        JsonNode job = newJob("REAR_LIVE_AXLE", "RECTANGLE", 1);
        long axle = axleOf(job, 0);
        assertThat(mechanic.get("/api/axles/" + axle + "/end").text())
                .contains("BEARING_NUMBER")
                .doesNotContain("AXLE_OFFSET_OUT");
        String change = """
                {"version":1,"name":"rear axle","form":{"kind":"REAR_LIVE_AXLE","bracketShape":"RECTANGLE","nut":"CASTLE",
                "retention":"C_CLIP","greaseThrough":false,"handed":false,"toneRing":true,"electricBrakes":false},
                "pattern":"","housingEnd":"Corvane narrow","spindle":"","load":"900 kg","loadSource":"PLATE","wheelStays":true}
                """;
        assertThat(mechanic.put("/api/axles/" + axle + "/form", change).status())
                .isEqualTo(200);
        assertThat(mechanic.get("/api/axles/" + axle + "/end").text())
                .doesNotContain("BEARING_NUMBER")
                .contains("AXLE_OFFSET_OUT");
        assertThat(mechanic.put("/api/axles/" + axle + "/form", change).status())
                .as("the old version")
                .isEqualTo(409);
        assertThat(mechanic.post("/api/jobs/" + job.path("id").asLong() + "/axles", change)
                        .json()
                        .path("axles"))
                .hasSize(2);
    }

    @Test
    void aCalibratedInstrumentChangesDoubtsAndAnOldOneWarns() throws Exception {
        long axle = axleOf(newJob("FRONT_SPINDLE", "CIRCLE", 1), 0);
        double before = callout(taken(axle, "LEFT", "REGISTER", "70.80"), 0, "REGISTER")
                .path("doubt")
                .asDouble();
        String body = "{\"version\":%d,\"halfLimit\":\"%s\",\"due\":\"%s\"}";
        String path = "/api/instruments/CALIPER_OUTSIDE";
        assertThat(mechanic.put(path, body.formatted(0, "0.1 mm", "2030-01-01")).status())
                .as("only a lead")
                .isEqualTo(403);
        Answer set = lead.put(path, body.formatted(0, "0.1 mm", LocalDate.now().minusDays(1)));
        assertThat(set.status()).as(set.text()).isEqualTo(200);
        JsonNode end = mechanic.get("/api/axles/" + axle + "/end").json();
        assertThat(callout(end, 0, "REGISTER").path("doubt").asDouble()).isGreaterThan(before * 1.5);
        assertThat(end.path("instruments").toString()).contains("ran out");
        assertThat(lead.put(path, body.formatted(0, "0.1 mm", "2030-01-01")).status())
                .isEqualTo(409);
        assertThat(lead.put(path, body.formatted(1, "7 mm", "2030-01-01")).status())
                .isEqualTo(422);
        assertThat(lead.put(path, "{\"version\":1,\"halfLimit\":\"\"}").status())
                .isEqualTo(200);
    }
}
