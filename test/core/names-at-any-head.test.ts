import { describe, expect, test } from 'vitest';
import { readText } from '@/core/spec-text';

// How adverts, tests, posts and sheets open with a name, N; common usage, no source.
const OPENINGS: readonly (readonly [tongue: string, openings: string])[] = [
  [
    'English',
    'For sale: N, 2021, 12,000 km, wet weight 196 kg|2021 N for sale, wet weight 196 kg|N (2021) - wet weight 196 kg|Selling my 2021 N. Wet weight 196 kg.|My N weighs 196 kg wet.|I bought a N last year. Wet weight 196 kg.|Review: N\nWet weight 196 kg|First ride: the new N. Wet weight 196 kg.|N review - wet weight 196 kg|N specifications\nWet weight: 196 kg|Specs of the N\nWet weight: 196 kg|The N is a parallel twin. Wet weight 196 kg.|Model: N\nWet weight: 196 kg|N – technical data\nWet weight: 196 kg|# N\n- Wet weight: 196 kg|**N**\nWet weight: 196 kg|N, wet weight 196 kg, seat height 830 mm|Used N, one owner, wet weight 196 kg|N in great condition. Wet weight 196 kg|Reduced! N, wet weight 196 kg|Test: N. Wet weight 196 kg|Anyone ride a N? Wet weight is 196 kg|Long term test of the N: wet weight 196 kg|Buying guide: N. Wet weight 196 kg|We rode the N for a week. Wet weight 196 kg.|Spotted a N at the dealer, wet weight 196 kg on the tag|WTS N wet weight 196 kg|Subject: N still available?\nWet weight 196 kg|Re: N\nWet weight 196 kg|Hi, is the N still for sale? Wet weight 196 kg|Meet the N: wet weight 196 kg|All about the N. Wet weight 196 kg|N vs the rest\nWet weight 196 kg|Why I chose the N. Wet weight 196 kg.|Living with a N. Wet weight 196 kg.|Owner’s report: N. Wet weight 196 kg|At a glance: N\nWet weight 196 kg|Price drop - N - wet weight 196 kg|N FOR SALE\nWet weight 196 kg',
  ],
  [
    'German',
    'Verkaufe N, Gewicht vollgetankt 196 kg|Biete meine N, Bj. 2021, Gewicht vollgetankt 196 kg|N zu verkaufen, Gewicht vollgetankt 196 kg|Fahrbericht N: Gewicht vollgetankt 196 kg|Test N: Gewicht vollgetankt 196 kg|Die N wiegt vollgetankt 196 kg.|Technische Daten N\nGewicht vollgetankt 196 kg|N: Technische Daten\nGewicht vollgetankt: 196 kg|Datenblatt der N\nGewicht vollgetankt: 196 kg|Gebrauchte N, Gewicht vollgetankt 196 kg|N im Test. Gewicht vollgetankt 196 kg|Kaufberatung N. Gewicht vollgetankt 196 kg|Ich fahre eine N, Gewicht vollgetankt 196 kg|Meine N: Gewicht vollgetankt 196 kg|Neue N, Gewicht vollgetankt 196 kg|Vorstellung: N. Gewicht vollgetankt 196 kg|Erster Test der N. Gewicht vollgetankt 196 kg|N Modelljahr 2022, Gewicht vollgetankt 196 kg',
  ],
  [
    'French',
    'Vends N de 2021, 196 kg tous pleins faits|À vendre : N, 196 kg tous pleins faits|Essai N : 196 kg tous pleins faits|La N pèse 196 kg tous pleins faits.|Fiche technique N\nPoids tous pleins faits 196 kg|N : fiche technique\nPoids tous pleins faits : 196 kg|Ma N fait 196 kg tous pleins faits|Je roule en N, 196 kg tous pleins faits|Présentation de la N. 196 kg tous pleins faits|N d’occasion, 196 kg tous pleins faits|Prise en main : N. 196 kg tous pleins faits|Nouvelle N : 196 kg tous pleins faits',
  ],
  [
    'Italian',
    'Vendo N del 2021, 196 kg col pieno|Prova N: 196 kg col pieno|La N pesa 196 kg col pieno.|Scheda tecnica N\nPeso col pieno 196 kg|N usata, 196 kg col pieno|La mia N pesa 196 kg col pieno|Nuova N: 196 kg col pieno|In prova la N. Peso col pieno 196 kg|Vendesi N, peso col pieno 196 kg',
  ],
  [
    'Spanish',
    'Vendo N de 2021, 196 kg lleno|Se vende N, 196 kg con el depósito lleno|Prueba N: 196 kg con el depósito lleno|La N pesa 196 kg con el depósito lleno.|Ficha técnica N\nPeso con el depósito lleno 196 kg|Mi N pesa 196 kg con el depósito lleno|Nueva N: 196 kg con el depósito lleno|N de segunda mano, 196 kg con el depósito lleno|A prueba: la N. 196 kg con el depósito lleno',
  ],
  [
    'eight more',
    'Te koop: N, 196 kg rijklaar|N te koop, 196 kg rijklaar|Test N: 196 kg rijklaar|De N weegt 196 kg rijklaar.|Mijn N weegt 196 kg rijklaar|Specificaties N\nGewicht rijklaar 196 kg|Säljer N, 196 kg fulltankad|N säljes, 196 kg fulltankad|Min N väger 196 kg fulltankad|Selger N, 196 kg kjøreklar|N til salgs, 196 kg kjøreklar|Sælger N, 196 kg køreklar|N sælges, 196 kg køreklar|Sprzedam N, 196 kg z pełnym bakiem|Na sprzedaż N, 196 kg z pełnym bakiem|Vendo N, 196 kg com depósito cheio|Vende-se N, 196 kg com depósito cheio|Prodám N, 196 kg s plnou nádrží|Na prodej N, 196 kg s plnou nádrží|Myydään N, 196 kg tankattuna|Test: N, 196 kg tankattuna|A minha N pesa 196 kg com depósito cheio|Mój N waży 196 kg z pełnym bakiem',
  ],
];

/** With a maker and a number, with a letter behind the number, and by one word and a number. */
const NAMES = ['Pellworth Marrow 520', 'Tolva Cumbre 650 R', 'Kestler 450'];

describe.each(OPENINGS)('%s', (_tongue, openings) => {
  test.each(openings.split('|'))('%s', (opening) => {
    for (const name of NAMES)
      expect(
        readText(opening.replace(/(?<!\p{L})N(?!\p{L})/u, name)).machines.map((m) =>
          [m.maker, m.model].filter((w) => w !== '').join(' '),
        ),
      ).toEqual([name]);
  });
});
