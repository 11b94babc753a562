'use client';
import { Box, Button, Flex, Text } from '@chakra-ui/react';
import { BRIEF_LIMITS, type ClassPrice as ClassPriceHeld } from '@/core/brief';
import type { DonorClass } from '@/core/donor';
import { inCurrency } from '@/core/money';
import { classPrice } from '@/store/queries';
import { BRIEF_KEY } from '@/store/records';
import { useDossierState, useDossierStore } from '@/store/react';
import { formatWithUnit, type Reader } from '@/ui/messages';
import { AmountInput } from '@/ui/stored';

const ENDS = ['low', 'high'] as const;
/** What a second end begins with, as a share of the first one typed. */
const OTHER_END = { low: 1.3, high: 0.75 } as const;

/** What machines of a class are sold for: as the rider types it, else by the donors here. */
export function ClassPrice({
  donorClass,
  reader,
}: {
  readonly donorClass: DonorClass;
  readonly reader: Reader;
}) {
  const store = useDossierStore();
  const own = useDossierState((s) => s.dossier.briefs[BRIEF_KEY]?.classPrices?.[donorClass]);
  const dossier = useDossierState((s) => s.dossier);
  const money = dossier.briefs[BRIEF_KEY]?.money;
  const counts = classPrice(dossier, donorClass);
  /** As the rider typed it, in whichever currency that was; a price of today's is begun in the brief's. */
  const currency = own?.currency ?? reader.currency;
  const put = (after: ClassPriceHeld | undefined) =>
    store.execute({
      label: { code: 'edit-class-price', facts: { donorClass } },
      coalesce: `class-price/${donorClass}`,
      changes: [
        {
          table: 'briefs',
          key: BRIEF_KEY,
          path: ['classPrices', donorClass],
          before: own,
          after,
        },
      ],
    });
  const set = (end: 'low' | 'high', amount: number | undefined) => {
    if (amount === undefined) return put(undefined);
    const other = end === 'low' ? 'high' : 'low';
    const known = own?.[other] ?? Math.round(amount * OTHER_END[end]);
    return put(
      end === 'low'
        ? { low: amount, high: Math.max(amount, known), currency }
        : { low: Math.min(amount, known), high: amount, currency },
    );
  };
  const words = (): string => {
    const span =
      counts &&
      `${formatWithUnit(counts.low, 'money', reader)} to ${formatWithUnit(counts.high, 'money', reader)}`;
    const byDonors = span
      ? `By the donors here: ${span}. Type what you have seen asked.`
      : 'Nobody has said, so money is left aside. Type what you have seen asked.';
    if (!own) return byDonors;
    if (currency === reader.currency) return 'As you hold it; about nine in ten lie between.';
    return money && inCurrency(own.low, currency, money).kind === 'amount'
      ? `As you hold it, ${span} by your exchange rates; about nine in ten lie between.`
      : `No exchange rate leads from ${currency} to ${reader.currency}, so what you hold is left aside. ${byDonors}`;
  };
  return (
    <Box mt="3" _print={{ display: 'none' }}>
      <Text fontWeight="700">What such a machine is sold for</Text>
      <Text fontSize="xs" color="fg.muted" mb="1">
        {words()}
      </Text>
      <Flex gap="3" align="flex-end" wrap="wrap">
        {ENDS.map((end) => (
          <Box key={end}>
            <Text fontSize="xs" color="fg.muted">
              {end === 'low' ? 'from' : 'to'}
            </Text>
            <AmountInput
              id={`class-price-${donorClass}-${end}`}
              label={`Price of such a machine, ${end === 'low' ? 'from' : 'to'}`}
              wide="140px"
              quantity={{ kind: 'sum', currency }}
              limits={BRIEF_LIMITS['money.budget']}
              required={false}
              value={own?.[end]}
              onSet={(value) => set(end, value)}
            />
          </Box>
        ))}
        {own && (
          <Button size="xs" variant="ghost" onClick={() => put(undefined)}>
            Take it back
          </Button>
        )}
      </Flex>
    </Box>
  );
}
