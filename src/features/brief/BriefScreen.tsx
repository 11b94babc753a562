'use client';
import { Box, Button, Flex, Grid, Text } from '@chakra-ui/react';
import { Link } from '@/ui/Link';
import { memo, useDeferredValue } from 'react';
import type { Brief } from '@/core/brief';
import { startBrief } from '@/demo';
import { BRIEF_KEY } from '@/store/records';
import { useDossierState, useDossierStore, usePreferences } from '@/store/react';
import { Panel } from '@/ui/fields';
import { ScreenHeading } from '@/ui/ScreenHeading';
import { BriefSum } from './BriefSum';
import { GROUPS } from './group-lines';
import { Groups } from './Groups';
import { LiveOrder } from './LiveOrder';
import { useBrief } from './use-brief';
import { inSentence } from '@/ui/messages';

/** Who rides where, with what, for how much. */
export function BriefScreen() {
  const brief = useDossierState((s) => s.dossier.briefs[BRIEF_KEY]);
  return brief ? <OpenBrief brief={brief} /> : <NoBrief />;
}

function NoBrief() {
  const store = useDossierStore();
  const [, keep] = usePreferences();
  const begin = () => {
    startBrief(store);
    keep({ openGroups: GROUPS });
  };
  return (
    <Box>
      <ScreenHeading title="Brief">
        No brief yet. It says who rides where with how much money; everything else is measured
        against it.
      </ScreenHeading>
      <Flex gap="3" wrap="wrap">
        <Button asChild bg="accent" color="accent.ink">
          <Link href="/brief/guide">Eight questions, one at a time</Link>
        </Button>
        <Button variant="outline" borderColor="border.emphasized" onClick={begin}>
          Start a brief with every field
        </Button>
      </Flex>
    </Box>
  );
}

function OpenBrief({ brief }: { readonly brief: Brief }) {
  const model = useBrief(brief);
  const { reader, conflict } = model;
  const later = useDeferredValue(model.shown);
  return (
    <Box>
      <ScreenHeading title="Brief">
        Who rides where, with what, for how much. Kept as you type.{' '}
        <Link href="/brief/guide" style={{ textDecoration: 'underline' }}>
          Asked question by question
        </Link>
      </ScreenHeading>
      {conflict && (
        <Flex
          role="alert"
          bg="bg.panel"
          borderLeftWidth="5px"
          borderColor="unsure"
          px="4"
          py="2.5"
          mb="3"
          gap="3"
          align="center"
          wrap="wrap"
        >
          <Text flex="1" minW="240px">
            Another tab set {inSentence(conflict.path)} to {conflict.theirs} while you typed{' '}
            {conflict.mine}. Which one stays?
          </Text>
          <Button size="sm" variant="outline" onClick={model.keepMine}>
            Keep mine
          </Button>
          <Button size="sm" variant="outline" onClick={model.takeTheirs}>
            Take the other
          </Button>
        </Flex>
      )}
      <Grid
        templateColumns={{ base: 'minmax(0, 1fr)', lg: 'minmax(0, 5fr) minmax(0, 3fr)' }}
        gap="4"
        alignItems="start"
      >
        <Groups model={model} />
        <Flex direction="column" gap="4">
          <Panel title="Where it leads">
            <LiveOrder />
          </Panel>
          <Panel title="What this asks">
            <LaterSum brief={later} reader={reader} />
          </Panel>
        </Flex>
      </Grid>
    </Box>
  );
}

const LaterSum = memo(BriefSum);
