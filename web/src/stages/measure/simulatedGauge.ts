/** A simulated gauge with a data key: it types what its display shows, as a keyboard would. Deterministic for a seed. */
export type GaugeKind = "caliper" | "depth gauge" | "dial indicator";
export type GaugeMode = "mm" | "in";

interface Limits {
  noise: number;
  /** Drift of its zero per press (mm). */
  drift: number;
  /** Smallest step shown (mm, and in). */
  step: { mm: number; in: number };
}

const LIMITS: Record<GaugeKind, Limits> = {
  caliper: { noise: 0.012, drift: 0.0004, step: { mm: 0.01, in: 0.0005 } },
  "depth gauge": { noise: 0.015, drift: 0.0004, step: { mm: 0.01, in: 0.0005 } },
  "dial indicator": { noise: 0.004, drift: 0.0008, step: { mm: 0.01, in: 0.001 } },
};

const LOW_BATTERY = 15;
const EMPTY_BATTERY = 3;
const USED_PER_PRESS = 0.05;
const MM_PER_INCH = 25.4;

/** What pressing the data key gives: the text typed, if any, and what is odd about the gauge. */
export interface Press {
  text: string | null;
  warning: string;
}

/** A small generator of even numbers from 0 to 1 (mulberry32), so that a seed gives the same readings everywhere. */
function toRandom(seed: number) {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = state;
    t = Math.imul(t ^ (t >>> 15), t | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

export class SimulatedGauge {
  mode: GaugeMode = "mm";
  battery = 100;
  private zero = 0;
  private readonly random: () => number;

  constructor(
    readonly kind: GaugeKind,
    seed: number,
  ) {
    this.random = toRandom(seed);
  }

  /** Presses the data key while the jaws sit on a true size (mm). */
  press(trueSize: number): Press {
    const limits = LIMITS[this.kind];
    this.battery = Math.max(0, this.battery - USED_PER_PRESS);
    if (this.battery < EMPTY_BATTERY)
      return { text: null, warning: "The battery is empty: nothing is sent." };
    this.zero += limits.drift * (this.random() - 0.3);
    const isLow = this.battery < LOW_BATTERY;
    if (isLow && this.random() < 0.3) {
      return { text: null, warning: "The battery is low: the display flickered and nothing was sent." };
    }
    const shown = trueSize + this.zero + this.toNoise() * limits.noise * (isLow ? 8 : 1);
    return {
      text: this.toDisplay(shown),
      warning: isLow ? "The battery is low: readings jump. Change it." : "",
    };
  }

  /** Sets the zero anew, as with clean closed jaws. */
  setZero() {
    this.zero = 0;
  }

  private toDisplay(mm: number): string {
    const value = this.mode === "mm" ? mm : mm / MM_PER_INCH;
    const step = LIMITS[this.kind].step[this.mode];
    const decimals = this.mode === "mm" ? 2 : step < 0.001 ? 4 : 3;
    return (Math.round(value / step) * step).toFixed(decimals);
  }

  /** Nearly normal noise: the sum of twelve even numbers less six. */
  private toNoise(): number {
    let sum = -6;
    for (let i = 0; i < 12; i++) sum += this.random();
    return sum;
  }
}
