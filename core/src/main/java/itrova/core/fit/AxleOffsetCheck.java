package itrova.core.fit;

import itrova.core.measure.DerivedValues;
import itrova.core.quantity.Measured;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.Callout;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** The caliper must come to stand over the disc within the shims that come with the kit. */
final class AxleOffsetCheck implements Check {
    static final String FORMULA = "m = s_shims − |A_read − A_kit|";
    private static final String SOURCE = "Chain from housing face to disc; common practice";

    @Override
    public CheckId id() {
        return CheckId.AXLE_OFFSET;
    }

    @Override
    public boolean appliesTo(FitCase c) {
        return c.end().kind() == AxleEndKind.REAR_LIVE_AXLE;
    }

    @Override
    public Finding judge(FitCase c) {
        Ruling ruling = new Ruling(CheckId.AXLE_OFFSET, c, "mm");
        Optional<Measured> read = DerivedValues.axleOffset(c.end());
        Optional<Measured> wanted =
                c.kit().bracket().axleOffset().map(f -> f.measured(c.kit().source("bracket.axleOffset")));
        ruling.want(read, Callout.AXLE_OFFSET);
        if (wanted.isEmpty()) {
            ruling.missing("the axle offset the kit is made for: ask the supplier");
        }
        if (read.isPresent() && wanted.isPresent()) {
            Measured off = read.get().minus(wanted.get());
            double shims = c.kit().bracket().shimRange();
            ruling.require("caliper over disc, shimmed out", off.times(-1).plus(shims))
                    .require("caliper over disc, shimmed in", off.plus(shims));
        }
        return ruling.finding(r -> {
            List<Input> inputs = new ArrayList<>();
            read.ifPresent(m -> inputs.add(new Input("A_read", m, "mm")));
            wanted.ifPresent(m -> inputs.add(new Input("A_kit", m, "mm")));
            inputs.add(new Input("s_shims", Measured.exact(c.kit().bracket().shimRange()), "mm"));
            String why = read.isPresent() && wanted.isPresent()
                    ? String.format(
                            Locale.ROOT,
                            "The axle offset is %.1f mm, the kit is made for %.1f mm and can be shimmed %.1f mm either way.",
                            read.get().value(),
                            wanted.get().value(),
                            c.kit().bracket().shimRange())
                    : "Axle offset and the kit's wish cannot be compared yet.";
            return new Explanation(why, FORMULA, inputs, SOURCE);
        });
    }
}
