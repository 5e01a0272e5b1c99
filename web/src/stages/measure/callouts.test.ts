import { describe, expect, it } from "vitest";
import { toLabelId, toPlaces, toValue, type CalloutView, type SheetView, type SideView } from "./callouts";

function callout(id: CalloutView["callout"], more: Partial<CalloutView> = {}): CalloutView {
  return {
    callout: id,
    title: id,
    kind: "LENGTH",
    view: "HUB",
    hasPlaces: false,
    ofWheel: false,
    wanted: true,
    open: true,
    defaultInstrument: "CALIPER_OUTSIDE",
    needs: "DRUM",
    howTo: "",
    slip: "",
    caution: "",
    choices: [],
    places: [],
    readings: [],
    history: [],
    ...more,
  };
}

function side(callouts: CalloutView[], more: Partial<SideView> = {}): SideView {
  return {
    side: "LEFT",
    callouts,
    derived: [],
    identities: [],
    barrel: [],
    spokes: [],
    sheets: [],
    stillWanted: 0,
    ...more,
  };
}

function sheet(anchors: SheetView["anchors"]): SheetView {
  return {
    view: "HUB",
    title: "Hub",
    width: 300,
    height: 150,
    shapes: [],
    notes: [],
    anchors,
    dimensions: [],
  };
}

describe("labels of the drawing", () => {
  it("puts all ways to measure the bolt circle at one place", () => {
    expect(toLabelId("STUD_NEIGHBOUR")).toBe("STUD_OVER_SKIP_ONE");
    expect(toLabelId("REGISTER")).toBe("REGISTER");
    const labels = toPlaces(
      sheet([
        { callout: "STUD_OVER_SKIP_ONE", x: 10, y: 10 },
        { callout: "STUD_NEIGHBOUR", x: 10, y: 10 },
      ]),
      side([callout("STUD_OVER_SKIP_ONE"), callout("STUD_NEIGHBOUR")]),
    );
    expect(labels.map((l) => l.id)).toEqual(["STUD_OVER_SKIP_ONE"]);
  });

  it("leaves out what is not read at this end", () => {
    expect(toPlaces(sheet([{ callout: "RETAINER", x: 1, y: 1 }]), side([]))).toEqual([]);
  });

  it("says a question mark for what was not read, and the derived circle with its doubt", () => {
    const unread = side([callout("REGISTER"), callout("STUD_OVER_SKIP_ONE")]);
    expect(toValue("REGISTER", unread, "METRIC")).toBe("?");
    expect(toValue("STUD_OVER_SKIP_ONE", unread, "METRIC")).toBe("?");
    const read = side(unread.callouts, { boltCircle: 114.3, boltCircleDoubt: 0.13 });
    expect(toValue("STUD_OVER_SKIP_ONE", read, "METRIC")).toBe("114.30 mm ± 0.13");
    expect(toValue("STUD_OVER_SKIP_ONE", read, "INCH")).toBe("4.500 in ± 0.005");
  });
});
