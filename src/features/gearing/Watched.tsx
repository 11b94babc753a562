'use client';
import { Box, Button, Flex, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { METERS, type Meter } from '@/core/gearing';
import { figureDefinition } from '@/core/readings';
import { PressRow, UnitInput } from '@/ui/fields';
import { formatTo } from '@/ui/messages';
import { measured, readAmount, signOf, type AmountRules } from '@/ui/stored';
import type { GearingModel } from './use-gearing';

const METER_WORDS: Readonly<Record<Meter, string>> = {
  satellite: 'satellite',
  dash: 'its own meter',
};
const LIMITS = { speed: { min: 5, max: 250 }, rpm: { min: 1000, max: 18000 } } as const;

/** Speed and revs read together in first or top gear: the overall ratio, where nobody quotes any. */
export function Watched({ model }: { readonly model: GearingModel }) {
  const { reader, entry } = model;
  const [gear, setGear] = useState<'first' | 'top'>('top');
  const [meter, setMeter] = useState<Meter>('satellite');
  const [speed, setSpeed] = useState('');
  const [rpm, setRpm] = useState('');
  const [fault, setFault] = useState<string>();
  const speedRules: AmountRules = {
    quantity: measured('speed', reader),
    limits: LIMITS.speed,
    required: true,
  };
  const rpmRules: AmountRules = {
    quantity: { kind: 'plain', sign: 'rpm' },
    limits: LIMITS.rpm,
    required: true,
  };
  const keep = () => {
    const [v, n] = [readAmount(speed, speedRules), readAmount(rpm, rpmRules)];
    const [wrong] = [v, n].filter((r) => r.kind === 'fault');
    if (wrong?.kind === 'fault') return setFault(wrong.words);
    if (v.kind !== 'value' || n.kind !== 'value' || v.value === undefined || n.value === undefined)
      return;
    const perThousand = v.value / (n.value / 1000);
    const { limits } = figureDefinition(gear === 'first' ? 'speedFirst' : 'speedTop');
    if (perThousand < limits.min || perThousand > limits.max)
      return setFault(
        `That is ${formatTo(perThousand, 'speed', 1, reader)} for each 1000 rpm, which no ${gear === 'first' ? 'first' : 'top'} gear has: look at gear, speed and revs again.`,
      );
    const redline = entry.stock.figures.redline.estimate;
    if (redline.kind === 'known' && n.value > redline.interval.high * 1.03)
      return setFault(`The redline is ${Math.round(redline.mid)} rpm: read the revs again.`);
    setFault(undefined);
    setSpeed('');
    setRpm('');
    model.watch({ gear, speed_kmh: v.value, rpm: n.value, meter });
  };
  const { speedFirst, speedTop } = entry.stock.figures;
  const seen = [
    ['first', speedFirst],
    ['top gear', speedTop],
  ] as const;
  return (
    <Box>
      <Text fontSize="sm" color="fg.muted">
        {seen
          .flatMap(([where, f]) =>
            f.estimate.kind === 'known'
              ? [
                  `${where} ${formatTo(f.estimate.mid, 'speed', 1, reader)} for each 1000 rpm, ${f.reading ? 'as read' : f.typical ? 'only typical of its class' : 'by its ratios'}`,
                ]
              : [],
          )
          .join('; ')}
        . A meter of its own reads some 5 % over as a rule; that is taken off.
      </Text>
      <Flex gap="3" wrap="wrap" mt="2" align="center">
        <PressRow
          label="In which gear"
          value={gear}
          options={[
            { value: 'top', words: 'top gear' },
            { value: 'first', words: 'first' },
          ]}
          onPress={(v) => v && setGear(v)}
        />
        <PressRow
          label="Speed by"
          value={meter}
          options={METERS.map((m) => ({ value: m, words: METER_WORDS[m] }))}
          onPress={(v) => v && setMeter(v)}
        />
      </Flex>
      <Flex gap="2" wrap="wrap" mt="2" align="center">
        <UnitInput
          wide="110px"
          unit={signOf(speedRules.quantity)}
          aria-label="Speed read"
          value={speed}
          onChange={(e) => setSpeed(e.target.value)}
        />
        <Text>at</Text>
        <UnitInput
          wide="120px"
          unit="rpm"
          aria-label="Revs read"
          value={rpm}
          onChange={(e) => setRpm(e.target.value)}
        />
        <Button size="sm" variant="outline" borderColor="border.emphasized" onClick={keep}>
          Keep what was read
        </Button>
      </Flex>
      {fault && (
        <Text role="alert" fontSize="xs" color="fail" fontWeight="600" mt="1">
          {fault}
        </Text>
      )}
      <Text fontSize="xs" color="fg.muted" mt="1">
        Have somebody else read, or a camera: eyes belong on the road.
      </Text>
    </Box>
  );
}
