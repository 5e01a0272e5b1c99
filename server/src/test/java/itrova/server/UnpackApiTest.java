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

/** What came is measured; the fit is worked out with it, the plan follows, the letter is written, a lead releases anew. */
class UnpackApiTest {
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

    private static long ordered(String kit) throws Exception {
        long axle = copyOfVan(mechanic, kit);
        JsonNode order = mechanic.get("/api/axles/" + axle + "/order").json();
        assertThat(mechanic.post("/api/axles/" + axle + "/order/placement", Asked.seal(order))
                        .status())
                .isEqualTo(200);
        return axle;
    }

    private static String reading(String figure, String side, String text) {
        return "{\"figure\":\"" + figure + "\",\"side\":\"" + side + "\",\"text\":\"" + text + "\"}";
    }

    private static JsonNode figure(JsonNode view, String name) {
        for (JsonNode f : view.path("figures")) {
            if (f.path("figure").asString().equals(name)) {
                return f;
            }
        }
        throw new AssertionError("no " + name);
    }

    /** Bracket holes that came too small for the bolts: what was ordered as fitting does so only with the holes drilled, or not at all. */
    @Test
    void holesThatCameTooSmallChangeTheFitAndThePlan() throws Exception {
        long axle = ordered("QF-101");
        String unpacking = "/api/axles/" + axle + "/unpacking";
        JsonNode before = viewer.get(unpacking).json();
        assertThat(before.path("changes")).isEmpty();
        double hole = figure(before, "STUD_HOLE").path("promised").asDouble();
        assertThat(viewer.post(unpacking + "/readings", reading("STUD_HOLE", "LEFT", "9 mm"))
                        .status())
                .isEqualTo(403);
        String small = String.format(java.util.Locale.ROOT, "%.2f mm", hole - 1.2);
        mechanic.post(unpacking + "/readings", reading("STUD_HOLE", "LEFT", small));
        JsonNode after = mechanic.post(unpacking + "/readings", reading("STUD_HOLE", "RIGHT", small))
                .json();
        assertThat(figure(after, "STUD_HOLE").path("left").path("compared").asString())
                .isEqualTo("NOT_AS_PROMISED");
        assertThat(after.path("changes").toString()).contains("Studs through disc");
        // told on the bench card and the floor too
        JsonNode card = viewer.get("/api/axles/" + axle + "/bench").json();
        assertThat(card.path("alarms").toString()).contains("Studs through disc");
        assertThat(card.path("changes").toString()).contains("stud holes");

        Answer letter = viewer.get(unpacking + "/claim.pdf?supplier="
                + java.net.URLEncoder.encode(
                        after.path("supplier").asString(), java.nio.charset.StandardCharsets.UTF_8));
        assertThat(letter.text()).startsWith("%PDF");

        // the lead releases what stands now, once, and the plan goes on with the work
        String release = "/api/axles/" + axle + "/order/release";
        String body = "{\"reason\":\"holes drilled to size\",\"seal\":\""
                + after.path("seal").asString() + "\"}";
        assertThat(mechanic.post(release, body).status()).isEqualTo(403);
        assertProblem(lead.post(release, body.replace(after.path("seal").asString(), "another")), 409);
        assertThat(lead.post(release, body).status()).isEqualTo(200);
        assertProblem(lead.post(release, body), 409);
        JsonNode released = viewer.get(unpacking).json();
        assertThat(released.path("changes")).isEmpty();
        assertThat(released.path("released").asString()).contains("holes drilled to size");

        // taken back, the kit is as promised again
        mechanic.post(unpacking + "/readings", reading("STUD_HOLE", "LEFT", ""));
        JsonNode back = mechanic.post(unpacking + "/readings", reading("STUD_HOLE", "RIGHT", ""))
                .json();
        assertThat(figure(back, "STUD_HOLE").path("left").path("compared").asString())
                .isEqualTo("NOT_MEASURED");
        assertThat(back.path("verdict")).isEqualTo(before.path("verdict"));
        assertThat(viewer.get("/api/axles/" + axle + "/bench").json().path("seal"))
                .isEqualTo(card.path("seal"));
    }

    /** What was not good when tried holds up the step that wants it, is claimed, and is settled by a piece that is good. */
    @Test
    void whatIsTriedByHandAndNotGoodHoldsTheBench() throws Exception {
        long axle = ordered("QF-101");
        String unpacking = "/api/axles/" + axle + "/unpacking";
        String trials = unpacking + "/trials";
        String good = "{\"trial\":\"SLIDES\",\"side\":\"LEFT\",\"good\":true,\"note\":\"\"}";
        String bad = good.replace("true", "false").replace("\"\"}", "\"sticks after 6 mm\"}");
        assertThat(viewer.post(trials, bad).status()).isEqualTo(403);
        assertProblem(mechanic.post(trials, good.replace("true", "false")), 422);
        Answer noCap = mechanic.post(trials, good.replace("SLIDES", "CAP"));
        assertProblem(noCap, 422);
        assertThat(noCap.text()).contains("nothing to try");

        JsonNode view = mechanic.post(trials, bad).json();
        assertThat(view.path("trials").toString()).contains("sticks after 6 mm");
        String card = "/api/axles/" + axle + "/bench";
        assertThat(viewer.get(card).json().path("missing").toString()).contains("left: not so, sticks after 6 mm");
        String supplier =
                java.net.URLEncoder.encode(view.path("supplier").asString(), java.nio.charset.StandardCharsets.UTF_8);
        assertThat(viewer.get(unpacking + "/claim.pdf?supplier=" + supplier).text())
                .startsWith("%PDF");

        mechanic.post(trials, good);
        assertThat(viewer.get(card).json().path("missing").toString()).doesNotContain("sticks");
        assertProblem(viewer.get(unpacking + "/claim.pdf?supplier=" + supplier), 409);
    }

    /** A defect's photo is kept once, shown to who may see the job, and belongs to its axle. */
    @Test
    void aDefectIsPhotographed() throws Exception {
        long axle = ordered("QF-101");
        String unpacking = "/api/axles/" + axle + "/unpacking";
        JsonNode noted = mechanic.post(
                        unpacking + "/defects",
                        "{\"supplier\":\"Tolverne Brake Parts\",\"item\":\"caliper\",\"what\":\"cracked ear\",\"then\":\"RETURN\"}")
                .json();
        long defect = noted.path("defects").get(0).path("id").asLong();
        String photos = unpacking + "/defects/" + defect + "/photos?clientId=00000000-0000-4000-8000-0000000000d1";
        byte[] picture = picture();
        assertThat(viewer.post(photos, "image/png", picture).status()).isEqualTo(403);
        assertProblem(mechanic.post(photos, "image/png", new byte[] {1, 2, 3}), 422);
        assertProblem(mechanic.post(photos.replace("/" + defect + "/", "/999999/"), "image/png", picture), 404);
        mechanic.post(photos, "image/png", picture);
        JsonNode twice = mechanic.post(photos, "image/png", picture).json();
        assertThat(twice.get(0).path("photos")).hasSize(1);
        String photo = "/photos/" + twice.get(0).path("photos").get(0).asLong();
        assertThat(viewer.get(unpacking + photo).status()).isEqualTo(200);
        assertProblem(viewer.get("/api/axles/1/unpacking" + photo), 404);
        assertThat(viewer.get(unpacking + "/claim.pdf?supplier=Tolverne%20Brake%20Parts")
                        .text())
                .startsWith("%PDF")
                .contains("/Image");
    }

    private static byte[] picture() throws Exception {
        java.io.ByteArrayOutputStream out = new java.io.ByteArrayOutputStream();
        javax.imageio.ImageIO.write(
                new java.awt.image.BufferedImage(60, 40, java.awt.image.BufferedImage.TYPE_INT_RGB), "png", out);
        return out.toByteArray();
    }

    @Test
    void whatIsProvenNotToFitNobodyReleases() throws Exception {
        long axle = ordered("QF-103");
        String unpacking = "/api/axles/" + axle + "/unpacking";
        JsonNode view = viewer.get(unpacking).json();
        double across = figure(view, "DISC_DIAMETER").path("promised").asDouble();
        for (String side : new String[] {"LEFT", "RIGHT"}) {
            view = mechanic.post(
                            unpacking + "/readings", reading("DISC_DIAMETER", side, Math.round(across + 150) + " mm"))
                    .json();
        }
        assertThat(view.path("verdict").asString()).isEqualTo("does not fit");
        assertProblem(viewer.get("/api/axles/" + axle + "/order/offer.pdf"), 409); // of that no paper leaves the shop
        // looked at in the section and in the match, it is the disc that came
        JsonNode section = viewer.get("/api/axles/" + axle + "/section?kit=QF-103&side=LEFT")
                .json();
        assertThat(section.path("findings").toString()).contains("DOES_NOT_FIT");
        Answer refused = lead.post(
                "/api/axles/" + axle + "/order/release",
                "{\"reason\":\"it will do\",\"seal\":\"" + view.path("seal").asString() + "\"}");
        assertProblem(refused, 409);
        assertThat(refused.text()).contains("No signature covers that");
    }

    @Test
    void readingsAreUnderstoodWithTheirDoubtAndNonsenseIsRefused() throws Exception {
        long axle = ordered("QF-103");
        String unpacking = "/api/axles/" + axle + "/unpacking";
        JsonNode view = mechanic.post(unpacking + "/readings", reading("DISC_BORE", "LEFT", "70.9 ± 0.2 mm"))
                .json();
        JsonNode left = figure(view, "DISC_BORE").path("left");
        assertThat(left.path("value").asDouble()).isEqualTo(70.9, within(1e-9));
        assertThat(left.path("half").asDouble()).isEqualTo(0.2, within(1e-9));
        view = mechanic.post(unpacking + "/readings", reading("DISC_BORE", "RIGHT", "2.791 in"))
                .json();
        // 2.791 in of 25.4 mm
        assertThat(figure(view, "DISC_BORE").path("right").path("value").asDouble())
                .isEqualTo(70.8914, within(1e-9));
        for (String wrong : new String[] {"banana", "-5 mm", "70 ± 60 mm", "9 m"}) {
            assertProblem(mechanic.post(unpacking + "/readings", reading("DISC_BORE", "LEFT", wrong)), 422);
        }
        long other = copyOfVan(mechanic, "QF-103");
        assertProblem(
                mechanic.post("/api/axles/" + other + "/unpacking/readings", reading("DISC_BORE", "LEFT", "70 mm")),
                409); // nothing is ordered
    }

    @Test
    void defectsAreClaimedOfTheirSupplierAndNothingOfOthers() throws Exception {
        long axle = ordered("QF-103");
        String unpacking = "/api/axles/" + axle + "/unpacking";
        String claim = unpacking + "/claim.pdf?supplier=Tolverne%20Brake%20Parts";
        assertProblem(viewer.get(claim), 409); // nothing to claim
        JsonNode view = mechanic.post(
                        unpacking + "/defects",
                        "{\"supplier\":\"Tolverne Brake Parts\",\"item\":\"caliper, left\",\"what\":\"slide seized\",\"then\":\"RETURN\"}")
                .json();
        assertThat(view.path("defects").toString()).contains("slide seized");
        assertThat(viewer.get(claim).text()).startsWith("%PDF");
        assertProblem(viewer.get(unpacking + "/claim.pdf?supplier=Nobody"), 409);
        long job =
                mechanic.get("/api/axles/" + axle + "/end").json().path("jobId").asLong();
        assertThat(mechanic.get("/api/jobs/" + job + "/dossier").text()).contains("slide seized");
    }
}
