'use client';
import { Box, Text } from '@chakra-ui/react';
import { nearestTurnings } from '@/core/doubt';
import type { WantKey } from '@/core/preference';
import type { DoubtViewModel } from '@/store/running';
import {
  findOutWords,
  formatNumber,
  METRIC_WORDS,
  turningWords,
  wantOfLimit,
  type Reader,
} from '@/ui/messages';

interface TurningsProps {
  readonly doubt: DoubtViewModel;
  readonly name: (id: string) => string;
  readonly reader: Reader;
}

const MOST_SHOWN = 8;

/** The smallest single changes that would swap the leader and a rival, the nearest first. */
export function Turnings({ doubt: { turnings, order, result }, name, reader }: TurningsProps) {
  const [leader] = order;
  if (!result || leader === undefined) return <Text color="fg.muted">Drawing …</Text>;
  const near = [
    ...new Set(nearestTurnings(turnings).map((t) => turningWords(t, leader, name, reader))),
  ].slice(0, MOST_SHOWN);
  if (near.length === 0) return <Text>No single figure or weight would turn it.</Text>;
  return (
    <Box as="ul" listStyleType="none">
      {near.map((words) => (
        <Text
          as="li"
          key={words}
          py="1"
          borderTopWidth="1px"
          borderColor="border.muted"
          _first={{ borderTopWidth: 0 }}
        >
          {words}
        </Text>
      ))}
    </Box>
  );
}

/** The readings that would most likely change the answer if they were measured, and how to. */
export function WorthFindingOut({ doubt: { turnings, result, model }, name }: TurningsProps) {
  if (!result) return <Text color="fg.muted">Drawing …</Text>;
  const open = turnings
    .flatMap(({ point }) =>
      point.kind === 'weight' || point.chance <= 0.005
        ? []
        : [
            {
              id: point.id,
              chance: point.chance,
              criterion: point.kind === 'limit' ? wantOfLimit(point.limit) : point.criterion,
            },
          ],
    )
    .sort((a, b) => b.chance - a.chance);
  const once = open
    .filter((p, i) => open.findIndex((o) => o.id === p.id && o.criterion === p.criterion) === i)
    .slice(0, 4);
  const unknown = model.alternatives
    .flatMap((a, i) =>
      (result.acceptability[i] ?? []).some((s) => s > 0.02)
        ? model.criteria.flatMap((c, k) =>
            a.quantities[k]?.kind === 'unknown'
              ? [{ id: a.id, criterion: c.key, weight: c.weight }]
              : [],
          )
        : [],
    )
    .sort((a, b) => b.weight - a.weight)
    .slice(0, 3);
  if (once.length + unknown.length === 0)
    return (
      <Text>
        Nothing that is half known would change the first place; what it hangs on is what you want.
      </Text>
    );
  return (
    <Box as="ol" listStyleType="decimal" pl="5">
      {once.map((p) => (
        <Text as="li" key={`${p.id}${p.criterion}`} py="1">
          <b>
            {METRIC_WORDS[p.criterion as WantKey].name} of {name(p.id)}
          </b>
          : {formatNumber(p.chance * 100)} % that the truth lies beyond the point that turns it.{' '}
          {findOutWords(p.criterion as WantKey)}
        </Text>
      ))}
      {unknown.map((u) => (
        <Text as="li" key={`${u.id}${u.criterion}`} py="1">
          <b>
            {METRIC_WORDS[u.criterion as WantKey].name} of {name(u.id)}
          </b>
          : not known at all, and it counts {formatNumber(u.weight * 100)} of 100.{' '}
          {findOutWords(u.criterion as WantKey)}
        </Text>
      ))}
    </Box>
  );
}
