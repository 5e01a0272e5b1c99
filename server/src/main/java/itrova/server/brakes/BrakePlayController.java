package itrova.server.brakes;

import itrova.core.brakes.BrakeCircuit;
import itrova.core.brakes.BrakeQuantity;
import itrova.core.brakes.FadeCampaign;
import itrova.core.brakes.Load;
import itrova.core.brakes.MasterRank;
import itrova.core.brakes.PlannedVehicle;
import itrova.core.brakes.QuantityAt;
import itrova.core.brakes.WhatIf;
import itrova.core.finding.Verdict;
import itrova.core.quantity.Measured;
import itrova.server.api.BadInputException;
import itrova.server.api.ConflictException;
import itrova.server.api.CurrentPerson;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The brakes of a vehicle tried in thought: sliders, a stop over time, stops in a row, other masters. Keeps nothing. */
@RestController
@RequestMapping("/api/jobs/{jobId}/brakes")
public class BrakePlayController {
    private static final int MOST_SAMPLES = 2000;

    private final VehicleBrakes brakes;
    private final CurrentPerson me;

    BrakePlayController(VehicleBrakes brakes, CurrentPerson me) {
        this.brakes = brakes;
        this.me = me;
    }

    /** A quantity set otherwise; axle -1 for the vehicle. */
    public record SetQuantity(
            @NotNull BrakeQuantity quantity,
            @Min(-1) @Max(3) int axle,
            @NotNull Double value) {}

    /** What is tried: foot in N, speed in km/h, what the road holds. */
    public record TriedForm(
            boolean planned,
            @NotNull Load load,
            @Min(0) @Max(1500) double foot,
            @Min(1) @Max(250) double speed,
            @Min(0) @Max(2) double road,
            WhatIf.@NotNull Cut cut,
            @NotNull @Size(max = 20) List<@NotNull @Valid SetQuantity> set) {}

    public record TriedView(
            List<WhatIf.Used> curve,
            List<WhatIf.Pressed> pedal,
            List<StopMoment> stop,
            List<WhatIf.Stop> cooling,
            double fluidBoilsNew,
            double fluidBoilsOld,
            List<String> wanted) {}

    /** A moment of the stop; the disc's temperature is absent for a drum. */
    public record StopMoment(
            double time,
            double speed,
            double way,
            double frontPressure,
            double rearPressure,
            double frontLoad,
            double rearLoad,
            @Nullable Double frontDisc) {}

    /** Samples of stops in a row: disc (°C) and pedal force (N) after each stop, absent where none does; fluid (°C) at the end. */
    public record FadeView(int from, List<FadeSample> samples, List<String> wanted) {}

    public record FadeSample(List<Double> disc, List<@Nullable Double> force, double fluid) {}

    public record MasterView(
            String code,
            String name,
            Verdict verdict,
            double bore,
            @Nullable Double pedalForce,
            @Nullable Double pedalForceDoubt,
            @Nullable Double strokeLeft,
            @Nullable Double strokeLeftDoubt,
            String reason) {}

    @PostMapping("/tried")
    public TriedView tried(@PathVariable long jobId, @Valid @RequestBody TriedForm body) {
        BrakeCircuit circuit = circuit(jobId, body.planned());
        Map<QuantityAt, Double> set = new HashMap<>();
        body.set().forEach(s -> set.put(new QuantityAt(s.quantity(), s.axle()), s.value()));
        WhatIf made;
        try {
            made = WhatIf.of(
                    circuit, new WhatIf.Asked(set, body.load(), body.foot(), body.speed(), body.road(), body.cut()));
        } catch (IllegalArgumentException e) {
            throw BadInputException.of("set", "", e.getMessage());
        }
        return new TriedView(
                made.curve(),
                made.pedal(),
                made.stop().stream()
                        .map(m -> new StopMoment(
                                m.time(),
                                m.speed(),
                                m.way(),
                                m.frontPressure(),
                                m.rearPressure(),
                                m.frontLoad(),
                                m.rearLoad(),
                                Double.isNaN(m.frontDisc()) ? null : m.frontDisc()))
                        .toList(),
                made.cooling(),
                circuit.fluid().dry(),
                circuit.fluid().wet(),
                made.missing().stream()
                        .map(at -> me.wording().say(at.words()))
                        .sorted()
                        .toList());
    }

    @GetMapping("/fade")
    public FadeView fade(
            @PathVariable long jobId,
            @RequestParam(defaultValue = "0") @Min(0) @Max(MOST_SAMPLES) int from,
            @RequestParam(defaultValue = "200") @Min(1) @Max(MOST_SAMPLES) int count) {
        FadeCampaign campaign = FadeCampaign.of(circuit(jobId, true), from, count);
        return new FadeView(
                from,
                campaign.samples().stream()
                        .map(s -> new FadeSample(
                                Arrays.stream(s.disc()).boxed().toList(),
                                Arrays.stream(s.force())
                                        .mapToObj(f -> Double.isFinite(f) ? (Double) f : null)
                                        .toList(),
                                s.fluid()))
                        .toList(),
                campaign.missing().stream()
                        .map(at -> me.wording().say(at.words()))
                        .sorted()
                        .toList());
    }

    @GetMapping("/masters")
    public List<MasterView> masters(@PathVariable long jobId) {
        return MasterRank.of(brakes.of(jobId).vehicle()).stream()
                .map(m -> new MasterView(
                        m.part().code(),
                        m.part().name(),
                        m.verdict(),
                        m.bore(),
                        value(m.pedalForce()),
                        doubt(m.pedalForce()),
                        value(m.stroke()),
                        doubt(m.stroke()),
                        me.wording().say(m.reason())))
                .toList();
    }

    private BrakeCircuit circuit(long jobId, boolean isPlanned) {
        PlannedVehicle vehicle = brakes.of(jobId).vehicle();
        vehicle.problem().ifPresent(problem -> {
            throw new ConflictException(me.wording().say(problem));
        });
        return isPlanned ? vehicle.planned() : vehicle.found();
    }

    private static @Nullable Double value(Optional<Measured> m) {
        return m.map(Measured::value).orElse(null);
    }

    private static @Nullable Double doubt(Optional<Measured> m) {
        return m.map(Measured::expanded).filter(Double::isFinite).orElse(null);
    }
}
