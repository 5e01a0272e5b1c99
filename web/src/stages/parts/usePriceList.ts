import { onBeforeUnmount, ref } from "vue";
import { client, toData, type Schemas } from "../../api/client";
import { toMessage } from "../../shell/useLoad";

export type PriceList = Schemas["PriceListView"];
export type Columns = Schemas["ColumnsForm"];

const LOOK_MS = 400;

/** A price list on the server: looked at again while something is under way with it. */
export function usePriceList(id: string) {
  const list = ref<PriceList | null>(null);
  const problem = ref("");
  const isSending = ref(false);
  let timer: ReturnType<typeof setTimeout> | undefined;
  let isGone = false;

  function show(view: PriceList) {
    list.value = view;
    clearTimeout(timer);
    if (!isGone && (view.phase === "LOOKING" || view.phase === "TAKING")) {
      timer = setTimeout(() => void load(), LOOK_MS);
    }
  }

  async function load() {
    try {
      show(await toData(client.GET("/api/price-lists/{id}", { params: { path: { id } } })));
    } catch (e) {
      problem.value = toMessage(e);
    }
  }

  async function send(answer: Promise<PriceList>) {
    problem.value = "";
    isSending.value = true;
    try {
      show(await answer);
    } catch (e) {
      problem.value = toMessage(e);
      await load();
    } finally {
      isSending.value = false;
    }
  }

  const params = { path: { id } };
  const look = (body: Columns) => send(toData(client.PUT("/api/price-lists/{id}/columns", { params, body })));
  const take = () => send(toData(client.POST("/api/price-lists/{id}/take", { params })));
  const stop = () => send(toData(client.DELETE("/api/price-lists/{id}", { params })));

  onBeforeUnmount(() => {
    isGone = true;
    clearTimeout(timer);
  });
  return { list, problem, isSending, load, look, take, stop };
}
