import { describe, expect, it } from "vitest";
import { ref } from "vue";
import { toMoved, toZoomed, useZoom } from "./useZoom";

const whole = { x: 0, y: 0, width: 800, height: 400 };

describe("looking at a part of the drawing", () => {
  it("keeps the place under the finger where it is", () => {
    const look = toZoomed(whole, whole, 2, { x: 200, y: 100 });
    expect(look).toEqual({ x: 100, y: 50, width: 400, height: 200 });
    expect((200 - look.x) / look.width).toBeCloseTo(200 / 800);
  });

  it("never shows what lies outside, and never less than an eighth", () => {
    expect(toZoomed(whole, whole, 100, { x: 0, y: 0 }).width).toBe(100);
    expect(toZoomed(whole, whole, 0.1, { x: 0, y: 0 })).toEqual(whole);
    const corner = toZoomed(whole, whole, 2, { x: 800, y: 400 });
    expect(toMoved(corner, whole, 500, 500)).toEqual({ x: 400, y: 200, width: 400, height: 200 });
  });

  it("zooms by keys and goes back to the whole by 0", () => {
    const zoom = useZoom(ref(whole));
    const press = (key: string) => zoom.onKey({ key, preventDefault: () => undefined } as KeyboardEvent);
    expect(zoom.isZoomed.value).toBe(false);
    press("+");
    expect(zoom.isZoomed.value).toBe(true);
    const before = zoom.viewBox.value;
    press("ArrowLeft");
    expect(zoom.viewBox.value).not.toBe(before);
    press("0");
    expect(zoom.viewBox.value).toBe("0 0 800 400");
  });
});
