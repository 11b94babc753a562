import { normalQuantile, seededRandom } from '../numeric';

/** One reading of a length meter: seconds since it began, and mm. */
export interface MeterSample {
  readonly t_s: number;
  readonly mm: number;
}

/** What a simulated meter measures: where the end would rest without friction, and what friction holds back. */
export interface MeterTruth {
  readonly length_mm: number;
  readonly stiction_mm: number;
  /** From which side the end was let go: from above it stays short, from below long. */
  readonly side: 'above' | 'below' | 'none';
}

/** Samples a second. */
export const METER_RATE = 10;
/** Noise of one sample, mm; drift, mm a minute; time constant of settling, s. Own assumptions of a stand-in. */
const NOISE = 0.6;
const DRIFT_PER_MIN = 0.6;
const SETTLING_S = 0.5;
/** How far from its rest an end is let go, mm. */
const LET_GO = 25;

/** A meter's readings one after the other, the same for the same seed: settling, noise, stiction and a slow drift. */
export function* simulatedMeter(truth: MeterTruth, seed: number): Generator<MeterSample, never> {
  const random = seededRandom(seed);
  const drift = (random() * 2 - 1) * DRIFT_PER_MIN;
  const sign = truth.side === 'above' ? -1 : truth.side === 'below' ? 1 : 0;
  for (let i = 0; ; i += 1) {
    const t_s = i / METER_RATE;
    const settling = sign * LET_GO * Math.exp(-t_s / SETTLING_S);
    const noise = NOISE * normalQuantile(Math.min(1 - 1e-9, Math.max(1e-9, random())));
    yield {
      t_s,
      mm: truth.length_mm + sign * truth.stiction_mm + settling + noise + (drift * t_s) / 60,
    };
  }
}

/** A reading is held when so many samples in a row lie within so much, mm. Own assumptions. */
const STILL_SAMPLES = 15;
const STILL_SD = 1;
/** Mean of the newer half less that of the older one, mm. */
const STILL_SLOPE = 0.7;

/** What a meter shows as held: nothing while it moves. Mean of the last samples and its standard deviation, mm. */
export function heldReading(
  samples: readonly MeterSample[],
): { readonly mm: number; readonly sd_mm: number } | undefined {
  if (samples.length < STILL_SAMPLES) return undefined;
  const last = samples.slice(-STILL_SAMPLES).map((s) => s.mm);
  const mean = (list: readonly number[]) => list.reduce((sum, x) => sum + x, 0) / list.length;
  const mm = mean(last);
  const sd = Math.sqrt(mean(last.map((x) => (x - mm) ** 2)));
  const half = Math.floor(STILL_SAMPLES / 2);
  const slope = Math.abs(mean(last.slice(-half)) - mean(last.slice(0, half)));
  return sd <= STILL_SD && slope <= STILL_SLOPE
    ? { mm, sd_mm: sd / Math.sqrt(STILL_SAMPLES) }
    : undefined;
}

/** A meter that has not spoken for so long is silent, s. */
export const SILENT_S = 2;
