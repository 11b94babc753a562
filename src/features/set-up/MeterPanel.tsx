'use client';
import { Box, Button, chakra, Flex, Text } from '@chakra-ui/react';
import type { MeterTruth, SagLength, SetupEnd } from '@/core/set-up';
import { END_WORDS, formatTo, LENGTH_WORDS, type Reader } from '@/ui/messages';
import type { MeterSample } from '@/core/set-up';
import { simulatedDevice, useMeter } from './use-meter';
import type { SetUpModel } from './use-set-up';

const Svg = chakra('svg');
const Trace = chakra('polyline');
const Level = chakra('line');

/** Where a wheel hangs in the stand-in, mm, and how far friction holds it. Nothing real: made up for practice. */
const HANGING = { rear: 610, front: 760 } as const;
const STICTION = 4;
/** Free sag by rider sag of a machine that suits its rider, and rider sag by travel. */
const AS_SUITED = {
  rear: { rider: 0.3, spread: 0.2 },
  front: { rider: 0.3, spread: 0.072 },
} as const;

/** What the stand-in measures: this machine as the models hold it, under this rider. */
function truthOf(model: SetUpModel, end: SetupEnd, length: SagLength): MeterTruth {
  const { figures, metrics } = model.assessment;
  const travel = figures[end === 'rear' ? 'travelRear' : 'travelFront'].estimate;
  const travel_mm = travel.kind === 'known' ? travel.mid : 200;
  const { suits } = metrics.suspension.ends[end];
  const made = suits.kind === 'known' ? suits.mid : 80;
  const { rider, spread } = AS_SUITED[end];
  const difference = spread * travel_mm * (model.brief.rider.mass_kg / made);
  const free = (rider - spread) * travel_mm;
  const sag = length === 'extended_mm' ? 0 : length.startsWith('free') ? free : free + difference;
  return {
    length_mm: HANGING[end] - sag,
    stiction_mm: length === 'extended_mm' ? 0 : STICTION,
    side: length === 'extended_mm' ? 'none' : length.endsWith('Above_mm') ? 'above' : 'below',
  };
}

/** The same stand-in reads the same for the same length of the same sheet. */
const seedOf = (text: string): number =>
  [...text].reduce((sum, c) => (Math.imul(sum, 31) + (c.codePointAt(0) ?? 0)) >>> 0, 7);

/** A meter on the axle: its readings as they come, held once they are still. */
export function MeterPanel({
  model,
  end,
  length,
  onTake,
  onClose,
}: {
  readonly model: SetUpModel;
  readonly end: SetupEnd;
  readonly length: SagLength;
  readonly onTake: (mm: number) => void;
  readonly onClose: () => void;
}) {
  const meter = useMeter();
  const { reader } = model;
  const last = meter.samples.at(-1);
  const shown = meter.held ?? last;
  const say = (mm: number) => formatTo(mm, 'length', reader.units === 'us' ? 2 : 1, reader);
  return (
    <Box
      borderWidth="2px"
      borderColor="fg"
      borderRadius="plate"
      px="3"
      py="2"
      my="2"
      role="group"
      aria-label="Meter"
    >
      <Flex align="baseline" gap="3" wrap="wrap">
        <Text fontWeight="700">
          {END_WORDS[end]}, {LENGTH_WORDS[length].name.toLowerCase()}
        </Text>
        <Text fontSize="xs" color="unsure" fontWeight="700">
          simulated meter: made-up readings, for practice
        </Text>
        <Box flex="1" />
        <Button size="xs" variant="ghost" onClick={onClose}>
          Close
        </Button>
      </Flex>
      <Flex align="center" gap="4" wrap="wrap">
        <Text
          fontFamily="heading"
          fontWeight="800"
          fontSize="3xl"
          color={meter.held ? 'pass' : 'fg.muted'}
          minW="150px"
        >
          {shown ? say(shown.mm) : '–'}
        </Text>
        <Strip samples={meter.samples} reader={reader} held={meter.held?.mm} />
      </Flex>
      <Flex gap="2" align="center" wrap="wrap" mt="1">
        <Button
          size="sm"
          variant="outline"
          borderColor="border.emphasized"
          onClick={() =>
            meter.start(
              simulatedDevice(
                truthOf(model, end, length),
                seedOf(`${model.sheet?.id ?? ''}${end}${length}`),
              ),
            )
          }
        >
          {meter.samples.length > 0 ? 'Let go again' : 'Start'}
        </Button>
        <Button
          size="sm"
          bg="accent"
          color="accent.ink"
          disabled={!meter.held}
          onClick={() => {
            meter.stop();
            if (meter.held) onTake(Math.round(meter.held.mm * 10) / 10);
          }}
        >
          Take it
        </Button>
        <Text fontSize="sm" role="status" color={meter.silent ? 'fail' : 'fg.muted'}>
          {meter.silent
            ? 'The meter has gone silent: wake it, or read a tape. What was taken stays.'
            : meter.held
              ? 'Still: held.'
              : meter.running
                ? 'Moving …'
                : ''}
        </Text>
      </Flex>
    </Box>
  );
}

const WIDTH = 260;
const HEIGHT = 64;

/** The last readings as a line. */
function Strip({
  samples,
  held,
  reader,
}: {
  readonly samples: readonly MeterSample[];
  readonly held: number | undefined;
  readonly reader: Reader;
}) {
  const all = samples.map((s) => s.mm);
  const [low, high] = [Math.min(...all) - 1, Math.max(...all) + 1];
  const y = (mm: number) => HEIGHT - ((mm - low) / (high - low)) * HEIGHT;
  return (
    <Svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      width={`${WIDTH}px`}
      maxW="100%"
      role="img"
      aria-label={
        all.length === 0
          ? 'No reading yet'
          : `${all.length} readings between ${formatTo(Math.min(...all), 'length', 0, reader)} and ${formatTo(Math.max(...all), 'length', 0, reader)}`
      }
      bg="bg.subtle"
    >
      {held !== undefined && (
        <Level
          x1={0}
          x2={WIDTH}
          y1={y(held)}
          y2={y(held)}
          stroke="pass"
          strokeWidth={1.5}
          strokeDasharray="5 4"
        />
      )}
      {all.length > 1 && (
        <Trace
          points={all.map((mm, i) => `${(i / 119) * WIDTH},${y(mm)}`).join(' ')}
          fill="none"
          stroke="fg"
          strokeWidth={1.5}
        />
      )}
    </Svg>
  );
}
