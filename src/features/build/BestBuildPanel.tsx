'use client';
import { Box, Button, Checkbox, Flex, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { inSentence, limitNames } from '@/ui/messages';
import { FoundBuild } from './FoundBuild';
import { useBestBuild } from './use-best-build';
import type { BuildModel } from './use-build';

/** The best set of parts found within what there is to spend, with what it would change and what was left out. */
export function BestBuildPanel({ model }: { readonly model: BuildModel }) {
  const [legalOnly, setLegalOnly] = useState(false);
  const { best, working, died, again, takes, ask } = useBestBuild(model, legalOnly);
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
      {best?.kind === 'build' && (
        <FoundBuild model={model} best={best} working={working} takes={takes} ask={ask} />
      )}
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
