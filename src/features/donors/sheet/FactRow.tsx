'use client';
import { Box, Flex, Grid, IconButton, Input, Text } from '@chakra-ui/react';
import { Pin, Plus, X } from 'lucide-react';
import { useState } from 'react';
import type { Donor } from '@/core/donor';
import {
  factInUse,
  rivalFacts,
  type DonorFacts,
  type Fact,
  type FactKey,
  type FactReading,
} from '@/core/facts';
import { ORIGINS, type Origin } from '@/core/readings';
import { isTypicalFact } from '@/core/typical';
import { useDossierStore } from '@/store/react';
import { Choice } from '@/ui/fields';
import { FACT_WORDS, ORIGIN_WORDS } from '@/ui/messages';
import { FIGURE_COLUMNS } from './figure-columns';
import { SeenRows } from './SeenRows';
import { TypicalFactLine } from './TypicalFactLine';
import { FactValue, wordsOf } from './FactValue';

export interface FactRowProps {
  readonly donor: Donor;
  readonly name: string;
  readonly factKey: FactKey;
  readonly inherited: Fact | undefined;
}

/** One fact of a donor: what each source says, and which counts. */
export function FactRow({ donor, name, factKey, inherited }: FactRowProps) {
  const store = useDossierStore();
  const [adding, setAdding] = useState(false);
  const fact = donor.facts?.[factKey];
  const put = (after: Fact | undefined) =>
    store.execute({
      label: { code: 'edit-fact', facts: { name, fact: factKey } },
      coalesce: `${donor.id}/${factKey}`,
      // All facts at once: the first and the last of them would else leave an empty list behind on undo.
      changes: [
        {
          table: 'donors',
          key: donor.id,
          path: ['facts'],
          before: donor.facts,
          after: withFact(donor.facts, factKey, after),
        },
      ],
    });
  const readings: readonly (FactReading | undefined)[] = fact
    ? [...fact.readings, ...(adding ? [undefined] : [])]
    : [undefined];
  const inUse = factInUse(fact);
  const rivals = rivalFacts(fact);
  const set = (reading: FactReading | undefined, value: string) => {
    setAdding(false);
    if (reading) {
      const left =
        fact?.readings.flatMap((r) =>
          r.id !== reading.id ? [r] : value === '' ? [] : [{ ...r, value }],
        ) ?? [];
      put(
        left.length > 0
          ? {
              ...(fact?.pinned !== undefined && left.some((r) => r.id === fact.pinned)
                ? { pinned: fact.pinned }
                : {}),
              readings: left,
            }
          : undefined,
      );
    } else if (value !== '')
      put({
        ...fact,
        readings: [
          ...(fact?.readings ?? []),
          { id: crypto.randomUUID(), value, origin: 'claimed', note: '' },
        ],
      });
  };
  const detail = (reading: FactReading, change: { origin?: Origin; note?: string }) =>
    fact &&
    put({
      ...fact,
      readings: fact.readings.map((r) => (r.id === reading.id ? { ...r, ...change } : r)),
    });
  const taken = fact ? undefined : factInUse(inherited);
  return (
    <Box borderTopWidth="1px" borderColor="border.muted" py="1.5">
      {readings.map((reading, i) => (
        <Grid
          key={reading?.id ?? 'new'}
          templateColumns={FIGURE_COLUMNS}
          gap="1.5"
          alignItems="center"
          py="0.5"
        >
          <label
            htmlFor={`fact-${factKey}-${reading?.id ?? 'new'}`}
            style={{ visibility: i === 0 ? 'visible' : 'hidden' }}
          >
            {FACT_WORDS[factKey]}
            {i === 0 ? '' : ', another reading'}
          </label>
          <Box gridColumn={{ base: 'auto', xl: 'span 2' }}>
            <FactValue
              id={`fact-${factKey}-${reading?.id ?? 'new'}`}
              factKey={factKey}
              value={reading?.value ?? ''}
              empty={taken ? `takes over: ${wordsOf(factKey, taken.value)}` : 'not known'}
              onSet={(value) => set(reading, value)}
            />
          </Box>
          {reading && (
            <>
              <Choice
                aria-label={`${FACT_WORDS[factKey]}: origin`}
                wide="100%"
                value={reading.origin}
                options={ORIGINS.map((o) => ({ value: o, words: ORIGIN_WORDS[o] }))}
                onChange={(e) => detail(reading, { origin: e.target.value as Origin })}
              />
              <Input
                size="sm"
                px="2"
                variant="flushed"
                borderColor="border.muted"
                aria-label={`${FACT_WORDS[factKey]}: where from`}
                placeholder="where from"
                value={reading.note}
                maxLength={400}
                onChange={(e) => detail(reading, { note: e.target.value })}
              />
              <Flex justify="flex-end">
                {readings.length > 1 && fact && (
                  <IconButton
                    size="xs"
                    variant={fact.pinned === reading.id ? 'solid' : 'ghost'}
                    aria-pressed={fact.pinned === reading.id}
                    color={
                      fact.pinned === reading.id
                        ? undefined
                        : inUse?.id === reading.id
                          ? 'accent'
                          : 'fg.subtle'
                    }
                    aria-label={`${FACT_WORDS[factKey]}: ${fact.pinned === reading.id ? 'let the rule choose again' : `always use ${wordsOf(factKey, reading.value)}`}`}
                    onClick={() =>
                      put(
                        fact.pinned === reading.id
                          ? { readings: fact.readings }
                          : { ...fact, pinned: reading.id },
                      )
                    }
                  >
                    <Pin size={15} fill={inUse?.id === reading.id ? 'currentColor' : 'none'} />
                  </IconButton>
                )}
                {i === 0 && !adding && (
                  <IconButton
                    size="xs"
                    variant="ghost"
                    aria-label={`${FACT_WORDS[factKey]}: add another reading`}
                    title="Another reading"
                    onClick={() => setAdding(true)}
                  >
                    <Plus size={15} />
                  </IconButton>
                )}
              </Flex>
            </>
          )}
          {!reading && adding && (
            <IconButton
              size="xs"
              variant="ghost"
              aria-label="No other reading"
              onClick={() => setAdding(false)}
            >
              <X size={15} />
            </IconButton>
          )}
        </Grid>
      ))}
      {!inUse && !taken && isTypicalFact(factKey) && (
        <TypicalFactLine donor={donor} fact={factKey} />
      )}
      <SeenRows donorId={donor.id} name={name} line={factKey} />
      {rivals.length > 0 && (
        <Text fontSize="xs" color="unsure" fontWeight="600" pl={{ xl: '126px' }}>
          Two sources say different things; {wordsOf(factKey, inUse?.value ?? '')} counts.
        </Text>
      )}
    </Box>
  );
}

/** The facts with one set or taken away; nothing at all where none is left. */
function withFact(
  facts: DonorFacts | undefined,
  key: FactKey,
  fact: Fact | undefined,
): DonorFacts | undefined {
  const { [key]: _old, ...others } = facts ?? {};
  const next = fact ? { ...others, [key]: fact } : others;
  return Object.keys(next).length > 0 ? next : undefined;
}
