package itrova.server;

import static org.assertj.core.api.Assertions.assertThat;

import itrova.server.TestServer.Answer;
import itrova.server.TestServer.Client;
import java.util.ArrayList;
import java.util.List;
import tools.jackson.databind.JsonNode;

/** What comes after the bench: bled, moved, bedded, signed. */
final class WholeRoad {
    private WholeRoad() {}

    static void bleed(Client mechanic, long job) throws Exception {
        String bleed = "/api/jobs/" + job + "/bleed";
        JsonNode bay = mechanic.get(bleed).json();
        for (JsonNode p : bay.path("points")) {
            String body = "{\"point\":\"" + p.path("key").asString()
                    + "\",\"way\":\"gravity\",\"strokes\":9,\"bubbles\":false,\"fluid\":20}";
            assertThat(mechanic.post(bleed + "/points", body).status()).isEqualTo(200);
        }
        for (JsonNode j : bay.path("joints")) {
            String body = "{\"joint\":\"" + j.path("key").asString() + "\",\"dry\":true}";
            assertThat(mechanic.post(bleed + "/joints", body).status()).isEqualTo(200);
        }
        assertThat(mechanic.post(
                                bleed + "/pedal",
                                "{\"low\":{\"force\":\"5 lbf\",\"travel\":\"50 mm\"},\"high\":{\"force\":\"400 N\",\"travel\":\"90 mm\"}}")
                        .status())
                .isEqualTo(200);
    }

    static String move(String id, boolean fine, String note) {
        return "{\"move\":\"" + id + "\",\"fine\":" + fine + ",\"note\":\"" + note + "\"}";
    }

    static Answer sign(Client who, String road, String as, String name) throws Exception {
        return who.post(
                road + "/signatures",
                "{\"as\":\"" + as + "\",\"name\":\"" + name + "\",\"seal\":\""
                        + who.get(road).json().path("seal").asString() + "\"}");
    }

    static List<String> movesOf(JsonNode card, boolean afterBedding) {
        List<String> ids = new ArrayList<>();
        card.path("moves").forEach(m -> {
            if (m.path("afterBedding").asBoolean() == afterBedding) {
                ids.add(m.path("id").asString());
            }
        });
        return ids;
    }
}
