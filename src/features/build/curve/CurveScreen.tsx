'use client';
import { Box, Button, Grid, Text } from '@chakra-ui/react';
import { useMemo, useState } from 'react';
import { surenessOf } from '@/core/assessment';
import { atSpending, isFinal, leads, passedOver } from '@/core/build';
import { shortName } from '@/core/donor';
import { partsOf } from '@/store/queries';
import { useDossierState } from '@/store/react';
import { curveOption, EChart, rightEdge, type PickedCorner } from '@/ui/charts';
import { Panel } from '@/ui/fields';
import { useIsDark } from '@/ui/marks/Plate';
import { lowerFirst, enoughWords, formatNumber, leadWords, partsCounted } from '@/ui/messages';
import { BuildFrame } from '../BuildFrame';
import type { BuildModel } from '../use-build';
import { useCurves } from '@/store/running';
import { CurveTable } from './CurveTable';
import { Progress } from './CurveProgress';
import { BestList } from './BestList';

/** Best fit for each total spending, all candidates in one picture. */
export function CurveScreen() {
  return (
    <BuildFrame
      whole
      words={() => 'What the money buys: the best build of every candidate for every sum.'}
    >
      {(model) => <Curves model={model} />}
    </BuildFrame>
  );
}

function Curves({ model }: { readonly model: BuildModel }) {
  const curvesModel = useCurves(model.standing);
  const { state, curves, spend } = curvesModel;
  const dark = useIsDark();
  const parts = useDossierState((s) => partsOf(s.dossier));
  const [picked, setPicked] = useState<PickedCorner>();
  const [table, setTable] = useState(false);
  const { standing, reader } = model;
  const byId = useMemo(
    () => new Map(standing.candidates.map((c) => [c.candidate.id, c])),
    [standing],
  );
  const name = (id: string) => {
    const entry = byId.get(id);
    return entry ? shortName(entry.donor) : id;
  };
  const partNames = (ids: readonly string[]) =>
    ids.map((id) => lowerFirst(parts[id]?.name ?? id)).join(', ');
  const shown = curves.flatMap((curve) => {
    const entry = byId.get(curve.id);
    const outlay = entry?.stock.metrics.outlay.estimate;
    if (!entry || outlay?.kind !== 'known') return [];
    return [
      {
        ...curve,
        name: shortName(entry.donor),
        plate: entry.candidate.plate,
        stock: [outlay.interval.mid, entry.stockScore.points.mid] as const,
        whole: state.whole.has(curve.id),
        current: entry.candidate.id === (picked?.candidate ?? model.entry.candidate.id),
      },
    ];
  });
  const within = curves
    .map((c) => ({ id: c.id, build: atSpending(c, spend) }))
    .filter((c) => c.build !== undefined)
    // One whose musts are not all known stands behind those that keep them, as in the weigh-up.
    .toSorted(
      (a, b) =>
        Number((a.build?.open ?? []).length > 0) - Number((b.build?.open ?? []).length > 0) ||
        (b.build?.points ?? 0) - (a.build?.points ?? 0),
    );
  const [first, second] = within;
  const leader = curves.find((c) => c.id === first?.id);
  const best = state.best.get(first?.id ?? '');
  const cheaper = best?.kind === 'build' ? enoughWords(best, reader, partsCounted) : undefined;
  const risky = leader && passedOver(leader, spend);
  const lead = leads(curves);
  // Until each machine has its best build for the money, another may still lead.
  const unplanned = standing.candidates.filter(({ candidate: { id } }) => {
    const found = state.best.get(id);
    return !found || !isFinal(found);
  }).length;
  const beyond = shown.filter((s) => s.stock[0] > rightEdge(spend, standing.brief.money.tripFund));
  return (
    <>
      <Box aria-live="polite" mb="2">
        {first?.build && (
          <Text fontSize="lg" fontWeight="600">
            {unplanned > 0 ? 'So far, for' : 'For'} {formatNumber(spend)} {reader.currency} the best
            is {name(first.id)}{' '}
            {first.build.partIds.length === 0
              ? 'as it stands'
              : `with ${first.build.partIds.length} parts`}
            : fit {formatNumber(first.build.points, 1)} for {formatNumber(first.build.cost)}{' '}
            {reader.currency}.
          </Text>
        )}
        {cheaper && <Text fontWeight="600">{cheaper}</Text>}
        {first?.build?.partIds.length === 0 && state.whole.has(first.id) && (
          <Text>
            No part that fits it, has a price here and stays within the sum adds to its points.
          </Text>
        )}
        {risky && (
          <Text>
            One for {formatNumber(risky.cost)} would have {formatNumber(risky.points, 1)}, but as
            prices are only roughly known it would stay within {formatNumber(spend)} in fewer than{' '}
            {formatNumber(surenessOf(standing.brief) * 100)} of 100 draws.
          </Text>
        )}
        {second?.build && (
          <Text>
            Next is {name(second.id)}, {formatNumber(second.build.points, 1)} for{' '}
            {formatNumber(second.build.cost)}.
          </Text>
        )}
      </Box>
      <Progress model={curvesModel} of={standing.candidates.length} />
      <Panel
        title="Fit against all that is spent"
        aside={
          <Button size="xs" variant="ghost" onClick={() => setTable(!table)}>
            {table ? 'Show as a picture' : 'Show as a table'}
          </Button>
        }
      >
        {table ? (
          <CurveTable shown={shown} currency={reader.currency} partNames={partNames} />
        ) : (
          <EChart
            often
            height="420px"
            label={`Best fit for every sum, ${shown.length} candidates. ${within.map((w) => `${name(w.id)}: ${formatNumber(w.build?.points ?? 0, 1)} for ${formatNumber(w.build?.cost ?? 0)}`).join('; ')}`}
            option={curveOption({
              curves: shown,
              spend,
              tripFund: standing.brief.money.tripFund,
              currency: reader.currency,
              dark,
              partNames,
            })}
            onPick={(data) => {
              const corner = data as Partial<PickedCorner> | undefined;
              if (corner?.candidate && corner.build)
                setPicked({ candidate: corner.candidate, build: corner.build });
            }}
          />
        )}
        <Text fontSize="xs" color="fg.muted">
          A plate is the machine as it stands, whether it keeps the musts or not; its line begins
          with the cheapest build that keeps every must, and every dot is the best of the planner’s
          sum for its money that the full assessment takes; between two dots there may be one that
          is worth less than half a point more than the cheaper. A dotted edge is not planned yet:
          the best there lies below it. Pick a dot to see its parts.
          {beyond.length > 0
            ? ` Beyond the picture: ${beyond.map((b) => `${b.name}, ${formatNumber(b.stock[0])}`).join('; ')} ${reader.currency} as it stands.`
            : ''}
        </Text>
      </Panel>
      {picked && (
        <Box mt="4">
          <Panel
            title={`${name(picked.candidate)}, ${formatNumber(picked.build.cost)} ${reader.currency}`}
            aside={
              <Button size="xs" variant="ghost" onClick={() => setPicked(undefined)}>
                Close
              </Button>
            }
          >
            <Text>
              Fit {formatNumber(picked.build.points, 1)}.{' '}
              {picked.build.partIds.length === 0
                ? 'As it stands.'
                : `${partNames(picked.build.partIds)}.`}
            </Text>
            <Button
              size="sm"
              mt="2"
              bg="accent"
              color="accent.ink"
              onClick={() => {
                model.select(picked.candidate);
                model.takeFor(picked.candidate, picked.build.partIds);
              }}
            >
              Take this build for {name(picked.candidate)}
            </Button>
          </Panel>
        </Box>
      )}
      <Grid
        templateColumns={{ base: 'minmax(0, 1fr)', lg: 'repeat(2, minmax(0, 1fr))' }}
        gap="4"
        mt="4"
        alignItems="start"
      >
        <Panel title="Who is ahead for which money">
          {lead.length === 0 && (
            <Text color="fg.muted">
              {state.running
                ? 'Not planned yet.'
                : 'No candidate has a build that keeps every must.'}
            </Text>
          )}
          {lead.map((l) => (
            <Text
              key={`${l.from}${l.id}`}
              py="1"
              borderTopWidth="1px"
              borderColor="border.muted"
              _first={{ borderTopWidth: 0 }}
            >
              {leadWords(l, name, reader)}
            </Text>
          ))}
        </Panel>
        <Panel title={`Best for ${formatNumber(spend)} ${reader.currency}`}>
          <BestList
            best={state.best}
            standing={standing}
            currency={reader.currency}
            onSee={setPicked}
          />
        </Panel>
      </Grid>
    </>
  );
}
