import { spendable } from '@/core/brief';
import { shortName } from '@/core/donor';
import { leading, type Ranked } from '@/core/preference';
import { ESSENTIAL_KEYS } from '@/core/sheet';
import type { Keeping, Storage } from '@/store/dossier-state';
import { resolvedDonors, type Standing } from '@/store/queries';
import { BRIEF_KEY, isEmptyDossier, type Dossier } from '@/store/records';
import { formatNumber, formatWithUnit, OUTCOME_WORDS, type Reader } from '@/ui/messages';

/** What the live lines of the strip are made from. */
export interface StripFacts {
  readonly dossier: Dossier;
  readonly standing: Standing | undefined;
  /** With the best parts for the money, once that is planned for all of the shortlist. */
  readonly best?: Standing | undefined;
  readonly storage: Storage;
  readonly keeping: Keeping;
  readonly reader: Reader;
}

const counted = (n: number, one: string, many = `${one}s`): string =>
  `${n} ${n === 1 ? one : many}`;

export function briefLine({ dossier, reader }: StripFacts): string {
  const brief = dossier.briefs[BRIEF_KEY];
  return brief
    ? `${formatWithUnit(brief.trip.length_km, 'distance', reader)}, ${formatNumber(spendable(brief.money))} ${brief.money.currency} to spend`
    : 'not begun';
}

export function donorsLine({ dossier }: StripFacts): string {
  const donors = [...resolvedDonors(dossier).values()].filter((d) => !d.archived);
  if (donors.length === 0) return 'none yet';
  const missing = donors.reduce(
    (n, d) => n + ESSENTIAL_KEYS.filter((k) => !d.figures[k]).length,
    0,
  );
  return `${counted(donors.length, 'donor')}, ${missing === 0 ? 'every essential figure known' : `${counted(missing, 'essential figure')} missing`}`;
}

/** Who leads a state of the shortlist, in the words of a live line. */
function aheadWords(standing: Standing, ranking: readonly Ranked[]): string {
  const { kind, first } = leading(ranking);
  const names = first.flatMap((r) => {
    const entry = standing.candidates.find((c) => c.candidate.id === r.id);
    return entry ? [shortName(entry.donor)] : [];
  });
  if (kind === 'broken' || kind === 'none') return 'every donor breaks a must';
  const some = `${names.slice(0, 2).join(', ')}${names.length > 2 ? ' …' : ''}`;
  if (kind === 'doubtful') return `none surely; nearest: ${some}`;
  return names.length === 1 ? `ahead: ${some}` : `level: ${some}`;
}

export function weighUpLine({ standing }: StripFacts): string {
  if (!standing || standing.candidates.length === 0) return 'needs a brief and donors';
  return aheadWords(standing, standing.stockRanking);
}

export function buildLine({ standing, best }: StripFacts): string {
  if (best) return `with the best parts, ${aheadWords(best, best.builtRanking)}`;
  const built = standing?.candidates.filter((c) => c.parts.length > 0) ?? [];
  if (!standing || built.length === 0) return 'no parts chosen';
  return `with my parts, ${aheadWords(standing, standing.builtRanking)}`;
}

export function verdictLine({ dossier }: StripFacts): string {
  const [last] = Object.values(dossier.verdicts).toSorted((a, b) => (a.at < b.at ? 1 : -1));
  return last ? `${OUTCOME_WORDS[last.outcome].name}: ${last.sheet.machine.name}` : 'not settled';
}

/** How many machines have been tried. */
export function trialsLine({ dossier }: StripFacts): string {
  const trials = Object.values(dossier.trials);
  const machines = new Set(trials.flatMap((t) => t.donorId ?? []));
  return trials.length === 0
    ? 'nothing tried yet'
    : `${counted(trials.length, 'trial')}${machines.size === 0 ? '' : ` on ${counted(machines.size, 'machine')}`}`;
}

/** The newest set-up sheet. */
export function setUpLine({ dossier }: StripFacts): string {
  const [last] = Object.values(dossier.setups).toSorted((a, b) => (a.on < b.on ? 1 : -1));
  return last ? `${last.name}, ${last.on}` : 'no sheet yet';
}

/** How many candidates have a pair kept for trail or road. */
export function gearingLine({ dossier, standing }: StripFacts): string {
  if (!standing || standing.candidates.length === 0) return 'needs a shortlist';
  const kept = Object.values(dossier.gearings).filter((g) => g.trail ?? g.road).length;
  return kept === 0 ? 'no pair kept' : `pairs kept for ${counted(kept, 'machine')}`;
}

export function dossierLine({ dossier, storage, keeping }: StripFacts): string {
  if (storage.kind === 'unsaved') return 'not stored: export now';
  if (storage.kind === 'saving') return 'storing …';
  if (isEmptyDossier(dossier)) return 'empty';
  return keeping === 'not-promised' || keeping === 'cannot-say'
    ? 'all stored here, not promised to last: export at times'
    : 'all stored here';
}
