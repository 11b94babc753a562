import { readText } from '@/core/spec-text';

const proposals = (text: string) => readText(text).machines.flatMap((m) => m.proposals);

/** All figures a text is understood to state, as `key amount unit basis`. */
export const read = (text: string): readonly string[] =>
  proposals(text).flatMap((p) =>
    p.kind === 'figure' ? [`${p.key} ${p.amount} ${p.unit} ${p.basis}`] : [],
  );

/** The same, as `key amount unit`. */
export const figures = (text: string): readonly string[] =>
  proposals(text).flatMap((p) => (p.kind === 'figure' ? [`${p.key} ${p.amount} ${p.unit}`] : []));

/** Keys of all figures that a text is understood to state. */
export const keys = (text: string): readonly string[] =>
  read(text).map((line) => line.split(' ')[0]!);

/** Keys of what a rule reads, without what such numbers mostly mean. */
export const keysByRule = (text: string): readonly string[] =>
  proposals(text)
    .filter((p) => p.kind === 'figure' && p.doubts.every((d) => d.code !== 'by-likeness'))
    .map((p) => p.key);

/** Keys of what is ticked. */
export const ticked = (text: string): readonly string[] =>
  proposals(text)
    .filter((p) => p.ticked)
    .map((p) => p.key);

/** Keys of what only its unit names, and can hardly be anything else. */
export const onlyOnes = (text: string): readonly string[] =>
  proposals(text)
    .filter((p) => p.kind === 'figure' && p.onlyOne)
    .map((p) => p.key);
