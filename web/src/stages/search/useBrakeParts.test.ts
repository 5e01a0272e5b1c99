import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { client, type Schemas } from "../../api/client";
import { useBrakeParts } from "./useBrakeParts";

type Combination = Schemas["CombinationView"];
const combination = (kit: string, rank: number, brakes: Combination["brakes"]) =>
  ({ kit, rank, brakes, choice: { options: [], works: [] } }) as unknown as Combination;

const proposals: Record<string, Partial<Schemas["ProposalPiece"]>> = {
  "K-1": { best: { cents: 20000, openCount: 0, proven: true } as Schemas["ProposalView"] },
  "K-2": {},
};

beforeEach(() => {
  vi.spyOn(console, "warn").mockImplementation(() => {}); // there is no component to be left here
  vi.spyOn(client, "POST").mockImplementation(((_: string, { body }: { body: { kit: string } }) =>
    Promise.resolve({
      data: { version: 1, next: 10, total: 10, compared: 1, ...proposals[body.kit] },
      response: new Response(null, { status: 200 }),
    })) as unknown as typeof client.POST);
});
afterEach(() => vi.restoreAllMocks());

describe("brake parts of combinations", () => {
  it("are counted into the rank, and what cannot be proven comes last", async () => {
    const all = [
      combination("K-1", 10000, "NOT_PROVEN"),
      combination("K-2", 11000, "DOES_NOT_FIT"),
      combination("K-3", 25000, "FITS"),
    ];
    const { found, lookFor, sorted, state } = useBrakeParts(7, (c) => c.kit);
    expect(sorted(all).map((c) => c.kit)).toEqual(["K-1", "K-2", "K-3"]);
    await lookFor(all);
    expect(found.get("K-1")?.cents).toBe(20000);
    expect(found.get("K-2")).toBeNull();
    expect(state.done).toBe(2);
    expect(sorted(all).map((c) => c.kit)).toEqual(["K-3", "K-1", "K-2"]);
  });
});
