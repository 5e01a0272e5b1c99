import { createPinia, setActivePinia } from "pinia";
import { beforeEach, describe, expect, it, vi } from "vitest";
import { ref } from "vue";
import type { Schemas } from "../../api/client";

vi.hoisted(() => {
  vi.stubGlobal("location", { origin: "http://shop.test" });
  vi.stubGlobal("localStorage", { getItem: () => null, setItem: () => undefined });
  vi.stubGlobal("fetch", () => Promise.reject(new TypeError("no network")));
});

import { useReadingOrder } from "./useReadingOrder";

type End = Schemas["AxleEndView"];
type Advice = Schemas["AdviceView"];
type Callout = Schemas["CalloutView"];

const ids: Callout["callout"][] = ["LUG_COUNT", "STUD_MAJOR", "REGISTER", "REGISTER_HEIGHT"];

function callout(id: Callout["callout"], more: Partial<Callout> = {}): Callout {
  return {
    callout: id,
    title: id,
    view: "HUB",
    hasPlaces: false,
    wanted: true,
    open: true,
    ...more,
  } as Callout;
}

function end(left: Callout[], right: Callout[] = left): End {
  const side = (name: "LEFT" | "RIGHT", callouts: Callout[]) => ({
    side: name,
    callouts,
    sheets: [{ view: "HUB" }],
    barrel: [],
    spokes: [],
  });
  return { sides: [side("LEFT", left), side("RIGHT", right)] } as unknown as End;
}

function advice(
  ...ranked: [side: "LEFT" | "RIGHT", callout: Callout["callout"], forVerdict: boolean][]
): Advice {
  return {
    ranked: ranked.map(([side, id, forVerdict]) => ({ side, callout: id, forVerdict })),
  } as unknown as Advice;
}

function order(callouts: Callout[], told: Advice | null = null) {
  const now = ref<Advice | null>(told);
  const ordered = useReadingOrder(7, ref(end(callouts)) as never, now as never);
  return { ...ordered, now };
}

beforeEach(() => setActivePinia(createPinia()));

describe("what the strip asks for", () => {
  it("is the first suggestion for this side that a verdict waits for", () => {
    const { selected } = order(
      ids.map((id) => callout(id)),
      advice(["RIGHT", "STUD_MAJOR", true], ["LEFT", "REGISTER_HEIGHT", false], ["LEFT", "REGISTER", true]),
    );
    expect(selected.value).toBe("REGISTER");
  });

  it("stays what was picked before the first advice came, else begins with the advice", () => {
    const told = advice(["LEFT", "STUD_MAJOR", true]);
    const early = order(ids.map((id) => callout(id)));
    early.pick("REGISTER");
    early.now.value = told;
    early.pickFirst();
    expect(early.selected.value).toBe("REGISTER");

    const waited = order(ids.map((id) => callout(id)));
    waited.now.value = told;
    waited.pickFirst();
    expect(waited.selected.value).toBe("STUD_MAJOR");
  });

  it("is the first wanted dimension without advice, else the first open one", () => {
    const some = [
      callout("LUG_COUNT", { wanted: false, open: false }),
      callout("STUD_MAJOR", { wanted: false }),
    ];
    expect(order([...some, callout("REGISTER")]).selected.value).toBe("REGISTER");
    expect(order(some).selected.value).toBe("STUD_MAJOR");
  });

  it("does not change under the hands when fresh advice comes", () => {
    const { selected, pickNext, now } = order(
      ids.map((id) => callout(id)),
      advice(["LEFT", "STUD_MAJOR", true]),
    );
    pickNext();
    now.value = advice(["LEFT", "REGISTER_HEIGHT", true]);
    expect(selected.value).toBe("STUD_MAJOR");
    pickNext();
    expect(selected.value).toBe("REGISTER_HEIGHT");
  });

  it("goes on at once after a reading, though the advice still names it", () => {
    const callouts = ids.map((id) => callout(id));
    const { selected, advance } = order(
      callouts,
      advice(["LEFT", "STUD_MAJOR", true], ["LEFT", "REGISTER", true]),
    );
    advance(callout("STUD_MAJOR"));
    expect(selected.value).toBe("REGISTER");
  });

  it("asks the other side again for what was entered on this one", () => {
    const callouts = ids.map((id) => callout(id));
    const { selected, advance, pickSide } = order(
      callouts,
      advice(["LEFT", "STUD_MAJOR", true], ["RIGHT", "STUD_MAJOR", true]),
    );
    advance(callout("STUD_MAJOR"));
    expect(selected.value).not.toBe("STUD_MAJOR");
    pickSide("RIGHT");
    expect(selected.value).toBe("STUD_MAJOR");
  });

  it("stays for repeats while held on one dimension", () => {
    const callouts = ids.map((id) => callout(id));
    const { selected, advance, isHeldOn } = order(callouts);
    isHeldOn.value = true;
    advance(callout("REGISTER"));
    advance(callout("REGISTER"));
    expect(selected.value).toBe("REGISTER");
  });

  it("stays at a profile until it is said to be done", () => {
    const readings = [1, 2, 3].map((id) => ({ id })) as never[];
    const barrel = callout("WHEEL_BARREL", { hasPlaces: true, view: "WHEEL" as never, readings });
    const now = ref(end([barrel, callout("STUD_MAJOR")]));
    const { selected, advance, finish, catchUp, pickNext } = useReadingOrder(7, now as never, ref(null));
    for (let station = 0; station < 8; station++) {
      advance(barrel);
      expect(selected.value).toBe("WHEEL_BARREL");
    }
    finish("WHEEL_BARREL");
    expect(selected.value).toBe("STUD_MAJOR");
    catchUp();
    pickNext();
    expect(selected.value).toBe("STUD_MAJOR");
  });

  it("follows the sheet's own numbers when typing in from paper, whatever the advice", () => {
    const callouts = ids.map((id) => callout(id));
    const { selected, sheetNumber, advance, toggleFromSheet } = order(
      callouts,
      advice(["LEFT", "REGISTER_HEIGHT", true]),
    );
    toggleFromSheet();
    const asked = [selected.value];
    for (const one of callouts.slice(0, 3)) {
      advance(one);
      asked.push(selected.value);
    }
    expect(asked).toEqual([...ids]);
    expect(sheetNumber.value).toBe(4);
  });
});
