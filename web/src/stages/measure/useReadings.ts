import { ref, type Ref } from "vue";
import { client, toData, type Schemas } from "../../api/client";
import type { useUndo } from "../../shell/useUndo";
import { useOutbox, type Entry } from "./outbox";
import type { useReadingOrder } from "./useReadingOrder";

type End = Schemas["AxleEndView"];

/** Enters readings through the outbox and takes them back again; each of it may be undone. */
export function useReadings(
  axleId: number,
  end: Ref<End | null>,
  order: ReturnType<typeof useReadingOrder>,
  undo: ReturnType<typeof useUndo>,
  onChanged: () => void,
) {
  const outbox = useOutbox();
  /** Readings by the id they were sent under, so that what was taken can be taken back. */
  const readingIds = new Map<string, number>();

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
    const old = current.readings.find((r) => r.id === typed.corrects);
    const sent = ref(outbox.add(entry).clientId);
    undo.did({
      undo: () => takeBack(sent, entry, old),
      redo: () => {
        sent.value = outbox.add({ ...entry, seen: Number.MAX_SAFE_INTEGER, confirmed: true }).clientId;
      },
    });
    order.advance(current);
  }

  async function takeBack(
    sent: { value: string },
    entry: Parameters<typeof outbox.add>[0],
    old?: Schemas["ReadingView"],
  ) {
    await outbox.settled(sent.value); // dropped while the server takes it, it would stand there all the same
    if (outbox.entries.some((e) => e.clientId === sent.value)) {
      outbox.drop(sent.value);
      return;
    }
    const id = readingIds.get(sent.value);
    if (id === undefined) return;
    if (old) {
      sent.value = outbox.add({
        ...entry,
        text: old.text,
        place: old.placeText,
        corrects: id,
        confirmed: true,
      }).clientId;
    } else {
      await remove(id);
    }
    order.pick(entry.callout);
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
    let sent = "";
    await remove(readingId);
    order.pick(current.callout);
    undo.did({
      undo: () => {
        sent = outbox.add({
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
        }).clientId;
      },
      redo: () => remove(readingIds.get(sent) ?? readingId),
    });
  }

  /** Keeps which reading a sent entry became, and the axle end as it is now. */
  function taken(entry: Entry, view: End) {
    const before = new Set(end.value ? toIds(end.value, entry) : []);
    const fresh = toIds(view, entry).filter((id) => !before.has(id));
    if (fresh.length > 0) readingIds.set(entry.clientId, Math.max(...fresh));
    end.value = view;
    onChanged();
  }

  return { enter, withdraw, taken };
}

/** Of the dimension an entry is for: what others entered elsewhere meanwhile is not ours to take back. */
function toIds(view: End, { side, callout }: Entry) {
  return (view.sides.find((s) => s.side === side)?.callouts ?? [])
    .filter((c) => c.callout === callout)
    .flatMap((c) => c.readings.map((r) => r.id));
}
