package itrova.formats.template;

import itrova.core.geometry.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * Lines of a DXF file in ASCII: POLYLINE and LWPOLYLINE with bulges, LINE and ARC joined end to end. Units by {@code $INSUNITS}:
 * inches, millimetres or centimetres; millimetres where it says nothing.
 */
final class DxfLines {
    /** Ends of lines and arcs nearer than this are joined (mm). */
    private static final double JOIN = 0.05;

    private static final Map<String, Double> UNITS = Map.of("1", 25.4, "4", 1.0, "5", 10.0, "0", 1.0);

    private final List<List<Point>> lines = new ArrayList<>();
    private final List<List<Point>> pieces = new ArrayList<>();
    private final Bounds bounds = new Bounds();
    private double scale = 1;

    private DxfLines() {}

    private record Pair(int code, String value) {}

    static List<List<Point>> read(String text) {
        List<Pair> pairs = pairs(text);
        DxfLines dxf = new DxfLines();
        dxf.units(pairs);
        for (int i = 0; i < pairs.size(); i++) {
            if (pairs.get(i).code() == 0) {
                dxf.entity(pairs, i);
            }
        }
        dxf.join();
        return dxf.lines;
    }

    private static List<Pair> pairs(String text) {
        String[] rows = text.split("\\R");
        List<Pair> pairs = new ArrayList<>(rows.length / 2);
        for (int i = 0; i + 1 < rows.length; i += 2) {
            try {
                pairs.add(new Pair(Integer.parseInt(rows[i].strip()), rows[i + 1].strip()));
            } catch (NumberFormatException e) {
                throw new IllegalArgumentException("Line " + (i + 1) + ", “" + rows[i].strip()
                        + "”: a DXF group code is a number. Save the drawing as ASCII DXF.");
            }
        }
        return pairs;
    }

    private void units(List<Pair> pairs) {
        for (int i = 0; i + 1 < pairs.size(); i++) {
            if (pairs.get(i).value().equals("$INSUNITS")) {
                String unit = pairs.get(i + 1).value();
                Double factor = UNITS.get(unit);
                if (factor == null) {
                    throw new IllegalArgumentException(
                            "The drawing's unit ($INSUNITS " + unit + ") is not known here. Save it in mm or inches.");
                }
                scale = factor;
            }
        }
    }

    private void entity(List<Pair> pairs, int at) {
        switch (pairs.get(at).value()) {
            case "LWPOLYLINE" -> lightPolyline(pairs, at);
            case "POLYLINE" -> polyline(pairs, at);
            case "LINE" -> {
                bounds.piece();
                pieces.add(new ArrayList<>(List.of(
                        point(number(pairs, at, 10), number(pairs, at, 20)),
                        point(number(pairs, at, 11), number(pairs, at, 21)))));
            }
            case "ARC" -> arc(pairs, at);
            default -> {
                // Other entities are no profile.
            }
        }
    }

    private Point point(double x, double y) {
        return Bounds.near(x * scale, y * scale);
    }

    private static double number(List<Pair> pairs, int at, int code) {
        for (int i = at + 1; i < pairs.size() && pairs.get(i).code() != 0; i++) {
            if (pairs.get(i).code() == code) {
                return parse(pairs.get(i));
            }
        }
        return 0;
    }

    private static double parse(Pair pair) {
        try {
            double number = Double.parseDouble(pair.value());
            if (!Double.isFinite(number)) {
                throw new NumberFormatException();
            }
            return number;
        } catch (NumberFormatException e) {
            throw new IllegalArgumentException("“" + pair.value() + "” under group code " + pair.code()
                    + " is not a number. Save the drawing again as ASCII DXF.");
        }
    }

    /** A corner with the bulge of what follows it: tangent of a quarter of the arc's angle. */
    private record Vertex(Point at, double bulge) {}

    private void lightPolyline(List<Pair> pairs, int at) {
        List<Vertex> vertices = new ArrayList<>();
        double x = 0;
        for (int i = at + 1; i < pairs.size() && pairs.get(i).code() != 0; i++) {
            Pair p = pairs.get(i);
            if (p.code() == 10) {
                x = parse(p);
            } else if (p.code() == 20) {
                vertices.add(new Vertex(point(x, parse(p)), 0));
            } else if (p.code() == 42 && !vertices.isEmpty()) {
                Vertex last = vertices.remove(vertices.size() - 1);
                vertices.add(new Vertex(last.at(), parse(p)));
            }
        }
        add(vertices, ((int) number(pairs, at, 70) & 1) != 0);
    }

    private void polyline(List<Pair> pairs, int at) {
        List<Vertex> vertices = new ArrayList<>();
        for (int i = at + 1; i < pairs.size(); i++) {
            if (pairs.get(i).code() != 0) {
                continue;
            }
            if (!pairs.get(i).value().equals("VERTEX")) {
                break;
            }
            vertices.add(new Vertex(point(number(pairs, i, 10), number(pairs, i, 20)), number(pairs, i, 42)));
        }
        add(vertices, ((int) number(pairs, at, 70) & 1) != 0);
    }

    private void add(List<Vertex> vertices, boolean closed) {
        bounds.piece();
        List<Point> line = new ArrayList<>();
        for (int i = 0; i < vertices.size(); i++) {
            Vertex v = vertices.get(i);
            bounds.add(line, v.at());
            boolean last = i == vertices.size() - 1;
            if (Math.abs(v.bulge()) > 0 && !(last && !closed)) {
                bulge(line, v, vertices.get((i + 1) % vertices.size()).at());
            }
        }
        lines.add(line);
    }

    /** Chords of an arc between two corners, both left out. */
    private void bulge(List<Point> line, Vertex from, Point to) {
        double chord = from.at().distance(to);
        double rise = Math.abs(from.bulge()) * chord / 2;
        if (!(rise > ProfileReader.CHORD_ERROR)) {
            return; // the arc is its chord, and one flat enough has no radius a number can hold
        }
        double angle = 4 * Math.atan(from.bulge());
        double radius = Bounds.radius(chord / (2 * Math.sin(Math.abs(angle) / 2)));
        double dx = to.x() - from.at().x();
        double dy = to.r() - from.at().r();
        // The middle lies left of the chord for a bulge above 0 and an angle below half a turn.
        double h = (1 - from.bulge() * from.bulge()) / (4 * from.bulge());
        Point middle = new Point(from.at().x() + dx / 2 - dy * h, from.at().r() + dy / 2 + dx * h);
        double start = Math.atan2(from.at().r() - middle.r(), from.at().x() - middle.x());
        int chords = ProfileReader.chords(radius, angle);
        bounds.corners(chords);
        for (int i = 1; i < chords; i++) {
            double turn = start + angle * i / chords;
            line.add(new Point(middle.x() + radius * Math.cos(turn), middle.r() + radius * Math.sin(turn)));
        }
    }

    private void arc(List<Pair> pairs, int at) {
        Point middle = point(number(pairs, at, 10), number(pairs, at, 20));
        double radius = Bounds.radius(number(pairs, at, 40) * scale);
        double from = Math.toRadians(number(pairs, at, 50) % 360);
        double to = Math.toRadians(number(pairs, at, 51) % 360);
        double angle = to > from ? to - from : to - from + 2 * Math.PI;
        int chords = ProfileReader.chords(radius, angle);
        bounds.piece();
        bounds.corners(chords + 1);
        List<Point> piece = new ArrayList<>();
        for (int i = 0; i <= chords; i++) {
            double turn = from + angle * i / chords;
            piece.add(new Point(middle.x() + radius * Math.cos(turn), middle.r() + radius * Math.sin(turn)));
        }
        pieces.add(piece);
    }

    /** Joins lines and arcs whose ends meet, either way round. */
    private void join() {
        while (!pieces.isEmpty()) {
            List<Point> line = pieces.remove(pieces.size() - 1);
            boolean grown = true;
            while (grown) {
                grown = false;
                for (int i = 0; i < pieces.size() && !grown; i++) {
                    grown = append(line, pieces.get(i));
                    if (grown) {
                        pieces.remove(i);
                    }
                }
            }
            lines.add(line);
        }
    }

    private static boolean append(List<Point> line, List<Point> piece) {
        Point first = line.get(0);
        Point last = line.get(line.size() - 1);
        Point start = piece.get(0);
        Point end = piece.get(piece.size() - 1);
        if (last.distance(start) <= JOIN) {
            line.addAll(piece.subList(1, piece.size()));
        } else if (last.distance(end) <= JOIN) {
            line.addAll(reversed(piece).subList(1, piece.size()));
        } else if (first.distance(end) <= JOIN) {
            line.addAll(0, piece.subList(0, piece.size() - 1));
        } else if (first.distance(start) <= JOIN) {
            line.addAll(0, reversed(piece).subList(0, piece.size() - 1));
        } else {
            return false;
        }
        return true;
    }

    private static List<Point> reversed(List<Point> piece) {
        List<Point> turned = new ArrayList<>(piece);
        java.util.Collections.reverse(turned);
        return turned;
    }
}
