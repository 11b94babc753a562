import type { FigureKey } from '../../readings';
import type { SentenceWords } from '../link/option';
import { featuresOf } from './features';
import { chancesOf, modelFrom, type Model } from './model';
import written from './weights.json';

let model: Model | undefined;

/** What texts like this one make of a number. */
export interface Opinion {
  /** The likeliest figure; undefined: none of ours. */
  readonly key: FigureKey | undefined;
  readonly chance: number;
  /** The chance that it is this figure. */
  readonly of: (key: FigureKey) => number;
}

/** What the texts that were learnt from make of a number in its sentence, whatever the rules say. */
export function secondOpinion(s: SentenceWords, index: number): Opinion {
  model ??= modelFrom(written);
  const { kinds } = model;
  const chances = chancesOf(model, featuresOf(s, index));
  const chance = Math.max(...chances);
  const kind = kinds[chances.indexOf(chance)];
  return {
    key: kind === 'none' ? undefined : kind,
    chance,
    // A figure that was never learnt is not spoken against.
    of: (key) => (kinds.includes(key) ? (chances[kinds.indexOf(key)] ?? 0) : 1),
  };
}
