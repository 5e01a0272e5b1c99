import { onMounted, ref, watch, type Ref } from "vue";
import { Refusal } from "../api/client";

/** Loads a view's data, anew when the units its words are in change; keeps what was there while it loads anew, and says plainly when it could not. */
export function useLoad<T>(fetcher: () => Promise<T>, words?: { inUnits: () => unknown }) {
  const data = ref(null) as Ref<T | null>;
  const failure = ref("");
  const isLoading = ref(true);

  async function load() {
    isLoading.value = true;
    failure.value = "";
    try {
      data.value = await fetcher();
    } catch (e) {
      failure.value = e instanceof Refusal ? e.message : "Something went wrong here. Reload the page.";
    } finally {
      isLoading.value = false;
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
