package itrova.server;

import static org.assertj.core.api.Assertions.assertThat;

import itrova.formats.DemoData;
import itrova.formats.JobDocument;
import itrova.server.TestServer.Answer;
import itrova.server.TestServer.Client;
import java.util.List;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** What tests of the API ask for again and again. */
final class Asked {
    private Asked() {}

    /** A refusal by RFC 9457 that says something and gives nothing of the inside away. */
    static void assertProblem(Answer answer, int status) {
        assertThat(answer.status()).as(answer.text()).isEqualTo(status);
        assertThat(answer.contentType()).contains("application/problem+json");
        assertThat(answer.json().path("detail").asString()).isNotBlank();
        assertThat(answer.text())
                .doesNotContain("Exception")
                .doesNotContain("at itrova")
                .doesNotContain("SQL");
    }

    /** The callout of the left side. */
    static JsonNode callout(JsonNode end, String name) {
        for (JsonNode c : end.path("sides").get(0).path("callouts")) {
            if (c.path("callout").asString().equals(name)) {
                return c;
            }
        }
        throw new AssertionError("no " + name);
    }

    /** A copy of the demo's van with a kit chosen; gives its axle's key. */
    static long copyOfVan(Client mechanic, String kit) throws Exception {
        long axle = copyOfVanAsFound(mechanic, kit);
        planBrakes(mechanic, axle);
        return axle;
    }

    /** The same with its drum-era master and nothing planned for the brakes. */
    static long copyOfVanAsFound(Client mechanic, String kit) throws Exception {
        String document = JobDocument.write(DemoData.jobs().get(0));
        long axle = mechanic.post("/api/jobs/import", document)
                .json()
                .path("axles")
                .get(0)
                .path("id")
                .asLong();
        assertThat(mechanic.put("/api/axles/" + axle + "/choice", "{\"version\":1,\"kit\":\"" + kit + "\"}")
                        .status())
                .isEqualTo(200);
        return axle;
    }

    /** Plans parts for the brakes of the van that prove every critical finding with its kits. */
    static void planBrakes(Client mechanic, long axle) throws Exception {
        long job =
                mechanic.get("/api/axles/" + axle + "/end").json().path("jobId").asLong();
        ObjectNode circuit =
                (ObjectNode) mechanic.get("/api/jobs/" + job + "/brakes").json().path("circuit");
        ArrayNode parts = ((ObjectNode) circuit.path("planned")).putArray("parts");
        for (String code : List.of("TM-106", "BO-203", "VA-301", "AD-601")) {
            parts.addObject().put("code", code);
        }
        parts.addObject().put("code", "PA-703").put("axle", "front axle");
        assertThat(mechanic.put("/api/jobs/" + job + "/brakes", circuit.toString())
                        .status())
                .isEqualTo(200);
    }

    /** The body that places the order seen. */
    static String seal(JsonNode order) {
        return "{\"seal\":\"" + order.path("seal").asString() + "\"}";
    }

    /** Counts everything that was ordered for an axle as come whole, once its suppliers have answered. */
    static void receiveAll(Client mechanic, long axle) throws Exception {
        String address = "/api/axles/" + axle + "/supplier-orders";
        while (mechanic.get(address).text().contains("\"WAITING\"")) {
            Thread.sleep(200);
        }
        for (JsonNode order : mechanic.get(address).json()) {
            String one = address + "/" + order.path("id").asString();
            int version = order.path("version").asInt();
            String state = order.path("order").path("state").asString();
            if (state.equals("BY_HAND") || state.equals("REFUSED")) {
                assertThat(mechanic.post(one + "/sent", "{\"version\":" + version + "}")
                                .status())
                        .isEqualTo(200);
                version++;
            }
            assertThat(mechanic.post(one + "/all-received", "{\"version\":" + version + "}")
                            .status())
                    .isEqualTo(200);
            assertProblem(mechanic.post(one + "/all-received", "{\"version\":" + (version + 1) + "}"), 422);
        }
    }
}
