package itrova.server;

import static itrova.server.Asked.assertProblem;
import static itrova.server.Asked.copyOfVan;
import static org.assertj.core.api.Assertions.assertThat;

import itrova.server.TestServer.Answer;
import itrova.server.TestServer.Client;
import itrova.server.suppliers.SimulatedSuppliers;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Orders to the simulated suppliers: each arrives once, whatever is lost on the way; parcels are counted. */
class SuppliersApiTest {
    private static TestServer server;
    private static Client mechanic;
    private static Client lead;
    private static Client viewer;

    @BeforeAll
    static void start() throws Exception {
        server = TestServer.start();
        mechanic = server.signedIn("tam");
        lead = server.signedIn("wilma");
        viewer = server.signedIn("jory");
    }

    @AfterAll
    static void stop() {
        server.close();
    }

    private static long ordered() throws Exception {
        long axle = copyOfVan(mechanic, "QF-103");
        JsonNode order = mechanic.get("/api/axles/" + axle + "/order").json();
        assertThat(mechanic.post("/api/axles/" + axle + "/order/placement", Asked.seal(order))
                        .status())
                .isEqualTo(200);
        return axle;
    }

    /** Waits until no order of the axle waits to be sent; other programs may keep both cores busy. */
    private static JsonNode settled(long axle) throws Exception {
        for (long end = System.nanoTime() + Duration.ofMinutes(3).toNanos(); System.nanoTime() < end; ) {
            JsonNode orders =
                    mechanic.get("/api/axles/" + axle + "/supplier-orders").json();
            if (!orders.toString().contains("\"state\":\"WAITING\"")) {
                return orders;
            }
            Thread.sleep(100);
        }
        throw new AssertionError("orders still wait");
    }

    private static JsonNode of(JsonNode orders, String supplier) {
        return StreamSupport.stream(orders.spliterator(), false)
                .filter(o -> o.path("order").path("supplier").asString().equals(supplier))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void anOrderGoesOutToEverySupplierThroughAnOutage() throws Exception {
        long axle = ordered();
        JsonNode orders = settled(axle);
        assertThat(orders.size()).isGreaterThanOrEqualTo(2);
        Set<String> states = new TreeSet<>();
        orders.forEach(o -> states.add(o.path("order").path("state").asString()));
        assertThat(states).isSubsetOf("CONFIRMED", "PARTLY_CONFIRMED", "REFUSED");
        JsonNode steady = of(orders, "Tolverne Brake Parts");
        assertThat(steady.path("order").path("state").asString()).isEqualTo("CONFIRMED");
        assertThat(steady.path("order").path("number").asString()).startsWith("STEADY-");
        // placed again, or the page loaded twice: nothing goes out a second time
        JsonNode sheet = mechanic.get("/api/axles/" + axle + "/order").json();
        mechanic.post("/api/axles/" + axle + "/order/placement", Asked.seal(sheet));
        assertThat(settled(axle).size()).isEqualTo(orders.size());
        long job = sheet.path("jobId").asLong();
        assertThat(mechanic.get("/api/jobs/" + job + "/dossier").text()).contains("SUPPLIER_ORDER");
    }

    /** The supplier took the order and his answer was lost, again and again: it is still one order. */
    @Test
    void lostAnswersLeaveOneOrder() throws Exception {
        SimulatedSuppliers suppliers = server.bean(SimulatedSuppliers.class);
        int before = suppliers.ordersTaken();
        suppliers.loseAnswers(2);
        long axle = ordered();
        JsonNode orders = settled(axle);
        assertThat(suppliers.ordersTaken() - before).isEqualTo(orders.size());
        assertThat(of(orders, "Tolverne Brake Parts")
                        .path("order")
                        .path("state")
                        .asString())
                .isEqualTo("CONFIRMED");
    }

    private static String received(JsonNode order, int line, int whole, int damaged) {
        return "{\"version\":" + order.path("version").asInt() + ",\"line\":" + line + ",\"whole\":" + whole
                + ",\"damaged\":" + damaged + "}";
    }

    @Test
    void aParcelIsCountedLineByLine() throws Exception {
        long axle = ordered();
        JsonNode order = of(settled(axle), "Tolverne Brake Parts");
        String address =
                "/api/axles/" + axle + "/supplier-orders/" + order.path("id").asString();
        int wanted = order.path("order").path("lines").get(0).path("ordered").asInt();
        assertThat(viewer.post(address + "/received", received(order, 0, 1, 0)).status())
                .isEqualTo(403);
        String elsewhere = address.replace("/axles/" + axle + "/", "/axles/1/");
        assertProblem(mechanic.post(elsewhere + "/received", received(order, 0, 1, 0)), 404);
        Answer tooMany = mechanic.post(address + "/received", received(order, 0, wanted + 1, 0));
        assertProblem(tooMany, 422);
        assertThat(tooMany.text()).contains("Count again");
        JsonNode damaged = of(
                mechanic.post(address + "/received", received(order, 0, 0, 1)).json(), "Tolverne Brake Parts");
        assertThat(damaged.path("order").path("state").asString()).isEqualTo("PARTLY_DELIVERED");
        assertProblem(mechanic.post(address + "/received", received(order, 0, 1, 0)), 409); // seen before
        assertProblem(
                mechanic.post(
                        address + "/cancelled",
                        "{\"version\":" + damaged.path("version").asInt() + "}"),
                422);
        JsonNode card = mechanic.get("/api/axles/" + axle + "/bench").json();
        assertThat(card.path("missing").toString())
                .as("the damaged one did not come")
                .contains("Tolverne Brake Parts");
        JsonNode now = damaged;
        for (int i = 0; i < now.path("order").path("lines").size(); i++) {
            JsonNode line = now.path("order").path("lines").get(i);
            now = of(
                    mechanic.post(
                                    address + "/received",
                                    received(now, i, line.path("ordered").asInt(), 0))
                            .json(),
                    "Tolverne Brake Parts");
        }
        assertThat(now.path("order").path("state").asString()).isEqualTo("DELIVERED");
        assertThat(mechanic.get("/api/axles/" + axle + "/bench")
                        .json()
                        .path("missing")
                        .toString())
                .doesNotContain("Tolverne Brake Parts");
    }

    /** What came and is wrong goes back: paid back it is missed at the bench, for nobody sends it. */
    @Test
    void whatWentBackIsMissedAtTheBench() throws Exception {
        long axle = ordered();
        JsonNode order = of(settled(axle), "Tolverne Brake Parts");
        String address =
                "/api/axles/" + axle + "/supplier-orders/" + order.path("id").asString();
        JsonNode came = of(
                mechanic.post(
                                address + "/all-received",
                                "{\"version\":" + order.path("version").asInt() + "}")
                        .json(),
                "Tolverne Brake Parts");
        String back = "{\"version\":" + came.path("version").asInt()
                + ",\"line\":0,\"whole\":1,\"damaged\":0,\"replaced\":false}";
        assertThat(viewer.post(address + "/sent-back", back).status()).isEqualTo(403);
        assertProblem(mechanic.post(address + "/sent-back", back.replace("\"whole\":1", "\"whole\":99")), 422);
        JsonNode gone = of(mechanic.post(address + "/sent-back", back).json(), "Tolverne Brake Parts");
        assertThat(gone.path("order").path("state").asString()).isEqualTo("PARTLY_DELIVERED");
        assertThat(gone.path("order").path("said").asString()).contains("paid back");
        assertProblem(mechanic.post(address + "/sent-back", back), 409); // seen before
        assertThat(mechanic.get("/api/axles/" + axle + "/bench")
                        .json()
                        .path("missing")
                        .toString())
                .contains("Tolverne Brake Parts, went back: nobody sends it");
    }

    /** An order taken back leaves its parts wanted: they did not come, and nobody sends them. */
    @Test
    void whatWasCancelledIsStillMissingAtTheBench() throws Exception {
        long axle = ordered();
        String supplier = "Tolverne Brake Parts";
        JsonNode order = of(settled(axle), supplier);
        assertThat(mechanic.post(
                                "/api/axles/" + axle + "/supplier-orders/"
                                        + order.path("id").asString() + "/cancelled",
                                "{\"version\":" + order.path("version").asInt() + "}")
                        .status())
                .isEqualTo(200);
        assertThat(mechanic.get("/api/axles/" + axle + "/bench")
                        .json()
                        .path("missing")
                        .toString())
                .contains(supplier + ", cancelled: nobody sends it");
    }

    /** Two who count the same parcel at once: one is told. */
    @Test
    void twoWhoCountAtOnceCountOnce() throws Exception {
        long axle = ordered();
        JsonNode order = of(settled(axle), "Tolverne Brake Parts");
        String address =
                "/api/axles/" + axle + "/supplier-orders/" + order.path("id").asString() + "/received";
        List<Thread> both = new ArrayList<>();
        List<Integer> statuses = java.util.Collections.synchronizedList(new ArrayList<>());
        for (Client who : List.of(mechanic, lead)) {
            both.add(new Thread(() -> {
                try {
                    statuses.add(who.post(address, received(order, 0, 0, 1)).status());
                } catch (Exception e) {
                    statuses.add(-1);
                }
            }));
        }
        both.forEach(Thread::start);
        for (Thread t : both) {
            t.join();
        }
        assertThat(statuses).containsExactlyInAnyOrder(200, 409);
    }

    @Test
    void aSupplierWithoutAServiceGetsPaper() throws Exception {
        JsonNode steady = StreamSupport.stream(lead.get("/api/suppliers").json().spliterator(), false)
                .filter(s -> s.path("name").asString().equals("Ambleford Motor Factors"))
                .findFirst()
                .orElseThrow();
        String form = "{\"name\":\"Ambleford Motor Factors\",\"address\":\"%s\",\"version\":%d}";
        int version = steady.path("version").asInt();
        assertThat(mechanic.put("/api/suppliers", form.formatted("", version)).status())
                .isEqualTo(403);
        assertProblem(lead.put("/api/suppliers", form.formatted("banana", version)), 422);
        assertThat(lead.put("/api/suppliers", form.formatted("", version)).status())
                .isEqualTo(200);
        assertProblem(lead.put("/api/suppliers", form.formatted("", version)), 409);
        try {
            long axle = ordered();
            JsonNode paper = of(settled(axle), "Ambleford Motor Factors");
            assertThat(paper.path("order").path("state").asString()).isEqualTo("BY_HAND");
            String address = "/api/axles/" + axle + "/supplier-orders/"
                    + paper.path("id").asString();
            assertProblem(mechanic.post(address + "/received", received(paper, 0, 1, 0)), 422);
            JsonNode sent = of(
                    mechanic.post(
                                    address + "/sent",
                                    "{\"version\":" + paper.path("version").asInt() + "}")
                            .json(),
                    "Ambleford Motor Factors");
            assertThat(sent.path("order").path("state").asString()).isEqualTo("SENT");
        } finally {
            lead.put("/api/suppliers", form.formatted("sim:flaky", version + 1));
        }
    }

    @Test
    void offersAreAskedForOfAllAtOnce() throws Exception {
        long axle = copyOfVan(mechanic, "QF-103");
        JsonNode offers = viewer.get("/api/axles/" + axle + "/offers").json();
        assertThat(offers.size()).isGreaterThan(1);
        offers.forEach(o -> assertThat(
                        o.hasNonNull("stock") || !o.path("said").asString().isEmpty())
                .isTrue());
    }

    @Test
    void theShopIsWhatTheLeadSays() throws Exception {
        JsonNode shop = viewer.get("/api/shop").json();
        String form = "{\"name\":\"%s\",\"address\":\"1 Yard\",\"currency\":\"%s\",\"taxPercent\":%s,\"rateCents\":%d,"
                + "\"tools\":[],\"version\":%d}";
        int version = shop.path("version").asInt();
        assertThat(mechanic.put("/api/shop", form.formatted("X", "EUR", "20", 6000, version))
                        .status())
                .isEqualTo(403);
        assertProblem(lead.put("/api/shop", form.formatted("X", "JPY", "20", 6000, version)), 422);
        assertProblem(lead.put("/api/shop", form.formatted("X", "moon", "20", 6000, version)), 422);
        assertProblem(lead.put("/api/shop", form.formatted("X", "EUR", "-1", 6000, version)), 422);
        long axle = copyOfVan(mechanic, "QF-103");
        long hours = hours(axle);
        JsonNode changed = lead.put("/api/shop", form.formatted("Another Yard", "GBP", "20", 9000, version))
                .json();
        assertThat(changed.path("currency").asString()).isEqualTo("GBP");
        assertProblem(lead.put("/api/shop", form.formatted("X", "EUR", "20", 6000, version)), 409);
        try {
            assertThat((double) hours(axle) / hours).isEqualTo(1.5, org.assertj.core.api.Assertions.within(0.001));
            assertThat(mechanic.get("/api/axles/" + axle + "/order")
                            .json()
                            .path("currency")
                            .asString())
                    .isEqualTo("GBP");
            assertThat(mechanic.get("/api/axles/" + axle + "/order.csv").text()).contains(",GBP,");
            assertThat(mechanic.get("/api/session").json().path("shop").asString())
                    .isEqualTo("Another Yard");
        } finally {
            lead.put("/api/shop", form.formatted(shop.path("name").asString(), "EUR", "0", 6000, version + 1));
        }
    }

    /** The shop's mark stands on what leaves it, and only the lead changes it. */
    @Test
    void theShopsMarkStandsOnItsPapers() throws Exception {
        long axle = copyOfVan(mechanic, "QF-103");
        String offer = "/api/axles/" + axle + "/order/offer.pdf";
        assertThat(mechanic.get(offer).text()).doesNotContain("/Image /");
        java.io.ByteArrayOutputStream picture = new java.io.ByteArrayOutputStream();
        javax.imageio.ImageIO.write(
                new java.awt.image.BufferedImage(60, 40, java.awt.image.BufferedImage.TYPE_INT_RGB), "png", picture);
        assertProblem(viewer.get("/api/shop/logo"), 404);
        assertThat(mechanic.post("/api/shop/logo", "image/png", picture.toByteArray())
                        .status())
                .isEqualTo(403);
        assertProblem(lead.post("/api/shop/logo", "image/png", new byte[] {1, 2}), 422);
        assertThat(lead.post("/api/shop/logo", "image/png", picture.toByteArray())
                        .status())
                .isEqualTo(200);
        try {
            assertThat(viewer.get("/api/shop/logo").status()).isEqualTo(200);
            assertThat(mechanic.get(offer).text()).contains("/Image");
        } finally {
            assertThat(lead.delete("/api/shop/logo").status()).isEqualTo(200);
        }
        assertProblem(viewer.get("/api/shop/logo"), 404);
    }

    /** A tool the plan wants is told until the shop says that it has it. */
    @Test
    void toolsTheShopHasNotAreTold() throws Exception {
        long axle = copyOfVan(mechanic, "QF-103");
        String cost = "/api/axles/" + axle + "/order/cost";
        JsonNode wanted = mechanic.get(cost).json().path("tools");
        assertThat(wanted.toString()).contains("line wrench", "steps");
        JsonNode shop = viewer.get("/api/shop").json();
        String form = shop.toString().replace("\"tools\":[]", "\"tools\":[\"line wrench\"]");
        assertThat(mechanic.put("/api/shop", form).status()).isEqualTo(403);
        Answer unknown = lead.put("/api/shop", form.replace("line wrench", "magic wand"));
        assertProblem(unknown, 422);
        assertThat(unknown.text()).contains("magic wand", "Choose among");
        int version = lead.put("/api/shop", form).json().path("version").asInt();
        try {
            assertThat(mechanic.get(cost).json().path("tools").toString()).doesNotContain("line wrench");
        } finally {
            String before = shop.toString()
                    .replace("\"version\":" + shop.path("version").asInt(), "\"version\":" + version);
            assertThat(lead.put("/api/shop", before).status()).isEqualTo(200);
        }
    }

    private static long hours(long axle) throws Exception {
        return mechanic.get("/api/axles/" + axle + "/order/cost")
                .json()
                .path("hours")
                .path("likely")
                .asLong();
    }
}
