package itrova.core.work;

import static itrova.core.wording.Said.said;
import static org.assertj.core.api.Assertions.assertThat;

import itrova.core.remedy.WorkKind;
import itrova.core.vehicle.Side;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** A step's id and what it names are the same thing said twice. */
class StepNameTest {
    @ParameterizedTest
    @EnumSource(
            value = StepKind.class,
            names = {"WORK", "EARLIER"},
            mode = EnumSource.Mode.EXCLUDE)
    void aKindIsReadBackFromItsId(StepKind kind) {
        assertThat(StepName.parse(StepName.of(kind).id())).isEqualTo(StepName.of(kind));
        for (Side side : Side.values()) {
            assertThat(StepName.parse(StepName.of(side, kind).id())).isEqualTo(StepName.of(side, kind));
        }
        assertThat(kind.title()).isNotBlank();
    }

    @ParameterizedTest
    @EnumSource(WorkKind.class)
    void aWorkIsReadBackFromItsId(WorkKind work) {
        for (Side side : Side.values()) {
            StepName name = StepName.of(side, work);
            assertThat(StepName.parse(name.id())).isEqualTo(name);
            assertThat(name.what()).isEqualTo(work);
        }
    }

    /** Ids as plans and ticks of earlier editions hold them. */
    @ParameterizedTest
    @CsvSource({
        "lift, LIFT, ",
        "left-strip, STRIP, LEFT",
        "right-work-bore-disc, WORK, RIGHT",
        "left-work-gild-disc, EARLIER, LEFT",
        "work, EARLIER, ",
        "left-work, EARLIER, LEFT",
        "right-, EARLIER, RIGHT",
        "left-handed, EARLIER, LEFT",
        "'', EARLIER, "
    })
    void anIdTellsKindAndSide(String id, StepKind kind, Side side) {
        StepName name = StepName.parse(id);
        assertThat(name.id()).isEqualTo(id);
        assertThat(name.kind()).isEqualTo(kind);
        assertThat(name.side().orElse(null)).isEqualTo(side);
    }

    @Test
    void aTitleNamesItsSide() {
        assertThat(said(StepName.title(StepKind.STRIP, Optional.of(Side.LEFT)))).isEqualTo("Strip the drum, left");
        assertThat(said(StepName.title(StepKind.LIFT, Optional.empty()))).isEqualTo("Lift and secure");
    }

    /** Plans frozen as words are read back by them: two phrases that say the same would be taken for each other. */
    @Test
    void whatIsSaidOfStepsAndWorksIsSaidByOnePhraseEach() {
        Map<String, Object> phrases = new HashMap<>();
        for (StepKind kind : StepKind.values()) {
            one(phrases, said(kind.caution()), kind.caution());
            one(phrases, said(kind.hold()), kind.hold());
            one(phrases, kind.title(), kind);
        }
        for (WorkKind work : WorkKind.values()) {
            one(phrases, said(work.caution()), work.caution());
            one(phrases, said(work.hold()), work.hold());
            one(phrases, work.title(), work);
        }
        assertThat(phrases).hasSizeGreaterThan(100);
    }

    private static void one(Map<String, Object> phrases, String words, Object says) {
        assertThat(phrases.merge(words, says, (first, second) -> first))
                .as(words)
                .isEqualTo(says);
    }
}
