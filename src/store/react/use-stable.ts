'use client';
import equal from 'fast-deep-equal';
import { useState } from 'react';

/** The value as it was first seen, until one comes that says something else: for effects that must not run for the same thing twice. */
export function useStable<T>(value: T): T {
  const [kept, setKept] = useState(value);
  if (kept === value || equal(kept, value)) return kept;
  setKept(value);
  return value;
}
