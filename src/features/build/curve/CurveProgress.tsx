'use client';
import { Button, Checkbox, Flex, Text } from '@chakra-ui/react';
import type { CurvesModel } from '@/store/running';

export function Progress({
  model: { state, curves, legalOnly, setLegalOnly, again, stop },
  of,
}: {
  readonly model: CurvesModel;
  readonly of: number;
}) {
  const corners = curves.reduce((n, c) => n + c.corners.length, 0);
  return (
    <Flex gap="4" align="center" wrap="wrap" mb="2" minH="32px">
      <Checkbox.Root checked={legalOnly} onCheckedChange={(e) => setLegalOnly(e.checked === true)}>
        <Checkbox.HiddenInput />
        <Checkbox.Control
          borderColor="border.emphasized"
          _checked={{ bg: 'accent', borderColor: 'accent', color: 'accent.ink' }}
        />
        <Checkbox.Label fontWeight="400">Nothing that may end road approval</Checkbox.Label>
      </Checkbox.Root>
      <Text color="fg.muted" role="status">
        {state.running
          ? `Planning: ${state.whole.size} of ${of} curves planned whole, ${corners} corners so far.`
          : state.whole.size === of
            ? `Every curve is planned: ${corners} corners worth their money.`
            : `Stopped: ${state.whole.size} of ${of} curves planned whole.`}
      </Text>
      {state.running ? (
        <Button size="xs" variant="outline" borderColor="border.emphasized" onClick={stop}>
          Stop
        </Button>
      ) : (
        state.whole.size < of && (
          <Button size="xs" variant="outline" borderColor="border.emphasized" onClick={again}>
            Start again
          </Button>
        )
      )}
      {state.died !== undefined && (
        <Text role="alert" color="fail" fontWeight="600">
          The planner broke down ({state.died}); what it had found stays.
        </Text>
      )}
    </Flex>
  );
}
