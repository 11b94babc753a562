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

const colour = (token: string) => `var(--chakra-colors-${token})`;
const dot: CSSProperties = {
  position: 'absolute',
  top: '50%',
  width: 9,
  height: 9,
  margin: '-4.5px 0 0 -4.5px',
  borderRadius: '50%',
};

/**
 * A figure on its row's scale: the span it may lie in as a faint bar, the dot, and the need drawn through.
 * Plain elements, since a screen holds a hundred of them.
 */
export function NeedTrack({ scale, need, better, interval, before, reach }: NeedTrackProps) {
  const at = (x: number) => `${trackPercent(x, scale)}%`;
  const short =
    interval &&
    need !== undefined &&
    (better === 'less' ? interval.mid > need : interval.mid < need);
  const ink = colour(short ? 'fail' : 'fg');
  const line: CSSProperties = {
    position: 'absolute',
    left: at(need ?? 0),
    background: colour('accent'),
    pointerEvents: 'none',
  };
  return (
    <div aria-hidden style={{ position: 'relative', height: 16 }}>
      <div
        style={{
          position: 'absolute',
          top: '50%',
          left: 0,
          right: 0,
          height: 1,
          background: colour('border'),
        }}
      />
      {reach && need !== undefined && (
        <div
          style={{
            ...line,
            top: `-${reach.up}`,
            bottom: `-${reach.down}`,
            width: 1,
            marginLeft: -0.5,
            opacity: 0.55,
          }}
        />
      )}
      {need !== undefined && (
        <div style={{ ...line, top: 0, bottom: 0, width: 2, marginLeft: -1 }} />
      )}
      {interval && (
        <>
          <div
            style={{
              position: 'absolute',
              top: '50%',
              height: 7,
              marginTop: -3.5,
              background: ink,
              opacity: 0.32,
              left: at(interval.low),
              width: `max(3px, ${trackPercent(interval.high, scale) - trackPercent(interval.low, scale)}%)`,
            }}
          />
          {before !== undefined && (
            <div
              style={{
                ...dot,
                left: at(before),
                border: `1.5px solid ${colour('fg-subtle')}`,
                background: colour('bg-panel'),
              }}
            />
          )}
          <div
            style={{
              ...dot,
              left: at(interval.mid),
              border: `2px solid ${ink}`,
              background: short ? colour('bg-panel') : ink,
            }}
          />
        </>
      )}
    </div>
  );
}
