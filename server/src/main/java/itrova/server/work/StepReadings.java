package itrova.server.work;

import itrova.core.bench.HoldKind;
import itrova.core.bench.HoldReading;
import itrova.core.bench.HoldWanted;
import itrova.core.finding.Verdict;
import itrova.core.quantity.ShopNotation;
import itrova.core.quantity.Unit;
import itrova.server.api.BadInputException;
import itrova.server.api.ConflictException;
import itrova.server.api.CurrentPerson;
import itrova.server.store.Role;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.springframework.stereotype.Component;

/** Readings at a hold: understood as typed, judged, and let pass only within their limits or by a lead's name and reason. */
@Component
class StepReadings {
    private final CurrentPerson me;

    StepReadings(CurrentPerson me) {
        this.me = me;
    }

    /**
     * Takes the readings of a hold.
     *
     * @param typed as typed
     * @param signed why a lead lets them pass outside their limits; empty where nobody does
     * @return what is logged of them
     * @throws BadInputException if they are not understood, or not proven to lie within their limits and nobody signed
     */
    String take(HoldWanted wanted, List<String> typed, String signed) {
        HoldReading reading = judge(wanted, typed);
        if (reading.verdict() != Verdict.FITS) {
            if (signed.isEmpty()) {
                throw BadInputException.of(
                        "readings", String.join(", ", typed), me.wording().say(reading.refusal()));
            }
            if (me.get().role() != Role.LEAD) {
                throw new ConflictException("Only a lead signs for what is not proven to lie within its limits.");
            }
        }
        return String.format(
                Locale.ROOT,
                "%s %.3f %s ± %.3f (read: %s)",
                me.wording().title(wanted.kind()),
                reading.value(),
                wanted.kind().unit(),
                reading.doubt(),
                String.join(", ", typed));
    }

    /** Readings judged, nothing logged. */
    HoldReading judge(HoldWanted wanted, List<String> typed) {
        List<Double> values = new ArrayList<>();
        for (String text : typed) {
            values.add(value(wanted.kind(), text));
        }
        try {
            return HoldReading.of(wanted, values);
        } catch (IllegalArgumentException e) {
            throw BadInputException.of("readings", String.join(", ", typed), e.getMessage());
        }
    }

    private double value(HoldKind kind, String text) {
        try {
            return kind.dimension().isPresent()
                    ? ShopNotation.parse(
                                    text,
                                    kind.dimension().get(),
                                    Unit.defaultFor(kind.dimension().get(), me.units()))
                            .si()
                    : Double.parseDouble(text.strip().replace(',', '.').replace("°", ""));
        } catch (NumberFormatException e) {
            throw BadInputException.of(
                    "readings", text, "“" + text + "” is no reading. Write a number in " + kind.unit() + ".");
        } catch (IllegalArgumentException e) {
            throw BadInputException.of("readings", text, me.wording().title(kind) + ": " + e.getMessage());
        }
    }
}
