'use client';
import { Text } from '@chakra-ui/react';
import { STANCE_BANDS } from '@/core/brief';
import { Panel, PressRow } from '@/ui/fields';
import { STANCE_WORDS, formatWithUnit } from '@/ui/messages';
import type { CardModel } from './use-card';
import { INSPECTION_POINTS, PAPER_POINTS } from '@/core/inspection';
import { PointTick } from './PointTick';
import { Seller } from './Seller';

export function Sit({ model }: { readonly model: CardModel }) {
  const { seatHeight_mm, reader, feet } = model;
  return (
    <Panel title="Sit on it, in your boots, on level ground">
      {seatHeight_mm === undefined ? (
        <Text color="unsure">
          Measure the seat height first: a sit teaches the model only with it.
        </Text>
      ) : (
        <>
          <PressRow
            large
            label="What your feet do"
            value={feet}
            onPress={model.sit}
            options={STANCE_BANDS.map((value) => ({ value, words: STANCE_WORDS[value] }))}
          />
          <Text fontSize="sm" color="fg.muted" mt="2">
            Seat {formatWithUnit(seatHeight_mm, 'length', reader)}. It corrects the reach of every
            other seat, too.
          </Text>
        </>
      )}
    </Panel>
  );
}

export function Walk({ model }: { readonly model: CardModel }) {
  const bad = Object.entries(model.seen.ticks ?? {}).filter(([, tick]) => tick === 'bad').length;
  const looked = Object.keys(model.seen.ticks ?? {}).length;
  const all = INSPECTION_POINTS.length + PAPER_POINTS.length;
  return (
    <>
      <Panel
        title="A walk around it"
        aside={
          <Text fontSize="sm" color={bad > 0 ? 'fail' : 'fg.muted'} fontWeight="600">
            {looked} of {all} looked at{bad > 0 ? `, ${bad} bad` : ''}
          </Text>
        }
      >
        {INSPECTION_POINTS.map((p) => (
          <PointTick key={p.key} point={p.key} grave={p.grave} model={model} />
        ))}
      </Panel>
      <Panel title="Papers, before any money">
        {PAPER_POINTS.map((key) => (
          <PointTick key={key} point={key} grave model={model} papers />
        ))}
      </Panel>
      <Seller model={model} />
    </>
  );
}
