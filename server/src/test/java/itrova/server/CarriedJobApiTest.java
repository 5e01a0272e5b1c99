package itrova.server;

import static itrova.server.Asked.assertProblem;
import static itrova.server.Asked.callout;
import static itrova.server.Asked.copyOfVan;
import static org.assertj.core.api.Assertions.assertThat;

import itrova.formats.JobDocument;
import itrova.server.TestServer.Answer;
import itrova.server.TestServer.Client;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** A job carried from shop to shop as a document: nothing of how it came about is lost, and nothing of it counts as done here. */
class CarriedJobApiTest {
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

    private static String reading(String text, String more) {
        return "{\"clientId\":\"" + UUID.randomUUID()
                + "\",\"side\":\"LEFT\",\"callout\":\"REGISTER\",\"place\":\"\",\"text\":\"" + text
                + "\",\"instrument\":\"CALIPER_OUTSIDE\",\"confirmed\":true" + more + "}";
    }

    private static long only(JsonNode end) {
        JsonNode readings = callout(end, "REGISTER").path("readings");
        return readings.get(readings.size() - 1).path("id").asLong();
    }

    private static byte[] picture() throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(320, 200, BufferedImage.TYPE_INT_RGB), "png", out);
        return out.toByteArray();
    }

    /** A van with a reading corrected twice, one withdrawn, a photo, a signature; gives its axle. */
    private static long van() throws Exception {
        long axle = copyOfVan(mechanic, "QF-106");
        String readings = "/api/axles/" + axle + "/readings";
        long first = only(mechanic.post(readings, reading("70.86", "")).json());
        long second = only(mechanic.post(readings, reading("70.84", ",\"corrects\":" + first))
                .json());
        JsonNode then = mechanic.post(readings, reading("70.82", ",\"corrects\":" + second))
                .json();
        Answer kept =
                mechanic.post(readings + "/" + first + "/photos?clientId=" + UUID.randomUUID(), "image/png", picture());
        assertThat(kept.status()).as(kept.text()).isEqualTo(200);
        long gone = only(mechanic.post(readings, reading("70.99", "")).json());
        assertThat(gone).isNotEqualTo(only(then));
        mechanic.delete(readings + "/" + gone + "?clientId=" + UUID.randomUUID());
        JsonNode sheet = mechanic.get("/api/axles/" + axle + "/order").json();
        assertThat(lead.post(
                                "/api/axles/" + axle + "/order/signature",
                                "{\"reason\":\"Outline taken from a template by hand\",\"seal\":\""
                                        + sheet.path("seal").asString() + "\"}")
                        .status())
                .isEqualTo(200);
        return axle;
    }

    private static String document(long axle) throws Exception {
        long job =
                mechanic.get("/api/axles/" + axle + "/end").json().path("jobId").asLong();
        return mechanic.get("/api/jobs/" + job + "/document").text();
    }

    private static long carried(String document) throws Exception {
        Answer answer = mechanic.post("/api/jobs/import", document);
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer.json().path("axles").get(0).path("id").asLong();
    }

    @Test
    void correctionsPhotosAndTheLogComeAlong() throws Exception {
        String first = document(van());
        long there = carried(first);
        String second = document(there);
        itrova.core.record.Trail before = JobDocument.read("first", first).trail();
        itrova.core.record.Trail after = JobDocument.read("second", second).trail();
        assertThat(before.changes()).hasSize(3);
        assertThat(after.changes()).isEqualTo(before.changes());
        assertThat(before.photos()).hasSize(1);
        assertThat(after.photos())
                .usingRecursiveFieldByFieldElementComparatorIgnoringFields("jpeg")
                .isEqualTo(before.photos());
        assertThat(before.entries()).extracting(e -> e.kind()).contains("KIT_CHOSEN", "ORDER_SIGNED");
        assertThat(after.entries()).startsWith(before.entries().toArray(itrova.core.record.Trail.Entry[]::new));
        JsonNode register = callout(mechanic.get("/api/axles/" + there + "/end").json(), "REGISTER");
        assertThat(register.path("history")).hasSize(3);
        assertThat(register.path("history").get(0).path("by").asString()).isEqualTo("Tam Orrin");
    }

    @Test
    void whatWasSignedElsewhereIsNotSignedHere() throws Exception {
        long there = carried(document(van()));
        JsonNode order = mechanic.get("/api/axles/" + there + "/order").json();
        assertThat(order.path("gate").asString()).isEqualTo("HELD");
        assertThat(order.has("signature")).isFalse();
    }

    @Test
    void whatIsNoPictureIsRefusedAndNothingIsTaken() throws Exception {
        String document = document(van());
        int before = mechanic.get("/api/jobs").json().path("jobs").size();
        String broken = document.replaceFirst("\"jpeg\" : \"[^\"]+\"", "\"jpeg\" : \"PHN2Zy8+\"")
                .replaceFirst("\"jpeg\":\"[^\"]+\"", "\"jpeg\":\"PHN2Zy8+\"");
        assertThat(broken).isNotEqualTo(document);
        assertProblem(mechanic.post("/api/jobs/import", broken), 422);
        String elsewhere = document.replaceFirst("\"axle\" ?: ?0", "\"axle\":5");
        assertProblem(mechanic.post("/api/jobs/import", elsewhere), 422);
        assertThat(mechanic.get("/api/jobs").json().path("jobs").size()).isEqualTo(before);
    }
}
