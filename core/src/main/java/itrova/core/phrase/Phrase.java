package itrova.core.phrase;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collector;
import java.util.stream.Collectors;

/**
 * Something to be said, as data: which sentence of the bundle, and what stands in it.
 *
 * @param code the sentence's key in the bundle; empty where the values are said one after the other
 * @param values what its places {@code {0}}, {@code {1}} … hold: an {@link Amount}, a whole number, a {@link Titled}, another phrase,
 *     or a name as people or papers gave it
 */
public record Phrase(String code, List<Object> values) {
    /** Nothing to say. */
    public static final Phrase NOTHING = new Phrase("", List.of());

    public Phrase {
        Object[] said = values.toArray();
        for (int i = 0; i < said.length; i++) {
            // one kind of whole number: documents do not tell apart how wide it was
            said[i] = said[i] instanceof Integer whole ? whole.longValue() : said[i];
        }
        values = List.of(said);
    }

    /** A sentence with what stands in it. */
    public static Phrase of(String code, Object... values) {
        return new Phrase(code, List.of(values));
    }

    /** A name or a text as somebody gave it: said as it is in every language. */
    public static Phrase given(String text) {
        return new Phrase("", List.of(text));
    }

    /** Said one after the other. */
    public static Phrase all(Object... values) {
        return new Phrase("", List.of(values));
    }

    /** Several with something between them. */
    public static Phrase joined(String between, List<?> parts) {
        List<Object> values = new ArrayList<>();
        for (Object part : parts) {
            if (!values.isEmpty()) {
                values.add(between);
            }
            values.add(part);
        }
        return new Phrase("", values);
    }

    /** One or another of several; nothing where there is none. */
    public static Phrase either(List<?> parts) {
        Phrase either = NOTHING;
        for (Object part : parts) {
            either = either.isEmpty() ? all(part) : of("list.or", either, part);
        }
        return either;
    }

    /** Collects several with something between them. */
    public static Collector<Object, ?, Phrase> joining(String between) {
        return Collectors.collectingAndThen(Collectors.toList(), parts -> joined(between, parts));
    }

    /** Whether nothing is said. */
    public boolean isEmpty() {
        return equals(NOTHING);
    }
}
