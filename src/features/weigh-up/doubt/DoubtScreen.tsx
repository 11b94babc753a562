'use client';
import { Box, Button, Flex, Grid, Text } from '@chakra-ui/react';
import { ArrowLeft } from 'lucide-react';
import { Link } from '@/ui/Link';
import { useState } from 'react';
import type { WeightDoubt } from '@/core/doubt';
import { shortName } from '@/core/donor';
import type { Standing } from '@/store/queries';
import { usePreferences, useStanding } from '@/store/react';
import { Choice, Panel } from '@/ui/fields';
import { Plate } from '@/ui/marks/Plate';
import { formatNumber, METRIC_WORDS, planningWords, type Reader } from '@/ui/messages';
import { ScreenHeading } from '@/ui/ScreenHeading';
import { PurposeTabs } from '../Purposes';
import { type State, type View } from '../use-weigh-up';
import { Places } from './Places';
import { BriefTurnings } from './BriefTurnings';
import { HangsOn } from './HangsOn';
import { Tornado } from './Tornado';
import { Turnings } from './Turnings';
import { WorthFindingOut } from './WorthFindingOut';
import { useBestParts, useDoubt, type DoubtViewModel } from '@/store/running';
import { Answer } from './DoubtAnswer';

/** Ways of drawing the weights; bounds are a share of where each weight is, either way. */
const WEIGHTS = [
  { value: 'fixed', words: 'just as they are', weights: 'fixed', reach: 0 },
  { value: 'quarter', words: 'each by up to a quarter', weights: 'within', reach: 0.25 },
  { value: 'half', words: 'each by up to a half', weights: 'within', reach: 0.5 },
  { value: 'order', words: 'in their order, by any distance', weights: 'order', reach: 0 },
  { value: 'free', words: 'anything at all', weights: 'free', reach: 0 },
] as const satisfies readonly {
  readonly value: string;
  readonly words: string;
  readonly weights: WeightDoubt;
  readonly reach: number;
}[];

/** How sure the order is, what would turn it, and what is worth finding out. */
export function DoubtScreen() {
  const standing = useStanding();
  if (!standing || standing.candidates.length < 2)
    return (
      <ScreenHeading title="How sure">
        At least two candidates are needed.{' '}
        <Link href="/donors" style={{ textDecoration: 'underline' }}>
          To the donors
        </Link>
      </ScreenHeading>
    );
  return <Doubt standing={standing} />;
}

function Doubt({ standing: chosen }: { readonly standing: Standing }) {
  const [{ units }] = usePreferences();
  const [state, setState] = useState<State>('stock');
  const best = useBestParts(chosen, state === 'best');
  const standing = state === 'best' && best ? best.standing : chosen;
  const view: View = state === 'stock' ? 'stock' : 'built';
  const [wish, setWish] = useState<string>('order');
  const { weights, reach } = WEIGHTS.find((w) => w.value === wish) ?? WEIGHTS[0];
  const doubt = useDoubt(standing, { view, weights, reach });
  const reader: Reader = { units, currency: standing.brief.money.currency };
  const names = new Map(standing.candidates.map((c) => [c.candidate.id, shortName(c.donor)]));
  const name = (id: string) => names.get(id) ?? id;
  return (
    <Box>
      <ScreenHeading title="How sure">
        What the order is worth while figures are half known and weights a matter of taste.
      </ScreenHeading>
      <PurposeTabs standing={standing} />
      <Flex gap="3" align="center" wrap="wrap" mb="3">
        <Button asChild size="sm" variant="ghost">
          <Link href="/weigh-up">
            <ArrowLeft size={16} /> Weigh-up
          </Link>
        </Button>
        <Choice
          aria-label="Which state"
          wide="190px"
          value={state}
          options={[
            { value: 'stock', words: 'as they stand' },
            { value: 'built', words: 'with my parts' },
            { value: 'best', words: 'with the best parts' },
          ]}
          onChange={(e) => setState(e.target.value as State)}
        />
        <Flex gap="2" align="center">
          <label htmlFor="weight-doubt">Weights:</label>
          <Choice
            id="weight-doubt"
            wide="240px"
            value={wish}
            options={WEIGHTS}
            onChange={(e) => setWish(e.target.value)}
          />
        </Flex>
        <Text role="status" fontSize="sm" color="fg.muted">
          {doubt.result
            ? `${formatNumber(doubt.result.samples)} draws${doubt.running ? ' so far' : ''}, ± ${formatNumber(doubt.result.error * 200, 1)} % at most (two standard errors)`
            : 'Drawing …'}
        </Text>
        {doubt.died !== undefined && (
          <Text role="alert" color="fail" fontWeight="600">
            The drawing broke down ({doubt.died}); the last result stays.
          </Text>
        )}
      </Flex>
      <Box aria-live="polite" mb="4">
        {state === 'best' && best && best.planned < best.of && (
          <Text color="unsure" fontWeight="600">
            {planningWords(best)}
          </Text>
        )}
        <Answer doubt={doubt} standing={standing} state={state} name={name} reader={reader} />
      </Box>
      <Grid
        templateColumns={{ base: 'minmax(0, 1fr)', xl: 'minmax(0, 1.2fr) minmax(0, 1fr)' }}
        gap="4"
        alignItems="start"
      >
        <Flex direction="column" gap="4" minW="0">
          <Panel title="Places in all draws">
            <Places doubt={doubt} standing={standing} view={view} />
          </Panel>
          <Panel title="What the doubt is about">
            <Tornado doubt={doubt} name={name} />
          </Panel>
          <Panel title="Who would choose which">
            <Riders doubt={doubt} standing={standing} />
          </Panel>
        </Flex>
        <Flex direction="column" gap="4" minW="0">
          <Panel title="Worth finding out">
            <WorthFindingOut standing={standing} view={view} name={name} />
          </Panel>
          <Panel title="Readings the first hangs on">
            <HangsOn standing={standing} view={view} leader={doubt.order[0]} reader={reader} />
          </Panel>
          <Panel title="What would turn it">
            <Turnings doubt={doubt} name={name} reader={reader} />
            <BriefTurnings doubt={doubt} name={name} reader={reader} />
          </Panel>
        </Flex>
      </Grid>
    </Box>
  );
}

/** For each candidate that ever wins, what its winning weights stress: the sort of rider who would choose it. */
function Riders({
  doubt: { result, model, order },
  standing,
}: {
  readonly doubt: DoubtViewModel;
  readonly standing: Standing;
}) {
  if (!result) return <Text color="fg.muted">Drawing …</Text>;
  if (model.weights === 'fixed')
    return (
      <Text color="fg.muted">
        The weights are held as they are; let them vary to see who would choose which.
      </Text>
    );
  const all = model.criteria.map((_, k) =>
    result.ids.reduce(
      (sum, _id, i) => sum + (result.central[i]?.[k] ?? 0) * (result.acceptability[i]?.[0] ?? 0),
      0,
    ),
  );
  const placed =
    result.ids.reduce((sum, _id, i) => sum + (result.acceptability[i]?.[0] ?? 0), 0) || 1;
  const lines = order.flatMap((id) => {
    const i = result.ids.indexOf(id);
    const central = result.central[i];
    if (!central || (result.acceptability[i]?.[0] ?? 0) < 0.005) return [];
    const stressed = model.criteria
      .map((c, k) => ({ key: c.key, lift: (central[k] ?? 0) - (all[k] ?? 0) / placed }))
      .sort((a, b) => b.lift - a.lift)
      .filter((l) => l.lift > 0.004)
      .slice(0, 3);
    return [
      {
        id,
        plate: standing.candidates.find((c) => c.candidate.id === id)?.candidate.plate ?? 0,
        stressed,
      },
    ];
  });
  if (lines.length === 0)
    return <Text>None has a place in the draws, so none would be chosen, whatever is wanted.</Text>;
  if (lines.length < 2)
    return <Text>Any rider with weights like these would choose the same.</Text>;
  return (
    <Box>
      {lines.map(({ id, plate, stressed }) => (
        <Flex
          key={id}
          gap="2"
          align="center"
          py="1"
          borderTopWidth="1px"
          borderColor="border.muted"
          _first={{ borderTopWidth: 0 }}
        >
          <Plate index={plate} size={22} />
          <Text flex="1">
            {stressed.length === 0
              ? 'A rider with weights much as they are.'
              : `A rider who puts more on ${stressed.map((s) => METRIC_WORDS[s.key as keyof typeof METRIC_WORDS].short.toLowerCase()).join(', ')}.`}
          </Text>
        </Flex>
      ))}
    </Box>
  );
}
