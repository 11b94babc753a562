'use client';
import { Flex, Text } from '@chakra-ui/react';
import { lightOf } from '@/core/assessment';
import { BRIEF_LIMITS, type Season } from '@/core/brief';
import { Choice, FieldRow } from '@/ui/fields';
import { MONTH_WORDS, seasonWords } from '@/ui/messages';
import { BriefFigureField } from './BriefFields';
import type { BriefModel } from './use-brief';

const MONTHS = MONTH_WORDS.map((words, i) => ({ value: String(i + 1), words }));

/** Which months are ridden and where, how long the longest day is, and what the light of the shortest one allows. */
export function SeasonField({ model }: { readonly model: BriefModel }) {
  const { trip } = model.brief;
  const { season } = trip;
  const set = (end: keyof Season, value: string) => {
    const month = Number(value);
    const next =
      value === '' ? undefined : season ? { ...season, [end]: month } : { from: month, to: month };
    model.edit(['trip', 'season'], next, 'trip.season');
  };
  const month = (end: keyof Season, label: string) => (
    <Choice
      id={`brief-trip-season-${end}`}
      aria-label={label}
      wide="126px"
      value={season ? String(season[end]) : ''}
      options={[{ value: '', words: 'not said' }, ...MONTHS]}
      onChange={(e) => set(end, e.target.value)}
    />
  );
  return (
    <>
      <FieldRow id="brief-trip-season-from" label="Months ridden">
        <Flex gap="1" align="center">
          {month('from', 'First month ridden')}
          <Text as="span" color="fg.muted">
            to
          </Text>
          {month('to', 'Last month ridden')}
        </Flex>
      </FieldRow>
      <BriefFigureField
        model={model}
        path="trip.latitude_deg"
        hint={`for the length of days; south below zero, to ${BRIEF_LIMITS['trip.latitude_deg'].max}`}
        moves
      />
      <BriefFigureField model={model} path="trip.longestDay_km" moves />
      {season && (
        <Text fontSize="sm" gridColumn="1 / -1">
          {seasonWords(trip, lightOf(model.brief), model.reader)}
        </Text>
      )}
    </>
  );
}
