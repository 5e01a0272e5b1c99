package itrova.core.wording;

import itrova.core.phrase.Amount;
import itrova.core.phrase.Phrase;
import itrova.core.phrase.Titled;
import itrova.core.quantity.UnitSystem;
import itrova.core.table.Bundle;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Says phrases in one language and one unit system. English ships; another language is another bundle: a sentence for each code, and
 * for each {@link Titled} a line of its list and name, {@code Side.LEFT}.
 */
public final class Wording {
    private static final Map<String, String> ENGLISH = Bundle.read(Wording.class, "en.properties");
    private static final Pattern PLACE = Pattern.compile("\\{(\\d+)}");
    /** Inch units are told with no more digits after the point than this. */
    private static final int MOST_DECIMALS = 4;

    private final Map<String, String> bundle;
    private final UnitSystem units;

    /** English in millimetres: what documents are written in. */
    public static final Wording METRIC = english(UnitSystem.METRIC);

    /**
     * A language in a unit system.
     *
     * @param bundle its sentences by their code
     */
    public Wording(Map<String, String> bundle, UnitSystem units) {
        this.bundle = bundle;
        this.units = units;
    }

    /** English in a unit system. */
    public static Wording english(UnitSystem units) {
        return new Wording(ENGLISH, units);
    }

    /** The sentences of the English bundle by their code. */
    public static Map<String, String> englishBundle() {
        return ENGLISH;
    }

    /**
     * A phrase in words.
     *
     * @throws IllegalStateException if the bundle has no sentence for the code: a fault of the program or of the bundle
     */
    public String say(Phrase phrase) {
        if (phrase.code().isEmpty()) {
            StringBuilder out = new StringBuilder();
            phrase.values().forEach(v -> out.append(value(v)));
            return out.toString();
        }
        String sentence = bundle.get(phrase.code());
        if (sentence == null) {
            throw new IllegalStateException("The bundle has no sentence “" + phrase.code() + "”.");
        }
        Matcher places = PLACE.matcher(sentence);
        StringBuilder out = new StringBuilder();
        while (places.find()) {
            int at = Integer.parseInt(places.group(1));
            places.appendReplacement(
                    out, Matcher.quoteReplacement(value(phrase.values().get(at))));
        }
        places.appendTail(out);
        return out.toString();
    }

    private String value(Object value) {
        if (value instanceof Phrase phrase) {
            return say(phrase);
        }
        if (value instanceof Amount amount) {
            return amount(amount);
        }
        if (value instanceof Titled titled) {
            return title(titled);
        }
        return String.valueOf(value);
    }

    /** The title of one of a fixed list. */
    public String title(Titled titled) {
        return bundle.getOrDefault(titled.list() + "." + titled.name(), titled.title());
    }

    /** The reader's units. */
    public UnitSystem units() {
        return units;
    }

    /** An amount in the reader's units, as finely as it is to be told. */
    public String amount(Amount a) {
        boolean inch = units == UnitSystem.INCH && a.kind() != Amount.Kind.NUMBER;
        int decimals = inch
                ? Math.max(0, Math.min(MOST_DECIMALS, a.decimals() + a.kind().moreDecimals()))
                : a.decimals();
        double value = inch ? a.value() * a.kind().toInch() : a.value();
        String text = String.format(Locale.ROOT, (a.signed() ? "%+." : "%.") + decimals + "f", value);
        if (text.matches("-0(\\.0*)?")) {
            text = text.substring(1);
        }
        String unit = inch ? a.kind().inch() : a.kind().metric();
        return text.replace('-', '−') + (a.bare() || unit.isEmpty() ? "" : " " + unit);
    }
}
