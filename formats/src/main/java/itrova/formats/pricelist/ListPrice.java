package itrova.formats.pricelist;

import java.math.BigDecimal;
import java.util.Currency;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Prices as lists of any country write them, in the currency the shop reckons in. */
final class ListPrice {
    private static final Pattern MONEY = Pattern.compile("([^0-9+-]*)\\s*(-?[0-9][0-9.,' \u00a0]*)\\s*([^0-9]*)");
    private static final Pattern WHOLE = Pattern.compile("[0-9]+");
    private static final Pattern GROUPED = Pattern.compile("[0-9]{1,3}([.,' \u00a0])[0-9]{3}(?:\\1[0-9]{3})*");
    private static final Pattern WITH_CENTS =
            Pattern.compile("([0-9]+|[0-9]{1,3}(?:[.,' \u00a0][0-9]{3})+)[.,]([0-9]{1,2})");
    private static final BigDecimal MOST = new BigDecimal("1000000");

    private ListPrice() {}

    /**
     * A price in cents.
     *
     * @throws IllegalArgumentException naming text and remedy: no price, another currency, or a figure that can be read two ways
     */
    static long cents(String text, String currency) {
        Matcher money = MONEY.matcher(text.strip());
        if (!money.matches()) {
            throw new IllegalArgumentException("“" + text + "” is no price. Write it such as 12.50.");
        }
        checkCurrency(text, (money.group(1) + money.group(3)).strip(), currency);
        String figure = money.group(2).strip();
        if (figure.startsWith("-")) {
            throw new IllegalArgumentException("“" + text + "” is less than nothing. A price is 0 or more.");
        }
        BigDecimal amount = amount(text, figure);
        if (amount.compareTo(MOST) > 0) {
            throw new IllegalArgumentException("“" + text + "” is more than any part costs. Check the figure.");
        }
        return amount.movePointRight(2).longValueExact();
    }

    private static BigDecimal amount(String text, String figure) {
        if (WHOLE.matcher(figure).matches()) {
            return new BigDecimal(figure);
        }
        Matcher withCents = WITH_CENTS.matcher(figure);
        if (withCents.matches()) {
            return new BigDecimal(withCents.group(1).replaceAll("[^0-9]", "") + "." + withCents.group(2));
        }
        Matcher grouped = GROUPED.matcher(figure);
        if (grouped.matches()
                && figure.chars().filter(c -> c == grouped.group(1).charAt(0)).count() > 1) {
            return new BigDecimal(figure.replaceAll("[^0-9]", ""));
        }
        throw new IllegalArgumentException("“" + text
                + "” can be read two ways, or has parts of a cent. Write it with two decimals, such as 1234.00.");
    }

    private static void checkCurrency(String text, String said, String currency) {
        if (!said.isEmpty()
                && !said.equalsIgnoreCase(currency)
                && !said.equals(Currency.getInstance(currency).getSymbol(Locale.ROOT))
                && !said.equals(symbol(currency))) {
            throw new IllegalArgumentException("“" + text + "” is not in " + currency
                    + ", which the shop reckons in. Turn it into that at the day's rate first.");
        }
    }

    private static String symbol(String currency) {
        return switch (currency) {
            case "EUR" -> "€";
            case "USD", "CAD", "AUD", "NZD" -> "$";
            case "GBP" -> "£";
            default -> currency;
        };
    }
}
