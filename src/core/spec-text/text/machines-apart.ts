import type { Proposal } from '../proposal';
import type { Line } from './lines';
import { namesIn } from './names';

/** Figures that every text about a machine gives once: two of them in two paragraphs tell of two machines. */
const ONCE: ReadonlySet<string> = new Set([
  'mass',
  'seatHeight',
  'tank',
  'power',
  'price',
  'displacement',
  'torque',
  'clearance',
  'wheelbase',
]);

/** Paragraphs, by blank lines or rules. */
function paragraphs(lines: readonly Line[]): readonly (readonly Line[])[] {
  const found: Line[][] = [[]];
  for (const line of lines) {
    if (/^\s*(?:[-=_*]{3,}\s*)?$/.test(line.line)) found.push([]);
    else found.at(-1)?.push(line);
  }
  return found.filter((p) => p.length > 0);
}

/**
 * Texts of several machines in one paste, told apart: a paragraph that opens with another name and gives again what the one before gave
 * begins a new machine. One block for a text of one machine.
 */
export function blocksOf(
  lines: readonly Line[],
  read: (block: readonly Line[]) => readonly Proposal[],
): readonly (readonly Line[])[] {
  const parts = paragraphs(lines);
  const starts = parts.map((p) => nameOf(p));
  if (new Set(starts.filter(Boolean)).size < 2) return [lines];
  const blocks: { lines: Line[]; name: string; keys: Set<string> }[] = [];
  parts.forEach((part, i) => {
    const name = starts[i];
    const keys = new Set(
      read(part)
        .map((p) => p.key)
        .filter((k) => ONCE.has(k)),
    );
    const last = blocks.at(-1);
    const again = last && [...keys].some((k) => last.keys.has(k));
    // A heading alone in its paragraph: what follows is its own.
    const heading = last && part.length === 1 && keys.size === 0 && last.keys.size > 0;
    if (!last || (name && name !== last.name && (again || heading)))
      blocks.push({ lines: [...part], name: name ?? '', keys });
    else {
      last.lines.push(...part);
      for (const key of keys) last.keys.add(key);
    }
  });
  return blocks.filter((b) => b.keys.size > 0).length < 2 ? [lines] : blocks.map((b) => b.lines);
}

const nameOf = (part: readonly Line[]): string | undefined => {
  const said = namesIn('', part.slice(0, 1));
  return said?.model ? `${said.maker} ${said.model}` : undefined;
};
