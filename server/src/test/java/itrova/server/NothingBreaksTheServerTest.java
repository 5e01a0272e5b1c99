package itrova.server;

import static org.assertj.core.api.Assertions.assertThat;

import itrova.formats.DemoData;
import itrova.formats.JobDocument;
import itrova.formats.KitDocument;
import itrova.server.TestServer.Answer;
import itrova.server.TestServer.Client;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.IntStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Whatever is sent to any address the server describes, in any field, the answer is no fault of the server: each field of each body
 * is left out, nulled, and replaced in turn by values of the wrong kind, sign and size, and each parameter likewise.
 */
class NothingBreaksTheServerTest {
    private static final JsonMapper JSON = new JsonMapper();
    private static final List<String> ODD = List.of(
            "null",
            "-1",
            "2147483648",
            "1e300",
            "\"NaN\"",
            "\"\\u0000\"",
            "true",
            "[null]",
            "{}",
            "\"" + "x".repeat(3_000) + "\"");
    private static final List<String> ODD_PARAMETERS = List.of("", "-1", "NaN", "%00", "x".repeat(500));

    private static TestServer server;
    private static Client lead;
    private static JsonNode api;
    private static int asked;
    private static int turn;
    private static final List<String> FAULTS = new ArrayList<>();

    @BeforeAll
    static void start() throws Exception {
        server = TestServer.start();
        lead = server.signedIn("wilma");
        api = lead.get("/api/openapi").json();
    }

    @AfterAll
    static void stop() {
        System.out.println(asked + " odd requests, " + FAULTS.size() + " answered as faults of the server");
        server.close();
    }

    private static void note(String what, Answer answer) {
        asked++;
        if (answer.status() >= 500) {
            FAULTS.add(answer.status() + " " + what + ": " + answer.text());
        }
    }

    /** Addresses with a living axle, job and kit in their places. */
    private static String filled(String path) {
        return path.replace("{axleId}", "1")
                .replace("{id}", path.contains("/jobs/") ? "1" : path.contains("instruments") ? "TAPE" : "TURNING_GAP")
                .replace("{kind}", "DRILL_HOLES")
                .replace("{jobId}", "1")
                .replace("{code}", "QF-101")
                .replace("{stepId}", "left-bracket")
                .replace("{readingId}", "1")
                .replace("{photoId}", "1")
                .replace("{defectId}", "1")
                .replace("{key}", "none")
                .replace("{orderId}", "none")
                .replace("{kit}", "QF-114")
                .replace("{wall}", "kits");
    }

    private static Answer ask(String method, String path, String body) throws Exception {
        return switch (method) {
            case "get" -> lead.get(path);
            case "put" -> lead.put(path, body);
            case "delete" -> lead.delete(path);
            default -> lead.post(path, body);
        };
    }

    private static JsonNode resolved(JsonNode schema) {
        String ref = schema.path("$ref").asString("");
        return ref.isEmpty()
                ? schema
                : api.path("components").path("schemas").path(ref.substring(ref.lastIndexOf('/') + 1));
    }

    /** A body with a plausible value in every field. */
    private static JsonNode sound(JsonNode given, int depth) {
        JsonNode schema = resolved(given);
        if (schema.path("enum").size() > 0) {
            return schema.path("enum").get(0);
        }
        return switch (schema.path("type").asString("object")) {
            case "string" ->
                JSON.getNodeFactory()
                        .stringNode(
                                schema.path("format").asString("").equals("date")
                                        ? "2026-05-01"
                                        : schema.path("pattern").asString("").contains("{8}")
                                                ? "00000000-0000-4000-8000-000000000001"
                                                : "12");
            case "integer", "number" -> JSON.getNodeFactory().numberNode(1);
            case "boolean" -> JSON.getNodeFactory().booleanNode(false);
            case "array" -> {
                ArrayNode list = JSON.createArrayNode();
                if (depth < 6) {
                    list.add(sound(schema.path("items"), depth + 1));
                }
                yield list;
            }
            default -> {
                ObjectNode object = JSON.createObjectNode();
                if (depth < 6) {
                    schema.path("properties")
                            .properties()
                            .forEach(p -> object.set(p.getKey(), sound(p.getValue(), depth + 1)));
                }
                yield object;
            }
        };
    }

    /** The body with each of its values replaced in turn. */
    private static List<String> variants(JsonNode body) {
        List<String> all = new ArrayList<>();
        replaceIn(body, body, all);
        return all;
    }

    /** Each field meets nothing at all and every third of the odd values, the next field the next ones. */
    private static List<String> oddOnes() {
        int first = turn++ % 3;
        return IntStream.range(0, ODD.size())
                .filter(i -> i == 0 || i % 3 == first)
                .mapToObj(ODD::get)
                .toList();
    }

    private static void replaceIn(JsonNode root, JsonNode node, List<String> all) {
        if (node instanceof ObjectNode object) {
            for (String name : List.copyOf(object.propertyNames())) {
                JsonNode kept = object.get(name);
                for (String odd : oddOnes()) {
                    object.set(name, JSON.readTree(odd));
                    all.add(root.toString());
                }
                object.remove(name);
                all.add(root.toString());
                object.set(name, kept);
                replaceIn(root, kept, all);
            }
        } else if (node instanceof ArrayNode list && !list.isEmpty()) {
            JsonNode kept = list.get(0);
            for (String odd : oddOnes()) {
                list.set(0, JSON.readTree(odd));
                all.add(root.toString());
            }
            list.set(0, kept);
            replaceIn(root, kept, all);
        }
    }

    @Test
    void anyBodyIsTakenOrRefused() throws Exception {
        for (String path : api.path("paths").propertyNames()) {
            for (String method : api.path("paths").path(path).propertyNames()) {
                JsonNode content = api.path("paths")
                        .path(path)
                        .path(method)
                        .path("requestBody")
                        .path("content")
                        .path("application/json");
                boolean endsTheTest = path.equals("/api/session") || path.startsWith("/api/session/password");
                if (content.isMissingNode()
                        || endsTheTest
                        || path.startsWith("/api/setup")
                        || path.equals("/api/people/{id}")) {
                    continue;
                }
                JsonNode body = sound(content.path("schema"), 0);
                for (String variant : variants(body)) {
                    note(method + " " + path + " " + shortened(variant), ask(method, filled(path), variant));
                }
            }
        }
        assertThat(FAULTS).isEmpty();
        assertThat(asked).isGreaterThan(1_000);
    }

    private static String shortened(String text) {
        return text.length() > 300 ? text.substring(0, 300) : text;
    }

    @Test
    void anyParameterIsTakenOrRefused() throws Exception {
        for (String path : api.path("paths").propertyNames()) {
            for (String method : api.path("paths").path(path).propertyNames()) {
                for (JsonNode parameter :
                        api.path("paths").path(path).path(method).path("parameters")) {
                    String name = parameter.path("name").asString();
                    for (String odd : ODD_PARAMETERS) {
                        String asked = parameter.path("in").asString().equals("path")
                                ? filled(path.replace("{" + name + "}", odd.isEmpty() ? "%20" : odd))
                                : filled(path) + "?" + name + "=" + odd;
                        note(method + " " + shortened(asked), ask(method, asked, "{}"));
                    }
                }
            }
        }
        assertThat(FAULTS).isEmpty();
    }

    @Test
    void anyTypeOfContentIsTakenOrRefused() throws Exception {
        for (String path : api.path("paths").propertyNames()) {
            if (api.path("paths").path(path).has("post")
                    && !Set.of("/api/session", "/api/setup").contains(path)) {
                for (String type : List.of(
                        "*/*",
                        "nonsense",
                        "text/html",
                        "application/xml",
                        "image/jpeg",
                        "text/csv;charset=none",
                        "application/json;charset=utf-7")) {
                    note(
                            "post " + path + " as " + type,
                            lead.post(filled(path), type, "{\"a\":1}".getBytes(StandardCharsets.UTF_8)));
                }
            }
        }
        assertThat(FAULTS).isEmpty();
    }

    @Test
    void importsAreBounded() throws Exception {
        String deep = "[".repeat(3_000) + "]".repeat(3_000);
        for (String path : List.of(
                "/api/kits/import",
                "/api/wheels/import",
                "/api/parts/import",
                "/api/jobs/import",
                "/api/families/import")) {
            for (String body :
                    List.of(deep, "{\"a\":" + deep + "}", "{\"kits\":" + "9".repeat(2_000) + "}", "\u0000", "")) {
                Answer answer = lead.post(path, body);
                assertThat(answer.status()).as(path).isBetween(400, 499);
            }
        }
        String kits = KitDocument.write(List.of(DemoData.kits().get(0)));
        assertThat(lead.post("/api/kits/import", kits.replaceFirst("\"value\" : 280", "\"value\" : 1e300"))
                        .status())
                .isEqualTo(422);
        String job = JobDocument.write(DemoData.jobs().get(0));
        assertThat(lead.post(
                                "/api/jobs/import",
                                job.replaceFirst("\"load_kg\" : \\d+(\\.\\d+)?", "\"load_kg\" : 99999999"))
                        .status())
                .isLessThan(500);
    }

    @Test
    void aPictureOfTooManyPixelsIsRefusedByItsHeader() throws Exception {
        long axle = 1;
        long reading = lead.get("/api/axles/1/end")
                .json()
                .path("sides")
                .get(0)
                .path("callouts")
                .valueStream()
                .filter(c -> c.path("readings").size() > 0)
                .findFirst()
                .orElseThrow()
                .path("readings")
                .get(0)
                .path("id")
                .asLong();
        String path =
                "/api/axles/" + axle + "/readings/" + reading + "/photos?clientId=00000000-0000-4000-8000-00000000000";
        Answer huge = lead.post(path + "1", "image/png", png(8_000, 7_500));
        assertThat(huge.status()).isEqualTo(422);
        assertThat(huge.text()).contains("50 million");
        assertThat(lead.post(path + "2", "image/png", png(640, 480)).status()).isEqualTo(200);
        byte[] cut = png(640, 480);
        assertThat(lead.post(path + "3", "image/png", java.util.Arrays.copyOf(cut, cut.length / 2))
                        .status())
                .isLessThan(500);
    }

    /** A plain picture: few bytes, many pixels. */
    private static byte[] png(int width, int height) throws Exception {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(width, height, BufferedImage.TYPE_BYTE_BINARY), "png", out);
        assertThat(out.size())
                .as(String.format(Locale.ROOT, "%d x %d", width, height))
                .isLessThan(300_000);
        return out.toByteArray();
    }
}
