import type { Lifting, Stop, Stopping } from '@/core/assessment';
import type { Estimate } from '@/core/numeric';
import { REACTION_S } from '@/core/road-load';
import { formatHeight, formatNumber, formatWithUnit, type Reader } from './format';
import { listWords } from './verdict-words';
import { GROUND_WORDS } from './brief-words';

const PAVED: readonly Stop['ground'][] = ['motorway', 'openRoad', 'town'];

const g = (share: Estimate): string =>
  share.kind === 'known' ? `${formatNumber(share.mid, 2)} g` : 'not known';

const bothEnds = ({ front, rear }: Lifting): string =>
  `the front lifts at ${g(front)} of drive and the rear at ${g(rear)} of braking`;

function stopWords({ ground, from_kmh, distance_m }: Stop, reader: Reader): string {
  if (distance_m.kind === 'unknown') return '';
  const { low, mid, high } = distance_m.interval;
  const [a, b] = [low, high].map((m) => formatHeight(m, reader).replace(/\D+$/u, ''));
  return `from ${formatWithUnit(from_kmh, 'speed', reader)} in ${formatHeight(mid, reader)} (${a} to ${b}) on ${GROUND_WORDS[ground].toLowerCase()}`;
}

/** What the load does to the balance, and in what distance it stops on the fastest paved and the fastest unpaved ground; nothing where mass or wheelbase is not known. */
export function stoppingWords(
  { loaded, alone, stops }: Stopping,
  reader: Reader,
): readonly string[] {
  if (loaded.rear.kind === 'unknown') return [];
  const paved = stops.find((s) => PAVED.includes(s.ground));
  const loose = stops.find((s) => !PAVED.includes(s.ground));
  const said = [paved, loose].flatMap((s) => (s ? [stopWords(s, reader)] : []));
  return [
    `Loaded, ${bothEnds(loaded)}; with the rider alone at ${g(alone.front)} and ${g(alone.rear)}.`,
    ...(said.length > 0
      ? [`It stops ${listWords(said)}, ${formatNumber(REACTION_S)} s to react in it.`]
      : []),
  ];
}
