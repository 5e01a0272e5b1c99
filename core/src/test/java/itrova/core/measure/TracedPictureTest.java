package itrova.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import itrova.core.geometry.Point;
import itrova.core.measure.TracedPicture.Pixel;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Pictures made by hand: a bar of 300 mm over 3000 pixels, and a profile whose places are known. */
class TracedPictureTest {
    /** Places in the wheel (mm): inboard flange edge at x −80, barrel of 170 mm radius, a spoke's back at x 10. */
    private static final double[][] KNOWN = {{-80, 185}, {-60, 170}, {-40, 170}, {-10, 168}, {4, 120}, {10, 70}};

    /** The picture of the places with x to the right or mirrored, turned by an angle, ten pixels to a millimetre. */
    private static TracedPicture picture(double degrees, boolean isMirrored) {
        double c = Math.cos(Math.toRadians(degrees));
        double s = Math.sin(Math.toRadians(degrees));
        java.util.function.BiFunction<Double, Double, Pixel> at = (x, r) -> {
            double px = (isMirrored ? -x : x) * 10;
            double py = -r * 10;
            return new Pixel(2000 + px * c - py * s, 3000 + px * s + py * c);
        };
        return new TracedPicture(
                new Pixel(100, 100),
                new Pixel(3100, 100),
                300,
                at.apply(0.0, 33.0),
                at.apply(0.0, 160.0),
                33,
                java.util.Arrays.stream(KNOWN).map(p -> at.apply(p[0], p[1])).toList(),
                TracedPicture.CLICK);
    }

    @ParameterizedTest
    @CsvSource({"0, false", "0, true", "37, false", "-120, true"})
    void placesComeOutHoweverThePictureLies(double degrees, boolean isMirrored) {
        List<Point> profile = picture(degrees, isMirrored).profile();
        for (int i = 0; i < KNOWN.length; i++) {
            assertThat(profile.get(i).x()).isCloseTo(KNOWN[i][0], within(1e-9));
            assertThat(profile.get(i).r()).isCloseTo(KNOWN[i][1], within(1e-9));
        }
    }

    /** Every click off by two pixels the worst way stays within the doubt told. */
    @Test
    void clicksThatAreOffStayWithinTheDoubt() {
        TracedPicture p = picture(0, false);
        for (double off : new double[] {-2, 2}) {
            TracedPicture worse = new TracedPicture(
                    new Pixel(100 - off / 2, 100),
                    new Pixel(3100 + off / 2, 100),
                    300,
                    p.faceInner(),
                    p.faceOuter(),
                    33,
                    p.points().stream()
                            .map(q -> new Pixel(q.x() + off, q.y() - off / 2))
                            .toList(),
                    TracedPicture.CLICK);
            for (int i = 0; i < KNOWN.length; i++) {
                assertThat(Math.abs(worse.profile().get(i).x() - KNOWN[i][0])).isLessThan(p.doubt());
                assertThat(Math.abs(worse.profile().get(i).r() - KNOWN[i][1])).isLessThan(p.doubt());
            }
        }
    }

    @Test
    void aPictureCoarserThanATapeIsRefused() {
        TracedPicture p = picture(0, false);
        assertThatThrownBy(() -> new TracedPicture(
                        new Pixel(0, 0), new Pixel(100, 0), 300, p.faceInner(), p.faceOuter(), 33, p.points(), 2))
                .hasMessageContaining("a tape is better");
    }

    /**
     * By hand, ten pixels to a millimetre: two clicks 2.83 px; over the 1721 px to the flange edge the bar's 3000 px make 1.62 and the
     * face's 1270 px make 3.83; together 5.03 px.
     */
    @Test
    void theDoubtIsThatOfEveryClick() {
        TracedPicture p = picture(0, false);
        assertThat(p.doubt()).isCloseTo(0.503, within(2e-3));
        // the same clicks on a picture shown at half its size
        TracedPicture smaller =
                new TracedPicture(p.barFrom(), p.barTo(), 300, p.faceInner(), p.faceOuter(), 33, p.points(), 3.9);
        assertThat(smaller.doubt()).isCloseTo(3.9 / 2 * p.doubt(), within(1e-9));
        // a face clicked at two places near each other leans the whole profile
        Pixel near = new Pixel(p.faceInner().x(), p.faceInner().y() - 60);
        assertThatThrownBy(() -> new TracedPicture(p.barFrom(), p.barTo(), 300, p.faceInner(), near, 33, p.points(), 2))
                .hasMessageContaining("far apart");
    }

    @Test
    void whatWasClickedWronglyIsSaid() {
        TracedPicture p = picture(0, false);
        assertThatThrownBy(() -> new TracedPicture(
                        p.barFrom(),
                        p.barTo(),
                        300,
                        p.faceInner(),
                        p.faceOuter(),
                        33,
                        p.points().subList(0, 3),
                        2))
                .hasMessageContaining("at least 6 points");
        assertThatThrownBy(() ->
                        new TracedPicture(p.barFrom(), p.barTo(), 0, p.faceInner(), p.faceOuter(), 33, p.points(), 2))
                .hasMessageContaining("scale bar");
        assertThatThrownBy(() -> new TracedPicture(
                                p.barFrom(), p.barTo(), 300, p.faceOuter(), p.faceInner(), 33, p.points(), 2)
                        .profile())
                .hasMessageContaining("the wrong way round");
    }
}
