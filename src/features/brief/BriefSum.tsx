'use client';
import { Box, Flex, Text } from '@chakra-ui/react';
import { memo } from 'react';
import { spendable, type Brief } from '@/core/brief';
import { inseamFromHeight, nineInTen, personalFit } from '@/core/fit';
import { wantsOf, wantWeights } from '@/core/preference';
import { clearanceAsked } from '@/core/suspension';
import { millimetres } from '@/core/units';
import { evidenceIn } from '@/store/queries';
import { useDossierState } from '@/store/react';
import {
  formatBase,
  formatNumber,
  formatWithUnit,
  GROUND_WORDS,
  METRIC_WORDS,
  type Reader,
} from '@/ui/messages';

const Line = memo(function Line({
  name,
  value,
  why,
}: {
  readonly name: string;
  readonly value: string;
  readonly why?: string;
}) {
  return (
    <Flex
      justify="space-between"
      gap="4"
      py="1"
      align="baseline"
      borderBottomWidth="1px"
      borderColor="border.muted"
    >
      <Box>
        <Text>{name}</Text>
        {why && (
          <Text fontSize="xs" color="fg.muted">
            {why}
          </Text>
        )}
      </Box>
      <Text fontWeight="700" whiteSpace="nowrap">
        {value}
      </Text>
    </Flex>
  );
});

/** The look of the list of wants, set once: it is drawn again at every step of a slider. */
const WANTS_LOOK = {
  '& > li': { display: 'flex', alignItems: 'center', gap: '8px', paddingBlock: '4px' },
  '& .want': { width: '128px', flexShrink: 0 },
  '& .track': { flex: 1, height: '9px', bg: 'bg.subtle' },
  '& .share': { height: '100%', bg: 'accent' },
  '& .points': { width: '34px', textAlign: 'right' },
} as const;

/** What the brief comes to: the load, the money, and what will count. */
export function BriefSum({ brief, reader }: { readonly brief: Brief; readonly reader: Reader }) {
  const { sits } = useDossierState((s) => evidenceIn(s.dossier));
  const { rider, trip, money } = brief;
  const weights = wantWeights(brief);
  const ordered = wantsOf(brief).toSorted((a, b) => weights[b] - weights[a]);
  const most = weights[ordered[0] ?? 'range'];
  const clearance = clearanceAsked(brief.ground);
  const guess = inseamFromHeight(millimetres(rider.height_mm));
  const inseam = nineInTen(guess.mm, guess.sd_mm);
  const left = spendable(money);
  const fit = personalFit(rider, sits);
  return (
    <Box>
      <Line
        name="On the machine"
        value={formatWithUnit(
          rider.mass_kg + rider.kit_kg + (trip.pillion_kg ?? 0) + trip.luggage_kg,
          'mass',
          reader,
        )}
        why={
          trip.pillion_kg === undefined
            ? 'rider, kit and luggage'
            : 'rider, kit, passenger and luggage'
        }
      />
      <Line
        name="To spend"
        value={formatWithUnit(left, 'money', reader)}
        why={
          left > 0
            ? 'machine, parts and fitting; the trip fund stays whole'
            : 'the trip fund and the gear eat the whole budget'
        }
      />
      <Line
        name="Clearance asked"
        value={formatWithUnit(clearance.asked_mm, 'length', reader)}
        why={`by ${GROUND_WORDS[clearance.ground].toLowerCase()}`}
      />
      {rider.inseam_mm === undefined && (
        <Line
          name="Inseam"
          value={`${formatBase(inseam.low, 'length', reader)}–${formatWithUnit(inseam.high, 'length', reader)}`}
          why="guessed from height: measure it, a book between the legs"
        />
      )}
      {fit.sits > 0 && (
        <Line
          name="Your own reach"
          value={`${fit.offset_mm > 0 ? '+' : fit.offset_mm < 0 ? '−' : ''}${formatWithUnit(Math.abs(fit.offset_mm), 'length', reader)} ± ${formatBase(fit.sigma_mm, 'length', reader)}`}
          why="added to every heel gap, from the machines you sat on"
        />
      )}
      <Text mt="4" mb="1" fontWeight="700" fontFamily="heading">
        What will count
      </Text>
      <Text fontSize="xs" color="fg.muted" mb="2">
        From the ground shares, beliefs and your own weights; each want’s part of 100 points.
      </Text>
      <Box as="ul" listStyleType="none" css={WANTS_LOOK}>
        {ordered.map((want) => (
          <li key={want}>
            <p className="want">{METRIC_WORDS[want].short}</p>
            <div className="track">
              <div className="share" style={{ width: `${(weights[want] / most) * 100}%` }} />
            </div>
            <p className="points">{formatNumber(weights[want] * 100, 0)}</p>
          </li>
        ))}
      </Box>
    </Box>
  );
}
