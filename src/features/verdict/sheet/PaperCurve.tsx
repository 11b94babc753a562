'use client';

import { Text } from '@chakra-ui/react';
import { useMemo } from 'react';
import { spendable } from '@/core/brief';
import type { Sheet } from '@/store/records';
import { curveOption, StillChart } from '@/ui/charts';
import { formatNumber, partsCounted, enoughWords } from '@/ui/messages';

/** Rungs of the gap ladder that a page has room for. */
export const RUNGS = 4;
const CURVE = { width: 400, height: 290 };
export function Curve({ sheet }: { readonly sheet: Sheet }) {
  const { brief, field, curve, machine } = sheet;
  const option = useMemo(
    () =>
      curveOption({
        curves: field.flatMap((f) => {
          const own = curve.find((c) => c.candidateId === f.candidateId);
          return f.outlay === undefined
            ? []
            : [
                {
                  id: f.candidateId,
                  name: f.name,
                  plate: f.plate,
                  stock: [f.outlay, f.points.mid] as const,
                  corners: own?.corners ?? [],
                  whole: own?.whole ?? true,
                  current: f.candidateId === machine.candidateId,
                },
              ];
        }),
        spend: spendable(brief.money),
        tripFund: brief.money.tripFund,
        currency: brief.money.currency,
        dark: false,
        partNames: () => '',
      }),
    [brief, field, curve, machine],
  );
  const planned = curve.find((c) => c.candidateId === machine.candidateId);
  const words = planned
    ? `${machine.name}: ${planned.corners.map((c) => `${formatNumber(c.points, 1)} for ${formatNumber(c.cost)}`).join(', ')}`
    : 'no curve planned';
  return (
    <>
      <StillChart
        option={option}
        label={`Best fit for every sum. ${words}`}
        width={CURVE.width}
        height={CURVE.height}
      />
      <Text color="fg.muted">
        {planned
          ? planned.whole
            ? 'The thick line is this candidate, planned to its end.'
            : 'The thick line is this candidate, planned as far as it goes.'
          : 'No curve has been planned for this candidate yet.'}{' '}
        Plates stand where each candidate is{' '}
        {sheet.view === 'built' ? 'with the parts chosen' : 'as it stands'}.
      </Text>
      {planned?.best && (
        <Text>
          Best for the money: {partsCounted(planned.best.partIds)}, fit{' '}
          {formatNumber(planned.best.points, 1)} for {formatNumber(planned.best.cost)}{' '}
          {brief.money.currency} in all.{' '}
          {enoughWords({ build: planned.best, enough: planned.enough }, brief.money, partsCounted)}
        </Text>
      )}
    </>
  );
}
