package itrova.bench.load;

import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Somebody at a running demo server: keeps cookies, sends the token and an id with each write. */
public final class Visitor {
    private static final Pattern AXLE = Pattern.compile("\"axles\":\\[\\{\"id\":(\\d+)");
    private static final Duration PATIENCE = Duration.ofSeconds(30);

    private final CookieManager cookies = new CookieManager();
    private final HttpClient http = HttpClient.newBuilder()
            .cookieHandler(cookies)
            .connectTimeout(PATIENCE)
            .build();
    private final String address;

    public Visitor(String address) {
        this.address = address;
    }

    /** An answer; status 0 when none came. */
    public record Answer(int status, String body) {
        /** @throws IllegalStateException if it is a refusal */
        public String ok() {
            if (status != 200) {
                throw new IllegalStateException(status + " " + body);
            }
            return body;
        }
    }

    public Visitor signIn(String login) throws InterruptedException {
        get("/api/session").ok();
        post("/api/session", "{\"login\":\"" + login + "\",\"password\":\"ambleford\"}")
                .ok();
        get("/api/session").ok();
        return this;
    }

    /** A new job with one front axle; gives the axle's key. */
    public long newAxle(String title) throws InterruptedException {
        String job = post("/api/jobs", """
                {"title":"%s","vehicleKind":"CAR","vehicle":"","owner":"","mustBeReversible":false,"notes":"","axles":[{"name":"a",
                "kind":"FRONT_SPINDLE","bracketShape":"CIRCLE","load":"800 kg","loadSource":"PLATE","wheelStays":true}]}
                """.formatted(title)).ok();
        Matcher axle = AXLE.matcher(job);
        if (!axle.find()) {
            throw new IllegalStateException(job);
        }
        return Long.parseLong(axle.group(1));
    }

    /** A reading of the register, as text in mm. */
    public static String register(String clientId, String text) {
        return """
                {"clientId":"%s","side":"LEFT","callout":"REGISTER","text":"%s","place":"","instrument":"CALIPER_OUTSIDE","confirmed":true}
                """.formatted(clientId, text);
    }

    public Answer get(String path) throws InterruptedException {
        return send(HttpRequest.newBuilder(URI.create(address + path)).GET());
    }

    public Answer post(String path, String body) throws InterruptedException {
        return post(path, body, fresh());
    }

    public Answer put(String path, String body) throws InterruptedException {
        return write("PUT", path, "application/json", HttpRequest.BodyPublishers.ofString(body), fresh());
    }

    /** Sends a file as it is. */
    public Answer post(String path, byte[] file) throws InterruptedException {
        return write("POST", path, "application/octet-stream", HttpRequest.BodyPublishers.ofByteArray(file), fresh());
    }

    private static String fresh() {
        return UUID.randomUUID().toString();
    }

    /** A write under an id of one's own: sent again under the same id it is the same write. */
    public Answer post(String path, String body, String writeId) throws InterruptedException {
        return write("POST", path, "application/json", HttpRequest.BodyPublishers.ofString(body), writeId);
    }

    private Answer write(String method, String path, String type, HttpRequest.BodyPublisher body, String writeId)
            throws InterruptedException {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(address + path))
                .header("Content-Type", type)
                .header("Idempotency-Key", writeId)
                .method(method, body);
        cookies.getCookieStore().getCookies().stream()
                .filter(c -> c.getName().equals("XSRF-TOKEN"))
                .map(HttpCookie::getValue)
                .findFirst()
                .ifPresent(token -> request.header("X-XSRF-TOKEN", token));
        return send(request);
    }

    private Answer send(HttpRequest.Builder request) throws InterruptedException {
        try {
            HttpResponse<String> response =
                    http.send(request.timeout(PATIENCE).build(), HttpResponse.BodyHandlers.ofString());
            return new Answer(response.statusCode(), response.body());
        } catch (IOException e) {
            return new Answer(0, String.valueOf(e.getMessage()));
        }
    }
}
