package itrova.server.measure;

import itrova.core.measure.Consolidation;
import itrova.core.measure.Instrument;
import itrova.core.measure.Reading;
import itrova.core.quantity.UnitSystem;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Side;
import itrova.server.api.CurrentPerson;
import itrova.server.store.InstrumentStore;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import org.jspecify.annotations.Nullable;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Measuring: what a text means; readings in, corrected, withdrawn, taken over. */
@RestController
@RequestMapping("/api")
public class MeasureController {
    public static final String UUID_PATTERN = "[0-9a-fA-F]{8}(-[0-9a-fA-F]{4}){3}-[0-9a-fA-F]{12}";

    private final Readings readings;
    private final TakeOver takeOver;
    private final AxleEnds ends;
    private final InstrumentStore instruments;
    private final CurrentPerson me;

    MeasureController(
            Readings readings, TakeOver takeOver, AxleEnds ends, InstrumentStore instruments, CurrentPerson me) {
        this.readings = readings;
        this.takeOver = takeOver;
        this.ends = ends;
        this.instruments = instruments;
        this.me = me;
    }

    public record UnderstandRequest(
            @NotNull Callout callout,
            @NotNull @Size(max = 200) String text,
            @NotNull @Size(max = 200) String place,
            @NotNull Instrument instrument,
            @Nullable UnitSystem units) {}

    /** What a text was understood as; with a problem when it cannot be taken, and the text that could. */
    public record UnderstoodView(
            boolean ok,
            @Nullable Double value,
            @Nullable Double doubt,
            @Nullable String word,
            @Nullable String problem,
            @Nullable String mend) {}

    /**
     * A reading to take.
     *
     * @param units units the gauge or the person writes in; the person's own when absent
     * @param seen key of the newest reading the sender knew of; absent if the sender does not say
     */
    public record ReadingRequest(
            @NotNull @Pattern(regexp = UUID_PATTERN) String clientId,
            @NotNull Side side,
            @NotNull Callout callout,
            @NotNull @Size(max = 200) String text,
            @NotNull @Size(max = 200) String place,
            @NotNull Instrument instrument,
            @Nullable UnitSystem units,
            boolean confirmed,
            @Nullable Long corrects,
            @Nullable Long seen) {}

    public record CopyRequest(
            long fromAxle, @NotNull Side fromSide, @NotNull Side toSide, boolean wheel) {}

    /**
     * A whole axle to be taken over.
     *
     * @param lookedLeft whether he who asks looked all round the left wheel here and found the same
     * @param lookedRight whether he looked all round the right one
     */
    public record AxleCopyRequest(long fromAxle, boolean lookedLeft, boolean lookedRight) {}

    public record CopyView(@Nullable String refused, int taken) {}

    @PostMapping("/understand")
    public UnderstoodView understand(@Valid @RequestBody UnderstandRequest body) {
        UnitSystem units = units(body.units());
        try {
            // While the place is still empty the value is looked at alone.
            String place = body.callout().hasPlaces() && body.place().isBlank() ? "1 mm" : body.place();
            Reading r = Reading.take(Side.LEFT, body.callout(), place, body.text(), body.instrument(), units)
                    .with(instruments.tools());
            return switch (r.callout().kind()) {
                case THREAD ->
                    new UnderstoodView(
                            true,
                            null,
                            null,
                            "thread " + r.thread().orElseThrow().designation(),
                            null,
                            null);
                case WORD -> new UnderstoodView(true, null, null, r.text(), null, null);
                case COUNT -> new UnderstoodView(true, r.value().orElseThrow(), null, null, null, null);
                case LENGTH ->
                    new UnderstoodView(
                            true,
                            r.value().orElseThrow(),
                            Consolidation.single(r).expanded(),
                            null,
                            null,
                            null);
            };
        } catch (IllegalArgumentException e) {
            return new UnderstoodView(
                    false,
                    null,
                    null,
                    null,
                    e.getMessage(),
                    Readings.mend(e, body.text()).orElse(null));
        }
    }

    private UnitSystem units(@Nullable UnitSystem given) {
        return given == null ? me.units() : given;
    }

    @GetMapping("/axles/{axleId}/end")
    public AxleEndView end(@PathVariable long axleId) {
        return ends.of(axleId);
    }

    @PostMapping("/axles/{axleId}/readings")
    public AxleEndView take(@PathVariable long axleId, @Valid @RequestBody ReadingRequest body) {
        readings.take(axleId, body, units(body.units()));
        return ends.of(axleId);
    }

    @DeleteMapping("/axles/{axleId}/readings/{readingId}")
    public AxleEndView withdraw(
            @PathVariable long axleId,
            @PathVariable long readingId,
            @RequestParam @Pattern(regexp = UUID_PATTERN) String clientId) {
        readings.withdraw(axleId, readingId, clientId);
        return ends.of(axleId);
    }

    /** Takes readings over from another end that was proven equal as far as both were read; else says what to read first. */
    @PostMapping("/axles/{axleId}/copies")
    @Transactional
    public CopyView copy(@PathVariable long axleId, @Valid @RequestBody CopyRequest body) {
        return takeOver.copy(axleId, body);
    }

    /** Takes a whole axle over from another one of the job; else says what to read first. */
    @PostMapping("/axles/{axleId}/whole-copies")
    @Transactional
    public CopyView copyAxle(@PathVariable long axleId, @Valid @RequestBody AxleCopyRequest body) {
        return takeOver.copyAxle(axleId, body);
    }
}
