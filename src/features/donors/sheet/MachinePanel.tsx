'use client';
import { Box, Flex, Grid, IconButton, Text } from '@chakra-ui/react';
import { X } from 'lucide-react';
import {
  donorLine,
  MACHINE_LIMITS,
  MACHINE_STATES,
  type Donor,
  type FittedPart,
  type Machine,
  type MachineFacts,
  type MachineState,
} from '@/core/donor';
import { fittedWorth } from '@/core/money';
import { fitsDonor } from '@/core/part';
import { figureOf, moneyOf, partsOf } from '@/store/queries';
import { useDossierState, useDossierStore } from '@/store/react';
import { Choice } from '@/ui/fields';
import { formatNumber, type Reader } from '@/ui/messages';
import { AmountField, measured } from '@/ui/stored';

const WEAR = [
  [0, 'as new'],
  [0.25, 'a little worn'],
  [0.5, 'half worn'],
  [0.75, 'much worn'],
  [1, 'worn out'],
] as const;

const STATE_WORDS: Readonly<Record<MachineState, string>> = {
  'for-sale': 'for sale',
  owned: 'mine',
  sold: 'sold',
};

export interface MachinePanelProps {
  readonly own: Machine;
  readonly donor: Donor;
  readonly name: string;
  readonly reader: Reader;
}

/** What makes one machine that machine: whether it is for sale, how far it has gone, and which parts it carries, at their worth to this rider. */
export function MachinePanel({ own, donor, name, reader }: MachinePanelProps) {
  const store = useDossierStore();
  const dossier = useDossierState((s) => s.dossier);
  const { machine } = own;
  const parts = partsOf(dossier);
  const money = moneyOf(dossier);
  const put = (field: keyof MachineFacts, before: unknown, after: unknown) =>
    store.execute({
      label: { code: 'edit-donor', facts: { name } },
      coalesce: `${own.id}/machine/${field}`,
      changes: [{ table: 'donors', key: own.id, path: ['machine', field], before, after }],
    });
  const setFitted = (after: readonly FittedPart[]) => put('fitted', machine.fitted, after);
  const aboard = machine.fitted.flatMap((f) => {
    const part = parts[f.partId];
    return part ? [{ part, wear: f.wear }] : [];
  });
  const { worth, noRate } = fittedWorth(aboard, money);
  const asked = figureOf(donor, 'price', money).estimate;
  const standsOn = donorLine(dossier.donors, own.id).map((d) => d.id);
  const free = Object.values(parts)
    .filter((p) => fitsDonor(p, donor, standsOn) && !machine.fitted.some((f) => f.partId === p.id))
    .sort((a, b) => a.name.localeCompare(b.name, 'en'));
  const amount = (field: 'odometer_km' | 'hours' | 'year' | 'collect_km', label: string) => (
    <AmountField
      key={`${own.id}-${field}`}
      id={`listing-${own.id}-${field}`}
      label={label}
      quantity={measured(MACHINE_LIMITS[field].dimension, reader)}
      limits={MACHINE_LIMITS[field]}
      required={false}
      value={machine[field]}
      onSet={(after, before) => put(field, before, after)}
    />
  );
  return (
    <Box as="section" aria-label="This machine" borderTopWidth="1px" borderColor="border" pt="2">
      <Flex align="center" gap="3" mb="1">
        <label htmlFor={`machine-${own.id}-state`}>It is</label>
        <Choice
          id={`machine-${own.id}-state`}
          wide="128px"
          value={own.state}
          options={MACHINE_STATES.map((s) => ({ value: s, words: STATE_WORDS[s] }))}
          onChange={(e) =>
            store.execute({
              label: { code: 'edit-donor', facts: { name } },
              changes: [
                {
                  table: 'donors',
                  key: own.id,
                  path: ['state'],
                  before: own.state,
                  after: e.target.value,
                },
              ],
            })
          }
        />
      </Flex>
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
      {machine.fitted.map((fitted) => (
        <Flex key={fitted.partId} align="center" gap="2" py="0.5">
          <Text flex="1">{parts[fitted.partId]?.name ?? fitted.partId}</Text>
          <Choice
            aria-label={`Wear of ${parts[fitted.partId]?.name ?? 'the part'}`}
            wide="128px"
            value={fitted.wear}
            options={WEAR.map(([value, words]) => ({ value: String(value), words }))}
            onChange={(e) =>
              setFitted(
                machine.fitted.map((f) =>
                  f.partId === fitted.partId ? { ...f, wear: Number(e.target.value) } : f,
                ),
              )
            }
          />
          <IconButton
            size="xs"
            variant="ghost"
            aria-label={`It does not carry ${parts[fitted.partId]?.name ?? 'the part'}`}
            onClick={() => setFitted(machine.fitted.filter((f) => f.partId !== fitted.partId))}
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
          e.target.value && setFitted([...machine.fitted, { partId: e.target.value, wear: 0.25 }])
        }
      />
    </Box>
  );
}
