'use client';
import { Box, Button, Flex, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { SAG_LENGTHS, SETUP_LIMITS, type SagLength, type SetupEnd } from '@/core/set-up';
import { Panel, PressRow } from '@/ui/fields';
import { END_WORDS, formatTo, formatWithUnit, LENGTH_WORDS, sagFaultWords } from '@/ui/messages';
import { AmountInput, measured } from '@/ui/stored';
import { MeterPanel } from './MeterPanel';
import { SagPicture } from './SagPicture';
import type { EndView, SetUpModel } from './use-set-up';

/** The five lengths of both ends, read out one by one, typed or taken from the meter. */
export function SagPanel({ model }: { readonly model: SetUpModel }) {
  const [end, setEnd] = useState<SetupEnd>('rear');
  const [at, setAt] = useState<SagLength>();
  const { ends, reader } = model;
  if (!ends) return null;
  const view = ends[end];
  const { readings = {} } = view.setup;
  const put = (length: SagLength, value: number | undefined) =>
    model.setEnd(end, { readings: { ...readings, [length]: value } });
  const next = SAG_LENGTHS.find((l) => readings[l] === undefined);
  return (
    <Panel
      title="Sag"
      aside={
        <PressRow
          label="Which end"
          value={end}
          options={[
            { value: 'rear', words: END_WORDS.rear },
            { value: 'front', words: END_WORDS.front },
          ]}
          onPress={(v) => v && setEnd(v)}
        />
      }
    >
      <Text fontSize="sm" color="fg.muted">
        {end === 'rear'
          ? 'From the axle straight up to a mark on the tail.'
          : 'Along the fork, from the axle to a mark on the lower clamp.'}{' '}
        Clickers by the book, tyres at pressure, {reader.units === 'us' ? 'in inches' : 'in mm'}.
      </Text>
      {SAG_LENGTHS.map((length, i) => (
        <Flex
          key={length}
          align="center"
          // On a phone the words have the row, and what is pressed and typed the one below.
          wrap={{ base: 'wrap', md: 'nowrap' }}
          gap="3"
          rowGap="1"
          py="1.5"
          borderTopWidth={i === 0 ? '0' : '1px'}
          borderColor="border.muted"
          bg={length === next ? 'bg.subtle' : undefined}
        >
          <Text fontFamily="heading" fontWeight="800" width="18px">
            {i + 1}
          </Text>
          <Box flex={{ base: '1 1 calc(100% - 48px)', md: '1' }} minW="0">
            <Text fontWeight="600">{LENGTH_WORDS[length].name}</Text>
            <Text fontSize="xs" color="fg.muted">
              {LENGTH_WORDS[length].how}
            </Text>
          </Box>
          <Button
            size="xs"
            variant="outline"
            ml="auto"
            minH={{ base: '40px', md: '0' }}
            minW={{ base: '72px', md: '0' }}
            borderColor="border.emphasized"
            onClick={() => setAt(length)}
            aria-label={`${LENGTH_WORDS[length].name}: from the meter`}
          >
            meter
          </Button>
          <Box>
            <AmountInput
              key={`${end}-${length}`}
              id={`setup-${model.sheet?.id ?? ''}-${end}-${length}`}
              label={`${END_WORDS[end]}: ${LENGTH_WORDS[length].name}`}
              wide="110px"
              value={readings[length]}
              quantity={measured('length', reader)}
              limits={SETUP_LIMITS.length_mm}
              required={false}
              empty=""
              onSet={(value) => put(length, value)}
            />
          </Box>
        </Flex>
      ))}
      {at && (
        <MeterPanel
          key={`${end}-${at}`}
          model={model}
          end={end}
          length={at}
          onTake={(mm) => {
            model.setEnd(end, { tool: 'meter', readings: { ...readings, [at]: mm } });
            const after = SAG_LENGTHS.find((l) => l !== at && readings[l] === undefined);
            setAt(after);
          }}
          onClose={() => setAt(undefined)}
        />
      )}
      {view.setup.tool === 'meter' && (
        <Flex gap="3" align="center" wrap="wrap" mt="2">
          <Text color="unsure" fontWeight="700">
            From the simulated meter: made up, for practice.
          </Text>
          <Button
            size="xs"
            variant="outline"
            borderColor="border.emphasized"
            onClick={() => model.setEnd(end, { tool: undefined, readings: undefined })}
          >
            Clear them
          </Button>
        </Flex>
      )}
      <Result view={view} model={model} />
    </Panel>
  );
}

/** What the lengths come to, and what is wrong with them. */
function Result({ view, model }: { readonly view: EndView; readonly model: SetUpModel }) {
  const { reader } = model;
  const { sag, travel_mm } = view;
  const say = (mm: number) => formatTo(mm, 'length', reader.units === 'us' ? 2 : 0, reader);
  const line = (what: string, s: typeof sag.free) =>
    s && (
      <Text>
        {what} <b>{say(s.mm)}</b>
        {travel_mm !== undefined && `, ${Math.round((s.mm / travel_mm) * 100)} % of the travel`}
        {s.friction_mm === undefined
          ? '; from one side only'
          : `; friction holds ±${say(s.friction_mm)}`}
      </Text>
    );
  return (
    <Box mt="2" borderTopWidth="2px" borderColor="border.emphasized" pt="2" aria-live="polite">
      {!sag.free && !sag.rider && (
        <Text color="fg.muted">Take the first three lengths, and the free sag stands here.</Text>
      )}
      {line('Free sag', sag.free)}
      {line('Rider sag', sag.rider)}
      {sag.faults.map((f) => (
        <Text key={f.code} role="alert" color="fail" fontWeight="600">
          {sagFaultWords(f, reader)}
        </Text>
      ))}
      {travel_mm === undefined ? (
        <Text color="unsure">The travel of this end is not on the sheet: shares wait for it.</Text>
      ) : (
        (sag.free ?? sag.rider) && (
          <>
            <SagPicture
              view={view}
              travel_mm={travel_mm}
              reader={reader}
              school={model.sheet?.school ?? 'adventure'}
            />
            <Text fontSize="xs" color="fg.muted">
              Travel {formatWithUnit(travel_mm, 'length', reader)} as on the sheet. Bars: what is
              asked of free and of rider sag.
            </Text>
          </>
        )
      )}
    </Box>
  );
}
