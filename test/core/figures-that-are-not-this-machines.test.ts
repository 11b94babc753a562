import { describe, expect, test } from 'vitest';
import { readText } from '@/core/spec-text';

// What is said of another machine, of a part, of a wish or of a plan, and what is said of this one; common usage, no source.
const TONGUES = {
  en: {
    head: 'Wheelbase 1500 mm, ground clearance 230 mm.',
    figures: { seatHeight: 'a seat height of 830 mm', tank: 'a 16 litre tank' },
    not: 'my old bike had F|my mate’s has F|the Kestler has F|the Rally version has F|Rally version gets F|I wish it had F|it would be better with F|last year’s had F|its predecessor had F|I expected F|I want F|looking for something with F|the prototype had F|with the kit fitted you get F|an optional kit gives F|it does not have F|my car has F|mine now has F|after the rebuild it has F|I have modified it to F|the rental bike had F|the new one next year will have F|if it had F I would buy it|the class average is F|anything with F will do',
    its: 'it has F|it comes with F|you get F|the new one has F',
  },
  de: {
    head: 'Radstand 1500 mm, Bodenfreiheit 230 mm.',
    figures: { seatHeight: 'eine Sitzhöhe von 830 mm', tank: 'einen 16-Liter-Tank' },
    not: 'meine alte hatte F|die von meinem Kumpel hat F|die Kestler hat F|die Rallye-Version hat F|ich wünschte, sie hätte F|mit F wäre sie besser|das Vorjahresmodell hatte F|die Vorgängerin hatte F|ich hatte F erwartet|ich suche etwas mit F|der Prototyp hatte F|mit dem Kit bekommt man F|gegen Aufpreis gibt es F|sie sollte F haben|mein Auto hat F|meine hat jetzt F|die Leihmaschine hatte F|andere in der Klasse haben F|wenn sie F hätte, würde ich sie kaufen',
    its: 'sie hat F|man bekommt F|das Motorrad hat F',
  },
  fr: {
    head: 'Empattement 1500 mm, garde au sol 230 mm.',
    figures: { seatHeight: 'une hauteur de selle de 830 mm', tank: 'un réservoir de 16 litres' },
    not: 'mon ancienne avait F|celle de mon pote a F|la Kestler a F|la version Rallye a F|j’aurais aimé F|la concurrence a F|je cherche une moto avec F|avec le kit on obtient F|en option il y a F|elle devrait avoir F|ma voiture a F|la mienne a maintenant F|la moto de location avait F|les autres ont F|si elle avait F je l’achèterais',
    its: 'elle a F|on a F|la moto a F',
  },
  it: {
    head: 'Interasse 1500 mm, altezza da terra 230 mm.',
    figures: { seatHeight: 'un’altezza sella di 830 mm', tank: 'un serbatoio da 16 litri' },
    not: 'la mia vecchia aveva F|quella del mio amico ha F|la Kestler ha F|la versione Rally ha F|vorrei F|il vecchio modello aveva F|la concorrenza ha F|con il kit si ottiene F|come optional c’è F|dovrebbe avere F|la mia auto ha F|la mia adesso ha F|quella a noleggio aveva F|le altre hanno F|se avesse F la comprerei',
    its: 'ha F|la moto ha F',
  },
  es: {
    head: 'Distancia entre ejes 1500 mm, altura libre al suelo 230 mm.',
    figures: { seatHeight: 'una altura de asiento de 830 mm', tank: 'un depósito de 16 litros' },
    not: 'mi antigua tenía F|la de mi amigo tiene F|la Kestler tiene F|la versión Rally tiene F|me gustaría F|el modelo anterior tenía F|la competencia tiene F|con el kit se obtiene F|como opción hay F|debería tener F|mi coche tiene F|la mía ahora tiene F|la de alquiler tenía F|las otras tienen F|si tuviera F la compraría',
    its: 'tiene F|la moto tiene F',
  },
  nl: {
    head: 'Wielbasis 1500 mm, grondspeling 230 mm.',
    figures: { seatHeight: 'een zithoogte van 830 mm', tank: 'een tank van 16 liter' },
    not: 'mijn oude had F|die van mijn maat heeft F|de Kestler heeft F|het vorige model had F|de concurrentie heeft F|met de kit krijg je F|optioneel is er F|de mijne heeft nu F|de huurmotor had F|andere hebben F|als hij F had zou ik hem kopen',
    its: 'hij heeft F|de motor heeft F',
  },
  sv: {
    head: 'Hjulbas 1500 mm, markfrigång 230 mm.',
    figures: { seatHeight: 'en sitthöjd på 830 mm', tank: 'en tank på 16 liter' },
    not: 'min gamla hade F|min kompis har F|jag vill ha F|konkurrenterna har F|jag söker något med F|med kitet får man F|min har nu F|hyrhojen hade F',
    its: 'den har F|hojen har F',
  },
} as const;

const told = (head: string, said: string, key: string) =>
  readText(`Ostrel Senda 450\n${head} ${said[0]?.toUpperCase() ?? ''}${said.slice(1)}.`)
    .machines.flatMap((m) => m.proposals)
    .filter((p) => p.key === key);

describe.each(Object.entries(TONGUES))('%s', (_tongue, { head, figures, not, its }) => {
  test.each(not.split('|'))('%s: not taken for this machine’s', (said) => {
    for (const [key, words] of Object.entries(figures))
      expect(told(head, said.replace('F', words), key).filter((p) => p.ticked)).toEqual([]);
  });
  test.each(its.split('|'))('%s: this machine’s', (said) => {
    for (const [key, words] of Object.entries(figures))
      expect(told(head, said.replace('F', words), key)).toHaveLength(1);
  });
});

test.each(['Someone told me it has a seat height of 830 mm', 'Angeblich hat sie 830 mm Sitzhöhe'])(
  '%s: only heard',
  (said) =>
    expect(told('Wheelbase 1500 mm.', said, 'seatHeight')).toMatchObject([{ origin: 'heard' }]),
);
