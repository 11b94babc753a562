import type { FigureKey } from '../../readings';
import type { Quantity } from '../lattice/quantity';
import type { FigureProposal } from '../proposal';
import type { TakenFigure } from './taken-figure';
import type { ScannedLine } from '../text/scanned-line';
import type { Assigned } from './assign';
import type { Option } from './option';
import { BOTH_ENDS, type Side, sidesOf } from './side-of';

/** The second number of a pair that only its size named (`15/46`) is no surer than the first. */
export const followsUnsaid = (
  a: TakenFigure,
  before: Assigned | undefined,
  first: Quantity | undefined,
): TakenFigure =>
  a.option.by === 'follows' && before?.option?.by === 'unit' && first?.unit === undefined
    ? { ...a, option: { ...a.option, by: 'unit' } }
    : a;

/** "rear travel" says its end by itself. */
export const labelSaysSide = (option: Option): boolean =>
  option.word !== undefined &&
  /(?:Front|Rear|forkRate|shockRate)$/.test(
    option.word.meaning.kind === 'label' ? option.word.meaning.name : '',
  );
const REAR_OF: Partial<Record<FigureKey, FigureKey>> = {
  travelFront: 'travelRear',
  pressureFront: 'pressureRear',
  wheelFront: 'wheelRear',
};

/** "220 mm at both ends" is said of the rear as well. */
export function atBothEnds(made: FigureProposal, behind: string): readonly FigureProposal[] {
  const key = REAR_OF[made.key];
  return key && BOTH_ENDS.test(behind) ? [{ ...made, key }] : [];
}

/** "Stock spring: 80 N/mm. Travel 210 mm": of the end that was spoken of. */
export const endOf = (key: FigureKey | undefined): 'front' | 'rear' | undefined =>
  key === 'shockRate' ? 'rear' : key === 'forkRate' ? 'front' : undefined;

/** "SUSPENSION / REAR: single shock; 7.1 in travel": the end that a line's head names holds for all of it. */
export function sideAtHead({ line, mentions }: ScannedLine): Side | undefined {
  const head = /^[^:\d]{3,40}:/u.exec(line)?.[0].length ?? 0;
  const sides = sidesOf(mentions.filter((m) => m.to <= head));
  return sides.length === 1 ? sides[0]?.side : undefined;
}
