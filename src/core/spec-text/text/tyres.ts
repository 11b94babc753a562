import { spelt } from '../vocabulary/letters';
import type { FactProposal } from '../proposal';
import { parseTyre } from '../../tyre';
import type { FactKey } from '../../facts';
import { worded } from '../vocabulary/vocabulary';

const TYRE = spelt(
  /(?<![\d/])(?:\d{2,3}\s?\/\s?\d{2,3}\s?(?:-|–|-?R|-?ZR|B| R | ZR | B | - |M\/C )\s?\d{2}|\d[.,]\d{2}\s?(?:-|–|R|B)\s?\d{2}|M[HJMNRTUV]\d{2}\s?[-B]\s?\d{2})(?!\d)(?:\s?(?:M\/C\s?)?\d{2}[JKLMNPQRSTUHVW](?![\p{L}\d]))?/giu,
);

/** `140/80-R17` is written `140/80R17`. */
const tidyTyre = (size: string): string =>
  size
    .toUpperCase()
    .replace(/\s+/g, ' ')
    .replace(/-(?=Z?R)/, '');
const FRONT =
  'front|vorne?|avant|av|delanter[oa]|anteriore|dianteir[oa]|voor|prz[oó]d|fram|foran|framhjul|forhjul|eturengas|etu|vpředu|přední|f(?=:)|(?:axle|achse|essieu|eje|asse|as) 1';
const REAR =
  'rear|back|hinten|arrière|ar|traser[oa]|posteriore|traseir[oa]|achter|tył|bak|bag|bakhjul|baghjul|takarengas|taka|vzadu|zadní|r(?=:)|(?:axle|achse|essieu|eje|asse|as) 2';
const SIDE_ANY = worded(`${FRONT}|${REAR}`);
const SIDE_BEFORE = spelt(
  new RegExp(
    `(?<!\\p{L})(?:(?:${FRONT})|(${REAR}))(?!\\p{L})(?![\\s\\S]*(?<!\\p{L})(?:${FRONT}|${REAR})(?!\\p{L}))`,
    'iu',
  ),
);
const SIDE_BEHIND = spelt(
  new RegExp(`^\\s*\\(?(?:(?:${FRONT})|(${REAR}))(?!\\p{L})\\)?\\s*(?:[,;.)]|$)`, 'iu'),
);

/** "Tyres F/R 100/90-19 / 130/80-17": the order tells. */
const BOTH_BEFORE = spelt(
  new RegExp(
    `(?<!\\p{L})(?:${FRONT})\\s*[/&+|-]\\s*(?:${REAR})(?!\\p{L})(?: (?:ty?i?res?|reifen|pneus?|neumáticos?|gomme|pneumatici|banden))?(?: (?:sizes?|dimensions?))?[^\\p{L}\\d]*$`,
    'iu',
  ),
);
/** What stands before the clause that names tyres. */
const OF_ANOTHER =
  /^.*(?:[;|]|\. )(?=[^;|]*(?:ty?i?re|däck|dekk|dæk|reifen|pneu|neum[áa]tic|gomme|banden|opon|renkaa))/isu;

export function readTyres(
  line: string,
  made: (key: FactKey, value: string, from: number, to: number) => FactProposal,
): readonly FactProposal[] {
  const sizes = [...line.matchAll(TYRE)].filter((m) => parseTyre(tidyTyre(m[0])));
  return sizes.slice(0, 2).map((match, i) => {
    // "Rear 135 mm; tyres 110/80 R19 …": a side said of something else.
    const before = line.slice(Math.max(0, match.index - 30), match.index).replace(OF_ANOTHER, '');
    const after = line.slice(match.index + match[0].length, match.index + match[0].length + 12);
    const said = BOTH_BEFORE.test(before)
      ? null
      : (SIDE_BEHIND.exec(after) ?? SIDE_BEFORE.exec(before));
    const rear = said
      ? said[1] !== undefined
      : sizes.length > 1
        ? i === 1
        : (parseTyre(tidyTyre(match[0]))?.width_mm ?? 0) >= 110;
    return made(
      sizes.length > 1 &&
        i === 1 &&
        said &&
        !SIDE_ANY.test(line.slice(sizes[0]?.index ?? 0, match.index))
        ? 'tyreRear'
        : rear
          ? 'tyreRear'
          : 'tyreFront',
      tidyTyre(match[0]),
      match.index,
      match.index + match[0].length,
    );
  });
}

/** The line with its tyre sizes blanked out, so that their digits are read as nothing else. Length stays. */

export const withoutTyres = (line: string): string =>
  line.replace(TYRE, (size) => (parseTyre(tidyTyre(size)) ? ' '.repeat(size.length) : size));
