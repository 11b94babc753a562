import { describe, expect, test } from 'vitest';
import { figures, read } from '../reading';
import { readText } from '@/core/spec-text';

// What says the same is read the same: people add remarks, quote mails, forget capitals. Nothing outside the text tells the answer: it
// is what the same words give without the remark.

const ENGLISH =
  "It's a good one. Weighs 187 kg with a full tank, seat height is 862 mm and the tank holds 15.5 litres. It makes 53 hp. The fork has 205 mm of travel.";
const GERMAN =
  'Vollgetankt wiegt sie 187 kg, die Sitzhöhe beträgt 862 mm und der Tank fasst 15,5 Liter. Sie hat 53 PS. Verbrauch 4,1 l/100 km.';
const FRENCH =
  'Elle pèse 187 kg avec le plein, la hauteur de selle est de 862 mm et le réservoir fait 15,5 litres. Elle sort 53 ch.';
const SPANISH =
  'Pesa 187 kg con el depósito lleno, la altura del asiento es de 862 mm y el depósito es de 15,5 litros. Tiene 53 CV.';
const ITALIAN =
  'Pesa 187 kg col pieno, altezza sella 862 mm e il serbatoio è da 15,5 litri. Ha 53 cavalli.';

describe('a remark beside the figures takes nothing away', () => {
  test.each([
    [ENGLISH, 'The car failed its test so the bike has to do everything now.'],
    [ENGLISH, 'Same boat here mate.'],
    [ENGLISH, 'The train was late again and work has been mad.'],
    [ENGLISH, 'We stayed in a lovely hotel by the lake, breakfast was great.'],
    [ENGLISH, 'The trailer lights stopped working on the way home.'],
    [ENGLISH, 'Now the wife wants a new kitchen, so we will see.'],
    [ENGLISH, 'Size matters, they say, and my helmet agrees.'],
    [ENGLISH, 'Hi all, first post. Hope this is the right section!'],
    [GERMAN, 'Mein Auto ist gerade in der Werkstatt.'],
    [GERMAN, 'Wir waren im Hotel am See.'],
    [FRENCH, 'Ma voiture est au garage.'],
    [SPANISH, 'Mi coche está en el taller.'],
    [ITALIAN, 'Dormivamo in albergo.'],
  ])('%s', (text, remark) => {
    const alone = read(text);
    expect(alone.length).toBeGreaterThanOrEqual(4);
    expect(read(`${remark}\n${text}`)).toEqual(alone);
    expect(read(`${remark} ${text}`)).toEqual(alone);
    expect(read(`${text}\n${remark}`)).toEqual(alone);
  });

  test('what is sold in the title, or told with figures, is still something else', () => {
    for (const text of [
      'Train set for sale\n48 pieces, weight 3 kg, height 120 mm',
      'Estate car, 110 hp, tank 50 litres, boot 420 l, 5 doors, weight 1,320 kg',
      'The boat weighs 210 kg and has a 20 litre tank, the outboard makes 40 hp.',
    ])
      expect(readText(text).machines.flatMap((m) => m.proposals.filter((p) => p.ticked))).toEqual(
        [],
      );
  });

  test('an English word that Italians have too makes no euros of pounds', () => {
    const talk =
      'I weighed it at 187 kg with the tank full. Paid five thousand seven hundred pounds.';
    expect(
      figures(`This was my first post here and the camera broke. ${talk}`).join(),
    ).not.toContain('EUR');
  });
});

describe('how it is typed', () => {
  test.each([
    ['in bold', (t: string) => t.replaceAll(/(\d[\d.,]* (?:kg|mm|hp|PS))/g, '**$1**')],
    ['as a quoted mail', (t: string) => t.replaceAll(/^/gm, '> ')],
    ['as a quoted mail of a mail', (t: string) => t.replaceAll(/^/gm, '>> ')],
    ['a sentence a line', (t: string) => t.replaceAll('. ', '.\n')],
  ])('%s', (_, typed) => {
    for (const text of [ENGLISH, GERMAN]) expect(figures(typed(text))).toEqual(figures(text));
  });

  test('without a capital a stop still ends what is said of another machine', () => {
    const text =
      'mine is lighter than the old one, that was a tank. seat height is 862 mm. tank is 15.5 litres.';
    expect(figures(text)).toEqual(expect.arrayContaining(['seatHeight 862 mm', 'tank 15.5 L']));
  });

  test.each([
    ['Flussigkeitsgekuhlt, Sitzhohe 862 mm', 'cooling liquid'],
    ['Flüssigkeitsgekühlt, Sitzhöhe 862 mm', 'cooling liquid'],
    ['Fluessigkeitsgekuehlt, Sitzhöhe 862 mm', 'cooling liquid'],
  ])('%s: %s', (text, fact) =>
    expect(
      readText(text).machines.flatMap((m) =>
        m.proposals.flatMap((p) => (p.kind === 'fact' ? [`${p.key} ${p.value}`] : [])),
      ),
    ).toContain(fact),
  );

  test.each([
    ['Die Maschine hat funfundvierzig PS. Sitzhohe 862 mm.', 'power 45 PS'],
    ['Die Maschine hat zwolf Liter Tank. Sitzhohe 862 mm.', 'tank 12 L'],
    ['La moto pesa ciento dieciseis kilos. Altura del asiento 862 mm.', 'mass 116 kg'],
  ])('%s: %s', (text, figure) => expect(figures(text)).toContain(figure));
});

describe('numbers in words a line each', () => {
  test('the language of the text counts, not that of the line', () => {
    const lines = [
      'La moto est une bonne surprise et elle est légère.',
      'Cent soixante-seize kilos tous pleins faits.',
      'Quinze litres dans le réservoir.',
    ];
    expect(figures(lines.join('\n'))).toEqual(expect.arrayContaining(['mass 176 kg', 'tank 15 L']));
  });
});
