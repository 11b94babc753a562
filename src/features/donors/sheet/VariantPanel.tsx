'use client';
import { Box, Grid, Input } from '@chakra-ui/react';
import { SEAT_VERSIONS, TUNES, type Donor, type Variant } from '@/core/donor';
import { useDossierStore } from '@/store/react';
import { Choice } from '@/ui/fields';

const TUNE_WORDS = { full: 'full power', restricted: 'restricted' } as const;
const SEAT_WORDS = { standard: 'standard seat', low: 'low version' } as const;

/** What tells a variant from its model. */
export function VariantPanel({
  own,
  name,
}: {
  readonly own: Extract<Donor, { kind: 'variant' }>;
  readonly name: string;
}) {
  const store = useDossierStore();
  const { variant } = own;
  const set = <K extends keyof Variant>(field: K, after: Variant[K]) =>
    store.execute({
      label: { code: 'edit-donor', facts: { name } },
      coalesce: `${own.id}/variant/${field}`,
      changes: [
        {
          table: 'donors',
          key: own.id,
          path: ['variant'],
          before: own.variant,
          after: Object.fromEntries(
            Object.entries({ ...variant, [field]: after }).filter(([, v]) => v !== undefined),
          ),
        },
      ],
    });
  const year = (text: string) => {
    const value = Number(text);
    return text === '' ? undefined : value >= 1970 && value <= 2040 ? value : variant.year;
  };
  return (
    <Grid templateColumns={{ base: '1fr 1fr', sm: 'repeat(4, 1fr)' }} gap="2" mb="2">
      <Box>
        <label htmlFor="variant-year">Year</label>
        <Choice
          id="variant-year"
          wide="100%"
          value={variant.year ?? ''}
          options={[
            { value: '', words: 'any' },
            ...Array.from({ length: 40 }, (_, i) => String(2027 - i)).map((y) => ({
              value: y,
              words: y,
            })),
          ]}
          onChange={(e) => set('year', year(e.target.value))}
        />
      </Box>
      <Box>
        <label htmlFor="variant-market">Market</label>
        <Input
          id="variant-market"
          size="sm"
          bg="bg.panel"
          borderColor="border.emphasized"
          maxLength={60}
          value={variant.market ?? ''}
          onChange={(e) => set('market', e.target.value || undefined)}
        />
      </Box>
      <Box>
        <label htmlFor="variant-tune">Power</label>
        <Choice
          id="variant-tune"
          wide="100%"
          value={variant.tune ?? ''}
          options={[
            { value: '', words: 'not said' },
            ...TUNES.map((t) => ({ value: t, words: TUNE_WORDS[t] })),
          ]}
          onChange={(e) => set('tune', (e.target.value || undefined) as Variant['tune'])}
        />
      </Box>
      <Box>
        <label htmlFor="variant-seat">Seat</label>
        <Choice
          id="variant-seat"
          wide="100%"
          value={variant.seat ?? ''}
          options={[
            { value: '', words: 'not said' },
            ...SEAT_VERSIONS.map((s) => ({ value: s, words: SEAT_WORDS[s] })),
          ]}
          onChange={(e) => set('seat', (e.target.value || undefined) as Variant['seat'])}
        />
      </Box>
    </Grid>
  );
}
