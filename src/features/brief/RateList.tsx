'use client';
import { Box, Flex, IconButton, Text } from '@chakra-ui/react';
import { Plus, Trash2 } from 'lucide-react';
import { useState } from 'react';
import type { ExchangeRate } from '@/core/brief';
import { exchangeRate, isFarFromUsual, nominalRate } from '@/core/money';
import { CURRENCIES, type CurrencyCode } from '@/core/units';
import { Choice, UnitInput } from '@/ui/fields';
import { rateText } from '@/ui/messages';
import { useRate } from '@/ui/stored';
import type { BriefModel } from './use-brief';

/** Exchange rates the rider has looked up, with their day: a price in a currency without a rate stays not known. */
export function RateList({ model }: { readonly model: BriefModel }) {
  const { currency, rates } = model.brief.money;
  const free = CURRENCIES.filter(
    (c) => c !== currency && !rates.some((r) => r.currency === c && r.to === currency),
  );
  const [adding, setAdding] = useState<CurrencyCode>();
  const chosen = adding ?? free[0];
  const typed = useRate(chosen ?? currency, currency, true);
  const save = (next: readonly ExchangeRate[]) =>
    model.edit(['money', 'rates'], next, 'money.rates');
  const add = () => {
    const read = typed.read();
    if (read.kind !== 'rate') return;
    save([...rates, read.rate]);
    typed.type('');
    setAdding(undefined);
  };
  return (
    <Box pt="2" mt="1" borderTopWidth="1px" borderTopStyle="dashed" borderColor="border">
      <Text fontSize="xs" color="fg.muted">
        Exchange rates, as you looked them up. Without one a price in another currency stays not
        known; shipped parts go by an estimate.
      </Text>
      {rates.map((r) => (
        <Flex key={`${r.currency} ${r.to}`} align="center" justify="space-between" minH="34px">
          <Text>
            1 {r.currency} = {r.rate} {r.to}{' '}
            <Text as="span" color="fg.muted">
              ({r.date})
            </Text>
            {isFarFromUsual(r) && (
              <Text as="span" color="unsure" fontWeight="700">
                {' '}
                usual is about {rateText(nominalRate(r.currency, r.to))}: turned round?
              </Text>
            )}
            {!exchangeRate(r.currency === currency ? r.to : r.currency, currency, rates) && (
              <Text as="span" color="fg.muted">
                {' '}
                does not lead to {currency}
              </Text>
            )}
          </Text>
          <IconButton
            size="xs"
            variant="ghost"
            aria-label={`Remove the rate for ${r.currency} in ${r.to}`}
            onClick={() => save(rates.filter((o) => o !== r))}
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
            value={typed.text}
            invalid={typed.fault !== undefined}
            onChange={(e) => typed.type(e.target.value)}
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
      {typed.fault && (
        <Text role="alert" fontSize="xs" color="fail" fontWeight="600" mt="1">
          {typed.fault}
        </Text>
      )}
    </Box>
  );
}
