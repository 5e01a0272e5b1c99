import { beforeEach, describe, expect, it, vi } from "vitest";
import type { Schemas } from "../../api/client";
import { useProposal } from "./useProposal";

type Piece = Schemas["ProposalPiece"];
const best = (cents: number, openCount: number): Piece["best"] => ({
  parts: [],
  names: [],
  settings: {},
  cents,
  openCount,
  proven: openCount === 0,
  open: "",
});

function searching(pieces: Piece[]) {
  const asked: Schemas["PieceForm"][] = [];
  const made = useProposal((piece) => {
    asked.push(piece);
    const next = pieces[asked.length - 1];
    return next ? Promise.resolve(next) : Promise.reject(new Error("no more"));
  });
  return { ...made, asked };
}

beforeEach(() => {
  vi.spyOn(console, "warn").mockImplementation(() => {}); // there is no component to be left here
});

describe("the search for parts", () => {
  it("tells each piece of the best so far and keeps it to the end", async () => {
    const s = searching([
      { version: 3, next: 400, total: 900, compared: 2, best: best(9000, 1) },
      { version: 3, next: 800, total: 900, compared: 5 },
      { version: 3, next: 900, total: 900, compared: 6, best: best(12000, 0) },
    ]);
    await s.start();
    expect(s.asked.map((a) => [a.from, a.open, a.cents, a.compared])).toEqual([
      [0, undefined, 0, 0],
      [400, 1, 9000, 2],
      [800, 1, 9000, 5],
    ]);
    expect(s.search.best?.cents).toBe(12000);
    expect(s.search.done).toBe(1);
  });

  it("says so where nothing helps, and where the job was changed meanwhile", async () => {
    const none = searching([{ version: 3, next: 0, total: 0, compared: 0 }]);
    await none.start();
    expect(none.search.best).toBeNull();
    const changed = searching([
      { version: 3, next: 400, total: 900, compared: 2, best: best(9000, 1) },
      { version: 4, next: 800, total: 900, compared: 5 },
    ]);
    await changed.start();
    expect(changed.search.best).toBeUndefined();
    expect(changed.search.failure).toContain("Somebody changed the job");
    expect(changed.search.isRunning).toBe(false);
  });

  it("ends when it is stopped and keeps what it had", async () => {
    const s = searching([
      { version: 3, next: 400, total: 900, compared: 2, best: best(9000, 1) },
      { version: 3, next: 800, total: 900, compared: 5 },
    ]);
    const going = s.start();
    s.stop();
    await going;
    expect(s.asked).toHaveLength(1);
    expect(s.search.best?.cents).toBe(9000);
  });
});
