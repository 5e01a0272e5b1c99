package itrova.core.fastener;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class FittingsTest {
    @Test
    void adaptersAreChainedTwoAtMost() {
        assertThat(Fittings.chain(Thread.parse("3/8-24"), Thread.parse("M10x1.0")))
                .isPresent();
        assertThat(Fittings.chain(Thread.parse("3/8-24"), Thread.parse("M12x1.0"))
                        .orElseThrow())
                .contains("then");
        assertThat(Fittings.chain(Thread.parse("1/2-20"), Thread.parse("M12x1.0")))
                .isEmpty();
    }

    @Test
    void theSameThreadWantsNoAdapter() {
        assertThat(Fittings.chain(Thread.parse("3/8-24"), Thread.parse("3/8-24")))
                .contains("");
    }
}
