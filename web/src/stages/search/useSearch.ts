import { onBeforeUnmount, ref } from "vue";
import { client, toData, type Schemas } from "../../api/client";
import { toMessage } from "../../shell/useLoad";

const LOOK_MS = 300;

/** A search on the server: started, watched until it ends, stopped when asked or left. */
export function useSearch(axleId: number) {
  const done = ref(0);
  const isRunning = ref(false);
  const result = ref<Schemas["ResultView"] | null>(null);
  const failure = ref("");
  let id = "";
  let timer: ReturnType<typeof setTimeout> | undefined;

  function take(view: Schemas["SearchView"]) {
    id = view.id;
    done.value = view.done / 1000;
    if (view.failure) {
      failure.value = view.failure;
      isRunning.value = false;
    } else if (view.result) {
      result.value = view.result;
      isRunning.value = false;
    } else {
      timer = setTimeout(() => void look(), LOOK_MS);
    }
  }

  async function look() {
    try {
      take(await toData(client.GET("/api/axles/{axleId}/search/{id}", { params: { path: { axleId, id } } })));
    } catch (e) {
      failure.value = toMessage(e);
      isRunning.value = false;
    }
  }

  async function start(body: Schemas["SearchTerms"]) {
    failure.value = "";
    result.value = null;
    done.value = 0;
    isRunning.value = true;
    try {
      take(await toData(client.POST("/api/axles/{axleId}/search", { params: { path: { axleId } }, body })));
    } catch (e) {
      failure.value = toMessage(e);
      isRunning.value = false;
    }
  }

  async function stop() {
    if (!isRunning.value || !id) return;
    try {
      await toData(client.DELETE("/api/axles/{axleId}/search/{id}", { params: { path: { axleId, id } } }));
    } catch (e) {
      failure.value = toMessage(e);
    }
  }

  onBeforeUnmount(() => {
    clearTimeout(timer);
    void stop();
  });

  return { done, isRunning, result, failure, start, stop };
}
