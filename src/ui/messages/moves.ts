import type { BriefFigure } from '@/core/brief';
import { BRIEF_MOVES } from '@/core/stakes';
import { listWords } from './verdict-words';
import { MUST_SHORT } from './brief-words';
import { METRIC_WORDS } from './metric-words';

/** Names said before the rest is counted. */
const SAID = 5;

const BESIDE = {
  load: 'what it does under load',
  keeping: 'what keeping it costs',
  cautions: 'cautions',
} as const;

/** What a figure of the brief moves, as it stands beside its field: musts first, then what is weighed, then the rest. */
export function movesWords(figure: BriefFigure): string {
  const { musts = [], metrics = [], needs = [], weights, beside = [] } = BRIEF_MOVES[figure];
  if (figure === 'musts.sureness_percent') return 'moves when a must counts as kept';
  const values = [...metrics, ...needs].map((key) => METRIC_WORDS[key].short.toLowerCase());
  const must = new Set(musts.map((key) => MUST_SHORT[key]));
  const names = [
    ...must,
    ...new Set(values.filter((name) => ![...must].some((said) => name.startsWith(said)))),
    ...(weights ? ['what counts'] : []),
    ...beside.filter((key) => key !== 'cautions' || values.length === 0).map((key) => BESIDE[key]),
  ];
  const rest = names.length - SAID;
  return `moves ${listWords(rest > 1 ? [...names.slice(0, SAID), `${rest} more`] : names)}`;
}
