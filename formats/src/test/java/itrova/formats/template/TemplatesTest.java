package itrova.formats.template;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import itrova.core.geometry.Outline;
import itrova.core.geometry.Point;
import itrova.core.kit.Kit;
import itrova.formats.DemoData;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Collectors;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class TemplatesTest {
    @TempDir
    Path folder;

    private static Kit kit(String code) {
        return DemoData.kits().stream()
                .filter(k -> k.code().equals(code))
                .findFirst()
                .orElseThrow();
    }

    private static Template caliper() {
        return KitTemplates.caliper(kit("QF-101")).orElseThrow();
    }

    private static void assertSame(List<Point> read, Outline wanted, double tolerance) {
        assertThat(read).hasSize(wanted.corners().size());
        for (int i = 0; i < read.size(); i++) {
            assertThat(read.get(i).distance(wanted.corners().get(i)))
                    .as("corner %d", i)
                    .isLessThan(tolerance);
        }
    }

    @Test
    void whatIsWrittenReadsBackToTheSameProfile() {
        Outline outline = kit("QF-101").caliper().outline().orElseThrow();
        assertSame(ProfileReader.read(ProfileReader.Format.DXF, DxfTemplate.write(caliper())), outline, 1e-4);
        assertSame(ProfileReader.read(ProfileReader.Format.SVG, SvgTemplate.write(caliper())), outline, 1e-3);
        String csv = outline.corners().stream()
                .map(p -> p.x() + ", " + p.r())
                .collect(Collectors.joining("\n", "x,r\n", "\n"));
        assertSame(ProfileReader.read(ProfileReader.Format.CSV, csv), outline, 1e-9);
    }

    /** Outside check: the paper is rendered by the PDF library and its bars are measured in the picture, to 0.2 mm. */
    @Test
    void theBarsOnPaperAreTrueToTwoTenthsOfAMillimetre() throws IOException {
        int dpi = 400;
        try (PDDocument pdf = Loader.loadPDF(PdfTemplate.write(caliper()))) {
            BufferedImage picture = new PDFRenderer(pdf).renderImageWithDPI(0, dpi);
            assertThat(longestBar(picture, 37.5, dpi)).isEqualTo(100, within(0.2));
            assertThat(longestBar(picture, 27.5, dpi)).isEqualTo(101.6, within(0.2));
        }
    }

    /** Longest black run (mm) in the row so many millimetres above the sheet's lower edge. */
    private static double longestBar(BufferedImage picture, double above, int dpi) {
        int row = picture.getHeight() - (int) Math.round(above / 25.4 * dpi);
        int longest = 0;
        int run = 0;
        for (int x = 0; x < picture.getWidth(); x++) {
            boolean black = (picture.getRGB(x, row) & 0xff) < 128;
            run = black ? run + 1 : 0;
            longest = Math.max(longest, run);
        }
        return longest * 25.4 / dpi;
    }

    /** Outside check: a general DXF reader (ezdxf, Debian's python3-ezdxf) opens the file and measures it. */
    @Test
    void aGeneralDxfReaderMeasuresTheSameSizes() throws IOException, InterruptedException {
        Path caliper = Files.writeString(folder.resolve("caliper.dxf"), DxfTemplate.write(caliper()));
        Path bracket = Files.writeString(
                folder.resolve("bracket.dxf"),
                DxfTemplate.write(KitTemplates.bracket(kit("QR-201")).orElseThrow()));
        String script = """
                import ezdxf, sys
                doc = ezdxf.readfile(sys.argv[1])
                assert doc.units == 4 or doc.dxfversion == 'AC1009'
                line = next(e for e in doc.modelspace() if e.dxftype() == 'POLYLINE' and e.dxf.layer == 'OUTLINE')
                xs = [v.dxf.location.x for v in line.vertices]
                ys = [v.dxf.location.y for v in line.vertices]
                bar = next(e for e in doc.modelspace() if e.dxftype() == 'LINE' and e.dxf.layer == 'SCALE')
                print(line.is_closed, round(min(xs), 4), round(max(xs), 4), round(min(ys), 4), round(max(ys), 4),
                      round((bar.dxf.end - bar.dxf.start).magnitude, 4))
                holes = sorted((round(e.dxf.center.x, 3), round(e.dxf.center.y, 3), round(2 * e.dxf.radius, 3))
                               for e in ezdxf.readfile(sys.argv[2]).modelspace() if e.dxftype() == 'CIRCLE')
                print(holes)
                """;
        Process python = new ProcessBuilder("/usr/bin/python3", "-c", script, caliper.toString(), bracket.toString())
                .redirectErrorStream(true)
                .start();
        String said = new String(python.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(python.waitFor()).as(said).isZero();
        Outline o = kit("QF-101").caliper().outline().orElseThrow();
        assertThat(said.lines().findFirst().orElseThrow())
                .isEqualTo("True " + o.minX() + " " + o.maxX() + " " + o.minR() + " " + o.maxR() + " 100.0");
        double across = kit("QR-201").bracket().across().orElseThrow().value();
        double up = kit("QR-201").bracket().up().orElseThrow().value();
        assertThat(said)
                .contains("(" + -across / 2 + ", " + -up / 2 + ",")
                .contains("(" + across / 2 + ", " + up / 2 + ",");
    }

    private static String dxf(String... pairs) {
        return String.join("\n", pairs) + "\n";
    }

    /** A bulge of 1 is a half circle: its length is π·r. */
    @Test
    void bulgesBecomeArcs() {
        String half = dxf(
                "0", "LWPOLYLINE", "70", "0", "10", "0", "20", "100", "42", "1", "10", "20", "20", "100", "0", "EOF");
        List<Point> line = ProfileReader.read(ProfileReader.Format.DXF, half);
        assertThat(length(line)).isEqualTo(Math.PI * 10, within(0.05));
        assertThat(line)
                .allSatisfy(p -> assertThat(p.distance(new Point(10, 100))).isEqualTo(10, within(1e-6)));
        // by the DXF reference a positive bulge runs counter-clockwise: from left to right it goes below
        assertThat(line).allSatisfy(p -> assertThat(p.r()).isLessThanOrEqualTo(100 + 1e-9));
    }

    @Test
    void linesAndArcsAreJoinedEndToEndAndInchesTurnedIntoMillimetres() {
        String drawing = dxf(
                "0",
                "SECTION",
                "2",
                "HEADER",
                "9",
                "$INSUNITS",
                "70",
                "1",
                "0",
                "ENDSEC",
                "0",
                "LINE",
                "10",
                "0",
                "20",
                "4",
                "11",
                "1",
                "21",
                "4",
                "0",
                "ARC",
                "10",
                "1",
                "20",
                "5",
                "40",
                "1",
                "50",
                "270",
                "51",
                "0",
                "0",
                "LINE",
                "10",
                "2",
                "20",
                "6",
                "11",
                "2",
                "21",
                "5",
                "0",
                "EOF");
        List<Point> line = ProfileReader.read(ProfileReader.Format.DXF, drawing);
        assertThat(length(line)).isEqualTo(25.4 * (1 + Math.PI / 2 + 1), within(0.05));
        double far = line.stream().mapToDouble(Point::x).max().orElseThrow();
        assertThat(far).isEqualTo(50.8, within(1e-6));
    }

    @Test
    void svgArcsTransformsAndUnitsAreRead() {
        String svg = """
                <svg xmlns="http://www.w3.org/2000/svg" width="4in" height="4in" viewBox="0 0 400 400">
                  <g transform="translate(100 -400)"><path d="M0 0 A100 100 0 0 1 200 0 L200 50"/></g>
                </svg>""";
        List<Point> line = ProfileReader.read(ProfileReader.Format.SVG, svg);
        // 100 units are an inch: half a circle of an inch and half an inch straight
        assertThat(length(line)).isEqualTo(25.4 * (Math.PI + 0.5), within(0.05));
        assertThat(line).filteredOn(p -> p.r() >= 101.6).allSatisfy(p -> assertThat(p.distance(new Point(50.8, 101.6)))
                .isEqualTo(25.4, within(0.01)));
        assertThat(line.get(0).x()).isEqualTo(25.4, within(1e-6));
        assertThat(line.get(0).r()).isEqualTo(101.6, within(1e-6));
    }

    @Test
    void csvTakesPointOrCommaAsTheDecimalSign() {
        List<Point> points = ProfileReader.read(ProfileReader.Format.CSV, "x;r\n-12,5;84\n0;90,25\n7;84\n");
        assertThat(points).containsExactly(new Point(-12.5, 84), new Point(0, 90.25), new Point(7, 84));
        assertThatThrownBy(() -> ProfileReader.read(ProfileReader.Format.CSV, "1, 2\n3, x\n"))
                .hasMessageContaining("Line 2");
    }

    @Test
    void whatCannotBeReadIsNamed() {
        assertThatThrownBy(() -> ProfileReader.read(ProfileReader.Format.DXF, "this is\nno drawing\n"))
                .hasMessageContaining("Line 1");
        assertThatThrownBy(() -> ProfileReader.read(ProfileReader.Format.SVG, "<svg><path d='M0 0 L'/></svg>"))
                .hasMessageContaining("path");
        assertThatThrownBy(() -> ProfileReader.read(ProfileReader.Format.SVG, "<svg/>"))
                .hasMessageContaining("polyline");
        String outside = "<!DOCTYPE svg [<!ENTITY x SYSTEM \"file:///etc/passwd\">]><svg>&x;</svg>";
        assertThatThrownBy(() -> ProfileReader.read(ProfileReader.Format.SVG, outside))
                .hasMessageContaining("DOCTYPE");
        String feet = dxf("9", "$INSUNITS", "70", "2", "0", "EOF");
        assertThatThrownBy(() -> ProfileReader.read(ProfileReader.Format.DXF, feet))
                .hasMessageContaining("mm or inches");
    }

    @Test
    void aWeldOnBracketAndABlindCaliperHaveNoTemplate() {
        assertThat(KitTemplates.bracket(kit("QR-207"))).isEmpty();
        assertThat(KitTemplates.caliper(kit("QF-106"))).isEmpty();
    }

    private static double length(List<Point> line) {
        double sum = 0;
        for (int i = 1; i < line.size(); i++) {
            sum += line.get(i).distance(line.get(i - 1));
        }
        return sum;
    }
}
