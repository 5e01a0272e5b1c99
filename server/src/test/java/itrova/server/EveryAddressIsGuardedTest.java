package itrova.server;

import static org.assertj.core.api.Assertions.assertThat;

import itrova.server.TestServer.Answer;
import itrova.server.TestServer.Client;
import java.net.URI;
import java.net.http.HttpRequest;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Every address the server describes of itself: who may ask it what, and how it refuses. */
class EveryAddressIsGuardedTest {
    /** Asked before anybody has signed in. */
    private static final Set<String> OPEN = Set.of(
            "GET /api/session", "POST /api/session", "DELETE /api/session", "POST /api/setup", "GET /api/health");

    /** A viewer changes nothing but what is the viewer's own, and may ask what if. */
    private static final Set<String> A_VIEWERS = Set.of(
            "POST /api/session",
            "POST /api/setup",
            "DELETE /api/session",
            "PUT /api/session/units",
            "PUT /api/session/password",
            "DELETE /api/sessions/{key}",
            "POST /api/understand",
            "POST /api/bench-help/reading",
            "POST /api/bench-help/indexing",
            "POST /api/bench-help/nut",
            "POST /api/bench-help/wrench",
            "POST /api/bench-help/shims",
            "POST /api/bench-help/engagement",
            "POST /api/bench-help/trouble",
            "POST /api/axles/{axleId}/what-if",
            "POST /api/jobs/{jobId}/brakes/tried",
            "POST /api/jobs/{jobId}/brakes/proposal",
            "POST /api/axles/{axleId}/brakes/proposal",
            "POST /api/axles/{axleId}/search",
            "POST /api/axles/{axleId}/around/sketch",
            "DELETE /api/axles/{axleId}/search/{id}",
            "PUT /api/axles/{axleId}/liked/{code}",
            "DELETE /api/axles/{axleId}/liked/{code}");

    private static final Set<String> A_LEADS = Set.of(
            "POST /api/kits/import",
            "POST /api/wheels/import",
            "POST /api/parts/import",
            "POST /api/price-lists/import",
            "PUT /api/sheets/{wall}/{code}",
            "PUT /api/price-lists/{id}/columns",
            "POST /api/price-lists/{id}/take",
            "DELETE /api/price-lists/{id}",
            "POST /api/families/import",
            "POST /api/kits/{code}/outline",
            "GET /api/log",
            "GET /api/people",
            "POST /api/people",
            "PUT /api/people/{id}",
            "PUT /api/people/{id}/password",
            "POST /api/axles/{axleId}/order/signature",
            "POST /api/axles/{axleId}/order/release",
            "PUT /api/instruments/{id}",
            "PUT /api/limits/{id}",
            "PUT /api/shop",
            "POST /api/shop/logo",
            "DELETE /api/shop/logo",
            "PUT /api/suppliers",
            "PUT /api/work-terms/{kind}");

    private static TestServer server;
    private static List<Address> addresses;

    private record Address(String method, String path) {
        String name() {
            return method + " " + path;
        }

        boolean changes() {
            return !method.equals("GET");
        }

        /** The address with numbers nobody has, and codes of nothing. */
        String ofNothing() {
            return path.replaceAll("\\{\\w*[iI]d}", "999999").replaceAll("\\{\\w+}", "NOTHING");
        }
    }

    @BeforeAll
    static void start() throws Exception {
        server = TestServer.start();
        addresses = new ArrayList<>();
        JsonNode paths = server.signedIn("wilma").get("/api/openapi").json().path("paths");
        paths.propertyNames().forEach(path -> paths.path(path)
                .propertyNames()
                .forEach(method -> addresses.add(new Address(method.toUpperCase(java.util.Locale.ROOT), path))));
        assertThat(addresses).hasSizeGreaterThan(50);
    }

    @AfterAll
    static void stop() {
        server.close();
    }

    private static Answer ask(Client client, Address address) throws Exception {
        return switch (address.method()) {
            case "GET" -> client.get(address.ofNothing());
            case "PUT" -> client.put(address.ofNothing(), "{}");
            case "DELETE" -> client.delete(address.ofNothing());
            default -> client.post(address.ofNothing(), "{}");
        };
    }

    @Test
    void theListsHereNameAddressesThereAre() {
        List<String> names = addresses.stream().map(Address::name).toList();
        assertThat(names).containsAll(OPEN).containsAll(A_VIEWERS).containsAll(A_LEADS);
    }

    @Test
    void whoHasNotSignedInLearnsNothing() throws Exception {
        for (Address address : addresses) {
            if (!OPEN.contains(address.name())) {
                Client stranger = server.client();
                stranger.get("/api/session"); // for the token a page would have
                assertThat(ask(stranger, address).status()).as(address.name()).isEqualTo(401);
            }
        }
    }

    @Test
    void theDescriptionItselfIsForThoseSignedIn() throws Exception {
        assertThat(server.client().get("/api/openapi").status()).isEqualTo(401);
        assertThat(server.signedIn("jory").get("/api/openapi").status()).isEqualTo(200);
    }

    @Test
    void nothingChangesWithoutTheToken() throws Exception {
        Client lead = server.signedIn("wilma");
        lead.sendsToken = false;
        for (Address address : addresses) {
            if (address.changes()) {
                assertThat(ask(lead, address).status()).as(address.name()).isEqualTo(403);
            }
        }
    }

    @Test
    void aViewerLooksAndChangesNothing() throws Exception {
        Client viewer = server.signedIn("jory");
        for (Address address : addresses) {
            if (address.changes() && !A_VIEWERS.contains(address.name())) {
                assertThat(ask(viewer, address).status()).as(address.name()).isEqualTo(403);
            }
        }
    }

    @Test
    void aMechanicDoesNotDoWhatIsTheLeads() throws Exception {
        Client mechanic = server.signedIn("tam");
        for (Address address : addresses) {
            if (!OPEN.contains(address.name())) { // one of them signs out
                boolean refused = ask(mechanic, address).status() == 403;
                assertThat(refused).as(address.name()).isEqualTo(A_LEADS.contains(address.name()));
            }
        }
    }

    /** What is not there is said in the form of RFC 9457, never as a fault of the server. */
    @Test
    void whatIsNotThereIsAProblemNotAFault() throws Exception {
        Client lead = server.signedIn("wilma");
        for (Address address : addresses) {
            if (OPEN.contains(address.name())) {
                continue;
            }
            Answer answer = ask(lead, address);
            assertThat(answer.status()).as(address.name()).isLessThan(500);
            if (answer.status() >= 400) {
                assertThat(answer.contentType()).as(address.name()).contains("application/problem+json");
                assertThat(answer.json().path("title").asString())
                        .as(address.name())
                        .isNotBlank();
            } else {
                assertThat(address.path())
                        .as("found something for " + address.name())
                        .doesNotContain("axleId", "jobId");
            }
        }
    }

    @Test
    void brokenJsonIsRefusedWithoutAFault() throws Exception {
        Client lead = server.signedIn("wilma");
        for (Address address : addresses) {
            if (Set.of("POST", "PUT").contains(address.method()) && !OPEN.contains(address.name())) {
                String where = address.ofNothing();
                Answer answer =
                        address.method().equals("PUT") ? lead.put(where, "{\"a\":") : lead.post(where, "{\"a\":");
                assertThat(answer.status()).as(address.name()).isBetween(400, 499);
            }
        }
    }

    /** Headers that every answer carries, the pages' as well. */
    @Test
    void answersSayWhereTheirPartsMayComeFrom() throws Exception {
        var response = java.net.http.HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(server.address() + "/api/session"))
                                .build(),
                        java.net.http.HttpResponse.BodyHandlers.discarding());
        assertThat(response.headers().firstValue("Content-Security-Policy").orElse(""))
                .contains("default-src 'self'")
                .contains("frame-ancestors 'none'");
        assertThat(response.headers().firstValue("X-Content-Type-Options")).hasValue("nosniff");
    }
}
