package itrova.server;

import static itrova.server.Asked.copyOfVan;
import static org.assertj.core.api.Assertions.assertThat;

import itrova.server.TestServer.Answer;
import itrova.server.TestServer.Client;
import itrova.server.suppliers.SimulatedSuppliers;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Function;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** An order is one order, whatever is lost between its sending and its answer. */
class OrdersCutOffTest {
    private static final int CUTS = 20;
    private static final int VANS = 8;

    private static TestServer server;
    private static Client mechanic;
    private static Client lead;

    @BeforeAll
    static void start() throws Exception {
        server = TestServer.start();
        mechanic = server.signedIn("tam");
        lead = server.signedIn("wilma");
    }

    @AfterAll
    static void stop() {
        server.close();
    }

    /** The data base loses every connection between the supplier's taking of an order and its answer, twenty times. */
    @Test
    void aDataBaseThatDropsEverybodyLeavesOneOrderEach() throws Exception {
        SimulatedSuppliers suppliers = server.bean(SimulatedSuppliers.class);
        int before = suppliers.ordersTaken();
        AtomicInteger cuts = new AtomicInteger();
        Map<Long, String> seals = new LinkedHashMap<>();
        for (int i = 0; i < VANS; i++) {
            long axle = copyOfVan(mechanic, "QF-103");
            seals.put(
                    axle,
                    Asked.seal(mechanic.get("/api/axles/" + axle + "/order").json()));
        }
        suppliers.beforeAnswering(() -> {
            if (cuts.incrementAndGet() <= CUTS) {
                cutEverybody();
            }
        });
        int sent = 0;
        // one that fails by itself would only be waited for
        JsonNode asBefore = lead.get("/api/suppliers").json();
        answerAt(asBefore, supplier -> "sim:steady");
        try {
            for (Map.Entry<Long, String> order : seals.entrySet()) {
                String address = "/api/axles/" + order.getKey() + "/order/placement";
                for (int status = 0; status != 200; Thread.sleep(200)) { // a page would try again too
                    status = mechanic.post(address, order.getValue()).status();
                    assertThat(status).isIn(200, 503);
                }
            }
            for (long axle : seals.keySet()) {
                for (JsonNode order : answered(axle)) {
                    sent++;
                    assertThat(order.path("order").path("state").asString())
                            .isIn("CONFIRMED", "PARTLY_CONFIRMED", "REFUSED");
                }
            }
        } finally {
            suppliers.beforeAnswering(() -> {});
            answerAt(asBefore, supplier -> supplier.path("address").asString());
        }
        assertThat(cuts.get()).isGreaterThanOrEqualTo(CUTS);
        assertThat(suppliers.ordersTaken() - before).isEqualTo(sent);
    }

    /** Lets suppliers that have a service answer elsewhere. */
    private static void answerAt(JsonNode suppliers, Function<JsonNode, String> address) throws Exception {
        for (JsonNode now : lead.get("/api/suppliers").json()) {
            for (JsonNode one : suppliers) {
                if (one.path("name").equals(now.path("name"))
                        && !one.path("address").asString().isEmpty()) {
                    ObjectNode form = ((ObjectNode) now.deepCopy()).put("address", address.apply(one));
                    assertThat(lead.put("/api/suppliers", form.toString()).status())
                            .isEqualTo(200);
                }
            }
        }
    }

    /** The orders of an axle once none of them waits, however often the data base is away meanwhile. */
    private static JsonNode answered(long axle) throws Exception {
        for (long end = System.nanoTime() + Duration.ofMinutes(5).toNanos(); System.nanoTime() < end; ) {
            Answer asked = mechanic.get("/api/axles/" + axle + "/supplier-orders");
            if (asked.status() == 200
                    && asked.json().size() > 0
                    && !asked.text().contains("\"state\":\"WAITING\"")) {
                return asked.json();
            }
            Thread.sleep(200);
        }
        throw new AssertionError("orders still wait");
    }

    private static void cutEverybody() {
        try (Connection own = TestServer.data();
                Statement ask = own.createStatement();
                Statement cut = own.createStatement();
                ResultSet others = ask.executeQuery("SELECT id FROM information_schema.processlist"
                        + " WHERE user = 'itrova' AND db = DATABASE() AND id <> CONNECTION_ID()")) {
            while (others.next()) {
                try {
                    cut.execute("KILL CONNECTION " + others.getLong(1));
                } catch (SQLException e) {
                    assertThat(e.getMessage()).contains("Unknown thread"); // it went by itself
                }
            }
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }
}
