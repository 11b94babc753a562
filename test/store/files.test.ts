import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import type { Brief } from '@/core/brief';
import { FIGURE_KEYS, figureDefinition, limitsIn, ORIGINS } from '@/core/readings';
import { unitsOf } from '@/core/units';
import { demoDossier } from '@/demo/scenario';
import { FILE_SIZE_LIMIT, formatDossierFile, parseDossierFile } from '@/store/files';
import { jsonSchemaText, SCHEMA_FILE } from '@/store/files/json-schema';
import { EMPTY_DOSSIER, newBrief, newDonor, type Dossier } from '@/store/records';
import { fileFaultWords } from '@/ui/messages';

const AT = '2026-01-02T03:04:05.000Z';
const text = (dossier: Dossier) => formatDossierFile(dossier, AT);
const file = () =>
  JSON.parse(text(demoDossier())) as Record<string, unknown> & {
    donors: { figures: Record<string, { readings: { amount: number; unit: string }[] }> }[];
    candidates: { donorId: string }[];
    builds: { partIds: string[] }[];
  };
const faultOf = (value: unknown) => {
  const parsed = parseDossierFile(typeof value === 'string' ? value : JSON.stringify(value));
  return parsed.kind === 'fault'
    ? { ...parsed.fault, words: fileFaultWords(parsed.fault) }
    : undefined;
};

describe('a round trip loses nothing', () => {
  test('the example, the empty dossier, a brief alone', () => {
    for (const dossier of [
      demoDossier(),
      EMPTY_DOSSIER,
      { ...EMPTY_DOSSIER, briefs: { brief: newBrief('CHF') } },
    ])
      expect(parseDossierFile(text(dossier))).toEqual({ kind: 'dossier', dossier });
  });
  test('any donor with any readings inside the limits', () => {
    const reading = fc.constantFrom(...FIGURE_KEYS).chain((key) => {
      const { bases, dimension } = figureDefinition(key);
      return fc
        .record({
          basis: fc.constantFrom(...bases),
          unit: fc.constantFrom(...unitsOf(dimension)),
          origin: fc.constantFrom(...ORIGINS),
          note: fc.string({ maxLength: 40 }),
          at: fc.double({ min: 0.01, max: 0.99, noNaN: true }),
        })
        .map(({ at, ...r }) => {
          const { min, max } = limitsIn(key, r.unit);
          const amount = min + at * (max - min);
          return {
            key,
            reading: {
              ...r,
              id: 'r',
              amount: ['count', 'year'].includes(dimension) ? Math.ceil(amount) : amount,
            },
          };
        });
    });
    fc.assert(
      fc.property(
        fc.array(reading, { maxLength: 6 }),
        fc.string({ maxLength: 60 }),
        (list, name) => {
          const donor = {
            ...newDonor('d'),
            model: name,
            figures: Object.fromEntries(
              list.map(({ key, reading: r }) => [key, { readings: [r] }]),
            ),
          };
          const dossier: Dossier = { ...EMPTY_DOSSIER, donors: { d: donor } };
          expect(parseDossierFile(text(dossier))).toEqual({ kind: 'dossier', dossier });
        },
      ),
      { seed: 31 },
    );
  });
});

describe('refusals say what and where', () => {
  test('broken text', () => {
    expect(faultOf('{ "format": "jugator-dossier",\n  "version": ')).toMatchObject({
      code: 'file-not-json',
      line: 2,
    });
    expect(faultOf('')).toMatchObject({ code: 'file-not-json' });
  });
  test('some other program’s file', () => {
    for (const other of [{ hello: 1 }, [1, 2], null, 7, { format: 'else' }])
      expect(faultOf(other)).toMatchObject({ code: 'file-foreign' });
  });
  test('a newer version', () =>
    expect(faultOf({ ...file(), version: 99 })).toMatchObject({ code: 'file-newer', version: 99 }));
  test('too large', () =>
    expect(faultOf(' '.repeat(FILE_SIZE_LIMIT + 1))).toMatchObject({ code: 'file-too-large' }));
  test('a figure out of its limits, in the wrong unit, of the wrong kind', () => {
    const wrong = (change: (f: ReturnType<typeof file>) => void) => {
      const f = file();
      change(f);
      return faultOf(f);
    };
    const mass = (f: ReturnType<typeof file>) =>
      f.donors[0]?.figures.mass?.readings[0] ?? { amount: 0, unit: '' };
    expect(
      wrong((f) => {
        mass(f).amount = -112;
      }),
    ).toMatchObject({
      code: 'file-invalid',
      path: ['donors', 0, 'figures', 'mass', 'readings', 0, 'amount'],
    });
    expect(
      wrong((f) => {
        mass(f).unit = 'mm';
      })?.words,
    ).toMatch(/^At donors › 0 › figures › mass .* it is not right: mm does not fit mass\.$/);
    expect(
      wrong((f) => {
        (f.donors[0] as unknown as { kind: string }).kind = 'boat';
      })?.words,
    ).toBe('At donors › 0 › kind: it must be model, variant or machine.');
    expect(
      wrong((f) => {
        mass(f).amount = 'heavy' as never;
      }),
    ).toMatchObject({ code: 'file-invalid' });
    expect(
      wrong((f) => {
        f.extra = 1;
      }),
    ).toMatchObject({ code: 'file-invalid' });
    expect(
      wrong((f) => {
        (f.brief as { ground: { town: number } }).ground.town = 50;
      }),
    ).toMatchObject({ code: 'file-invalid', path: ['brief', 'ground'] });
  });
  test.each([
    [
      'a word that is no choice',
      (b: Brief) => ({ ...b, rider: { ...b.rider, skill: 'brave' } }),
      /^At brief › rider › skill: it must be new, improving, seasoned or expert\.$/,
    ],
    [
      'above its limit',
      (b: Brief) => ({ ...b, rider: { ...b.rider, sole_mm: 1e6 } }),
      /^At brief › rider › sole_mm: it must be [0-9]+ or less\.$/,
    ],
    [
      'a word for a figure',
      (b: Brief) => ({ ...b, rider: { ...b.rider, sole_mm: 'thick' } }),
      /it is missing or not of the right kind\.$/,
    ],
    [
      'a day that no calendar has',
      (b: Brief) => ({ ...b, trip: { ...b.trip, days: { first: '2026-02-30' } } }),
      /days › first: it must be a day that the calendar has/,
    ],
    [
      'too many letters',
      (b: Brief) => ({ ...b, trip: { ...b.trip, name: 'x'.repeat(121) } }),
      /name: it holds more than 120\.$/,
    ],
    [
      'a field too many',
      (b: Brief) => ({ ...b, rider: { ...b.rider, hat: 1 } }),
      /it has a field that nobody knows \(hat\)\.$/,
    ],
    [
      'shares that do not add up',
      (b: Brief) => ({ ...b, ground: { ...b.ground, town: 77 } }),
      /ground: it is not right: ground shares must add to 100\.$/,
    ],
  ])('says what is wrong in a rider’s words: %s', (_, change, words) => {
    const f = file() as unknown as { brief: Brief };
    expect(faultOf({ ...f, brief: change(f.brief) as Brief })?.words).toMatch(words);
  });
  test('references to nothing, and things that stand twice', () => {
    const a = file();
    if (a.candidates[0]) a.candidates[0].donorId = 'nobody';
    expect(faultOf(a)).toMatchObject({ code: 'file-dangling', points: 'nobody' });
    const b = file();
    b.builds[0]?.partIds.push('nothing');
    expect(faultOf(b)).toMatchObject({ code: 'file-dangling', points: 'nothing' });
    const c = file();
    c.donors.push(c.donors[0] as never);
    expect(faultOf(c)).toMatchObject({ code: 'file-twice', table: 'donors' });
  });
  test('cut anywhere, the file is refused and nothing throws', () => {
    const whole = text(demoDossier());
    fc.assert(
      fc.property(fc.integer({ min: 0, max: whole.length - 3 }), (at) => {
        expect(parseDossierFile(whole.slice(0, at)).kind).toBe('fault');
      }),
      { seed: 6, numRuns: 40 },
    );
  });
});

test('the shipped JSON Schema is the one the code makes', () => {
  expect(readFileSync(SCHEMA_FILE, 'utf8')).toBe(jsonSchemaText());
});

describe('variants and machines that point astray', () => {
  const donor = (id: string) =>
    file().donors.find((d) => (d as unknown as { id: string }).id === id) as unknown as Record<
      string,
      unknown
    >;
  const withDonor = (change: Record<string, unknown>, id: string) => ({
    ...file(),
    donors: file().donors.map((d) =>
      (d as unknown as { id: string }).id === id ? { ...d, ...change } : d,
    ),
  });
  test('a base that is not there', () =>
    expect(faultOf(withDonor({ baseId: 'nobody' }, 'sorrel-300-low'))).toMatchObject({
      code: 'file-dangling',
      points: 'nobody',
    }));
  test('a variant of a variant, a ring, something on a machine', () => {
    expect(
      faultOf(withDonor({ baseId: 'dunelark-720-restricted' }, 'sorrel-300-low')),
    ).toMatchObject({ code: 'file-ring', id: 'sorrel-300-low' });
    expect(
      faultOf(withDonor({ kind: 'variant', variant: {}, baseId: 'sorrel-300-low' }, 'sorrel-300')),
    ).toMatchObject({
      code: 'file-ring',
    });
    expect(faultOf(withDonor({ baseId: 'drover-430-brenfold' }, 'sorrel-300-low'))).toMatchObject({
      code: 'file-ring',
    });
  });
  test('a part aboard that is not in the catalogue', () => {
    const { machine } = donor('drover-430-brenfold') as { machine: object };
    expect(
      faultOf(
        withDonor(
          { machine: { ...machine, fitted: [{ partId: 'unobtainium', wear: 0 }] } },
          'drover-430-brenfold',
        ),
      ),
    ).toMatchObject({ code: 'file-dangling', points: 'unobtainium' });
  });
});
