'use client';
import { Box, chakra, Flex, Text } from '@chakra-ui/react';
import { useMemo } from 'react';
import { shortName, type DonorClass } from '@/core/donor';
import { justShowingIn, lookForLineIn, mustsAsked, outlookOf } from '@/store/queries';
import { useDossierState, usePreferences, useStanding } from '@/store/react';
import { useInPieces } from '@/store/running';
import {
  chanceWords,
  FIGURE_WORDS,
  formatNumber,
  formatWithUnit,
  insteadWords,
  MUST_WORDS,
  usualWords,
  wantedWords,
  type Reader,
} from '@/ui/messages';
import { ClassPrice } from './ClassPrice';
import { FitAtLeast } from './FitAtLeast';
import { Plate } from '@/ui/marks/Plate';

const Table = chakra('table');
const Row = chakra('tr');
const Cell = chakra('td');
const Head = chakra('th');

/** What a machine of one class must show for the musts to hold, to be taken along; and those of it that are in hand. */
export function LookForPanel({
  donorClass,
  reader,
}: {
  readonly donorClass: DonorClass;
  readonly reader: Reader;
}) {
  const dossier = useDossierState((s) => s.dossier);
  const [{ purpose }] = usePreferences();
  const asked = useMemo(
    () => ({ dossier, donorClass, purpose, musts: mustsAsked(dossier, purpose) }),
    [dossier, donorClass, purpose],
  );
  const { pieces, of } = useInPieces(
    asked,
    ({ musts }) => musts.length,
    (by, index) => {
      const must = by.musts[index];
      return must && lookForLineIn(by.dossier, by.donorClass, by.purpose, must);
    },
  );
  const found = useMemo(() => {
    const lines = (pieces ?? []).flatMap((line) => line ?? []);
    return of?.donorClass === donorClass
      ? justShowingIn(of.dossier, of.donorClass, of.purpose, lines)
      : undefined;
  }, [pieces, of, donorClass]);
  const outlook = useMemo(
    () => outlookOf(dossier, donorClass, purpose),
    [dossier, donorClass, purpose],
  );
  if (!found || !outlook)
    return (
      <Text px="1" py="3" minH="12em" color="fg.muted" aria-live="polite">
        Looking for what would do…
      </Text>
    );
  const { yearly } = outlook;
  return (
    <Box px="1" pb="4" pt="1" aria-label="What to look for" role="group">
      <Text fontWeight="700" mb="1">
        What to look for
      </Text>
      <Table width="100%" maxW="820px" borderCollapse="collapse" fontSize="sm">
        <thead>
          <Row textAlign="left" color="fg.muted" fontSize="xs">
            <Head fontWeight="400" py="1">
              the sheet shows
            </Head>
            <Head fontWeight="400" px="2">
              for this brief
            </Head>
            <Head fontWeight="400" display={{ base: 'none', md: 'table-cell' }}>
              usual in this class
            </Head>
          </Row>
        </thead>
        <tbody>
          {found.lines
            .filter((line) => line.must !== 'licence' || line.wanted.kind !== 'any')
            .map((line) => (
              <Row
                key={line.must}
                borderTopWidth="1px"
                borderColor="border.muted"
                verticalAlign="top"
              >
                <Cell py="1.5">
                  {FIGURE_WORDS[line.figure]}
                  <Text as="span" display="block" fontSize="xs" color="fg.muted">
                    {MUST_WORDS[line.must].toLowerCase()}
                  </Text>
                </Cell>
                <Cell px="2" py="1.5">
                  <Text as="span" fontWeight="700">
                    {wantedWords(line, line.wanted, reader)}
                  </Text>
                  {insteadWords(line, reader).map((words) => (
                    <Text as="span" key={words} display="block" fontSize="xs">
                      or {words}
                    </Text>
                  ))}
                </Cell>
                <Cell py="1.5" display={{ base: 'none', md: 'table-cell' }} color="fg.muted">
                  {usualWords(line, reader)}
                </Cell>
              </Row>
            ))}
        </tbody>
      </Table>
      <Text mt="2" maxW="78ch">
        A machine that just shows all of this keeps every must in {chanceWords(found.all)}, and its
        fit lies between {formatNumber(found.fit.low)} and {formatNumber(found.fit.high)} of 100.
        What it does not show is taken as typical of its class.
        {found.lines.some((l) => l.instead.some((way) => way.kind === 'part'))
          ? ' What a part does besides, and its cautions, stand on the bench.'
          : ''}
        {yearly
          ? ` Keeping one costs ${formatWithUnit(yearly.low, 'money', reader)} to ${formatWithUnit(yearly.high, 'money', reader)} a year.`
          : ''}
      </Text>
      <FitAtLeast donorClass={donorClass} found={found} reader={reader} />
      <ClassPrice donorClass={donorClass} reader={reader} />
      <InHand donorClass={donorClass} all={outlook.all} />
    </Box>
  );
}

/** Candidates of this class beside it. */
function InHand({ donorClass, all }: { readonly donorClass: DonorClass; readonly all: number }) {
  const standing = useStanding();
  const mine = standing?.stockRanking.flatMap((r) => {
    const entry = standing.candidates.find((c) => c.candidate.id === r.id);
    return entry?.donor.donorClass === donorClass ? [{ r, entry }] : [];
  });
  if (!mine || mine.length === 0) return null;
  return (
    <Box mt="2">
      <Text fontWeight="700">In hand, beside their class ({chanceWords(all)})</Text>
      {mine.map(({ r, entry }) => (
        <Flex key={r.id} gap="2" align="center" py="0.5">
          <Plate index={entry.candidate.plate} size={20} />
          <Text>
            {shortName(entry.donor)}: fit {formatNumber(r.score.points.mid)}
            {r.chance === undefined ? '' : `, all musts in ${chanceWords(r.chance)}`}
          </Text>
        </Flex>
      ))}
    </Box>
  );
}
