'use client';
import { Flex, Button, Input, Text } from '@chakra-ui/react';
import type { SetUpModel } from './use-set-up';
import {
  SYMPTOM_WORDS,
  symptomStepWords,
  END_WORDS,
  ADJUSTER_WORDS,
  CHANGE_VERDICT_WORDS,
} from '@/ui/messages';
import { Panel, Choice, PressRow } from '@/ui/fields';
import { today } from '@/store/running';
import {
  type SetupEnd,
  type Adjuster,
  type Symptom,
  SYMPTOMS,
  TRY_FIRST,
  CHANGE_VERDICTS,
  SETUP_ENDS,
  ADJUSTERS,
} from '@/core/set-up';
import { useState } from 'react';

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
