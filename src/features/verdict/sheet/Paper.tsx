'use client';
import { Box, Flex, Grid, Text } from '@chakra-ui/react';
import type { Sheet, VerdictRecord } from '@/store/records';
import { firmnessWords, formatNumber, OWN_MONEY_WORDS, VERDICT_SIGNS } from '@/ui/messages';
import { GapLadder } from '@/ui/pictures/GapLadder';
import { StanceFigure } from '@/ui/pictures/StanceFigure';
import { Block } from './Block';
import { Ask, PartsAndMends, Walk } from './PaperBack';
import { Curve, RUNGS } from './PaperCurve';
import { gapFacts, PaperHead, PaperProps } from './PaperHead';

/** The sheet as it is printed: what it is and how it stands on the front, what to do with it on the back. Fits A4 and Letter. */
export function Paper({ sheet, verdict, reader }: PaperProps) {
  const firm = firmnessWords(sheet);
  return (
    <Box
      className="paper"
      data-testid="paper"
      bg="#ffffff"
      color="fg"
      maxW="794px"
      mx="auto"
      px={{ base: '4', md: '9' }}
      py="7"
      borderWidth="1px"
      borderColor="border"
      fontSize="12.5px"
      lineHeight="1.4"
      _print={{ border: 'none', padding: 0, maxWidth: 'none', fontSize: '11.5px' }}
    >
      <PaperHead sheet={sheet} verdict={verdict} reader={reader} />
      {verdict && <Why verdict={verdict} />}
      <Grid
        templateColumns={{ base: 'minmax(0, 1fr)', md: 'minmax(0, 1fr) minmax(0, 1.15fr)' }}
        gap="5"
        mt="3"
        _print={{ gridTemplateColumns: 'minmax(0, 1fr) minmax(0, 1.15fr)' }}
      >
        <Block title="Astride">
          {sheet.stance ? (
            <Box maxW="290px">
              <StanceFigure {...sheet.stance} reader={reader} />
            </Box>
          ) : (
            <Text>Seat height is not known, so reach cannot be drawn. Sit on it.</Text>
          )}
          {sheet.stance && (
            <Text color="fg.muted">A model; a sit on this very machine decides.</Text>
          )}
        </Block>
        <Block title={`How sure: ${firm.word.toLowerCase()}`}>
          <Text>{firm.sentence}</Text>
          {sheet.doubt?.turns.slice(0, 3).map((t) => (
            <Text key={t} mt="1">
              {t}
            </Text>
          ))}
          <Musts sheet={sheet} />
        </Block>
        <Block title="Gaps, largest first">
          <GapLadder
            gaps={sheet.gaps.map((g) => gapFacts(sheet, g))}
            reader={reader}
            most={RUNGS}
            small
          />
        </Block>
        <Block title="Fit against all that is spent">
          <Curve sheet={sheet} />
        </Block>
      </Grid>
      <Box
        mt="4"
        breakBefore="page"
        borderTopWidth="2px"
        borderColor="fg"
        pt="3"
        _print={{ borderTop: 'none', paddingTop: 0 }}
      >
        <Text fontSize="11px" color="fg.muted" display="none" _print={{ display: 'block' }} mb="2">
          {sheet.machine.name}, {sheet.on}, page 2
        </Text>
        <PartsAndMends sheet={sheet} reader={reader} />
        <Cautions sheet={sheet} />
        <Ask sheet={sheet} reader={reader} />
        {sheet.machine.listing && <Walk />}
        <Text fontSize="10.500px" color="fg.muted" mt="3">
          Figures are from the readings entered in Jugator and its models; half-known ones are
          spans, not promises. The maker’s manual, the papers, local rules and a qualified workshop
          decide.
        </Text>
      </Box>
    </Box>
  );
}

function Why({
  verdict: { reasons, overturn, ownMoney, runnerUpId, sheet },
}: {
  readonly verdict: VerdictRecord;
}) {
  const next = sheet.field.find((f) => f.candidateId === runnerUpId);
  return (
    <Box mt="2" pl="3" borderLeftWidth="4px" borderColor="accent" breakInside="avoid">
      <Text whiteSpace="pre-line">{reasons}</Text>
      {next && (
        <Text mt="1">
          Next in line: {next.name}, fit {formatNumber(next.points.mid, 1)}.
          {ownMoney ? ` Own money: ${OWN_MONEY_WORDS[ownMoney]}.` : ''}
        </Text>
      )}
      {overturn && (
        <Text mt="1" whiteSpace="pre-line">
          <b>Would overturn it:</b> {overturn}
        </Text>
      )}
    </Box>
  );
}

function Musts({ sheet }: { readonly sheet: Sheet }) {
  if (sheet.musts.length === 0) return null;
  return (
    <Box as="ul" listStyleType="none" mt="3" aria-label="Musts">
      {sheet.musts.map((m) => {
        const sign = VERDICT_SIGNS[m.verdict];
        return (
          <Flex as="li" key={m.key} gap="2" py="0.5">
            <Text
              as="span"
              fontWeight="800"
              color={sign.colour}
              width="14px"
              flexShrink={0}
              aria-label={sign.words}
            >
              {sign.sign}
            </Text>
            <Text as="span">{m.words}</Text>
          </Flex>
        );
      })}
    </Box>
  );
}

function Cautions({ sheet }: { readonly sheet: Sheet }) {
  if (sheet.cautions.length === 0) return null;
  return (
    <Box mt="3">
      <Block title="Cautions">
        <Box as="ul" listStyleType="none">
          {sheet.cautions.map((c) => (
            <Text as="li" key={c.what} py="0.5">
              <Text as="span" fontWeight="700" color={c.grave ? 'fail' : 'unsure'}>
                {c.grave ? '! ' : ''}
                {c.what}
              </Text>{' '}
              {c.todo}
            </Text>
          ))}
        </Box>
      </Block>
    </Box>
  );
}
