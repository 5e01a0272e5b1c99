package itrova.bench.load;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import itrova.formats.DemoData;
import itrova.formats.JobDocument;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicInteger;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Server and data base killed outright between the sending of orders and their answer. The suppliers are a stand-in in this process, so
 * that they outlive both; it keeps an order under its key and answers late. Afterwards each order is there once and confirmed.
 *
 * <p>Arguments: address, folder of the project, kills of each kind.
 */
public final class KillUnderOrders {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    /** How long the stand-in takes to answer (ms): long enough to be killed in. */
    private static final long LATE = 1_500;

    private final String address;
    private final RunningItrova running;
    private final Map<String, String> taken = new ConcurrentHashMap<>();
    private final AtomicInteger sent = new AtomicInteger();

    private KillUnderOrders(String address, Path project) {
        this.address = address;
        this.running = new RunningItrova(address, project);
    }

    public static void main(String[] args) throws Exception {
        new KillUnderOrders(args[0], Path.of(args[1])).run(Integer.parseInt(args[2]));
        System.exit(0);
    }

    private void run(int kills) throws Exception {
        HttpServer supplier = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
        supplier.setExecutor(Executors.newFixedThreadPool(8));
        supplier.createContext("/", this::answer);
        supplier.start();
        Visitor lead = new Visitor(address).signIn("wilma");
        for (JsonNode one : JSON.readTree(lead.get("/api/suppliers").ok())) {
            ObjectNode form = ((ObjectNode) one)
                    .put("address", "http://127.0.0.1:" + supplier.getAddress().getPort());
            lead.put("/api/suppliers", form.toString()).ok();
        }
        int orders = 0;
        int confirmed = 0;
        for (String victim : List.of(RunningItrova.SERVER, RunningItrova.DATA_BASE)) {
            for (int i = 0; i < kills; i++) {
                Visitor visitor = new Visitor(address).signIn("wilma");
                long axle = placed(visitor, victim + " " + i);
                int before = sent.get();
                while (sent.get() == before) {
                    Thread.sleep(20);
                }
                running.killAndStart(victim);
                for (JsonNode order : answered(axle)) {
                    orders++;
                    String state = order.path("order").path("state").asString();
                    confirmed += state.equals("CONFIRMED") ? 1 : 0;
                }
            }
        }
        System.out.printf(
                "%d orders over %d kills: %d confirmed; their suppliers were sent %d and took %d%n",
                orders, 2 * kills, confirmed, sent.get(), taken.size());
        if (orders != confirmed || orders != taken.size()) {
            System.exit(1);
        }
    }

    /** A copy of the demo's van, ordered for. */
    private static long placed(Visitor lead, String title) throws InterruptedException {
        String job = JobDocument.write(DemoData.jobs().get(0))
                .replace(DemoData.jobs().get(0).title(), "Killed between " + title);
        JsonNode made = JSON.readTree(lead.post("/api/jobs/import", job).ok());
        long axle = made.path("axles").get(0).path("id").asLong();
        lead.put("/api/axles/" + axle + "/choice", "{\"version\":1,\"kit\":\"QF-103\"}")
                .ok();
        long number = JSON.readTree(lead.get("/api/axles/" + axle + "/end").ok())
                .path("jobId")
                .asLong();
        ObjectNode circuit = (ObjectNode)
                JSON.readTree(lead.get("/api/jobs/" + number + "/brakes").ok()).path("circuit");
        ArrayNode parts = ((ObjectNode) circuit.path("planned")).putArray("parts");
        List.of("TM-106", "BO-203", "VA-301", "AD-601")
                .forEach(c -> parts.addObject().put("code", c));
        parts.addObject().put("code", "PA-703").put("axle", "front axle");
        lead.put("/api/jobs/" + number + "/brakes", circuit.toString()).ok();
        String seal = JSON.readTree(lead.get("/api/axles/" + axle + "/order").ok())
                .path("seal")
                .asString();
        lead.post("/api/axles/" + axle + "/order/placement", "{\"seal\":\"" + seal + "\"}")
                .ok();
        return axle;
    }

    private JsonNode answered(long axle) throws InterruptedException {
        Visitor visitor = new Visitor(address).signIn("wilma");
        while (true) {
            Visitor.Answer asked = visitor.get("/api/axles/" + axle + "/supplier-orders");
            if (asked.status() == 200 && !asked.body().contains("\"WAITING\"")) {
                return JSON.readTree(asked.body());
            }
            Thread.sleep(200);
        }
    }

    private void answer(HttpExchange exchange) throws IOException {
        try (exchange) {
            String key = exchange.getRequestHeaders().getFirst("Idempotency-Key");
            JsonNode asked = JSON.readTree(exchange.getRequestBody().readAllBytes());
            String answer = taken.computeIfAbsent(key, k -> confirmed(asked));
            sent.incrementAndGet();
            Thread.sleep(LATE);
            byte[] bytes = answer.getBytes(StandardCharsets.UTF_8);
            exchange.sendResponseHeaders(200, bytes.length);
            exchange.getResponseBody().write(bytes);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private String confirmed(JsonNode asked) {
        ObjectNode answer = JSON.createObjectNode()
                .put("number", "STAND-IN-" + (taken.size() + 1))
                .put("currency", asked.path("currency").asString());
        ArrayNode lines = answer.putArray("lines");
        for (JsonNode line : asked.path("lines")) {
            lines.addObject()
                    .put("confirmed", line.path("quantity").asInt())
                    .put("back_ordered", 0)
                    .put("unit_cents", line.path("unit_cents").asLong())
                    .put("lead_days", line.path("lead_days").asInt());
        }
        return answer.toString();
    }
}
