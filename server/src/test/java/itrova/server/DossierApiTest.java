package itrova.server;

import static itrova.server.Asked.copyOfVan;
import static itrova.server.Asked.seal;
import static org.assertj.core.api.Assertions.assertThat;

import itrova.formats.DossierDocument;
import itrova.server.TestServer.Client;
import java.util.Optional;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** The whole record: its chain holds together, grows with what is done, and its head is on the paper; the full cost adds up. */
class DossierApiTest {
    private static TestServer server;
    private static Client mechanic;

    @BeforeAll
    static void start() throws Exception {
        server = TestServer.start();
        mechanic = server.signedIn("tam");
    }

    @AfterAll
    static void stop() {
        server.close();
    }

    @Test
    void theChainGrowsWithWhatIsDoneAndItsHeadIsOnThePaper() throws Exception {
        long axle = copyOfVan(mechanic, "QF-103");
        long job =
                mechanic.get("/api/axles/" + axle + "/end").json().path("jobId").asLong();
        String address = "/api/jobs/" + job + "/dossier";
        String before = mechanic.get(address).text();
        assertThat(DossierDocument.verify("d.json", before, Optional.empty()).faults())
                .isEmpty();
        String order = "/api/axles/" + axle + "/order";
        JsonNode sheet = mechanic.get(order).json();
        assertThat(mechanic.post(order + "/placement", seal(sheet)).status()).isEqualTo(200);
        String after = mechanic.get(address).text();
        String head = DossierDocument.head(after);
        assertThat(head).isNotEqualTo(DossierDocument.head(before));
        assertThat(after).contains("ORDER_PLACED");
        assertThat(DossierDocument.verify("d.json", after, Optional.of(head)).faults())
                .isEmpty();
        assertThat(DossierDocument.verify("d.json", after.replace("ORDER_PLACED", "ORDER_SIGNED"), Optional.of(head))
                        .faults())
                .isNotEmpty();
        assertThat(mechanic.get(address + ".pdf").text()).startsWith("%PDF");
    }

    @Test
    void theFullCostAddsUpAndNamesWhatTheStepsTake() throws Exception {
        long axle = copyOfVan(mechanic, "QF-101");
        JsonNode cost = mechanic.get("/api/axles/" + axle + "/order/cost").json();
        JsonNode order = mechanic.get("/api/axles/" + axle + "/order").json();
        assertThat(cost.path("bought").path("likely").asLong())
                .isEqualTo(order.path("totalCents").asLong());
        for (String point : new String[] {"low", "likely", "high"}) {
            assertThat(cost.path("total").path(point).asLong())
                    .isEqualTo(cost.path("bought").path(point).asLong()
                            + cost.path("besides").path(point).asLong()
                            + cost.path("hours").path(point).asLong());
        }
        assertThat(cost.path("bill").toString())
                .contains("hub seal", "brake fluid")
                .doesNotContain("OPEN");
    }
}
