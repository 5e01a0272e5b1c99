package itrova.formats.template;

import itrova.core.geometry.Point;
import java.awt.geom.AffineTransform;
import java.awt.geom.FlatteningPathIterator;
import java.awt.geom.IllegalPathStateException;
import java.awt.geom.PathIterator;
import java.io.StringReader;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.xml.XMLConstants;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.parsers.ParserConfigurationException;
import org.apache.batik.parser.AWTTransformProducer;
import org.apache.batik.parser.ParseException;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.Node;
import org.xml.sax.InputSource;
import org.xml.sax.SAXException;

/** Paths, polylines and polygons of an SVG file, transforms applied, scaled to mm by its width and view box, y turned up. */
final class SvgLines {
    private static final Pattern LENGTH = Pattern.compile("([0-9.]+)\\s*(mm|cm|in|pt|px)?");
    private static final double PIXEL = 25.4 / 96;

    /** Elements within elements: a drawing has a handful. */
    private static final String DEEPEST = "64";
    /** Millimetres a unit of the drawing may stand for. */
    private static final double LEAST_SCALE = 1e-4;

    private static final double MOST_SCALE = 1e4;

    private final List<List<Point>> lines = new ArrayList<>();
    private final Bounds bounds = new Bounds();
    private final double scale;

    private SvgLines(double scale) {
        this.scale = scale;
    }

    static List<List<Point>> read(String text) {
        Document document = parse(text);
        Element root = document.getDocumentElement();
        SvgLines svg = new SvgLines(checked(scale(root)));
        svg.collect(root, new AffineTransform());
        return svg.lines;
    }

    private static double checked(double scale) {
        if (!(scale >= LEAST_SCALE && scale <= MOST_SCALE)) {
            throw new IllegalArgumentException("By width and viewBox one unit of this SVG file is " + scale
                    + " mm. Save it with a width in mm and a viewBox of the same size.");
        }
        return scale;
    }

    private static Document parse(String text) {
        try {
            DocumentBuilderFactory factory = DocumentBuilderFactory.newInstance();
            // Nothing outside the file is ever fetched.
            factory.setFeature(XMLConstants.FEATURE_SECURE_PROCESSING, true);
            factory.setFeature("http://apache.org/xml/features/disallow-doctype-decl", true);
            factory.setAttribute("jdk.xml.maxElementDepth", DEEPEST);
            factory.setXIncludeAware(false);
            factory.setExpandEntityReferences(false);
            var builder = factory.newDocumentBuilder();
            builder.setErrorHandler(null);
            return builder.parse(new InputSource(new StringReader(text)));
        } catch (SAXException e) {
            throw new IllegalArgumentException("This is not an SVG file that can be read: " + e.getMessage()
                    + " Save it as plain SVG without a DOCTYPE.");
        } catch (ParserConfigurationException | java.io.IOException e) {
            throw new IllegalStateException(e);
        }
    }

    /** Millimetres of one unit of the drawing. */
    private static double scale(Element root) {
        Matcher width = LENGTH.matcher(root.getAttribute("width").strip());
        if (!width.matches()) {
            return PIXEL;
        }
        double unit =
                switch (width.group(2) == null ? "px" : width.group(2)) {
                    case "mm" -> 1;
                    case "cm" -> 10;
                    case "in" -> 25.4;
                    case "pt" -> 25.4 / 72;
                    default -> PIXEL;
                };
        String[] box = root.getAttribute("viewBox").strip().split("[ ,]+");
        if (box.length != 4) {
            return unit;
        }
        try {
            return Double.parseDouble(width.group(1)) * unit / Double.parseDouble(box[2]);
        } catch (NumberFormatException e) {
            throw new IllegalArgumentException(
                    "Width or viewBox of this SVG file is not a number. Save it with a width in mm.");
        }
    }

    private void collect(Element element, AffineTransform outer) {
        AffineTransform here = new AffineTransform(outer);
        try {
            if (!element.getAttribute("transform").isBlank()) {
                here.concatenate(AWTTransformProducer.createAffineTransform(element.getAttribute("transform")));
            }
            String data = data(element);
            if (!data.isBlank() && !element.getAttribute("class").equals("scale")) {
                bounds.piece();
                flatten(new FlatteningPathIterator(
                        SvgPath.read(data).getPathIterator(here), ProfileReader.CHORD_ERROR / scale));
            }
        } catch (ParseException | IllegalPathStateException e) {
            throw new IllegalArgumentException("A path of this SVG file cannot be read: " + e.getMessage());
        }
        for (Node n = element.getFirstChild(); n != null; n = n.getNextSibling()) {
            if (n instanceof Element child) {
                collect(child, here);
            }
        }
    }

    private static String data(Element element) {
        String name = element.getLocalName() == null ? element.getTagName() : element.getLocalName();
        return switch (name) {
            case "path" -> element.getAttribute("d");
            case "polyline" -> "M" + element.getAttribute("points");
            case "polygon" -> "M" + element.getAttribute("points") + " Z";
            default -> "";
        };
    }

    private void flatten(PathIterator path) {
        double[] c = new double[6];
        List<Point> line = new ArrayList<>();
        for (; !path.isDone(); path.next()) {
            int kind = path.currentSegment(c);
            if (kind == PathIterator.SEG_MOVETO && !line.isEmpty()) {
                lines.add(line);
                line = new ArrayList<>();
            }
            if (kind != PathIterator.SEG_CLOSE) {
                bounds.add(line, Bounds.near(c[0] * scale, -c[1] * scale));
            }
        }
        if (!line.isEmpty()) {
            lines.add(line);
        }
    }
}
