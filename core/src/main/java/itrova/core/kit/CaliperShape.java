package itrova.core.kit;

import itrova.core.geometry.Outline;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * Whether an outline can be that of a caliper at all: a closed polygon that crosses itself nowhere, holds the pads on both faces of
 * its disc and its own pistons, and bridges the disc's edge. A misdrawn outline would make any wheel fit.
 */
public final class CaliperShape {
    /** Least area of a section (mm²); common practice, far below any caliper. */
    private static final double LEAST_AREA = 400;
    /** Least that a pad with its backing plate stands off each face of the disc (mm); common practice, low. */
    private static final double LEAST_PAD = 4;
    /** A caliper reaches no further out than this beyond its disc's edge (mm); common practice, generous. */
    private static final double MOST_BEYOND_EDGE = 150;
    /** Least that a pad's face reaches in from the disc's edge (mm); common practice, low. */
    private static final double LEAST_REACH = 15;

    private CaliperShape() {}

    /** What is wrong with a caliper's outline, in plain words with the remedy; empty if nothing is, or if there is no outline. */
    public static Optional<String> fault(Caliper caliper, Disc disc) {
        List<Outline> all = caliper.parts().stream().map(SectorOutline::outline).toList();
        if (all.isEmpty()) {
            return Optional.empty();
        }
        for (Outline outline : all) {
            Optional<String> fault = fault(outline);
            if (fault.isPresent()) {
                return fault;
            }
        }
        double minX = all.stream().mapToDouble(Outline::minX).min().orElseThrow();
        double maxX = all.stream().mapToDouble(Outline::maxX).max().orElseThrow();
        double minR = all.stream().mapToDouble(Outline::minR).min().orElseThrow();
        double maxR = all.stream().mapToDouble(Outline::maxR).max().orElseThrow();
        double side = disc.thickness().value() / 2 + LEAST_PAD;
        double edge = disc.diameter().value() / 2;
        if (minX > -side || maxX < side) {
            return Optional.of(String.format(
                    Locale.ROOT,
                    "The outline runs from x %.1f to %.1f mm; with its pads a caliper reaches at least from %.1f to %.1f mm over a disc %.1f mm thick. Take x from the disc's mid-plane and draw the whole caliper.",
                    minX,
                    maxX,
                    -side,
                    side,
                    disc.thickness().value()));
        }
        if (minR < 0 || minR > edge - LEAST_REACH || maxR < edge || maxR > edge + MOST_BEYOND_EDGE) {
            return Optional.of(String.format(
                    Locale.ROOT,
                    "The outline runs from radius %.1f to %.1f mm, out of the disc's reach: a caliper on a disc of %.1f mm begins at most at %.1f mm and ends between %.1f and %.1f mm. Take radii from the wheel axis.",
                    minR,
                    maxR,
                    disc.diameter().value(),
                    edge - LEAST_REACH,
                    edge,
                    edge + MOST_BEYOND_EDGE));
        }
        for (PistonBore bore : caliper.plumbing().bores()) {
            if (bore.diameter() > maxR - minR) {
                return Optional.of(String.format(
                        Locale.ROOT,
                        "The outline is %.1f mm high, less than the caliper's own piston of %.1f mm. Draw the whole caliper, or mend the bore.",
                        maxR - minR,
                        bore.diameter()));
            }
        }
        return Optional.empty();
    }

    private static Optional<String> fault(Outline outline) {
        if (outline.area() < LEAST_AREA) {
            return Optional.of(String.format(
                    Locale.ROOT,
                    "The outline encloses %.0f mm², less than any caliper's section (%.0f mm²): corners may be missing or doubled. Draw the whole caliper as one closed line.",
                    outline.area(),
                    LEAST_AREA));
        }
        return outline.contactWithItself()
                .map(p -> String.format(
                        Locale.ROOT,
                        "The outline crosses or touches itself near x %.1f, radius %.1f mm. Draw it as one line that goes round once.",
                        p.x(),
                        p.r()));
    }
}
