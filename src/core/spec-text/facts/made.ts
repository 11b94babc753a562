import type { FactKey } from '../../facts';
import type { FactProposal } from '../proposal';

/** Makes a fact of words that stand at a place of a line. */
export type Made = (key: FactKey, value: string, from: number, to: number) => FactProposal;

/** A fact that the rider is asked about. */
export const asked = (fact: FactProposal): FactProposal => ({
  ...fact,
  doubts: [{ code: 'close-call', rival: undefined }],
  ticked: false,
});
