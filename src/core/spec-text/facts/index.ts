import type { FactKey } from '../../facts';
import type { FactProposal } from '../proposal';
import { readTyres } from '../text/tyres';
import { readAdjusters } from './adjusters';
import { readAntilock } from './antilock';
import { asTold, isNobodys } from './as-told';
import { labelledFacts } from './labelled';
import type { Made } from './made';
import { phrasedFacts } from './phrases';

export { isAtAPrice, readFactValue, statesOurFact } from './labelled';

/** Facts one line states in words, and tyre sizes. `languages`: places of the vocabularies whose phrases are looked for; all by default. `own`: words of the machine's name. Facts of a "label: words" line come before looser phrases. */
export function readFacts(
  line: string,
  offset: number,
  languages?: ReadonlySet<number>,
  own: readonly string[] = [],
): readonly FactProposal[] {
  const made: Made = (key, value, from, to) => ({
    kind: 'fact',
    key,
    value,
    words: line.slice(from, to).trim(),
    from: offset + from,
    to: offset + to,
    doubts: [],
    ticked: true,
  });
  const told = (fact: FactProposal): readonly FactProposal[] => asTold(fact, line, offset, own);
  const labelled = labelledFacts(line, own, made);
  if (!labelled) return [];
  const { found, atAPrice } = labelled;
  const isKnown = (key: FactKey): boolean => found.has(key) || atAPrice.has(key);
  const said = phrasedFacts(line, languages, made, isKnown, told);
  const adjusted = readAdjusters(line).flatMap(({ key, value, from, to }) =>
    found.has(key) ? [] : told(made(key, value, from, to)),
  );
  // What can be switched off, and at which end, is told by more words than an answer or a phrase has.
  const abs = readAntilock(line);
  const known = (found.get('abs') ?? said.get('abs'))?.value;
  const held =
    abs && (known === undefined || known === 'both-off' || known === 'fixed')
      ? told(made('abs', abs.value, abs.from, abs.to))
      : [];
  if (held.length > 0) for (const list of [found, said]) list.delete('abs');
  return [
    ...found.values(),
    ...adjusted,
    ...said.values(),
    ...held,
    ...readTyres(line, made),
  ].filter(({ from }) => !isNobodys(line, from - offset));
}
