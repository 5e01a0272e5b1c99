package itrova.formats.cli;

import itrova.core.record.Job;
import itrova.formats.DemoData;
import itrova.formats.JobDocument;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Calls of the command line over demo jobs, as found or with a plan of the brakes. */
final class CommandCall {
    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    private final Path folder;
    private final ByteArrayOutputStream out = new ByteArrayOutputStream();
    private final ByteArrayOutputStream err = new ByteArrayOutputStream();

    CommandCall(Path folder) {
        this.folder = folder;
    }

    int run(String... args) {
        out.reset();
        err.reset();
        return Main.run(
                args,
                new PrintStream(out, true, StandardCharsets.UTF_8),
                new PrintStream(err, true, StandardCharsets.UTF_8));
    }

    String out() {
        return out.toString(StandardCharsets.UTF_8);
    }

    String err() {
        return err.toString(StandardCharsets.UTF_8);
    }

    /** What was printed, as JSON. */
    JsonNode json(String... args) {
        String[] all = java.util.Arrays.copyOf(args, args.length + 2);
        all[args.length] = "--format";
        all[args.length + 1] = "json";
        run(all);
        return MAPPER.readTree(out());
    }

    /** The file of a demo job, by the beginning of its title. */
    String demo(String title) throws IOException {
        return file("job.json", text(title));
    }

    private static String text(String title) {
        Job job = DemoData.jobs().stream()
                .filter(j -> j.title().startsWith(title))
                .findFirst()
                .orElseThrow();
        return JobDocument.write(job);
    }

    /** The same with a plan of the brakes, told as JSON. */
    String planned(String title, String plan) throws IOException {
        ObjectNode root = (ObjectNode) MAPPER.readTree(text(title));
        ((ObjectNode) root.path("vehicle").path("circuit")).set("planned", MAPPER.readTree(plan));
        return file("planned.json", root.toString());
    }

    /** The same of whose brakes nobody wrote anything down. */
    String unseen(String title) throws IOException {
        ObjectNode root = (ObjectNode) MAPPER.readTree(text(title));
        ((ObjectNode) root.path("vehicle")).remove("circuit");
        return file("unseen.json", root.toString());
    }

    String file(String name, String text) throws IOException {
        return Files.writeString(folder.resolve(name), text).toString();
    }

    static JsonNode finding(JsonNode state, String check) {
        for (JsonNode f : state.path("findings")) {
            if (f.path("check").asString().equals(check)) {
                return f;
            }
        }
        throw new AssertionError("no finding about " + check);
    }
}
