import { computed, onBeforeUnmount, ref } from "vue";
import { client, Refusal, toData, type Schemas } from "../../api/client";
import { useSession } from "../../shell/session";

export type Card = Schemas["BenchView"];
export type TickBody = Schemas["TickRequest"];

/** A tick on its way to the server. */
export interface WaitingTick {
  id: string;
  axleId: number;
  stepId: string;
  title: string;
  body: TickBody;
  by: string;
  at: string;
  /** Why the server would not take it: it waits for a person. */
  refusal?: string;
}

const TICKS = "itrova.ticks";
const RETRY_AFTER = 3000;

function read<T>(key: string, otherwise: T): T {
  try {
    return (JSON.parse(localStorage.getItem(key) ?? "null") as T | null) ?? otherwise;
  } catch {
    return otherwise;
  }
}

function write(key: string, value: unknown) {
  try {
    localStorage.setItem(key, JSON.stringify(value));
  } catch {
    // a full or forbidden store: what is on the page stays
  }
}

/**
 * A bench card that works without a connection: the card as it was last seen, and ticks that wait here in the order they were made, each
 * sent once, kept over a reload. One the server refuses is told and holds those behind it: they may rest on it.
 */
export function useBenchCard(axleId: number) {
  const session = useSession();
  const cardKey = () => `itrova.card.${session.view?.login ?? ""}.${axleId}`;
  const card = ref<Card | null>(null);
  /** When the card was fetched, where it is an old one. */
  const oldSince = ref("");
  const failure = ref("");
  const isLoading = ref(true);
  const isCutOff = ref(false);
  const all = ref(read<WaitingTick[]>(TICKS, []));
  const waiting = computed(() =>
    all.value.filter((t) => t.axleId === axleId && t.by === session.view?.login),
  );
  let retry: ReturnType<typeof setTimeout> | undefined;
  let isSending = false;

  function take(now: Card) {
    card.value = now;
    oldSince.value = "";
    write(cardKey(), { card: now, at: new Date().toISOString() });
  }

  function setWaiting(ticks: WaitingTick[]) {
    all.value = ticks;
    write(TICKS, ticks);
  }

  async function load() {
    isLoading.value = true;
    failure.value = "";
    try {
      take(await toData(client.GET("/api/axles/{axleId}/bench", { params: { path: { axleId } } })));
    } catch (e) {
      const kept = read<{ card: Card; at: string } | null>(cardKey(), null);
      const isLost = e instanceof Refusal && (e.status === 0 || e.status >= 500);
      if (isLost && kept) {
        card.value ??= kept.card;
        oldSince.value = kept.at;
        isCutOff.value = true;
        again();
      } else failure.value = e instanceof Refusal ? e.message : "Something went wrong here. Reload the page.";
    } finally {
      isLoading.value = false;
    }
  }

  function again() {
    clearTimeout(retry);
    retry = setTimeout(() => void send(), RETRY_AFTER);
  }

  /** Ids of steps that are done, or will be when what waits here is sent. */
  const doneIds = computed(() => {
    const ids = new Set(card.value?.steps.filter((s) => s.done).map((s) => s.id));
    waiting.value.filter((t) => !t.refusal).forEach((t) => ids.add(t.stepId));
    return ids;
  });

  /**
   * Ticks a step: at once where the server is reached and nothing waits, else later.
   *
   * @throws Refusal where the server does not take it
   */
  async function tick(stepId: string, title: string, body: TickBody) {
    if (waiting.value.length) {
      queue(stepId, title, body, crypto.randomUUID());
      await send();
      return;
    }
    const id = crypto.randomUUID();
    try {
      take(await deliver(stepId, body, id));
    } catch (e) {
      if (!(e instanceof Refusal) || (e.status !== 0 && e.status < 500)) throw e;
      isCutOff.value = true;
      queue(stepId, title, body, id);
      again();
    }
  }

  function queue(stepId: string, title: string, body: TickBody, id: string) {
    const by = session.view?.login ?? "";
    setWaiting([...all.value, { id, axleId, stepId, title, body, by, at: new Date().toISOString() }]);
  }

  function deliver(stepId: string, body: TickBody, id: string) {
    return toData(
      client.POST("/api/axles/{axleId}/bench/{stepId}/tick", {
        params: { path: { axleId, stepId } },
        headers: { "Idempotency-Key": id },
        body,
      }),
    );
  }

  /** Sends what waits, in order; ends at the first that does not get through. */
  async function send() {
    if (isSending) return;
    isSending = true;
    clearTimeout(retry);
    try {
      for (let next = waiting.value[0]; next && !next.refusal; next = waiting.value[0]) {
        const { id, stepId, body } = next;
        try {
          take(await deliver(stepId, body, id));
          isCutOff.value = false;
          setWaiting(all.value.filter((t) => t.id !== id));
        } catch (e) {
          const refusal = e instanceof Refusal ? e : new Refusal(0, "");
          if (refusal.status === 0 || refusal.status >= 500 || refusal.status === 401) {
            isCutOff.value = refusal.status !== 401;
            again();
          } else {
            isCutOff.value = false;
            setWaiting(all.value.map((t) => (t.id === id ? { ...t, refusal: refusal.message } : t)));
          }
          return;
        }
      }
      if (oldSince.value) await load();
      if (!oldSince.value) isCutOff.value = false;
    } finally {
      isSending = false;
    }
  }

  /** Drops a tick the server refused, and those behind it: they may rest on it. */
  function drop(id: string) {
    const from = waiting.value.findIndex((t) => t.id === id);
    const gone = new Set(waiting.value.slice(from).map((t) => t.id));
    setWaiting(all.value.filter((t) => !gone.has(t.id)));
  }

  const onOnline = () => void send();
  globalThis.addEventListener?.("online", onOnline);
  onBeforeUnmount(() => {
    globalThis.removeEventListener?.("online", onOnline);
    clearTimeout(retry);
  });

  return { card, oldSince, failure, isLoading, isCutOff, waiting, doneIds, load, take, tick, send, drop };
}
