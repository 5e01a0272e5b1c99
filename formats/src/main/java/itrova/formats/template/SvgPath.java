package itrova.formats.template;

import java.awt.geom.AffineTransform;
import java.awt.geom.Arc2D;
import java.awt.geom.Path2D;
import java.io.StringReader;
import org.apache.batik.parser.DefaultPathHandler;
import org.apache.batik.parser.PathParser;

/**
 * Turns SVG path data into a shape in double precision. Arcs follow the formula of SVG 1.1, appendix F.6.5 and F.6.6; the
 * parsing library's own shapes move the middle of a half circle by 0.4 % of its radius, too much for a template.
 */
final class SvgPath extends DefaultPathHandler {
    private final Path2D.Double path = new Path2D.Double();
    private double x;
    private double y;
    private double startX;
    private double startY;
    private double controlX;
    private double controlY;
    private char last = 'M';

    private SvgPath() {}

    /** @throws org.apache.batik.parser.ParseException if the data cannot be read */
    static Path2D.Double read(String data) {
        SvgPath handler = new SvgPath();
        PathParser parser = new PathParser();
        parser.setPathHandler(handler);
        parser.parse(new StringReader(data));
        return handler.path;
    }

    private void go(double toX, double toY, char how) {
        x = toX;
        y = toY;
        last = how;
    }

    @Override
    public void movetoAbs(float toX, float toY) {
        path.moveTo(toX, toY);
        startX = toX;
        startY = toY;
        go(toX, toY, 'M');
    }

    @Override
    public void movetoRel(float byX, float byY) {
        movetoAbs((float) (x + byX), (float) (y + byY));
    }

    @Override
    public void closePath() {
        path.closePath();
        go(startX, startY, 'Z');
    }

    private void line(double toX, double toY) {
        path.lineTo(toX, toY);
        go(toX, toY, 'L');
    }

    @Override
    public void linetoAbs(float toX, float toY) {
        line(toX, toY);
    }

    @Override
    public void linetoRel(float byX, float byY) {
        line(x + byX, y + byY);
    }

    @Override
    public void linetoHorizontalAbs(float toX) {
        line(toX, y);
    }

    @Override
    public void linetoHorizontalRel(float byX) {
        line(x + byX, y);
    }

    @Override
    public void linetoVerticalAbs(float toY) {
        line(x, toY);
    }

    @Override
    public void linetoVerticalRel(float byY) {
        line(x, y + byY);
    }

    private void cubic(double x1, double y1, double x2, double y2, double toX, double toY) {
        path.curveTo(x1, y1, x2, y2, toX, toY);
        controlX = x2;
        controlY = y2;
        go(toX, toY, 'C');
    }

    @Override
    public void curvetoCubicAbs(float x1, float y1, float x2, float y2, float toX, float toY) {
        cubic(x1, y1, x2, y2, toX, toY);
    }

    @Override
    public void curvetoCubicRel(float x1, float y1, float x2, float y2, float byX, float byY) {
        cubic(x + x1, y + y1, x + x2, y + y2, x + byX, y + byY);
    }

    @Override
    public void curvetoCubicSmoothAbs(float x2, float y2, float toX, float toY) {
        cubic(mirrored('C', x, controlX), mirrored('C', y, controlY), x2, y2, toX, toY);
    }

    @Override
    public void curvetoCubicSmoothRel(float x2, float y2, float byX, float byY) {
        cubic(mirrored('C', x, controlX), mirrored('C', y, controlY), x + x2, y + y2, x + byX, y + byY);
    }

    /** The control point of a smooth curve: the last one mirrored, if the last was such a curve. */
    private double mirrored(char how, double at, double control) {
        return last == how ? 2 * at - control : at;
    }

    private void quadratic(double x1, double y1, double toX, double toY) {
        path.quadTo(x1, y1, toX, toY);
        controlX = x1;
        controlY = y1;
        go(toX, toY, 'Q');
    }

    @Override
    public void curvetoQuadraticAbs(float x1, float y1, float toX, float toY) {
        quadratic(x1, y1, toX, toY);
    }

    @Override
    public void curvetoQuadraticRel(float x1, float y1, float byX, float byY) {
        quadratic(x + x1, y + y1, x + byX, y + byY);
    }

    @Override
    public void curvetoQuadraticSmoothAbs(float toX, float toY) {
        quadratic(mirrored('Q', x, controlX), mirrored('Q', y, controlY), toX, toY);
    }

    @Override
    public void curvetoQuadraticSmoothRel(float byX, float byY) {
        quadratic(mirrored('Q', x, controlX), mirrored('Q', y, controlY), x + byX, y + byY);
    }

    @Override
    public void arcRel(float rx, float ry, float turn, boolean large, boolean sweep, float byX, float byY) {
        arc(rx, ry, turn, large, sweep, x + byX, y + byY);
    }

    @Override
    public void arcAbs(float rx, float ry, float turn, boolean large, boolean sweep, float toX, float toY) {
        arc(rx, ry, turn, large, sweep, toX, toY);
    }

    private void arc(
            double rxGiven, double ryGiven, double turn, boolean large, boolean sweep, double toX, double toY) {
        double rx = Math.abs(rxGiven);
        double ry = Math.abs(ryGiven);
        if (!(rx > 0) || !(ry > 0)) {
            line(toX, toY);
            return;
        }
        double phi = Math.toRadians(turn);
        double cos = Math.cos(phi);
        double sin = Math.sin(phi);
        double dx = (x - toX) / 2;
        double dy = (y - toY) / 2;
        double ux = cos * dx + sin * dy;
        double uy = -sin * dx + cos * dy;
        double over = ux * ux / (rx * rx) + uy * uy / (ry * ry);
        if (over > 1) {
            rx *= Math.sqrt(over);
            ry *= Math.sqrt(over);
        }
        double numerator = rx * rx * ry * ry - rx * rx * uy * uy - ry * ry * ux * ux;
        double k = Math.sqrt(Math.max(0, numerator / (rx * rx * uy * uy + ry * ry * ux * ux)));
        double sign = large == sweep ? -1 : 1;
        double vx = sign * k * rx * uy / ry;
        double vy = -sign * k * ry * ux / rx;
        double from = Math.toDegrees(Math.atan2((uy - vy) / ry, (ux - vx) / rx));
        double to = Math.toDegrees(Math.atan2((-uy - vy) / ry, (-ux - vx) / rx));
        double extent = to - from;
        if (sweep && extent < 0) {
            extent += 360;
        } else if (!sweep && extent > 0) {
            extent -= 360;
        }
        // Arc2D counts angles the other way round, y being down.
        Arc2D.Double arc = new Arc2D.Double(-rx, -ry, 2 * rx, 2 * ry, -from, -extent, Arc2D.OPEN);
        AffineTransform place = AffineTransform.getTranslateInstance(
                cos * vx - sin * vy + (x + toX) / 2, sin * vx + cos * vy + (y + toY) / 2);
        place.rotate(phi);
        path.append(arc.getPathIterator(place), true);
        go(toX, toY, 'A');
    }
}
