import { onMounted, onUnmounted, ref } from "vue";

const PHONE = "(max-width: 600px)";

/** Whether the window is as narrow as a phone's. */
export function useNarrow() {
  const query = window.matchMedia(PHONE);
  const isNarrow = ref(query.matches);
  const onChange = () => (isNarrow.value = query.matches);
  onMounted(() => query.addEventListener("change", onChange));
  onUnmounted(() => query.removeEventListener("change", onChange));
  return isNarrow;
}
