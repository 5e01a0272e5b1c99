package itrova.server;

import static itrova.server.Asked.copyOfVan;
import static itrova.server.Asked.seal;
import static org.assertj.core.api.Assertions.assertThat;

import itrova.server.TestServer.Answer;
import itrova.server.TestServer.Client;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Two instances on one data base, each a process of its own: either answers, in turn, as the other does. */
class TwoInstancesTest {
    /** Says who answers, so it differs. */
    private static final Set<String> OF_THE_INSTANCE = Set.of("/api/health");

    private static TestServer here;
    private static TestServer.Elsewhere there;
    private static Client one;
    private static Client other;

    @BeforeAll
    static void start() throws Exception {
        here = TestServer.start();
        there = TestServer.inAnotherProcess();
        one = here.signedIn("wilma");
        other = one.at(there.address());
    }

    @AfterAll
    static void stop() throws Exception {
        there.close();
        here.close();
    }

    /** Every address that only looks, with what its places are filled with. */
    private static List<String> looks(long axle, long job) throws Exception {
        Map<String, String> fill = Map.of(
                "axleId",
                String.valueOf(axle),
                "id",
                String.valueOf(job),
                "jobId",
                String.valueOf(job),
                "code",
                "QF-101",
                "kit",
                "QF-101",
                "side",
                "LEFT",
                "part",
                "CALIPER",
                "photoId",
                "1",
                "wall",
                "kits");
        List<String> looks = new ArrayList<>();
        JsonNode paths = one.get("/api/openapi").json().path("paths");
        paths.propertyNames().forEach(path -> {
            JsonNode get = paths.path(path).path("get");
            if (get.isMissingNode() || OF_THE_INSTANCE.contains(path)) {
                return;
            }
            String filled = path;
            StringBuilder query = new StringBuilder();
            for (JsonNode p : get.path("parameters")) {
                String name = p.path("name").asString();
                if (p.path("in").asString().equals("path")) {
                    filled = filled.replace("{" + name + "}", fill.get(name));
                } else if (p.path("required").asBoolean()) {
                    query.append(query.isEmpty() ? "?" : "&")
                            .append(name)
                            .append('=')
                            .append(fill.get(name));
                }
            }
            looks.add(filled + query);
        });
        return looks;
    }

    /** When somebody was last seen is told by the request itself. */
    private static String timeless(String text) {
        return text.replaceAll("\"lastSeen\":\"[^\"]*\"", "");
    }

    @Test
    void everyAddressIsAnsweredAlikeByBoth() throws Exception {
        long axle = copyOfVan(one, "QF-101");
        JsonNode order = one.get("/api/axles/" + axle + "/order").json();
        assertThat(other.post("/api/axles/" + axle + "/order/placement", seal(order))
                        .status())
                .isEqualTo(200);
        for (Client client : List.of(one, other)) {
            while (client.get("/api/axles/" + axle + "/match")
                            .json()
                            .path("unfinished")
                            .asInt()
                    > 0) {
                Thread.sleep(200);
            }
        }
        while (one.get("/api/axles/" + axle + "/supplier-orders").text().contains("WAITING")) {
            Thread.sleep(200);
        }
        List<String> looks = looks(axle, order.path("jobId").asLong());
        assertThat(looks).hasSizeGreaterThan(30);
        for (String look : looks) {
            Answer first = one.get(look);
            Answer second = other.get(look);
            assertThat(second.status()).as(look).isEqualTo(first.status());
            assertThat(first.status()).as(look).isLessThan(500);
            if (look.endsWith("/offers")) {
                continue; // what suppliers answer is theirs, each time anew
            }
            if (first.contentType().contains("json") || first.contentType().contains("csv")) {
                assertThat(timeless(second.text())).as(look).isEqualTo(timeless(first.text()));
            }
        }
    }

    @Test
    void aSearchBegunAtOneIsSeenAndEndsAtTheOther() throws Exception {
        long axle = copyOfVan(one, "QF-101");
        String search = "/api/axles/" + axle + "/search";
        String terms =
                "{\"centsPerDay\":500,\"centsPerHour\":6000,\"centsPerIrreversible\":5000,\"otherWheels\":true,\"forbidden\":[]}";
        String id = one.post(search, terms).json().path("id").asString();
        JsonNode seen = other.get(search + "/" + id).json();
        while (seen.path("result").isMissingNode()) {
            Thread.sleep(200);
            seen = other.get(search + "/" + id).json();
            assertThat(seen.has("failure")).isFalse();
        }
        assertThat(seen.path("result").path("best")).isNotEmpty();
        assertThat(seen.path("result").path("complete").asBoolean()).isTrue();
        assertThat(one.get(search + "/" + id).json()).isEqualTo(seen);
        String again = other.post(search, terms).json().path("id").asString();
        JsonNode stopped = one.delete(search + "/" + again).json();
        assertThat(stopped.path("id").asString()).isEqualTo(again);
    }

    @Test
    void whatIsSaidIsSaidInTheReadersUnits() throws Exception {
        long axle = copyOfVan(one, "QF-102");
        one.units = "INCH";
        String inches = one.get("/api/axles/" + axle + "/order").text();
        one.units = "METRIC";
        String millimetres = one.get("/api/axles/" + axle + "/order").text();
        one.units = "";
        assertThat(inches).contains(" in ");
        assertThat(one.get("/api/axles/" + axle + "/order")
                        .json()
                        .path("holding")
                        .get(0)
                        .path("why")
                        .asString())
                .isNotEmpty();
        assertThat(millimetres).contains(" mm").isNotEqualTo(inches);
    }
}
