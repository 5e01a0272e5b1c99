package itrova.formats;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;

/** The schemas of documents as they ship. */
public final class Schemas {
    private Schemas() {}

    /**
     * A schema as text (JSON Schema 2020-12).
     *
     * @param name such as {@code itrova-kits}
     */
    public static String text(String name) {
        try (InputStream in = Schemas.class.getResourceAsStream("/schemas/" + name + ".schema.json")) {
            if (in == null) {
                throw new IllegalArgumentException("There is no schema " + name + ".");
            }
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
