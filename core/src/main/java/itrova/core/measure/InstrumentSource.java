package itrova.core.measure;

import itrova.core.quantity.Source;

/** The error of one instrument: the same in all that was read with it. */
public record InstrumentSource(Instrument instrument, String id) implements Source {
    public static InstrumentSource of(Instrument instrument) {
        return new InstrumentSource(instrument, "instrument:" + instrument.name());
    }
}
