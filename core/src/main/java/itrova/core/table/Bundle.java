package itrova.core.table;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Properties;

/** Sentences by their code, from a properties resource in UTF-8. */
public final class Bundle {
    private Bundle() {}

    /**
     * Reads a bundle.
     *
     * @param beside a class in the package of the resource
     * @throws IllegalStateException if the build has no such resource
     */
    public static Map<String, String> read(Class<?> beside, String name) {
        Properties lines = new Properties();
        try (InputStream in = beside.getResourceAsStream(name)) {
            if (in == null) {
                throw new IllegalStateException("The bundle " + name + " is not in the build.");
            }
            lines.load(new InputStreamReader(in, StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        Map<String, String> sentences = new LinkedHashMap<>();
        lines.stringPropertyNames().forEach(code -> sentences.put(code, lines.getProperty(code)));
        return Map.copyOf(sentences);
    }
}
