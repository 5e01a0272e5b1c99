import type { Schemas } from "../../api/client";

type Sample = Schemas["FadeSample"];

/** A stop of the series over all samples: median and the band nineteen of twenty lie in. */
export interface FadeStop {
  number: number;
  disc: { low: number; mid: number; high: number };
  force: { low: number; mid: number; high: number };
}

/** The value below which a share of the sorted values lies, between neighbours by the straight line. */
export function toQuantile(sorted: number[], share: number): number {
  if (sorted.length === 0) return Number.NaN;
  const at = share * (sorted.length - 1);
  const below = sorted[Math.floor(at)] ?? Number.NaN;
  const above = sorted[Math.ceil(at)] ?? below;
  return below === above ? below : below + (at - Math.floor(at)) * (above - below);
}

function band(values: number[]) {
  const sorted = [...values].sort((a, b) => a - b);
  return { low: toQuantile(sorted, 0.025), mid: toQuantile(sorted, 0.5), high: toQuantile(sorted, 0.975) };
}

/** Every stop of the series; a pedal force nobody reaches counts as endless. */
export function toStops(samples: Sample[]): FadeStop[] {
  const stops = samples[0]?.disc.length ?? 0;
  return Array.from({ length: stops }, (_, i) => ({
    number: i + 1,
    disc: band(samples.map((s) => s.disc[i] ?? Number.NaN)),
    force: band(samples.map((s) => s.force[i] ?? Number.POSITIVE_INFINITY)),
  }));
}

/** Share of the samples whose fluid ends above a temperature. */
export function toShareAbove(samples: Sample[], celsius: number): number {
  return samples.length ? samples.filter((s) => s.fluid > celsius).length / samples.length : 0;
}
