import { onMounted, onUnmounted } from "vue";

/** Acts called by Alt and a key, from anywhere on a view; and what `?` calls while nothing is typed. */
export function useAltKeys(acts: Record<string, () => void>, onHelp: () => void) {
  function onKey(event: KeyboardEvent) {
    const tag = (event.target as HTMLElement | null)?.tagName ?? "";
    const act = event.altKey ? acts[event.key.toLowerCase()] : undefined;
    if (act) {
      event.preventDefault();
      act();
    } else if (event.key === "?" && !["INPUT", "SELECT", "TEXTAREA"].includes(tag)) onHelp();
  }
  onMounted(() => window.addEventListener("keydown", onKey));
  onUnmounted(() => window.removeEventListener("keydown", onKey));
}
