import { computed, ref, watch, type Ref } from "vue";
import type { CalloutView, SideView } from "./callouts";
import { useOutbox } from "./outbox";

/**
 * Where along a profile a reading is taken. The next place worth reading stands there, unit and all, until another is typed over it; what
 * was sent off is not proposed again, even before the server answered, and no more than are still wanted with those on their way.
 */
export function useStation(
  axleId: number,
  callout: () => CalloutView,
  side: () => SideView["side"],
  text: Ref<string>,
) {
  const outbox = useOutbox();
  const place = ref("");
  const sent = ref<string[]>([]);
  const onTheWay = computed(
    () =>
      outbox.waiting.filter(
        (e) => e.axleId === axleId && e.side === side() && e.callout === callout().callout,
      ).length,
  );
  const proposed = computed(() =>
    callout().places.length > onTheWay.value
      ? (callout().places.find((p) => !sent.value.includes(p)) ?? "")
      : "",
  );
  /** Whether nobody typed a place. */
  const isProposed = computed(() => place.value === "" || place.value === proposed.value);

  watch([() => callout().callout, side], () => {
    sent.value = [];
    propose();
  });
  watch(proposed, (now, before) => {
    if (!text.value && (place.value === "" || place.value === before)) place.value = now;
  });

  function propose() {
    place.value = proposed.value;
  }

  function sentOff() {
    if (place.value) sent.value.push(place.value);
  }

  /** What was withdrawn may be read again. */
  function withdrawn() {
    sent.value = [];
  }

  propose();
  return { place, isProposed, propose, sentOff, withdrawn };
}
