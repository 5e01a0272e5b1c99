package itrova.formats.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import itrova.formats.DemoData;
import itrova.formats.JobDocument;
import itrova.formats.KitDocument;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class CheckCommandTest {
    @TempDir
    Path folder;

    private Path van;
    private Path coupe;
    private final ByteArrayOutputStream out = new ByteArrayOutputStream();
    private final ByteArrayOutputStream err = new ByteArrayOutputStream();

    @BeforeEach
    void writeJobs() throws IOException {
        van = Files.writeString(
                folder.resolve("van.json"), JobDocument.write(DemoData.jobs().get(0)));
        coupe = Files.writeString(
                folder.resolve("coupe.json"), JobDocument.write(DemoData.jobs().get(1)));
    }

    private int run(Object... args) {
        String[] texts = java.util.Arrays.stream(args).map(Object::toString).toArray(String[]::new);
        return CheckCommand.run(
                texts,
                new PrintStream(out, true, StandardCharsets.UTF_8),
                new PrintStream(err, true, StandardCharsets.UTF_8));
    }

    @Test
    void aProvenKitGivesZeroAndEveryFindingIsPrinted() {
        assertThat(run(van)).isZero();
        assertThat(out.toString(StandardCharsets.UTF_8))
                .contains("QF-101", "Caliper to spokes", "margin", "±", "why:", "next:", "source:", "check by hand");
        assertThat(err.size()).isZero();
    }

    @Test
    void noProvenKitGivesOne() {
        assertThat(run(coupe)).isEqualTo(1);
        assertThat(run(coupe, "--side", "left")).isZero();
    }

    @Test
    void jsonCarriesTheSameNumbers() {
        assertThat(run(van, "--format", "json", "--side", "left")).isZero();
        JsonNode root = new JsonMapper().readTree(out.toString(StandardCharsets.UTF_8));
        assertThat(root.path("format").asString()).isEqualTo("itrova-findings/1");
        JsonNode trap = null;
        for (JsonNode f : root.path("findings")) {
            assertThat(f.path("side").asString()).isEqualTo("left");
            if (f.path("kit").asString().equals("QF-102")
                    && f.path("check").asString().equals("spokes")) {
                trap = f;
            }
        }
        assertThat(trap).isNotNull();
        assertThat(trap.path("verdict").asString()).isEqualTo("does not fit");
        assertThat(trap.path("margin").asDouble()).isEqualTo(-1.1, within(0.05));
        assertThat(trap.path("remedy").asString()).contains("further outboard");
    }

    @Test
    void inchReadersGetInchSentences() {
        assertThat(run(van, "--units", "in", "--side", "left")).isZero();
        // what people or papers gave, in quotes or as a size, stays as they gave it
        assertThat(out.toString(StandardCharsets.UTF_8).lines())
                .filteredOn(line -> !line.contains("papers say") && !line.contains("taper") && !line.contains("donor"))
                .anyMatch(line -> line.contains("why: Bore 2.79"))
                .noneMatch(line -> line.matches("\\s*(why|next): .*\\d mm\\b.*"))
                .noneMatch(line -> line.matches(".*margin .* mm\\b.*"));
        assertThat(run(van, "--units", "ell")).isEqualTo(2);
        assertThat(err.toString(StandardCharsets.UTF_8)).contains("--units is mm or in");
    }

    @Test
    void whatWasChosenIsJudgedAlone() throws IOException {
        assertThat(run(van, "--chosen")).isEqualTo(2);
        assertThat(err.toString(StandardCharsets.UTF_8)).contains("Nothing is chosen");
        String document = Files.readString(van);
        Path chosen = Files.writeString(
                folder.resolve("chosen.json"),
                document.replaceFirst(
                        "\"wheel_stays\"",
                        "\"chosen\": {\"kit\": \"QF-102\", \"options\": [], \"wheel\": \"W-1402\"}, \"wheel_stays\""));
        assertThat(run(chosen, "--chosen")).isZero(); // on the wheel found this kit is in the spokes
        assertThat(out.toString(StandardCharsets.UTF_8)).contains("QF-102").doesNotContain("QF-101");
        Path noSuch = Files.writeString(
                folder.resolve("no-such.json"), Files.readString(chosen).replace("W-1402", "W-0"));
        err.reset();
        assertThat(run(noSuch, "--chosen")).isEqualTo(2);
        assertThat(err.toString(StandardCharsets.UTF_8)).contains("W-0", "--wheels");
    }

    @Test
    void jsonIsAsItsSchemaSays() throws IOException {
        Schema schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(Files.readString(Path.of("../docs/formats/itrova-findings.schema.json")));
        for (Path job : java.util.List.of(van, coupe)) {
            out.reset();
            run(job, "--format", "json");
            assertThat(schema.validate(out.toString(StandardCharsets.UTF_8), InputFormat.JSON))
                    .isEmpty();
        }
    }

    @Test
    void jsonNamesTheReasonByItsCode() {
        assertThat(run(van, "--format", "json")).isZero();
        JsonNode root = new JsonMapper().readTree(out.toString(StandardCharsets.UTF_8));
        assertThat(root.path("findings"))
                .allSatisfy(f -> assertThat(f.path("reason").isString()).isTrue());
        assertThat(root.path("findings"))
                .anySatisfy(f -> assertThat(f.path("reason").asString()).startsWith("register."));
    }

    @Test
    void oneAxleOfSeveralIsLookedAt() throws IOException {
        Path trailer = Files.writeString(
                folder.resolve("trailer.json"),
                itrova.formats.JobDocument.write(DemoData.jobs().stream()
                        .filter(j -> j.axles().size() > 1)
                        .findFirst()
                        .orElseThrow()));
        int all = run(trailer);
        String both = out.toString(StandardCharsets.UTF_8);
        out.reset();
        int first = run(trailer, "--axle", "1");
        String one = out.toString(StandardCharsets.UTF_8);
        out.reset();
        int second = run(trailer, "--axle", "2");
        assertThat(both).contains("== front trailer axle", "== rear trailer axle");
        assertThat(one).contains("== front trailer axle").doesNotContain("== rear trailer axle");
        assertThat(all).as("all are proven, or not").isEqualTo(Math.max(first, second));
        out.reset();
        run(trailer, "--axle", "Rear trailer axle");
        assertThat(out.toString(StandardCharsets.UTF_8)).doesNotContain("== front trailer axle");
        assertThat(run(trailer, "--axle", "third")).isEqualTo(2);
        assertThat(err.toString(StandardCharsets.UTF_8)).contains("no axle “third”", "front trailer axle");
    }

    @Test
    void ownKitsAreTaken() throws IOException {
        Path kits = Files.writeString(
                folder.resolve("kits.json"), KitDocument.write(DemoData.kits().subList(4, 5)));
        assertThat(run(van, "--kits", kits)).isEqualTo(1);
        assertThat(out.toString(StandardCharsets.UTF_8)).doesNotContain("QF-101");
    }

    @Test
    void badInputGivesTwoOnStandardError() throws IOException {
        assertThat(run()).isEqualTo(2);
        assertThat(run(folder.resolve("nowhere.json"))).isEqualTo(2);
        assertThat(run(van, "--side", "middle")).isEqualTo(2);
        assertThat(run(van, "--format")).isEqualTo(2);
        assertThat(run(van, "--colour", "red")).isEqualTo(2);
        assertThat(run(Files.writeString(folder.resolve("broken.json"), "{"))).isEqualTo(2);
        assertThat(run(Files.write(folder.resolve("latin.json"), new byte[] {(byte) 0xff, (byte) 0xfe})))
                .isEqualTo(2);
        assertThat(out.size()).isZero();
        assertThat(err.toString(StandardCharsets.UTF_8)).contains("usage", "There is no file", "middle", "UTF-8");
    }
}
