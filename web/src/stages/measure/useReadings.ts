import type { Ref } from "vue";
import { client, toData, type Schemas } from "../../api/client";
import { useUndo } from "../../shell/useUndo";
import { useOutbox, type Entry } from "./outbox";
import type { useReadingOrder } from "./useReadingOrder";

type End = Schemas["AxleEndView"];

type Sent = Parameters<ReturnType<typeof useOutbox>["add"]>[0];

/** A reading entered, or one taken back; `clientId` is what it was sent under last, `readingId` what it became. */
type Deed =
  | { kind: "entered"; entry: Sent; old?: Schemas["ReadingView"]; clientId: string; readingId?: number }
  | { kind: "withdrawn"; entry: Sent; clientId: string; readingId: number };

/** Enters readings through the outbox and takes them back again; each of it may be undone, over a reload too. */
export function useReadings(
  axleId: number,
  end: Ref<End | null>,
  order: ReturnType<typeof useReadingOrder>,
  onChanged: () => void,
) {
  const outbox = useOutbox();
  /** Readings by the id they were sent under, so that what was taken can be taken back. */
  const readingIds = new Map<string, number>();
  const undo = useUndo<Deed>(`readings.${axleId}`, {
    undo: (deed) => (deed.kind === "entered" ? takeBack(deed) : sendAgain(deed)),
    redo: (deed) =>
      deed.kind === "entered" ? sendAgain(deed) : remove(readingIds.get(deed.clientId) ?? deed.readingId),
  });

  function enter(typed: Pick<Entry, "text" | "place" | "instrument" | "units" | "confirmed" | "corrects">) {
    const current = order.callout.value;
    if (!current || !end.value) return;
    const entry: Parameters<typeof outbox.add>[0] = {
      ...typed,
      axleId,
      side: order.sideId.value,
      callout: current.callout,
      title: current.title,
      seen: end.value.lastReading,
    };
    undo.did({
      kind: "entered",
      entry,
      old: current.readings.find((r) => r.id === typed.corrects),
      clientId: outbox.add(entry).clientId,
    });
    order.advance(current);
  }

  function sendAgain(deed: Deed) {
    deed.clientId = outbox.add({ ...deed.entry, seen: Number.MAX_SAFE_INTEGER, confirmed: true }).clientId;
  }

  async function takeBack(deed: Extract<Deed, { kind: "entered" }>) {
    await outbox.settled(deed.clientId); // dropped while the server takes it, it would stand there all the same
    if (outbox.entries.some((e) => e.clientId === deed.clientId)) {
      outbox.drop(deed.clientId);
      return;
    }
    const id = readingIds.get(deed.clientId) ?? deed.readingId;
    if (id === undefined) return;
    if (deed.old) {
      deed.clientId = outbox.add({
        ...deed.entry,
        text: deed.old.text,
        place: deed.old.placeText,
        corrects: id,
        confirmed: true,
      }).clientId;
    } else {
      await remove(id);
    }
    order.pick(deed.entry.callout);
  }

  async function remove(readingId: number) {
    end.value = await toData(
      client.DELETE("/api/axles/{axleId}/readings/{readingId}", {
        params: { path: { axleId, readingId }, query: { clientId: crypto.randomUUID() } },
      }),
    );
    onChanged();
  }

  /** Takes a reading back; may be undone. */
  async function withdraw(readingId: number) {
    const current = order.callout.value;
    const reading = current?.readings.find((r) => r.id === readingId);
    if (!current || !reading) return;
    const where = order.sideId.value;
    await remove(readingId);
    order.pick(current.callout);
    undo.did({
      kind: "withdrawn",
      entry: {
        axleId,
        side: where,
        callout: current.callout,
        title: current.title,
        text: reading.text,
        place: reading.placeText,
        instrument: reading.instrument,
        units: "METRIC",
        seen: Number.MAX_SAFE_INTEGER,
        confirmed: true,
      },
      clientId: "",
      readingId,
    });
  }

  /** Keeps which reading a sent entry became, and the axle end as it is now. */
  function taken(entry: Entry, view: End) {
    const before = new Set(end.value ? toIds(end.value, entry) : []);
    const fresh = toIds(view, entry).filter((id) => !before.has(id));
    if (fresh.length > 0) {
      know(entry.clientId, Math.max(...fresh));
    }
    end.value = view;
    onChanged();
  }

  /** What a sent entry became. One that came back after it was withdrawn is the same reading under a new number. */
  function know(clientId: string, id: number) {
    readingIds.set(clientId, id);
    let old: number | undefined;
    undo.change((deed) => {
      if (deed.clientId !== clientId) return;
      if (deed.kind === "withdrawn") old = deed.readingId;
      deed.readingId = id;
    });
    if (old === undefined) return;
    for (const [sent, was] of readingIds) if (was === old) readingIds.set(sent, id);
    undo.change((deed) => {
      if (deed.readingId === old) deed.readingId = id;
    });
  }

  return { enter, withdraw, taken, undo };
}

/** Of the dimension an entry is for: what others entered elsewhere meanwhile is not ours to take back. */
function toIds(view: End, { side, callout }: Entry) {
  return (view.sides.find((s) => s.side === side)?.callouts ?? [])
    .filter((c) => c.callout === callout)
    .flatMap((c) => c.readings.map((r) => r.id));
}
