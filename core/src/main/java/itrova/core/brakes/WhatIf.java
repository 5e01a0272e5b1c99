package itrova.core.brakes;

import itrova.core.brakes.Reckoning.Values;
import itrova.core.quantity.Component;
import itrova.core.quantity.Measured;
import itrova.core.stopping.Adhesion;
import itrova.core.stopping.PlayedStop;
import itrova.core.stopping.TwoAxles;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;

/**
 * What the brakes do with some quantities set otherwise, without doubt: quick enough to follow a hand.
 *
 * @param curve adhesion used by both axles over the deceleration, from low to high
 * @param pedal force and travel of the pedal over the deceleration
 * @param stop the stop played over time; empty where it does not come to stand
 * @param cooling front disc over ten stops, one a minute, and their fluid
 * @param missing what must be told first; everything else is empty then
 */
public record WhatIf(
        List<Used> curve, List<Pressed> pedal, List<Moment> stop, List<Stop> cooling, List<QuantityAt> missing) {
    private static final int POINTS = 18;
    private static final double STEP = 0.05;
    private static final double RISE = 0.3;
    private static final int SHOWN = 60;
    private static final int STOPS = 10;

    public WhatIf {
        curve = List.copyOf(curve);
        pedal = List.copyOf(pedal);
        stop = List.copyOf(stop);
        cooling = List.copyOf(cooling);
        missing = List.copyOf(missing);
    }

    /**
     * What is asked.
     *
     * @param set quantities set otherwise
     * @param load state of load
     * @param foot force on the pedal (N)
     * @param speed at which the stop begins (km/h)
     * @param road what the road holds
     * @param cut what is cut off
     */
    public record Asked(Map<QuantityAt, Double> set, Load load, double foot, double speed, double road, Cut cut) {}

    /** A circuit cut open. */
    public enum Cut {
        NOTHING(1, 1),
        FRONT(0, 1),
        REAR(1, 0),
        ONE_OF_DIAGONAL(0.5, 0.5),
        ALL(0, 0);

        private final double front;
        private final double rear;

        Cut(double front, double rear) {
            this.front = front;
            this.rear = rear;
        }
    }

    /** Adhesion used at a deceleration of z·g. */
    public record Used(double z, double front, double rear) {}

    /** Pedal at a deceleration of z·g: force (N), travel (mm), pressure (MPa). */
    public record Pressed(double z, double force, double travel, double pressure) {}

    /** A moment of the stop: s, km/h, m, MPa of both axles, N of both axles, °C of the front disc; NaN where not told. */
    public record Moment(
            double time,
            double speed,
            double way,
            double frontPressure,
            double rearPressure,
            double frontLoad,
            double rearLoad,
            double frontDisc) {}

    /** The front disc and its fluid after a stop of the series (°C). */
    public record Stop(int number, double disc, double fluid) {}

    /** Works it out. */
    public static WhatIf of(BrakeCircuit circuit, Asked asked) {
        Map<QuantityAt, Measured> given = new HashMap<>(circuit.given());
        asked.set()
                .forEach((at, value) ->
                        given.put(at, Measured.of(at.quantity().checked(value), Component.rectangular(at, 0))));
        BrakeCircuit tried = circuit.withGiven(given);
        Reckoning reckoning = new Reckoning(tried, false);
        WhatIf[] made = new WhatIf[1];
        Reckoning.Result result = reckoning.of(v -> {
            made[0] = worked(v, asked);
            return 1;
        });
        if (!result.missing().isEmpty() || made[0] == null) {
            return new WhatIf(
                    List.of(),
                    List.of(),
                    List.of(),
                    List.of(),
                    result.missing().stream().toList());
        }
        return made[0];
    }

    private static WhatIf worked(Values v, Asked asked) {
        List<Used> curve = new ArrayList<>();
        List<Pressed> pedal = new ArrayList<>();
        for (int i = 2; i <= POINTS; i++) {
            double z = i * STEP;
            Adhesion used = BalanceModel.adhesion(v, z, asked.load());
            if (!Double.isFinite(used.front()) || !Double.isFinite(used.rear())) {
                break;
            }
            curve.add(new Used(z, used.front(), used.rear()));
            double pressure = BrakeModel.pressureFor(v, z, asked.load(), false);
            double force = BrakeModel.footFor(v, z, asked.load(), false);
            if (Double.isFinite(force)) {
                pedal.add(new Pressed(z, force, VolumeModel.travel(v, force), pressure));
            }
        }
        return new WhatIf(curve, pedal, stop(v, asked), cooling(v, asked), List.of());
    }

    private static List<Moment> stop(Values v, Asked asked) {
        TwoAxles vehicle = BrakeModel.vehicle(v, asked.load());
        double full = BrakeModel.deceleration(
                v, asked.foot(), asked.road(), asked.load(), asked.cut().front, asked.cut().rear);
        if (!(full > 0)) {
            return List.of();
        }
        double speed = asked.speed() / 3.6;
        List<PlayedStop.Moment> played = PlayedStop.play(vehicle.mass(), speed, RISE, at -> full);
        double pressure = BrakeModel.pressure(v, asked.foot());
        OptionalDouble rise = HeatModel.warming(v, asked.load());
        int every = Math.max(1, played.size() / SHOWN);
        List<Moment> shown = new ArrayList<>();
        for (int i = 0; i < played.size(); i++) {
            if (i % every != 0 && i != played.size() - 1) {
                continue;
            }
            PlayedStop.Moment m = played.get(i);
            double on = Math.min(1, m.time() / RISE);
            double z = m.deceleration() / TwoAxles.G;
            shown.add(new Moment(
                    m.time(),
                    m.speed() * 3.6,
                    m.way(),
                    asked.cut().front > 0 ? BrakeModel.line(v, BrakeModel.FRONT, on * pressure) : 0,
                    asked.cut().rear > 0 ? BrakeModel.line(v, BrakeModel.REAR, on * pressure) : 0,
                    vehicle.front(z),
                    vehicle.rear(z),
                    rise.isPresent() ? HeatModel.AIR + rise.getAsDouble() * m.work() : Double.NaN));
        }
        return shown;
    }

    private static List<Stop> cooling(Values v, Asked asked) {
        List<Stop> stops = new ArrayList<>();
        if (!v.circuit().axles().get(BrakeModel.FRONT).isDisc()) {
            return stops;
        }
        for (int i = 1; i <= STOPS; i++) {
            double disc = HeatModel.afterStops(v, BrakeModel.FRONT, i, asked.speed() / 3.6, asked.load());
            stops.add(new Stop(i, disc, HeatModel.fluidAt(v, disc)));
        }
        return stops;
    }
}
