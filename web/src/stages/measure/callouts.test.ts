import { describe, expect, it } from "vitest";
import { toDrawing, toLabelId, type SideView } from "./callouts";

const empty: SideView = { side: "LEFT", callouts: [], patterns: [], barrel: [], spokes: [], stillWanted: 12 };

describe("what is drawn of a side", () => {
  it("draws the unread dashed and at a nominal size", () => {
    const drawing = toDrawing(empty);
    expect(drawing.at("REGISTER").isRead).toBe(false);
    expect(drawing.circle.isRead).toBe(false);
    expect(drawing.barrel.isRead).toBe(false);
    expect(drawing.barrel.points.length).toBeGreaterThan(2);
  });

  it("draws the profile as read once there are two places", () => {
    const one = { ...empty, barrel: [{ place: 10, size: 360, doubt: 0.3 }] };
    expect(toDrawing(one).barrel.isRead).toBe(false);
    const two = { ...empty, barrel: [...one.barrel, { place: 40, size: 340, doubt: 0.3 }] };
    expect(toDrawing(two).barrel).toEqual({
      isRead: true,
      points: [
        [10, 360],
        [40, 340],
      ],
    });
  });

  it("puts all ways to measure the bolt circle at one place", () => {
    expect(toLabelId("STUD_NEIGHBOUR")).toBe("STUD_OVER_SKIP_ONE");
    expect(toLabelId("REGISTER")).toBe("REGISTER");
  });
});
