'use client';
import { Box, Flex, Text } from '@chakra-ui/react';
import { spendable } from '@/core/brief';
import { buildTotal, repairs } from '@/core/money';
import { formatNumber } from '@/ui/messages';
import type { BuildModel } from './use-build';

/** Machine + parts + fitting against what there is to spend; the trip fund stands beyond the line. */
export function BudgetBar({ model }: { readonly model: BuildModel }) {
  const { money } = model.standing.brief;
  const { built } = model.entry;
  const machine = built.figures.price.estimate;
  const { parts, noRate, shipping, wrongParts, papers } = built.cost;
  const fitting = buildTotal(built.cost) - parts;
  const beside = [
    ['fitting', built.cost.fitting],
    ['shipping and the like', shipping],
    ['wrong parts', wrongParts],
    ['papers', papers],
  ].filter(([what, x]) => what === 'fitting' || Number(x) > 0);
  const free = spendable(money);
  if (machine.kind === 'unknown') {
    return (
      <Text color="unsure">
        The price of the machine is not known, so the money cannot be counted.{' '}
        {machine.missing.some((m) => m.startsWith('rate:'))
          ? 'Enter the exchange rate in the brief.'
          : 'Enter it with the donor.'}
      </Text>
    );
  }
  const mending = repairs(model.entry.donor.weakPoints ?? [], money);
  const mend = mending.kind === 'known' ? mending.interval.mid : 0;
  const total = machine.interval.mid + mend + parts + fitting;
  const scale = Math.max(total, free + money.tripFund, 1) * 1.02;
  const width = (x: number) => `${(Math.max(0, x) / scale) * 100}%`;
  const left = free - total;
  const wide = machine.interval.high - machine.interval.low;
  return (
    <Box>
      <Flex justify="space-between" align="baseline">
        <Text fontFamily="heading" fontWeight="800" fontSize="xl">
          {formatNumber(total)}{' '}
          <Text as="span" fontSize="sm" fontWeight="600">
            {money.currency}
          </Text>
        </Text>
        <Text fontWeight="700" color={left >= 0 ? 'pass' : 'fail'}>
          {left >= 0
            ? `${formatNumber(left)} left to spend`
            : `${formatNumber(-left)} over: eats the trip fund`}
        </Text>
      </Flex>
      <Box
        position="relative"
        height="34px"
        mt="1.5"
        role="img"
        aria-label={`Machine ${formatNumber(machine.interval.mid)}, parts ${formatNumber(parts)}, fitting and the rest ${formatNumber(fitting)} ${money.currency}; to spend ${formatNumber(free)}, trip fund ${formatNumber(money.tripFund)}`}
      >
        <Box
          position="absolute"
          top="5px"
          bottom="5px"
          style={{ left: width(free), width: width(money.tripFund) }}
          backgroundImage="repeating-linear-gradient(-45deg, var(--chakra-colors-border-emphasized) 0 1.5px, transparent 1.5px 7px)"
          borderWidth="1px"
          borderColor="border.emphasized"
        />
        <Flex
          position="absolute"
          top="5px"
          bottom="5px"
          left="0"
          style={{ width: width(total) }}
          overflow="hidden"
        >
          <Box style={{ flexGrow: machine.interval.mid + mend }} bg="fg" />
          <Box style={{ flexGrow: parts }} bg="fg.subtle" />
          <Box
            style={{ flexGrow: fitting }}
            backgroundImage="repeating-linear-gradient(90deg, var(--chakra-colors-fg-subtle) 0 3px, var(--chakra-colors-bg-panel) 3px 5px)"
          />
        </Flex>
        <Box
          position="absolute"
          top="0"
          bottom="0"
          style={{ left: width(free) }}
          width="2px"
          ml="-1px"
          bg="accent"
        />
      </Box>
      <Flex justify="space-between" fontSize="xs" color="fg.muted" wrap="wrap" columnGap="3">
        <Text>
          machine {formatNumber(machine.interval.mid)}
          {wide > 1 ? ` ± ${formatNumber(wide / 2)}` : ''}
          {mend > 0 ? ` + repairs ${formatNumber(mend)}` : ''} + parts {formatNumber(parts)}
          {beside.map(([what, x]) => ` + ${what} ${formatNumber(Number(x))}`).join('')}
        </Text>
        <Text color="accent" fontWeight="700">
          to spend {formatNumber(free)}; beyond it the trip fund, {formatNumber(money.tripFund)}
        </Text>
      </Flex>
      {built.cost.shedHours + built.cost.shopHours > 0 && (
        <Text fontSize="xs" color="fg.muted">
          {formatNumber(built.cost.shedHours, 1)} h in your shed,{' '}
          {formatNumber(built.cost.shopHours, 1)} h in a workshop
        </Text>
      )}
      {mending.kind === 'unknown' && (
        <Text fontSize="xs" color="unsure" fontWeight="600">
          Something has to be put right and its cost is not known: it is not in the sum.
        </Text>
      )}
      {noRate.length > 0 && (
        <Text fontSize="xs" color="unsure">
          Without an exchange rate and so not counted:{' '}
          {noRate
            .map((n) => `${model.standing.candidates.length > 0 ? n.partId : ''} (${n.currency})`)
            .join(', ')}
          .
        </Text>
      )}
      {machine.interval.mid > 0 && (parts + fitting) / machine.interval.mid > 0.5 && (
        <Text fontSize="xs" color="unsure" fontWeight="600">
          Parts and fitting come to {formatNumber(((parts + fitting) / machine.interval.mid) * 100)}{' '}
          % of the machine’s price. Compare a dearer machine that needs less.
        </Text>
      )}
    </Box>
  );
}
