import { describe, expect, test } from 'vitest';
import { readText } from '@/core/spec-text';
import { saleWords } from '@/core/spec-text/text/sale-words';

const said = (text: string): readonly string[] =>
  saleWords(text).map((s) => `${s.kind}: ${s.words}`);

// Adverts as people write them, own examples; common usage, no source.
describe('what an advert says of the very machine', () => {
  test.each([
    [
      'One careful owner from new, full service history, MOT until 11/27. Viewing in Little Harden.',
      [
        'owners: One careful owner from new',
        'history: full service history',
        'papers: MOT until 11/27',
        'place: Viewing in Little Harden',
      ],
    ],
    [
      'FSH, 12 months MOT, 2 former keepers, V5 present, HPI clear',
      [
        'history: FSH',
        'papers: 12 months MOT',
        'owners: 2 former keepers',
        'papers: V5 present',
        'papers: HPI clear',
      ],
    ],
    [
      'Aus 2. Hand, scheckheftgepflegt, TÜV neu, HU bis 05/2027. Standort: Altenfurth',
      [
        'owners: 2. Hand',
        'history: scheckheftgepflegt',
        'papers: TÜV neu',
        'papers: HU bis 05/2027',
        'place: Standort: Altenfurth',
      ],
    ],
    [
      'Première main, carnet d’entretien complet, contrôle technique ok. Visible à Sorgues sur Aune',
      [
        'owners: Première main',
        'history: carnet d’entretien complet',
        'papers: contrôle technique ok',
        'place: Visible à Sorgues sur Aune',
      ],
    ],
    [
      'Unico proprietario, tagliandi regolari, revisione fino a 06/2027',
      [
        'owners: Unico proprietario',
        'history: tagliandi regolari',
        'papers: revisione fino a 06/2027',
      ],
    ],
    ['Clean title in hand, no rego', ['papers: Clean title', 'papers: no rego']],
  ])('%s', (text, words) => expect(said(text)).toEqual(words));
  test('a sheet, a review and its places say nothing of it, and each word stands once', () => {
    expect(
      said('Most owners fit a taller screen. The ITVs of this world, made in Altenfurth.'),
    ).toEqual([]);
    expect(said('MOT, MOT and MOT')).toEqual(['papers: MOT']);
    expect(
      said(Array.from({ length: 20 }, (_, i) => `MOT until ${i + 10}`).join(', ')),
    ).toHaveLength(8);
  });
  test('only a machine for sale has it', () => {
    const advert =
      'For sale: 2019 Vandrel 350 Kloof, 14 200 km, one owner, 152 kg wet, seat 845 mm, R68 500.';
    expect(readText(advert).machines[0]?.sale?.said).toEqual([
      { kind: 'owners', words: 'one owner' },
    ]);
    expect(readText('Kerb weight 152 kg, seat height 845 mm, 12 L tank').machines[0]?.sale).toBe(
      undefined,
    );
  });
  test('a long text of half words says nothing', () =>
    expect(saleWords('one careful former private '.repeat(20_000))).toEqual([]));
});
