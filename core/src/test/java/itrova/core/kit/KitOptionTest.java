package itrova.core.kit;

import static org.assertj.core.api.Assertions.assertThat;

import itrova.core.fastener.Thread;
import itrova.core.geometry.Outline;
import itrova.core.geometry.Point;
import itrova.core.judge.Samples;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Options put other parts in a kit and leave the rest alone. */
class KitOptionTest {
    private static final Kit KIT = Samples.kit();
    private static final KitStuds STUDS =
            new KitStuds(Thread.parse("1/2-20"), Figure.stated(12.75, 0.05), Figure.stated(44, 0.3));
    private static final Caliper FLAT = new Caliper(
            false,
            Optional.of(new Outline(List.of(new Point(-20, 90), new Point(20, 90), new Point(20, 140)))),
            0.3,
            0);

    private static KitOption option(String group, Optional<Caliper> caliper, Optional<KitStuds> studs) {
        return new KitOption(
                group,
                group,
                group,
                0,
                0,
                new KitOption.Change(
                        Optional.empty(), caliper, Optional.empty(), studs, Optional.empty(), Optional.empty()));
    }

    @Test
    void anOptionReplacesItsPartAlone() {
        Kit changed = KIT.with(List.of(option("caliper", Optional.of(FLAT), Optional.empty())));
        assertThat(changed.caliper()).isEqualTo(FLAT);
        assertThat(changed.disc()).isEqualTo(KIT.disc());
        assertThat(changed.studs()).isEqualTo(KIT.studs());
        assertThat(changed.code()).isEqualTo(KIT.code());
        assertThat(changed.terms()).isEqualTo(KIT.terms());
    }

    @Test
    void optionsOfSeveralGroupsGoTogether() {
        Kit changed = KIT.with(List.of(
                option("caliper", Optional.of(FLAT), Optional.empty()),
                option("studs", Optional.empty(), Optional.of(STUDS))));
        assertThat(changed.caliper()).isEqualTo(FLAT);
        assertThat(changed.studs()).hasValue(STUDS);
        assertThat(KIT.studs()).as("the kit itself stays as it was").isEmpty();
    }

    @Test
    void noOptionChangesNothing() {
        assertThat(KIT.with(List.of())).isEqualTo(KIT);
    }

    @Test
    void figuresOfOneKitAreNamedAfterIt() {
        assertThat(KIT.source(PaperFigure.DISC_BORE).id()).isEqualTo("kit:K-1:disc.bore");
        assertThat(KIT.withCode("K-2").source(PaperFigure.DISC_BORE).id()).isEqualTo("kit:K-2:disc.bore");
    }

    /** A caliper told as a whole is one part over its whole range; told by sectors, it is those. */
    @Test
    void aCalipersPartsAreItsSectorsOrTheWhole() {
        assertThat(FLAT.parts()).singleElement().satisfies(p -> assertThat(p.window())
                .isEqualTo(Caliper.USUAL_SPAN));
        SectorOutline part = new SectorOutline(
                new itrova.core.geometry.ClockWindow(-10, 10), FLAT.outline().orElseThrow());
        Caliper bySectors =
                new Caliper(false, FLAT.outline(), 0.3, 0, List.of(part), Caliper.USUAL_SPAN, CaliperPlumbing.UNKNOWN);
        assertThat(bySectors.parts()).containsExactly(part);
        assertThat(bySectors.withOutline(FLAT.outline().orElseThrow(), 0.1).parts())
                .as("a template replaces the sectors")
                .hasSize(1)
                .doesNotContain(part);
        Caliper unknown = new Caliper(false, Optional.empty(), 0.3, 0);
        assertThat(unknown.hasShape()).isFalse();
        assertThat(unknown.parts()).isEmpty();
    }
}
