package itrova.server;

import static org.assertj.core.api.Assertions.assertThat;

import itrova.server.TestServer.Answer;
import itrova.server.TestServer.Client;
import itrova.server.store.SignInGuard;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** The first start, people who come and go, sign-ins and where they hold, and the log of it all. */
class PeopleApiTest {
    private static final String CODE = "5e7a91c0d2";
    private static final String PASSWORD = "three words in a row";

    private static TestServer server;
    private static Client lead;

    /** The shop is opened here, as by whoever starts the program first. */
    @BeforeAll
    static void openTheShop() throws Exception {
        server = TestServer.empty(CODE);
        Client stranger = server.client();
        assertThat(stranger.get("/api/session").json().path("fresh").asBoolean())
                .isTrue();
        Answer guess = stranger.post("/api/setup", setup("12345", PASSWORD));
        assertThat(guess.status()).isEqualTo(422);
        assertThat(guess.json().path("detail").asString()).contains("one-time code");
        Answer weak = stranger.post("/api/setup", setup(CODE, "ottiline-1"));
        assertThat(weak.status()).isEqualTo(422);
        assertThat(weak.json().path("field").asString()).isEqualTo("password");
        assertThat(stranger.post("/api/setup", setup(CODE, PASSWORD)).status()).isEqualTo(200);
        Answer again = stranger.post("/api/setup", setup(CODE, PASSWORD));
        assertThat(again.status()).isEqualTo(409);
        assertThat(again.json().path("detail").asString()).contains("open already");
        lead = signIn("ottiline", PASSWORD);
        assertThat(lead.get("/api/session").json().path("shop").asString()).isEqualTo("Brakes & Sons");
    }

    @AfterAll
    static void stop() {
        server.close();
    }

    private static String setup(String code, String password) {
        return """
                {"code":"%s","shop":"Brakes & Sons","login":"Ottiline","name":"Ottiline Brook","password":"%s","units":"INCH"}
                """.formatted(code, password);
    }

    private static Client signIn(String login, String password) throws Exception {
        Client client = server.client();
        client.get("/api/session");
        Answer answer = client.post("/api/session", credentials(login, password));
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        client.get("/api/session");
        return client;
    }

    private static String credentials(String login, String password) {
        return "{\"login\":\"" + login + "\",\"password\":\"" + password + "\"}";
    }

    private static int trySignIn(String login, String password) throws Exception {
        Client client = server.client();
        client.get("/api/session");
        return client.post("/api/session", credentials(login, password)).status();
    }

    private static JsonNode added(String login, String role) throws Exception {
        Answer answer = lead.post("/api/people", """
                {"login":"%s","name":"%s of the shop","role":"%s","password":"%s"}
                """.formatted(login, login, role, PASSWORD));
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return person(login);
    }

    private static JsonNode person(String login) throws Exception {
        for (JsonNode p : lead.get("/api/people").json()) {
            if (p.path("login").asString().equals(login)) {
                return p;
            }
        }
        throw new AssertionError("nobody is called " + login);
    }

    private static Answer change(JsonNode person, String name, String role, boolean retired) throws Exception {
        return lead.put("/api/people/" + person.path("id").asLong(), """
                {"version":%d,"name":"%s","role":"%s","retired":%s}
                """.formatted(
                        person.path("version").asInt(), name, role, retired));
    }

    @Test
    void whoIsRetiredIsOutAtOnceAndStaysInTheRecord() throws Exception {
        JsonNode person = added("hob", "MECHANIC");
        Client hob = signIn("hob", PASSWORD);
        assertThat(hob.get("/api/jobs").status()).isEqualTo(200);
        assertThat(change(person, "Hob Lane", "MECHANIC", true).status()).isEqualTo(200);
        assertThat(hob.get("/api/jobs").status()).isEqualTo(401);
        assertThat(trySignIn("hob", PASSWORD)).isEqualTo(401);
        assertThat(person("hob").path("retired").asBoolean()).isTrue();
        assertThat(change(person("hob"), "Hob Lane", "MECHANIC", false).status())
                .isEqualTo(200);
        assertThat(trySignIn("hob", PASSWORD)).isEqualTo(200);
    }

    @Test
    void aChangedRoleHoldsAtOnce() throws Exception {
        JsonNode person = added("dorrit", "MECHANIC");
        Client dorrit = signIn("dorrit", PASSWORD);
        assertThat(change(person, "Dorrit", "VIEWER", false).status()).isEqualTo(200);
        assertThat(dorrit.get("/api/jobs").status()).isEqualTo(401);
        Client again = signIn("dorrit", PASSWORD);
        assertThat(again.post("/api/jobs", "{}").status()).isEqualTo(403);
    }

    @Test
    void aPersonChangedByTwoAtOnceIsNotOverwritten() throws Exception {
        JsonNode person = added("merle", "MECHANIC");
        assertThat(change(person, "Merle One", "MECHANIC", false).status()).isEqualTo(200);
        assertThat(change(person, "Merle Two", "MECHANIC", false).status()).isEqualTo(409);
        assertThat(person("merle").path("name").asString()).isEqualTo("Merle One");
    }

    @Test
    void theLastLeadStays() throws Exception {
        Answer refused = change(person("ottiline"), "Ottiline Brook", "MECHANIC", false);
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.json().path("detail").asString()).contains("only lead");
        assertThat(change(person("ottiline"), "Ottiline Brook", "LEAD", true).status())
                .isEqualTo(409);
    }

    @Test
    void aSignInNameIsOnePersons() throws Exception {
        added("perrin", "VIEWER");
        Answer taken = lead.post("/api/people", """
                {"login":" PERRIN ","name":"Another","role":"VIEWER","password":"%s"}
                """.formatted(PASSWORD));
        assertThat(taken.status()).isEqualTo(422);
        Answer odd = lead.post("/api/people", """
                {"login":"pérrin","name":"Another","role":"VIEWER","password":"%s"}
                """.formatted(PASSWORD));
        assertThat(odd.status()).isEqualTo(422);
        assertThat(trySignIn("pérrin", PASSWORD)).isEqualTo(401);
        assertThat(trySignIn("Perrin", PASSWORD)).isEqualTo(200);
    }

    @Test
    void theOwnPasswordIsChangedAndOthersAreSignedOut() throws Exception {
        added("senna", "MECHANIC");
        Client here = signIn("senna", PASSWORD);
        Client elsewhere = signIn("senna", PASSWORD);
        assertThat(here.put("/api/session/password", "{\"old\":\"wrong\",\"fresh\":\"quite another one\"}")
                        .status())
                .isEqualTo(422);
        assertThat(here.put("/api/session/password", "{\"old\":\"" + PASSWORD + "\",\"fresh\":\"short\"}")
                        .status())
                .isEqualTo(422);
        assertThat(here.put("/api/session/password", "{\"old\":\"" + PASSWORD + "\",\"fresh\":\"quite another one\"}")
                        .status())
                .isEqualTo(200);
        assertThat(here.get("/api/jobs").status()).isEqualTo(200);
        assertThat(elsewhere.get("/api/jobs").status()).isEqualTo(401);
        assertThat(trySignIn("senna", PASSWORD)).isEqualTo(401);
        assertThat(trySignIn("senna", "quite another one")).isEqualTo(200);
    }

    @Test
    void sessionsAreListedAndEnded() throws Exception {
        added("wick", "MECHANIC");
        Client wick = signIn("wick", PASSWORD);
        Client phone = signIn("wick", PASSWORD);
        JsonNode own = wick.get("/api/sessions").json();
        assertThat(own).hasSize(2);
        assertThat(own.toString()).doesNotContain("ottiline");
        String other = null;
        for (JsonNode s : own) {
            other = s.path("here").asBoolean() ? other : s.path("key").asString();
        }
        assertThat(wick.delete("/api/sessions/" + other).json()).hasSize(1);
        assertThat(phone.get("/api/jobs").status()).isEqualTo(401);
        JsonNode all = lead.get("/api/sessions").json();
        assertThat(all.toString()).contains("ottiline", "wick");
        for (JsonNode s : all) {
            if (s.path("login").asString().equals("ottiline")) {
                assertThat(wick.delete("/api/sessions/" + s.path("key").asString())
                                .status())
                        .as("another's session")
                        .isEqualTo(404);
            }
        }
    }

    @Test
    void manyWrongPasswordsAtOnceAreStoppedAlsoForTheRightOne() throws Exception {
        added("gwin", "MECHANIC");
        ExecutorService pool = Executors.newFixedThreadPool(8);
        try {
            List<Future<Integer>> tries = new ArrayList<>();
            for (int i = 0; i < 24; i++) {
                tries.add(pool.submit(() -> trySignIn("gwin", "wrong")));
            }
            int looked = 0;
            for (Future<Integer> status : tries) {
                assertThat(status.get()).isIn(401, 429);
                looked += status.get() == 401 ? 1 : 0;
            }
            assertThat(looked).isLessThanOrEqualTo(8);
        } finally {
            pool.shutdownNow();
        }
        Client client = server.client();
        client.get("/api/session");
        Answer right = client.post("/api/session", credentials("gwin", PASSWORD));
        assertThat(right.status()).isEqualTo(429);
        assertThat(right.json().path("detail").asString()).contains("Wait");
    }

    @Test
    void aShopThatSignsInOftenShutsNobodyOut() throws Exception {
        added("sedge", "MECHANIC");
        for (int i = 0; i < SignInGuard.MOST_FROM_AN_ADDRESS + 2; i++) {
            assertThat(trySignIn("sedge", PASSWORD)).isEqualTo(200);
        }
    }

    @Test
    void theTokenOfThePageBeforeSigningInIsNoGood() throws Exception {
        added("tilde", "MECHANIC");
        Client client = server.client();
        client.get("/api/session");
        String before = client.token();
        assertThat(before).isNotEmpty();
        client.post("/api/session", credentials("tilde", PASSWORD));
        assertThat(client.token()).isNotEmpty().isNotEqualTo(before);
    }

    @Test
    void theLogTellsWhoChangedWhatFromWhatToWhat() throws Exception {
        JsonNode person = added("olive", "VIEWER");
        change(person, "Olive Tarn", "MECHANIC", false);
        lead.put("/api/limits/TURNING_GAP", "{\"version\":0,\"value\":3.5}");
        trySignIn("nobody-here", "x");
        JsonNode log = lead.get("/api/log?limit=50").json();
        assertThat(kinds(log)).contains("PERSON_ADDED", "PERSON_CHANGED", "SIGNED_IN", "SIGN_IN_REFUSED");
        JsonNode limit = first(log, "CATALOGUE_CHANGED");
        assertThat(limit.path("particulars").path("before").asString()).startsWith("3.0");
        assertThat(limit.path("particulars").path("after").asString()).startsWith("3.5");
        assertThat(limit.path("by").asString()).isEqualTo("Ottiline Brook");
        JsonNode refused = first(log, "SIGN_IN_REFUSED");
        assertThat(refused.path("by").asString()).isEmpty();
        long before = log.get(log.size() - 1).path("id").asLong();
        for (JsonNode row : lead.get("/api/log?before=" + before).json()) {
            assertThat(row.path("id").asLong()).isLessThan(before);
        }
        assertThat(kinds(lead.get("/api/log?kind=PERSON_CHANGED").json())).containsOnly("PERSON_CHANGED");
    }

    private static List<String> kinds(JsonNode log) {
        List<String> kinds = new ArrayList<>();
        log.forEach(row -> kinds.add(row.path("kind").asString()));
        return kinds;
    }

    private static JsonNode first(JsonNode log, String kind) {
        for (JsonNode row : log) {
            if (row.path("kind").asString().equals(kind)) {
                return row;
            }
        }
        throw new AssertionError("nothing of kind " + kind + " in the log");
    }

    // --- the door ---

    private static HttpResponse<String> raw(String method, String path, String... headers) throws Exception {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(server.address() + path))
                .method(method, HttpRequest.BodyPublishers.ofString("{}"));
        if (headers.length > 0) {
            request.headers(headers);
        }
        return HttpClient.newHttpClient().send(request.build(), HttpResponse.BodyHandlers.ofString());
    }

    @Test
    void foreignNamesAndPagesAreTurnedAway() throws Exception {
        String port = server.address().substring(server.address().lastIndexOf(':'));
        assertThat(Raw.get(server.address(), "/api/session", "evil.example" + port))
                .startsWith("HTTP/1.1 421");
        assertThat(Raw.get(server.address(), "/floor", "evil.example" + port)).startsWith("HTTP/1.1 421");
        assertThat(Raw.get(server.address(), "/api/session", "localhost" + port))
                .startsWith("HTTP/1.1 200");
        HttpResponse<String> foreign = raw("POST", "/api/session", "Origin", "http://evil.example");
        assertThat(foreign.statusCode()).isEqualTo(403);
        assertThat(foreign.headers().firstValue("Content-Type").orElse("")).contains("problem+json");
        assertThat(raw("GET", "/api/session", "Origin", server.address()).statusCode())
                .isEqualTo(200);
        assertThat(raw("POST", "/api/session", "Sec-Fetch-Site", "cross-site").statusCode())
                .isEqualTo(403);
        assertThat(raw("POST", "/api/session", "Content-Type", "*/*").statusCode())
                .isEqualTo(415);
    }

    @Test
    void theHealthAnswerNamesTheInstance() throws Exception {
        JsonNode health = server.client().get("/api/health").json();
        assertThat(health.path("instance").asString()).isEqualTo("the tests");
        assertThat(health.path("database").asBoolean()).isTrue();
    }
}
