package itrova.formats;

import static org.assertj.core.api.Assertions.assertThat;

import itrova.core.fastener.Thread;
import itrova.core.kit.Kit;
import itrova.core.kit.PartKind;
import itrova.core.kit.TorqueSpec;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The made-up kits' papers agree with themselves: bolts with what is torqued, boxes with what is counted. */
class DemoKitsTest {
    /** A bolt's crests lie up to 0.5 mm under the nominal diameter its thread is called by (ISO 965-1 6g, ASME B1.1 2A: less). */
    private static final double UNDER_NOMINAL = 0.5;

    static List<Kit> kits() {
        return DemoData.kits();
    }

    @ParameterizedTest
    @MethodSource("kits")
    void theBracketBoltTorquedIsTheOneTheBracketTakes(Kit kit) {
        Thread torqued = kit.torques().stream()
                .filter(t -> t.place() == TorqueSpec.Place.BRACKET_BOLT)
                .findFirst()
                .orElseThrow()
                .thread()
                .orElseThrow();
        double bolt = kit.bracket().bolt().value();
        assertThat(torqued.diameter() - bolt).as(kit.code()).isBetween(-0.1, UNDER_NOMINAL);
        assertThat(kit.bracket().hole().value()).as(kit.code()).isGreaterThan(bolt);
    }

    @ParameterizedTest
    @MethodSource("kits")
    void whatTheBoxSaysIsCountedInIt(Kit kit) {
        String box = String.join("; ", kit.terms().box());
        assertThat(kit.terms().contents().containsKey(PartKind.DISC))
                .as(kit.code() + ": " + box)
                .isEqualTo(box.contains("discs"));
        assertThat(kit.terms().contents().containsKey(PartKind.CALIPER))
                .as(kit.code() + ": " + box)
                .isEqualTo(box.contains("calipers"));
    }
}
