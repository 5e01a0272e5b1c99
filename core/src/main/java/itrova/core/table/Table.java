package itrova.core.table;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;

/** Rows of a resource with columns parted by {@code |}; lines that begin with {@code #} are remarks. */
public final class Table {
    private Table() {}

    /**
     * The rows of a table.
     *
     * @param owner class beside which the resource lies
     * @param name file name of the resource
     * @param columns columns every row must have
     * @throws IllegalStateException if the resource is missing or a row has another number of columns: our own bug
     */
    public static List<String[]> rows(Class<?> owner, String name, int columns) {
        try (InputStream in = owner.getResourceAsStream(name)) {
            if (in == null) {
                throw new IllegalStateException("The table " + name + " is not in the build.");
            }
            return new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .filter(line -> !line.isBlank() && !line.startsWith("#"))
                    .map(line -> split(name, line, columns))
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static String[] split(String name, String line, int columns) {
        String[] cells = line.split("\\|", -1);
        if (cells.length != columns) {
            throw new IllegalStateException(
                    name + ": “" + line + "” has " + cells.length + " columns, not " + columns + ".");
        }
        return cells;
    }
}
