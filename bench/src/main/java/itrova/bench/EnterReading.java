package itrova.bench;

import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A reading sent to a running demo server until the drawing and the updated verdicts are back. Wanted: at most 150 ms. The
 * yardstick in the same run is the server's smallest answer.
 */
public final class EnterReading {
    private static final int WARM_UP = 30;
    private static final int RUNS = 40;
    private static final Pattern AXLE = Pattern.compile("\"axles\":\\[\\{\"id\":(\\d+)");

    private final CookieManager cookies = new CookieManager();
    private final HttpClient http =
            HttpClient.newBuilder().cookieHandler(cookies).build();
    private final String address;

    private EnterReading(String address) {
        this.address = address;
    }

    public static void main(String[] args) throws Exception {
        new EnterReading(args[0]).run();
    }

    private void run() throws Exception {
        get("/api/session");
        post("/api/session", "{\"login\":\"tam\",\"password\":\"ambleford\"}");
        get("/api/session");
        String job = post("/api/jobs", """
                {"title":"bench","vehicleKind":"CAR","vehicle":"","owner":"","mustBeReversible":false,"notes":"","axles":[{"name":"a",
                "kind":"FRONT_SPINDLE","bracketShape":"CIRCLE","load":"800 kg","loadSource":"PLATE","wheelStays":true}]}
                """);
        Matcher axle = AXLE.matcher(job);
        if (!axle.find()) {
            throw new IllegalStateException(job);
        }
        String path = "/api/axles/" + axle.group(1);
        List<Double> taken = new ArrayList<>();
        List<Double> advised = new ArrayList<>();
        List<Double> yardstick = new ArrayList<>();
        for (int i = 0; i < WARM_UP + RUNS; i++) {
            long start = System.nanoTime();
            post(path + "/readings", """
                    {"clientId":"%s","side":"LEFT","callout":"REGISTER","text":"70.%d","place":"","instrument":"CALIPER_OUTSIDE","confirmed":true}
                    """.formatted(UUID.randomUUID(), 78 + i % 5));
            long drawn = System.nanoTime();
            get(path + "/advice");
            long done = System.nanoTime();
            get("/api/session");
            if (i >= WARM_UP) {
                taken.add((drawn - start) / 1e6);
                advised.add((done - start) / 1e6);
                yardstick.add((System.nanoTime() - done) / 1e6);
            }
        }
        System.out.printf(
                "a reading until the drawing is back %.0f ms, until verdicts and advice are %.0f ms (median of %d; the smallest answer takes %.0f ms, ratio %.1f)%n",
                median(taken), median(advised), RUNS, median(yardstick), median(advised) / median(yardstick));
    }

    private static double median(List<Double> values) {
        Collections.sort(values);
        return values.get(values.size() / 2);
    }

    private String get(String path) throws Exception {
        return send(HttpRequest.newBuilder(URI.create(address + path)).GET());
    }

    private String post(String path, String body) throws Exception {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(address + path))
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(body));
        cookies.getCookieStore().getCookies().stream()
                .filter(c -> c.getName().equals("XSRF-TOKEN"))
                .map(HttpCookie::getValue)
                .findFirst()
                .ifPresent(token -> request.header("X-XSRF-TOKEN", token));
        return send(request);
    }

    private String send(HttpRequest.Builder request) throws Exception {
        HttpResponse<String> response = http.send(request.build(), HttpResponse.BodyHandlers.ofString());
        if (response.statusCode() >= 400) {
            throw new IllegalStateException(response.statusCode() + " " + response.body());
        }
        return response.body();
    }
}
