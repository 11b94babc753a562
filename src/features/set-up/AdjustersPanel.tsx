'use client';
import { Box, Text } from '@chakra-ui/react';
import { airAt } from '@/core/engine';
import { factInUse } from '@/core/facts';
import {
  attitudeChange,
  forkDrop,
  gaugeThere,
  pressureFloor,
  SETUP_ENDS,
  SETUP_LIMITS,
  steeringNow,
  type SetupEnd,
} from '@/core/set-up';
import { FieldColumns, Panel } from '@/ui/fields';
import { END_WORDS, forkWords, formatHeight, formatTemperature, formatTo } from '@/ui/messages';
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
