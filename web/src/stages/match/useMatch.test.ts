import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { effectScope, nextTick, type EffectScope } from "vue";
import { client } from "../../api/client";
import { useMatch } from "./useMatch";

/** A table of so many kits, answered page by page. */
function serve(total: number, state: { stamp: string; unfinished: number }) {
  return vi.spyOn(client, "GET").mockImplementation((async (
    path: string,
    options: { params: { query?: { offset: number; limit: number } } },
  ) => {
    const response = new Response(null, { status: 200 });
    if (path.endsWith("match-stamp")) return { data: { ...state }, response };
    const { offset, limit } = options.params.query ?? { offset: 0, limit: 100 };
    const rows = Array.from({ length: Math.max(0, Math.min(limit, 200, total - offset)) }, (_, i) => ({
      code: `K-${offset + i}`,
    }));
    return { data: { ...state, total, rows, jobId: 1 }, response };
  }) as never);
}

let scope: EffectScope;

beforeEach(() => {
  vi.useFakeTimers();
  vi.spyOn(console, "warn").mockImplementation(() => {}); // there is no component to be mounted here
  scope = effectScope();
});

afterEach(() => {
  scope.stop();
  vi.useRealTimers();
  vi.restoreAllMocks();
});

function table() {
  const made = scope.run(() => useMatch(7));
  if (!made) throw new Error("no scope");
  return made;
}

describe("the match table's rows", () => {
  it("come a page at a time and grow by what follows", async () => {
    serve(230, { stamp: "a", unfinished: 0 });
    const t = table();
    await t.load();
    expect(t.match.value?.rows).toHaveLength(100);
    await t.more();
    await t.more();
    expect(t.match.value?.rows).toHaveLength(230);
    expect(t.match.value?.rows.at(-1)).toEqual({ code: "K-229" });
    await t.more();
    expect(t.match.value?.rows).toHaveLength(230);
  });

  it("are fetched anew as far as they were shown when something changed between two pages", async () => {
    const state = { stamp: "a", unfinished: 0 };
    serve(600, state);
    const t = table();
    await t.load();
    await t.more();
    expect(t.match.value?.rows).toHaveLength(200);
    state.stamp = "b";
    await t.more();
    expect(t.match.value?.stamp).toBe("b");
    expect(t.match.value?.rows).toHaveLength(300);
    expect(new Set(t.match.value?.rows.map((r) => r.code)).size).toBe(300);
  });

  it("follow kits judged wholly meanwhile, for their order may have changed", async () => {
    const state = { stamp: "a", unfinished: 50 };
    serve(600, state);
    const t = table();
    await t.load();
    state.unfinished = 10;
    await t.more();
    expect(t.match.value?.unfinished).toBe(10);
    expect(t.match.value?.rows).toHaveLength(200);
  });

  it("are asked for once typing rests, and at once for a choice", async () => {
    const get = serve(5, { stamp: "a", unfinished: 0 });
    const t = table();
    t.wanted.text = "q";
    await nextTick();
    t.wanted.text = "qf";
    await nextTick();
    await vi.advanceTimersByTimeAsync(100);
    expect(get).not.toHaveBeenCalled();
    await vi.advanceTimersByTimeAsync(200);
    expect(get).toHaveBeenCalledTimes(1);
    t.wanted.verdict = "FITS";
    await nextTick();
    await vi.advanceTimersByTimeAsync(1);
    expect(get).toHaveBeenCalledTimes(2);
    expect(get.mock.calls[1]?.[1]).toMatchObject({ params: { query: { text: "qf", verdict: "FITS" } } });
  });

  it("stay when an answer fails, with what to do", async () => {
    serve(5, { stamp: "a", unfinished: 0 });
    const t = table();
    await t.load();
    vi.spyOn(client, "GET").mockRejectedValue(new Error("broken"));
    await t.load();
    expect(t.failure.value).toContain("Reload");
    expect(t.match.value?.rows).toHaveLength(5);
    expect(t.isLoading.value).toBe(false);
  });

  it("of an older question are not shown over those of a newer one", async () => {
    const answers: ((value: unknown) => void)[] = [];
    vi.spyOn(client, "GET").mockImplementation(
      (() => new Promise((resolve) => answers.push(resolve))) as never,
    );
    const t = table();
    const first = t.load();
    const second = t.load();
    const page = (stamp: string) => ({
      data: { stamp, unfinished: 0, total: 0, rows: [] },
      response: new Response(null, { status: 200 }),
    });
    answers[1]?.(page("new"));
    await second;
    answers[0]?.(page("old"));
    await first;
    expect(t.match.value?.stamp).toBe("new");
  });
});
