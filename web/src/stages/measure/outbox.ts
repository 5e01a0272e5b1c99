import { defineStore } from "pinia";
import { computed, ref, watch } from "vue";
import { client, Refusal, toData, type Schemas } from "../../api/client";
import { useSession } from "../../shell/session";
import type { UnitSystem } from "../../units/format";
import type { CalloutId } from "./callouts";

/** A reading on its way to the server. */
export interface Entry {
  clientId: string;
  axleId: number;
  side: Schemas["ReadingRequest"]["side"];
  callout: CalloutId;
  title: string;
  text: string;
  place: string;
  instrument: Schemas["ReadingRequest"]["instrument"];
  units: UnitSystem;
  seen: number;
  at: string;
  /** Sign-in name of who typed it: it is sent as theirs or not at all. */
  by: string;
  confirmed: boolean;
  corrects?: number;
  /** Why the server would not take it as it is; such an entry waits for a person. */
  refusal?: { message: string; confirmable: boolean; mend?: string; theirs?: Theirs };
}

export interface Theirs {
  id: number;
  text: string;
  by: string;
  at: string;
}

type Listener = (entry: Entry, view: Schemas["AxleEndView"]) => void;

const KEY = "itrova.outbox";
const RETRY_AFTER = 3000;

function stored(): Entry[] {
  try {
    const entries = JSON.parse(localStorage.getItem(KEY) ?? "[]") as Entry[];
    // one from an edition that did not note who typed it waits for a person
    entries
      .filter((e) => !e.by && !e.refusal)
      .forEach((e) => {
        e.refusal = {
          message: "It is not known who typed this. Keep it as yours, or drop it.",
          confirmable: true,
        };
      });
    return entries;
  } catch {
    return [];
  }
}

/**
 * Readings wait here until the server has them: in the order taken, each sent once, kept in the browser over a reload. One the
 * server refuses is set aside with its reason and stops nothing behind it.
 */
export const useOutbox = defineStore("outbox", () => {
  const session = useSession();
  const me = computed(() => session.view?.login ?? "");
  const entries = ref<Entry[]>(stored());
  const isSending = ref(false);
  const isCutOff = ref(false);
  const waiting = computed(() => entries.value.filter((e) => !e.refusal && e.by === me.value));
  const held = computed(() => entries.value.filter((e) => e.refusal && (!e.by || e.by === me.value)));
  /** What others typed on this device: it waits until they sign in. */
  const others = computed(() => entries.value.filter((e) => e.by && e.by !== me.value));
  const listeners = new Set<Listener>();
  const refusals = new Set<(entry: Entry) => void>();
  let retry: ReturnType<typeof setTimeout> | undefined;

  watch(entries, (now) => localStorage.setItem(KEY, JSON.stringify(now)), { deep: true, flush: "sync" });

  function add(entry: Omit<Entry, "clientId" | "at" | "by" | "confirmed"> & { confirmed?: boolean }): Entry {
    const full: Entry = {
      confirmed: false,
      ...entry,
      by: me.value,
      clientId: crypto.randomUUID(),
      at: new Date().toISOString(),
    };
    entries.value.push(full);
    void send();
    return full;
  }

  /** Sends a held entry again, changed. */
  function again(clientId: string, change: Partial<Entry>) {
    const entry = entries.value.find((e) => e.clientId === clientId);
    if (!entry) return;
    Object.assign(entry, change);
    entry.by ||= me.value;
    delete entry.refusal;
    void send();
  }

  function drop(clientId: string) {
    entries.value = entries.value.filter((e) => e.clientId !== clientId);
  }

  /** Done once the server no longer takes this entry at the moment: it has it, or it waits on. */
  async function settled(clientId: string): Promise<void> {
    await new Promise<void>((done) => {
      const isOnTheWay = () => isSending.value && waiting.value[0]?.clientId === clientId;
      if (!isOnTheWay()) return done();
      const stop = watch(isOnTheWay, () => {
        stop();
        done();
      });
    });
  }

  async function send() {
    if (isSending.value) return;
    isSending.value = true;
    clearTimeout(retry);
    try {
      for (let next = waiting.value[0]; next; next = waiting.value[0]) {
        if (!(await deliver(next))) break;
      }
    } finally {
      isSending.value = false;
    }
  }

  /** Sends one; false when there is no getting through now. */
  async function deliver(entry: Entry): Promise<boolean> {
    const { clientId, side, callout, text, place, instrument, units, confirmed, corrects, seen } = entry;
    try {
      const view = await toData(
        client.POST("/api/axles/{axleId}/readings", {
          params: { path: { axleId: entry.axleId } },
          headers: { "Idempotency-Key": clientId },
          body: { clientId, side, callout, text, place, instrument, units, confirmed, corrects, seen },
        }),
      );
      isCutOff.value = false;
      drop(clientId);
      listeners.forEach((tell) => tell(entry, view));
      return true;
    } catch (e) {
      const refusal = e instanceof Refusal ? e : new Refusal(0, "");
      if (refusal.signedInAs) await session.load().catch(() => undefined); // another tab signed somebody else in
      if (refusal.status === 0 || refusal.status === 401 || refusal.status >= 500 || refusal.signedInAs) {
        isCutOff.value = refusal.status !== 401 && !refusal.signedInAs;
        retry = setTimeout(() => void send(), RETRY_AFTER);
        return false;
      }
      isCutOff.value = false;
      const kept = entries.value.find((one) => one.clientId === clientId);
      if (kept) {
        kept.refusal = {
          message: refusal.message,
          confirmable: refusal.confirmable,
          mend: refusal.mend,
          theirs: refusal.theirs,
        };
        refusals.forEach((tell) => tell(kept));
      }
      return true;
    }
  }

  /** Calls back for every reading the server took; gives a function that ends it. */
  function onTaken(listener: Listener) {
    listeners.add(listener);
    return () => listeners.delete(listener);
  }

  /** Calls back for every reading the server refused; gives a function that ends it. */
  function onRefused(listener: (entry: Entry) => void) {
    refusals.add(listener);
    return () => refusals.delete(listener);
  }

  globalThis.addEventListener?.("online", () => void send());
  watch(me, (login) => login && void send());

  return { entries, waiting, held, others, isCutOff, add, again, drop, settled, send, onTaken, onRefused };
});
