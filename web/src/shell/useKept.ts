import { onBeforeUnmount, ref, watch, type Ref } from "vue";
import { useSession } from "./session";

/**
 * What is typed into a form that makes something new: kept in the browser over leaving, reload and sign-out until it was sent, each
 * person's own. Restored at once.
 *
 * @param name of the form and what it is of
 * @param fields what is typed, by name; a field whose kept value is of another sort than it begins with is left as it begins
 */
export function useKept(name: string, fields: Record<string, Ref<unknown>>) {
  const session = useSession();
  // bare figures are meant in the units shown
  const key = `itrova.kept.${session.view?.login ?? ""}.${name}.${session.units}`;
  const empty = JSON.stringify(read());
  const isRestored = ref(false);

  function read() {
    return Object.fromEntries(Object.entries(fields).map(([k, field]) => [k, field.value]));
  }

  try {
    const kept = JSON.parse(localStorage.getItem(key) ?? "{}") as Record<string, unknown>;
    for (const [k, field] of Object.entries(fields))
      if (
        k in kept &&
        typeof kept[k] === typeof field.value &&
        Array.isArray(kept[k]) === Array.isArray(field.value)
      )
        field.value = kept[k];
    isRestored.value = JSON.stringify(read()) !== empty;
  } catch {
    // what cannot be read is not restored
  }

  function keep() {
    try {
      const now = JSON.stringify(read());
      if (now === empty) localStorage.removeItem(key);
      else localStorage.setItem(key, now);
    } catch {
      // a full or forbidden store keeps nothing; what is on the page stays
    }
  }

  let isSent = false;
  watch(Object.values(fields), keep, { deep: true });
  onBeforeUnmount(() => isSent || keep());

  /** It was sent: nothing is left to keep. */
  function sent() {
    isSent = true;
    try {
      localStorage.removeItem(key);
    } catch {
      // nothing was kept
    }
  }

  /** Begins anew. */
  function drop() {
    const begun = JSON.parse(empty) as Record<string, unknown>;
    for (const [k, field] of Object.entries(fields)) field.value = begun[k];
    isRestored.value = false;
  }

  return { isRestored, sent, drop };
}
