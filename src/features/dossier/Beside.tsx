'use client';
import { Box, Button, Flex, Grid, Text } from '@chakra-ui/react';
import { ArrowLeft } from 'lucide-react';
import { useState } from 'react';
import { TABLES, type TableName } from '@/store/records';
import { Panel, PressRow } from '@/ui/fields';
import { differenceName, sideWords, RECORD_WORDS } from '@/ui/messages';
import { ScreenHeading } from '@/ui/ScreenHeading';
import { useBeside, type BesideModel, type OtherDossier } from './use-beside';

/** Rows drawn in one group at a time. */
const SHOWN = 60;

/** Another dossier beside one's own: what each makes of it, where they differ, and what is taken over. */
export function Beside({
  other,
  onClose,
}: {
  readonly other: OtherDossier;
  readonly onClose: () => void;
}) {
  const model = useBeside(other, onClose);
  const { sides, differences, chosen, fault } = model;
  return (
    <Box>
      <ScreenHeading title="Dossier">
        {other.file} beside yours. Nothing of yours changes unless you say so, line by line.
      </ScreenHeading>
      <Button size="sm" variant="ghost" mb="3" onClick={onClose}>
        <ArrowLeft size={16} /> Close it, keep mine as it is
      </Button>
      <Grid
        templateColumns={{ base: 'minmax(0, 1fr)', md: 'repeat(2, minmax(0, 1fr))' }}
        gap="4"
        mb="4"
      >
        {sides.map((side) => (
          <Panel key={side.title} title={side.title}>
            {side.lines.map((line) => (
              <Text key={line} py="0.5">
                {line}
              </Text>
            ))}
          </Panel>
        ))}
      </Grid>
      {differences.length === 0 && (
        <Text fontWeight="600">Theirs holds nothing that yours does not hold just so.</Text>
      )}
      {TABLES.filter((t) => differences.some((d) => d.table === t)).map((table) => (
        <Group key={table} table={table} model={model} />
      ))}
      {differences.length > 0 && (
        <Flex
          position="sticky"
          bottom={{ base: '70px', md: '10px' }}
          gap="3"
          align="center"
          wrap="wrap"
          bg="bg.panel"
          borderWidth="2px"
          borderColor="border.emphasized"
          borderRadius="plate"
          px="4"
          py="2.5"
          mt="4"
        >
          <Text flex="1" minW="200px" role="status">
            {chosen === 0
              ? `${differences.length} differences, none taken yet.`
              : `${chosen} of ${differences.length} differences are taken${model.came > 0 ? `, and ${model.came} that they cannot do without` : ''}.`}
          </Text>
          {fault && (
            <Text role="alert" color="fail" fontWeight="600" width="100%">
              {fault} Nothing was changed.
            </Text>
          )}
          <Button
            bg="accent"
            color="accent.ink"
            disabled={chosen === 0}
            onClick={() => void model.take()}
          >
            Take over {chosen}
          </Button>
        </Flex>
      )}
    </Box>
  );
}

function Group({ table, model }: { readonly table: TableName; readonly model: BesideModel }) {
  const all = model.differences.filter((d) => d.table === table);
  const [shown, setShown] = useState(SHOWN);
  const fresh = all.filter((d) => d.path.length === 0);
  return (
    <Box mt="3">
      <Panel
        title={`${RECORD_WORDS[table].all}: ${all.length}`}
        aside={
          fresh.length > 1 && (
            <Button
              size="xs"
              variant="outline"
              borderColor="border.emphasized"
              onClick={() => model.chooseAll(fresh, 'theirs')}
            >
              Take all {fresh.length} that I do not have
            </Button>
          )
        }
      >
        {all.slice(0, shown).map((d) => {
          const what = `${model.recordName(d)}${d.path.length > 0 ? `: ${differenceName(d)}` : ''}`;
          const isNew = d.path.length === 0;
          return (
            <Flex
              key={d.id}
              gap="3"
              py="2"
              wrap={{ base: 'wrap', lg: 'nowrap' }}
              align="center"
              borderTopWidth="1px"
              borderColor="border.muted"
            >
              <Box flex="1 1 100%" minW="0">
                <Text fontWeight="700">{what}</Text>
                {isNew ? (
                  <Text fontSize="sm" color="fg.muted">
                    You do not have it.
                  </Text>
                ) : (
                  <Text fontSize="sm">
                    <Text as="span" color="fg.muted">
                      yours
                    </Text>{' '}
                    {sideWords(d, d.mine, model.wordOf, model.reader)}{' '}
                    <Text as="span" color="fg.muted">
                      · theirs
                    </Text>{' '}
                    {sideWords(d, d.theirs, model.wordOf, model.reader)}
                  </Text>
                )}
              </Box>
              <Box flexShrink={0}>
                <PressRow
                  label={what}
                  value={model.choiceOf(d)}
                  onPress={(c) => model.choose(d, c ?? 'mine')}
                  options={
                    isNew
                      ? [
                          { value: 'mine', words: 'leave' },
                          { value: 'theirs', words: 'take' },
                        ]
                      : [
                          { value: 'mine', words: 'mine' },
                          { value: 'theirs', words: 'theirs' },
                          ...(d.both === undefined
                            ? []
                            : [{ value: 'both' as const, words: 'both' }]),
                        ]
                  }
                />
              </Box>
            </Flex>
          );
        })}
        {all.length > shown && (
          <Button size="sm" variant="ghost" onClick={() => setShown(shown + 5 * SHOWN)}>
            Show {Math.min(5 * SHOWN, all.length - shown)} more of {all.length - shown}
          </Button>
        )}
      </Panel>
    </Box>
  );
}
