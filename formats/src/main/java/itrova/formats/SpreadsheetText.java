package itrova.formats;

import java.util.regex.Pattern;

/** Text that no spreadsheet takes for a formula: a cell that begins like one gets a quote before it, which reading takes off again. */
public final class SpreadsheetText {
    /** A plain number with a sign, and a unit behind it perhaps, reckons nothing. */
    private static final Pattern NUMBER = Pattern.compile("[+-]?[0-9][0-9 ./]*( ?[A-Za-z\"]{1,4})?");

    private SpreadsheetText() {}

    /** The text as a cell. */
    public static String toCell(String text) {
        boolean isFormula = !text.isEmpty()
                && "=+-@\t\r".indexOf(text.charAt(0)) >= 0
                && !NUMBER.matcher(text).matches();
        return isFormula || text.startsWith("'") ? "'" + text : text;
    }

    /** The text of a cell. */
    public static String ofCell(String cell) {
        return cell.startsWith("'") ? cell.substring(1) : cell;
    }
}
