import type { Observed, Sit, Trial } from '@/core/evidence';
import { isFactKey, type FactKey } from '@/core/facts';
import type { FigureKey } from '@/core/readings';
import type { Change } from './history';

/** The whole of a trial put in the place of another, or of none. */
export const putTrial = (before: Trial | undefined, after: Trial): Change => ({
  table: 'trials',
  key: after.id,
  path: [],
  before,
  after,
});

export const dropTrial = (before: Trial): Change => ({
  table: 'trials',
  key: before.id,
  path: [],
  before,
});

type Filled = Exclude<keyof Observed, 'feet' | 'seatHeight_mm' | 'seatWidth'>;

/** A trial with one part of what was observed replaced; a part that is empty is left out. */
export function withObserved<K extends Filled>(
  trial: Trial,
  part: K,
  value: NonNullable<Observed[K]>,
): Trial {
  const { [part]: _old, ...others } = trial.observed;
  const empty = Object.keys(value).length === 0;
  return { ...trial, observed: empty ? others : { ...others, [part]: value } };
}

/** Takes back what was read of one line of the sheet. */
export function withoutObserved(trial: Trial, line: FigureKey | FactKey): Change {
  const part = isFactKey(line) ? 'facts' : 'figures';
  const { [line]: _old, ...left } = (trial.observed[part] ?? {}) as Record<string, unknown>;
  return putTrial(trial, withObserved(trial, part, left as NonNullable<Observed[typeof part]>));
}

/** A sit on a machine that need not be in the dossier, as a trial. */
export const sitTrial = ({ id, machine, feet, seatHeight_mm, seatWidth }: Sit): Trial => ({
  id,
  kind: 'sit',
  machine,
  observed: { feet, seatHeight_mm, seatWidth },
  note: '',
});

/** Takes back what the feet did; a trial in which nothing else was seen goes with it. */
export function withoutFeet(trial: Trial): Change {
  const { feet: _feet, seatHeight_mm: _height, seatWidth: _width, ...rest } = trial.observed;
  return Object.keys(rest).length === 0 && trial.note === ''
    ? dropTrial(trial)
    : putTrial(trial, { ...trial, observed: rest });
}
