package itrova.core.check.load;

import itrova.core.check.Check;
import itrova.core.finding.CheckId;
import itrova.core.finding.Explanation;
import itrova.core.finding.Finding;
import itrova.core.finding.FindingBuilder;
import itrova.core.finding.Input;
import itrova.core.kit.KitPart;
import itrova.core.placed.KitOnSide;
import itrova.core.quantity.Measured;
import itrova.core.settings.Limit;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.AxleLoad;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/** The kit's rated axle load must cover the axle's load; a trailer axle may carry more than its share. */
final class LoadCheck implements Check {
    static final String FORMULA = "m = W_kit − W_axle·(1 + i)";
    private static final String SOURCE =
            "Rating of the kit's papers; imbalance between trailer axles is common practice";

    @Override
    public CheckId id() {
        return CheckId.LOAD;
    }

    @Override
    public Set<KitPart> reads() {
        return Set.of();
    }

    @Override
    public Finding judge(KitOnSide c) {
        FindingBuilder ruling = new FindingBuilder(CheckId.LOAD, c, "kg");
        double share =
                c.end().kind() == AxleEndKind.TRAILER_SPINDLE ? c.settings().of(Limit.IMBALANCE) : 0;
        if (c.load().isEmpty()) {
            ruling.missing("the axle's load: from its plate or the weighbridge");
        }
        c.load()
                .ifPresent(load -> ruling.require(
                        "rating over load",
                        load.measured().times(-(1 + share)).plus(c.kit().ratedLoadKg())));
        return ruling.finding(r -> {
            List<Input> inputs = new ArrayList<>();
            inputs.add(new Input("W_kit", Measured.exact(c.kit().ratedLoadKg()), "kg"));
            c.load().ifPresent(l -> inputs.add(new Input("W_axle", l.measured(), "kg")));
            inputs.add(new Input("i", Measured.exact(share), ""));
            String why = c.load()
                    .map(l -> String.format(
                            Locale.ROOT,
                            "The axle carries %.0f kg%s, the kit is rated for %.0f kg.",
                            l.kg(),
                            words(l, share),
                            c.kit().ratedLoadKg()))
                    .orElse("The axle's load is not known yet.");
            return new Explanation(why, FORMULA, inputs, SOURCE);
        });
    }

    private static String words(AxleLoad load, double share) {
        String how =
                switch (load.source()) {
                    case PLATE -> " by its plate";
                    case WEIGHBRIDGE -> " as weighed";
                    case ESTIMATE -> " by estimate";
                };
        return share > 0 ? how + String.format(Locale.ROOT, " and %.0f %% for imbalance", share * 100) : how;
    }
}
