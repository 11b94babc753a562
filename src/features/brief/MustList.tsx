'use client';
import { Box, Flex, Text } from '@chakra-ui/react';
import { MUST_KEYS, spendable, type MustKey } from '@/core/brief';
import { formatWithUnit, STANCE_WORDS } from '@/ui/messages';
import { BriefChoiceField, BriefFigureField } from './BriefFields';
import { MustTick } from './MustTick';
import type { BriefModel } from './use-brief';

/** The limits that rule a machine out: each can be switched on, with what it asks. */
export function MustList({ model }: { readonly model: BriefModel }) {
  const { brief, reader } = model;
  const on = new Set(brief.musts.on);
  const toggle = (key: MustKey, wanted: boolean) =>
    model.edit(
      ['musts', 'on'],
      MUST_KEYS.filter((k) => (k === key ? wanted : on.has(k))),
      'musts',
    );
  const asks: Partial<Record<MustKey, string>> = {
    cruise: `${formatWithUnit(brief.trip.cruise_kmh, 'speed', reader)}${brief.trip.headwind_kmh ? ` against ${formatWithUnit(brief.trip.headwind_kmh, 'speed', reader)}` : ''}`,
    range: formatWithUnit(brief.trip.fuelGap_km, 'distance', reader),
    licence: brief.rider.licence,
    money: formatWithUnit(spendable(brief.money), 'money', reader),
    payload: formatWithUnit(
      brief.rider.mass_kg +
        brief.rider.kit_kg +
        (brief.trip.pillion_kg ?? 0) +
        brief.trip.luggage_kg,
      'mass',
      reader,
    ),
  };
  return (
    <Box>
      <BriefFigureField model={model} path="musts.sureness_percent" />
      <Text fontSize="xs" color="fg.muted" mb="2">
        Left empty: 80 %. A must is kept when it holds in at least so many of 100 draws, broken when
        it misses in as many, and doubtful between.
      </Text>
      {MUST_KEYS.map((key) => (
        <Box key={key}>
          <Flex align="center" gap="2" minH="38px" justify="space-between">
            <MustTick must={key} on={on.has(key)} onToggle={(wanted) => toggle(key, wanted)} />
            {asks[key] && <Box color="fg.muted">{asks[key]}</Box>}
          </Flex>
          {on.has(key) && key === 'stance' && (
            <Box pl="7">
              <BriefChoiceField
                model={model}
                path="musts.stance"
                label="At least"
                wide="170px"
                options={(['flat', 'balls', 'tiptoes'] as const).map((b) => ({
                  value: b,
                  words: STANCE_WORDS[b],
                }))}
              />
            </Box>
          )}
          {on.has(key) && key === 'readyMass' && (
            <Box pl="7">
              <BriefFigureField model={model} path="musts.readyMass_kg" />
            </Box>
          )}
          {on.has(key) && key === 'clearance' && (
            <Box pl="7">
              <BriefFigureField model={model} path="musts.clearance_mm" />
            </Box>
          )}
        </Box>
      ))}
    </Box>
  );
}
