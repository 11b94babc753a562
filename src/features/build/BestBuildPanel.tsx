'use client';
import { Box, Button, Checkbox, Flex, Text } from '@chakra-ui/react';
import { useState } from 'react';
import {
  lowerFirst,
  atMostWords,
  enoughWords,
  formatNumber,
  leftOutWords,
  limitNames,
  partsCounted,
  whatItTakesWords,
  inSentence,
} from '@/ui/messages';
import { useBestBuild } from './use-best-build';
import type { BuildModel } from './use-build';

const FIRST = { bg: 'accent', color: 'accent.ink' } as const;
const SECOND = { variant: 'outline', borderColor: 'border.emphasized' } as const;

/** Points by which the planner's sum and the full assessment may differ without a word. */
const WORTH_SAYING = 0.5;

/** The best set of parts found within what there is to spend, with what it would change and what was left out. */
export function BestBuildPanel({ model }: { readonly model: BuildModel }) {
  const { entry, reader } = model;
  const [legalOnly, setLegalOnly] = useState(false);
  const { best, working, died, again, takes, ask } = useBestBuild(model, legalOnly);
  const [asked, setAsked] = useState('');
  const parts = new Map(model.fitting.map((p) => [p.id, p]));
  const names = (ids: readonly string[]) =>
    ids.map((id) => lowerFirst(parts.get(id)?.name ?? id)).join(', ');
  return (
    <Box aria-live="polite" aria-busy={working}>
      {died !== undefined && (
        <Flex gap="3" align="center">
          <Text role="alert" color="fail" fontWeight="600">
            The planner broke down ({died}); the last answer stays.
          </Text>
          <Button size="xs" variant="outline" borderColor="border.emphasized" onClick={again}>
            Start it again
          </Button>
        </Flex>
      )}
      {!best && working && <Text color="fg.muted">Planning …</Text>}
      {best?.kind === 'unknown' && (
        <Text color="unsure">
          Without {best.missing.map((m) => inSentence(m)).join(', ')} nothing can be planned for
          money.
        </Text>
      )}
      {best?.kind === 'clash' && (
        <Text color="fail" fontWeight="600">
          No build keeps {limitNames(best.limits)}
          {best.limits.length > 1 ? ' together' : ''}.{' '}
          {best.limits.includes('spend')
            ? 'The money curve shows how much more it takes.'
            : 'Loosen one of them in the brief, or look at another candidate.'}
        </Text>
      )}
      {best?.kind === 'build' &&
        (() => {
          const { build, leftOut } = best;
          const enough = enoughWords(best, reader, partsCounted);
          const top = atMostWords(best);
          const least = best.enough?.partIds;
          const isLeast =
            least &&
            least.length === model.chosen.size &&
            least.every((id) => model.chosen.has(id));
          const more = build.partIds.filter((id) => !model.chosen.has(id));
          const fewer = [...model.chosen].filter((id) => !build.partIds.includes(id));
          const gain = build.points - entry.builtScore.points.mid;
          const apart = build.planned - build.points;
          const same = more.length + fewer.length === 0;
          const lead = model.unpriced.count > 0 ? 'Of the rest: ' : 'This is it: ';
          return (
            <Box opacity={working ? 0.6 : 1}>
              <Text fontSize="lg" fontWeight="600">
                {same || model.unpriced.count > 0 ? lead : ''}
                {build.partIds.length === 0 ? 'as it stands' : `${build.partIds.length} parts`}, fit{' '}
                {formatNumber(build.points, 1)} for {formatNumber(build.cost)} {reader.currency}.
              </Text>
              {!same && (
                <Text fontSize="sm">
                  <b>
                    {gain >= 0.05
                      ? `${formatNumber(gain, 1)} points more`
                      : gain <= -0.05
                        ? `${formatNumber(-gain, 1)} points less, within the money`
                        : 'As many points'}
                  </b>{' '}
                  than what is chosen now.{more.length > 0 ? ` Add ${names(more)}.` : ''}
                  {fewer.length > 0 ? ` Take off ${names(fewer)}.` : ''}
                </Text>
              )}
              {enough && <Text>{enough}</Text>}
              {top && (
                <Text fontSize="xs" color="fg.muted">
                  {top}
                </Text>
              )}
              {Math.abs(apart) > WORTH_SAYING && (
                <Text fontSize="xs" color="fg.muted">
                  The planner counted {formatNumber(build.planned, 1)} points; the parts together
                  come to {formatNumber(build.points, 1)}.
                </Text>
              )}
              {build.failed.length > 0 && (
                <Text fontSize="sm" color="fail" fontWeight="600">
                  All counted together, it fails {limitNames(build.failed)}.
                </Text>
              )}
              <Flex gap="3" mt="2" align="center" wrap="wrap">
                {!same && (
                  <Button
                    size="sm"
                    {...(least && !isLeast ? SECOND : FIRST)}
                    onClick={() => model.take(build.partIds)}
                  >
                    Take this build
                  </Button>
                )}
                {least && !isLeast && (
                  <Button size="sm" {...FIRST} onClick={() => model.take(least)}>
                    Take what is enough
                  </Button>
                )}
                {leftOut.length > 0 && (
                  <Text fontSize="xs" color="fg.muted">
                    Left out: {leftOutWords(leftOut, (id) => lowerFirst(parts.get(id)?.name ?? id))}
                    .
                  </Text>
                )}
              </Flex>
              <Flex gap="2" mt="2" align="center" wrap="wrap">
                <label htmlFor="rejected" style={{ fontSize: 13 }}>
                  What would it take for
                </label>
                <select
                  id="rejected"
                  value={asked}
                  onChange={(e) => {
                    setAsked(e.target.value);
                    if (e.target.value && !takes.has(e.target.value)) ask(e.target.value);
                  }}
                  style={{
                    maxWidth: 240,
                    border: '1px solid var(--chakra-colors-border-emphasized)',
                    borderRadius: 3,
                    padding: '3px 6px',
                    background: 'var(--chakra-colors-bg-panel)',
                    fontSize: 13,
                  }}
                >
                  <option value="">a part that is not in it …</option>
                  {[...parts.values()]
                    .filter((p) => !build.partIds.includes(p.id))
                    .map((p) => (
                      <option key={p.id} value={p.id}>
                        {p.name}
                      </option>
                    ))}
                </select>
              </Flex>
              {asked !== '' && (
                <Text fontSize="sm" mt="1">
                  {takes.has(asked)
                    ? whatItTakesWords(parts.get(asked)?.name ?? asked, takes.get(asked), reader)
                    : 'Planning …'}
                </Text>
              )}
            </Box>
          );
        })()}
      <Checkbox.Root
        mt="2"
        checked={legalOnly}
        onCheckedChange={(e) => setLegalOnly(e.checked === true)}
      >
        <Checkbox.HiddenInput />
        <Checkbox.Control
          borderColor="border.emphasized"
          _checked={{ bg: 'accent', borderColor: 'accent', color: 'accent.ink' }}
        />
        <Checkbox.Label fontWeight="400">Nothing that may end road approval</Checkbox.Label>
      </Checkbox.Root>
    </Box>
  );
}
