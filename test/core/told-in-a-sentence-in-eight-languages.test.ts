import { describe, expect, test } from 'vitest';
import { convert } from '@/core/units';
import { figureUnit, type FigureKey } from '@/core/readings';
import { saidIn, type Tongue } from './said-in-a-tongue';

// How people say a figure in a sentence, in base units; common usage, no source.
const SAID: Readonly<Partial<Record<Tongue, readonly (readonly [FigureKey, number, string])[]>>> = {
  nl: [
    [
      'mass',
      190,
      'Ze weegt 190 kg|Hij weegt rijklaar 190 kg|Met volle tank 190 kg|de motor weegt 190 kilo schoon aan de haak',
    ],
    [
      'seatHeight',
      870,
      'Je zit op 870 mm|Het zadel ligt op 870 mm|zithoogte bedraagt 870 mm|zadel op 87 cm hoogte',
    ],
    [
      'tank',
      14,
      'In de tank gaat 14 liter|De tank meet 14 liter|tankinhoud bedraagt 14 liter|14 liter benzine gaat erin',
    ],
    ['power', 35, 'Het blok levert 35 kW|goed voor 35 kW|35 kW sterk|vermogen van 35 kW'],
    ['consumption', 4.2, 'Ze verbruikt 4,2 l/100 km|verbruik ligt rond 4,2 l/100 km'],
    ['price', 7990, 'Hij kost nieuw 7.990 euro|nieuwprijs bedraagt 7.990 euro'],
  ],
  sv: [
    [
      'mass',
      190,
      'Den väger 190 kg|Hojen väger 190 kg fulltankad|vikten är 190 kg|vikt 190 kg körklar',
    ],
    [
      'seatHeight',
      870,
      'Sadeln sitter på 870 mm|Sitthöjden är 870 mm|sadelhöjd på 870 mm|man sitter 870 mm upp',
    ],
    ['tank', 14, 'Tanken rymmer 14 liter|det går i 14 liter|tanken tar 14 liter|14 liters tank'],
    ['power', 35, 'Motorn ger 35 kW|den lämnar 35 kW|effekten är 35 kW|motor på 35 kW'],
    [
      'consumption',
      4.2,
      'Den drar 0,42 l/mil|den drar 4,2 liter per 100 km|förbrukningen ligger på 0,42 liter milen',
    ],
    ['price', 79900, 'Den kostar ny 79 900 kr|nypris 79 900 kr|listpris 79 900 kr'],
  ],
  no: [
    [
      'mass',
      190,
      'Den veier 190 kg|sykkelen veier 190 kg med full tank|vekten er 190 kg|egenvekt på 190 kg',
    ],
    ['seatHeight', 870, 'Setet er 870 mm over bakken|setehøyden er 870 mm|sittehøyde på 870 mm'],
    [
      'tank',
      14,
      'Tanken rommer 14 liter|tanken tar 14 liter|det går 14 liter på tanken|14 liters tank',
    ],
    ['power', 35, 'Motoren yter 35 kW|den har 35 kW|effekten er 35 kW|motor på 35 kW'],
    [
      'consumption',
      4.2,
      'Den bruker 0,42 l/mil|forbruket er 4,2 l/100 km|den bruker 4,2 liter på 100 km',
    ],
    ['price', 79900, 'Den koster ny 79 900 kr|nypris 79 900 kr|veiledende pris 79 900 kr'],
  ],
  da: [
    [
      'mass',
      190,
      'Den vejer 190 kg|motorcyklen vejer 190 kg med fuld tank|vægten er 190 kg|egenvægt på 190 kg',
    ],
    ['seatHeight', 870, 'Sædet er 870 mm over jorden|sædehøjden er 870 mm|sædehøjde på 870 mm'],
    [
      'tank',
      14,
      'Tanken rummer 14 liter|tanken tager 14 liter|der kan være 14 liter i tanken|14 liters tank',
    ],
    ['power', 35, 'Motoren yder 35 kW|den har 35 kW|effekten er 35 kW|motor på 35 kW'],
    ['consumption', 4.2, 'Den bruger 4,2 liter på 100 km|forbruget er 4,2 l/100 km'],
    ['price', 79900, 'Den koster 79.900 kr fra ny|nypris 79.900 kr|listepris 79.900 kr'],
  ],
  fi: [
    [
      'mass',
      190,
      'Se painaa 190 kg|pyörä painaa 190 kg tankattuna|paino on 190 kg|omamassa 190 kg',
    ],
    [
      'seatHeight',
      870,
      'Istuin on 870 mm korkeudella|istuinkorkeus on 870 mm|satulakorkeus 870 mm|penkki on 870 mm korkeudella',
    ],
    [
      'tank',
      14,
      'Tankkiin mahtuu 14 litraa|tankki vetää 14 litraa|tankin tilavuus on 14 litraa|14 litran tankki',
    ],
    ['power', 35, 'Moottori antaa 35 kW|tehoa on 35 kW|teho on 35 kW|koneesta lähtee 35 kW'],
    [
      'consumption',
      4.2,
      'Se kuluttaa 4,2 l/100 km|kulutus on 4,2 litraa sadalla|vie 4,2 litraa satasella',
    ],
    ['price', 7990, 'Uutena se maksaa 7 990 euroa|uuden hinta on 7 990 euroa|ovh 7 990 €'],
  ],
  pl: [
    [
      'mass',
      190,
      'Waży 190 kg|motocykl waży 190 kg z pełnym bakiem|masa wynosi 190 kg|masa własna 190 kg',
    ],
    [
      'seatHeight',
      870,
      'Siedzenie jest na wysokości 870 mm|wysokość siedzenia wynosi 870 mm|kanapa na wysokości 870 mm|siodło na 870 mm',
    ],
    [
      'tank',
      14,
      'Do baku wchodzi 14 litrów|bak ma 14 litrów|zbiornik mieści 14 litrów|14-litrowy zbiornik',
    ],
    ['power', 35, 'Silnik daje 35 kW|silnik ma 35 kW|moc wynosi 35 kW|silnik o mocy 35 kW'],
    [
      'consumption',
      4.2,
      'Pali 4,2 l/100 km|spalanie wynosi 4,2 l/100 km|zużywa 4,2 litra na 100 km|spala 4,2 litra na setkę',
    ],
    ['price', 34900, 'Nowy kosztuje 34 900 zł|cena nowego to 34 900 zł|cena katalogowa 34 900 zł'],
  ],
  cs: [
    [
      'mass',
      190,
      'Váží 190 kg|motorka váží 190 kg s plnou nádrží|hmotnost je 190 kg|pohotovostní hmotnost 190 kg',
    ],
    ['seatHeight', 870, 'Sedlo je ve výšce 870 mm|výška sedla je 870 mm|sedlo ve výši 870 mm'],
    [
      'tank',
      14,
      'Do nádrže se vejde 14 litrů|nádrž má 14 litrů|nádrž pojme 14 litrů|14litrová nádrž',
    ],
    ['power', 35, 'Motor dává 35 kW|motor má 35 kW|výkon je 35 kW|motor o výkonu 35 kW'],
    ['consumption', 4.2, 'Žere 4,2 l/100 km|spotřeba je 4,2 l/100 km|bere 4,2 litru na 100 km'],
    ['price', 199900, 'Nová stojí 199 900 Kč|cena nové je 199 900 Kč|ceníková cena 199 900 Kč'],
  ],
  pt: [
    [
      'mass',
      190,
      'Pesa 190 kg|a moto pesa 190 kg com o depósito cheio|o peso é de 190 kg|peso em ordem de marcha 190 kg',
    ],
    [
      'seatHeight',
      870,
      'O assento fica a 870 mm|a altura do assento é de 870 mm|assento a 870 mm do chão|banco a 870 mm',
    ],
    [
      'tank',
      14,
      'O depósito leva 14 litros|depósito de 14 litros|no depósito cabem 14 litros|tem um depósito com 14 litros',
    ],
    ['power', 35, 'O motor debita 35 kW|tem 35 kW|a potência é de 35 kW|motor com 35 kW'],
    [
      'consumption',
      4.2,
      'Gasta 4,2 l/100 km|consome 4,2 l/100 km|o consumo é de 4,2 l/100|faz 4,2 litros aos 100',
    ],
    [
      'price',
      7990,
      'Nova custa 7.990 euros|preço em nova 7.990 €|custa nova 7.990 €|o preço é de 7.990 €',
    ],
  ],
};

const proposed = (tongue: Tongue, words: string) =>
  saidIn(tongue, words).flatMap((p) =>
    p.kind === 'figure' && p.key !== 'wheelbase' && p.key !== 'clearance' ? [p] : [],
  );

describe('a figure told in a sentence is that figure, and no other', () => {
  test.each(
    Object.entries(SAID).flatMap(([tongue, rows]) =>
      rows.flatMap(([key, amount, said]) =>
        said.split('|').map((words) => [tongue as Tongue, words, key, amount] as const),
      ),
    ),
  )('%s: %s', (tongue, words, key, amount) => {
    const [first, ...more] = proposed(tongue, words);
    expect(more).toEqual([]);
    expect(first?.key).toBe(key);
    expect(
      key === 'price'
        ? first?.amount
        : convert(first?.amount ?? 0, first?.unit ?? 'mm', figureUnit(key, 'metric', 'EUR')),
    ).toBeCloseTo(amount, 6);
  });
});

// By its verb, and not by its unit alone: ticked.
describe('what an engine gives is its power', () => {
  test.each<[Tongue, string]>([
    ['nl', 'Het blok levert 35 kW'],
    ['sv', 'Motorn lämnar 35 kW'],
    ['sv', 'Effekten är 35 kW'],
    ['no', 'Motoren yter 35 kW'],
    ['da', 'Motoren yder 35 kW'],
    ['fi', 'Moottori antaa 35 kW'],
    ['pl', 'Silnik o mocy 35 kW'],
    ['cs', 'Motor dává 35 kW'],
    ['pt', 'O motor debita 35 kW'],
  ])('%s: %s', (tongue, words) =>
    expect(proposed(tongue, words)).toMatchObject([{ key: 'power', ticked: true }]),
  );
});
