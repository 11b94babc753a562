'use client';
import { Box, Flex, Text } from '@chakra-ui/react';
import { factDefinition } from '@/core/facts';
import { FIGURE_KEYS, figureDefinition, type Basis, type FigureKey } from '@/core/readings';
import { isGrave } from '@/core/spec-text';
import { unitEntry, unitsOf, type UnitId } from '@/core/units';
import { Choice } from '@/ui/fields';
import {
  BASIS_WORDS,
  doubtWords,
  FACT_WORDS,
  FIGURE_WORDS,
  OPTION_WORDS,
  trimmed,
} from '@/ui/messages';
import type { Correction, PasteLine } from './use-paste';

/** One thing found in the text: what it is, what it says, the words it came from, and what is doubtful. */
export function ProposalRow({
  line: { id, proposal, on, fault },
  onCorrect,
}: {
  readonly line: PasteLine;
  readonly onCorrect: (correction: Correction) => void;
}) {
  const name = proposal.kind === 'fact' ? FACT_WORDS[proposal.key] : FIGURE_WORDS[proposal.key];
  return (
    <Box borderTopWidth="1px" borderColor="border.muted" py="1.5">
      <Flex gap="2" align="center" wrap="wrap">
        <input
          type="checkbox"
          id={`take-${id}`}
          checked={on}
          disabled={fault !== undefined}
          aria-label={`Take ${name}`}
          onChange={(e) => onCorrect({ on: e.target.checked })}
          style={{ width: 18, height: 18 }}
        />
        {proposal.kind === 'fact' ? (
          <label htmlFor={`take-${id}`} style={{ fontWeight: 700 }}>
            {name}:{' '}
            {factDefinition(proposal.key).kind === 'tyre'
              ? proposal.value
              : OPTION_WORDS[proposal.key][proposal.value]}
          </label>
        ) : (
          <>
            <Choice
              aria-label="Which figure"
              wide="176px"
              value={proposal.key}
              options={FIGURE_KEYS.filter(
                (k) => figureDefinition(k).dimension === figureDefinition(proposal.key).dimension,
              ).map((k) => ({ value: k, words: FIGURE_WORDS[k] }))}
              onChange={(e) =>
                onCorrect({
                  key: e.target.value as FigureKey,
                  basis: figureDefinition(e.target.value as FigureKey).bases[0],
                })
              }
            />
            <Text fontWeight="700" whiteSpace="nowrap">
              {trimmed(proposal.amount)}
              {proposal.spread === undefined ? '' : ` ± ${trimmed(proposal.spread)}`}
            </Text>
            <Choice
              aria-label={`${name}: unit`}
              wide="108px"
              value={proposal.unit}
              options={unitsOf(figureDefinition(proposal.key).dimension).map((u) => ({
                value: u,
                words: unitEntry(u).symbol || '(year)',
              }))}
              onChange={(e) => onCorrect({ unit: e.target.value as UnitId })}
            />
            {figureDefinition(proposal.key).bases.length > 1 && (
              <Choice
                aria-label={`${name}: basis`}
                wide="150px"
                value={proposal.basis}
                options={figureDefinition(proposal.key).bases.map((b) => ({
                  value: b,
                  words: BASIS_WORDS[b],
                }))}
                onChange={(e) => onCorrect({ basis: e.target.value as Basis })}
              />
            )}
          </>
        )}
        <Text fontSize="xs" color="fg.muted" flex="1" minW="150px">
          “{proposal.words}”
        </Text>
      </Flex>
      {fault && (
        <Text role="alert" fontSize="xs" color="fail" fontWeight="600" pl="26px">
          {fault}
        </Text>
      )}
      {proposal.doubts.map((doubt) => (
        <Text
          key={doubt.code}
          fontSize="xs"
          color="unsure"
          fontWeight={isGrave(doubt, proposal.key) ? '700' : '400'}
          pl="26px"
        >
          {doubtWords(doubt)}
        </Text>
      ))}
    </Box>
  );
}
