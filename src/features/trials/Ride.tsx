'use client';
import { Box, Button, Checkbox, Flex, Input, Text, Textarea } from '@chakra-ui/react';
import { CalendarPlus } from 'lucide-react';
import {
  FELT_PARTS,
  MOST_FELT,
  MOST_HEART,
  TRIAL_TIMES,
  type Felt,
  type FeltPart,
  type Trial,
  type TrialTime,
} from '@/core/evidence';
import { TRIAL_LIMITS } from '@/store/records';
import { Choice, PressRow } from '@/ui/fields';
import { FELT_PART_WORDS, FELT_WORDS, markWords, TRIAL_TIME_WORDS } from '@/ui/messages';
import { AmountField, measured } from '@/ui/stored';
import { askAgainFile, laterDays } from './ask-again';
import { Buzzes } from './Buzzes';
import { Lifted } from './Lifted';
import { Taped } from './Taped';
import type { TrialsModel } from './use-trials';

/** A ride, part by part: when, how, what was felt. */
export function Ride({ trial, model }: { readonly trial: Trial; readonly model: TrialsModel }) {
  const { observed, conditions = {} } = trial;
  const { entry, reader } = model;
  const setConditions = (change: Partial<NonNullable<Trial['conditions']>>, field: string) =>
    model.edit(trial, { conditions: { ...conditions, ...change } }, field);
  const amount = (field: 'minutes' | 'load_kg', label: string) => (
    <AmountField
      id={`trial-${trial.id}-${field}`}
      label={label}
      value={conditions[field]}
      quantity={field === 'minutes' ? { kind: 'plain', sign: 'min' } : measured('mass', reader)}
      limits={TRIAL_LIMITS[field]}
      required={false}
      onSet={(value) => setConditions({ [field]: value }, field)}
    />
  );
  return (
    <Box>
      <Flex gap="3" wrap="wrap" align="center">
        <PressRow
          label="When"
          value={trial.when}
          options={TRIAL_TIMES.map((t) => ({ value: t, words: TRIAL_TIME_WORDS[t] }))}
          onPress={(when: TrialTime | undefined) => model.edit(trial, { when }, 'when')}
        />
        {entry.parts.length > 0 && (
          <Checkbox.Root
            size="sm"
            checked={trial.partIds !== undefined}
            onCheckedChange={(e) =>
              model.edit(
                trial,
                { partIds: e.checked === true ? entry.parts.map((p) => p.id) : undefined },
                'parts',
              )
            }
          >
            <Checkbox.HiddenInput />
            <Checkbox.Control />
            <Checkbox.Label>ridden with the {entry.parts.length} parts of its build</Checkbox.Label>
          </Checkbox.Root>
        )}
      </Flex>
      {amount('minutes', 'How long')}
      {amount('load_kg', 'With so much luggage')}
      <Flex gap="4" wrap="wrap" py="1">
        <Tick
          label="riding kit on"
          on={conditions.inKit}
          onSet={(inKit) => setConditions({ inKit }, 'kit')}
        />
        <Tick
          label="tyres worn"
          on={conditions.wornTyres}
          onSet={(wornTyres) => setConditions({ wornTyres }, 'tyres')}
        />
      </Flex>
      <Input
        size="sm"
        bg="bg.panel"
        borderColor="border.emphasized"
        aria-label="Pressures, clickers, weather, ground"
        placeholder="pressures, clickers, weather, ground"
        maxLength={1000}
        defaultValue={conditions.words ?? ''}
        onBlur={(e) =>
          e.target.value !== (conditions.words ?? '') &&
          setConditions({ words: e.target.value || undefined }, 'words')
        }
      />
      {(Object.keys(FELT_PARTS) as FeltPart[]).map((part) => (
        <Box key={part} mt="2">
          <Text fontFamily="heading" fontWeight="800" fontSize="sm">
            {FELT_PART_WORDS[part]}
          </Text>
          {FELT_PARTS[part].map((felt) => (
            <Mark key={felt} felt={felt} trial={trial} model={model} />
          ))}
          {part === 'astride' && <Taped trial={trial} model={model} />}
          {part === 'openRoad' && <Buzzes trial={trial} model={model} />}
        </Box>
      ))}
      <Flex
        align="center"
        justify="space-between"
        gap="3"
        py="1"
        mt="2"
        borderTopWidth="1px"
        borderColor="border.muted"
      >
        <label htmlFor={`trial-${trial.id}-heart`}>
          The heart: looks, sound, joy, pride
          <Text fontSize="xs" color="fg.muted">
            Yours alone, never guessed.{' '}
            {model.standing.weights.heart > 0
              ? `It weighs ${Math.round(model.standing.weights.heart * 100)} % of the fit, as you set it.`
              : 'It counts in the fit once you give it points under What counts of the weigh-up.'}
          </Text>
        </label>
        <Choice
          id={`trial-${trial.id}-heart`}
          wide="150px"
          value={observed.heart === undefined ? '' : String(observed.heart)}
          options={[
            { value: '', words: 'not asked' },
            ...Array.from({ length: MOST_HEART + 1 }, (_, i) => ({
              value: String(i),
              words: `${i} of 10`,
            })),
          ]}
          onChange={(e) =>
            model.observe(
              trial,
              'heart',
              e.target.value === '' ? undefined : Number(e.target.value),
            )
          }
        />
      </Flex>
      <Lifted trial={trial} model={model} />
      <Textarea
        size="sm"
        mt="2"
        rows={2}
        bg="bg.panel"
        borderColor="border.emphasized"
        aria-label="In your words"
        placeholder="in your words: where it buzzes, from which speed to which, what surprised"
        maxLength={2000}
        defaultValue={trial.note}
        onBlur={(e) =>
          e.target.value !== trial.note && model.edit(trial, { note: e.target.value }, 'note')
        }
      />
      {trial.when === 'first' && trial.on && <AskAgain trial={trial} model={model} />}
    </Box>
  );
}

function Tick({
  label,
  on,
  onSet,
}: {
  readonly label: string;
  readonly on: boolean | undefined;
  readonly onSet: (on: boolean) => void;
}) {
  return (
    <Checkbox.Root
      size="sm"
      checked={on === true}
      onCheckedChange={(e) => onSet(e.checked === true)}
    >
      <Checkbox.HiddenInput />
      <Checkbox.Control />
      <Checkbox.Label>{label}</Checkbox.Label>
    </Checkbox.Root>
  );
}

function Mark({
  felt,
  trial,
  model,
}: {
  readonly felt: Felt;
  readonly trial: Trial;
  readonly model: TrialsModel;
}) {
  const marks = trial.observed.felt ?? {};
  const id = `trial-${trial.id}-${felt}`;
  const set = (mark: number | undefined) => {
    const { [felt]: _old, ...rest } = marks;
    model.observe(trial, 'felt', mark === undefined ? rest : { ...rest, [felt]: mark });
  };
  return (
    <Flex align="center" justify="space-between" gap="3" py="0.5">
      <label htmlFor={id}>{FELT_WORDS[felt].name}</label>
      <Choice
        id={id}
        wide="230px"
        value={marks[felt] === undefined ? '' : String(marks[felt])}
        options={[
          { value: '', words: 'not noted' },
          ...Array.from({ length: MOST_FELT + 1 }, (_, i) => ({
            value: String(i),
            words: markWords(felt, i),
          })),
        ]}
        onChange={(e) => set(e.target.value === '' ? undefined : Number(e.target.value))}
      />
    </Flex>
  );
}

/** The same questions a week and a month later, offered to a calendar. */
function AskAgain({ trial, model }: { readonly trial: Trial; readonly model: TrialsModel }) {
  const days = laterDays(trial.on ?? '');
  if (!days) return null;
  return (
    <Flex gap="3" align="center" wrap="wrap" mt="2">
      <Text fontSize="sm" color="fg.muted">
        The first hour flatters. Ask again on {days.week} and {days.month}.
      </Text>
      <Button
        size="xs"
        variant="outline"
        borderColor="border.emphasized"
        onClick={() => askAgainFile(model.name, days)}
      >
        <CalendarPlus size={14} /> To the calendar
      </Button>
    </Flex>
  );
}
