package itrova.formats;

/**
 * One fault of a document.
 *
 * @param file name of the file
 * @param row which entry of the list, counted from 1; 0 when the fault is not in a list
 * @param field path of the field, such as {@code disc.bore_mm}
 * @param message what is wrong and how to mend it
 */
public record DocumentProblem(String file, int row, String field, String message) {
    @Override
    public String toString() {
        return file + (row > 0 ? ", row " + row : "") + (field.isEmpty() ? "" : ", " + field) + ": " + message;
    }
}
