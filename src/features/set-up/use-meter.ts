'use client';
import { useCallback, useEffect, useRef, useState } from 'react';
import {
  heldReading,
  METER_RATE,
  SILENT_S,
  simulatedMeter,
  type MeterSample,
  type MeterTruth,
} from '@/core/set-up';

/** A length meter on the axle: what a real device has to implement. `stop` may be called more than once. */
export interface LengthMeter {
  readonly start: (onSample: (sample: MeterSample) => void) => () => void;
}

/** The stand-in sleeps after so many seconds, as meters do to spare their battery. */
const SLEEPS_AFTER_S = 25;

/** A stand-in that streams live: noise, stiction, drift, and sleep. */
export const simulatedDevice = (truth: MeterTruth, seed: number): LengthMeter => ({
  start: (onSample) => {
    const samples = simulatedMeter(truth, seed);
    const timer = setInterval(() => {
      const { value } = samples.next();
      if (value.t_s > SLEEPS_AFTER_S) clearInterval(timer);
      else onSample(value);
    }, 1000 / METER_RATE);
    return () => clearInterval(timer);
  },
});

/** Samples that are drawn, the last ones. */
const KEPT = 120;

export interface MeterState {
  readonly running: boolean;
  readonly silent: boolean;
  readonly samples: readonly MeterSample[];
  readonly held: { readonly mm: number; readonly sd_mm: number } | undefined;
  readonly start: (meter: LengthMeter) => void;
  readonly stop: () => void;
}

/** A meter as it streams: its last samples, what it holds, and whether it has gone silent. */
export function useMeter(): MeterState {
  const [samples, setSamples] = useState<readonly MeterSample[]>([]);
  const [running, setRunning] = useState(false);
  const [silent, setSilent] = useState(false);
  const stopper = useRef<() => void>(undefined);
  const heard = useRef(0);
  const stop = useCallback(() => {
    stopper.current?.();
    stopper.current = undefined;
    setRunning(false);
  }, []);
  useEffect(() => stop, [stop]);
  useEffect(() => {
    if (!running) return undefined;
    const watch = setInterval(() => {
      if (performance.now() - heard.current > SILENT_S * 1000) setSilent(true);
    }, 250);
    return () => clearInterval(watch);
  }, [running]);
  const start = (meter: LengthMeter) => {
    stop();
    setSamples([]);
    setSilent(false);
    heard.current = performance.now();
    setRunning(true);
    stopper.current = meter.start((sample) => {
      heard.current = performance.now();
      setSilent(false);
      setSamples((before) => [...before.slice(1 - KEPT), sample]);
    });
  };
  return { running, silent, samples, held: heldReading(samples), start, stop };
}
