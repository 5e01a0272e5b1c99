import { computed, ref, type Ref } from "vue";

/** A part of a drawing that is looked at, in the drawing's own units. */
export interface Look {
  x: number;
  y: number;
  width: number;
  height: number;
}

const MOST = 8;

/** The look after zooming by a factor about a place, kept inside the whole drawing. */
export function toZoomed(look: Look, whole: Look, factor: number, at: { x: number; y: number }): Look {
  const zoom = Math.max(1, Math.min(MOST, (whole.width / look.width) * factor));
  const width = whole.width / zoom;
  const height = whole.height / zoom;
  const shareX = (at.x - look.x) / look.width;
  const shareY = (at.y - look.y) / look.height;
  return toInside({ x: at.x - shareX * width, y: at.y - shareY * height, width, height }, whole);
}

/** The look moved by a distance, kept inside the whole drawing. */
export function toMoved(look: Look, whole: Look, dx: number, dy: number): Look {
  return toInside({ ...look, x: look.x + dx, y: look.y + dy }, whole);
}

function toInside(look: Look, whole: Look): Look {
  return {
    ...look,
    x: Math.max(whole.x, Math.min(whole.x + whole.width - look.width, look.x)),
    y: Math.max(whole.y, Math.min(whole.y + whole.height - look.height, look.y)),
  };
}

const KEY_STEP = 0.15;
const ZOOM_STEP = 1.3;

/** Zoom and pan of an SVG by wheel, two fingers, one finger and keys (+ − 0 and the arrows). */
export function useZoom(whole: Ref<Look>) {
  const look = ref<Look | null>(null);
  const current = computed(() => look.value ?? whole.value);
  const viewBox = computed(() => {
    const l = current.value;
    return `${l.x} ${l.y} ${l.width} ${l.height}`;
  });
  const isZoomed = computed(() => look.value !== null);
  const fingers = new Map<number, { x: number; y: number }>();

  function toPlace(svg: SVGSVGElement, clientX: number, clientY: number) {
    const box = svg.getBoundingClientRect();
    const l = current.value;
    return {
      x: l.x + ((clientX - box.left) / box.width) * l.width,
      y: l.y + ((clientY - box.top) / box.height) * l.height,
    };
  }

  function set(next: Look) {
    look.value = next.width >= whole.value.width * 0.999 ? null : next;
  }

  function onZoom(factor: number) {
    const l = current.value;
    set(toZoomed(l, whole.value, factor, { x: l.x + l.width / 2, y: l.y + l.height / 2 }));
  }

  function onWheel(event: WheelEvent) {
    if (!event.ctrlKey && !isZoomed.value) return; // the page scrolls until somebody zooms
    event.preventDefault();
    const svg = event.currentTarget as SVGSVGElement;
    const factor = event.deltaY < 0 ? ZOOM_STEP : 1 / ZOOM_STEP;
    set(toZoomed(current.value, whole.value, factor, toPlace(svg, event.clientX, event.clientY)));
  }

  function onKey(event: KeyboardEvent) {
    const l = current.value;
    const moves: Record<string, [number, number]> = {
      ArrowLeft: [-1, 0],
      ArrowRight: [1, 0],
      ArrowUp: [0, -1],
      ArrowDown: [0, 1],
    };
    const move = moves[event.key];
    if (event.key === "+" || event.key === "=") onZoom(ZOOM_STEP);
    else if (event.key === "-" || event.key === "−") onZoom(1 / ZOOM_STEP);
    else if (event.key === "0") look.value = null;
    else if (move && isZoomed.value)
      set(toMoved(l, whole.value, move[0] * KEY_STEP * l.width, move[1] * KEY_STEP * l.height));
    else return;
    event.preventDefault();
  }

  function onDown(event: PointerEvent) {
    fingers.set(event.pointerId, { x: event.clientX, y: event.clientY });
  }

  function onMove(event: PointerEvent) {
    const before = fingers.get(event.pointerId);
    if (!before) return;
    const svg = event.currentTarget as SVGSVGElement;
    const box = svg.getBoundingClientRect();
    const others = [...fingers.entries()].filter(([id]) => id !== event.pointerId).map(([, p]) => p);
    const other = others[0];
    const now = { x: event.clientX, y: event.clientY };
    if (other) {
      const was = Math.hypot(before.x - other.x, before.y - other.y);
      const is = Math.hypot(now.x - other.x, now.y - other.y);
      const middle = toPlace(svg, (now.x + other.x) / 2, (now.y + other.y) / 2);
      if (was > 0) set(toZoomed(current.value, whole.value, is / was, middle));
    } else if (isZoomed.value) {
      const l = current.value;
      set(
        toMoved(
          l,
          whole.value,
          ((before.x - now.x) / box.width) * l.width,
          ((before.y - now.y) / box.height) * l.height,
        ),
      );
    }
    fingers.set(event.pointerId, now);
  }

  function onUp(event: PointerEvent) {
    fingers.delete(event.pointerId);
  }

  return {
    viewBox,
    isZoomed,
    onZoom,
    onWheel,
    onKey,
    onDown,
    onMove,
    onUp,
    reset: () => (look.value = null),
  };
}
