package itrova.server;

import static itrova.server.Asked.assertProblem;
import static itrova.server.Asked.callout;
import static itrova.server.Asked.copyOfVan;
import static itrova.server.Asked.seal;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import itrova.server.TestServer.Answer;
import itrova.server.TestServer.Client;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Ordering and working: what is proven goes, what is not proven waits for a signature, what is proven not stays shut. */
class OrderApiTest {
    private static TestServer server;
    private static Client lead;
    private static Client viewer;
    private static Client mechanic;

    @BeforeAll
    static void start() throws Exception {
        server = TestServer.start();
        lead = server.signedIn("wilma");
        viewer = server.signedIn("jory");
        mechanic = server.signedIn("tam");
    }

    @AfterAll
    static void stop() {
        server.close();
    }

    @Test
    void provenIsOrderedAndTheStepsAreLogged() throws Exception {
        long axle = copyOfVan(mechanic, "QF-103");
        JsonNode order = mechanic.get("/api/axles/" + axle + "/order").json();
        assertThat(order.path("gate").asString()).isEqualTo("OPEN");
        long total = 0;
        for (JsonNode line : order.path("lines")) {
            total += line.path("totalCents").asLong();
        }
        assertThat(order.path("totalCents").asLong()).isEqualTo(total);
        assertThat(mechanic.get("/api/axles/" + axle + "/order.csv").text())
                .contains("QF-103", "Drill")
                .contains("work");
        assertThat(mechanic.get("/api/axles/" + axle + "/order.pdf").text()).startsWith("%PDF");
        assertThat(mechanic.get("/api/axles/" + axle + "/order.xlsx").text()).startsWith("PK"); // a ZIP archive
        assertThat(order.path("machined").asBoolean()).isTrue();
        assertThat(mechanic.get("/api/axles/" + axle + "/order/work-order.pdf").text())
                .startsWith("%PDF");
        assertThat(mechanic.get("/api/axles/" + axle + "/order/offer.pdf").text())
                .startsWith("%PDF");
        long bought = copyOfVan(mechanic, "QF-101");
        assertThat(mechanic.get("/api/axles/" + bought + "/order")
                        .json()
                        .path("machined")
                        .asBoolean())
                .isFalse();
        assertProblem(mechanic.get("/api/axles/" + bought + "/order/work-order.pdf"), 409);
        assertThat(mechanic.post("/api/axles/" + axle + "/order/placement", seal(order))
                        .json()
                        .path("placedBy")
                        .asString())
                .isEqualTo("Tam Orrin");

        Asked.receiveAll(mechanic, axle);
        String bench = "/api/axles/" + axle + "/bench";
        String tick = bench + "/left-bracket/tick";
        String seal = mechanic.get(bench).json().path("seal").asString();
        Answer early = mechanic.post(tick, ticked("55 lbf·ft", "square", seal));
        assertProblem(early, 409);
        assertThat(early.json().path("detail").asString()).contains("comes after");
        for (JsonNode s : mechanic.get(bench).json().path("steps")) {
            String id = s.path("id").asString();
            if (id.equals("left-bracket")) {
                break;
            }
            if (!s.path("hold").asString().isEmpty() && !s.hasNonNull("reading")) {
                assertProblem(mechanic.post(bench + "/" + id + "/tick", ticked("", "", seal)), 422);
            }
            assertThat(mechanic.post(
                                    bench + "/" + id + "/tick",
                                    WholeCard.good(s, seal).toString())
                            .status())
                    .as(id)
                    .isEqualTo(200);
        }
        int before = mechanic.get(bench).json().path("done").asInt();
        assertProblem(mechanic.post(tick, ticked("", "square", seal)), 422);
        Answer wrong = mechanic.post(tick, ticked("55", "square", seal));
        assertProblem(wrong, 422); // 55 N·m typed where 55 lbf·ft is wanted
        assertThat(wrong.json().path("confirmable").asBoolean()).isTrue();
        assertProblem(mechanic.post(tick, ticked("55 lbf·ft", "", seal)), 422); // its hold was not read
        assertProblem(mechanic.post(tick, ticked("55 lbf·ft", "square", "another card")), 409);
        JsonNode card = mechanic.post(tick, ticked("55 lbf·ft", "square", seal)).json();
        assertProblem(mechanic.post(tick, ticked("55 lbf·ft", "square", seal)), 409); // ticked before
        assertThat(card.path("done").asInt()).isEqualTo(before + 1);
        JsonNode step = null;
        for (JsonNode s : card.path("steps")) {
            step = s.path("id").asString().equals("left-bracket") ? s : step;
        }
        assertThat(step).isNotNull();
        assertThat(step.path("done").path("by").asString()).isEqualTo("Tam Orrin");
        assertThat(step.path("done").path("held").asString()).isEqualTo("square");
        assertThat(step.path("done").path("setTorqueNm").asDouble()).isEqualTo(74.57, within(0.01));
        assertProblem(mechanic.delete(bench + "/left-strip/tick?seal=" + seal), 409); // more rests on it
        assertProblem(mechanic.delete(tick + "?seal=another"), 409);
        assertThat(mechanic.delete(tick + "?seal=" + seal).json().path("done").asInt())
                .isEqualTo(before);
        assertProblem(mechanic.post(bench + "/no-such/tick", ticked("", "", seal)), 404);
    }

    /** What stands on the shop's own shelf, and is of one kind only, is not bought; two who count at once do not overwrite each other. */
    @Test
    void whatIsOnTheShelfIsNotBought() throws Exception {
        long axle = copyOfVan(mechanic, "QF-103");
        String cost = "/api/axles/" + axle + "/order/cost";
        JsonNode open = mechanic.get(cost).json();
        Map<String, String> sorts = new HashMap<>();
        viewer.get("/api/parts/sorts")
                .json()
                .forEach(s ->
                        sorts.put(s.path("title").asString(), s.path("sort").asString()));
        JsonNode line = open.path("bill")
                .valueStream()
                .filter(l -> l.path("from").asString().equals("OF_THE_CATALOGUE")
                        && l.path("what").asString().equals("solvent"))
                .findFirst()
                .orElseThrow();
        String code = viewer.get(
                        "/api/parts?sort=" + sorts.get(line.path("what").asString()))
                .json()
                .get(0)
                .path("code")
                .asString();
        String address = "/api/parts/" + code + "/stock";
        assertThat(viewer.put(address, "{\"seen\":0,\"pieces\":90}").status()).isEqualTo(403);
        assertProblem(mechanic.put(address, "{\"seen\":0,\"pieces\":-1}"), 422);
        assertProblem(mechanic.put("/api/parts/NO-SUCH/stock", "{\"seen\":0,\"pieces\":1}"), 404);
        assertThat(mechanic.put(address, "{\"seen\":0,\"pieces\":90}")
                        .json()
                        .path("onShelf")
                        .asInt())
                .isEqualTo(90);
        try {
            assertProblem(lead.put(address, "{\"seen\":0,\"pieces\":3}"), 409);
            JsonNode now = mechanic.get(cost).json();
            JsonNode same = now.path("bill")
                    .valueStream()
                    .filter(l -> l.path("what").equals(line.path("what"))
                            && l.path("step").equals(line.path("step")))
                    .findFirst()
                    .orElseThrow();
            assertThat(same.path("toBuy").asInt()).isZero();
            assertThat(same.path("from").asString()).isEqualTo("ON_THE_SHELF");
            assertThat(same.path("code").asString()).isEqualTo(code);
            assertThat(now.path("total").path("high").asLong())
                    .isLessThan(open.path("total").path("high").asLong());
        } finally {
            mechanic.put(address, "{\"seen\":90,\"pieces\":0}");
        }
    }

    @Test
    void nothingIsTickedOnAKitThatIsNotOrdered() throws Exception {
        long axle = copyOfVan(mechanic, "QF-103");
        JsonNode card = mechanic.get("/api/axles/" + axle + "/bench").json();
        assertThat(card.path("revision").asInt()).isZero();
        Answer refused = mechanic.post(
                "/api/axles/" + axle + "/bench/lift/tick",
                ticked("", "", card.path("seal").asString()));
        assertProblem(refused, 409);
        assertThat(refused.json().path("detail").asString()).contains("not ordered");
    }

    private static String ticked(String setValue, String held, String seal) {
        return "{\"setValue\":\"" + setValue + "\",\"held\":\"" + held
                + "\",\"confirmed\":false,\"cautionRead\":true,\"readings\":[\"1 mm\"],\"seal\":\"" + seal + "\"}";
    }

    private static String signature(String reason, JsonNode order) {
        return "{\"reason\":\"" + reason + "\",\"seal\":\"" + order.path("seal").asString() + "\"}";
    }

    @Test
    void notProvenWaitsForALeadsSignatureWithAReason() throws Exception {
        long axle = copyOfVan(mechanic, "QF-106");
        String order = "/api/axles/" + axle + "/order";
        JsonNode sheet = mechanic.get(order).json();
        assertThat(sheet.path("gate").asString()).isEqualTo("HELD");
        assertProblem(mechanic.post(order + "/placement", seal(sheet)), 409);
        assertProblem(mechanic.get(order + ".csv"), 409);
        assertProblem(mechanic.get(order + ".pdf"), 409);
        assertProblem(lead.post(order + "/signature", signature("ok", sheet)), 422);
        JsonNode signed = lead.post(order + "/signature", signature("Outline taken from a template by hand", sheet))
                .json();
        assertThat(signed.path("signature").path("by").asString()).isEqualTo("Wilma Quillfield");
        assertThat(mechanic.post(order + "/placement", seal(signed)).status()).isEqualTo(200);
    }

    @Test
    void aSignatureNoLongerCoversChangedReadings() throws Exception {
        long axle = copyOfVan(mechanic, "QF-106");
        String order = "/api/axles/" + axle + "/order";
        JsonNode sheet = mechanic.get(order).json();
        assertThat(lead.post(order + "/signature", signature("Outline taken from a template by hand", sheet))
                        .status())
                .isEqualTo(200);
        JsonNode register = callout(mechanic.get("/api/axles/" + axle + "/end").json(), "REGISTER");
        for (JsonNode r : register.path("readings")) {
            mechanic.delete(
                    "/api/axles/" + axle + "/readings/" + r.path("id").asLong() + "?clientId=" + UUID.randomUUID());
        }
        JsonNode now = mechanic.get(order).json();
        assertThat(now.has("signature")).isFalse();
        assertProblem(mechanic.post(order + "/placement", seal(now)), 409);
        assertProblem(mechanic.post(order + "/placement", seal(sheet)), 409);
    }

    @Test
    void provenNotIsNeverCovered() throws Exception {
        long axle = copyOfVan(mechanic, "QF-102");
        String order = "/api/axles/" + axle + "/order";
        JsonNode sheet = mechanic.get(order).json();
        assertThat(sheet.path("gate").asString()).isEqualTo("SHUT");
        assertProblem(lead.post(order + "/signature", signature("The owner insists on this kit", sheet)), 409);
        assertProblem(lead.post(order + "/placement", seal(sheet)), 409);
    }

    @Test
    void anOrderWithoutAChoiceSaysWhatToDo() throws Exception {
        long axle = mechanic.post("/api/jobs", """
                {"title":"no choice","vehicleKind":"CAR","vehicle":"","owner":"","mustBeReversible":true,"notes":"",
                 "axles":[{"name":"front axle","kind":"FRONT_SPINDLE","bracketShape":"CIRCLE","load":"780 kg","loadSource":"PLATE","wheelStays":true}]}
                """)
                .json()
                .path("axles")
                .get(0)
                .path("id")
                .asLong();
        Answer answer = mechanic.get("/api/axles/" + axle + "/order");
        assertProblem(answer, 409);
        assertThat(answer.json().path("detail").asString()).contains("Choose one");
    }
}
