/** A simulated gauge with a data key: it types what its display shows, as a keyboard would. Deterministic for a seed. */
export type GaugeKind = "caliper" | "depth gauge" | "dial indicator" | "angle finder" | "torque wrench";
export type GaugeMode = "mm" | "in" | "°" | "N·m" | "lbf·ft";

/** Gauges that read a length. */
export const LENGTH_GAUGES: readonly GaugeKind[] = ["caliper", "depth gauge", "dial indicator"];
export const ALL_GAUGES: readonly GaugeKind[] = [...LENGTH_GAUGES, "angle finder", "torque wrench"];

/** What a gauge does to what it reads; in the first of its modes. */
interface Limits {
  noise: number;
  /** Drift of its zero per press. */
  drift: number;
  /** Its modes, each with the size of its unit in the first one, and the smallest step shown. */
  modes: { mode: GaugeMode; unit: number; step: number }[];
}

const toLengthModes = (mm: number, inch: number): Limits["modes"] => [
  { mode: "mm", unit: 1, step: mm },
  { mode: "in", unit: 25.4, step: inch },
];

const LIMITS: Record<GaugeKind, Limits> = {
  caliper: { noise: 0.012, drift: 0.0004, modes: toLengthModes(0.01, 0.0005) },
  "depth gauge": { noise: 0.015, drift: 0.0004, modes: toLengthModes(0.01, 0.0005) },
  "dial indicator": { noise: 0.004, drift: 0.0008, modes: toLengthModes(0.01, 0.001) },
  "angle finder": { noise: 0.02, drift: 0.0005, modes: [{ mode: "°", unit: 1, step: 0.05 }] },
  "torque wrench": {
    noise: 0.6,
    drift: 0,
    modes: [
      { mode: "N·m", unit: 1, step: 0.5 },
      { mode: "lbf·ft", unit: 1.3558179483, step: 0.5 },
    ],
  },
};

const LOW_BATTERY = 15;
const EMPTY_BATTERY = 3;
const USED_PER_PRESS = 0.05;

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
  mode: GaugeMode;
  battery = 100;
  private zero = 0;
  private readonly random: () => number;

  constructor(
    readonly kind: GaugeKind,
    seed: number,
  ) {
    this.random = toRandom(seed);
    this.mode = this.modes[0] ?? "mm";
  }

  get modes(): GaugeMode[] {
    return LIMITS[this.kind].modes.map((m) => m.mode);
  }

  /** Presses the data key while the gauge reads a true size, in the first of its modes. */
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

  private toDisplay(size: number): string {
    const { unit, step } = LIMITS[this.kind].modes.find((m) => m.mode === this.mode) ?? {
      unit: 1,
      step: 0.01,
    };
    const decimals = step < 0.001 ? 4 : step < 0.01 ? 3 : step < 0.1 ? 2 : 1;
    return (Math.round(size / unit / step) * step).toFixed(decimals);
  }

  /** Nearly normal noise: the sum of twelve even numbers less six. */
  private toNoise(): number {
    let sum = -6;
    for (let i = 0; i < 12; i++) sum += this.random();
    return sum;
  }
}
