package itrova.formats.paper;

import java.util.List;
import java.util.stream.Stream;

/**
 * Who a paper is from.
 *
 * @param lines name and address, a line each
 * @param logo the shop's own, JPEG; empty where it has none
 */
public record Letterhead(List<String> lines, byte[] logo) {
    public Letterhead {
        lines = List.copyOf(lines);
        logo = logo.clone();
    }

    /** The head of a shop's papers; lines of the address left blank are dropped. */
    public static Letterhead of(String name, String address, byte[] logo) {
        return new Letterhead(
                Stream.concat(Stream.of(name), address.lines())
                        .map(String::strip)
                        .filter(line -> !line.isEmpty())
                        .toList(),
                logo);
    }
}
