'use client';
import { Box, Flex, Grid, Text } from '@chakra-ui/react';
import { Link } from '@/ui/Link';
import { namedCandidates } from '@/store/queries';
import { USUAL_WISHES, WISH_LIMITS } from '@/core/gearing';
import { Choice, Panel } from '@/ui/fields';
import { formatNumber, formatTo, inSentence } from '@/ui/messages';
import { Lead } from '@/ui/Lead';
import { NeedsShortlist } from '@/ui/NeedsShortlist';
import { CandidateChoice } from '@/ui/CandidateChoice';
import { ScreenHeading } from '@/ui/ScreenHeading';
import { AmountField, measured } from '@/ui/stored';
import { PairDetail } from './PairDetail';
import { PairPicture, pairWords } from './PairPicture';
import { ShiftTable } from './ShiftTable';
import { TwoPairs } from './TwoPairs';
import { useGearing, type Bench, type GearingModel, type NoPairs } from './use-gearing';
import { Watched } from './Watched';

/** Sprockets of one candidate: what they do to crawl and cruise, which would do better, and what the road said. */
export function GearingScreen() {
  const model = useGearing();
  if (!model) return <NeedsShortlist title="Gearing" />;
  const { bench, entry, standing } = model;
  return (
    <Box>
      <ScreenHeading title="Gearing">
        Sprockets for your ground and your cruise, by the teeth.
      </ScreenHeading>
      <Flex gap="3" align="center" wrap="wrap" mb="3">
        <CandidateChoice
          candidates={namedCandidates(standing)}
          chosen={entry.candidate.id}
          onSelect={model.select}
        />
      </Flex>
      {'pairs' in bench ? (
        <OnTheBench model={model} bench={bench} />
      ) : (
        <Nothing model={model} why={bench} />
      )}
    </Box>
  );
}

function OnTheBench({ model, bench }: { readonly model: GearingModel; readonly bench: Bench }) {
  return (
    <>
      <Lead>{answerOf(model, bench)}</Lead>
      <Grid
        templateColumns={{ base: 'minmax(0, 1fr)', lg: 'minmax(0, 6fr) minmax(0, 5fr)' }}
        gap="4"
        alignItems="start"
      >
        <Flex direction="column" gap="4" minW="0">
          <Panel title="Every pair that fits">
            <PairPicture model={model} bench={bench} />
            <PairList model={model} bench={bench} />
          </Panel>
          <Panel title="What you ask">
            <Wishes model={model} />
          </Panel>
        </Flex>
        <Flex direction="column" gap="4" minW="0">
          <Panel title="In hand">
            <PairDetail model={model} bench={bench} />
          </Panel>
          <TwoPairs model={model} bench={bench} />
          <Panel title="Changing up">
            <ShiftTable model={model} bench={bench} />
          </Panel>
          <Panel title="Watched on the road">
            <Watched model={model} />
          </Panel>
        </Flex>
      </Grid>
    </>
  );
}

/** The first line: what to do about the sprockets, and why. */
function answerOf({ name, reader, entry }: GearingModel, { answer, setting }: Bench): string {
  const asked = `${formatTo(setting.wishes.crawl_kmh, 'speed', 1, reader)} in first and ${formatNumber(setting.wishes.revsShare * 100)} % of the redline at ${formatTo(setting.cruise_kmh, 'speed', 0, reader)}`;
  const typical =
    entry.stock.figures.speedTop.typical || entry.stock.figures.speedFirst.typical
      ? ' Its ratios are only typical of its class: read speed and revs together, and this firms.'
      : '';
  if (answer.kind === 'now')
    return `${name} keeps what you ask on its ${pairWords(answer.pair)}: ${asked}.${typical}`;
  if (answer.kind === 'other')
    return `${pairWords(answer.pair)} would keep what you ask (${asked}); ${pairWords(answer.now)} now does not.${typical}`;
  const { trail, road, now } = answer;
  const one = (pair: typeof trail, what: string) =>
    pair
      ? `${pairWords(pair)} for the ${what}${pair === now ? ', as now' : ''}`
      : `none for the ${what}`;
  return `No pair keeps both ${asked}: this gearbox is too narrow. ${one(trail, 'trail')}; ${one(road, 'road')}.${typical}`;
}

/** Pairs for those who read a list: the chosen one by name. */
function PairList({ model, bench }: { readonly model: GearingModel; readonly bench: Bench }) {
  const { chosen } = bench;
  return (
    <Flex gap="2" align="center" wrap="wrap" mt="1">
      <Text fontSize="sm" color="fg.muted">
        Full: on the chain it has. Hollow: another length. Point at one, press it to take it in
        hand, or choose:
      </Text>
      <Choice
        aria-label="Pair in hand"
        wide="180px"
        value={pairWords(chosen)}
        options={bench.pairs.map((p) => ({
          value: pairWords(p),
          words: `${pairWords(p)}${p.keeps.crawl && p.keeps.revs ? ' ✓' : ''}`,
        }))}
        onChange={(e) => {
          const pair = bench.pairs.find((p) => pairWords(p) === e.target.value);
          if (pair) model.choose({ front: pair.front, rear: pair.rear });
        }}
      />
    </Flex>
  );
}

function Wishes({ model }: { readonly model: GearingModel }) {
  const { record, reader, brief } = model;
  return (
    <>
      <AmountField
        id={`gearing-${record.id}-crawl`}
        label="Crawl in first at idle, at most"
        value={record.crawl_kmh}
        quantity={measured('speed', reader)}
        limits={WISH_LIMITS.crawl_kmh}
        required={false}
        empty={formatTo(USUAL_WISHES.crawl_kmh, 'speed', 1, reader).replace(/ .*/, '')}
        onSet={(value) => model.set({ crawl_kmh: value }, 'crawl')}
      />
      <AmountField
        id={`gearing-${record.id}-revs`}
        label="Revs at the cruise, at most, of the redline"
        value={record.revs_percent}
        quantity={{ kind: 'plain', sign: '%' }}
        limits={WISH_LIMITS.revs_percent}
        required={false}
        empty={String(USUAL_WISHES.revsShare * 100)}
        onSet={(value) => model.set({ revs_percent: value }, 'revs')}
      />
      <Text fontSize="xs" color="fg.muted">
        Empty: a walking pace and 60 %, our own assumptions. The cruise is the brief’s{' '}
        {formatTo(brief.trip.cruise_kmh, 'speed', 0, reader)}.
      </Text>
    </>
  );
}

/** Why nothing can be chosen, and what would open the bench. */
function Nothing({ model, why }: { readonly model: GearingModel; readonly why: NoPairs }) {
  const { name } = model;
  return (
    <>
      <Lead>
        {why.kind === 'no-chain'
          ? `${name} is driven by a ${why.drive}: there are no sprockets to change.`
          : why.kind === 'not-counted'
            ? `Nobody has counted the teeth of ${name}: count both sprockets, and every other pair is reckoned here.`
            : `Not known, for want of ${why.names.map((m) => inSentence(m)).join(', ')}.`}
      </Lead>
      {why.kind !== 'no-chain' && (
        <Text mb="4">
          <Link href="/donors" style={{ textDecoration: 'underline' }}>
            To the sheet of {name}
          </Link>
        </Text>
      )}
      <Box maxW="640px">
        <Panel title="Watched on the road">
          <Watched model={model} />
        </Panel>
      </Box>
    </>
  );
}
