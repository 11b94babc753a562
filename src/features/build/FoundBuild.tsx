'use client';
import { Box, Button, Flex, Text } from '@chakra-ui/react';
import type { BestBuild } from '@/core/build';
import { lookFirst } from '@/core/suitability';
import {
  atMostWords,
  enoughWords,
  formatNumber,
  leftOpenWords,
  leftOutWords,
  limitNames,
  lookFirstWords,
  lowerFirst,
  partsCounted,
} from '@/ui/messages';
import type { BuildModel } from './use-build';
import { WhatItWouldTake, type Rejected } from './WhatItWouldTake';

const FIRST = { bg: 'accent', color: 'accent.ink' } as const;
const SECOND = { variant: 'outline', borderColor: 'border.emphasized' } as const;

/** Points by which the planner's sum and the full assessment may differ without a word. */
const WORTH_SAYING = 0.5;

type Found = Extract<BestBuild, { readonly kind: 'build' }>;

/** The build that was found: what it costs, is worth, would change and leaves open, what of it is enough, and what was left out. */
export function FoundBuild({
  model,
  best,
  working,
  ...rejected
}: Rejected & {
  readonly model: BuildModel;
  readonly best: Found;
  readonly working: boolean;
}) {
  const { reader, chosen, unpriced } = model;
  const { build, leftOut } = best;
  const parts = new Map(model.fitting.map((p) => [p.id, p]));
  const name = (id: string) => lowerFirst(parts.get(id)?.name ?? id);
  const enough = enoughWords(best, reader, partsCounted);
  const open = leftOpenWords(build.open, best.enough?.open);
  const top = atMostWords(best);
  const { donor } = model.entry;
  const look = lookFirstWords(
    lookFirst(
      build.partIds.flatMap((id) => parts.get(id) ?? []),
      donor,
    ),
    donor,
    best.untold,
  );
  const apart = build.planned - build.points;
  const same = build.partIds.length === chosen.size && build.partIds.every((id) => chosen.has(id));
  const lead = unpriced.count > 0 ? 'Of the rest: ' : 'This is it: ';
  return (
    <Box opacity={working ? 0.6 : 1}>
      <Text fontSize="lg" fontWeight="600">
        {same || unpriced.count > 0 ? lead : ''}
        {build.partIds.length === 0 ? 'as it stands' : `${build.partIds.length} parts`}, fit{' '}
        {formatNumber(build.points, 1)} for {formatNumber(build.cost)} {reader.currency}.
      </Text>
      {open && (
        <Text color="unsure" fontWeight="600">
          {open}
        </Text>
      )}
      {!same && <Change model={model} best={best} name={name} />}
      {enough && <Text>{enough}</Text>}
      {look && (
        <Text fontSize="sm" color="unsure">
          {look}
        </Text>
      )}
      {top && (
        <Text fontSize="xs" color="fg.muted">
          {top}
        </Text>
      )}
      {Math.abs(apart) > WORTH_SAYING && (
        <Text fontSize="xs" color="fg.muted">
          The planner counted {formatNumber(build.planned, 1)} points; the parts together come to{' '}
          {formatNumber(build.points, 1)}.
        </Text>
      )}
      {build.failed.length > 0 && (
        <Text fontSize="sm" color="fail" fontWeight="600">
          All counted together, it fails {limitNames(build.failed)}.
        </Text>
      )}
      <Flex gap="3" mt="2" align="center" wrap="wrap">
        <Takes model={model} best={best} same={same} />
        {leftOut.length > 0 && (
          <Text fontSize="xs" color="fg.muted">
            Left out: {leftOutWords(leftOut, name)}.
          </Text>
        )}
      </Flex>
      <WhatItWouldTake parts={model.fitting} chosen={build.partIds} reader={reader} {...rejected} />
    </Box>
  );
}

interface OfFound {
  readonly model: BuildModel;
  readonly best: Found;
}

/** What it would change of the parts that are chosen now, and by how many points. */
function Change({ model, best, name }: OfFound & { readonly name: (id: string) => string }) {
  const { build } = best;
  const more = build.partIds.filter((id) => !model.chosen.has(id));
  const fewer = [...model.chosen].filter((id) => !build.partIds.includes(id));
  const gain = build.points - model.entry.builtScore.points.mid;
  const names = (ids: readonly string[]) => ids.map(name).join(', ');
  return (
    <Text fontSize="sm">
      <b>{gainWords(gain)}</b> than what is chosen now.
      {more.length > 0 ? ` Add ${names(more)}.` : ''}
      {fewer.length > 0 ? ` Take off ${names(fewer)}.` : ''}
    </Text>
  );
}

function gainWords(gain: number): string {
  if (gain >= 0.05) return `${formatNumber(gain, 1)} points more`;
  return gain <= -0.05
    ? `${formatNumber(-gain, 1)} points less, within the money`
    : 'As many points';
}

/** Takes it, or what of it is enough; the one that is recommended stands out. */
function Takes({ model, best, same }: OfFound & { readonly same: boolean }) {
  const least = best.enough?.partIds;
  const offersLeast =
    least !== undefined &&
    !(least.length === model.chosen.size && least.every((id) => model.chosen.has(id)));
  return (
    <>
      {!same && (
        <Button
          size="sm"
          {...(offersLeast ? SECOND : FIRST)}
          onClick={() => model.take(best.build.partIds)}
        >
          Take this build
        </Button>
      )}
      {offersLeast && (
        <Button size="sm" {...FIRST} onClick={() => model.take(least)}>
          Take what is enough
        </Button>
      )}
    </>
  );
}
