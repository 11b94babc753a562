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

/** An advert's first line in each language that is read; invented. */
export const SALE: Readonly<Record<string, string>> = {
  en: 'For sale: Vastel 580, 2021, 9,000 km, £5,000.',
  de: 'Verkaufe Vastel 580, 2021, 9.000 km, 5.000 €.',
  fr: 'Vends Vastel 580, 2021, 9 000 km, 5 000 €.',
  es: 'Se vende Vastel 580, 2021, 9.000 km, 5.000 €.',
  it: 'Vendo Vastel 580, 2021, 9.000 km, 5.000 €.',
  nl: 'Te koop Vastel 580, 2021, 9.000 km, € 5.000.',
  sv: 'Säljer Vastel 580, 2021, 900 mil, 50 000 kr.',
  nb: 'Selger Vastel 580, 2021, 9 000 km, 50 000 kr.',
  da: 'Sælger Vastel 580, 2021, 9.000 km, 50.000 kr.',
  pt: 'Vende-se Vastel 580, 2021, 9.000 km, 5.000 €.',
  pl: 'Sprzedam Vastel 580, 2021, 9000 km, 20 000 zł.',
  cs: 'Prodám Vastel 580, 2021, 9 000 km, 120 000 Kč.',
  fi: 'Myydään Vastel 580, 2021, 9 000 km, 5 000 €.',
};
