'use client';
import type { CSSProperties } from 'react';

export interface TrackScale {
  readonly low: number;
  readonly high: number;
}

/** Where a figure lies on its track, in percent. */
const trackPercent = (x: number, { low, high }: TrackScale): number =>
  Math.min(100, Math.max(0, ((x - low) / (high - low || 1)) * 100));

export interface NeedTrackProps {
  readonly scale: TrackScale;
  /** Absent where nothing is asked. */
  readonly need?: number | undefined;
  readonly better: 'less' | 'more';
  readonly interval:
    | { readonly low: number; readonly mid: number; readonly high: number }
    | undefined;
  /** Where the figure stood before, for a build. */
  readonly before?: number | undefined;
  /** How far the need line goes on above and below, so that it runs down a whole column. */
  readonly reach?: { readonly up: string; readonly down: string } | undefined;
}

/**
 * A figure on its row's scale: the span it may lie in as a faint bar, the dot, and the need drawn through. One element, drawn by the
 * style sheet (`ui/theme/need-track`), since a screen holds some hundreds of them.
 */
export function NeedTrack({ scale, need, better, interval, before, reach }: NeedTrackProps) {
  const at = (x: number) => `${trackPercent(x, scale)}%`;
  const short =
    interval &&
    need !== undefined &&
    (better === 'less' ? interval.mid > need : interval.mid < need);
  const place = {
    ...(need === undefined ? {} : { '--need': at(need) }),
    ...(interval && {
      '--low': at(interval.low),
      '--wide': `${trackPercent(interval.high, scale) - trackPercent(interval.low, scale)}%`,
      '--mid': at(interval.mid),
    }),
  } as CSSProperties;
  const looks = [
    'need-track',
    need === undefined ? '' : 'asked',
    interval ? '' : 'empty',
    short ? 'short' : '',
  ];
  return (
    <span aria-hidden className={looks.filter(Boolean).join(' ')} style={place}>
      {reach && need !== undefined && (
        <span className="reach" style={{ top: `-${reach.up}`, bottom: `-${reach.down}` }} />
      )}
      {interval && before !== undefined && <span className="before" style={{ left: at(before) }} />}
    </span>
  );
}
