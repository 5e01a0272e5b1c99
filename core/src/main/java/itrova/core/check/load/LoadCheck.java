package itrova.core.check.load;

import itrova.core.check.Check;
import itrova.core.finding.CheckId;
import itrova.core.finding.Explanation;
import itrova.core.finding.Finding;
import itrova.core.finding.FindingBuilder;
import itrova.core.finding.Input;
import itrova.core.kit.KitPart;
import itrova.core.phrase.Amount;
import itrova.core.phrase.Phrase;
import itrova.core.placed.KitOnSide;
import itrova.core.quantity.Measured;
import itrova.core.settings.Limit;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.AxleLoad;
import java.util.ArrayList;
import java.util.List;
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
            ruling.missing(Phrase.of("load.axle-s-load-from-its"));
        }
        c.load()
                .ifPresent(load -> ruling.require(
                        Phrase.of("load.rating-over-load"),
                        load.measured().times(-(1 + share)).plus(c.kit().ratedLoadKg())));
        return ruling.finding(r -> {
            List<Input> inputs = new ArrayList<>();
            inputs.add(new Input("W_kit", Measured.exact(c.kit().ratedLoadKg()), "kg"));
            c.load().ifPresent(l -> inputs.add(new Input("W_axle", l.measured(), "kg")));
            inputs.add(new Input("i", Measured.exact(share), ""));
            Phrase why = c.load()
                    .map(l -> Phrase.of(
                            "load.axle-carries-kit-rated-for",
                            Amount.kilograms(l.kg(), 0),
                            words(l, share),
                            Amount.kilograms(c.kit().ratedLoadKg(), 0)))
                    .orElse(Phrase.of("load.axle-s-load-not-known"));
            return new Explanation(why, FORMULA, inputs, SOURCE);
        });
    }

    private static Phrase words(AxleLoad load, double share) {
        Phrase how =
                switch (load.source()) {
                    case PLATE -> Phrase.of("load.by-its-plate");
                    case WEIGHBRIDGE -> Phrase.of("load.as-weighed");
                    case ESTIMATE -> Phrase.of("load.by-estimate");
                };
        return share > 0 ? Phrase.all(how, Phrase.of("load.and-for-imbalance", Amount.number(share * 100, 0))) : how;
    }
}
