package itrova.core.bench;

import itrova.core.phrase.Amount;
import itrova.core.phrase.Phrase;
import itrova.core.phrase.Titled;
import itrova.core.quantity.Unit;

/** Schools of adjusting the two bearings of a hub; whichever is followed, the end play read afterwards decides (common practice). */
public enum BearingSchool implements Titled {
    SEAT_AND_SLOT("Seat, back off, next slot"),
    IN_STAGES("By torque in stages"),
    BY_FEEL("By feel");

    private final String title;

    BearingSchool(String title) {
        this.title = title;
    }

    @Override
    public String title() {
        return title;
    }

    /** What is done, in the reader's units. */
    public Phrase told() {
        return switch (this) {
            case SEAT_AND_SLOT -> Phrase.of("bench.school-seat");
            case IN_STAGES -> Phrase.of("bench.school-stages", feet(50), feet(30), feet(50), feet(75));
            case BY_FEEL -> Phrase.of("bench.school-feel");
        };
    }

    private static Amount feet(double poundFeet) {
        return Amount.newtonMetres(poundFeet * Unit.POUND_FOOT.toSi(), 0);
    }
}
