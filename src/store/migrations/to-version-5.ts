import equal from 'fast-deep-equal';
import { correctionsSince, formsOf, SHIPPED } from '@/core/catalogue';
import { isRaw, onceForEach, type Raw, type RawTables } from './step';
import { trialsOfVisits, withoutSeen } from './visits-to-trials';
import type { StoredRow } from '../records';

/** Version 4 → 5: kinds of donor, trials, shipped parts by id, sheets with a version of their own. */
export function intoTrialsAndMachines(tables: RawTables): RawTables {
  const { visits = [], ...kept } = tables;
  const rows = (table: string): readonly StoredRow[] => kept[table] ?? [];
  const briefs = rows('briefs').map((r) => ({ ...r, value: withoutSits(r.value) }));
  const donors = rows('donors').map((r) => ({ ...r, value: withKind(withoutSeen(r.value)) }));
  return {
    ...kept,
    briefs,
    donors,
    ...catalogueOf(rows('parts')),
    verdicts: rows('verdicts').map((r) => ({ ...r, value: withSheetVersion(r.value) })),
    trials: trialsOfVisits(rows('briefs'), rows('donors'), visits),
  };
}

/** Sits go to the trials. */
const withoutSits = onceForEach((brief) => {
  if (!isRaw(brief.rider) || !('sits' in brief.rider)) return brief;
  const { sits: _sits, ...rider } = brief.rider;
  return { ...brief, rider };
});

/** A listing is one machine for sale, a donor with a base a variant, everything else a model. */
const withKind = onceForEach((donor) => {
  const { listing, baseId, variant, ...sheet } = donor;
  const base = baseId === undefined ? {} : { baseId };
  if (isRaw(listing))
    return {
      kind: 'machine',
      ...sheet,
      ...base,
      ...(variant === undefined ? {} : { variant }),
      state: 'for-sale',
      machine: listing,
    };
  if (baseId !== undefined) return { kind: 'variant', ...sheet, ...base, variant: variant ?? {} };
  return { kind: 'model', ...sheet };
});

/** Every sheet until now was of one form; from here on it says which. */
const withSheetVersion = onceForEach((verdict) =>
  isRaw(verdict.sheet) && !('version' in verdict.sheet)
    ? { ...verdict, sheet: { version: 1, ...verdict.sheet } }
    : verdict,
);

/** The catalogue as it was when dossiers of that version were written. */
const CATALOGUE_THEN = 1;
/** Every part that was in the dossier as it was shipped; none where it was begun without. */
const USE: Raw = { id: 'catalogue', version: CATALOGUE_THEN };
/** Parts that came later: nobody took them out. */
const cameLater = new Set(
  correctionsSince(SHIPPED, CATALOGUE_THEN).flatMap((c) => (c.was ? [] : [c.id])),
);
const uses = new Map<string, Raw>();

function catalogueWithout(without: readonly string[]): Raw {
  const key = without.join(' ');
  const known = uses.get(key) ?? { ...USE, without };
  uses.set(key, known);
  return known;
}

const isAsShipped = onceForEach((part) =>
  formsOf(SHIPPED, String(part.id)).some((shipped) => equal(shipped, part)),
);

/** Parts as they were shipped are named by the catalogue; own and changed ones stay. */
function catalogueOf(parts: readonly StoredRow[]): RawTables {
  const known = new Set(parts.map((r) => r.key));
  const shipped = Object.keys(SHIPPED.parts);
  const someShipped = shipped.some((id) => known.has(id));
  const without = shipped.filter((id) => !known.has(id) && !cameLater.has(id));
  return {
    parts: parts.filter((r) => isAsShipped(r.value) !== true),
    catalogues: someShipped ? [{ key: 'catalogue', value: catalogueWithout(without) }] : [],
  };
}
