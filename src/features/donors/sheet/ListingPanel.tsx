'use client';
import { Box, Flex, Grid, IconButton, Text } from '@chakra-ui/react';
import { X } from 'lucide-react';
import { donorLine, LISTING_LIMITS, type Donor, type FittedPart, type Listing } from '@/core/donor';
import { fittedWorth } from '@/core/money';
import { fitsDonor } from '@/core/part';
import { figureOf, moneyOf } from '@/store/queries';
import { useDossierState, useDossierStore } from '@/store/react';
import { Choice } from '@/ui/fields';
import { formatNumber, type Reader } from '@/ui/messages';
import { AmountField } from '@/ui/stored';

const WEAR = [
  [0, 'as new'],
  [0.25, 'a little worn'],
  [0.5, 'half worn'],
  [0.75, 'much worn'],
  [1, 'worn out'],
] as const;

export interface ListingPanelProps {
  readonly own: Donor;
  readonly donor: Donor;
  readonly name: string;
  readonly reader: Reader;
}

/** What makes one machine for sale that machine: how far it has gone, and which parts it carries, at their worth to this rider. */
export function ListingPanel({ own, donor, name, reader }: ListingPanelProps) {
  const store = useDossierStore();
  const dossier = useDossierState((s) => s.dossier);
  const listing: Listing = own.listing ?? { fitted: [] };
  const money = moneyOf(dossier);
  const put = (field: keyof Listing, before: unknown, after: unknown) =>
    store.execute({
      label: { code: 'edit-donor', facts: { name } },
      coalesce: `${own.id}/listing/${field}`,
      changes: [{ table: 'donors', key: own.id, path: ['listing', field], before, after }],
    });
  const setFitted = (after: readonly FittedPart[]) => put('fitted', listing.fitted, after);
  const aboard = listing.fitted.flatMap((f) => {
    const part = dossier.parts[f.partId];
    return part ? [{ part, wear: f.wear }] : [];
  });
  const { worth, noRate } = fittedWorth(aboard, money);
  const asked = figureOf(donor, 'price', money).estimate;
  const standsOn = donorLine(dossier.donors, own.id).map((d) => d.id);
  const free = Object.values(dossier.parts)
    .filter((p) => fitsDonor(p, donor, standsOn) && !listing.fitted.some((f) => f.partId === p.id))
    .sort((a, b) => a.name.localeCompare(b.name, 'en'));
  const amount = (field: 'odometer_km' | 'hours' | 'year' | 'collect_km', label: string) => (
    <AmountField
      key={`${own.id}-${field}`}
      id={`listing-${own.id}-${field}`}
      label={label}
      dimension={LISTING_LIMITS[field].dimension}
      limits={LISTING_LIMITS[field]}
      value={listing[field]}
      reader={reader}
      onSet={(after, before) => put(field, before, after)}
    />
  );
  return (
    <Box as="section" aria-label="This machine" borderTopWidth="1px" borderColor="border" pt="2">
      <Grid templateColumns={{ base: '1fr', sm: '1fr 1fr' }} columnGap="6">
        {amount('odometer_km', 'Distance run')}
        {amount('hours', 'Hours run')}
        {amount('year', 'Built in')}
        {amount('collect_km', 'Distance to collect it')}
      </Grid>
      <Text fontSize="xs" color="fg.muted">
        The price asked is the price below, basis “asked”. Figures read on this very machine count
        as it stands, parts and all.
      </Text>
      <Flex justify="space-between" align="baseline" mt="2" gap="3" wrap="wrap">
        <Text fontWeight="700">Parts it carries</Text>
        {aboard.length > 0 && (
          <Text fontSize="sm">
            worth{' '}
            <Text as="span" fontWeight="700">
              {formatNumber(worth)} {reader.currency}
            </Text>{' '}
            to you
            {asked.kind === 'known'
              ? `; the bare machine so costs ${formatNumber(asked.interval.mid - worth)}`
              : ''}
            {noRate.length > 0 ? `; ${noRate.length} without an exchange rate not counted` : ''}
          </Text>
        )}
      </Flex>
      {listing.fitted.map((fitted) => (
        <Flex key={fitted.partId} align="center" gap="2" py="0.5">
          <Text flex="1">{dossier.parts[fitted.partId]?.name ?? fitted.partId}</Text>
          <Choice
            aria-label={`Wear of ${dossier.parts[fitted.partId]?.name ?? 'the part'}`}
            wide="128px"
            value={fitted.wear}
            options={WEAR.map(([value, words]) => ({ value: String(value), words }))}
            onChange={(e) =>
              setFitted(
                listing.fitted.map((f) =>
                  f.partId === fitted.partId ? { ...f, wear: Number(e.target.value) } : f,
                ),
              )
            }
          />
          <IconButton
            size="xs"
            variant="ghost"
            aria-label={`It does not carry ${dossier.parts[fitted.partId]?.name ?? 'the part'}`}
            onClick={() => setFitted(listing.fitted.filter((f) => f.partId !== fitted.partId))}
          >
            <X size={15} />
          </IconButton>
        </Flex>
      ))}
      <Choice
        aria-label="Add a part it carries"
        wide="100%"
        value=""
        options={[
          {
            value: '',
            words:
              free.length === 0 ? 'no other part of the catalogue fits' : 'add a part it carries …',
          },
          ...free.map((p) => ({ value: p.id, words: p.name })),
        ]}
        onChange={(e) =>
          e.target.value && setFitted([...listing.fitted, { partId: e.target.value, wear: 0.25 }])
        }
      />
    </Box>
  );
}
