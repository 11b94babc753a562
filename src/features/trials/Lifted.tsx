'use client';
import { Box, Button, Flex, Text } from '@chakra-ui/react';
import { LIFTS, type Trial } from '@/core/evidence';
import { STANDARD_GRAVITY } from '@/core/units';
import { PressRow } from '@/ui/fields';
import { formatWithUnit } from '@/ui/messages';
import type { TrialsModel } from './use-trials';

/** Whether it was lifted from its side, and what that says of the rider beside what the brief assumes. */
export function Lifted({ trial, model }: { readonly trial: Trial; readonly model: TrialsModel }) {
  const { observed } = trial;
  const { entry, reader, standing } = model;
  const effort = (trial.partIds ? entry.built : entry.stock).underLoad().liftBack.estimate;
  const kg = effort.kind === 'known' ? Math.round(effort.mid / STANDARD_GRAVITY) : undefined;
  const can = standing.brief.rider.lift_kg;
  return (
    <Box pt="1">
      <Flex align="center" justify="space-between" gap="3" wrap="wrap">
        <Text>Lifted from its side</Text>
        <PressRow
          label="Lifted from its side"
          value={observed.lifted}
          options={LIFTS.map((l) => ({ value: l, words: l === 'alone' ? 'alone' : 'not alone' }))}
          onPress={(lifted) => model.observe(trial, 'lifted', lifted)}
        />
      </Flex>
      {kg !== undefined && observed.lifted === 'alone' && (can === undefined || can < kg) && (
        <Text fontSize="sm">
          Its lift takes about {formatWithUnit(kg, 'mass', reader)} with the back to it; the brief
          says{' '}
          {can === undefined
            ? 'nothing of what you lift'
            : `you lift ${formatWithUnit(can, 'mass', reader)}`}
          .{' '}
          <Button
            size="xs"
            variant="outline"
            borderColor="border.emphasized"
            onClick={() => model.setLift(kg)}
          >
            Write {formatWithUnit(kg, 'mass', reader)} into the brief
          </Button>
        </Text>
      )}
      {kg !== undefined && observed.lifted === 'not-alone' && can !== undefined && can >= kg && (
        <Text fontSize="sm" color="unsure">
          By the brief you lift {formatWithUnit(can, 'mass', reader)}, and this takes about{' '}
          {formatWithUnit(kg, 'mass', reader)}: one of the two is off. Put what you lift right in
          the brief.
        </Text>
      )}
    </Box>
  );
}
