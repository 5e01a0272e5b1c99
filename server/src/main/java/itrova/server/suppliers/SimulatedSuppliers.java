package itrova.server.suppliers;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicInteger;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Made-up suppliers' services on the loopback, begun when one is first asked: {@code sim:steady} answers well, {@code sim:flaky} fails the
 * first two times it is asked for a thing, {@code sim:short} is slow and has one of each only, {@code sim:odd} answers nonsense. They keep
 * orders under their key, so that a repeat is the same order.
 */
@Component
public class SimulatedSuppliers {
    private static final String SCHEME = "sim:";
    private static final long SLOW_MS = 700;
    private static final int FAILS = 2;

    private final JsonMapper json;
    private final Map<String, String> orders = new ConcurrentHashMap<>();
    private final Map<String, AtomicInteger> asked = new ConcurrentHashMap<>();
    private final AtomicInteger lostAnswers = new AtomicInteger();
    /** What happens between the taking of an order and its answer. */
    private volatile Runnable between = () -> {};

    private final AtomicInteger next = new AtomicInteger(1);
    private HttpServer server;
    private ExecutorService threads;

    SimulatedSuppliers(JsonMapper json) {
        this.json = json;
    }

    /** The address itself, or that of the simulated service it names. */
    synchronized String resolve(String address) {
        if (!address.startsWith(SCHEME)) {
            return address;
        }
        if (server == null) {
            begin();
        }
        return "http://127.0.0.1:" + server.getAddress().getPort() + "/" + address.substring(SCHEME.length());
    }

    private void begin() {
        try {
            server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
            threads = Executors.newFixedThreadPool(4);
            server.setExecutor(threads);
            server.createContext("/", this::answer);
            server.start();
        } catch (IOException e) {
            throw new UncheckedIOException("The simulated suppliers could not begin.", e);
        }
    }

    @PreDestroy
    synchronized void end() {
        if (server != null) {
            server.stop(0);
            threads.shutdownNow();
        }
    }

    /** How many different orders were taken: for tests of what arrives. */
    public int ordersTaken() {
        return orders.size();
    }

    /** The next answers to orders are lost on their way: the order is taken and nobody hears of it. */
    public void loseAnswers(int count) {
        lostAnswers.set(count);
    }

    /** Does something each time an order that is new has been taken and before it is answered. */
    public void beforeAnswering(Runnable deed) {
        between = deed;
    }

    private void answer(HttpExchange exchange) throws IOException {
        try (exchange) {
            String[] path = exchange.getRequestURI().getPath().split("/");
            String who = path.length > 1 ? path[1] : "";
            String what = path.length > 2 ? path[2] : "";
            if (who.equals("flaky") && isFailing(exchange)) {
                send(exchange, 503, "{}");
                return;
            }
            if (who.equals("short")) {
                pause();
            }
            switch (what) {
                case "orders" -> order(exchange, who);
                case "offers" -> offer(exchange, who);
                default -> send(exchange, 404, "{}");
            }
        }
    }

    private boolean isFailing(HttpExchange exchange) {
        String thing = exchange.getRequestMethod()
                + exchange.getRequestURI()
                + exchange.getRequestHeaders().getFirst("Idempotency-Key");
        return asked.computeIfAbsent(thing, t -> new AtomicInteger()).incrementAndGet() <= FAILS;
    }

    private static void pause() {
        try {
            Thread.sleep(SLOW_MS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private void order(HttpExchange exchange, String who) throws IOException {
        String key = exchange.getRequestHeaders().getFirst("Idempotency-Key");
        JsonNode asked = json.readTree(exchange.getRequestBody().readAllBytes());
        if (key == null || !asked.path("lines").isArray()) {
            send(exchange, 422, "{\"detail\":\"An order wants an Idempotency-Key and lines.\"}");
            return;
        }
        boolean isNew = !orders.containsKey(who + " " + key);
        String taken = orders.computeIfAbsent(who + " " + key, k -> confirm(who, asked));
        if (isNew) {
            between.run();
        }
        if (lostAnswers.getAndUpdate(n -> Math.max(0, n - 1)) > 0) {
            return; // the connection ends without a word
        }
        send(exchange, 200, taken);
    }

    private String confirm(String who, JsonNode asked) {
        ObjectNode answer = json.createObjectNode()
                .put("number", who.toUpperCase(java.util.Locale.ROOT) + "-" + next.getAndIncrement())
                .put(
                        "currency",
                        who.equals("odd") ? "???" : asked.path("currency").asString());
        ArrayNode lines = answer.putArray("lines");
        for (JsonNode line : asked.path("lines")) {
            int quantity = line.path("quantity").asInt();
            int now = who.equals("short") ? Math.min(1, quantity) : quantity;
            lines.addObject()
                    .put("confirmed", who.equals("odd") ? -quantity : now)
                    .put("back_ordered", quantity - now)
                    .put("unit_cents", line.path("unit_cents").asLong())
                    .put("lead_days", line.path("lead_days").asInt());
        }
        return json.writeValueAsString(answer);
    }

    /** What a supplier has of an item: the name it is asked by decides, the same every time. */
    private void offer(HttpExchange exchange, String who) throws IOException {
        String query = exchange.getRequestURI().getRawQuery();
        String item = query == null ? "" : URLDecoder.decode(query.replaceFirst("^item=", ""), StandardCharsets.UTF_8);
        if (who.equals("odd")) {
            send(exchange, 200, "<html>Welcome to our new shop!</html>");
            return;
        }
        int stock = Math.floorMod(item.hashCode(), 9);
        ObjectNode answer = json.createObjectNode().put("item", item).put("stock", stock);
        if (stock == 0) {
            answer.put("superseded_by", item + ", improved");
        }
        send(exchange, 200, json.writeValueAsString(answer));
    }

    private static void send(HttpExchange exchange, int status, String body) throws IOException {
        byte[] bytes = body.getBytes(StandardCharsets.UTF_8);
        exchange.getResponseHeaders().set("Content-Type", "application/json");
        exchange.sendResponseHeaders(status, bytes.length);
        exchange.getResponseBody().write(bytes);
    }
}
