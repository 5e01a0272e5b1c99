import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { effectScope, nextTick, ref, type EffectScope } from "vue";
import { client, Refusal } from "../../api/client";
import { usePose, type Looked } from "./usePose";

let scope: EffectScope;
const ok = new Response(null, { status: 200 });
const looked = ref<Looked>({ kit: "QF-101", side: "LEFT", wheel: "" });

function pose(distances: { part: string; box: string; distance: number; wanted: number }[]) {
  return { steer: 0, lift: 0, distances };
}

async function settled() {
  await nextTick();
  await new Promise((resolve) => setTimeout(resolve));
}

beforeEach(() => {
  scope = effectScope();
  looked.value = { kit: "QF-101", side: "LEFT", wheel: "" };
});

afterEach(() => {
  scope.stop();
  vi.restoreAllMocks();
});

function used() {
  const made = scope.run(() => usePose(7, looked));
  if (!made) throw new Error("no scope");
  return made;
}

describe("the wheel moved by hand", () => {
  it("is asked for anew with every angle, place, kit and side", async () => {
    const get = vi.spyOn(client, "GET").mockResolvedValue({ data: pose([]), response: ok } as never);
    const p = used();
    await settled();
    p.steer.value = 20;
    await settled();
    looked.value = { kit: "QF-102", side: "RIGHT", wheel: "W-1402" };
    await settled();
    expect(get).toHaveBeenCalledTimes(3);
    expect(get.mock.calls[2]?.[1]).toMatchObject({
      params: {
        path: { axleId: 7 },
        query: { kit: "QF-102", side: "RIGHT", wheel: "W-1402", steer: 20, lift: 0 },
      },
    });
  });

  it("waits for a kit", async () => {
    const get = vi.spyOn(client, "GET").mockResolvedValue({ data: pose([]), response: ok } as never);
    looked.value = { kit: "", side: "LEFT", wheel: "" };
    used();
    await settled();
    expect(get).not.toHaveBeenCalled();
  });

  it("names the part with least to spare, not the nearest", async () => {
    vi.spyOn(client, "GET").mockResolvedValue({
      data: pose([
        { part: "caliper", box: "arm", distance: 10, wanted: 6 },
        { part: "tyre", box: "rail", distance: 14, wanted: 12 },
      ]),
      response: ok,
    } as never);
    const p = used();
    await settled();
    expect(p.nearest.value?.part).toBe("tyre");
  });

  it("says why there is no motion, and draws none", async () => {
    vi.spyOn(client, "GET").mockRejectedValue(new Refusal(409, "Travel is wanted."));
    const p = used();
    await settled();
    expect(p.failure.value).toBe("Travel is wanted.");
    expect(p.pose.value).toBeNull();
    expect(p.nearest.value).toBeUndefined();
  });
});
