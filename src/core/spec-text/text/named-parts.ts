import { spelt } from '../vocabulary/letters';
import { lowered } from './country';

/** A part of a catalogue, as far as its name goes. */
interface Named {
  readonly id: string;
  readonly name: string;
}

/** A part that a text seems to name. */
export interface NamedPart<P extends Named = Named> {
  readonly part: P;
  /** As the text writes it. */
  readonly words: string;
}

/** What adverts call what the catalogue names otherwise. Common usage, no source. */
const ALSO_CALLED: Readonly<Record<string, string>> = {
  'bash plate':
    'bashplate|skid plate|skidplate|sump guard|motorschutz|motorschutzplatte|sabot moteur|cubrecarter|paramotore',
  'hand guards with alloy spine':
    'hand guards|handguards|handprotektoren|protège mains|paramani|cubremanos',
  'engine bars': 'crash bars|crashbars|sturzbügel|pare carters|paramotore tubolare',
  'tail rack':
    'rear rack|luggage rack|rear luggage rack|gepäckträger|gepäckbrücke|porte bagages|portapacchi',
  'side racks': 'pannier racks|pannier frames|pannier rails|kofferträger',
  'top case': 'top box|topbox|topcase',
  'alloy cases for side racks':
    'alloy panniers|aluminium panniers|alu panniers|hard panniers|alukoffer|valises alu',
  'soft panniers for side racks': 'soft panniers|soft luggage|softtaschen|sacoches souples',
  'centre stand':
    'center stand|centrestand|main stand|hauptständer|béquille centrale|cavalletto centrale|caballete central',
  'heated grips': 'heizgriffe|poignées chauffantes|manopole riscaldate|puños calefactables',
  'auxiliary lights': 'aux lights|spot lights|spotlights|fog lights|zusatzscheinwerfer',
  'bar risers': 'handlebar risers|risers|lenkererhöhung',
  'touring screen':
    'tall screen|taller screen|touring windscreen|tall windscreen|touring windshield',
  'knobbly tyres': 'knobblies|knobbies|knobby tires',
  'radiator guard': 'radiator guards|rad guard|rad guards|kühlerschutz',
  'steering damper': 'steering stabiliser|lenkungsdämpfer',
};

/** The name without what tells its size: `Bash plate, 4 mm alloy` is called a bash plate. */
const calledBy = ({ name }: Named): string =>
  (name.split(/[,(]/)[0] ?? '').trim().toLowerCase().replace(/-/g, ' ');
const DENIED = spelt(
  /(?<!\p{L})(?:no|without|needs?|wants?|ohne|kein(?:e|en)?|sans|sin|senza)\s+(?:a |an |new )?$/iu,
);
/** A shorter name is a word of any text. */
const LEAST_NAME = 7;
/** A name that more parts share says too little; of a few the rider tells which. */
const MOST_ALIKE = 2;

/** More letters than those of a plural. */
const ENDLESS = spelt(/^(?!(?:s|n|en)(?!\p{L}))\p{L}/u);

/** Where one of these names stands as a word of its own, the longest first. */
function placeOf(plain: string, names: readonly string[]): readonly [number, number] | undefined {
  const long = names.filter((n) => n.length >= LEAST_NAME).sort((a, b) => b.length - a.length);
  for (const name of long)
    for (let at = plain.indexOf(name); at >= 0; at = plain.indexOf(name, at + 1)) {
      const to = at + name.length;
      const alone = !/\p{L}$/u.test(plain.slice(0, at)) && !ENDLESS.test(plain.slice(to));
      if (alone && !DENIED.test(plain.slice(Math.max(0, at - 20), at))) return [at, to];
    }
  return undefined;
}

/**
 * Parts of a catalogue that a text names; what it says to be missing is left out, and so is what its sheet tells as a fact (`isTold`,
 * by the place in the text). Two of one name are both given: which of them it is the text does not say.
 */
export function namedParts<P extends Named>(
  text: string,
  parts: readonly P[],
  isTold: (from: number, to: number) => boolean = () => false,
): readonly NamedPart<P>[] {
  const plain = lowered(text).replace(/-/g, ' ');
  const times = new Map<string, number>();
  for (const part of parts) times.set(calledBy(part), (times.get(calledBy(part)) ?? 0) + 1);
  const found = parts.flatMap((part) => {
    const name = calledBy(part);
    if ((times.get(name) ?? 0) > MOST_ALIKE) return [];
    const place = placeOf(plain, [name, ...(ALSO_CALLED[name]?.split('|') ?? [])]);
    return place && !isTold(...place) ? [{ part, place }] : [];
  });
  // "Bash plate with linkage guard" names that one, and no plain bash plate.
  const within = ([a, b]: readonly [number, number]) =>
    found.some(({ place: [c, d] }) => c <= a && b <= d && d - c > b - a);
  return found
    .filter(({ place }) => !within(place))
    .map(({ part, place }) => ({ part, words: text.slice(...place) }));
}
