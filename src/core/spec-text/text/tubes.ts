import { spelt } from '../vocabulary/letters';
import type { Proposal } from '../proposal';

/** Words for the tube in a tyre, in the languages that are read. */
const TUBES = spelt(
  /tub(?:e|ed|es|etype|e-type)(?!\p{L})|schl[aä]uch|(?:avec|sans|[àa]) chambres?|chambres? [àa] air|c[áa]maras?(?: de aire)?(?!\p{L})|camer[ae] d['’]aria|(?:con|senza) camer[ae](?!\p{L})|binnenband|d[eę]tk|slang/iu,
);

/** Spoked rims of which no word says whether they hold tubes: they mostly do, but it is to be looked at. */
export function tubesAsked(proposals: readonly Proposal[], text: string): readonly Proposal[] {
  return TUBES.test(text)
    ? proposals
    : proposals.map((p) =>
        p.kind === 'fact' && p.key === 'wheelType' && p.value === 'spoked-tubes'
          ? { ...p, ticked: false, doubts: [...p.doubts, { code: 'tubes-unsaid' as const }] }
          : p,
      );
}
