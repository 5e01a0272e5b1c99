package itrova.formats.cli;

import static org.assertj.core.api.Assertions.assertThat;

import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import itrova.core.record.Job;
import itrova.formats.DemoData;
import itrova.formats.JobDocument;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** The brakes on the command line: each demo vehicle shows its trap; bad input is refused by field, value and remedy. */
class BrakesCommandTest {
    @TempDir
    Path folder;

    private CommandCall call;

    @BeforeEach
    void prepare() {
        call = new CommandCall(folder);
    }

    private String changed(String title, String from, String to) throws IOException {
        String text = Files.readString(Path.of(call.demo(title)));
        assertThat(text).contains(from);
        return Files.writeString(folder.resolve("changed.json"), text.replace(from, to))
                .toString();
    }

    @Test
    void theVansDrumEraMasterIsCaught() throws IOException {
        JsonNode report = call.json("brakes", call.demo("Light van"), "--kit", "QF-103");
        JsonNode after = report.path("after");
        assertThat(CommandCall.finding(after, "master_stroke").path("verdict").asString())
                .isEqualTo("does not fit");
        assertThat(CommandCall.finding(after, "split").path("verdict").asString())
                .isEqualTo("does not fit");
        JsonNode residual = CommandCall.finding(after, "residual");
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
        JsonNode after = call.json("brakes", file, "--kit", "QF-103").path("after");
        assertThat(CommandCall.finding(after, "master_stroke").path("verdict").asString())
                .isEqualTo("fits");
        assertThat(CommandCall.finding(after, "residual").path("verdict").asString())
                .isEqualTo("fits");
        assertThat(CommandCall.finding(after, "split").path("verdict").asString())
                .isEqualTo("fits");
    }

    @Test
    void theCoupesRearDiscsBrakeTooMuchDragAndLeaveNoParkingBrake() throws IOException {
        JsonNode report = call.json("brakes", call.demo("Coupe"), "--kit", "QR-201");
        JsonNode after = report.path("after");
        assertThat(CommandCall.finding(after, "balance_empty").path("verdict").asString())
                .isEqualTo("does not fit");
        assertThat(CommandCall.finding(after, "residual").path("verdict").asString())
                .isEqualTo("does not fit");
        assertThat(CommandCall.finding(after, "parking").path("verdict").asString())
                .isEqualTo("does not fit");
        assertThat(CommandCall.finding(report.path("before"), "parking")
                        .path("verdict")
                        .asString())
                .isNotEqualTo("does not fit");
    }

    @Test
    void theFieldCarsTransmissionBrakeIsNotReckonedButTried() throws IOException {
        JsonNode parking = CommandCall.finding(
                call.json("brakes", call.demo("Field car"), "--kit", "QK-401").path("after"), "parking");
        assertThat(parking.path("verdict").asString()).isEqualTo("not proven");
        assertThat(parking.path("next").asString()).contains("measured grade");
    }

    /** At 1000 psi one set is proven to brake its axle, a smaller one is not; without the plate nothing is. */
    @Test
    void theTrailersActuatorIsRightForOneKitAndNotForAnother() throws IOException {
        String trailer = call.planned("Boat trailer", DemoPlans.WEAK_ACTUATOR);
        assertThat(call.run("brakes", trailer, "--kit", "QT-301")).isZero();
        JsonNode weak = call.json("brakes", trailer, "--kit", "QT-302");
        assertThat(CommandCall.finding(weak.path("after"), "actuator")
                        .path("verdict")
                        .asString())
                .isNotEqualTo("fits");
        String strong = call.planned("Boat trailer", DemoPlans.STRONG_ACTUATOR);
        assertThat(call.run("brakes", strong, "--kit", "QT-302")).isZero();
        String unread =
                changed("Boat trailer", "\"actuator_pressure_MPa\" : \"1000 psi\"", "\"rolling_share\" : 0.482");
        JsonNode actuator = CommandCall.finding(
                call.json("brakes", unread, "--kit", "QT-301").path("after"), "actuator");
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
            call.run("brakes", call.demo(title), "--format", "json");
            assertThat(schema.validate(call.out(), InputFormat.JSON)).as(title).isEmpty();
        }
    }

    @Test
    void impossibleCircuitsAreRefusedByFieldValueAndRemedy() throws IOException {
        assertThat(call.run(
                        "brakes",
                        changed("Light van", "\"mass_laden_kg\" : \"2050 kg\"", "\"mass_laden_kg\" : \"900 kg\"")))
                .isEqualTo(2);
        assertThat(call.err()).contains("mass empty", "mass laden", "900");
        assertThat(call.run(
                        "brakes",
                        changed("Light van", "\"reservoir_cm3\" : \"260\"", "\"master_bore_mm\" : \"22 in\"")))
                .isEqualTo(2);
        assertThat(call.err()).contains("master bore", "circuit");
        assertThat(call.run(
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
        assertThat(call.run("brakes", file)).isEqualTo(1);
        assertThat(call.out()).contains("not proven", "vehicle.circuit");
    }

    @Test
    void badCallsAreSaid() throws IOException {
        assertThat(call.run("brakes")).isEqualTo(2);
        assertThat(call.run("brakes", call.demo("Light van"), "--kit", "NO-1")).isEqualTo(2);
        assertThat(call.err()).contains("NO-1", "--kits");
        assertThat(call.run("halt")).isEqualTo(2);
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
        assertThat(call.run("brakes", file, "--kit", "QF-103")).isEqualTo(2);
        assertThat(call.err()).contains("front axle", "vehicle.circuit.axles");
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

    /** Each of the demo's traps, from as found to a plan whose findings are all proven. */
    @ParameterizedTest
    @CsvSource({"Light van,QF-101", "Coupe,QR-201", "Field car,QK-401"})
    void everyTrapHasAPlanThatIsProven(String title, String kit) throws IOException {
        assertThat(call.run("brakes", call.demo(title), "--kit", kit)).isEqualTo(1);
        String plan =
                switch (title) {
                    case "Light van" -> DemoPlans.VAN;
                    case "Coupe" -> DemoPlans.COUPE;
                    default -> DemoPlans.FIELD_CAR;
                };
        JsonNode report = call.json("brakes", call.planned(title, plan), "--kit", kit);
        for (JsonNode f : report.path("after").path("findings")) {
            if (f.path("critical").asBoolean()) {
                assertThat(f.path("verdict").asString()).as(f.toString()).isEqualTo("fits");
            }
        }
        assertThat(report.path("proven").asBoolean()).isTrue();
        assertThat(report.has("proposal")).isFalse();
    }

    /** What the program proposes is put in, and then is proven as it said. */
    @Test
    void aProposalKeepsWhatItPromises() throws IOException {
        JsonNode proposal =
                call.json("brakes", call.demo("Light van"), "--kit", "QF-101").path("proposal");
        assertThat(proposal.path("proven").asBoolean()).isTrue();
        String plan = "{\"parts\":" + proposal.path("parts") + ",\"figures\":" + proposal.path("settings") + "}";
        assertThat(call.run("brakes", call.planned("Light van", plan), "--kit", "QF-101"))
                .isZero();
    }

    @Test
    void aPartTheCatalogueDoesNotHaveIsNamed() throws IOException {
        assertThat(call.run("brakes", call.planned("Light van", "{\"parts\":[{\"code\":\"XX-9\"}]}")))
                .isEqualTo(2);
        assertThat(call.err()).contains("XX-9", "--parts");
    }

    /** The van's lines end in 3/8-24 inverted flare; a master with bubble flares wants adapters, and without them nothing is joined. */
    @Test
    void portsNoLineGoesIntoAreToldWithTheirThread() throws IOException {
        JsonNode without = CommandCall.finding(
                call.json("brakes", call.planned("Light van", "{\"parts\":[{\"code\":\"TM-107\"}]}"))
                        .path("after"),
                "fittings");
        assertThat(without.path("verdict").asString()).isEqualTo("does not fit");
        assertThat(without.path("next").asString()).contains("M12x1 bubble flare", "M10x1 bubble flare");
        JsonNode with = CommandCall.finding(
                call.json(
                                "brakes",
                                call.planned(
                                        "Light van",
                                        "{\"parts\":[{\"code\":\"TM-107\"},{\"code\":\"AD-601\"},{\"code\":\"AD-602\"}]}"))
                        .path("after"),
                "fittings");
        assertThat(with.path("verdict").asString()).isEqualTo("fits");
    }

    @Test
    void checkTellsTheBrakesBesideEachKit() throws IOException {
        JsonNode found = call.json("check", call.demo("Light van"));
        JsonNode planned = call.json("check", call.planned("Light van", DemoPlans.VAN));
        for (JsonNode kit : found.path("kits")) {
            assertThat(kit.path("brakes").asString()).isNotEqualTo("fits");
            assertThat(kit.path("together").asString()).isNotEqualTo("fits");
        }
        assertThat(planned.path("kits").toString())
                .contains(
                        "\"kit\":\"QF-103\",\"verdict\":\"fits with work\",\"brakes\":\"fits\",\"together\":\"fits with work\"");
        assertThat(found.path("brakes")).isNotEmpty();
    }
}
