'use client';
import { Box, Button, Flex, Input, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { airAt } from '@/core/engine';
import { factInUse } from '@/core/facts';
import {
  ADJUSTERS,
  attitudeChange,
  CHANGE_VERDICTS,
  forkDrop,
  gaugeThere,
  pressureFloor,
  SETUP_ENDS,
  SETUP_LIMITS,
  steeringNow,
  SYMPTOMS,
  TRY_FIRST,
  type Adjuster,
  type SetupEnd,
  type Symptom,
} from '@/core/set-up';
import { today } from '@/store/running';
import { Choice, FieldColumns, Panel, PressRow } from '@/ui/fields';
import {
  ADJUSTER_WORDS,
  CHANGE_VERDICT_WORDS,
  END_WORDS,
  forkWords,
  formatHeight,
  formatTemperature,
  formatTo,
  SYMPTOM_WORDS,
  symptomStepWords,
} from '@/ui/messages';
import { AmountField, measured } from '@/ui/stored';
import type { SetUpModel } from './use-set-up';

/** Clickers and pressures as they are set, with the floor of a pressure and what height and cold make of it. */
export function AdjustersPanel({ model }: { readonly model: SetUpModel }) {
  const { sheet, reader } = model;
  if (!sheet) return null;
  const plain = (end: SetupEnd, field: 'compression' | 'rebound') => (
    <AmountField
      id={`setup-${sheet.id}-${end}-${field}`}
      label={`${END_WORDS[end]} ${field}, out from fully in`}
      value={sheet.ends[end]?.[field]}
      quantity={{ kind: 'plain', sign: 'clicks' }}
      limits={SETUP_LIMITS.clicks}
      required={false}
      onSet={(value) => model.setEnd(end, { [field]: value })}
    />
  );
  return (
    <Panel title="Clickers and pressures">
      <FieldColumns>
        {SETUP_ENDS.map((end) => (
          <Box key={end}>
            {plain(end, 'compression')}
            {plain(end, 'rebound')}
            <AmountField
              id={`setup-${sheet.id}-${end}-pressure`}
              label={`${END_WORDS[end]} tyre, cold`}
              value={sheet.ends[end]?.pressure_bar}
              quantity={measured('pressure', reader)}
              limits={SETUP_LIMITS.pressure_bar}
              required={false}
              onSet={(pressure_bar) => model.setEnd(end, { pressure_bar })}
            />
            <PressureLine end={end} model={model} />
            {end === 'front' && (
              <>
                <AmountField
                  id={`setup-${sheet.id}-front-raised`}
                  label="Fork tubes up in the clamps, beyond the book"
                  value={sheet.ends.front?.raised_mm}
                  quantity={measured('length', reader)}
                  limits={SETUP_LIMITS.raised_mm}
                  required={false}
                  onSet={(raised_mm) => model.setEnd('front', { raised_mm })}
                />
                <ForkLine model={model} />
              </>
            )}
          </Box>
        ))}
      </FieldColumns>
      <Text fontSize="xs" color="fg.muted">
        Begin with the book’s clicks. Height swells what is shut in: bleed fork air after a climb,
        wheel off the ground. Pressures by the plate on roads; back up before tarmac.
      </Text>
    </Panel>
  );
}

/** What fork tubes pushed up through the clamps do to the steering. */
function ForkLine({ model }: { readonly model: SetUpModel }) {
  const { sheet, assessment, reader } = model;
  const raised_mm = sheet?.ends.front?.raised_mm;
  const steering = steeringNow(assessment.figures);
  if (!raised_mm || !steering) return null;
  const front_mm = forkDrop(raised_mm, steering.rake_deg);
  return (
    <Text fontSize="xs" color="fg.muted">
      {forkWords(front_mm, attitudeChange(steering, { front_mm, rear_mm: 0 }), reader)}
    </Text>
  );
}

const ROAD_C = 20;

/** Below its floor, and what the gauge shows where the brief goes. */
function PressureLine({ end, model }: { readonly end: SetupEnd; readonly model: SetUpModel }) {
  const { sheet, reader, brief, assessment } = model;
  const set_bar = sheet?.ends[end]?.pressure_bar;
  if (set_bar === undefined) return null;
  const wheel = factInUse(assessment.donor.facts?.wheelType)?.value;
  const rimLock = factInUse(assessment.donor.facts?.rimLocks)?.value;
  const tube = wheel === undefined ? undefined : wheel === 'spoked-tubes';
  const floor = pressureFloor(
    { tube, rimLock: rimLock === undefined ? undefined : rimLock === 'yes' },
    end === 'rear' ? brief.trip.luggage_kg : 0,
  );
  const say = (bar: number) => formatTo(bar, 'pressure', reader.units === 'metric' ? 2 : 0, reader);
  const height = brief.trip.altitude_m ?? 0;
  const cold = brief.trip.cold_C;
  const there = gaugeThere({
    set_bar,
    setAt_C: ROAD_C,
    riddenAt_C: cold ?? ROAD_C,
    setAir_bar: airAt(0).pressure_hPa / 1000,
    riddenAir_bar: airAt(height).pressure_hPa / 1000,
  });
  return (
    <Text fontSize="xs" color={set_bar < floor ? 'fail' : 'fg.muted'}>
      {set_bar < floor &&
        `Below ${say(floor)}: ${tube === false ? 'the bead may leave the rim' : rimLock === 'yes' ? 'stones reach the rim' : 'without a rim lock the tyre may turn and tear the valve off'}; the maker’s figure comes first. `}
      {Math.abs(there - set_bar) >= 0.04 &&
        `At ${formatHeight(height, reader)}${cold === undefined ? '' : ` and ${formatTemperature(cold, reader)}`} the gauge shows ${say(there)}.`}
    </Text>
  );
}

/** One thing at a time: what was changed, the same piece of track before and after, and what it said. */
export function ChangesPanel({ model }: { readonly model: SetUpModel }) {
  const { sheet } = model;
  const [end, setEnd] = useState<SetupEnd>('rear');
  const [what, setWhat] = useState<Adjuster>('rebound');
  const [from, setFrom] = useState('');
  const [to, setTo] = useState('');
  const [symptom, setSymptom] = useState<Symptom>();
  if (!sheet) return null;
  const open = sheet.changes.find((c) => c.verdict === undefined);
  const add = () => {
    model.set('changes', [
      ...sheet.changes,
      {
        id: crypto.randomUUID(),
        on: today(),
        end,
        what,
        from: from.trim(),
        to: to.trim(),
        words: '',
      },
    ]);
    setFrom('');
    setTo('');
  };
  const tally = sheet.changes.filter((c) => c.verdict !== undefined);
  const good = tally.filter((c) => c.verdict === 'better').length;
  return (
    <Panel title="One change at a time">
      <Flex gap="2" align="center" wrap="wrap">
        <Choice
          aria-label="What is felt"
          wide="250px"
          value={symptom ?? ''}
          options={[
            { value: '', words: 'What is felt …' },
            ...SYMPTOMS.map((s) => ({ value: s, words: SYMPTOM_WORDS[s] })),
          ]}
          onChange={(e) => setSymptom((e.target.value || undefined) as Symptom | undefined)}
        />
        {symptom && (
          <Text fontSize="sm" flex="1" minW="240px">
            Try first:{' '}
            {TRY_FIRST[symptom].map((s, i) => `${i + 1} ${symptomStepWords(s)}`).join('; ')}.{' '}
            <Text as="span" color="fg.muted">
              Common practice.
            </Text>
          </Text>
        )}
      </Flex>
      {tally.length > 0 && (
        <Text mt="2">
          {good} of {tally.length} {tally.length === 1 ? 'change' : 'changes'} helped.
          {good < tally.length && ' What did nothing or harm goes back to where it was.'}
        </Text>
      )}
      {sheet.changes.map((c) => (
        <Flex
          key={c.id}
          gap="3"
          align="center"
          wrap="wrap"
          py="1.5"
          borderTopWidth="1px"
          borderColor="border.muted"
        >
          <Text flex="1" minW="220px">
            {c.on} {END_WORDS[c.end].toLowerCase()} {ADJUSTER_WORDS[c.what]}: {c.from || '?'} →{' '}
            {c.to || '?'}
          </Text>
          <PressRow
            label={`${END_WORDS[c.end]} ${ADJUSTER_WORDS[c.what]} from ${c.from} to ${c.to}`}
            value={c.verdict}
            options={CHANGE_VERDICTS.map((v) => ({ value: v, words: CHANGE_VERDICT_WORDS[v] }))}
            onPress={(verdict) =>
              model.set(
                'changes',
                sheet.changes.map((o) => (o.id === c.id ? { ...o, verdict } : o)),
              )
            }
          />
        </Flex>
      ))}
      {open ? (
        <Text mt="2" color="unsure">
          Ride the same piece of track and judge the last change before the next one.
        </Text>
      ) : (
        <Flex gap="2" align="center" wrap="wrap" mt="2">
          <Choice
            aria-label="End changed"
            wide="92px"
            value={end}
            options={SETUP_ENDS.map((e) => ({ value: e, words: END_WORDS[e].toLowerCase() }))}
            onChange={(e) => setEnd(e.target.value as SetupEnd)}
          />
          <Choice
            aria-label="What was changed"
            wide="138px"
            value={what}
            options={ADJUSTERS.map((a) => ({ value: a, words: ADJUSTER_WORDS[a] }))}
            onChange={(e) => setWhat(e.target.value as Adjuster)}
          />
          <ShortText label="From" value={from} onChange={setFrom} />
          <Text>→</Text>
          <ShortText label="To" value={to} onChange={setTo} />
          <Button
            size="sm"
            variant="outline"
            borderColor="border.emphasized"
            disabled={from.trim() === '' || to.trim() === '' || from.trim() === to.trim()}
            onClick={add}
          >
            Note the change
          </Button>
        </Flex>
      )}
    </Panel>
  );
}

function ShortText({
  label,
  value,
  onChange,
}: {
  readonly label: string;
  readonly value: string;
  readonly onChange: (text: string) => void;
}) {
  return (
    <Input
      size="sm"
      width="96px"
      bg="bg.panel"
      borderColor="border.emphasized"
      aria-label={label}
      placeholder={label.toLowerCase()}
      value={value}
      maxLength={60}
      onChange={(e) => onChange(e.target.value)}
    />
  );
}
