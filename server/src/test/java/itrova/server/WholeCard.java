package itrova.server;

import static org.assertj.core.api.Assertions.assertThat;

import itrova.server.TestServer.Client;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Bench cards ticked from the first step to the last, for tests of what comes after. */
final class WholeCard {
    private static final JsonMapper JSON = new JsonMapper();

    /** Readings within their limits. */
    static final Map<String, List<String>> GOOD = Map.of(
            "END_PLAY", List.of("0.08 mm"),
            "RUN_OUT", List.of("0 mm", "0.02 mm", "0.04 mm", "0.02 mm"),
            "PUSH_ROD_PLAY", List.of("1 mm"),
            "BRACKET_ANGLES", List.of("88.42", "88.40"),
            "BREAKAWAY_MINUTES", List.of("16"));

    private WholeCard() {}

    static ObjectNode tick(JsonNode step, String seal) {
        return JSON.createObjectNode()
                .put(
                        "setValue",
                        step.hasNonNull("torqueNm") ? step.path("torqueNm").asDouble() + " N·m" : "")
                .put("held", "seen")
                .put("confirmed", false)
                .put("cautionRead", true)
                .put("seal", seal);
    }

    static ObjectNode with(ObjectNode body, List<String> readings) {
        readings.forEach(body.putArray("readings")::add);
        return body;
    }

    /** Places the order of an axle's kit and ticks its whole card; the first torque was set where no wrench reached. */
    static void orderAndTick(Client mechanic, long axle) throws Exception {
        JsonNode order = mechanic.get("/api/axles/" + axle + "/order").json();
        assertThat(mechanic.post("/api/axles/" + axle + "/order/placement", Asked.seal(order))
                        .status())
                .isEqualTo(200);
        Asked.receiveAll(mechanic, axle);
        String bench = "/api/axles/" + axle + "/bench";
        JsonNode card = mechanic.get(bench).json();
        String seal = card.path("seal").asString();
        boolean isMarked = false;
        for (JsonNode step : card.path("steps")) {
            String kind = step.path("reading").path("kind").asString("");
            ObjectNode body = kind.isEmpty() ? tick(step, seal) : with(tick(step, seal), GOOD.get(kind));
            if (!isMarked && step.hasNonNull("torqueNm")) {
                body.put("setValue", "").put("marked", true);
                isMarked = true;
            }
            String address = bench + "/" + step.path("id").asString() + "/tick";
            assertThat(mechanic.post(address, body.toString()).status())
                    .as(address)
                    .isEqualTo(200);
        }
    }
}
