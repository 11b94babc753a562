'use client';
import { Box } from '@chakra-ui/react';

export interface TrackScale {
  readonly low: number;
  readonly high: number;
}

/** Where a figure lies on its track, in percent. */
export const trackPercent = (x: number, { low, high }: TrackScale): number => Math.min(100, Math.max(0, ((x - low) / (high - low || 1)) * 100));

export interface NeedTrackProps {
  readonly scale: TrackScale;
  readonly need: number;
  readonly better: 'less' | 'more';
  readonly interval: { readonly low: number; readonly mid: number; readonly high: number } | undefined;
  /** Where the figure stood before, for a build. */
  readonly before?: number | undefined;
  readonly height?: string;
  /** How far the need line goes on above and below, so that it runs down a whole column. */
  readonly reach?: { readonly up: string; readonly down: string } | undefined;
}

/** A figure on its row's scale: the span it may lie in as a faint bar, the dot, and the need drawn through. */
export function NeedTrack({ scale, need, better, interval, before, height = '16px', reach }: NeedTrackProps) {
  const at = (x: number) => `${trackPercent(x, scale)}%`;
  const short = interval && (better === 'less' ? interval.mid > need : interval.mid < need);
  return (
    <Box position="relative" height={height} aria-hidden>
      <Box position="absolute" top="50%" left="0" right="0" height="1px" bg="border" />
      {reach && <Box position="absolute" top={`-${reach.up}`} bottom={`-${reach.down}`} left={at(need)} width="1px" ml="-0.5px" bg="accent" opacity={0.55} pointerEvents="none" />}
      <Box position="absolute" top="0" bottom="0" left={at(need)} width="2px" ml="-1px" bg="accent" />
      {interval && (
        <>
          <Box position="absolute" top="50%" height="7px" mt="-3.500px" bg={short ? 'fail' : 'fg'} opacity={0.32} left={at(interval.low)} width={`max(3px, ${trackPercent(interval.high, scale) - trackPercent(interval.low, scale)}%)`} />
          {before !== undefined && <Box position="absolute" top="50%" left={at(before)} boxSize="9px" mt="-4.500px" ml="-4.500px" borderRadius="full" borderWidth="1.500px" borderColor="fg.subtle" bg="bg.panel" />}
          <Box
            position="absolute" top="50%" left={at(interval.mid)} boxSize="9px" mt="-4.500px" ml="-4.500px" bg={short ? 'bg.panel' : 'fg'} borderWidth="2px" borderColor={short ? 'fail' : 'fg'}
            borderRadius="full"
          />
        </>
      )}
    </Box>
  );
}
