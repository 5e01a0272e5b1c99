import { createPinia, setActivePinia } from "pinia";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { client, Refusal } from "../../api/client";
import { useSession } from "../../shell/session";
import { useBenchCard, type Card, type TickBody } from "./useBenchCard";

const body: TickBody = { setValue: "", held: "seen", confirmed: false, marked: false, seal: "s" };
const card = (done: string[]) =>
  ({
    kit: "K",
    missing: [],
    steps: ["a", "b", "c"].map((id) => ({
      id,
      title: id,
      waitsFor: [],
      done: done.includes(id) ? {} : undefined,
    })),
  }) as unknown as Card;

const store = new Map<string, string>();
let answers: (Card | Refusal)[] = [];
const sent: { step: string; key: string }[] = [];

function ticking() {
  const session = useSession();
  session.view = { login: "tam" } as unknown as typeof session.view;
  return useBenchCard(7);
}

beforeEach(() => {
  setActivePinia(createPinia());
  store.clear();
  sent.length = 0;
  vi.useFakeTimers();
  vi.spyOn(console, "warn").mockImplementation(() => {}); // there is no component to be left here
  vi.stubGlobal("localStorage", {
    getItem: (key: string) => store.get(key) ?? null,
    setItem: (key: string, value: string) => store.set(key, value),
    removeItem: (key: string) => store.delete(key),
  });
  const answer = () => {
    const next = answers.shift();
    if (!next || next instanceof Refusal) return Promise.reject(next ?? new Refusal(0, "no connection"));
    return Promise.resolve({ data: next, response: new Response(null, { status: 200 }) });
  };
  vi.spyOn(client, "GET").mockImplementation(answer as unknown as typeof client.GET);
  vi.spyOn(client, "POST").mockImplementation(((_: string, options: never) => {
    const { params, headers } = options as {
      params: { path: { stepId: string } };
      headers: Record<string, string>;
    };
    sent.push({ step: params.path.stepId, key: headers["Idempotency-Key"] ?? "" });
    return answer();
  }) as unknown as typeof client.POST);
});

afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
  vi.restoreAllMocks();
});

describe("the bench card without a connection", () => {
  it("keeps ticks in order over a reload and sends each once, under the id it had", async () => {
    answers = [card([])];
    const first = ticking();
    await first.load();
    await first.tick("a", "a", body); // lost
    await first.tick("b", "b", body); // waits behind it
    expect(first.waiting.value.map((t) => t.stepId)).toEqual(["a", "b"]);
    expect([...first.doneIds.value]).toEqual(["a", "b"]);

    const again = ticking(); // the page is loaded anew, still cut off
    await again.load();
    expect(again.card.value?.steps).toHaveLength(3);
    expect(again.oldSince.value).not.toBe("");
    answers = [card(["a"]), card(["a", "b"])];
    sent.splice(1);
    await again.send();
    expect(sent.map((s) => s.step)).toEqual(["a", "a", "b"]);
    expect(sent[1]?.key).toBe(sent[0]?.key);
    expect(again.waiting.value).toEqual([]);
    expect(again.oldSince.value).toBe("");
  });

  it("tells what the server would not take, and holds what may rest on it", async () => {
    answers = [card([])];
    const bench = ticking();
    await bench.load();
    await bench.tick("a", "a", body);
    await bench.tick("b", "b", body);
    answers = [new Refusal(409, "Kit K is not ordered.")];
    await bench.send();
    expect(bench.waiting.value[0]?.refusal).toContain("not ordered");
    expect(sent.filter((s) => s.step === "b")).toHaveLength(0);
    expect([...bench.doneIds.value]).toEqual(["b"]);
    bench.drop(bench.waiting.value[0]?.id ?? "");
    expect(bench.waiting.value).toEqual([]);
  });

  it("throws at once what is refused while there is a connection, and keeps nothing", async () => {
    answers = [card([]), new Refusal(422, "This step holds.")];
    const bench = ticking();
    await bench.load();
    await expect(bench.tick("a", "a", body)).rejects.toThrow("This step holds");
    expect(bench.waiting.value).toEqual([]);
  });
});
