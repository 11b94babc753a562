'use client';
import { Box, Text } from '@chakra-ui/react';
import { METRIC_DEFINITIONS } from '@/core/assessment';
import type { MustKey } from '@/core/brief';
import type { WantKey } from '@/core/preference';
import { findOutWords, formatNumber, formatWithUnit, METRIC_WORDS, type Reader } from '@/ui/messages';
import type { DoubtViewModel, Turning } from './use-doubt';

interface TurningsProps {
  readonly doubt: DoubtViewModel;
  readonly name: (id: string) => string;
  readonly reader: Reader;
}

const MOST_SHOWN = 8;

/** A quantity in the rider's units; quantities of wants where less is better come turned round. */
function figure(want: WantKey, x: number, reader: Reader): string {
  const { better, dimension } = METRIC_DEFINITIONS[want];
  return formatWithUnit(better === 'less' ? -x : x, dimension, reader);
}

/** How far a point is from what is thought now: a chance first, then the share of the way. */
const nearness = ({ point }: Turning): number => (point.kind !== 'weight' ? point.chance * 10 - Math.abs(point.to - point.from) / Math.max(1e-9, Math.abs(point.from)) : -Math.abs(point.to - point.from) / Math.max(0.01, point.from) - 0.2);

/** The metric that each must judges. */
const METRIC_OF_LIMIT: Partial<Readonly<Record<MustKey, WantKey>>> = { stance: 'heelGap', readyMass: 'readyMass', range: 'range', payload: 'payloadLeft', clearance: 'clearance', money: 'outlay' };

function words({ rival, point }: Turning, leader: string, name: (id: string) => string, reader: Reader): string {
  if (point.kind === 'limit') {
    const metric = METRIC_OF_LIMIT[point.limit as MustKey] ?? 'range';
    const figures = `${METRIC_WORDS[metric].short.toLowerCase()} ${figure(metric, point.to, reader)}`;
    const chance = `${formatNumber(point.chance * 100)} % of its span`;
    return point.of === 'leader'
      ? `${name(point.id)} itself breaks a must where it does not reach ${figures} (thought to be ${figure(metric, point.from, reader)}): ${chance}.`
      : `${name(point.id)} is worth more, and would be ahead if it kept ${figures} (thought to be ${figure(metric, point.from, reader)}): ${chance}.`;
  }
  const want = point.criterion as WantKey;
  const short = METRIC_WORDS[want].short.toLowerCase();
  if (point.kind === 'weight') return `${name(rival)} draws level with ${name(leader)} if ${short} counted ${formatNumber(point.to * 100, 1)} of 100 instead of ${formatNumber(point.from * 100, 1)}.`;
  const chance = point.chance > 0.005 ? ` Its span leaves ${formatNumber(point.chance * 100)} % for that.` : '';
  return `${name(rival)} draws level with ${name(leader)} if ${short} of ${name(point.id)} were ${figure(want, point.to, reader)} instead of ${figure(want, point.from, reader)}.${chance}`;
}

/** The smallest single changes that would swap the leader and a rival, the nearest first. */
export function Turnings({ doubt: { turnings, order, result }, name, reader }: TurningsProps) {
  const [leader] = order;
  if (!result || leader === undefined) return <Text color="fg.muted">Drawing …</Text>;
  const said = new Set<string>();
  const near = turnings.toSorted((a, b) => nearness(b) - nearness(a)).filter((t) => { const w = words(t, leader, name, reader); return said.has(w) ? false : said.add(w); }).slice(0, MOST_SHOWN);
  if (near.length === 0) return <Text>No single figure or weight would turn it.</Text>;
  return <Box as="ul" listStyleType="none">{near.map((t) => { const w = words(t, leader, name, reader); return <Text as="li" key={w} py="1" borderTopWidth="1px" borderColor="border.muted" _first={{ borderTopWidth: 0 }}>{w}</Text>; })}</Box>;
}

/** The readings that would most likely change the answer if they were measured, and how to. */
export function WorthFindingOut({ doubt: { turnings, result, model }, name }: TurningsProps) {
  if (!result) return <Text color="fg.muted">Drawing …</Text>;
  const open = turnings.flatMap(({ point }) => (point.kind === 'weight' || point.chance <= 0.005 ? [] : [{ id: point.id, chance: point.chance, criterion: point.kind === 'limit' ? (METRIC_OF_LIMIT[point.limit as MustKey] ?? 'range') : point.criterion }])).sort((a, b) => b.chance - a.chance);
  const once = open.filter((p, i) => open.findIndex((o) => o.id === p.id && o.criterion === p.criterion) === i).slice(0, 4);
  const unknown = model.alternatives.flatMap((a, i) => ((result.acceptability[i] ?? []).some((s) => s > 0.02) ? model.criteria.flatMap((c, k) => (a.quantities[k]?.kind === 'unknown' ? [{ id: a.id, criterion: c.key, weight: c.weight }] : [])) : [])).sort((a, b) => b.weight - a.weight).slice(0, 3);
  if (once.length + unknown.length === 0) return <Text>Nothing that is half known would change the first place; what it hangs on is what you want.</Text>;
  return (
    <Box as="ol" listStyleType="decimal" pl="5">
      {once.map((p) => <Text as="li" key={`${p.id}${p.criterion}`} py="1"><b>{METRIC_WORDS[p.criterion as WantKey].name} of {name(p.id)}</b>: {formatNumber(p.chance * 100)} % that the truth lies beyond the point that turns it. {findOutWords(p.criterion as WantKey)}</Text>)}
      {unknown.map((u) => <Text as="li" key={`${u.id}${u.criterion}`} py="1"><b>{METRIC_WORDS[u.criterion as WantKey].name} of {name(u.id)}</b>: not known at all, and it counts {formatNumber(u.weight * 100)} of 100. {findOutWords(u.criterion as WantKey)}</Text>)}
    </Box>
  );
}
