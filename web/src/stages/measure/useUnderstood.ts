import { ref, watch, type Ref } from "vue";
import { client, toData, type Schemas } from "../../api/client";
import type { UnitSystem } from "../../units/format";
import type { CalloutId } from "./callouts";
import { toNewest } from "../../shell/newest";

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
  const newest = toNewest();

  /** Answers still on their way are of what was typed before. */
  function hush() {
    newest.forget();
    understood.value = null;
  }

  watch([text, instrument, units], async () => {
    hush();
    const isNewest = newest.still();
    if (!text.value.trim() || isNoMeasure(text.value.trim())) return;
    await new Promise((done) => setTimeout(done, REST));
    if (!isNewest()) return;
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
      if (isNewest()) understood.value = answer;
    } catch {
      // the reading itself will say so when it is sent
    }
  });

  return { understood, hush };
}
