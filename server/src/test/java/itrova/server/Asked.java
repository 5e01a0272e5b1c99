package itrova.server;

import static org.assertj.core.api.Assertions.assertThat;

import itrova.formats.DemoData;
import itrova.formats.JobDocument;
import itrova.server.TestServer.Answer;
import itrova.server.TestServer.Client;
import tools.jackson.databind.JsonNode;

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

    /** The body that places the order seen. */
    static String seal(JsonNode order) {
        return "{\"seal\":\"" + order.path("seal").asString() + "\"}";
    }
}
