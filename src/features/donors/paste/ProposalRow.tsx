'use client';
import { Box, Flex, Text } from '@chakra-ui/react';
import { useRef } from 'react';
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
  ORIGIN_WORDS,
  trimmed,
} from '@/ui/messages';
import type { Correction, PasteLine } from './use-paste';

/** Moves to the next or last row of the list; the rows are found by what they are, whichever machine they belong to. */
function move(from: HTMLElement, by: 1 | -1): void {
  const rows = [...document.querySelectorAll<HTMLElement>('[data-paste-row]')];
  rows[rows.indexOf(from) + by]?.focus();
}

/** One thing found in the text: what it is, what it says, the words it came from, and what is doubtful. */
export function ProposalRow({
  line: { id, proposal, on, fault },
  chosen,
  onChoose,
  onCorrect,
}: {
  readonly line: PasteLine;
  readonly chosen: boolean;
  readonly onChoose: () => void;
  readonly onCorrect: (correction: Correction) => void;
}) {
  const row = useRef<HTMLDivElement>(null);
  const name = proposal.kind === 'fact' ? FACT_WORDS[proposal.key] : FIGURE_WORDS[proposal.key];
  const key = (e: React.KeyboardEvent) => {
    if (e.target !== row.current) return;
    const act = {
      Enter: () => (fault ? undefined : (onCorrect({ on: true }), move(row.current!, 1))),
      Delete: () => (onCorrect({ on: false }), move(row.current!, 1)),
      ' ': () => onCorrect({ on: !on }),
      ArrowDown: () => move(row.current!, 1),
      ArrowUp: () => move(row.current!, -1),
      c: () => row.current?.querySelector('select')?.focus(),
    }[e.key];
    if (!act) return;
    e.preventDefault();
    act();
  };
  return (
    <Box
      ref={row}
      data-paste-row={id}
      tabIndex={0}
      role="group"
      aria-label={`${name}${on ? ', taken' : ', not taken'}`}
      aria-keyshortcuts="Enter Delete c"
      borderTopWidth="1px"
      borderColor="border.muted"
      py="1.5"
      px="1.5"
      borderRadius="sm"
      bg={chosen ? 'bg.muted' : undefined}
      onFocus={onChoose}
      onMouseEnter={onChoose}
      onKeyDown={key}
    >
      <Flex gap="2" align="center" wrap="wrap">
        <input
          type="checkbox"
          id={`take-${id}`}
          checked={on}
          disabled={fault !== undefined}
          aria-label={`Take ${name}`}
          onChange={(e) => onCorrect({ on: e.target.checked })}
          style={{ width: 20, height: 20 }}
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
                wide="196px"
                value={proposal.basis}
                options={figureDefinition(proposal.key).bases.map((b) => ({
                  value: b,
                  words: BASIS_WORDS[b],
                }))}
                onChange={(e) => onCorrect({ basis: e.target.value as Basis })}
              />
            )}
            {proposal.origin && (
              <Text fontSize="xs" color="fg.muted">
                {ORIGIN_WORDS[proposal.origin]}
              </Text>
            )}
          </>
        )}
      </Flex>
      <Text fontSize="xs" color="fg.muted" pl="28px">
        “{proposal.words}”
      </Text>
      {fault && (
        <Text role="alert" fontSize="xs" color="fail" fontWeight="600" pl="28px">
          {fault}
        </Text>
      )}
      {proposal.doubts.map((doubt) => (
        <Text
          key={doubt.code}
          fontSize="xs"
          color="unsure"
          fontWeight={isGrave(doubt, proposal.key) ? '700' : '400'}
          pl="28px"
        >
          {doubtWords(doubt)}
        </Text>
      ))}
    </Box>
  );
}
