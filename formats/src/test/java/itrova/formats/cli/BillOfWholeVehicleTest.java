package itrova.formats.cli;

import static org.assertj.core.api.Assertions.assertThat;

import itrova.formats.DemoData;
import itrova.formats.JobDocument;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Bills of two axles of one vehicle, made by hand from the kits' papers and from what each kind of axle end takes (common practice): what
 * serves the whole vehicle is bought once, whichever axle is asked for. A litre of fluid goes with each axle: it is filled and bled when that
 * axle is done, and an opened can does not keep.
 */
class BillOfWholeVehicleTest {
    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    @TempDir
    Path folder;

    private CommandCall call;

    @BeforeEach
    void prepare() {
        call = new CommandCall(folder);
    }

    private static ObjectNode job(String title) {
        return (ObjectNode) MAPPER.readTree(JobDocument.write(DemoData.jobs().stream()
                .filter(j -> j.title().equals(title))
                .findFirst()
                .orElseThrow()));
    }

    private static ObjectNode axle(ObjectNode job, String name, String kit) {
        ObjectNode axle = (ObjectNode) job.path("axles").get(0).deepCopy();
        axle.remove("chosen");
        return axle.put("name", name).put("chosen_kit", kit);
    }

    private String two(ObjectNode job, ObjectNode first, ObjectNode second) throws IOException {
        ((ArrayNode) job.path("axles")).removeAll().add(first).add(second);
        return call.file("two.json", job.toString());
    }

    /** What is bought for an axle: pieces by the line's words up to a comma, without what costs pieces elsewhere. */
    private Map<String, Integer> bought(String file, String axle) {
        JsonNode order = call.json("order", file, "--axle", axle).path("axles").get(0);
        Map<String, Integer> bought = new TreeMap<>();
        for (JsonNode line : order.path("lines")) {
            if (line.path("quantity").asInt() > 0) {
                bought.merge(
                        line.path("item").asString().split(",")[0],
                        line.path("quantity").asInt(),
                        Integer::sum);
            }
        }
        return bought;
    }

    @Test
    void aTrailerOfTwoAxlesBuysOneActuator() throws IOException {
        ObjectNode trailer = job("Boat trailer, two axles");
        String file = two(
                trailer, axle(trailer, "front trailer axle", "QT-301"), axle(trailer, "rear trailer axle", "QT-301"));
        assertThat(bought(file, "front trailer axle"))
                .isEqualTo(Map.of(
                        "QT-301 Trailer axle set", 1,
                        "Flexible brake hose", 2,
                        "Copper washer 10 mm", 4,
                        "Brake fluid DOT 4", 1,
                        "Electric-over-hydraulic actuator", 1));
        assertThat(bought(file, "rear trailer axle"))
                .isEqualTo(Map.of(
                        "QT-301 Trailer axle set", 1,
                        "Flexible brake hose", 2,
                        "Copper washer 10 mm", 4,
                        "Brake fluid DOT 4", 1));
    }

    @Test
    void aCarOnFourDiscsBuysEachAxlesOwn() throws IOException {
        ObjectNode van = job("Light van, front discs");
        String file =
                two(van, axle(van, "front axle", "QF-101"), axle(job("Estate car, rear discs"), "rear axle", "QR-201"));
        assertThat(bought(file, "front axle"))
                .isEqualTo(Map.of(
                        "QF-101 Front set", 1,
                        "Flexible brake hose", 2,
                        "Copper washer 10 mm", 4,
                        "Brake fluid DOT 4", 1));
        assertThat(bought(file, "rear axle"))
                .isEqualTo(Map.of(
                        "QR-201 Rear set with drum-in-hat parking brake", 1,
                        "Flexible brake hose", 2,
                        "Copper washer 10 mm", 4,
                        "Brake fluid DOT 4", 1));
    }
}
