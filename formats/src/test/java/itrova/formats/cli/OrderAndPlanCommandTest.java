package itrova.formats.cli;

import static org.assertj.core.api.Assertions.assertThat;

import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import itrova.core.record.Job;
import itrova.formats.DemoData;
import itrova.formats.JobDocument;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.PrintStream;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Order and plan on the command line: the same gate as in the shop, sums that add up, steps in a possible order. */
class OrderAndPlanCommandTest {
    @TempDir
    Path folder;

    private final ByteArrayOutputStream out = new ByteArrayOutputStream();
    private final ByteArrayOutputStream err = new ByteArrayOutputStream();

    private int run(String... args) {
        out.reset();
        err.reset();
        return Main.run(
                args,
                new PrintStream(out, true, StandardCharsets.UTF_8),
                new PrintStream(err, true, StandardCharsets.UTF_8));
    }

    private String demo(String title) throws IOException {
        Job job = DemoData.jobs().stream()
                .filter(j -> j.title().startsWith(title))
                .findFirst()
                .orElseThrow();
        return Files.writeString(folder.resolve("job.json"), JobDocument.write(job))
                .toString();
    }

    private JsonNode said() {
        return JsonMapper.builder().build().readTree(out.toString(StandardCharsets.UTF_8));
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
        assertThat(run("order", demo("Light van"), "--kit", "QF-103", "--format", "json"))
                .isZero();
        assertKeepsTo("itrova-order.schema.json", out.toString(StandardCharsets.UTF_8));
        JsonNode axle = said().path("axles").get(0);
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
        assertThat(run("order", demo("Light van"), "--kit", "QF-102")).isEqualTo(1);
        assertThat(out.toString(StandardCharsets.UTF_8)).contains("gate shut", "held by", "does not fit");
        assertThat(run("order", demo("Light van"), "--kit", "QF-106")).isEqualTo(1);
        assertThat(out.toString(StandardCharsets.UTF_8)).contains("gate held");
    }

    @Test
    void twoAxlesOfATrailerBuyOneActuator() throws IOException {
        run("order", demo("Boat trailer"), "--kit", "QT-301", "--format", "json");
        int actuators = 0;
        int lines = 0;
        for (JsonNode axle : said().path("axles")) {
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
        assertThat(run("plan", demo("Light van"), "--kit", "QF-103", "--format", "json"))
                .isZero();
        assertKeepsTo("itrova-plan.schema.json", out.toString(StandardCharsets.UTF_8));
        Set<String> told = new HashSet<>();
        int torques = 0;
        for (JsonNode step : said().path("axles").get(0).path("steps")) {
            step.path("after").forEach(a -> assertThat(told).contains(a.asString()));
            told.add(step.path("id").asString());
            torques += step.has("torque_Nm") ? 1 : 0;
        }
        assertThat(told).hasSizeGreaterThan(10).contains("left-bracket");
        assertThat(torques).isPositive();
        assertThat(run("plan", demo("Light van"), "--kit", "QF-102")).isEqualTo(1);
        assertThat(run("plan", demo("Light van"), "--kit", "QF-103", "--units", "in"))
                .isZero();
        assertThat(out.toString(StandardCharsets.UTF_8)).contains("lbf·ft").doesNotContain(" N·m");
    }

    @Test
    void badCallsAreSaid() throws IOException {
        assertThat(run("order", demo("Light van"))).isEqualTo(2);
        assertThat(err.toString(StandardCharsets.UTF_8)).contains("Nothing is chosen");
        assertThat(run("order", demo("Light van"), "--kit", "NO-1")).isEqualTo(2);
        assertThat(err.toString(StandardCharsets.UTF_8)).contains("NO-1", "--kits");
        assertThat(run("plan", demo("Light van"), "--axle", "9", "--kit", "QF-103"))
                .isEqualTo(2);
        assertThat(run("plan")).isEqualTo(2);
    }
}
