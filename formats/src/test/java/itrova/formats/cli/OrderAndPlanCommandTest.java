package itrova.formats.cli;

import static org.assertj.core.api.Assertions.assertThat;

import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.io.InputStream;
import java.math.BigDecimal;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.Set;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Order and plan on the command line: the same gate as in the shop, sums that add up, steps in a possible order. */
class OrderAndPlanCommandTest {
    @TempDir
    Path folder;

    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    private CommandCall call;

    @BeforeEach
    void prepare() {
        call = new CommandCall(folder);
    }

    private static void assertKeepsTo(String schemaName, String text) throws IOException {
        try (InputStream in = OrderAndPlanCommandTest.class.getResourceAsStream("/schemas/" + schemaName)) {
            Schema schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                    .getSchema(in, InputFormat.JSON);
            assertThat(schema.validate(text, InputFormat.JSON)).isEmpty();
        }
    }

    @Test
    void aProvenKitMayBeOrderedAndItsSumAddsUp() throws IOException {
        assertThat(call.run("order", call.planned("Light van", DemoPlans.VAN), "--kit", "QF-103", "--format", "json"))
                .isZero();
        assertKeepsTo("itrova-order.schema.json", call.out());
        JsonNode axle = MAPPER.readTree(call.out()).path("axles").get(0);
        assertThat(axle.path("gate").asString()).isEqualTo("open");
        BigDecimal sum = BigDecimal.ZERO;
        for (JsonNode line : axle.path("lines")) {
            BigDecimal each = new BigDecimal(line.path("unit_price").asString());
            sum = sum.add(each.multiply(BigDecimal.valueOf(line.path("quantity").asInt())));
        }
        assertThat(new BigDecimal(axle.path("total").asString())).isEqualByComparingTo(sum);
    }

    @Test
    void whatIsProvenNotIsShutAndSaysByWhat() throws IOException {
        assertThat(call.run("order", call.planned("Light van", DemoPlans.VAN), "--kit", "QF-102"))
                .isEqualTo(1);
        assertThat(call.out()).contains("gate shut", "held by", "does not fit");
        assertThat(call.run("order", call.planned("Light van", DemoPlans.VAN), "--kit", "QF-106"))
                .isEqualTo(1);
        assertThat(call.out()).contains("gate held");
    }

    @Test
    void twoAxlesOfATrailerBuyOneActuator() throws IOException {
        call.run("order", call.demo("Boat trailer"), "--kit", "QT-301", "--format", "json");
        int actuators = 0;
        int lines = 0;
        for (JsonNode axle : MAPPER.readTree(call.out()).path("axles")) {
            for (JsonNode line : axle.path("lines")) {
                if (line.path("part").asString("").equals("actuator")) {
                    actuators += line.path("quantity").asInt();
                    lines++;
                }
            }
        }
        assertThat(lines).isEqualTo(2);
        assertThat(actuators).isEqualTo(1);
    }

    @Test
    void aPlansStepsComeAfterThoseTheyNeed() throws IOException {
        assertThat(call.run("plan", call.planned("Light van", DemoPlans.VAN), "--kit", "QF-103", "--format", "json"))
                .isZero();
        assertKeepsTo("itrova-plan.schema.json", call.out());
        Set<String> told = new HashSet<>();
        int torques = 0;
        for (JsonNode step : MAPPER.readTree(call.out()).path("axles").get(0).path("steps")) {
            step.path("after").forEach(a -> assertThat(told).contains(a.asString()));
            told.add(step.path("id").asString());
            torques += step.has("torque_Nm") ? 1 : 0;
        }
        assertThat(told).hasSizeGreaterThan(10).contains("left-bracket");
        assertThat(torques).isPositive();
        assertThat(call.run("plan", call.demo("Light van"), "--kit", "QF-102")).isEqualTo(1);
        assertThat(call.run("plan", call.planned("Light van", DemoPlans.VAN), "--kit", "QF-103", "--units", "in"))
                .isZero();
        assertThat(call.out()).contains("lbf·ft").doesNotContain(" N·m");
    }

    @Test
    void badCallsAreSaid() throws IOException {
        assertThat(call.run("order", call.demo("Light van"))).isEqualTo(2);
        assertThat(call.err()).contains("Nothing is chosen");
        assertThat(call.run("order", call.demo("Light van"), "--kit", "NO-1")).isEqualTo(2);
        assertThat(call.err()).contains("NO-1", "--kits");
        assertThat(call.run("plan", call.demo("Light van"), "--axle", "9", "--kit", "QF-103"))
                .isEqualTo(2);
        assertThat(call.run("plan")).isEqualTo(2);
    }

    /** The plan of the brakes is bought with the first axle; what it brings in place of the kit's own list is not bought twice. */
    @Test
    void partsPlannedForTheBrakesAreOnTheSheetOnce() throws IOException {
        call.run(
                "order",
                call.planned("Boat trailer", DemoPlans.STRONG_ACTUATOR),
                "--kit",
                "QT-301",
                "--format",
                "json");
        int planned = 0;
        int missingActuators = 0;
        for (JsonNode axle : MAPPER.readTree(call.out()).path("axles")) {
            for (JsonNode line : axle.path("lines")) {
                if (line.path("item").asString().startsWith("AC-402")) {
                    planned += line.path("quantity").asInt();
                }
                if (line.path("part").asString("").equals("actuator")) {
                    missingActuators += line.path("quantity").asInt();
                }
            }
        }
        assertThat(planned).isEqualTo(1);
        assertThat(missingActuators).isZero();
    }

    /** As found the van's drum-era master shuts the order, however well the kit fits. */
    @Test
    void theBrakesOfTheVehicleHoldTheOrder() throws IOException {
        assertThat(call.run("order", call.demo("Light van"), "--kit", "QF-103", "--format", "json"))
                .isEqualTo(1);
        JsonNode axle = MAPPER.readTree(call.out()).path("axles").get(0);
        assertThat(axle.path("gate").asString()).isEqualTo("shut");
        assertThat(axle.path("held_by")).isEmpty();
        assertThat(axle.path("held_by_brakes").toString()).contains("Stroke of the master", "does not fit");
        assertThat(call.run("order", call.unseen("Light van"), "--kit", "QF-103"))
                .isEqualTo(1);
        assertThat(call.out()).contains("gate held", "Nobody looked at the brakes");
    }

    /** What is on the shelf is not bought; the shop's own rate counts; a bill nobody can price holds the order. */
    @Test
    void theBillTakesFromTheShelfAndHoldsWhereNothingIsPriced() throws IOException {
        String van = call.planned("Light van", DemoPlans.VAN);
        JsonNode bare = order(van);
        String shelf = call.file(
                "stock.json",
                "{\"format\":\"itrova-stock/1\",\"stock\":[{\"code\":\"GR-501\",\"quantity\":3},{\"code\":\"SO-631\",\"quantity\":1}]}");
        JsonNode stocked = order(van, "--stock", shelf);
        assertThat(line(bare, "grease").path("from").asString()).isEqualTo("of_the_catalogue");
        assertThat(line(stocked, "grease").path("on_shelf").asInt()).isEqualTo(1);
        assertThat(likely(stocked, "besides")).isLessThan(likely(bare, "besides"));
        assertThat(likely(order(van, "--rate", "120.00"), "hours"))
                .isEqualByComparingTo(likely(bare, "hours").multiply(BigDecimal.valueOf(2)));
        BigDecimal sum = likely(bare, "bought").add(likely(bare, "besides")).add(likely(bare, "hours"));
        assertThat(likely(bare, "total")).isEqualByComparingTo(sum);

        String few = call.file("parts.json", "{\"format\":\"itrova-parts/1\",\"parts\":[]}");
        assertThat(call.run("order", call.demo("Boat trailer"), "--kit", "QT-301", "--parts", few, "--format", "json"))
                .isEqualTo(1);
        assertThat(MAPPER.readTree(call.out())
                        .path("axles")
                        .get(0)
                        .path("held_by_bill")
                        .toString())
                .contains("solvent");
        assertThat(call.run("order", van, "--kit", "QF-103", "--rate", "much")).isEqualTo(2);
        assertThat(call.run("order", van, "--kit", "QF-103", "--stock", few)).isEqualTo(2);
    }

    private JsonNode order(String job, String... more) throws IOException {
        String[] args = java.util.stream.Stream.concat(
                        java.util.stream.Stream.of("order", job, "--kit", "QF-103", "--format", "json"),
                        java.util.Arrays.stream(more))
                .toArray(String[]::new);
        assertThat(call.run(args)).isZero();
        assertKeepsTo("itrova-order.schema.json", call.out());
        return MAPPER.readTree(call.out()).path("axles").get(0);
    }

    private static JsonNode line(JsonNode axle, String what) {
        for (JsonNode l : axle.path("bill")) {
            if (l.path("what").asString().contains(what)) {
                return l;
            }
        }
        throw new AssertionError(what);
    }

    private static BigDecimal likely(JsonNode axle, String part) {
        return new BigDecimal(axle.path("full_cost").path(part).path("likely").asString());
    }
}
