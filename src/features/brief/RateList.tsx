'use client';
import { Box, Flex, IconButton, Text } from '@chakra-ui/react';
import { Plus, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { RATE_LIMITS, type ExchangeRate } from '@/core/brief';
import { CURRENCIES, type CurrencyCode } from '@/core/units';
import { Choice, UnitInput } from '@/ui/fields';
import { readAmount } from '@/ui/stored';
import type { BriefModel } from './use-brief';

const today = () => new Date().toISOString().slice(0, 10);

/** Exchange rates the rider has looked up, with their day: a price in a currency without a rate stays not known. */
export function RateList({ model }: { readonly model: BriefModel }) {
  const { currency, rates } = model.brief.money;
  const free = CURRENCIES.filter((c) => c !== currency && !rates.some((r) => r.currency === c));
  const [adding, setAdding] = useState<CurrencyCode>();
  const [text, setText] = useState('');
  const [fault, setFault] = useState<string>();
  const chosen = adding ?? free[0];
  const save = (next: readonly ExchangeRate[]) =>
    model.edit(['money', 'rates'], next, 'money.rates');
  const add = () => {
    const read = readAmount(text, {
      quantity: { kind: 'plain', sign: currency },
      limits: RATE_LIMITS,
      required: true,
    });
    if (read.kind === 'fault') return setFault(read.words);
    if (!chosen || read.value === undefined) return;
    save([...rates, { currency: chosen, rate: read.value, date: today() }]);
    setText('');
    setAdding(undefined);
    setFault(undefined);
  };
  return (
    <Box pt="2" mt="1" borderTopWidth="1px" borderTopStyle="dashed" borderColor="border">
      <Text fontSize="xs" color="fg.muted">
        Exchange rates, as you looked them up. Without one a price in another currency stays not
        known; shipped parts go by an estimate.
      </Text>
      {rates.map((r) => (
        <Flex key={r.currency} align="center" justify="space-between" minH="34px">
          <Text>
            1 {r.currency} = {r.rate} {currency}{' '}
            <Text as="span" color="fg.muted">
              ({r.date})
            </Text>
          </Text>
          <IconButton
            size="xs"
            variant="ghost"
            aria-label={`Remove the rate for ${r.currency}`}
            onClick={() => save(rates.filter((o) => o.currency !== r.currency))}
          >
            <Trash2 size={15} />
          </IconButton>
        </Flex>
      ))}
      {chosen && (
        <Flex align="center" gap="2" mt="1">
          <Text>1</Text>
          <Choice
            aria-label="Currency to add"
            wide="84px"
            value={chosen}
            options={free.map((c) => ({ value: c, words: c }))}
            onChange={(e) => setAdding(e.target.value as CurrencyCode)}
          />
          <Text>=</Text>
          <UnitInput
            aria-label={`One ${chosen} in ${currency}`}
            wide="110px"
            unit={currency}
            value={text}
            invalid={fault !== undefined}
            onChange={(e) => setText(e.target.value)}
            onKeyDown={(e) => e.key === 'Enter' && add()}
          />
          <IconButton
            size="sm"
            variant="outline"
            borderColor="border.emphasized"
            aria-label="Add the rate"
            onClick={add}
          >
            <Plus size={16} />
          </IconButton>
        </Flex>
      )}
      {fault && (
        <Text role="alert" fontSize="xs" color="fail" fontWeight="600" mt="1">
          {fault}
        </Text>
      )}
    </Box>
  );
}
