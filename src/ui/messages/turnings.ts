import { METRIC_DEFINITIONS, METRIC_OF_MUST } from '@/core/assessment';
import type { Turning } from '@/core/doubt';
import type { WantKey } from '@/core/preference';
import type { BriefTurning } from '@/core/stakes';
import { formatNumber, formatWithUnit, type Reader } from './format';
import { GROUND_WORDS } from './brief-words';
import { METRIC_WORDS } from './metric-words';

/** A quantity in the rider's units; quantities of wants where less is better come turned round. */
function figure(want: WantKey, x: number, reader: Reader): string {
  const { better, dimension } = METRIC_DEFINITIONS[want];
  return formatWithUnit(better === 'less' ? -x : x, dimension, reader);
}

/** The want that a limit of the draws is about. */
const wantOfLimit = (limit: string): WantKey =>
  (METRIC_OF_MUST as Readonly<Record<string, WantKey | undefined>>)[limit] ?? 'range';

/** One thing that would swap two candidates, in the rider's units. */
export function turningWords(
  { rival, point }: Turning,
  leader: string,
  name: (id: string) => string,
  reader: Reader,
): string {
  if (point.kind === 'limit') {
    const metric = wantOfLimit(point.limit);
    const figures = `${METRIC_WORDS[metric].short.toLowerCase()} ${figure(metric, point.to, reader)}`;
    const chance =
      point.chance < 0.005
        ? 'hardly any of its span'
        : `${formatNumber(point.chance * 100)} % of its span`;
    return point.of === 'leader'
      ? `${name(point.id)} itself breaks a must where it does not reach ${figures} (thought to be ${figure(metric, point.from, reader)}): ${chance}.`
      : `${name(point.id)} is worth more, and would be ahead if it kept ${figures} (thought to be ${figure(metric, point.from, reader)}): ${chance}.`;
  }
  const want = point.criterion as WantKey;
  const short = METRIC_WORDS[want].short.toLowerCase();
  if (point.kind === 'weight')
    return `${name(rival)} draws level with ${name(leader)} if ${short} counted ${formatNumber(point.to * 100, 1)} of 100 instead of ${formatNumber(point.from * 100, 1)}.`;
  const chance =
    point.chance > 0.005 ? ` Its span leaves ${formatNumber(point.chance * 100)} % for that.` : '';
  return `${name(rival)} draws level with ${name(leader)} if ${short} of ${name(point.id)} were ${figure(want, point.to, reader)} instead of ${figure(want, point.from, reader)}.${chance}`;
}

/** A change of the brief that would put a rival ahead. */
export const briefTurningWords = (turning: BriefTurning, rival: string, reader: Reader): string =>
  `${rival} would be worth more if ${
    turning.kind === 'ground'
      ? `${GROUND_WORDS[turning.ground].toLowerCase()} made up ${turning.to} % of the way instead of ${turning.from} %`
      : `the budget were ${formatNumber(turning.to)} ${reader.currency} instead of ${formatNumber(turning.from)}`
  }.`;
