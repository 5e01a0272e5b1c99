package itrova.server;

import static itrova.server.Asked.assertProblem;
import static org.assertj.core.api.Assertions.assertThat;

import itrova.server.TestServer.Answer;
import itrova.server.TestServer.Client;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Set;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Price lists are looked over first and then taken whole or not at all. */
class PriceListApiTest {
    private static final String LISTS = "/api/price-lists";
    private static final int LONG = 30_000;
    private static TestServer server;
    private static Client lead;

    @BeforeAll
    static void start() throws Exception {
        server = TestServer.start();
        lead = server.signedIn("wilma");
    }

    @AfterAll
    static void stop() {
        server.close();
    }

    private static JsonNode bring(String file, String text) throws Exception {
        Answer answer = lead.post(
                LISTS + "/import?file=" + file, "application/octet-stream", text.getBytes(StandardCharsets.UTF_8));
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer.json();
    }

    private static String one(JsonNode list) {
        return LISTS + "/" + list.path("id").asString();
    }

    private static Answer look(JsonNode list, String supplier) throws Exception {
        return lead.put(
                one(list) + "/columns",
                "{\"supplier\":\"" + supplier + "\",\"uses\":"
                        + list.path("columns").path("uses") + "}");
    }

    /** The list when nothing is under way with it any more. */
    private static JsonNode settled(JsonNode list) throws Exception {
        for (long end = System.nanoTime() + Duration.ofMinutes(5).toNanos(); System.nanoTime() < end; ) {
            JsonNode now = lead.get(one(list)).json();
            if (!Set.of("LOOKING", "TAKING").contains(now.path("phase").asString())) {
                return now;
            }
            Thread.sleep(100);
        }
        throw new AssertionError("still under way");
    }

    private static JsonNode parts(String text) throws Exception {
        return lead.get("/api/parts?text=" + text).json();
    }

    @Test
    void aListIsLookedOverThenTakenOnce() throws Exception {
        JsonNode list = bring(
                "spring.csv",
                "Part no,Sort,Description,Net price,Days\nXL-1,nut,Nut M10,1.20,2\nXL-2,seal,\"Seal, 40 × 62\",6.50,3\n");
        assertThat(list.path("phase").asString()).isEqualTo("OPEN");
        assertThat(list.path("rows").asInt()).isEqualTo(2);
        assertThat(list.path("columns").path("uses").size()).isEqualTo(5);
        assertThat(look(list, "Upcott Fasteners").status()).isEqualTo(200);
        JsonNode looked = settled(list);
        assertThat(looked.path("phase").asString()).isEqualTo("LOOKED");
        assertThat(looked.path("report").path("added").asInt()).isEqualTo(2);
        assertThat(parts("XL-").size()).as("nothing is changed by looking").isZero();

        assertThat(lead.post(one(list) + "/take", "{}").status()).isEqualTo(200);
        assertProblem(lead.post(one(list) + "/take", "{}"), 409);
        assertThat(settled(list).path("phase").asString()).isEqualTo("TAKEN");
        assertThat(parts("XL-").size()).isEqualTo(2);
        assertProblem(lead.delete(one(list)), 409);

        JsonNode dearer = bring("summer.csv", "Part no,Sort,Description,Net price,Days\nXL-1,nut,Nut M10,1.30,2\n");
        assertThat(dearer.path("columns").path("supplier").asString())
                .as("as the supplier's last list")
                .isEqualTo("Upcott Fasteners");
        look(dearer, "Upcott Fasteners");
        JsonNode change = settled(dearer).path("report");
        assertThat(change.path("changed").asInt()).isEqualTo(1);
        assertThat(change.path("examples").get(0).path("changes").get(0).asString())
                .isEqualTo("price 1.20 → 1.30");
        lead.post(one(dearer) + "/take", "{}");
        assertThat(settled(dearer).path("phase").asString()).isEqualTo("TAKEN");
        JsonNode log = lead.get("/api/log?kind=CATALOGUE_CHANGED").json();
        assertThat(log.toString()).contains("summer.csv", "PRICE_LIST");
    }

    @Test
    void oneFaultyRowKeepsTheWholeListOut() throws Exception {
        JsonNode list = bring("faulty.csv", "code,sort,name,price\nXF-1,nut,Nut,1.20\nXF-2,nut,Nut 2,on request\n");
        look(list, "Upcott Fasteners");
        JsonNode report = settled(list).path("report");
        assertThat(report.path("refused").asInt()).isEqualTo(1);
        assertThat(report.path("faults").get(0).path("row").asInt()).isEqualTo(3);
        assertThat(report.path("faults").get(0).path("field").asString()).isEqualTo("price");
        assertProblem(lead.post(one(list) + "/take", "{}"), 409);
        assertThat(parts("XF-").size()).isZero();
    }

    /** Between looking and taking somebody else may bring the same codes. */
    @Test
    void whatChangedSinceItWasSeenIsNotTaken() throws Exception {
        JsonNode list = bring("late.csv", "code,sort,name,price\nXC-1,nut,Nut,1.20\nXC-2,nut,Nut 2,1.40\n");
        look(list, "Upcott Fasteners");
        assertThat(settled(list).path("report").path("added").asInt()).isEqualTo(2);
        assertThat(lead.post("/api/parts/import", """
                {"format":"itrova-parts/1","parts":[{"code":"XC-2","sort":"nut","name":"Theirs","supplier":"Somebody Else",
                "price":"2.00","lead_days":1}]}""").status()).isEqualTo(200);
        lead.post(one(list) + "/take", "{}");
        JsonNode now = settled(list);
        assertThat(now.path("phase").asString()).isEqualTo("LOOKED");
        assertThat(now.path("said").asString()).contains("nothing was taken");
        assertThat(now.path("report").path("refused").asInt()).isEqualTo(1);
        assertThat(parts("XC-").size()).isEqualTo(1);
    }

    /** Stopped at any time it is whole in the catalogue or not in it at all. */
    @Test
    void aLongListIsStoppedWithNothingTaken() throws Exception {
        StringBuilder text = new StringBuilder("code,sort,name,price\n");
        for (int i = 0; i < LONG; i++) {
            text.append("XS-").append(i).append(",bolt,Bolt ").append(i).append(",1.50\n");
        }
        JsonNode list = bring("long.csv", text.toString());
        look(list, "Upcott Fasteners");
        assertThat(settled(list).path("report").path("added").asInt()).isEqualTo(LONG);
        lead.post(one(list) + "/take", "{}");
        for (JsonNode now = list;
                now.path("done").asInt() == 0;
                now = lead.get(one(list)).json()) {
            assertThat(now.path("phase").asString()).isNotEqualTo("TAKEN");
        }
        Answer stopped = lead.delete(one(list));
        JsonNode now = settled(list);
        int taken = parts("XS-1").size();
        if (stopped.status() == 200) {
            assertThat(now.path("phase").asString()).isEqualTo("STOPPED");
            Thread.sleep(1_000); // whoever works on it has heard by then
            assertThat(parts("XS-1").size()).isZero();
        } else {
            assertProblem(stopped, 409);
            assertThat(taken).isEqualTo(50);
        }
    }

    @Test
    void nonsenseIsRefusedAndNamed() throws Exception {
        assertProblem(lead.post(LISTS + "/import?file=none.csv", "text/csv", new byte[0]), 400);
        assertProblem(
                lead.post(LISTS + "/import?file=no.csv", "text/csv", "one line".getBytes(StandardCharsets.UTF_8)), 422);
        JsonNode list = bring("odd.csv", "A,B\n1,2\n");
        assertProblem(look(list, "Upcott Fasteners"), 422);
        assertProblem(
                lead.put(
                        one(list) + "/columns",
                        "{\"supplier\":\"X\",\"uses\":[{\"heading\":\"A\",\"field\":\"code\",\"unit\":\"\"},"
                                + "{\"heading\":\"C\",\"field\":\"price\",\"unit\":\"\"}]}"),
                422);
        assertProblem(lead.get(LISTS + "/none"), 404);
    }

    @Test
    void theCatalogueGoesOutAsTables() throws Exception {
        assertThat(lead.get("/api/parts/table.csv").text()).startsWith("supplier,code,name,price");
        assertThat(lead.get("/api/parts/table.xlsx").status()).isEqualTo(200);
    }
}
