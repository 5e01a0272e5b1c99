import { createPinia, setActivePinia } from "pinia";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";

const browser = vi.hoisted(() => {
  const kept = new Map<string, string>();
  vi.stubGlobal("location", { origin: "http://shop.test" });
  vi.stubGlobal("localStorage", {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => kept.set(key, value),
  });
  return { kept };
});

import { useSession } from "../../shell/session";
import { useOutbox, type Entry } from "./outbox";

type Answer = { status: number; body: unknown } | "cut off";

/** What the server got, in order; each answer is given once, the last one for ever. */
function serve(...answers: Answer[]) {
  const got: { url: string; token: string | null; body: Record<string, unknown> }[] = [];
  vi.stubGlobal("fetch", async (request: Request) => {
    got.push({
      url: new URL(request.url).pathname,
      token: request.headers.get("X-XSRF-TOKEN"),
      body: await request.json(),
    });
    const answer = answers.length > 1 ? answers.shift() : answers[0];
    if (answer === undefined || answer === "cut off") throw new TypeError("no network");
    return new Response(JSON.stringify(answer.body), {
      status: answer.status,
      headers: { "Content-Type": "application/json" },
    });
  });
  return got;
}

const TAKEN: Answer = { status: 200, body: { version: 2 } };

function entry(text: string, more: Partial<Entry> = {}) {
  return {
    axleId: 7,
    side: "LEFT",
    callout: "REGISTER",
    title: "Register diameter",
    text,
    place: "",
    instrument: "CALIPER_OUTSIDE",
    units: "METRIC",
    seen: 0,
    ...more,
  } as Entry;
}

function signIn(login: string) {
  useSession().view = {
    demo: true,
    fresh: false,
    shop: "",
    currency: "EUR",
    login,
    name: login,
    role: "MECHANIC",
    units: "METRIC",
  };
}

async function settle() {
  await vi.advanceTimersByTimeAsync(50);
}

beforeEach(() => {
  vi.useFakeTimers();
  vi.stubGlobal("document", { cookie: "XSRF-TOKEN=token%3D1" });
  browser.kept.clear();
  setActivePinia(createPinia());
  signIn("tam");
});

afterEach(() => {
  vi.clearAllTimers();
  vi.useRealTimers();
});

describe("readings on their way", () => {
  it("are sent once each, in the order taken, with the token", async () => {
    const got = serve(TAKEN);
    const outbox = useOutbox();
    ["66.5", "66.6", "66.4"].forEach((text) => outbox.add(entry(text)));
    await settle();
    expect(got.map((one) => one.body.text)).toEqual(["66.5", "66.6", "66.4"]);
    expect(new Set(got.map((one) => one.body.clientId)).size).toBe(3);
    expect(got[0]).toMatchObject({ url: "/api/axles/7/readings", token: "token=1" });
    expect(outbox.entries).toEqual([]);
  });

  it("tell who listens what the server made of them, until the listening ends", async () => {
    serve(TAKEN);
    const outbox = useOutbox();
    const heard: string[] = [];
    const end = outbox.onTaken((taken) => heard.push(taken.text));
    outbox.add(entry("66.5"));
    await settle();
    end();
    outbox.add(entry("66.6"));
    await settle();
    expect(heard).toEqual(["66.5"]);
  });

  it("wait while the server cannot be reached and go by themselves when it can, under the same mark", async () => {
    const got = serve("cut off", TAKEN);
    const outbox = useOutbox();
    outbox.add(entry("66.5"));
    outbox.add(entry("66.6"));
    await settle();
    expect(outbox.isCutOff).toBe(true);
    expect(outbox.waiting.map((one) => one.text)).toEqual(["66.5", "66.6"]);
    await vi.advanceTimersByTimeAsync(3100);
    expect(outbox.isCutOff).toBe(false);
    expect(outbox.entries).toEqual([]);
    expect(got.map((one) => one.body.text)).toEqual(["66.5", "66.5", "66.6"]);
    expect(got[1]?.body.clientId).toBe(got[0]?.body.clientId);
  });

  it("wait for a sign-in without calling the server lost", async () => {
    serve({ status: 401, body: {} }, TAKEN);
    const outbox = useOutbox();
    outbox.add(entry("66.5"));
    await settle();
    expect(outbox.isCutOff).toBe(false);
    expect(outbox.waiting).toHaveLength(1);
    await vi.advanceTimersByTimeAsync(3100);
    expect(outbox.entries).toEqual([]);
  });

  it("are there again after a reload", async () => {
    serve("cut off");
    useOutbox().add(entry("66.5"));
    await settle();
    vi.clearAllTimers();
    setActivePinia(createPinia());
    signIn("tam");
    const got = serve(TAKEN);
    const reloaded = useOutbox();
    expect(reloaded.waiting.map((one) => one.text)).toEqual(["66.5"]);
    await reloaded.send();
    expect(got).toHaveLength(1);
    expect(browser.kept.get("itrova.outbox")).toBe("[]");
  });

  it("wait for who typed them, whoever signs in meanwhile", async () => {
    serve("cut off");
    useOutbox().add(entry("66.5"));
    await settle();
    vi.clearAllTimers();
    setActivePinia(createPinia());
    signIn("wilma");
    const got = serve(TAKEN);
    const hers = useOutbox();
    hers.add(entry("70.1"));
    await settle();
    expect(got.map((one) => one.body.text)).toEqual(["70.1"]);
    expect(hers.others.map((one) => [one.by, one.text])).toEqual([["tam", "66.5"]]);
    expect(hers.waiting).toEqual([]);
    signIn("tam");
    await settle();
    expect(got.map((one) => one.body.text)).toEqual(["70.1", "66.5"]);
  });

  it("of nobody known wait for a person to own them", async () => {
    browser.kept.set(
      "itrova.outbox",
      JSON.stringify([{ ...entry("66.5"), clientId: "a", at: "", confirmed: false }]),
    );
    const got = serve(TAKEN);
    const outbox = useOutbox();
    await outbox.send();
    expect(got).toEqual([]);
    expect(outbox.held[0]?.refusal?.message).toContain("not known who typed this");
    outbox.again("a", { confirmed: true });
    await settle();
    expect(got).toHaveLength(1);
  });

  it("are not sent as somebody else whom another tab signed in", async () => {
    const got: string[] = [];
    vi.stubGlobal("fetch", async (request: Request) => {
      got.push(`${request.method} ${new URL(request.url).pathname}`);
      const isReading = request.method === "POST";
      const body = isReading
        ? { detail: "This page is tam's.", signedInAs: "wilma" }
        : { demo: true, fresh: false, shop: "", login: "wilma", name: "W", role: "LEAD", units: "METRIC" };
      return new Response(JSON.stringify(body), {
        status: isReading ? 409 : 200,
        headers: { "Content-Type": "application/json" },
      });
    });
    const outbox = useOutbox();
    outbox.add(entry("66.5"));
    await settle();
    expect(got).toEqual(["POST /api/axles/7/readings", "GET /api/session"]);
    expect(outbox.others).toHaveLength(1);
    expect(outbox.held).toEqual([]);
  });

  it("start empty when what was kept cannot be read", () => {
    browser.kept.set("itrova.outbox", "{not json");
    expect(useOutbox().entries).toEqual([]);
  });
});

describe("a reading the server refuses", () => {
  const REFUSED: Answer = {
    status: 422,
    body: { detail: "Register diameter 665 mm: more than 300 mm.", confirmable: true, mend: "66.5" },
  };

  it("is set aside with its reason and stops nothing behind it", async () => {
    serve(REFUSED, TAKEN);
    const outbox = useOutbox();
    const told: string[] = [];
    outbox.onRefused((refused) => told.push(refused.text));
    outbox.add(entry("665"));
    outbox.add(entry("66.6"));
    await settle();
    expect(outbox.waiting).toEqual([]);
    expect(outbox.held.map((one) => one.text)).toEqual(["665"]);
    expect(outbox.held[0]?.refusal).toMatchObject({
      message: "Register diameter 665 mm: more than 300 mm.",
      confirmable: true,
      mend: "66.5",
    });
    expect(told).toEqual(["665"]);
  });

  it("goes again when mended, and not by itself", async () => {
    const got = serve(REFUSED, TAKEN);
    const outbox = useOutbox();
    const added = outbox.add(entry("665"));
    await vi.advanceTimersByTimeAsync(10_000);
    expect(got).toHaveLength(1);
    outbox.again(added.clientId, { text: "66.5", confirmed: true });
    await settle();
    expect(got[1]?.body).toMatchObject({ text: "66.5", confirmed: true, clientId: added.clientId });
    expect(outbox.entries).toEqual([]);
  });

  it("is gone when dropped", async () => {
    const got = serve(REFUSED);
    const outbox = useOutbox();
    const added = outbox.add(entry("665"));
    await settle();
    outbox.drop(added.clientId);
    await vi.advanceTimersByTimeAsync(10_000);
    expect(outbox.entries).toEqual([]);
    expect(got).toHaveLength(1);
  });

  it("carries the other person's reading of the same dimension", async () => {
    const theirs = { id: 9, text: "66.7 mm", by: "Tam", at: "2026-11-24T10:00:00Z" };
    serve({ status: 409, body: { detail: "Tam read it meanwhile.", theirs } });
    const outbox = useOutbox();
    outbox.add(entry("66.5"));
    await settle();
    expect(outbox.held[0]?.refusal?.theirs).toEqual(theirs);
  });
});
