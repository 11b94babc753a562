import { spelt } from '../vocabulary/letters';
import { composed, type Piece, type PlacedText } from './placed-text';
import { textLines, type TextLine } from './text-lines';

/** What a machine has at both ends, each with more words than a number. */
const OF_ENDS =
  'suspension|brakes?|wheels?|rims?|ty[ri]es?|fahrwerk|federung|bremsen?|räder|felgen|reifen|suspensions?|freins?|roues?|jantes?|pneus?|sospensioni?|freni|ruote|cerchi|gomme|pneumatici|suspensi[oó]n(?:es)?|frenos?|ruedas?|llantas?|neumáticos?|remmen|vering|wielen|banden';
const FRONT = 'f(?:ront|r)?|v(?:orn)?|av(?:ant)?|ant(?:eriore)?|del(?:antera?|antero)?|voor';
const REAR = 'r(?:ear|r)?|h(?:inten)?|ar(?:rière)?|post(?:eriore)?|tras(?:era?|ero)?|achter';
const LABEL = `^[ \\t]*(?:[-*•][ \\t]*)?(?<label>(?:${OF_ENDS}))`;

/** "Brakes: (F) 2 x 310 mm discs (R) 240 mm disc", "Suspension F: fork, 200 mm travel, R: shock, 190 mm travel". */
const BY_MARKS = new RegExp(
  `${LABEL}\\s*:?\\s*(?:\\((?:${FRONT})\\.?\\)|(?:F|V|AV)\\.?\\s*:)\\s*(?<front>[^()\\n]{3,90}?)[\\s,;/]*(?:\\((?:${REAR})\\.?\\)|(?<=[\\s,;/])(?:R|H|AR)\\.?\\s*:)\\s*(?<rear>[^()\\n]{3,90})$`,
  'diu',
);
/** "Brakes: 2 x 310 mm discs (front), 240 mm disc (rear)". */
const BY_MARKS_BEHIND = new RegExp(
  `${LABEL}\\s*:\\s*(?<front>[^()\\n]{3,90}?)\\s*\\((?:${FRONT})\\.?\\)[\\s,;/]*(?<rear>[^()\\n]{3,90}?)\\s*\\((?:${REAR})\\.?\\)\\s*$`,
  'diu',
);
/** "Freins AV/AR : 2 disques / 1 disque": words on both sides of the one slash. */
const BY_SLASH = spelt(
  new RegExp(
    `${LABEL}\\s*\\(?(?:${FRONT})\\.?\\s?/\\s?(?:${REAR})\\.?\\)?\\s*(?::|\\.{3,})\\s*(?<front>[^/\\n]{0,90}?(?:\\p{L}{3}|\\d ?[x×] ?\\d{3})[^/\\n]{0,90}?)\\s*/\\s*(?<rear>[^/\\n]{0,90}?(?:\\p{L}{3}|\\d{3} ?mm)[^/\\n]{0,60})$`,
    'diu',
  ),
);

/** By one name, whatever the sheet's language calls them: what is told of them are sizes. */
const OF_BRAKES = /^(?:brakes?|bremsen?|freins?|freni|frenos?|remmen)$/iu;

/** Where a named group of a pattern stands in its line. */
const stretch = (line: TextLine, [from, to]: readonly [number, number]): Piece => ({
  from: line.from + from,
  to: line.from + to,
});

function ends(line: TextLine): readonly Piece[] | undefined {
  if (line.words.length > 240) return undefined;
  for (const pattern of [BY_MARKS, BY_MARKS_BEHIND, BY_SLASH]) {
    const at = pattern.exec(line.words)?.indices?.groups;
    const { label, front, rear } = at ?? {};
    if (!label || !front || !rear) continue;
    const [one, two] = [stretch(line, front), stretch(line, rear)];
    const isBrakes = OF_BRAKES.test(line.words.slice(...label));
    const name: Piece = isBrakes ? 'brakes' : stretch(line, label);
    return ['Front ', name, ': ', one, '\n', 'Rear ', name, ': ', two, '\n'];
  }
  return undefined;
}

const MAY_HAVE = new RegExp(`^[ \\t]*(?:[-*•][ \\t]*)?(?:${OF_ENDS})`, 'imu');

/** A line that tells of brakes or suspension at both ends, as a line for each end. */
export function endsApart(placed: PlacedText): PlacedText {
  if (!MAY_HAVE.test(placed.text)) return placed;
  const lines = textLines(placed.text).map((line) => ({ line, pieces: ends(line) }));
  if (lines.every(({ pieces }) => pieces === undefined)) return placed;
  return composed(
    placed,
    lines.flatMap(({ line, pieces }) => pieces ?? [{ from: line.from, to: line.to }, '\n']),
  );
}
