import { ref, watch, type Ref } from "vue";
import { client, toData, type Schemas } from "../../api/client";
import { toMessage } from "../../shell/useLoad";

type Form = Schemas["TriedForm"];

/**
 * What the brakes do with what is tried, following the hand: one question is under way at a time, and only the newest of those that
 * came meanwhile is asked next.
 */
export function useTried(jobId: () => number, asked: Ref<Form>) {
  const tried = ref<Schemas["TriedView"]>();
  const failure = ref("");
  let isUnderWay = false;
  let isNewer = false;

  async function ask() {
    if (isUnderWay) {
      isNewer = true;
      return;
    }
    isUnderWay = true;
    do {
      isNewer = false;
      try {
        tried.value = await toData(
          client.POST("/api/jobs/{jobId}/brakes/tried", {
            params: { path: { jobId: jobId() } },
            body: asked.value,
          }),
        );
        failure.value = "";
      } catch (e) {
        failure.value = toMessage(e);
      }
    } while (isNewer);
    isUnderWay = false;
  }

  watch(asked, () => void ask(), { deep: true, immediate: true });
  return { tried, failure };
}
