/** How far the heels are above the ground, mm: below nothing, the leg is that much too long. */
export interface HeelGap {
  readonly low: number;
  readonly mid: number;
  readonly high: number;
}

/** A span narrower than this says nothing that its middle does not, mm. */
const TELLING_SPAN = 2;

/**
 * What a heel gap is to the rider: heels above the ground, or leg to spare, and from where to where.
 * The span is said in the sense of its words, so that leg to spare runs from the highest gap to the lowest.
 * @param gap mm
 * @param at one length as the rider reads it
 */
export function reachWords(
  gap: HeelGap,
  at: (mm: number) => string,
): { readonly words: string; readonly span?: string } {
  const hangs = gap.mid > 0;
  const words = hangs
    ? `heels ${at(gap.mid)} above the ground`
    : `feet flat, ${at(0 - gap.mid)} of leg to spare`;
  if (gap.high - gap.low <= TELLING_SPAN) return { words };
  const [from, to] = hangs ? [gap.low, gap.high] : [0 - gap.high, 0 - gap.low];
  return { words, span: `${at(from)} to ${at(to)}` };
}
