import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { client } from "../../api/client";
import { useSearch } from "./useSearch";

const ok = new Response(null, { status: 200 });
const body = {
  centsPerDay: 0,
  centsPerHour: 0,
  centsPerIrreversible: 0,
  otherWheels: false,
  forbidden: [],
};

beforeEach(() => {
  vi.useFakeTimers();
  vi.spyOn(console, "warn").mockImplementation(() => {}); // there is no component to be left here
});

afterEach(() => {
  vi.useRealTimers();
  vi.restoreAllMocks();
});

function starts(view: object) {
  return vi.spyOn(client, "POST").mockResolvedValue({ data: { id: "s1", ...view }, response: ok } as never);
}

describe("a search", () => {
  it("is watched until it ends", async () => {
    starts({ done: 100 });
    const result = { best: [], front: [], complete: true };
    const look = vi
      .spyOn(client, "GET")
      .mockResolvedValueOnce({ data: { id: "s1", done: 600 }, response: ok } as never)
      .mockResolvedValueOnce({ data: { id: "s1", done: 1000, result }, response: ok } as never);
    const search = useSearch(7);
    await search.start(body);
    expect(search.isRunning.value).toBe(true);
    expect(search.done.value).toBeCloseTo(0.1);
    await vi.advanceTimersByTimeAsync(300);
    expect(search.done.value).toBeCloseTo(0.6);
    await vi.advanceTimersByTimeAsync(300);
    expect(search.isRunning.value).toBe(false);
    expect(search.result.value).toEqual(result);
    await vi.advanceTimersByTimeAsync(3000);
    expect(look).toHaveBeenCalledTimes(2);
  });

  it("that breaks off says why and runs no more", async () => {
    starts({ done: 0, failure: "The search broke off." });
    const search = useSearch(7);
    await search.start(body);
    expect(search.failure.value).toBe("The search broke off.");
    expect(search.isRunning.value).toBe(false);
  });

  it("is stopped on the server only while it runs", async () => {
    const gone = vi.spyOn(client, "DELETE").mockResolvedValue({ data: {}, response: ok } as never);
    const search = useSearch(7);
    await search.stop();
    expect(gone).not.toHaveBeenCalled();
    starts({ done: 5 });
    await search.start(body);
    await search.stop();
    expect(gone).toHaveBeenCalledTimes(1);
    expect(gone.mock.calls[0]?.[1]).toMatchObject({ params: { path: { axleId: 7, id: "s1" } } });
  });

  it("begun again forgets what the last one found", async () => {
    starts({ done: 1000, result: { best: [], front: [], complete: true } });
    const search = useSearch(7);
    await search.start(body);
    expect(search.result.value).not.toBeNull();
    vi.spyOn(client, "POST").mockRejectedValue(new Error("broken"));
    await search.start(body);
    expect(search.result.value).toBeNull();
    expect(search.failure.value).toContain("Reload");
  });
});
