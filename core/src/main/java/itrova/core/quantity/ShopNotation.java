package itrova.core.quantity;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads and writes measures as they are written in a workshop: {@code 2 13/16}, {@code 3-5/16"}, {@code 13/32},
 * {@code .3125}, {@code 82,5 mm}, {@code 8.25cm}, {@code 5' 2 1/2"}.
 */
public final class ShopNotation {
    /** Longest text looked at, in characters; bounds the work a hostile text can cause. */
    static final int MAX_LENGTH = 60;

    /** Papers round a measure to a handy figure of the other unit by up to this share of it (common practice). */
    static final double ROUNDED_BY_HAND = 0.02;

    private static final Pattern FEET_AND_INCHES =
            Pattern.compile("([+-]?\\d+)\\s*(?:'|′|’|ft|feet|foot)\\s*-?\\s*(\\d.*)", Pattern.CASE_INSENSITIVE);
    private static final Pattern MIXED = Pattern.compile("([+-]?)(\\d+)\\s*[\\s-]\\s*(\\d+)\\s*/\\s*(\\d+)(.*)");
    private static final Pattern FRACTION = Pattern.compile("([+-]?)(\\d+)\\s*/\\s*(\\d+)(.*)");
    private static final Pattern DECIMAL = Pattern.compile("([+-]?)(\\d*)(?:[.,](\\d*))?(.*)");
    /** A measure with its unit, then another in brackets or behind a stroke or an equals sign. */
    private static final Pattern IN_TWO_UNITS = Pattern.compile("(.*[\\p{L}\\d\"″”'′’².])(?:\\s*\\(([^()]+)\\)"
            + "|(?<=[\\p{L}\"″”²])\\s*[/=]\\s*([\\d.][^()/=]*(?:/\\d+[^()/=]*)?))");

    private static final Map<Character, String> VULGAR = Map.of(
            '½', "1/2", '¼', "1/4", '¾', "3/4", '⅛', "1/8", '⅜', "3/8", '⅝', "5/8", '⅞', "7/8", '⅓', "1/3", '⅔', "2/3");

    private ShopNotation() {}

    /**
     * Understands a text. One that states the same measure in two units, such as {@code 330 mm (13 in)} or
     * {@code 70 N·m / 52 lbf·ft}, is taken by its finer part when both agree within what their writing can show.
     *
     * @param text what was typed
     * @param dimension what is being measured
     * @param defaultUnit unit taken when none is written; of that dimension
     * @return value in SI and how it was written
     * @throws NotationException if the text is not a measure of that dimension, or states two that clash
     */
    public static Understood parse(String text, Dimension dimension, Unit defaultUnit) {
        Printed printed = read(text, dimension, defaultUnit);
        if (printed.other().isPresent() && printed.apart() > 0) {
            throw NotationException.clash(
                    tidy(text), printed.finer(), printed.other().get());
        }
        return printed.finer();
    }

    /**
     * Understands a text of a supplier's papers, where two units often state one measure rounded by hand: up to
     * {@value #ROUNDED_BY_HAND} of it apart they are one measure with that doubt.
     *
     * @throws NotationException as for {@link #parse}; two values further apart clash
     */
    public static Printed parsePrinted(String text, Dimension dimension, Unit defaultUnit) {
        Printed printed = read(text, dimension, defaultUnit);
        double size = Math.abs(printed.finer().si());
        if (printed.apart() > ROUNDED_BY_HAND * size) {
            throw NotationException.clash(
                    tidy(text), printed.finer(), printed.other().orElseThrow());
        }
        return printed;
    }

    private static Printed read(String text, Dimension dimension, Unit defaultUnit) {
        String trimmed = tidy(text);
        if (trimmed.isEmpty()) {
            throw NotationException.empty(dimension);
        }
        if (trimmed.length() > MAX_LENGTH) {
            throw NotationException.tooLong(trimmed.length());
        }
        Matcher both = IN_TWO_UNITS.matcher(trimmed);
        if (both.matches()) {
            String second = both.group(2) == null ? both.group(3) : both.group(2);
            return agreed(
                    parseOne(both.group(1).strip(), dimension, defaultUnit), parseOne(second, dimension, defaultUnit));
        }
        return new Printed(parseOne(trimmed, dimension, defaultUnit), Optional.empty(), 0);
    }

    private static Printed agreed(Understood first, Understood second) {
        double apart = Math.abs(first.si() - second.si());
        boolean isOne = apart <= (first.step() + second.step()) / 2;
        Understood finer = second.step() < first.step() ? second : first;
        return new Printed(finer, Optional.of(finer == first ? second : first), isOne ? 0 : apart);
    }

    private static Understood parseOne(String trimmed, Dimension dimension, Unit defaultUnit) {
        String text = trimmed;
        if (dimension == Dimension.LENGTH) {
            Matcher feet = FEET_AND_INCHES.matcher(trimmed);
            if (feet.matches()) {
                Understood inches = parseSingle(text, feet.group(2), dimension, Unit.INCH);
                double whole = Double.parseDouble(feet.group(1)) * Unit.FOOT.toSi();
                double sign = feet.group(1).startsWith("-") ? -1 : 1;
                return new Understood(
                        whole + sign * inches.si(),
                        Unit.INCH,
                        true,
                        inches.fraction(),
                        inches.lastDigit(),
                        inches.step());
            }
        }
        return parseSingle(text, trimmed, dimension, defaultUnit);
    }

    private static Understood parseSingle(String text, String body, Dimension dimension, Unit defaultUnit) {
        Matcher mixed = MIXED.matcher(body);
        if (mixed.matches()) {
            return fraction(
                    text,
                    mixed.group(1),
                    mixed.group(2),
                    mixed.group(3),
                    mixed.group(4),
                    mixed.group(5),
                    dimension,
                    defaultUnit);
        }
        Matcher simple = FRACTION.matcher(body);
        if (simple.matches()) {
            return fraction(
                    text,
                    simple.group(1),
                    "0",
                    simple.group(2),
                    simple.group(3),
                    simple.group(4),
                    dimension,
                    defaultUnit);
        }
        return decimal(text, body, dimension, defaultUnit);
    }

    private static Understood fraction(
            String text,
            String sign,
            String whole,
            String over,
            String under,
            String rest,
            Dimension dimension,
            Unit defaultUnit) {
        double top = Double.parseDouble(over);
        double bottom = Double.parseDouble(under);
        if (!(bottom > 0) || top >= bottom) {
            throw NotationException.badFraction(text.strip(), over + "/" + under);
        }
        boolean written = !rest.isBlank();
        // A bare fraction of a length is a fraction of an inch: nobody writes fractions of a millimetre.
        Unit unwritten = dimension == Dimension.LENGTH ? Unit.INCH : defaultUnit;
        Unit unit = written ? unitOf(text, rest, dimension) : unwritten;
        double value = Double.parseDouble(whole) + top / bottom;
        return new Understood(
                ("-".equals(sign) ? -value : value) * unit.toSi(), unit, written, true, 0, unit.toSi() / bottom);
    }

    private static Understood decimal(String text, String body, Dimension dimension, Unit defaultUnit) {
        Matcher matcher = DECIMAL.matcher(body);
        if (!matcher.matches()
                || (matcher.group(2).isEmpty()
                        && (matcher.group(3) == null || matcher.group(3).isEmpty()))) {
            throw NotationException.notANumber(text.strip(), body, dimension);
        }
        String rest = matcher.group(4);
        boolean written = !rest.isBlank();
        if (written && !startsLikeAUnit(rest.strip())) {
            throw NotationException.notANumber(text.strip(), rest.strip(), dimension);
        }
        Unit unit = written ? unitOf(text, rest, dimension) : defaultUnit;
        String decimals = matcher.group(3) == null ? "" : matcher.group(3);
        double magnitude = Double.parseDouble("0" + matcher.group(2) + "." + decimals + "0");
        if (dimension == Dimension.COUNT && !decimals.isEmpty()) {
            throw NotationException.notWhole(text.strip());
        }
        double value = "-".equals(matcher.group(1)) ? -magnitude : magnitude;
        double lastDigit = Math.pow(10, -decimals.length()) * unit.toSi();
        return new Understood(value * unit.toSi(), unit, written, false, lastDigit, lastDigit);
    }

    private static boolean startsLikeAUnit(String rest) {
        char first = rest.charAt(0);
        return !Character.isDigit(first) && first != '.' && first != ',' && first != '/' && first != '-';
    }

    private static Unit unitOf(String text, String spelling, Dimension dimension) {
        return Unit.find(spelling, dimension)
                .orElseThrow(() -> Character.isLetter(spelling.strip().charAt(0))
                                || "\"'″′”’".indexOf(spelling.strip().charAt(0)) >= 0
                        ? NotationException.unknownUnit(text.strip(), spelling.strip(), dimension)
                        : NotationException.notANumber(text.strip(), spelling.strip(), dimension));
    }

    private static String tidy(String text) {
        StringBuilder out = new StringBuilder();
        for (char c : text.strip().toCharArray()) {
            String vulgar = VULGAR.get(c);
            if (vulgar != null) {
                out.append(!out.isEmpty() && Character.isDigit(out.charAt(out.length() - 1)) ? " " : "")
                        .append(vulgar);
            } else {
                out.append(
                        switch (c) {
                            case '−', '–' -> '-';
                            case '\u00a0', '\u2009', '\u202f', '\t' -> ' ';
                            case '⁄' -> '/';
                            default -> c;
                        });
            }
        }
        return out.toString().strip();
    }

    /**
     * Writes a value with a fixed number of decimals and its unit.
     *
     * @param si value in the SI unit of the unit's dimension
     */
    public static String decimal(double si, Unit unit, int decimals) {
        String number = String.format(Locale.ROOT, "%." + decimals + "f", si / unit.toSi());
        return unit.symbol().isEmpty() ? number : number + " " + unit.symbol();
    }

    /**
     * Writes a value in both systems of units, for who reads it may think in either: {@code 400 mm (15.75 in)}.
     *
     * @param si value in the SI unit of the dimension
     */
    public static String inBoth(double si, Dimension dimension) {
        Unit metric = Unit.si(dimension);
        Unit inch = Unit.defaultFor(dimension, UnitSystem.INCH);
        return figure(si) + " " + metric.symbol() + " (" + figure(si / inch.toSi()) + " " + inch.symbol() + ")";
    }

    private static String figure(double value) {
        BigDecimal rounded = BigDecimal.valueOf(value).setScale(2, RoundingMode.HALF_UP);
        return (rounded.signum() == 0 ? BigDecimal.ZERO : rounded.stripTrailingZeros()).toPlainString();
    }

    /** Writes a length (mm) in both systems of units. */
    public static String inBoth(double mm) {
        return inBoth(mm, Dimension.LENGTH);
    }

    /**
     * Writes a length as inches and a fraction, rounded to the nearest part and reduced, such as {@code 2 13/16 in}.
     *
     * @param mm length (mm)
     * @param parts parts of an inch, a power of two from 2 to 64
     */
    public static String inches(double mm, int parts) {
        long total = Math.round(Math.abs(mm) / Unit.INCH.toSi() * parts);
        String sign = mm < 0 && total > 0 ? "-" : "";
        long whole = total / parts;
        long over = total % parts;
        long under = parts;
        while (over > 0 && over % 2 == 0) {
            over /= 2;
            under /= 2;
        }
        if (over == 0) {
            return sign + whole + " in";
        }
        return sign + (whole > 0 ? whole + " " : "") + over + "/" + under + " in";
    }
}
