import { onMounted, ref, watch, type Ref } from "vue";
import { Refusal } from "../api/client";
import { toNewest } from "./newest";

/** Loads a view's data, anew when the units its words are in change; keeps what was there while it loads anew, and says plainly when it could not. */
export function useLoad<T>(fetcher: () => Promise<T>, words?: { inUnits: () => unknown }) {
  const data = ref(null) as Ref<T | null>;
  const failure = ref("");
  const isLoading = ref(true);

  const newest = toNewest();

  /** What was asked before something newer was asked or came is not shown: it may tell of yesterday. */
  async function load(): Promise<void> {
    const isNewest = newest.ask();
    const before = data.value;
    isLoading.value = true;
    failure.value = "";
    try {
      const answer = await fetcher();
      if (!isNewest()) return;
      if (data.value !== before) return await load(); // an action's answer came in between
      data.value = answer;
    } catch (e) {
      if (isNewest())
        failure.value = e instanceof Refusal ? e.message : "Something went wrong here. Reload the page.";
    } finally {
      if (isNewest()) isLoading.value = false;
    }
  }

  onMounted(load);
  // what the server says in words it says in the units shown
  if (words) watch(words.inUnits, () => void load());
  return { data, failure, isLoading, load };
}

/** The message of anything thrown. */
export function toMessage(e: unknown): string {
  return e instanceof Refusal ? e.message : "Something went wrong here. Reload the page and try again.";
}
