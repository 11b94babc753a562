'use client';
import { Box, Button, Flex, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { exchangeRate, nominalRate } from '@/core/money';
import { CURRENCIES, type CurrencyCode } from '@/core/units';
import { currencyChange, ownSums, type SumsBecome } from '@/store/currency-change';
import { useDossierStore } from '@/store/react';
import { Choice, FieldRow, UnitInput } from '@/ui/fields';
import { ownSumsWords, rateText, recordFaultWords } from '@/ui/messages';
import { useRate } from '@/ui/stored';
import type { BriefModel } from './use-brief';

const ID = 'brief-money-currency';

/** The brief's currency. Another one asks what becomes of the sums that the rider has typed, and nothing changes until that is said. */
export function CurrencyField({ model }: { readonly model: BriefModel }) {
  const store = useDossierStore();
  const { brief } = model;
  const { currency } = brief.money;
  const [asked, setAsked] = useState<CurrencyCode>();
  const to = asked === currency ? undefined : asked;
  const [fault, setFault] = useState<string>();
  const become = (next: CurrencyCode, sums: SumsBecome) => {
    const outcome = store.execute(
      {
        label: { code: 'edit-brief', facts: { field: 'money.currency' } },
        changes: currencyChange(brief, next, sums),
      },
      'atField',
    );
    if (outcome.kind === 'refused') return setFault(recordFaultWords(outcome.fault));
    if (outcome.kind === 'conflict')
      return setFault('Another tab has just changed a sum. Look again, and choose once more.');
    setAsked(undefined);
  };
  const choose = (next: CurrencyCode) => {
    setFault(undefined);
    if (next !== currency && ownSums(brief).length > 0) return setAsked(next);
    setAsked(undefined);
    become(next, { kind: 'the-same-numbers' });
  };
  return (
    <>
      <FieldRow id={ID} label="Currency" fault={fault}>
        <Choice
          id={ID}
          value={to ?? currency}
          options={CURRENCIES.map((c) => ({ value: c, words: c }))}
          onChange={(e) => choose(e.target.value as CurrencyCode)}
        />
      </FieldRow>
      {to && (
        <SumsQuestion
          key={to}
          model={model}
          to={to}
          onAnswer={(sums) => become(to, sums)}
          onLeave={() => {
            setAsked(undefined);
            setFault(undefined);
          }}
        />
      )}
    </>
  );
}

/** What becomes of the sums: reckoned over by the rider's rate, by a rough one where none is typed, or left as numbers. */
function SumsQuestion({
  model: { brief },
  to,
  onAnswer,
  onLeave,
}: {
  readonly model: BriefModel;
  readonly to: CurrencyCode;
  readonly onAnswer: (sums: SumsBecome) => void;
  readonly onLeave: () => void;
}) {
  const { currency: from, rates } = brief.money;
  const found = exchangeRate(from, to, rates);
  const usual = rateText(nominalRate(from, to));
  const typed = useRate(from, to, false);
  const reckon = () => {
    const read = typed.read();
    if (read.kind === 'refused') return;
    onAnswer({ kind: 'reckoned', typed: read.kind === 'rate' ? read.rate : undefined });
  };
  return (
    <Box
      role="group"
      aria-labelledby={`${ID}-sums`}
      borderLeftWidth="4px"
      borderColor="unsure"
      pl="3"
      mb="2"
    >
      <Text id={`${ID}-sums`} role="status" fontWeight="600">
        {ownSumsWords(brief, ownSums(brief))} Nothing is changed until you say what becomes of them.
      </Text>
      <Flex align="center" gap="2" mt="1" wrap="wrap">
        <label htmlFor={`${ID}-rate`}>One {from} is</label>
        <UnitInput
          id={`${ID}-rate`}
          wide="130px"
          unit={to}
          value={typed.text}
          placeholder={found ? rateText(found.rate) : usual}
          invalid={typed.fault !== undefined}
          aria-describedby={`${ID}-rate-hint`}
          onChange={(e) => typed.type(e.target.value)}
          onKeyDown={(e) => e.key === 'Enter' && reckon()}
        />
        <Button size="xs" variant="outline" borderColor="border.emphasized" onClick={reckon}>
          Reckon them over
        </Button>
      </Flex>
      {typed.fault && (
        <Text role="alert" fontSize="xs" color="fail" fontWeight="600">
          {typed.fault}
        </Text>
      )}
      <Text id={`${ID}-rate-hint`} fontSize="xs" color="fg.muted">
        {found
          ? `Empty: by your own rates, the oldest of ${found.date}.`
          : `Empty: by about ${usual}, an estimate, and each sum is marked. Prices quoted in ${from} stay not known until you type a rate.`}
      </Text>
      <Flex gap="2" mt="1" wrap="wrap">
        <Button
          size="xs"
          variant="outline"
          borderColor="border.emphasized"
          onClick={() => onAnswer({ kind: 'the-same-numbers' })}
        >
          Keep the numbers, they are {to}
        </Button>
        <Button size="xs" variant="ghost" onClick={onLeave}>
          Stay with {from}
        </Button>
      </Flex>
    </Box>
  );
}
