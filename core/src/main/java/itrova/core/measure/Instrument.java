package itrova.core.measure;

import itrova.core.phrase.Titled;

/**
 * Kinds of measuring instruments with the half-limits of their error.
 *
 * <p>Half-limits are common practice for instruments in good order; a shop sets its own once it has calibrated them
 * ({@link ToolBox}). An instrument's error is one input shared by all its readings.
 */
public enum Instrument implements Titled {
    TAPE("tape", 1.0, 1.0, 25.4 / 16, 25.4 / 16),
    STEEL_RULE("steel rule", 0.5, 0.5, 25.4 / 32, 25.4 / 32),
    CALIPER_OUTSIDE("caliper, outside jaws", 0.03, 0.01, 0.0005 * 25.4, 25.4 / 64),
    CALIPER_INSIDE("caliper, inside jaws", 0.05, 0.01, 0.0005 * 25.4, 25.4 / 64),
    DEPTH_ROD("caliper, depth rod", 0.05, 0.01, 0.0005 * 25.4, 25.4 / 64),
    DEPTH_GAUGE("depth gauge", 0.03, 0.01, 0.0005 * 25.4, 25.4 / 64),
    PIN_GAUGE("pin gauge", 0.01, 0.02, 0.001 * 25.4, 25.4 / 64),
    MICROMETER("micrometer", 0.005, 0.001, 0.0001 * 25.4, 25.4 / 64),
    DIAL_INDICATOR("dial indicator", 0.02, 0.01, 0.001 * 25.4, 25.4 / 64),
    THREAD_GAUGE("thread gauge", 0, 0, 0, 0),
    EYE("by eye", 0, 0, 0, 0);

    private final String title;
    private final double halfLimit;
    private final double graduationMetric;
    private final double graduationInch;
    private final double graduationFraction;

    Instrument(String title, double halfLimit, double metric, double inch, double fraction) {
        this.title = title;
        this.halfLimit = halfLimit;
        this.graduationMetric = metric;
        this.graduationInch = inch;
        this.graduationFraction = fraction;
    }

    @Override
    public String title() {
        return title;
    }

    /** Half-limit of the instrument's own error (mm), unless the shop has calibrated its own. */
    public double halfLimit() {
        return halfLimit;
    }

    /** Smallest division (mm) when a value is read in the given way. */
    public double graduation(boolean inch, boolean fraction) {
        if (fraction) {
            return graduationFraction;
        }
        return inch ? graduationInch : graduationMetric;
    }

    /** Whether it measures lengths and so can be calibrated. */
    public boolean isForLengths() {
        return halfLimit > 0;
    }
}
