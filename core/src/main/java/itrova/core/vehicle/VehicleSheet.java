package itrova.core.vehicle;

import itrova.core.quantity.Component;
import itrova.core.quantity.Dimension;
import itrova.core.quantity.Measured;
import itrova.core.quantity.ShopNotation;
import itrova.core.quantity.Unit;
import java.util.List;
import java.util.Optional;

/**
 * What is seen and told of the whole vehicle at the look-over. Figures are kept as written, in shop notation; an empty text is
 * not known.
 *
 * @param use what it is driven for
 * @param mass mass as written
 * @param massFrom how the mass is known
 * @param wheelbase wheelbase as written
 * @param centreHeight height of the centre of gravity as written; an estimate unless said otherwise
 * @param tyre tyre size
 * @param brakes brakes as found
 * @param wishes what the owner wants
 * @param conditions what was looked at while looking over
 * @param whileApart jobs worth doing while the axle is open, that the owner said yes to
 */
public record VehicleSheet(
        Use use,
        String mass,
        AxleLoad.Source massFrom,
        String wheelbase,
        String centreHeight,
        String tyre,
        BrakesFound brakes,
        Wishes wishes,
        List<Condition> conditions,
        List<WhileApart> whileApart) {

    /** What a vehicle is driven for. */
    public enum Use {
        ROAD,
        TOW,
        TRACK,
        OFF_ROAD
    }

    /** Something that is present, absent, or was not looked at. */
    public enum Seen {
        NOT_LOOKED,
        YES,
        NO
    }

    /** Valve between master and axles. */
    public enum Valve {
        NOT_LOOKED,
        NONE,
        PROPORTIONING,
        COMBINATION,
        METERING
    }

    /** Fluid in the system. Glycol fluids never mix with silicone; mineral oil wants its own seals. */
    public enum Fluid {
        NOT_LOOKED,
        DOT_3,
        DOT_4,
        DOT_5_SILICONE,
        DOT_5_1,
        MINERAL_OIL
    }

    /** What gives the pedal its help. */
    public enum Booster {
        NOT_LOOKED,
        NONE,
        VACUUM,
        HYDRAULIC
    }

    /**
     * The brake system as found.
     *
     * @param circuits hydraulic circuits, 0 if not looked at
     * @param masterBore master bore as written
     * @param masterStroke master stroke as written
     * @param pedalRatio pedal ratio, such as 5.5; empty if not known
     * @param residualValve whether the master hides a residual valve
     * @param isolates whether a valve isolates front from rear
     * @param fittings hard-line and hose fittings
     * @param parking parking brake and its cable
     * @param breakaway whether a trailer has a breakaway
     * @param linePressure pressure a gauge showed at the axle's line under a hard pedal, as written; empty if it was not read
     */
    public record BrakesFound(
            int circuits,
            String masterBore,
            String masterStroke,
            String pedalRatio,
            Booster booster,
            Seen residualValve,
            Valve valve,
            Seen isolates,
            Fluid fluid,
            String fittings,
            String parking,
            Seen breakaway,
            String linePressure) {}

    /**
     * What the owner wants.
     *
     * @param pattern lug count or pattern wanted; empty if any
     * @param budgetCents most it may cost (cents); 0 if not said
     * @param parkingNeeded whether a parking brake is legally needed on a converted axle
     */
    public record Wishes(String pattern, long budgetCents, boolean parkingNeeded) {}

    /**
     * One thing looked at.
     *
     * @param what such as {@code ball joints}
     * @param state its state
     * @param note remark
     */
    public record Condition(String what, State state, String note) {
        /** How it was found. */
        public enum State {
            GOOD,
            WORN,
            REPLACE
        }
    }

    /** Jobs worth doing because the axle is open, with the time they take (min, both sides); common practice. */
    public enum WhileApart {
        WHEEL_BEARINGS("wheel bearings and seals", 60),
        BALL_JOINTS("ball joints", 120),
        KNUCKLE_SEALS("knuckle seals", 90),
        BRAKE_LINES("brake lines and hoses", 150),
        WHEEL_STUDS("wheel studs", 60),
        AXLE_SEALS("axle shaft seals", 50);

        private final String title;
        private final int minutes;

        WhileApart(String title, int minutes) {
            this.title = title;
            this.minutes = minutes;
        }

        public String title() {
            return title;
        }

        public int minutes() {
            return minutes;
        }
    }

    /** A sheet nothing was written on. */
    public static final VehicleSheet EMPTY = new VehicleSheet(
            Use.ROAD,
            "",
            AxleLoad.Source.ESTIMATE,
            "",
            "",
            "",
            new BrakesFound(
                    0,
                    "",
                    "",
                    "",
                    Booster.NOT_LOOKED,
                    Seen.NOT_LOOKED,
                    Valve.NOT_LOOKED,
                    Seen.NOT_LOOKED,
                    Fluid.NOT_LOOKED,
                    "",
                    "",
                    Seen.NOT_LOOKED,
                    ""),
            new Wishes("", 0, false),
            List.of(),
            List.of());

    private static final double TAPE_HALF_LIMIT = 5;
    private static final double WEIGHED_HALF_LIMIT = 20;
    private static final double ESTIMATE_SHARE = 0.10;
    private static final double PRESSURE_SHARE = 0.05;

    /**
     * @throws IllegalArgumentException naming the field whose text cannot be read or is out of bounds
     */
    public VehicleSheet {
        conditions = List.copyOf(conditions);
        whileApart = List.copyOf(whileApart);
        figure("Mass", mass, Dimension.MASS, 50, 40_000);
        figure("Wheelbase", wheelbase, Dimension.LENGTH, 500, 10_000);
        figure("Height of the centre of gravity", centreHeight, Dimension.LENGTH, 100, 2500);
        figure("Master bore", brakes.masterBore(), Dimension.LENGTH, 10, 60);
        figure("Master stroke", brakes.masterStroke(), Dimension.LENGTH, 5, 100);
        figure("Line pressure", brakes.linePressure(), Dimension.PRESSURE, 0.5, 25);
        ratio(brakes.pedalRatio());
        if (brakes.circuits() < 0 || brakes.circuits() > 2) {
            throw new IllegalArgumentException("There are one or two circuits, not " + brakes.circuits() + ".");
        }
        if (wishes.budgetCents() < 0) {
            throw new IllegalArgumentException("The budget cannot be negative.");
        }
    }

    private static Optional<Double> figure(String field, String text, Dimension dimension, double min, double max) {
        if (text.isBlank()) {
            return Optional.empty();
        }
        double value;
        try {
            value = ShopNotation.parse(text, dimension, Unit.si(dimension)).si();
        } catch (IllegalArgumentException e) {
            throw new IllegalArgumentException(field + ": " + e.getMessage());
        }
        if (!(value >= min && value <= max)) {
            throw new IllegalArgumentException(field + " of " + ShopNotation.inBoth(value, dimension) + " is outside "
                    + ShopNotation.inBoth(min, dimension) + " to " + ShopNotation.inBoth(max, dimension)
                    + ". Check the figure and its unit.");
        }
        return Optional.of(value);
    }

    private static void ratio(String text) {
        if (!text.isBlank() && !text.strip().matches("\\d{1,2}([.,]\\d{1,2})?")) {
            throw new IllegalArgumentException("Pedal ratio “" + text + "” is not a number such as 5.5.");
        }
    }

    /** Mass with its doubt (kg). */
    public Optional<Measured> massMeasured() {
        return figure("Mass", mass, Dimension.MASS, 50, 40_000).map(kg -> switch (massFrom) {
            case PLATE -> Measured.exact(kg);
            case WEIGHBRIDGE -> Measured.of(kg, Component.rectangular(SheetSource.MASS, WEIGHED_HALF_LIMIT));
            case ESTIMATE -> Measured.of(kg, Component.rectangular(SheetSource.MASS, ESTIMATE_SHARE * kg));
        });
    }

    /** Wheelbase with its doubt (mm), taken by tape. */
    public Optional<Measured> wheelbaseMeasured() {
        return figure("Wheelbase", wheelbase, Dimension.LENGTH, 500, 10_000)
                .map(mm -> Measured.of(mm, Component.rectangular(SheetSource.WHEELBASE, TAPE_HALF_LIMIT)));
    }

    /** Height of the centre of gravity with its doubt (mm), an estimate. */
    public Optional<Measured> centreHeightMeasured() {
        return figure("Height of the centre of gravity", centreHeight, Dimension.LENGTH, 100, 2500)
                .map(mm -> Measured.of(mm, Component.rectangular(SheetSource.CENTRE_HEIGHT, ESTIMATE_SHARE * mm)));
    }

    /** Pressure at the axle's line with its doubt (MPa); a gauge of 1.6 % and a foot that does not hold still (common practice). */
    public Optional<Measured> linePressureMeasured() {
        return figure("Line pressure", brakes.linePressure(), Dimension.PRESSURE, 0.5, 25)
                .map(p -> Measured.of(p, Component.rectangular(SheetSource.LINE_PRESSURE, PRESSURE_SHARE * p)));
    }

    /** Cautions that follow from what was found. */
    public List<String> cautions() {
        java.util.List<String> all = new java.util.ArrayList<>();
        if (brakes.circuits() == 1) {
            all.add(
                    "One circuit: a cut line leaves no brakes at all. Two circuits are the default for a conversion; one only"
                            + " where legal and by the owner's own choice.");
        }
        if (brakes.residualValve() == Seen.YES) {
            all.add("A residual valve for drums keeps discs dragging: take it out or replace the master.");
        } else if (brakes.residualValve() == Seen.NOT_LOOKED
                && !brakes.masterBore().isBlank()) {
            all.add("A drum-era master may hide a residual valve: strip it and look at the end of the spring.");
        }
        if (brakes.fluid() == Fluid.DOT_5_SILICONE || brakes.fluid() == Fluid.MINERAL_OIL) {
            all.add(
                    "The fluid found does not go with glycol fluid: flush, and change all seals when the kind changes.");
        }
        return all;
    }
}
