package itrova.formats.template;

import itrova.core.geometry.Point;
import java.util.ArrayList;
import java.util.List;

/** Points of a profile, one a line: x and y parted by comma, semicolon, tab or blank. A heading is left out. */
final class CsvPoints {
    private CsvPoints() {}

    static List<Point> read(String text) {
        List<Point> points = new ArrayList<>();
        Bounds bounds = new Bounds();
        int number = 0;
        for (String line : text.split("\\R")) {
            number++;
            String row = line.strip();
            boolean isHeading = points.isEmpty() && row.matches(".*[A-Za-z].*");
            if (row.isEmpty() || row.startsWith("#") || isHeading) {
                continue;
            }
            // A comma is a decimal sign where semicolons or tabs part the columns.
            boolean commaIsDecimal = row.contains(";") || row.contains("\t");
            String[] cells = (commaIsDecimal ? row.replace(',', '.') : row).split("[;\t, ]+");
            if (cells.length < 2) {
                throw new IllegalArgumentException(
                        "Line " + number + ", “" + row + "”: write x and y, such as 12.5, 84.");
            }
            try {
                bounds.add(points, Bounds.near(Double.parseDouble(cells[0]), Double.parseDouble(cells[1])));
            } catch (NumberFormatException e) {
                throw new IllegalArgumentException(
                        "Line " + number + ", “" + row + "”: that is not two numbers in mm.");
            }
        }
        return points;
    }
}
