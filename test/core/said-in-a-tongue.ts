import { readText } from '@/core/spec-text';

/** A line of another figure in each language, so that a text is of a machine and of its tongue. */
export const HEADS = {
  en: 'Wheelbase 1500 mm, ground clearance 230 mm.',
  de: 'Radstand 1500 mm, Bodenfreiheit 230 mm.',
  fr: 'Empattement 1500 mm, garde au sol 230 mm.',
  it: 'Interasse 1500 mm, luce a terra 230 mm.',
  es: 'Distancia entre ejes 1500 mm, altura libre al suelo 230 mm.',
  nl: 'Wielbasis 1500 mm, grondspeling 230 mm.',
  pt: 'Distância entre eixos 1500 mm, distância ao solo 230 mm.',
  pl: 'Rozstaw osi 1500 mm, prześwit 230 mm.',
  sv: 'Hjulbas 1500 mm, markfrigång 230 mm.',
  no: 'Akselavstand 1500 mm, bakkeklaring 230 mm.',
  da: 'Akselafstand 1500 mm, frihøjde 230 mm.',
  cs: 'Rozvor 1500 mm, světlá výška 230 mm.',
  fi: 'Akseliväli 1500 mm, maavara 230 mm.',
} as const;

export type Tongue = keyof typeof HEADS;

/** What is proposed of words in a tongue, behind a name and those figures; the words begin large and end with a stop. */
export const saidIn = (tongue: Tongue, words: string) =>
  readText(
    `Ostrel Senda 450\n${HEADS[tongue]} ${words[0]?.toUpperCase() ?? ''}${words.slice(1)}.`,
  ).machines.flatMap((m) => m.proposals);
