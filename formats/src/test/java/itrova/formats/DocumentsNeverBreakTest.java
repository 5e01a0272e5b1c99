package itrova.formats;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Whatever stands in any one place of a document, it is read or refused by name; it never breaks the reader. Every value of a
 * sound document is replaced in turn by values of the wrong kind, sign, size or by nothing.
 */
class DocumentsNeverBreakTest {
    private static final Path EXAMPLES = Path.of("..", "docs", "formats");
    private static final JsonMapper JSON = new JsonMapper();
    private static final List<String> WRONG = List.of(
            "null", "-1", "0", "1e300", "\"\"", "\"3/0 in\"", "\"5 furlongs\"", "true", "[]", "{}", "[1,\"x\"]");

    static Stream<Arguments> documents() throws Exception {
        return Stream.of(
                Arguments.of(
                        "kits",
                        KitDocument.write(List.of(DemoData.kits().get(0))),
                        reader(t -> KitDocument.read("k", t))),
                Arguments.of(
                        "kit with a hub",
                        KitDocument.write(DemoData.kits().stream()
                                .filter(k -> k.fitting().hub().isPresent())
                                .limit(1)
                                .toList()),
                        reader(t -> KitDocument.read("k", t))),
                Arguments.of(
                        "wheels",
                        WheelDocument.write(List.of(DemoData.wheels().get(0))),
                        reader(t -> WheelDocument.read("w", t))),
                Arguments.of(
                        "families",
                        Files.readString(EXAMPLES.resolve("example-families.json")),
                        reader(t -> FamiliesDocument.read("families.json", t))),
                Arguments.of(
                        "job",
                        Files.readString(EXAMPLES.resolve("example-job.json")),
                        reader(t -> JobDocument.read("j", t))));
    }

    private static Consumer<String> reader(Consumer<String> read) {
        return read;
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("documents")
    void anyOneValueMayBeWrong(String kind, String sound, Consumer<String> read) {
        read.accept(sound);
        int places = 0;
        int refused = 0;
        JsonNode root = JSON.readTree(sound);
        for (Place place : places(root)) {
            places++;
            for (String wrong : WRONG) {
                refused += refuses(read, place.with(JSON.readTree(wrong), root)) ? 1 : 0;
            }
            refused += refuses(read, place.without(root)) ? 1 : 0;
        }
        assertThat(places).isGreaterThan(5);
        assertThat(refused).as("of %d places", places).isGreaterThan(places);
    }

    private static boolean refuses(Consumer<String> read, String text) {
        try {
            read.accept(text);
            return false;
        } catch (DocumentException e) {
            assertThat(e.problems()).isNotEmpty().allSatisfy(p -> {
                assertThat(p.message()).isNotBlank();
                assertThat(p.file()).isNotBlank();
            });
            return true;
        }
    }

    /** A place in a document: the way to it from the root. */
    private record Place(List<Object> way) {
        String with(JsonNode value, JsonNode root) {
            JsonNode copy = root.deepCopy();
            JsonNode holder = holder(copy);
            Object last = way.get(way.size() - 1);
            if (last instanceof String name) {
                ((ObjectNode) holder).set(name, value);
            } else {
                ((ArrayNode) holder).set((Integer) last, value);
            }
            return copy.toString();
        }

        String without(JsonNode root) {
            JsonNode copy = root.deepCopy();
            JsonNode holder = holder(copy);
            Object last = way.get(way.size() - 1);
            if (last instanceof String name) {
                ((ObjectNode) holder).remove(name);
            } else {
                ((ArrayNode) holder).remove((Integer) last);
            }
            return copy.toString();
        }

        private JsonNode holder(JsonNode root) {
            JsonNode at = root;
            for (Object step : way.subList(0, way.size() - 1)) {
                at = step instanceof String name ? at.get(name) : at.get((Integer) step);
            }
            return at;
        }
    }

    private static List<Place> places(JsonNode root) {
        List<Place> places = new ArrayList<>();
        walk(root, List.of(), places);
        return places;
    }

    private static void walk(JsonNode node, List<Object> way, List<Place> places) {
        if (!way.isEmpty()) {
            places.add(new Place(way));
        }
        if (node.isObject()) {
            node.propertyNames().forEach(name -> walk(node.get(name), step(way, name), places));
        } else if (node.isArray()) {
            for (int i = 0; i < node.size(); i++) {
                walk(node.get(i), step(way, i), places);
            }
        }
    }

    private static List<Object> step(List<Object> way, Object next) {
        List<Object> longer = new ArrayList<>(way);
        longer.add(next);
        return longer;
    }
}
