import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { scanQuantities } from '@/core/spec-text/lattice/scan-quantities';
import { basesOf } from '@/core/spec-text/link/bases';
import { blockedIn } from '@/core/spec-text/link/blocked';
import { noiseIn } from '@/core/spec-text/link/guards/noise';
import { sensesOf, UNDECIDED } from '@/core/spec-text/link/dimensions';
import { agreedUnit, isPair } from '@/core/spec-text/link/pairs';
import { plausibility } from '@/core/spec-text/link/plausible';
import { gapOf, isBareLink, nearness } from '@/core/spec-text/link/relation';
import { sentencesOf } from '@/core/spec-text/link/sentences';
import { sideOf, sidesOf } from '@/core/spec-text/link/side-of';
import { linesOf, scanned } from '@/core/spec-text/text/lines';
import { normalised } from '@/core/spec-text/text/normalised';
import { namesIn } from '@/core/spec-text/text/names';
import { blocksOf } from '@/core/spec-text/text/machines-apart';
import { surveyOf } from '@/core/spec-text/text/survey';
import { labelOf, languagesOf, plainWord, scanWords } from '@/core/spec-text/vocabulary/lexicon';

// Sentences written for these checks; no source.
const parts = (line: string) => sentencesOf(line).map((s) => s.text.trim());
const survey = (text: string) => surveyOf(text, [...linesOf(text)].map(scanned));

describe('a line is parted into sentences', () => {
  test.each([
    ['Seat 34.3 in. Tank 4 gal.', ['Seat 34.3 in.', 'Tank 4 gal.']],
    ['Max. power 30 kW. Kerb weight 160 kg.', ['Max. power 30 kW.', 'Kerb weight 160 kg.']],
    ['zul. Gesamtgewicht 340 kg; Tank 12 l', ['zul. Gesamtgewicht 340 kg;', 'Tank 12 l']],
    ['1. Tank: 9.5 L', ['1. Tank: 9.5 L']],
    ['Rack fitted. £3,250 ono.', ['Rack fitted.', '£3,250 ono.']],
    ['Seat 880 mm', ['Seat 880 mm']],
  ] as const)('%s', (line, expected) => expect(parts(line)).toEqual(expected));
  test('nothing but blanks is lost, and every piece stands where it says', () =>
    fc.assert(
      fc.property(fc.string({ maxLength: 120 }), (line) => {
        const pieces = sentencesOf(line);
        for (const { text, at } of pieces) expect(line.slice(at, at + text.length)).toBe(text);
        expect(
          pieces
            .map((p) => p.text)
            .join('')
            .replace(/\s/g, ''),
        ).toBe(line.replace(/\s/g, ''));
      }),
      { seed: 71, numRuns: 200 },
    ));
});

describe('nearness in words and clauses', () => {
  test('words that say nothing of their own count little, others more', () => {
    expect(gapOf(' is about ')).toEqual({ words: 0, plain: 2, commas: 0, joiners: 0 });
    expect(gapOf(' feels tall, and ')).toEqual({ words: 2, plain: 0, commas: 1, joiners: 1 });
  });
  test('a comma inside a number is none', () => expect(gapOf(' 1,440 ').commas).toBe(0));
  test('more between never brings a label nearer', () =>
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom(' word', ', ', ' and', ' is'), { maxLength: 8 }),
        fc.boolean(),
        (bits, first) => {
          const gap = bits.join('');
          const near = nearness(gap, first, false, 0, 0);
          expect(nearness(`${gap} another`, first, false, 0, 0)).toBeLessThan(near);
          expect(nearness(gap, first, false, 1, 0)).toBeLessThan(near);
          expect(nearness(gap, first, false, 0, 1)).toBeLessThan(near);
          expect(nearness(gap, first, true, 0, 0)).toBeLessThan(near);
        },
      ),
      { seed: 72, numRuns: 100 },
    ));
  test.each([
    [': ', true],
    [' is about ', true],
    [' (mm): ', true],
    [' feels like ', false],
    ['; ', false],
    [' 5 and ', false],
  ] as const)('between a label and a bare number: %j', (gap, link) =>
    expect(isBareLink(gap)).toBe(link),
  );
});

describe('a word of a basis serves one figure', () => {
  const bases = (text: string) =>
    basesOf(
      text,
      scanQuantities(text)
        .filter((q) => q.unit === 'kg')
        .map((q) => ({ key: 'mass' as const, from: q.from, to: q.to })),
      scanWords(text),
    );
  test.each([
    ['108 kg dry, 118 kg wet', ['dry', 'ready']],
    ['dry 108 kg, wet 118 kg', ['dry', 'ready']],
    ['118 kg with a full tank', ['ready']],
    ['118 kg', [undefined]],
    ['108 kg and 118 kg wet', [undefined, 'ready']],
  ] as const)('%s', (text, expected) => expect(bases(text)).toEqual(expected));
});

describe('front or rear', () => {
  const sides = (text: string) => {
    const all = scanQuantities(text);
    return all.map((_, i) => sideOf(text, i, all, sidesOf(scanWords(text)), undefined));
  };
  test.each([
    ['240/230 mm', ['front', 'rear']],
    ['rear/front 240/230 mm', ['rear', 'front']],
    ['240 mm front, 230 mm rear', ['front', 'rear']],
    ['rear 230 mm, front 240 mm', ['rear', 'front']],
    ['41 mm, 200 mm at the rear', ['rear', 'rear']],
    ['220 mm at both ends', ['front']],
  ] as const)('%s', (text, expected) => expect(sides(text)).toEqual(expected));
});

describe('numbers that are no figures of this machine', () => {
  const blocked = (text: string, list = false) => {
    const all = scanQuantities(text);
    return [...blockedIn(text, all, scanWords(text), list)].map(([i, why]) => [
      all[i]?.amounts[0],
      why,
    ]);
  };
  test.each([
    ['on 14/03/2026 at 18:05', 4],
    ['05/2018', 1],
    ['tyres at 70%', 1],
    ['10W-40', 1],
    ['call 0555 010 4477', 1],
    ['12 V', 1],
    ['seat 880 mm', 0],
    ['14 V-310W@5000', 1],
  ] as const)('%s', (text, count) => expect(noiseIn(text).length > 0).toBe(count > 0));
  test('what follows another machine is said of it, to the end of its clause', () => {
    expect(blocked('47 hp, up from 41 on the old bike, and it weighs 186 kg')).toEqual([
      [41, 'other-machine'],
    ]);
    expect(blocked('lighter than the 450 kg tourer, 186 kg', true)).toEqual([
      [450, 'other-machine'],
    ]);
  });
  test('a change: what a part made of it is left, the lower price is taken', () => {
    expect(blocked('the seat drops from 895 to 865 mm')).toEqual([[865, 'changed']]);
    expect(blocked('went from a 15 down to a 14')).toEqual([[14, 'changed']]);
    expect(blocked('reduced from $6,500 to $5,800')).toEqual([[6500, 'changed']]);
    expect(blocked('from 300 to 350 km')).toEqual([]);
  });
  test('what is denied is not said', () =>
    expect(blocked('it is not 145 kg')).toEqual([[145, 'other-machine']]));
});

describe('one figure in two units', () => {
  const two = (text: string) => {
    const [one, other] = scanQuantities(text);
    if (!one || !other) throw new Error('two quantities wanted');
    return [one, other] as const;
  };
  test.each([
    ['34.6 in (879 mm)', true],
    ['34.6 in / 879 mm', true],
    ['34.6 in, 879 mm', true],
    ['34.6 in or 879 mm', true],
    ['34.6 in and 879 mm', false],
    ['34.6 in (34.8 in)', false],
    ['34.6 in (12 kg)', false],
    ['$5,290 (4,900 EUR)', false],
  ] as const)('%s', (text, pair) => expect(isPair(text, ...two(text))).toBe(pair));
  // 1 in = 25.4 mm, US gallon 3.785 L, imperial gallon 4.546 L.
  test('agree within rounding, from both sides of 1.5 %', () => {
    const [, mm] = two('34.6 in (879 mm)');
    expect(agreedUnit(34.6, ['in'], mm).unit).toBe('in');
    expect(agreedUnit(34.6 * 1.014, ['in'], mm).unit).toBe('in');
    expect(agreedUnit(34.6 * 1.017, ['in'], mm).unit).toBeUndefined();
  });
  test('litres settle whose gallon it is', () => {
    const [, us] = two('3.1 gal (11.7 L)');
    const [, imp] = two('3.1 gal (14.1 L)');
    expect(agreedUnit(3.1, ['gal-us', 'gal-imp'], us).unit).toBe('gal-us');
    expect(agreedUnit(3.1, ['gal-us', 'gal-imp'], imp).unit).toBe('gal-imp');
  });
});

describe('units that a text leaves open', () => {
  test('pounds are a mass or money', () =>
    expect(sensesOf('pounds', UNDECIDED).map((s) => s.dimension)).toEqual(['mass', 'money']));
  test('a gallon is both until the text decides', () => {
    expect(sensesOf('gallon', UNDECIDED)[0]).toMatchObject({
      units: ['gal-us', 'gal-imp'],
      open: 'gallon',
    });
    expect(sensesOf('gallon', { ...UNDECIDED, gallon: 'imp' })[0]).toEqual({
      dimension: 'volume',
      units: ['gal-imp'],
    });
  });
  test('a dollar is somebody’s', () => {
    expect(sensesOf('dollar', UNDECIDED)[0]?.open).toBe('currency');
    expect(sensesOf('dollar', { ...UNDECIDED, dollar: 'AUD' })[0]?.units).toEqual(['AUD']);
  });
});

describe('how likely a value is', () => {
  // The spans are those of the classes (docs/doubt.md): seats from 785 to 970 mm.
  test.each([
    ['seatHeight', 880, 'mm', 1],
    ['seatHeight', 34.6, 'in', 1],
    ['seatHeight', 700, 'mm', 0],
    ['seatHeight', 610, 'mm', 0],
    ['seatHeight', 600, 'mm', -1.5],
    ['mass', 400, 'kg', -1.5],
    ['price', 499, 'EUR', -1.5],
    ['price', 500, 'EUR', 0],
    ['motionRatio', 0.4, 'ratio', 0],
  ] as const)('%s %d %s', (key, amount, unit, points) =>
    expect(plausibility(key, amount, unit)).toBe(points),
  );
});

describe('what the whole text decides', () => {
  test.each([
    ['kerb weight 180 kg, £4,000, new tyres', 'imp'],
    ['curb weight 400 lbs, MSRP $6,000', 'us'],
    ['180 kg, 12 L', undefined],
  ] as const)('%s: gallons are %s', (text, gallon) => expect(survey(text).gallon).toBe(gallon));
  test.each([
    ['for sale, 9,000 miles, £2,000', true],
    ['verkaufe Enduro, 9.000 km, VB 2.000 €', true],
    ['list price £2,000, service every 9,000 miles', false],
  ] as const)('%s: for sale %s', (text, sale) => expect(survey(text).sale).toBe(sale));
  test.each([
    ['Seat height 880 mm, wheelbase 1400 mm, this motorcycle is light.', true, false],
    ['Family estate car, 5 doors, diesel, 84,000 miles, £4,250', false, true],
  ] as const)('%s', (text, ours, unlike) => expect(survey(text)).toMatchObject({ ours, unlike }));
  test('the currency of a dollar by its country', () => {
    expect(survey('asking $9,000, RWC').dollar).toBe('AUD');
    expect(survey('asking $9,000, WOF').dollar).toBe('NZD');
    // Said on both sides of the Tasman: likelier the one, sure of neither.
    expect(survey('asking $9,000, rego till June')).toMatchObject({
      dollar: undefined,
      likelyDollar: 'AUD',
    });
    expect(survey('asking $9,000, Canadian bike').dollar).toBe('CAD');
    expect(survey('asking $9,000 OBO, 7,200 miles').dollar).toBe('USD');
    expect(survey('asking $9,000').dollar).toBeUndefined();
  });
  test('languages by words that only they know', () => {
    expect([...languagesOf('Sitzhöhe 880 mm, Tankinhalt 12 l')]).toContain(1);
    expect([...languagesOf('seat height 880 mm')]).toEqual([0]);
  });
});

describe('names', () => {
  const name = (text: string) => {
    const lines = [...linesOf(normalised(text))];
    const said = namesIn(text, lines);
    return [said?.maker, said?.model, said?.year];
  };
  test.each([
    ['Marrow Vantage 310\nKerb weight 158 kg', ['Marrow', 'Vantage 310', undefined]],
    ['2019 Calder Ridge 450 - $4,900', ['Calder', 'Ridge 450', 2019]],
    ['For sale: Ottery Fell 500. Was £4,995', ['Ottery', 'Fell 500', undefined]],
    ['Verkaufe Brenner Steig 690, EZ 05/2018', ['Brenner', 'Steig 690', 2018]],
    ['Make: Strand | Model: Outlander 520 | Year: 2022', ['Strand', 'Outlander 520', 2022]],
    ['The new Strand Outlander 520 develops 44 kW', ['Strand', 'Outlander 520', undefined]],
    ['VALBRET Piste 400 - 2020', ['Valbret', 'Piste 400', 2020]],
    ['the seat is 880 mm high', [undefined, undefined, undefined]],
  ] as const)('%s', (text, expected) => expect(name(text)).toEqual(expected));
});

describe('machines apart', () => {
  const blocks = (text: string) => blocksOf([...linesOf(text)].map(scanned)).length;
  test('two names that give the same figures are two', () =>
    expect(blocks('Vantage 310\nMass 158 kg\n\nRidge 450\nMass 172 kg')).toBe(2));
  test('a heading within one sheet begins no machine', () =>
    expect(blocks('Vantage 310\nMass 158 kg\n\nElectrical System\nBattery 9 Ah')).toBe(1));
  test('points that each name a machine, without a blank line between', () => {
    expect(
      blocks('1) Used Vantage 310, 2021. Mass 158 kg\n2) Used Ridge 450, 2020. Mass 172 kg'),
    ).toBe(2);
    expect(blocks('Vantage 310\n- Mass 158 kg\n- Wheels 310 mm\n- Mass 160 kg loaded')).toBe(1);
  });
  test('a line that is nothing but another name begins a machine, if it gives the same again', () => {
    expect(blocks('Vantage 310\nMass 158 kg\nRidge 450\nMass 172 kg')).toBe(2);
    expect(blocks('Vantage 310\nMass 158 kg\nFork Halden 450\nTank 12 L')).toBe(1);
  });
  test('the same name again goes on', () =>
    expect(blocks('Vantage 310\nMass 158 kg\n\nVantage 310\nMass 160 kg')).toBe(1));
});

describe('words', () => {
  test('plain words', () => {
    expect(plainWord('Sitzhöhe')).toBe('sitzhohe');
    expect(plainWord('Größe')).toBe('grosse');
    expect(plainWord('ŁADOWNOŚĆ')).toBe('ladownosc');
  });
  test('a label is one as a whole', () => {
    expect(labelOf('Seat height:')).toMatchObject({ name: 'seatHeight' });
    expect(labelOf('Peso a secco')).toMatchObject({ name: 'mass', basis: 'dry' });
    expect(labelOf('Seat height and tank')).toBeUndefined();
    expect(labelOf('Colour')).toBeUndefined();
  });
});
