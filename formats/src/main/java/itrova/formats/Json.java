package itrova.formats;

import com.networknt.schema.Error;
import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import itrova.core.kit.Contradiction;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import tools.jackson.core.JacksonException;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.core.TokenStreamLocation;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.cfg.JsonNodeFeature;
import tools.jackson.databind.json.JsonMapper;

/** Reading and writing JSON, and checking it against the shipped schemas. */
final class Json {
    private static final int MOST_FAULTS_SHOWN = 50;
    private static final int DEEPEST = 30;

    static final JsonMapper MAPPER = JsonMapper.builder(JsonFactory.builder()
                    .streamReadConstraints(StreamReadConstraints.builder()
                            .maxNestingDepth(DEEPEST)
                            .build())
                    .build())
            .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
            .enable(DeserializationFeature.USE_BIG_DECIMAL_FOR_FLOATS)
            .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
            .disable(JsonNodeFeature.STRIP_TRAILING_BIGDECIMAL_ZEROES)
            .enable(SerializationFeature.INDENT_OUTPUT)
            .build();

    /** Writes on one line. */
    static final JsonMapper COMPACT =
            MAPPER.rebuild().disable(SerializationFeature.INDENT_OUTPUT).build();

    private static final SchemaRegistry REGISTRY =
            SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12);
    static final Schema JOB_SCHEMA = load("itrova-job.schema.json");
    static final Schema KITS_SCHEMA = load("itrova-kits.schema.json");
    static final Schema FAMILIES_SCHEMA = load("itrova-families.schema.json");
    static final Schema AROUND_SCHEMA = load("itrova-around.schema.json");
    static final Schema WHEELS_SCHEMA = load("itrova-wheels.schema.json");
    static final Schema STOCK_SCHEMA = load("itrova-stock.schema.json");
    static final Schema PARTS_SCHEMA = load("itrova-parts.schema.json");

    private static final BigDecimal HUGE = new BigDecimal("1e15");
    private static final Pattern LIST_ENTRY =
            Pattern.compile("/(?:kits|wheels|parts|stock|axles/\\d+/readings)/(\\d+)(?:/(.*))?");

    private Json() {}

    private static Schema load(String name) {
        try (InputStream in = Json.class.getResourceAsStream("/schemas/" + name)) {
            if (in == null) {
                throw new IllegalStateException("The schema " + name + " is not in the build.");
            }
            return REGISTRY.getSchema(in, InputFormat.JSON);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Parses a text and checks it against a schema. */
    static JsonNode read(String file, String text, Schema schema) {
        JsonNode root;
        try {
            root = MAPPER.readTree(text);
        } catch (JacksonException e) {
            TokenStreamLocation at = e.getLocation();
            String where = at == null ? "" : "line " + at.getLineNr() + ", column " + at.getColumnNr();
            throw new DocumentException(List.of(new DocumentProblem(
                    file, 0, where, "This is not JSON: " + e.getOriginalMessage() + " Mend it there and try again.")));
        }
        validate(file, root, schema);
        return root;
    }

    /** Checks a document against a schema. */
    static void validate(String file, JsonNode root, Schema schema) {
        List<DocumentProblem> huge = new ArrayList<>();
        findHuge(file, root, "", huge);
        if (!huge.isEmpty()) {
            throw new DocumentException(huge);
        }
        List<Error> errors = schema.validate(root);
        if (!errors.isEmpty()) {
            throw new DocumentException(errors.stream()
                    .limit(MOST_FAULTS_SHOWN)
                    .map(e -> problem(file, e))
                    .toList());
        }
    }

    /** Numbers no length, price or count comes near; the schema's library cannot compare them. */
    private static void findHuge(String file, JsonNode node, String path, List<DocumentProblem> found) {
        if (node.isNumber() && node.decimalValue().abs().compareTo(HUGE) > 0) {
            found.add(at(
                    file,
                    path,
                    "The number " + shortened(node.toString()) + " is larger than anything here can be. Check it."));
        }
        node.properties().forEach(e -> findHuge(file, e.getValue(), path + "/" + e.getKey(), found));
        if (node.isArray()) {
            for (int i = 0; i < node.size(); i++) {
                findHuge(file, node.get(i), path + "/" + i, found);
            }
        }
    }

    private static DocumentProblem problem(String file, Error error) {
        String value =
                error.getInstanceNode() == null || error.getInstanceNode().isContainer()
                        ? ""
                        : " It is " + shortened(error.getInstanceNode().toString()) + ".";
        return at(
                file,
                pointer(error.getInstanceLocation().toString()),
                sentence(error.getMessage()) + value + " See the schema under docs/formats.");
    }

    /** A problem at a place of a document, by row where it lies in a list. */
    private static DocumentProblem at(String file, String path, String message) {
        Matcher inList = LIST_ENTRY.matcher(path);
        int row = 0;
        String field = path.startsWith("/") ? path.substring(1) : path;
        if (inList.matches()) {
            row = Integer.parseInt(inList.group(1)) + 1;
            field = inList.group(2) == null ? "" : inList.group(2);
        }
        return new DocumentProblem(file, row, field.replace('/', '.'), message);
    }

    private static String pointer(String path) {
        return path.startsWith("$")
                ? path.substring(1).replace("[", "/").replace("]", "").replace('.', '/')
                : path;
    }

    private static String sentence(String message) {
        return message.endsWith(".") ? message : message + ".";
    }

    static String shortened(String text) {
        return text.length() > 60 ? text.substring(0, 57) + "..." : text;
    }

    /** Collects faults while a document is mapped, so that all can be told at once. */
    static final class Faults {
        private final String file;
        private final List<DocumentProblem> problems = new ArrayList<>();
        private final List<String> warnings = new ArrayList<>();
        private final List<Contradiction> clashes = new ArrayList<>();

        Faults(String file) {
            this.file = file;
        }

        void add(int row, String field, String message) {
            problems.add(new DocumentProblem(file, row, field, message));
        }

        /** Notes something odd that keeps nothing out. */
        void warn(String message) {
            warnings.add(message);
        }

        /** Notes that papers state two values of a figure: the figure cannot be used, the rest can. */
        void clash(Contradiction clash) {
            clashes.add(clash);
        }

        /** What clashed since asked last. */
        List<Contradiction> takeClashes() {
            List<Contradiction> taken = List.copyOf(clashes);
            clashes.clear();
            return taken;
        }

        /** What was odd since asked last. */
        List<String> takeWarnings() {
            List<String> taken = List.copyOf(warnings);
            warnings.clear();
            return taken;
        }

        int count() {
            return problems.size();
        }

        void throwIfAny() {
            if (!problems.isEmpty()) {
                throw new DocumentException(problems);
            }
        }
    }
}
