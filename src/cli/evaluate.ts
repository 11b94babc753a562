import { readFile, stat } from 'node:fs/promises';
import { surenessOf, type Assessment } from '@/core/assessment';
import { shortName } from '@/core/donor';
import { simulateRanks } from '@/core/doubt';
import { shareOf } from '@/core/numeric';
import { leading, type Ranked } from '@/core/preference';
import { FILE_SIZE_LIMIT, parseDossierFile } from '@/store/files';
import {
  doubtModel,
  DRAWING,
  mustClosers,
  standing,
  type Standing,
  type StandingCandidate,
} from '@/store/queries';
import type { Dossier } from '@/store/records';
import { fileFaultWords } from '@/ui/messages/faults';
import { planReport } from './plan-report';

interface Sink {
  write(text: string): unknown;
}

const USAGE = 'Usage: npm run -s evaluate -- dossier.json [--doubt] [--plan]';

/**
 * Prints what the app would show for a dossier file, as JSON.
 *
 * @returns 0, or 2 with a sentence on `err` when the file cannot be used.
 */
export async function main(args: readonly string[], out: Sink, err: Sink): Promise<number> {
  const refuse = (sentence: string): number => {
    err.write(`${sentence}\n`);
    return 2;
  };
  const [doubt, plan] = [args.includes('--doubt'), args.includes('--plan')];
  const [file, ...more] = args.filter((a) => a !== '--doubt' && a !== '--plan');
  if (file === undefined || more.length > 0) return refuse(USAGE);
  let text: string;
  try {
    const { size } = await stat(file);
    if (size > FILE_SIZE_LIMIT)
      return refuse(
        `${file}: ${fileFaultWords({ code: 'file-too-large', bytes: size, limit: FILE_SIZE_LIMIT })}`,
      );
    text = await readFile(file, 'utf8');
  } catch {
    return refuse(`${file}: there is no such file, or it cannot be read.`);
  }
  const parsed = parseDossierFile(text);
  if (parsed.kind === 'fault') return refuse(`${file}: ${fileFaultWords(parsed.fault)}`);
  const result = standing(parsed.dossier);
  if (!result)
    return refuse(`${file}: the dossier has no brief, so there is nothing to weigh against.`);
  const printed = {
    ...report(parsed.dossier, result),
    ...(doubt ? { doubt: doubtReport(result) } : {}),
    ...(plan ? { plan: await planReport(parsed.dossier, result) } : {}),
  };
  out.write(`${JSON.stringify(printed, undefined, 2)}\n`);
  return 0;
}

function report(dossier: Dossier, result: Standing) {
  const names = new Map(
    result.candidates.map((c) => [c.candidate.id, `${c.donor.maker} ${shortName(c.donor)}`.trim()]),
  );
  const ranking = (ranked: readonly Ranked[]) =>
    ranked.map((r) => ({
      candidate: r.id,
      name: names.get(r.id),
      group: r.group,
      place: r.place ?? null,
      chance: r.chance ?? null,
      points: r.score.points,
      failed: r.failed.map((m) => m.key),
      open: r.open.map((m) => m.key),
      contributions: r.score.contributions.map(({ want, weight, curve, value, points, known }) => ({
        want,
        weight,
        curve,
        known,
        value,
        points,
      })),
    }));
  /** Who leads, and whether anybody keeps every must: what every screen says. */
  const answer = (ranked: readonly Ranked[]) => {
    const { kind, first } = leading(ranked);
    return {
      kind,
      first: first.map((r) => ({
        candidate: r.id,
        name: names.get(r.id),
        points: r.score.points.mid,
        chance: r.chance ?? null,
      })),
    };
  };
  return {
    units: {
      mass: 'kg',
      length: 'mm',
      distance: 'km',
      volume: 'L',
      consumption: 'L/100km',
      power: 'kW',
      powerToMass: 'kW/t',
      money: result.brief.money.currency,
    },
    weights: result.weights,
    donors: Object.keys(dossier.donors).length,
    candidates: result.candidates.map((c) =>
      candidateReport(c, names.get(c.candidate.id) ?? '', mustClosers(dossier, result, c)),
    ),
    sureness: surenessOf(result.brief),
    answer: { stock: answer(result.stockRanking), built: answer(result.builtRanking) },
    ranking: { stock: ranking(result.stockRanking), built: ranking(result.builtRanking) },
    purposes: (result.brief.purposes ?? []).flatMap(({ id, name }) => {
      const of = standing(dossier, id);
      return of
        ? [
            {
              purpose: id,
              name,
              weights: of.weights,
              ranking: { stock: ranking(of.stockRanking), built: ranking(of.builtRanking) },
            },
          ]
        : [];
    }),
  };
}

/** Rank acceptabilities of the shortlist, as it stands and as built, for each way of drawing the weights. */
function doubtReport(result: Standing) {
  const of = (view: 'stock' | 'built') =>
    Object.fromEntries(
      (['fixed', 'order', 'free'] as const).map((weights) => [
        weights,
        [...simulateRanks(doubtModel(result, view, weights), DRAWING)].at(-1) ?? null,
      ]),
    );
  return { seed: DRAWING.seed, stock: of('stock'), built: of('built') };
}

/** A licence's result without its rows. */
const licenceReport = ({ holds, ...licence }: Assessment['licence']) => ({
  ...licence,
  chance: holds.kind === 'known' ? shareOf(holds) : null,
});

function candidateReport(
  c: StandingCandidate,
  name: string,
  closers: ReturnType<typeof mustClosers>,
) {
  return {
    candidate: c.candidate.id,
    name,
    kind: c.donor.kind,
    class: c.donor.donorClass,
    aboard: c.aboard.map((p) => p.id),
    stock: assessmentReport(c.stock),
    passesWithParts: [...closers].map(([must, { part, cost, verdict }]) => ({
      must,
      part: part.id,
      cost,
      verdict,
    })),
    notes: c.candidate.notes ?? null,
    build:
      c.parts.length === 0
        ? null
        : { parts: c.parts.map((p) => p.id), ...assessmentReport(c.built) },
  };
}

/** Figures and metrics as {low, mid, high}, or what is missing. */
function assessmentReport(a: Assessment) {
  return {
    figures: Object.fromEntries(
      Object.entries(a.figures).map(([key, f]) => [
        key,
        {
          ...(f.estimate.kind === 'known' ? f.estimate.interval : { unknown: f.estimate.missing }),
          basis: f.basis,
          origin: f.typical ? 'typical' : (f.reading?.origin ?? null),
        },
      ]),
    ),
    metrics: Object.fromEntries(
      Object.entries({ ...a.metrics, ...a.underLoad() }).map(([key, m]) => [
        key,
        m.estimate.kind === 'known'
          ? { ...m.estimate.interval, ...(m.typical ? { typical: m.typical } : {}) }
          : { unknown: m.estimate.missing },
      ]),
    ),
    stance: a.stance,
    licence: licenceReport(a.licence),
    cost: a.cost,
    cautions: a.cautions,
    musts: a.musts.map(({ key, verdict, chance, need, missing, typical, taken }) => ({
      key,
      chance: chance ?? null,
      verdict,
      need: need ?? null,
      missing,
      ...(typical ? { typical } : {}),
      ...(taken ? { taken } : {}),
    })),
  };
}
