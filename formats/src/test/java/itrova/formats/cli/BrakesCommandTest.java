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
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The brakes on the command line: each demo vehicle shows its trap; bad input is refused by field, value and remedy. */
class BrakesCommandTest {
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

    private String changed(String title, String from, String to) throws IOException {
        String text = Files.readString(Path.of(demo(title)));
        assertThat(text).contains(from);
        return Files.writeString(folder.resolve("changed.json"), text.replace(from, to))
                .toString();
    }

    private JsonNode json(String... args) {
        String[] all = java.util.Arrays.copyOf(args, args.length + 2);
        all[args.length] = "--format";
        all[args.length + 1] = "json";
        run(all);
        return JsonMapper.builder().build().readTree(out.toString(StandardCharsets.UTF_8));
    }

    private static JsonNode finding(JsonNode state, String check) {
        for (JsonNode f : state.path("findings")) {
            if (f.path("check").asString().equals(check)) {
                return f;
            }
        }
        throw new AssertionError(check);
    }

    @Test
    void theVansDrumEraMasterIsCaught() throws IOException {
        JsonNode report = json("brakes", demo("Light van"), "--kit", "QF-103");
        JsonNode after = report.path("after");
        assertThat(finding(after, "master_stroke").path("verdict").asString()).isEqualTo("does not fit");
        assertThat(finding(after, "split").path("verdict").asString()).isEqualTo("does not fit");
        JsonNode residual = finding(after, "residual");
        assertThat(residual.path("verdict").asString()).isEqualTo("not proven");
        assertThat(residual.path("next").asString()).contains("Strip the master");
        assertThat(report.path("proven").asBoolean()).isFalse();
    }

    /** A tandem master of 7/8 in with a longer stroke, a valve, its residual valve out: the stroke is proven then. */
    @Test
    void anotherMasterMendsTheVansStroke() throws IOException {
        String planned =
                "\"planned\" : {\"split\": \"front_rear\", \"residual\": \"none\", \"booster\": \"vacuum\", \"figures\": {\"master_bore_mm\": \"1 1/8 in\", \"master_stroke_mm\": \"42 mm\"}}, \"split\" : \"single\"";
        String file = changed("Light van", "\"split\" : \"single\"", planned);
        JsonNode after = json("brakes", file, "--kit", "QF-103").path("after");
        assertThat(finding(after, "master_stroke").path("verdict").asString()).isEqualTo("fits");
        assertThat(finding(after, "residual").path("verdict").asString()).isEqualTo("fits");
        assertThat(finding(after, "split").path("verdict").asString()).isEqualTo("fits");
    }

    @Test
    void theCoupesRearDiscsBrakeTooMuchDragAndLeaveNoParkingBrake() throws IOException {
        JsonNode report = json("brakes", demo("Coupe"), "--kit", "QR-201");
        JsonNode after = report.path("after");
        assertThat(finding(after, "balance_empty").path("verdict").asString()).isEqualTo("does not fit");
        assertThat(finding(after, "residual").path("verdict").asString()).isEqualTo("does not fit");
        assertThat(finding(after, "parking").path("verdict").asString()).isEqualTo("does not fit");
        assertThat(finding(report.path("before"), "parking").path("verdict").asString())
                .isNotEqualTo("does not fit");
    }

    @Test
    void theFieldCarsTransmissionBrakeIsNotReckonedButTried() throws IOException {
        JsonNode parking =
                finding(json("brakes", demo("Field car"), "--kit", "QK-401").path("after"), "parking");
        assertThat(parking.path("verdict").asString()).isEqualTo("not proven");
        assertThat(parking.path("next").asString()).contains("measured grade");
    }

    /** At 1000 psi one set is proven to brake its axle, a smaller one is not; without the plate nothing is. */
    @Test
    void theTrailersActuatorIsRightForOneKitAndNotForAnother() throws IOException {
        String trailer = demo("Boat trailer");
        assertThat(run("brakes", trailer, "--kit", "QT-301")).isZero();
        assertThat(run("brakes", trailer, "--kit", "QT-302")).isEqualTo(1);
        String unread =
                changed("Boat trailer", "\"actuator_pressure_MPa\" : \"1000 psi\"", "\"rolling_share\" : 0.482");
        JsonNode actuator = finding(json("brakes", unread, "--kit", "QT-301").path("after"), "actuator");
        assertThat(actuator.path("verdict").asString()).isEqualTo("not proven");
        assertThat(actuator.path("wanted").toString()).contains("actuator pressure");
    }

    @Test
    void jsonKeepsToItsSchema() throws IOException {
        Schema schema;
        try (InputStream in = BrakesCommandTest.class.getResourceAsStream("/schemas/itrova-brakes.schema.json")) {
            schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                    .getSchema(in, InputFormat.JSON);
        }
        for (String title : new String[] {"Light van", "Coupe", "Field car", "Boat trailer"}) {
            run("brakes", demo(title), "--format", "json");
            assertThat(schema.validate(out.toString(StandardCharsets.UTF_8), InputFormat.JSON))
                    .as(title)
                    .isEmpty();
        }
    }

    @Test
    void impossibleCircuitsAreRefusedByFieldValueAndRemedy() throws IOException {
        assertThat(run(
                        "brakes",
                        changed("Light van", "\"mass_laden_kg\" : \"2050 kg\"", "\"mass_laden_kg\" : \"900 kg\"")))
                .isEqualTo(2);
        assertThat(err.toString(StandardCharsets.UTF_8)).contains("mass empty", "mass laden", "900");
        assertThat(run("brakes", changed("Light van", "\"reservoir_cm3\" : \"260\"", "\"master_bore_mm\" : \"22 in\"")))
                .isEqualTo(2);
        assertThat(err.toString(StandardCharsets.UTF_8)).contains("master bore", "circuit");
        assertThat(run(
                        "brakes",
                        changed("Light van", "\"name\" : \"rear axle\"", "\"name\" : \"rear axle\", \"lines\" : 0")))
                .isEqualTo(2);
    }

    @Test
    void aCircuitNobodyLookedAtProvesNothing() throws IOException {
        Job job = DemoData.jobs().get(0);
        String text = JobDocument.write(job).replaceFirst("(?s),\\s*\"circuit\" : \\{.*?\\n    \\}\\n  \\},", "\n  },");
        assertThat(text).doesNotContain("\"circuit\"");
        String file = Files.writeString(folder.resolve("none.json"), text).toString();
        assertThat(run("brakes", file)).isEqualTo(1);
        assertThat(out.toString(StandardCharsets.UTF_8)).contains("not proven", "vehicle.circuit");
    }

    @Test
    void badCallsAreSaid() throws IOException {
        assertThat(run("brakes")).isEqualTo(2);
        assertThat(run("brakes", demo("Light van"), "--kit", "NO-1")).isEqualTo(2);
        assertThat(err.toString(StandardCharsets.UTF_8)).contains("NO-1", "--kits");
        assertThat(run("halt")).isEqualTo(2);
    }

    @Test
    void theCircuitIsReadBackAsItWasWritten() {
        for (Job job : DemoData.jobs()) {
            assertThat(JobDocument.read("j", JobDocument.write(job)).circuit()).isEqualTo(job.circuit());
        }
    }

    @Test
    void aKitWhoseAxleTheCircuitDoesNotNameIsNotPassedOver() throws IOException {
        String file = changed(
                "Light van",
                "\"name\" : \"front axle\",\n        \"brakes\"",
                "\"name\" : \"first axle\",\n        \"brakes\"");
        assertThat(run("brakes", file, "--kit", "QF-103")).isEqualTo(2);
        assertThat(err.toString(StandardCharsets.UTF_8)).contains("front axle", "vehicle.circuit.axles");
    }

    @Test
    void everyQuantityMayBeToldInADocument() throws IOException {
        try (InputStream in = BrakesCommandTest.class.getResourceAsStream("/schemas/itrova-job.schema.json")) {
            String schema = new String(in.readAllBytes(), StandardCharsets.UTF_8);
            for (itrova.core.brakes.BrakeQuantity q : itrova.core.brakes.BrakeQuantity.values()) {
                assertThat(schema).contains("\"" + q.key() + "\"");
            }
        }
    }
}
