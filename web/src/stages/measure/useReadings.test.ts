import { createPinia, setActivePinia } from "pinia";
import { beforeEach, describe, expect, it, vi } from "vitest";
import { ref } from "vue";
import type { Schemas } from "../../api/client";

vi.hoisted(() => {
  vi.stubGlobal("location", { origin: "http://shop.test" });
  vi.stubGlobal("localStorage", { getItem: () => null, setItem: () => undefined });
});

import { useSession } from "../../shell/session";
import { useOutbox } from "./outbox";
import { useReadingOrder } from "./useReadingOrder";
import { useReadings } from "./useReadings";

type End = Schemas["AxleEndView"];
type Id = "REGISTER" | "FLANGE";

/** An axle end whose left side has readings of these ids. */
function end(readings: Record<Id, number[]>): End {
  const callouts = (["REGISTER", "FLANGE"] as const).map((callout) => ({
    callout,
    title: callout,
    view: "HUB",
    hasPlaces: false,
    wanted: true,
    open: true,
    readings: readings[callout].map((id) => ({ id, text: `${id} mm`, instrument: "CALIPER_OUTSIDE" })),
  }));
  return {
    lastReading: 0,
    sides: [{ side: "LEFT", callouts, sheets: [], barrel: [], spokes: [] }],
  } as unknown as End;
}

/** The server: each request waits until it is answered by the test. */
function server() {
  const asked: {
    method: string;
    path: string;
    body: Record<string, unknown>;
    answer: (view: End) => void;
  }[] = [];
  vi.stubGlobal("fetch", async (request: Request) => {
    const body = request.method === "POST" ? await request.json() : {};
    return new Promise<Response>((done) =>
      asked.push({
        method: request.method,
        path: new URL(request.url).pathname,
        body,
        answer: (view) =>
          done(new Response(JSON.stringify(view), { headers: { "Content-Type": "application/json" } })),
      }),
    );
  });
  return asked;
}

function bench(now: End) {
  const view = ref<End | null>(now);
  const order = useReadingOrder(7, view, ref(null));
  order.pick("REGISTER");
  const readings = useReadings(7, view, order, () => undefined);
  useOutbox().onTaken(readings.taken);
  return { view, order, ...readings };
}

const TYPED = {
  text: "70.8",
  place: "",
  instrument: "CALIPER_OUTSIDE",
  units: "METRIC",
  confirmed: false,
} as const;

let kept: Map<string, string>;

const turn = () => new Promise((done) => setTimeout(done));

beforeEach(() => {
  kept = new Map();
  vi.stubGlobal("sessionStorage", {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => kept.set(key, value),
  });
  vi.stubGlobal("document", { cookie: "XSRF-TOKEN=token" });
  setActivePinia(createPinia());
  useSession().view = { login: "tam", role: "MECHANIC", units: "METRIC" } as never;
});

describe("a reading taken back", () => {
  it("is one's own, though somebody else entered others meanwhile", async () => {
    const asked = server();
    const { enter, undo } = bench(end({ REGISTER: [3], FLANGE: [] }));
    enter(TYPED);
    await turn();
    asked[0]?.answer(end({ REGISTER: [3, 8], FLANGE: [9] }));
    await turn();
    const undone = undo.undo();
    await turn();
    expect(asked[1]?.method).toBe("DELETE");
    expect(asked[1]?.path).toBe("/api/axles/7/readings/8");
    asked[1]?.answer(end({ REGISTER: [3], FLANGE: [9] }));
    await undone;
  });

  it("while the server is taking it, is taken back from there", async () => {
    const asked = server();
    const { enter, undo, view } = bench(end({ REGISTER: [], FLANGE: [] }));
    enter(TYPED);
    await turn();
    const undone = undo.undo();
    await turn();
    expect(asked).toHaveLength(1);
    asked[0]?.answer(end({ REGISTER: [5], FLANGE: [] }));
    await turn();
    expect(asked[1]?.path).toBe("/api/axles/7/readings/5");
    asked[1]?.answer(end({ REGISTER: [], FLANGE: [] }));
    await undone;
    expect(view.value?.sides[0]?.callouts[0]?.readings).toEqual([]);
  });

  it("waiting its turn, is never sent", async () => {
    const asked = server();
    const { enter, undo } = bench(end({ REGISTER: [], FLANGE: [] }));
    enter(TYPED);
    enter({ ...TYPED, text: "149" });
    await undo.undo();
    await turn();
    asked[0]?.answer(end({ REGISTER: [5], FLANGE: [] }));
    await turn();
    expect(asked.map((a) => a.body.text)).toEqual(["70.8"]);
  });

  it("withdrawn and undone, comes back on the side it stood on", async () => {
    const asked = server();
    const { withdraw, undo, order } = bench(end({ REGISTER: [3], FLANGE: [] }));
    const gone = withdraw(3);
    await turn();
    order.pickSide("RIGHT");
    asked[0]?.answer(end({ REGISTER: [], FLANGE: [] }));
    await gone;
    await undo.undo();
    await turn();
    expect(asked[1]?.body).toMatchObject({
      side: "LEFT",
      callout: "REGISTER",
      text: "3 mm",
      confirmed: true,
    });
  });

  it("is taken back after a reload too", async () => {
    const asked = server();
    const { enter } = bench(end({ REGISTER: [], FLANGE: [] }));
    enter(TYPED);
    await turn();
    asked[0]?.answer(end({ REGISTER: [8], FLANGE: [] }));
    await turn();
    const { undo } = bench(end({ REGISTER: [8], FLANGE: [] }));
    const undone = undo.undo();
    await turn();
    expect(asked[1]?.path).toBe("/api/axles/7/readings/8");
    asked[1]?.answer(end({ REGISTER: [], FLANGE: [] }));
    await undone;
  });

  it("withdrawn and brought back, is taken back under its new number", async () => {
    const asked = server();
    const { enter, withdraw, undo, order } = bench(end({ REGISTER: [], FLANGE: [] }));
    enter(TYPED);
    await turn();
    asked[0]?.answer(end({ REGISTER: [8], FLANGE: [] }));
    await turn();
    order.pick("REGISTER");
    const gone = withdraw(8);
    await turn();
    asked[1]?.answer(end({ REGISTER: [], FLANGE: [] }));
    await gone;
    await undo.undo();
    await turn();
    asked[2]?.answer(end({ REGISTER: [11], FLANGE: [] }));
    await turn();
    const undone = undo.undo();
    await turn();
    expect(asked[3]?.path).toBe("/api/axles/7/readings/11");
    asked[3]?.answer(end({ REGISTER: [], FLANGE: [] }));
    await undone;
  });
});
