package itrova.formats.template;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.sun.management.ThreadMXBean;
import itrova.core.geometry.Point;
import java.lang.management.ManagementFactory;
import java.util.List;
import java.util.Locale;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;

/**
 * No drawing stalls the program or eats its memory: it is read, or refused in plain words. The bounds are the reading thread's own
 * processor time and allocation, which other programs on the machine do not change.
 */
class DrawingsNeverStallTest {
    private static final ThreadMXBean THREADS = (ThreadMXBean) ManagementFactory.getThreadMXBean();
    private static final long MOST_NANOS = 5_000_000_000L;
    private static final long MOST_BYTES = 256L << 20;

    /** Reads within the bounds; gives the points, or none where it is refused. */
    private static List<Point> read(ProfileReader.Format format, String text) {
        long nanos = THREADS.getCurrentThreadCpuTime();
        long bytes = THREADS.getCurrentThreadAllocatedBytes();
        List<Point> points;
        try {
            points = ProfileReader.read(format, text);
        } catch (IllegalArgumentException e) {
            assertThat(e.getMessage()).isNotBlank().doesNotContain("java.");
            points = List.of();
        }
        assertThat(THREADS.getCurrentThreadCpuTime() - nanos)
                .as("processor time")
                .isLessThan(MOST_NANOS);
        assertThat(THREADS.getCurrentThreadAllocatedBytes() - bytes)
                .as("memory")
                .isLessThan(MOST_BYTES);
        assertThat(points).allMatch(p -> Double.isFinite(p.x()) && Double.isFinite(p.r()));
        return points;
    }

    private static String polyline(String bulge) {
        return """
                0
                LWPOLYLINE
                70
                1
                10
                -48
                20
                84
                42
                %s
                10
                40
                20
                84
                10
                40
                20
                155
                0
                EOF
                """.formatted(bulge);
    }

    private static String arc(String radius, String from, String to) {
        return "0\nARC\n10\n0\n20\n0\n40\n" + radius + "\n50\n" + from + "\n51\n" + to + "\n0\nEOF\n";
    }

    @Example
    void aBulgeTooFlatForItsRadiusIsTheChord() {
        assertThat(read(ProfileReader.Format.DXF, polyline("1.1e-16"))).hasSize(3);
        assertThat(read(ProfileReader.Format.DXF, polyline("1e-300"))).hasSize(3);
        assertThat(read(ProfileReader.Format.DXF, polyline("0.1"))).hasSizeBetween(5, 40);
        assertThat(read(ProfileReader.Format.DXF, polyline("1e300"))).isEmpty();
        assertThat(read(ProfileReader.Format.DXF, polyline("NaN"))).isEmpty();
    }

    @Example
    void anArcOfNoWheelIsRefused() {
        assertThatThrownBy(() -> ProfileReader.read(ProfileReader.Format.DXF, arc("1e300", "0", "90")))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("radius");
        assertThat(read(ProfileReader.Format.DXF, arc("10000.1", "0", "90"))).isEmpty();
        assertThat(read(ProfileReader.Format.DXF, arc("-5", "0", "90"))).isEmpty();
        assertThat(read(ProfileReader.Format.DXF, arc("9999", "0", "90"))).hasSizeGreaterThan(100);
        assertThat(read(ProfileReader.Format.DXF, arc("150", "0", "1e18"))).hasSizeLessThan(400);
    }

    @Example
    void manyPiecesAreRefused() {
        String many = arc("150", "0", "90").replace("0\nEOF\n", "").repeat(Bounds.PIECES + 1);
        assertThatThrownBy(() -> ProfileReader.read(ProfileReader.Format.DXF, many))
                .hasMessageContaining("more than " + Bounds.PIECES);
        String points = "1, 2\n".repeat(Bounds.POINTS + 1);
        assertThatThrownBy(() -> ProfileReader.read(ProfileReader.Format.CSV, points))
                .hasMessageContaining("more than " + Bounds.POINTS);
        assertThatThrownBy(() -> ProfileReader.read(ProfileReader.Format.CSV, "x".repeat(Bounds.TEXT + 1)))
                .hasMessageContaining("characters");
    }

    @Example
    void aDeepDrawingIsRefused() {
        int deep = 3_000;
        String svg = "<svg xmlns='http://www.w3.org/2000/svg' width='100mm' viewBox='0 0 100 100'>" + "<g>".repeat(deep)
                + "<path d='M0 0L9 9L0 9'/>" + "</g>".repeat(deep) + "</svg>";
        assertThatThrownBy(() -> ProfileReader.read(ProfileReader.Format.SVG, svg))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("SVG");
        String shallow = "<svg xmlns='http://www.w3.org/2000/svg' width='100mm' viewBox='0 0 100 100'>"
                + "<g>".repeat(30) + "<path d='M0 0L9 9L0 9'/>" + "</g>".repeat(30) + "</svg>";
        assertThat(read(ProfileReader.Format.SVG, shallow)).hasSize(3);
    }

    @Example
    void anSvgOfAnOddScaleIsRefused() {
        for (String head : List.of(
                "width='0mm' viewBox='0 0 100 100'",
                "width='100mm' viewBox='0 0 0 0'",
                "width='1mm' viewBox='0 0 1e300 1'",
                "width='1.2.3mm' viewBox='0 0 1 1'",
                "width='100mm' viewBox='a b c d'")) {
            assertThat(read(
                            ProfileReader.Format.SVG,
                            "<svg xmlns='http://www.w3.org/2000/svg' " + head + "><path d='M0 0L9 9L0 9'/></svg>"))
                    .as(head)
                    .isEmpty();
        }
        assertThat(
                        read(
                                ProfileReader.Format.SVG,
                                "<svg xmlns='http://www.w3.org/2000/svg' width='100mm' viewBox='0 0 100 100'><path d='L9 9L0 9'/></svg>"))
                .as("a path that does not begin")
                .isEmpty();
    }

    @Provide
    Arbitrary<String> oddNumbers() {
        return Arbitraries.oneOf(
                Arbitraries.doubles().between(-400, 400).map(d -> String.format(Locale.ROOT, "%.3f", d)),
                Arbitraries.of(
                        "0",
                        "-0",
                        "1e-300",
                        "1e300",
                        "1.1e-16",
                        "NaN",
                        "Infinity",
                        "-Infinity",
                        "",
                        " ",
                        "0x1p3",
                        "9".repeat(400),
                        "1e-320",
                        "½",
                        "12,5",
                        "--3"));
    }

    @Provide
    Arbitrary<String> dxf() {
        Arbitrary<String> number = oddNumbers();
        Arbitrary<String> pair = Combinators.combine(Arbitraries.of(0, 10, 20, 11, 21, 40, 42, 50, 51, 70, 9), number)
                .as((code, value) -> code + "\n" + value + "\n");
        Arbitrary<String> head = Arbitraries.of(
                "0\nLWPOLYLINE\n70\n1\n",
                "0\nPOLYLINE\n",
                "0\nVERTEX\n",
                "0\nLINE\n",
                "0\nARC\n",
                "9\n$INSUNITS\n70\n1\n",
                "0\nSEQEND\n");
        return Arbitraries.oneOf(pair, head).list().ofMaxSize(60).map(parts -> String.join("", parts));
    }

    @Provide
    Arbitrary<String> svg() {
        Arbitrary<String> number = oddNumbers();
        Arbitrary<String> step = Combinators.combine(
                        Arbitraries.of("M", "L", "l", "H", "v", "C", "s", "Q", "t", "A", "a", "Z"),
                        number.list().ofMaxSize(7))
                .as((letter, numbers) -> letter + String.join(" ", numbers));
        Arbitrary<String> path = step.list().ofMaxSize(25).map(steps -> String.join(" ", steps));
        return Combinators.combine(path, number, number, number)
                .as((d, width, box, turn) ->
                        "<svg xmlns='http://www.w3.org/2000/svg' width='" + width + "mm' viewBox='0 0 " + box
                                + " 100'><g transform='rotate(" + turn + ") scale(" + box + ")'><path d='" + d
                                + "'/><polyline points='" + d + "'/></g></svg>");
    }

    @Provide
    Arbitrary<String> csv() {
        return oddNumbers()
                .list()
                .ofMaxSize(3)
                .map(cells -> String.join(";", cells))
                .list()
                .ofMaxSize(200)
                .map(rows -> String.join("\n", rows));
    }

    @Property(tries = 400)
    void anyDxfIsReadOrRefused(@ForAll("dxf") String text) {
        read(ProfileReader.Format.DXF, text);
    }

    @Property(tries = 400)
    void anySvgIsReadOrRefused(@ForAll("svg") String text) {
        read(ProfileReader.Format.SVG, text);
    }

    @Property(tries = 200)
    void anyCsvIsReadOrRefused(@ForAll("csv") String text) {
        read(ProfileReader.Format.CSV, text);
    }

    @Property(tries = 200)
    void anyTextAtAllIsReadOrRefused(@ForAll String text, @ForAll ProfileReader.Format format) {
        read(format, text);
    }
}
