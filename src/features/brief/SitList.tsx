'use client';
import { Box, Button, Flex, IconButton, Input, Text } from '@chakra-ui/react';
import { Plus, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { SEAT_WIDTHS, STANCE_BANDS, type SeatWidth, type StanceBand } from '@/core/brief';
import type { Sit } from '@/core/evidence';
import { personalFit } from '@/core/fit';
import { figureDefinition } from '@/core/readings';
import { Choice, FieldRow, UnitInput } from '@/ui/fields';
import {
  formatBase,
  formatWithUnit,
  SEAT_WIDTH_WORDS,
  STANCE_WORDS,
  unitSign,
  type Reader,
} from '@/ui/messages';
import { measured, readAmount } from '@/ui/stored';
import type { Change } from '@/store/history';
import { evidenceIn } from '@/store/queries';
import { useDossierState, useDossierStore } from '@/store/react';
import { putTrial, sitTrial, withoutFeet } from '@/store/trial-changes';
import type { BriefModel } from './use-brief';

/** Lowest and highest seat that a sit may have, mm: those of any seat. */
const SEAT_LIMITS = figureDefinition('seatHeight').limits;

const offsetWords = (offset: number, sigma: number, reader: Reader) =>
  `${formatBase(offset, 'length', reader)} ± ${formatWithUnit(sigma, 'length', reader)}`;

/** Machines the rider has really sat on: each moves the rider's own offset, shown before and after. */
export function SitList({ model }: { readonly model: BriefModel }) {
  const { brief, reader } = model;
  const store = useDossierStore();
  const dossier = useDossierState((s) => s.dossier);
  const { sits } = evidenceIn(dossier);
  const fit = personalFit(brief.rider, sits);
  const [adding, setAdding] = useState(false);
  const run = (change: Change) =>
    store.execute({ label: { code: 'edit-sits', facts: {} }, changes: [change] });
  const remove = (sit: Sit) => {
    const trial = dossier.trials[sit.id];
    if (trial) run(withoutFeet(trial));
  };
  return (
    <Box borderTopWidth="1px" borderTopStyle="dashed" borderColor="border" mt="2" pt="2">
      <Text fontWeight="700">Machines you sat on</Text>
      <Text fontSize="xs" color="fg.muted" mb="1">
        In your boots, on level ground. What your feet did corrects the reach of every other seat.
      </Text>
      {sits.map((sit) => (
        <Flex key={sit.id} align="center" justify="space-between" gap="2" minH="36px">
          <Text lineHeight="1.25">
            {sit.machine || 'A machine'}, {formatWithUnit(sit.seatHeight_mm, 'length', reader)},{' '}
            {SEAT_WIDTH_WORDS[sit.seatWidth]}: <b>{STANCE_WORDS[sit.feet]}</b>
          </Text>
          <IconButton
            size="xs"
            variant="ghost"
            aria-label={`Remove the sit on ${sit.machine}`}
            onClick={() => remove(sit)}
          >
            <Trash2 size={15} />
          </IconButton>
        </Flex>
      ))}
      <Text fontSize="sm" mt="1">
        Heels hang lower or higher than the model says: before any sit{' '}
        {offsetWords(0, personalFit(brief.rider, []).sigma_mm, reader)}
        {fit.sits > 0 && (
          <>
            ; after {fit.sits === 1 ? 'one' : fit.sits}:{' '}
            <b>{offsetWords(fit.offset_mm, fit.sigma_mm, reader)}</b>
          </>
        )}
        .
      </Text>
      {adding ? (
        <NewSit
          reader={reader}
          onAdd={(sit) => {
            run(putTrial(undefined, sitTrial(sit)));
            setAdding(false);
          }}
          onCancel={() => setAdding(false)}
        />
      ) : (
        <Button
          size="sm"
          variant="outline"
          borderColor="border.emphasized"
          mt="2"
          onClick={() => setAdding(true)}
        >
          <Plus size={15} /> Add a sit
        </Button>
      )}
    </Box>
  );
}

function NewSit({
  reader,
  onAdd,
  onCancel,
}: {
  readonly reader: Reader;
  readonly onAdd: (sit: Sit) => void;
  readonly onCancel: () => void;
}) {
  const [machine, setMachine] = useState('');
  const [seat, setSeat] = useState('');
  const [seatWidth, setWidth] = useState<SeatWidth>('middle');
  const [feet, setFeet] = useState<StanceBand>('balls');
  const [fault, setFault] = useState<string>();
  const add = () => {
    const read = readAmount(seat, {
      quantity: measured('length', reader),
      limits: SEAT_LIMITS,
      required: true,
    });
    if (read.kind === 'fault') return setFault(read.words);
    if (read.value === undefined) return;
    onAdd({
      id: crypto.randomUUID(),
      machine: machine.trim() || 'a machine',
      seatHeight_mm: read.value,
      seatWidth,
      feet,
    });
  };
  return (
    <Box mt="1">
      <FieldRow id="sit-machine" label="Machine">
        <Input
          id="sit-machine"
          size="sm"
          bg="bg.panel"
          borderColor="border.emphasized"
          maxW="180px"
          maxLength={60}
          value={machine}
          onChange={(e) => setMachine(e.target.value)}
        />
      </FieldRow>
      <FieldRow id="sit-seat" label="Its seat height" fault={fault}>
        <UnitInput
          id="sit-seat"
          unit={unitSign('length', reader)}
          invalid={fault !== undefined}
          value={seat}
          onChange={(e) => {
            setSeat(e.target.value);
            setFault(undefined);
          }}
          onKeyDown={(e) => e.key === 'Enter' && add()}
        />
      </FieldRow>
      <FieldRow id="sit-width" label="Its seat">
        <Choice
          id="sit-width"
          wide="180px"
          value={seatWidth}
          options={SEAT_WIDTHS.map((w) => ({ value: w, words: SEAT_WIDTH_WORDS[w] }))}
          onChange={(e) => setWidth(e.target.value as SeatWidth)}
        />
      </FieldRow>
      <FieldRow id="sit-feet" label="Your feet">
        <Choice
          id="sit-feet"
          wide="180px"
          value={feet}
          options={STANCE_BANDS.map((b) => ({ value: b, words: STANCE_WORDS[b] }))}
          onChange={(e) => setFeet(e.target.value as StanceBand)}
        />
      </FieldRow>
      <Flex gap="2" mt="2">
        <Button size="sm" bg="accent" color="accent.ink" onClick={add}>
          Keep the sit
        </Button>
        <Button size="sm" variant="ghost" onClick={onCancel}>
          Cancel
        </Button>
      </Flex>
    </Box>
  );
}
