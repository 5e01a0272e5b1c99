import { ref, watch, type Ref } from "vue";
import { client, toData, type Schemas } from "../../api/client";
import type { UnitSystem } from "../../units/format";
import type { CalloutId } from "./callouts";

/** How long typing rests before it is asked what it means (ms). */
const REST = 90;

/**
 * What the server understands a text as, while it is typed.
 *
 * @param callout dimension it is of
 * @param isNoMeasure whether a text is a sign and no measure
 */
export function useUnderstood(
  callout: () => CalloutId,
  typed: {
    text: Ref<string>;
    place: Ref<string>;
    instrument: Ref<Schemas["UnderstandRequest"]["instrument"]>;
    units: Ref<UnitSystem>;
  },
  isNoMeasure: (text: string) => boolean,
) {
  const { text, place, instrument, units } = typed;
  const understood = ref<Schemas["UnderstoodView"] | null>(null);
  let asked = 0;

  /** Answers still on their way are of what was typed before. */
  function hush() {
    asked++;
    understood.value = null;
  }

  watch([text, instrument, units], async () => {
    hush();
    const ticket = asked;
    if (!text.value.trim() || isNoMeasure(text.value.trim())) return;
    await new Promise((done) => setTimeout(done, REST));
    if (ticket !== asked) return;
    try {
      const answer = await toData(
        client.POST("/api/understand", {
          body: {
            callout: callout(),
            text: text.value,
            place: place.value,
            instrument: instrument.value,
            units: units.value,
          },
        }),
      );
      if (ticket === asked) understood.value = answer;
    } catch {
      // the reading itself will say so when it is sent
    }
  });

  return { understood, hush };
}
