package itrova.core.part;

import static itrova.core.part.PartQuantity.BOOST_KNEE;
import static itrova.core.part.PartQuantity.BOOST_RATIO;
import static itrova.core.part.PartQuantity.BORE;
import static itrova.core.part.PartQuantity.EXPANSION;
import static itrova.core.part.PartQuantity.FRICTION;
import static itrova.core.part.PartQuantity.FRICTION_HOT;
import static itrova.core.part.PartQuantity.KNEE;
import static itrova.core.part.PartQuantity.LENGTH;
import static itrova.core.part.PartQuantity.METERING_FULL;
import static itrova.core.part.PartQuantity.METERING_HOLD;
import static itrova.core.part.PartQuantity.PRESSURE;
import static itrova.core.part.PartQuantity.RESERVOIR;
import static itrova.core.part.PartQuantity.SLOPE;
import static itrova.core.part.PartQuantity.STROKE;
import static itrova.core.part.PartQuantity.VOLUME;

import itrova.core.phrase.Titled;
import java.util.List;
import java.util.Locale;

/** Sorts of parts, each with the figures it must tell. */
public enum PartSort implements Titled {
    MASTER("master cylinder", List.of(BORE, STROKE, RESERVOIR)),
    BOOSTER("booster", List.of(BOOST_RATIO, BOOST_KNEE)),
    VALVE("proportioning valve", List.of(KNEE, SLOPE)),
    METERING_VALVE("metering valve", List.of(METERING_HOLD, METERING_FULL)),
    RESIDUAL_VALVE("residual valve", List.of(PRESSURE)),
    ACTUATOR("trailer actuator", List.of(PRESSURE, VOLUME)),
    HOSE("flexible hose", List.of(LENGTH, EXPANSION)),
    ADAPTER("adapter", List.of()),
    PADS("set of pads", List.of(FRICTION, FRICTION_HOT)),
    LINE("hard line", List.of(LENGTH)),
    FLUID("brake fluid", List.of(VOLUME)),
    BEARING("wheel bearing", List.of()),
    SEAL("hub seal", List.of()),
    COTTER("cotter or nut lock", List.of()),
    WASHER("washer", List.of()),
    COPPER_WASHER("copper washer", List.of()),
    BANJO_BOLT("banjo bolt", List.of()),
    STUD("wheel stud", List.of()),
    NUT("nut", List.of()),
    BOLT("bolt", List.of()),
    CABLE("parking cable", List.of()),
    GREASE("grease", List.of()),
    THREADLOCKER("threadlocker", List.of()),
    SEALANT("sealant or gasket", List.of()),
    OIL("oil", List.of()),
    SOLVENT("solvent", List.of()),
    SPRING("spring and small parts", List.of()),
    WIRING("wiring and breakaway", List.of());

    private final String title;
    private final List<PartQuantity> wants;

    PartSort(String title, List<PartQuantity> wants) {
        this.title = title;
        this.wants = wants;
    }

    @Override
    public String title() {
        return title;
    }

    /** Figures without which nothing can be said of it. */
    public List<PartQuantity> wants() {
        return wants;
    }

    /** Its name in documents. */
    public String key() {
        return name().toLowerCase(Locale.ROOT);
    }
}
