'use client';
import { Box, Button, Flex, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { RATE_LIMITS, type Money } from '@/core/brief';
import { NOMINAL_DAY, NOMINAL_SPREAD, nominalRate } from '@/core/money';
import type { CurrencyCode } from '@/core/units';
import { BRIEF_KEY } from '@/store/records';
import { useDossierStore } from '@/store/react';
import { UnitInput } from '../fields';
import { formatNumber, nominalWords, unpricedWords } from '../messages';
import { readAmount } from './amount-text';

/** Prices in another currency: what was not weighed for want of a rate, what only a nominal rate brings over, and the field for a better one. */
export function RateNote({
  money,
  unpriced,
  nominal,
}: {
  readonly money: Money;
  /** Parts without any price in the brief's currency. */
  readonly unpriced: { readonly count: number; readonly currencies: readonly CurrencyCode[] };
  /** Shipped parts whose prices a nominal rate brings over. */
  readonly nominal: { readonly count: number; readonly currencies: readonly CurrencyCode[] };
}) {
  if (unpriced.count === 0 && nominal.count === 0) return null;
  const asked = [...new Set([...unpriced.currencies, ...nominal.currencies])];
  return (
    <Box
      mb="3"
      maxW="84ch"
      borderLeftWidth="4px"
      borderColor="unsure"
      pl="3"
      _print={{ display: 'none' }}
    >
      {unpriced.count > 0 && (
        <Text fontWeight="600" color="unsure">
          {unpricedWords(unpriced.count, money.currency)}
        </Text>
      )}
      {nominal.count > 0 && (
        <Text fontSize="sm">
          {nominalWords(
            nominal.count,
            nominal.currencies.map((from) => ({ from, rate: nominalRate(from, money.currency) })),
            money.currency,
            NOMINAL_SPREAD,
            NOMINAL_DAY,
          )}
        </Text>
      )}
      <Flex gap="4" wrap="wrap" mt="1">
        {asked.map((from) => (
          <RateField key={from} from={from} money={money} />
        ))}
      </Flex>
    </Box>
  );
}

const today = () => new Date().toISOString().slice(0, 10);

function RateField({ from, money }: { readonly from: CurrencyCode; readonly money: Money }) {
  const store = useDossierStore();
  const [text, setText] = useState('');
  const [fault, setFault] = useState<string>();
  const id = `rate-${from}`;
  const set = () => {
    const read = readAmount(text, {
      quantity: { kind: 'plain', sign: money.currency },
      limits: RATE_LIMITS,
      required: true,
    });
    if (read.kind === 'fault') return setFault(read.words);
    store.execute({
      label: { code: 'edit-brief', facts: { field: 'money.rates' } },
      changes: [
        {
          table: 'briefs',
          key: BRIEF_KEY,
          path: ['money', 'rates'],
          before: money.rates,
          after: [...money.rates, { currency: from, rate: read.value, date: today() }],
        },
      ],
    });
  };
  return (
    <Box>
      <Flex align="center" gap="2">
        <label htmlFor={id}>1 {from} =</label>
        <UnitInput
          id={id}
          wide="130px"
          unit={money.currency}
          value={text}
          placeholder={formatNumber(nominalRate(from, money.currency), 2)}
          invalid={fault !== undefined}
          onChange={(e) => {
            setText(e.target.value);
            setFault(undefined);
          }}
          onKeyDown={(e) => e.key === 'Enter' && set()}
          {...(fault === undefined ? {} : { 'aria-describedby': `${id}-fault` })}
        />
        <Button size="xs" variant="outline" borderColor="border.emphasized" onClick={set}>
          Set the rate
        </Button>
      </Flex>
      {fault && (
        <Text id={`${id}-fault`} role="alert" fontSize="xs" color="fail" fontWeight="600">
          {fault}
        </Text>
      )}
    </Box>
  );
}
