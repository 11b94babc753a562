import { type RefObject, useLayoutEffect, useRef } from 'react';

/** The same box at every drawing, with what was handed in at the last one: what a row calls need not draw the row again. */
export function useLatest<T>(value: T): RefObject<T> {
  const box = useRef(value);
  useLayoutEffect(() => {
    box.current = value;
  });
  return box;
}
