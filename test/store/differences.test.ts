import fc from 'fast-check';
import { type Trial } from '@/core/evidence';
import { describe, expect, test } from 'vitest';
import type { Reading } from '@/core/readings';
import {
  findDifferences,
  formatDossierFile,
  parseDossierFile,
  shortlistOnly,
  takenOver,
  type Choice,
  type Difference,
} from '@/store/files';
import { applyChanges, inverted } from '@/store/history';
import { partsOf } from '@/store/queries';
import {
  BRIEF_KEY,
  EMPTY_DOSSIER,
  PLATE_COUNT,
  RECORDS,
  type TableName,
  type Dossier,
  type VerdictRecord,
} from '@/store/records';
import { dossier as mine } from './demo-standing';

const brief = (of: Dossier) => {
  const b = of.briefs[BRIEF_KEY];
  if (!b) throw new Error('no brief');
  return b;
};
const donor = (of: Dossier, id: string) => {
  const d = of.donors[id];
  if (!d) throw new Error(id);
  return d;
};
const take = (
  differences: readonly Difference[],
  choices: Readonly<Record<string, Choice>>,
  into: Dossier = mine,
) => {
  const { changes, came } = takenOver(differences, new Map(Object.entries(choices)));
  const result = applyChanges(into, changes);
  if (result.kind === 'conflict') throw new Error('conflict');
  return { after: result.value, came };
};
const weighed: Reading = {
  id: 'ours',
  amount: 151.5,
  unit: 'kg',
  basis: 'ready',
  origin: 'measured',
  note: 'on a scale',
};
const withReading = (of: Dossier, reading: Reading): Dossier => {
  const sorrel = donor(of, 'sorrel-300');
  const { mass } = sorrel.figures;
  return {
    ...of,
    donors: {
      ...of.donors,
      'sorrel-300': {
        ...sorrel,
        figures: { ...sorrel.figures, mass: { readings: [...(mass?.readings ?? []), reading] } },
      },
    },
  };
};

describe('what differs', () => {
  test('a dossier does not differ from itself, nor from one that holds less', () => {
    expect(findDifferences(mine, mine)).toEqual([]);
    expect(findDifferences(mine, EMPTY_DOSSIER)).toEqual([]);
    expect(findDifferences(mine, { ...mine, candidates: {}, builds: {} })).toEqual([]);
  });
  test('a field that only one of the two has is compared like any other, in every table', () => {
    let compared = 0;
    for (const [table, records] of Object.entries(mine))
      for (const [key, record] of Object.entries(records as Record<string, object>))
        for (const field of Object.keys(record)) {
          const { [field as never]: _, ...rest } = record;
          if (!RECORDS[table as TableName].schema.safeParse(rest).success) continue;
          const less = { ...mine, [table]: { ...records, [key]: rest } } as Dossier;
          // Nothing is ever taken away.
          for (const d of findDifferences(mine, less)) expect(d.theirs).toBeDefined();
          if (table === 'donors' && field === 'weakPoints') {
            expect(findDifferences(mine, less)).toEqual([]);
            expect(findDifferences(less, mine).map((d) => d.id)).toEqual([
              `donors/${key}/weakPoints`,
            ]);
            compared += 1;
          }
        }
    expect(compared).toBeGreaterThan(0);
  });
  test('the brief field by field, the ground whole since its shares add to 100', () => {
    const theirs: Dossier = {
      ...mine,
      briefs: {
        [BRIEF_KEY]: {
          ...brief(mine),
          ground: { ...brief(mine).ground, motorway: 10, gravel: 28 },
          trip: { ...brief(mine).trip, fuelGap_km: 240 },
        },
      },
    };
    expect(
      findDifferences(mine, theirs)
        .map((d) => d.id)
        .toSorted(),
    ).toEqual(['briefs/brief/ground', 'briefs/brief/trip/fuelGap_km']);
  });
  test('money is compared whole where the currency is another', () => {
    const theirs: Dossier = {
      ...mine,
      briefs: {
        [BRIEF_KEY]: {
          ...brief(mine),
          money: { ...brief(mine).money, currency: 'USD', budget: 9000 },
        },
      },
    };
    expect(findDifferences(mine, theirs).map((d) => d.id)).toEqual(['briefs/brief/money']);
  });
  test('readings of the two can stand together; the same reading comes once, one under a taken id under a new one', () => {
    const [d] = findDifferences(mine, withReading(mine, weighed));
    expect(d?.id).toBe('donors/sorrel-300/figures/mass');
    const own = donor(mine, 'sorrel-300').figures.mass?.readings ?? [];
    expect((d?.both as { readings: Reading[] } | undefined)?.readings).toEqual([...own, weighed]);
    const clash = findDifferences(
      withReading(mine, { ...weighed, amount: 149 }),
      withReading(mine, weighed),
    )[0];
    expect((clash?.both as { readings: Reading[] } | undefined)?.readings.map((r) => r.id)).toEqual(
      [...own.map((r) => r.id), 'ours', 'ours-theirs'],
    );
  });
});

describe('taking over', () => {
  const stranger = {
    ...donor(mine, 'sorrel-300'),
    id: 'kestrow-390',
    maker: 'Ottvale',
    model: 'Kestrow 390',
  };
  const theirs: Dossier = {
    ...mine,
    donors: { ...mine.donors, 'kestrow-390': stranger },
    candidates: { ...mine.candidates, 'c-k': { id: 'c-k', donorId: 'kestrow-390', plate: 0 } },
    builds: { ...mine.builds, 'c-k': { id: 'c-k', partIds: ['handguards'] } },
  };
  const differences = findDifferences(mine, theirs);
  test('nothing chosen, nothing changed', () =>
    expect(takenOver(differences, new Map()).changes).toEqual([]));
  test('what a build cannot do without comes along, and the whole is a good dossier', () => {
    const { after, came } = take(differences, { 'builds/c-k': 'theirs' });
    expect(came.map((d) => d.id).toSorted()).toEqual(['candidates/c-k', 'donors/kestrow-390']);
    expect(parseDossierFile(formatDossierFile(after, '2026-03-01T00:00:00.000Z')).kind).toBe(
      'dossier',
    );
  });
  test('a new candidate gets a plate that nobody carries, whatever plate it had', () => {
    const { after } = take(differences, { 'candidates/c-k': 'theirs' });
    const plates = Object.values(after.candidates).map((c) => c.plate);
    expect(new Set(plates).size).toBe(plates.length);
  });
  test('on a full shortlist no candidate is offered', () => {
    const full: Dossier = {
      ...mine,
      candidates: {
        ...mine.candidates,
        ...Object.fromEntries(
          Array.from({ length: PLATE_COUNT - Object.keys(mine.candidates).length }, (_, i) => [
            `x${i}`,
            { id: `x${i}`, donorId: `y${i}`, plate: Object.keys(mine.candidates).length + i },
          ]),
        ),
      },
    };
    expect(findDifferences(full, theirs).some((d) => d.table === 'candidates')).toBe(false);
  });
  test('the same donor under another candidate id is one candidate: their build is laid beside mine', () => {
    const renamed: Dossier = {
      ...mine,
      candidates: Object.fromEntries(
        Object.values(mine.candidates).map((c) => [
          `o-${c.id}`,
          { ...c, id: `o-${c.id}`, plate: (c.plate + 3) % PLATE_COUNT },
        ]),
      ),
      builds: Object.fromEntries(
        Object.values(mine.builds).map((b) => [
          `o-${b.id}`,
          { ...b, id: `o-${b.id}`, partIds: b.partIds.slice(1) },
        ]),
      ),
    };
    const found = findDifferences(mine, renamed);
    expect(found.map((d) => d.table)).not.toContain('candidates');
    expect(
      found
        .filter((d) => d.path[0] === 'partIds')
        .map((d) => d.key)
        .toSorted(),
    ).toEqual(Object.keys(mine.builds).toSorted());
  });
  test('both keeps mine and adds theirs; taken back it is as it was', () => {
    const list = findDifferences(mine, withReading(mine, weighed));
    const { after } = take(list, { 'donors/sorrel-300/figures/mass': 'both' });
    expect(donor(after, 'sorrel-300').figures.mass?.readings).toContainEqual(weighed);
    expect(findDifferences(mine, after)).toHaveLength(1);
  });
});

describe('taking everything that differs', () => {
  /** Their dossier: mine with some records changed, chosen by the numbers. */
  const changed = (picks: readonly number[]): Dossier => {
    const at = <T>(list: readonly T[], n: number): T => list[n % list.length] as T;
    return picks.reduce<Dossier>((of, n) => {
      const part = at(Object.values(partsOf(of)), n);
      const some = at(Object.values(of.donors), n);
      const candidate = at(Object.values(of.candidates), n);
      switch (n % 5) {
        case 0:
          return { ...of, parts: { ...of.parts, [part.id]: { ...part, note: `seen ${n}` } } };
        case 1:
          return {
            ...of,
            donors: { ...of.donors, [some.id]: { ...some, note: `heard ${n}`, tags: ['club'] } },
          };
        case 2:
          return {
            ...of,
            candidates: {
              ...of.candidates,
              [candidate.id]: {
                ...candidate,
                notes: { likes: [`light ${n}`], dislikes: [], compromises: [] },
              },
            },
          };
        case 3:
          return {
            ...of,
            parts: {
              ...of.parts,
              [`new-${n}`]: { ...part, id: `new-${n}`, needs: [], shutsOut: [] },
            },
          };
        default:
          return {
            ...of,
            briefs: {
              [BRIEF_KEY]: { ...brief(of), trip: { ...brief(of).trip, length_km: 500 + n } },
            },
          };
      }
    }, mine);
  };
  test('leaves no difference, in a good file, and one undo brings all of mine back', () => {
    fc.assert(
      fc.property(fc.array(fc.nat(1000), { minLength: 1, maxLength: 8 }), (picks) => {
        const theirs = changed(picks);
        const differences = findDifferences(mine, theirs);
        const { changes } = takenOver(
          differences,
          new Map(differences.map((d) => [d.id, 'theirs' as const])),
        );
        const result = applyChanges(mine, changes);
        if (result.kind === 'conflict') throw new Error('conflict');
        expect(findDifferences(result.value, theirs)).toEqual([]);
        expect(
          parseDossierFile(formatDossierFile(result.value, '2026-03-01T00:00:00.000Z')).kind,
        ).toBe('dossier');
        const back = applyChanges(result.value, inverted(changes));
        expect(back.kind === 'applied' && back.value).toEqual(mine);
      }),
      { seed: 17, numRuns: 25 },
    );
  });
});

describe('verdicts in the other file', () => {
  const verdict = (reasons: string) =>
    ({
      id: 'v-1',
      at: '2026-03-01T10:00:00.000Z',
      outcome: 'keep',
      reasons,
      overturn: '',
      sheet: { machine: { name: 'x' } },
    }) as unknown as VerdictRecord;
  test('one of theirs under an id of mine comes beside mine, never in its place', () => {
    const [d, ...others] = findDifferences(
      { ...mine, verdicts: { 'v-1': verdict('mine') } },
      { ...mine, verdicts: { 'v-1': verdict('theirs') } },
    );
    expect(others).toEqual([]);
    expect(d).toMatchObject({ table: 'verdicts', key: 'v-1-theirs', path: [], mine: undefined });
  });
  test('the same one is no difference', () =>
    expect(
      findDifferences(
        { ...mine, verdicts: { 'v-1': verdict('x') } },
        { ...mine, verdicts: { 'v-1': verdict('x') } },
      ),
    ).toEqual([]));
});

const look = (donorId: string): Trial => ({
  id: 'look',
  kind: 'inspection',
  on: '2026-03-01',
  donorId,
  machine: '',
  observed: { ticks: { tyres: 'good' } },
  note: 'cold',
});

describe('the shortlist alone', () => {
  test('holds what the shortlist stands on and weighs the same; other donors, verdicts and visits stay at home', () => {
    const shared = shortlistOnly({
      ...mine,
      trials: {
        ...mine.trials,
        look: look('sorrel-300'),
        away: { ...look('dunelark-720-restricted'), id: 'away' },
      },
    });
    expect(Object.keys(shared.donors).length).toBeLessThan(Object.keys(mine.donors).length);
    // What was read and found goes along, what was ticked and noted stays at home.
    expect(shared.trials.look).toMatchObject({ observed: {}, note: '' });
    expect(Object.keys(shared.trials)).toEqual(expect.arrayContaining(['sit-1', 'look']));
    const parsed = parseDossierFile(formatDossierFile(shared, '2026-03-01T00:00:00.000Z'));
    expect(parsed.kind).toBe('dossier');
    const differing = findDifferences(mine, shared).map((d) => d.id);
    expect(differing).toEqual(['trials/look']);
    expect(JSON.stringify(shared.trials)).not.toMatch(/"felt"|"heart"|plank/);
    expect(shared.setups).toEqual({});
  });
});

describe('how a figure was come by comes along with it', () => {
  const budget = (of: Dossier) => brief(of).origins?.['money.budget'];
  const withBudget = (sum: number, typed: boolean): Dossier => {
    const own = brief(mine);
    const { 'money.budget': _known, ...others } = own.origins ?? {};
    const origins = typed ? others : { ...others, 'money.budget': { kind: 'assumed' as const } };
    return {
      ...mine,
      briefs: {
        [BRIEF_KEY]: { ...own, money: { ...own.money, budget: sum }, origins },
      },
    };
  };
  const id = `briefs/${BRIEF_KEY}/money/budget`;
  test('what they typed is no longer assumed, what they assumed is', () => {
    const [typed, assumed] = [withBudget(7777, true), withBudget(6666, false)];
    const taken = take(findDifferences(assumed, typed), { [id]: 'theirs' }, assumed).after;
    expect([brief(taken).money.budget, budget(taken)]).toEqual([7777, undefined]);
    const back = take(findDifferences(typed, assumed), { [id]: 'theirs' }, typed).after;
    expect([brief(back).money.budget, budget(back)]).toEqual([6666, { kind: 'assumed' }]);
  });
  test('it is no difference of its own, and what is left mine keeps its mark', () => {
    const [typed, assumed] = [withBudget(7777, true), withBudget(7777, false)];
    expect(findDifferences(assumed, typed)).toEqual([]);
    const kept = take(findDifferences(assumed, withBudget(1, true)), {}, assumed).after;
    expect(budget(kept)).toEqual({ kind: 'assumed' });
  });
  test('another currency brings all of their money, each sum with its mark', () => {
    const theirs = withBudget(7777, true);
    const abroad: Dossier = {
      ...theirs,
      briefs: {
        [BRIEF_KEY]: {
          ...brief(theirs),
          money: { ...brief(theirs).money, currency: 'SEK' },
          origins: { 'money.tripFund': { kind: 'assumed' } },
        },
      },
    };
    const into = withBudget(6666, false);
    const { after } = take(
      findDifferences(into, abroad),
      { [`briefs/${BRIEF_KEY}/money`]: 'theirs' },
      into,
    );
    expect(budget(after)).toBeUndefined();
    expect(brief(after).origins?.['money.tripFund']).toEqual({ kind: 'assumed' });
  });
});
