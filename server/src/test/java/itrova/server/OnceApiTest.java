package itrova.server;

import static itrova.server.Asked.copyOfVan;
import static itrova.server.Asked.seal;
import static org.assertj.core.api.Assertions.assertThat;

import itrova.core.record.Trail;
import itrova.formats.JobDocument;
import itrova.server.TestServer.Answer;
import itrova.server.TestServer.Client;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Every write has exactly one effect: repeated, at once, at two instances, or decided on what is no longer so. */
class OnceApiTest {
    private static final int AT_ONCE = 6;

    private static TestServer server;
    private static TestServer second;
    private static Client lead;
    private static Client mechanic;

    @BeforeAll
    static void start() throws Exception {
        server = TestServer.start();
        second = TestServer.another();
        lead = server.signedIn("wilma");
        mechanic = server.signedIn("tam");
    }

    @AfterAll
    static void stop() {
        second.close();
        server.close();
    }

    private static final String JOB = """
            {"title":"%s","vehicleKind":"CAR","vehicle":"","owner":"","mustBeReversible":true,"notes":"",
             "axles":[{"name":"front axle","kind":"FRONT_SPINDLE","bracketShape":"CIRCLE","load":"780 kg","loadSource":"PLATE","wheelStays":true}]}
            """;

    private static long rows(String sql) throws Exception {
        try (Connection db = TestServer.data();
                Statement statement = db.createStatement();
                ResultSet rs = statement.executeQuery(sql)) {
            rs.next();
            return rs.getLong(1);
        }
    }

    /** All begin at the same moment; each has its own way of asking. */
    private static List<Answer> atOnce(List<Callable<Answer>> tasks) throws Exception {
        ExecutorService pool = Executors.newFixedThreadPool(tasks.size());
        try {
            CountDownLatch go = new CountDownLatch(1);
            List<Future<Answer>> futures = new ArrayList<>();
            for (Callable<Answer> task : tasks) {
                futures.add(pool.submit(() -> {
                    go.await();
                    return task.call();
                }));
            }
            go.countDown();
            List<Answer> answers = new ArrayList<>();
            for (Future<Answer> future : futures) {
                answers.add(future.get());
            }
            return answers;
        } finally {
            pool.shutdownNow();
        }
    }

    @Test
    void theSameWriteAtOnceAtTwoInstancesMakesOneJobAndOneAnswer() throws Exception {
        String id = UUID.randomUUID().toString();
        List<Callable<Answer>> tasks = new ArrayList<>();
        for (int i = 0; i < AT_ONCE; i++) {
            Client client =
                    i % 2 == 0 ? server.signedIn("tam") : server.signedIn("tam").at(second);
            client.writeId = id;
            tasks.add(() -> client.post("/api/jobs", JOB.formatted("once")));
        }
        List<Answer> answers = atOnce(tasks);
        assertThat(answers).extracting(Answer::status).containsOnly(200);
        assertThat(answers).extracting(Answer::text).containsOnly(answers.get(0).text());
        assertThat(rows("SELECT COUNT(*) FROM job WHERE title = 'once'")).isEqualTo(1);
    }

    @Test
    void anIdIsGoodForOneWriteOnly() throws Exception {
        Client client = server.signedIn("tam");
        client.writeId = UUID.randomUUID().toString();
        assertThat(client.post("/api/jobs", JOB.formatted("first")).status()).isEqualTo(200);
        Answer other = client.post("/api/jobs", JOB.formatted("second"));
        assertThat(other.status()).isEqualTo(422);
        assertThat(other.text()).contains("used for another write");
        Client colleague = server.signedIn("wilma");
        colleague.writeId = client.writeId;
        assertThat(colleague.post("/api/jobs", JOB.formatted("first")).status()).isEqualTo(422);
        assertThat(rows("SELECT COUNT(*) FROM job WHERE title IN ('first', 'second')"))
                .isEqualTo(1);
        client.writeId = "not an id";
        Answer without = client.post("/api/jobs", JOB.formatted("third"));
        assertThat(without.status()).isEqualTo(400);
        assertThat(without.json().path("detail").asString()).contains("Idempotency-Key");
    }

    @Test
    void aWriteThatWasRefusedLeavesItsIdFree() throws Exception {
        Client client = server.signedIn("tam");
        client.writeId = UUID.randomUUID().toString();
        assertThat(client.post("/api/jobs", JOB.formatted("mended").replace("780 kg", "780 miles"))
                        .status())
                .isEqualTo(422);
        assertThat(client.post("/api/jobs", JOB.formatted("mended")).status()).isEqualTo(200);
    }

    @Test
    void anOrderPlacedByManyAtOnceIsPlacedOnce() throws Exception {
        long axle = copyOfVan(mechanic, "QF-103");
        String order = "/api/axles/" + axle + "/order";
        String body = seal(mechanic.get(order).json());
        List<Callable<Answer>> tasks = new ArrayList<>();
        for (int i = 0; i < AT_ONCE; i++) {
            Client client = i % 2 == 0
                    ? server.signedIn("tam")
                    : server.signedIn("wilma").at(second);
            tasks.add(() -> client.post(order + "/placement", body));
        }
        List<Answer> answers = atOnce(tasks);
        assertThat(answers).extracting(Answer::status).containsOnly(200);
        assertThat(answers)
                .extracting(a -> a.json().path("placedBy").asString())
                .containsOnly(answers.get(0).json().path("placedBy").asString());
        assertThat(rows("SELECT COUNT(*) FROM event WHERE kind = 'ORDER_PLACED' AND axle_id = " + axle))
                .isEqualTo(1);
    }

    @Test
    void aStepTickedByManyAtOnceIsTickedOnce() throws Exception {
        long axle = copyOfVan(mechanic, "QF-103");
        String order = "/api/axles/" + axle + "/order";
        assertThat(mechanic.post(order + "/placement", seal(mechanic.get(order).json()))
                        .status())
                .isEqualTo(200);
        String bench = "/api/axles/" + axle + "/bench";
        String seal = mechanic.get(bench).json().path("seal").asString();
        String body = "{\"setValue\":\"\",\"confirmed\":false,\"cautionRead\":true,\"seal\":\"" + seal + "\"}";
        List<Callable<Answer>> tasks = new ArrayList<>();
        for (int i = 0; i < AT_ONCE; i++) {
            Client client = server.signedIn("tam").at(i % 2 == 0 ? server : second);
            tasks.add(() -> client.post(bench + "/lift/tick", body));
        }
        List<Answer> answers = atOnce(tasks);
        assertThat(answers).extracting(Answer::status).containsOnly(200, 409);
        assertThat(rows("SELECT COUNT(*) FROM event WHERE kind = 'STEP_TICKED' AND axle_id = " + axle))
                .isEqualTo(1);
        Client again = server.signedIn("tam");
        for (int i = 0; i < 2; i++) {
            assertThat(again.delete(bench + "/lift/tick?seal=" + seal).status()).isEqualTo(200);
        }
        assertThat(rows("SELECT COUNT(*) FROM event WHERE kind = 'STEP_UNTICKED' AND axle_id = " + axle))
                .isEqualTo(1);
    }

    @Test
    void whoPlacesWhatIsNotAnyMoreIsToldBoth() throws Exception {
        long axle = copyOfVan(mechanic, "QF-103");
        String order = "/api/axles/" + axle + "/order";
        JsonNode seen = mechanic.get(order).json();
        int version = mechanic.get("/api/axles/" + axle + "/match")
                .json()
                .path("version")
                .asInt();
        assertThat(lead.put("/api/axles/" + axle + "/choice", "{\"version\":" + version + ",\"kit\":\"QF-101\"}")
                        .status())
                .isEqualTo(200);
        Answer refused = mechanic.post(order + "/placement", seal(seen));
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.json().path("seen").asString())
                .isEqualTo(seen.path("seal").asString());
        assertThat(refused.json().path("now").asString())
                .isEqualTo(mechanic.get(order).json().path("seal").asString());
        assertThat(refused.json().path("detail").asString()).contains("QF-101");
        assertThat(rows("SELECT COUNT(*) FROM event WHERE kind = 'ORDER_PLACED' AND axle_id = " + axle))
                .isZero();
    }

    @Test
    void twoWhoReadTheSameAtOnceAreNotBothLeftUnwarned() throws Exception {
        for (int round = 0; round < 8; round++) {
            long axle = mechanic.post("/api/jobs", JOB.formatted("both " + round))
                    .json()
                    .path("axles")
                    .get(0)
                    .path("id")
                    .asLong();
            List<Callable<Answer>> tasks = List.of(
                    () -> server.signedIn("tam").post("/api/axles/" + axle + "/readings", register("70.8")),
                    () -> server.signedIn("wilma")
                            .at(second)
                            .post("/api/axles/" + axle + "/readings", register("70.9")));
            assertThat(atOnce(tasks)).extracting(Answer::status).containsExactlyInAnyOrder(200, 409);
        }
    }

    private static String register(String text) {
        return """
                {"clientId":"%s","side":"LEFT","callout":"REGISTER","text":"%s","place":"","instrument":"CALIPER_OUTSIDE","confirmed":false,"seen":0}
                """.formatted(UUID.randomUUID(), text);
    }

    @Test
    void axlesAddedAtOnceAllStandOrAreRefused() throws Exception {
        long job = mechanic.post("/api/jobs", JOB.formatted("axles"))
                .json()
                .path("id")
                .asLong();
        String form = mechanic.get("/api/jobs/" + job + "/vehicle")
                .json()
                .path("axles")
                .get(0)
                .path("form")
                .toString();
        String axle =
                "{\"version\":0,\"name\":\"more\",\"form\":%s,\"pattern\":\"\",\"housingEnd\":\"\",\"spindle\":\"\",\"load\":\"\",\"loadSource\":\"PLATE\",\"wheelStays\":true}"
                        .formatted(form);
        List<Callable<Answer>> tasks = new ArrayList<>();
        for (int i = 0; i < 7; i++) {
            Client client = server.signedIn("tam").at(i % 2 == 0 ? server : second);
            tasks.add(() -> client.post("/api/jobs/" + job + "/axles", axle));
        }
        assertThat(atOnce(tasks)).extracting(Answer::status).containsOnly(200, 422);
        assertThat(rows("SELECT COUNT(*) FROM axle WHERE job_id = " + job)).isEqualTo(6);
    }

    // --- copies are no measurements ---

    private static double stickOutDoubt(long axle) throws Exception {
        for (JsonNode side : mechanic.get("/api/axles/" + axle + "/end").json().path("sides")) {
            for (JsonNode callout : side.path("callouts")) {
                if (callout.path("callout").asString().equals("STUD_STICK_OUT")
                        && side.path("side").asString().equals("LEFT")) {
                    return callout.path("doubt").asDouble();
                }
            }
        }
        throw new AssertionError("no stick-out");
    }

    @Test
    void readingsImportedAgainNarrowNoDoubt() throws Exception {
        long axle = copyOfVan(mechanic, "QF-103");
        double doubt = stickOutDoubt(axle);
        assertThat(doubt).isPositive();
        String csv = mechanic.get("/api/axles/" + axle + "/readings.csv").text();
        for (int i = 0; i < 2; i++) {
            JsonNode again = mechanic.post(
                            "/api/axles/" + axle + "/readings/import", "text/csv", csv.getBytes(StandardCharsets.UTF_8))
                    .json();
            assertThat(again.path("taken").asInt()).isZero();
            assertThat(again.path("known").asInt()).isPositive();
        }
        assertThat(stickOutDoubt(axle)).isEqualTo(doubt);
        // nor as a table written by hand, which does not say who and when, every row twice
        String byHand = csv.lines()
                .map(l -> l.substring(0, l.lastIndexOf(',', l.lastIndexOf(',') - 1)))
                .reduce("", (all, l) -> all + l + "\r\n" + (l.startsWith("side") ? "" : l + "\r\n"));
        Answer hand = mechanic.post(
                "/api/axles/" + axle + "/readings/import", "text/csv", byHand.getBytes(StandardCharsets.UTF_8));
        assertThat(hand.json().path("taken").asInt()).as(hand.text()).isZero();
        assertThat(stickOutDoubt(axle)).isEqualTo(doubt);
        // a reading really taken again is a repeat
        String repeat = csv.lines()
                .filter(l -> l.startsWith("left,stud_stick_out"))
                .findFirst()
                .orElseThrow();
        String text = repeat.split(",")[3];
        assertThat(mechanic.post("/api/axles/" + axle + "/readings", """
                        {"clientId":"%s","side":"LEFT","callout":"STUD_STICK_OUT","text":"%s","place":"","instrument":"DEPTH_ROD","confirmed":true}
                        """.formatted(UUID.randomUUID(), text))
                        .status())
                .isEqualTo(200);
        assertThat(stickOutDoubt(axle)).isNotEqualTo(doubt);
    }

    @Test
    void readingsTakenOverAtOnceAreTakenOverOnce() throws Exception {
        long axle = mechanic.post("/api/jobs", JOB.formatted("copies"))
                .json()
                .path("axles")
                .get(0)
                .path("id")
                .asLong();
        for (String side : List.of("LEFT", "RIGHT")) {
            for (String[] r : new String[][] {{"REGISTER", "70.8 mm"}, {"FLANGE", "148.0 mm"}}) {
                mechanic.post("/api/axles/" + axle + "/readings", """
                        {"clientId":"%s","side":"%s","callout":"%s","text":"%s","place":"","instrument":"CALIPER_OUTSIDE","confirmed":true}
                        """.formatted(UUID.randomUUID(), side, r[0], r[1]));
            }
        }
        mechanic.post("/api/axles/" + axle + "/readings", """
                {"clientId":"%s","side":"LEFT","callout":"STUD_STICK_OUT","text":"31.0 mm","place":"","instrument":"DEPTH_ROD","confirmed":true}
                """.formatted(UUID.randomUUID()));
        String copy = "{\"fromAxle\":%d,\"fromSide\":\"LEFT\",\"toSide\":\"RIGHT\",\"wheel\":false}".formatted(axle);
        List<Callable<Answer>> tasks = new ArrayList<>();
        for (int i = 0; i < AT_ONCE; i++) {
            Client client = server.signedIn("tam").at(i % 2 == 0 ? server : second);
            tasks.add(() -> client.post("/api/axles/" + axle + "/copies", copy));
        }
        List<Answer> answers = atOnce(tasks);
        assertThat(answers).extracting(Answer::status).containsOnly(200);
        assertThat(answers.stream()
                        .mapToInt(a -> a.json().path("taken").asInt())
                        .sum())
                .as(answers.get(0).text())
                .isEqualTo(1);
        assertThat(rows("SELECT COUNT(*) FROM reading WHERE copied_from IS NOT NULL AND axle_id = " + axle))
                .isEqualTo(1);
    }

    @Test
    void aLengthIsNotTakenByEye() throws Exception {
        long axle = copyOfVan(mechanic, "QF-103");
        Answer eye = mechanic.post(
                "/api/axles/" + axle + "/readings", register("70.8").replace("CALIPER_OUTSIDE", "EYE"));
        assertThat(eye.status()).isEqualTo(422);
        assertThat(eye.json().path("detail").asString()).contains("by eye", "counts and kinds");
    }

    @Test
    void anExportedJobKeepsWhoAndWhen() throws Exception {
        long axle = copyOfVan(mechanic, "QF-103");
        mechanic.post("/api/axles/" + axle + "/readings", register("70.8"));
        JsonNode end = mechanic.get("/api/axles/" + axle + "/end").json();
        String document = mechanic.get("/api/jobs/" + end.path("jobId").asLong() + "/document")
                .text();
        assertThat(document).contains("\"by\" : \"Tam Orrin\"");
        JsonNode back = mechanic.post("/api/jobs/import", document).json();
        String again = mechanic.get("/api/jobs/" + back.path("id").asLong() + "/document")
                .text();
        assertThat(JobDocument.write(JobDocument.read("again", again).with(Trail.NONE)))
                .isEqualTo(JobDocument.write(JobDocument.read("first", document).with(Trail.NONE)));
    }
}
