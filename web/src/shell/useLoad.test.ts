import { beforeEach, describe, expect, it, vi } from "vitest";

vi.hoisted(() => vi.stubGlobal("location", { origin: "http://shop.test" }));
vi.mock("vue", async (original) => ({ ...(await original()), onMounted: (run: () => void) => run() }));

import { useLoad } from "./useLoad";

/** The server's answers, given when the test lets them come. */
let asked: { answer: (data: string) => Promise<void>; fail: () => Promise<void> }[];

const settled = () => new Promise<void>((done) => setTimeout(done));

beforeEach(() => {
  asked = [];
});

const view = () =>
  useLoad(
    () =>
      new Promise<string>((resolve, reject) =>
        asked.push({
          answer: (data) => (resolve(data), settled()),
          fail: () => (reject(new Error("lost")), settled()),
        }),
      ),
  );

describe("answers that come in another order than they were asked for", () => {
  it("an older answer never stands over a newer one", async () => {
    const { data, load, isLoading } = view();
    void load();
    await asked[1]?.answer("newer");
    await asked[0]?.answer("older");
    expect([data.value, isLoading.value]).toEqual(["newer", false]);
  });

  it("a failure of what nobody waits for any more is not told", async () => {
    const { data, failure, load } = view();
    void load();
    await asked[1]?.answer("newer");
    await asked[0]?.fail();
    expect([data.value, failure.value]).toEqual(["newer", ""]);
  });

  it("what an action answered in between is asked for anew", async () => {
    const { data, load } = view();
    await asked[0]?.answer("before");
    void load();
    data.value = "after the action";
    await asked[1]?.answer("before");
    expect(data.value).toBe("after the action");
    await asked[2]?.answer("after both");
    expect(data.value).toBe("after both");
  });

  it("a failure is told, and what was there is kept", async () => {
    const { data, failure, load, isLoading } = view();
    await asked[0]?.answer("there");
    void load();
    await asked[1]?.fail();
    expect([data.value, failure.value, isLoading.value]).toEqual([
      "there",
      "Something went wrong here. Reload the page.",
      false,
    ]);
  });
});
