package itrova.server;

import static itrova.server.Asked.assertProblem;
import static org.assertj.core.api.Assertions.assertThat;

import itrova.server.TestServer.Answer;
import itrova.server.TestServer.Client;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Kits, wheels and parts one by one: editions are only added, and nobody overwrites what he has not seen. */
class SheetApiTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();
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

    private static String address(String wall, String code) {
        return "/api/sheets/" + wall + "/" + code;
    }

    private static ObjectNode document(JsonNode sheet) {
        return (ObjectNode)
                JSON.readTree(sheet.path("editions").get(0).path("document").asString());
    }

    private static Answer keep(Client who, String wall, String code, int seen, JsonNode document) throws Exception {
        String body = JSON.createObjectNode()
                .put("seen", seen)
                .put("document", document.toString())
                .toString();
        return who.put(address(wall, code), body);
    }

    @Test
    void aChangeIsANewEditionAndTheOldOneStays() throws Exception {
        ObjectNode kit = document(lead.get(address("kits", "QF-104")).json());
        kit.put("price", "641.00");
        JsonNode now = keep(lead, "kits", "QF-104", 1, kit).json();
        assertThat(now.path("editions").size()).isEqualTo(2);
        assertThat(now.path("editions").get(0).path("by").asString()).isEqualTo("Wilma Quillfield");
        assertThat(now.path("editions").get(1).path("document").asString()).doesNotContain("641.00");
        // the same again is no new edition
        assertThat(keep(lead, "kits", "QF-104", 2, kit).json().path("editions").size())
                .isEqualTo(2);
    }

    @Test
    void nobodyOverwritesWhatHeHasNotSeen() throws Exception {
        ObjectNode wheel = document(lead.get(address("wheels", "W-1402")).json());
        assertThat(keep(lead, "wheels", "W-1402", 1, wheel.put("lead_days", 9)).status())
                .isEqualTo(200);
        assertProblem(keep(lead, "wheels", "W-1402", 1, wheel.put("lead_days", 8)), 409);
        Answer taken = keep(lead, "wheels", "W-1402", 0, wheel);
        assertProblem(taken, 422);
        assertThat(taken.text()).contains("already");
        assertProblem(keep(mechanic, "wheels", "W-1402", 2, wheel), 403);
        assertThat(document(lead.get(address("wheels", "W-1402")).json())
                        .path("lead_days")
                        .asInt())
                .isEqualTo(9);
    }

    @Test
    void aNewThingIsMadeOfAnotherUnderItsOwnCode() throws Exception {
        ObjectNode part = document(lead.get(address("parts", "TM-106")).json());
        assertProblem(keep(lead, "parts", "TM-900", 0, part), 422); // the document says another code
        assertThat(keep(lead, "parts", "TM-900", 0, part.put("code", "TM-900")).status())
                .isEqualTo(200);
        assertThat(lead.get("/api/parts?text=TM-900").json().size()).isEqualTo(1);
    }

    @Test
    void whatCannotBeIsNamedByItsPlaceAndNothingIsKept() throws Exception {
        ObjectNode kit = document(lead.get(address("kits", "QF-105")).json());
        ((ObjectNode) kit.path("disc")).put("bore_mm", "wide");
        Answer refused = keep(lead, "kits", "QF-105", 1, kit);
        assertProblem(refused, 422);
        assertThat(refused.json().path("problems").get(0).path("field").asString())
                .isEqualTo("disc.bore_mm");
        assertThat(lead.get(address("kits", "QF-105")).json().path("editions").size())
                .isEqualTo(1);
        ObjectNode part = document(lead.get(address("parts", "TM-105")).json());
        ((ObjectNode) part.path("figures")).remove("stroke_mm");
        Answer starved = keep(lead, "parts", "TM-105", 1, part);
        assertProblem(starved, 422);
        assertThat(starved.text()).contains("stroke", "whether the fluid suffices");
        assertProblem(lead.put(address("kits", "QF-105"), "{\"seen\":1,\"document\":\"no JSON\"}"), 422);
        assertProblem(lead.get(address("kits", "none")), 404);
        assertProblem(lead.get(address("cellars", "QF-105")), 404);
    }

    @Test
    void whoUsesItIsTold() throws Exception {
        JsonNode used = lead.get(address("kits", "QR-201")).json().path("usedBy");
        assertThat(used.toString()).contains("Estate car, rear discs", "rear axle");
        long axle = Asked.copyOfVan(mechanic, "QF-103");
        assertThat(axle).isPositive();
        assertThat(lead.get(address("parts", "BO-203")).json().path("usedBy").toString())
                .contains("Light van");
    }
}
