'use client';
import { Box, Button, Flex, Text } from '@chakra-ui/react';
import type { Money } from '@/core/brief';
import type { Donor } from '@/core/donor';
import { NOMINAL_DAY, NOMINAL_SPREAD, nominalRate } from '@/core/money';
import type { CurrencyCode } from '@/core/units';
import { BRIEF_KEY } from '@/store/records';
import { useDossierStore } from '@/store/react';
import { UnitInput } from '../fields';
import { nominalWords, rateText, unpricedWords, withoutRateWords } from '../messages';
import { useRate } from './use-rate';

/** In how many things of this kind, and in which currencies. */
interface In {
  readonly count: number;
  readonly currencies: readonly CurrencyCode[];
}
const NONE: In = { count: 0, currencies: [] };

/** Prices in another currency: what was not weighed for want of a rate, what only a nominal rate brings over, and the field for a better one. */
export function RateNote({
  money,
  machines,
  unpriced = NONE,
  nominal = NONE,
}: {
  readonly money: Money;
  /** Candidates without any price in the brief's currency. */
  readonly machines: In & { readonly only?: Donor };
  /** Parts without any price in the brief's currency. */
  readonly unpriced?: In;
  /** Shipped parts whose prices a nominal rate brings over. */
  readonly nominal?: In;
}) {
  const asked = [...new Set([machines, unpriced, nominal].flatMap((of) => of.currencies))];
  if (asked.length === 0) return null;
  return (
    <Box
      mb="3"
      maxW="84ch"
      borderLeftWidth="4px"
      borderColor="unsure"
      pl="3"
      _print={{ display: 'none' }}
    >
      {machines.count > 0 && (
        <Text fontWeight="600" color="unsure">
          {withoutRateWords(machines.count, machines.currencies, money.currency, machines.only)}
        </Text>
      )}
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

function RateField({ from, money }: { readonly from: CurrencyCode; readonly money: Money }) {
  const store = useDossierStore();
  const typed = useRate(from, money.currency, true);
  const id = `rate-${from}`;
  const set = () => {
    const read = typed.read();
    if (read.kind !== 'rate') return;
    store.execute({
      label: { code: 'edit-brief', facts: { field: 'money.rates' } },
      changes: [
        {
          table: 'briefs',
          key: BRIEF_KEY,
          path: ['money', 'rates'],
          before: money.rates,
          after: [...money.rates, read.rate],
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
          value={typed.text}
          placeholder={rateText(nominalRate(from, money.currency))}
          invalid={typed.fault !== undefined}
          onChange={(e) => typed.type(e.target.value)}
          onKeyDown={(e) => e.key === 'Enter' && set()}
          {...(typed.fault === undefined ? {} : { 'aria-describedby': `${id}-fault` })}
        />
        <Button size="xs" variant="outline" borderColor="border.emphasized" onClick={set}>
          Set the rate
        </Button>
      </Flex>
      {typed.fault && (
        <Text id={`${id}-fault`} role="alert" fontSize="xs" color="fail" fontWeight="600">
          {typed.fault}
        </Text>
      )}
    </Box>
  );
}
