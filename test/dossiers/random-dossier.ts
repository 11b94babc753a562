import { readFileSync } from 'node:fs';
import { seededRandom } from '@/core/numeric';
import { demoDossier } from '@/demo/scenario';
import { forestDossier } from '@/demo/forest';
import { FILE_VERSION, formatDossierFile } from '@/store/files/dossier-file';

/** As much of JSON Schema as the published one of a dossier file uses. */
interface Shape {
  readonly type?: string;
  readonly const?: unknown;
  readonly enum?: readonly unknown[];
  readonly anyOf?: readonly Shape[];
  readonly oneOf?: readonly Shape[];
  readonly properties?: Readonly<Record<string, Shape>>;
  readonly required?: readonly string[];
  readonly additionalProperties?: Shape | boolean;
  readonly propertyNames?: Shape;
  readonly items?: Shape;
  readonly minItems?: number;
  readonly minimum?: number;
  readonly maximum?: number;
  readonly exclusiveMinimum?: number;
  readonly minLength?: number;
  readonly maxLength?: number;
  readonly format?: string;
}
type Random = () => number;

const SHAPE = JSON.parse(
  readFileSync(
    new URL(`../../public/schemas/dossier-v${FILE_VERSION}.schema.json`, import.meta.url),
    'utf8',
  ),
) as Shape;

const oneOf = <T>(random: Random, list: readonly T[]): T =>
  list[Math.floor(random() * list.length)] as T;
const WORDS = ['', 'a', '0', 'Zoë ☂', '<b>x</b>', '__proto__', '1e9', ' ', 'ﬁve\nlines', '−12,5'];

/** A value that a shape allows: at its very ends as often as within. */
function valueOf(shape: Shape, random: Random, depth = 0): unknown {
  if ('const' in shape) return shape.const;
  if (shape.enum) return oneOf(random, shape.enum);
  const either = shape.anyOf ?? shape.oneOf;
  if (either) return valueOf(oneOf(random, either), random, depth);
  switch (shape.type) {
    case 'boolean':
      return random() < 0.5;
    case 'null':
      return null;
    case 'number':
    case 'integer': {
      const above = shape.exclusiveMinimum;
      const low = shape.minimum ?? (above === undefined ? -1e6 : above + 1e-9);
      const high = shape.maximum ?? 1e9;
      const value = oneOf(random, [low, high, low + random() * (high - low), Math.max(low, 0)]);
      return shape.type === 'integer' ? Math.round(value) : value;
    }
    case 'string': {
      if (shape.format === 'date') return oneOf(random, ['2026-02-28', '1970-01-01', '2099-12-31']);
      if (shape.format === 'date-time') return '2026-05-01T10:00:00Z';
      const { minLength = 0, maxLength = 40 } = shape;
      return oneOf(random, WORDS).padEnd(minLength, 'x').slice(0, maxLength);
    }
    case 'array':
      return Array.from(
        { length: Math.max(shape.minItems ?? 0, depth > 4 ? 0 : Math.floor(random() * 3)) },
        () => valueOf(shape.items ?? {}, random, depth + 1),
      );
    case 'object':
      return Object.fromEntries(
        Object.entries(shape.properties ?? {}).flatMap(([key, of]) =>
          shape.required?.includes(key) || random() < 0.4
            ? [
                [
                  key,
                  key === 'id'
                    ? `drawn-${Math.floor(random() * 1e9)}`
                    : valueOf(of, random, depth + 1),
                ],
              ]
            : [],
        ),
      );
    default:
      return null;
  }
}

interface Place {
  readonly holder: Record<string, unknown>;
  readonly key: string;
  readonly shape: Shape;
  readonly isNeeded: boolean;
}

/** Whether a value may be of a shape, by its kind and its marks alone. */
function isLike(value: unknown, shape: Shape): boolean {
  if ('const' in shape) return value === shape.const;
  if (shape.enum) return shape.enum.includes(value);
  if (shape.type === 'object')
    return (
      typeof value === 'object' &&
      value !== null &&
      !Array.isArray(value) &&
      (shape.required ?? []).every((key) => Object.hasOwn(value, key)) &&
      Object.entries(shape.properties ?? {}).every(
        ([key, of]) => !('const' in of) || (value as Record<string, unknown>)[key] === of.const,
      )
    );
  if (shape.type === 'array') return Array.isArray(value);
  if (shape.type === 'integer' || shape.type === 'number') return typeof value === 'number';
  return shape.type === undefined || typeof value === shape.type;
}

/** Ids and what points at them stay, and what has rules beside its shape: shares add up, a reading's unit and basis go with its figure. */
const STAYS =
  /^(?:id|format|version|key|exportedAt|ground|figures|facts|readings|unit|basis|value|pinned)$|Ids?$/;
/** Whole tables are not drawn anew: what is drawn are fields of their records. */
const TABLES = SHAPE.properties ?? {};

/** Every field of a file with the shape it has to have: those that are there, and those that might be. */
function placesIn(value: unknown, whole: Shape): readonly Place[] {
  const shape = (whole.anyOf ?? whole.oneOf)?.find((s) => isLike(value, s)) ?? whole;
  if (Array.isArray(value))
    return value.flatMap((item) => (shape.items ? placesIn(item, shape.items) : []));
  if (typeof value !== 'object' || value === null) return [];
  const holder = value as Record<string, unknown>;
  const { properties = {}, required = [] } = shape;
  return Object.entries(properties).flatMap(([key, of]): readonly Place[] => [
    ...(STAYS.test(key) || 'const' in of || 'readings' in (of.properties ?? {})
      ? []
      : [{ holder, key, shape: of, isNeeded: required.includes(key) }]),
    ...(key === 'ground' ? [] : placesIn(holder[key], of)),
  ]);
}

/** So many candidates are enough, and each costs its time. */
const CANDIDATES = 3;

/** An example with some of its fields drawn anew from the published schema; the same seed gives the same file. */
export function randomDossierFile(seed: number): string {
  const random = seededRandom(seed);
  const example = random() < 0.6 ? demoDossier() : forestDossier();
  const some = Object.keys(example.candidates)
    .toSorted(() => random() - 0.5)
    .slice(0, CANDIDATES);
  const ofThem = <R>(table: Readonly<Record<string, R>>) =>
    Object.fromEntries(Object.entries(table).filter(([id]) => some.includes(id)));
  const file = JSON.parse(
    formatDossierFile(
      { ...example, candidates: ofThem(example.candidates), builds: ofThem(example.builds) },
      '2026-05-01T10:00:00Z',
    ),
  ) as Record<string, unknown>;
  const records = Object.entries(file).flatMap(([table, of]) =>
    typeof of === 'object' && of !== null ? placesIn(of, TABLES[table] ?? {}) : [],
  );
  const changes = 1 + Math.floor(random() ** 2 * 40);
  for (let i = 0; i < changes; i += 1) {
    const { holder, key, shape, isNeeded } = oneOf(random, records);
    const now = holder[key];
    // A reading has to be plausible for its figure: what is drawn is how far it is off.
    if (key === 'amount' && typeof now === 'number') holder[key] = now * (0.5 + random());
    else if (!isNeeded && random() < 0.3) Reflect.deleteProperty(holder, key);
    else holder[key] = valueOf(shape, random);
  }
  return JSON.stringify(file);
}
