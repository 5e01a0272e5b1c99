import { onBeforeUnmount, onMounted, reactive, ref, watch } from "vue";
import { client, toData, type Schemas } from "../../api/client";
import { toNewest } from "../../shell/newest";
import { toMessage } from "../../shell/useLoad";
import type { Verdict } from "../../verdict/words";

export type CheckId = Schemas["CellView"]["check"];
export type Sort = "BEST" | "FULL_COST" | "LEAD_TIME" | "WORK" | "NAME" | "HELD" | "MARGIN";

/** What of the table is wanted. */
export interface Wanted {
  text: string;
  verdict: Verdict | null;
  held: CheckId | null;
  onlyLiked: boolean;
  sort: Sort;
  by: CheckId | null;
}

const PAGE = 100;
const MOST_AT_A_TIME = 200;
const LOOK_AGAIN_MS = 5000;

/** The match table of an axle: narrowed and sorted by the server, fetched page by page, fresh while readings arrive. */
export function useMatch(axleId: number) {
  const wanted = reactive<Wanted>({
    text: "",
    verdict: null,
    held: null,
    onlyLiked: false,
    sort: "BEST",
    by: null,
  });
  const match = ref<Schemas["MatchView"] | null>(null);
  const failure = ref("");
  const isLoading = ref(true);
  const isNew = ref(false);
  const newest = toNewest();

  async function fetchPage(offset: number, limit = PAGE) {
    return toData(
      client.GET("/api/axles/{axleId}/match", {
        params: {
          path: { axleId },
          query: {
            text: wanted.text,
            verdict: wanted.verdict ?? undefined,
            held: wanted.held ?? undefined,
            onlyLiked: wanted.onlyLiked,
            sort: wanted.sort,
            by: wanted.by ?? undefined,
            offset,
            limit,
          },
        },
      }),
    );
  }

  /** Fetches the first rows anew, or as many as are shown, so that nobody is thrown back to the top. */
  async function load(many = PAGE) {
    const isNewest = newest.ask();
    isLoading.value = true;
    try {
      let fresh = await fetchPage(0, Math.min(many, MOST_AT_A_TIME));
      while (isNewest() && fresh.rows.length < Math.min(many, fresh.total)) {
        const left = Math.min(many - fresh.rows.length, MOST_AT_A_TIME);
        const next = await fetchPage(fresh.rows.length, left);
        if (next.rows.length === 0) break;
        fresh = { ...next, rows: [...fresh.rows, ...next.rows] };
      }
      if (isNewest()) {
        match.value = fresh;
        failure.value = "";
      }
    } catch (e) {
      if (isNewest()) failure.value = toMessage(e);
    } finally {
      if (isNewest()) isLoading.value = false;
    }
  }

  /** Fetches the rows that follow those shown. */
  async function more() {
    const now = match.value;
    if (!now || isLoading.value || now.rows.length >= now.total) return;
    const isNewest = newest.still();
    isLoading.value = true;
    try {
      const next = await fetchPage(now.rows.length);
      if (isNewest() && next.stamp === now.stamp && next.unfinished === now.unfinished) {
        match.value = { ...next, rows: [...now.rows, ...next.rows] };
      } else if (isNewest()) {
        await load(now.rows.length + PAGE);
      }
    } catch (e) {
      if (isNewest()) failure.value = toMessage(e);
    } finally {
      if (isNewest()) isLoading.value = false;
    }
  }

  /** Asks whether anything changed since: a reading taken at the bench, or kits judged wholly meanwhile, show by themselves. */
  async function lookAgain() {
    const shown = match.value;
    if (document.hidden || !shown || isLoading.value) return;
    try {
      const now = await toData(
        client.GET("/api/axles/{axleId}/match-stamp", { params: { path: { axleId } } }),
      );
      const isOther = now.stamp !== shown.stamp;
      if (isOther || now.unfinished !== shown.unfinished) {
        await load(Math.max(PAGE, shown.rows.length));
      }
      if (isOther) {
        isNew.value = true;
        setTimeout(() => (isNew.value = false), 4000);
      }
    } catch {
      // The next look will tell; a table that is a little old does no harm.
    }
  }

  let timer: ReturnType<typeof setInterval> | undefined;
  let typing: ReturnType<typeof setTimeout> | undefined;
  onMounted(() => {
    void load();
    timer = setInterval(() => void lookAgain(), LOOK_AGAIN_MS);
  });
  onBeforeUnmount(() => {
    clearInterval(timer);
    clearTimeout(typing);
  });
  watch(
    () => ({ ...wanted }),
    (now, before) => {
      clearTimeout(typing);
      typing = setTimeout(() => void load(), now.text === before.text ? 0 : 250);
    },
  );

  return { wanted, match, failure, isLoading, isNew, load, more };
}
