package itrova.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import itrova.core.record.Job;
import itrova.core.record.Trail;
import itrova.formats.cli.Main;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** The chain of a dossier: any change, removal or reordering is found, most of them by the document alone, all by its head. */
class DossierDocumentTest {
    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    @TempDir
    Path folder;

    private static Job job() {
        List<Trail.Entry> entries = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            entries.add(new Trail.Entry(
                    OptionalInt.of(0),
                    "STEP_TICKED",
                    "left-bracket " + i,
                    Map.of("set", "55 lbf·ft", "held", "square “as read” " + i),
                    "Tam Orrin",
                    Instant.parse("2026-11-20T10:00:00Z").plusSeconds(60L * i)));
        }
        Job van = DemoData.jobs().get(0);
        return van.with(new Trail(van.trail().changes(), van.trail().photos(), entries));
    }

    @Test
    void whatWasWrittenHoldsTogether() {
        String dossier = DossierDocument.write(job());
        DossierDocument.Found found =
                DossierDocument.verify("d.json", dossier, Optional.of(DossierDocument.head(dossier)));
        assertThat(found.faults()).isEmpty();
        assertThat(found.head()).isEqualTo(DossierDocument.head(dossier));
    }

    /** Every place of the tree: 200 chosen by chance are changed, each is found against the head. */
    @Test
    void twoHundredPlacesChangedAreFound() {
        String dossier = DossierDocument.write(job());
        String head = DossierDocument.head(dossier);
        Random random = new Random(20261126);
        for (int i = 0; i < 200; i++) {
            JsonNode root = MAPPER.readTree(dossier);
            String place = change(root, random);
            assertThat(DossierDocument.verify("d.json", root.toString(), Optional.of(head))
                            .faults())
                    .as(place)
                    .isNotEmpty();
        }
    }

    /** Changes one leaf: goes down by chance until there is one. */
    private static String change(JsonNode node, Random random) {
        StringBuilder place = new StringBuilder();
        JsonNode at = node;
        while (true) {
            if (at instanceof ObjectNode object) {
                List<String> keys = new ArrayList<>(object.propertyNames());
                if (keys.isEmpty()) {
                    object.put("added", 1);
                    return place + " added";
                }
                String key = keys.get(random.nextInt(keys.size()));
                place.append('/').append(key);
                if (!object.get(key).isContainer()) {
                    if (key.equals("format") && place.toString().equals("/format")) {
                        object.put("added", 1); // another format is no dossier at all
                    } else {
                        object.put(key, object.get(key).asString("") + "x");
                    }
                    return place.toString();
                }
                at = object.get(key);
            } else {
                ArrayNode array = (ArrayNode) at;
                if (array.isEmpty() || random.nextInt(4) == 0) {
                    array.add("added");
                    return place + " longer";
                }
                int index = random.nextInt(array.size());
                place.append('/').append(index);
                if (!array.get(index).isContainer() || random.nextInt(6) == 0) {
                    array.remove(index);
                    return place + " removed";
                }
                at = array.get(index);
            }
        }
    }

    @Test
    void entriesTakenOutOrMovedAreNamedByTheDocumentAlone() {
        ObjectNode root = (ObjectNode) MAPPER.readTree(DossierDocument.write(job()));
        ArrayNode log = (ArrayNode) root.path("log");
        JsonNode third = log.remove(2);
        assertThat(DossierDocument.verify("d.json", root.toString(), Optional.empty())
                        .faults())
                .singleElement()
                .asString()
                .contains("Entry 3");
        log.insert(5, third);
        assertThat(DossierDocument.verify("d.json", root.toString(), Optional.empty())
                        .faults())
                .isNotEmpty();
    }

    /** A whole chain made anew over a changed record holds together; only the head kept elsewhere shows it. */
    @Test
    void aChainMadeAnewIsShownByTheHeadAlone() {
        String first = DossierDocument.write(job());
        Job other = job();
        String forged = DossierDocument.write(other.with(
                new Trail(List.of(), List.of(), other.trail().entries().subList(0, 11))));
        assertThat(DossierDocument.verify("d.json", forged, Optional.empty()).faults())
                .isEmpty();
        assertThat(DossierDocument.verify("d.json", forged, Optional.of(DossierDocument.head(first)))
                        .faults())
                .singleElement()
                .asString()
                .contains("not the record");
    }

    /** The chain worked out once more by the description in the schema, with the JDK alone. */
    @Test
    void theHeadIsWhatTheDescriptionSays() throws Exception {
        Job bare = DemoData.jobs().get(0).with(Trail.NONE);
        String dossier = DossierDocument.write(bare);
        JsonNode job = MAPPER.readTree(dossier).path("job");
        String rest = "{\"format\":\"itrova-dossier/1\",\"job\":" + DossierDocument.canonical(job) + "}";
        byte[] hash = MessageDigest.getInstance("SHA-256")
                .digest(("itrova-dossier/1\n" + rest).getBytes(StandardCharsets.UTF_8));
        assertThat(DossierDocument.head(dossier)).isEqualTo(HexFormat.of().formatHex(hash));
    }

    @Test
    void theCommandTellsByItsExitStatus() throws IOException {
        String dossier = DossierDocument.write(job());
        String head = DossierDocument.head(dossier);
        String sound = Files.writeString(folder.resolve("d.json"), dossier).toString();
        String changed = Files.writeString(folder.resolve("c.json"), dossier.replace("Tam Orrin", "Tom Orrin"))
                .toString();
        assertThat(run("verify", sound)).isZero();
        assertThat(run("verify", sound, "--head", head)).isZero();
        assertThat(run("verify", changed)).isEqualTo(1);
        assertThat(run("verify", sound, "--head", head.replace(head.charAt(0), head.charAt(0) == 'a' ? 'b' : 'a')))
                .isEqualTo(1);
        assertThat(run("verify", sound, "--head", "short")).isEqualTo(2);
        assertThat(run(
                        "verify",
                        Files.writeString(folder.resolve("n.json"), "{}").toString()))
                .isEqualTo(2);
        assertThat(run("verify")).isEqualTo(2);
    }

    private static int run(String... args) {
        return Main.run(
                args, new PrintStream(new ByteArrayOutputStream()), new PrintStream(new ByteArrayOutputStream()));
    }

    @Test
    void whatIsNoDossierIsRefused() {
        assertThatExceptionOfType(DocumentException.class)
                .isThrownBy(() -> DossierDocument.verify("d.json", "not json", Optional.empty()));
    }
}
