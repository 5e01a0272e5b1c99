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
            "THICKNESS_VARIATION", List.of("22.01 mm", "22.01 mm", "22 mm", "22 mm", "22 mm", "22.005 mm"),
            "SEAL_TILT", List.of("3 mm", "3.1 mm", "3.05 mm"),
            "PUSH_ROD_PLAY", List.of("1 mm"),
            "BRACKET_ANGLES", List.of("88.42", "88.40"),
            "BRACKET_SQUARE", List.of("0.05", "-0.05"),
            "BREAKAWAY_MINUTES", List.of("16"));

    /** What a mock-up puts in to try, and what makes it good. */
    private static final List<String> LOOSE = List.of("NUTS", "PADS");

    private WholeCard() {}

    static ObjectNode tick(JsonNode step, String seal) {
        ObjectNode body = JSON.createObjectNode();
        String id = step.path("id").asString();
        if (id.endsWith("mockup") || id.endsWith("make-good")) {
            LOOSE.forEach(body.putArray("loose")::add);
        }
        return body.put(
                        "setValue",
                        step.hasNonNull("torqueNm") ? step.path("torqueNm").asDouble() + " N·m" : "")
                .put("held", "seen")
                .put("confirmed", false)
                .put("cautionRead", true)
                .put("seal", seal);
    }

    /** A tick of a step with what its hold wants read, within the limits. */
    static ObjectNode good(JsonNode step, String seal) {
        String kind = step.path("reading").path("kind").asString("");
        return kind.isEmpty() ? tick(step, seal) : with(tick(step, seal), GOOD.get(kind));
    }

    /** A step of a card by its id. */
    static JsonNode step(JsonNode card, String id) {
        for (JsonNode step : card.path("steps")) {
            if (step.path("id").asString().equals(id)) {
                return step;
            }
        }
        throw new AssertionError("no step " + id);
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
            ObjectNode body = good(step, seal);
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
