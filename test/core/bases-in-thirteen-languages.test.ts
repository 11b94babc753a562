import { describe, expect, test } from 'vitest';
import { saidIn, type Tongue } from './said-in-a-tongue';

// How a number was taken, in the words that sheets, tests and adverts use; common usage, no source. "In running order" is the European Union's
// term: the tank at 90 %.
const SAID: readonly (readonly [Tongue, key: string, basis: string, said: string])[] = [
  [
    'en',
    'mass',
    'dry',
    'Dry weight 178 kg|178 kg dry|178 kg without fuel|Weight (no fuel): 178 kg|178 kg without fluids|178 kg (dry, claimed)|Shipping weight 178 kg|178 kg with an empty tank|Weight, less fuel: 178 kg|178 kg unfuelled|Mass without fuel 178 kg|178 kg with no petrol in it',
  ],
  [
    'en',
    'mass',
    'ready',
    'Wet weight 196 kg|196 kg wet|196 kg fully fuelled|196 kg with a full tank|Kerb weight 196 kg|196 kg ready to ride|196 kg brimmed|196 kg all fluids|196 kg tanked up|196 kg gassed up|Curb mass (full tank) 196 kg|Weight with all fluids and a full tank 196 kg|196 kg full of gas',
  ],
  [
    'en',
    'mass',
    'ready-90',
    'Mass in running order 196 kg|Kerb weight 196 kg (90 % fuel)|196 kg with a 90% full tank|196 kg incl. 90 % fuel',
  ],
  [
    'de',
    'mass',
    'dry',
    'Trockengewicht 178 kg|178 kg trocken|Gewicht ohne Kraftstoff 178 kg|178 kg ohne Sprit|Gewicht (ohne Betriebsstoffe): 178 kg|178 kg leer ohne Benzin|Gewicht trocken: 178 kg|178 kg ohne Benzin',
  ],
  [
    'de',
    'mass',
    'ready',
    'Gewicht vollgetankt 196 kg|196 kg vollgetankt|196 kg fahrfertig|Leergewicht (vollgetankt) 196 kg|196 kg mit vollem Tank|Gewicht fahrbereit 196 kg|196 kg mit allen Flüssigkeiten und vollem Tank|196 kg randvoll|fahrfertig (vollgetankt) 196 kg',
  ],
  [
    'de',
    'mass',
    'ready-90',
    'Leergewicht 196 kg (90 % Kraftstoff)|Masse in fahrbereitem Zustand 196 kg|196 kg mit 90 % Tankfüllung',
  ],
  [
    'fr',
    'mass',
    'dry',
    'Poids à sec 178 kg|178 kg à sec|Poids sans carburant 178 kg|178 kg sans essence|Poids à vide sans carburant 178 kg|178 kg réservoir vide',
  ],
  [
    'fr',
    'mass',
    'ready',
    'Poids tous pleins faits 196 kg|196 kg tous pleins faits|196 kg avec le plein|196 kg plein fait|196 kg pleins faits|196 kg réservoir plein|Poids avec pleins 196 kg|196 kg TPF',
  ],
  ['fr', 'mass', 'ready-90', 'Poids en ordre de marche 196 kg|196 kg avec 90 % de carburant'],
  [
    'it',
    'mass',
    'dry',
    'Peso a secco 178 kg|178 kg a secco|Peso senza carburante 178 kg|178 kg senza benzina|178 kg a serbatoio vuoto',
  ],
  [
    'it',
    'mass',
    'ready',
    'Peso col pieno 196 kg|196 kg con il pieno|196 kg col pieno di benzina|196 kg con serbatoio pieno|Peso con tutti i liquidi e pieno 196 kg',
  ],
  [
    'it',
    'mass',
    'ready-90',
    'Peso in ordine di marcia 196 kg|Massa in ordine di marcia 196 kg|196 kg con il 90% di carburante',
  ],
  [
    'es',
    'mass',
    'dry',
    'Peso en seco 178 kg|178 kg en seco|Peso sin gasolina 178 kg|178 kg sin combustible|178 kg con el depósito vacío|Peso en vacío sin combustible 178 kg',
  ],
  [
    'es',
    'mass',
    'ready',
    'Peso con el depósito lleno 196 kg|196 kg con depósito lleno|196 kg lleno|Peso en lleno 196 kg|196 kg con todos los llenos|Peso con gasolina 196 kg',
  ],
  ['es', 'mass', 'ready-90', 'Peso en orden de marcha 196 kg|196 kg con el 90 % de combustible'],
  [
    'nl',
    'mass',
    'dry',
    'Drooggewicht 178 kg|178 kg droog|178 kg zonder brandstof|Gewicht zonder benzine 178 kg',
  ],
  [
    'nl',
    'mass',
    'ready',
    'Rijklaar gewicht 196 kg|196 kg rijklaar|196 kg met volle tank|196 kg volgetankt|Gewicht (volle tank) 196 kg',
  ],
  [
    'pt',
    'mass',
    'dry',
    'Peso a seco 178 kg|178 kg a seco|178 kg sem combustível|Peso sem gasolina 178 kg',
  ],
  [
    'pt',
    'mass',
    'ready',
    'Peso com depósito cheio 196 kg|196 kg com o depósito cheio|196 kg atestada|196 kg com todos os líquidos e depósito cheio',
  ],
  [
    'pl',
    'mass',
    'dry',
    'Masa na sucho 178 kg|Masa własna bez paliwa 178 kg|178 kg na sucho|178 kg bez paliwa|Sucha masa 178 kg',
  ],
  [
    'pl',
    'mass',
    'ready',
    'Masa z pełnym bakiem 196 kg|196 kg z pełnym zbiornikiem|196 kg z płynami|Masa gotowy do jazdy 196 kg|196 kg zatankowany',
  ],
  ['sv', 'mass', 'dry', 'Torrvikt 178 kg|178 kg torr|178 kg utan bränsle'],
  [
    'sv',
    'mass',
    'ready',
    'Vikt fulltankad 196 kg|196 kg fulltankad|196 kg körklar|196 kg med full tank',
  ],
  ['no', 'mass', 'dry', 'Tørrvekt 178 kg|178 kg tørr|178 kg uten drivstoff'],
  ['no', 'mass', 'ready', 'Vekt fulltanket 196 kg|196 kg kjøreklar|196 kg med full tank'],
  ['da', 'mass', 'dry', 'Tørvægt 178 kg|178 kg tør|178 kg uden brændstof'],
  ['da', 'mass', 'ready', 'Vægt fuldt tanket 196 kg|196 kg køreklar|196 kg med fuld tank'],
  [
    'cs',
    'mass',
    'dry',
    'Suchá hmotnost 178 kg|178 kg za sucha|178 kg bez paliva|Hmotnost suchá 178 kg',
  ],
  [
    'cs',
    'mass',
    'ready',
    'Hmotnost s plnou nádrží 196 kg|196 kg s náplněmi|Pohotovostní hmotnost 196 kg|196 kg plně natankovaná',
  ],
  ['fi', 'mass', 'dry', 'Kuivapaino 178 kg|178 kg kuivana|178 kg ilman polttoainetta'],
  [
    'fi',
    'mass',
    'ready',
    'Paino ajokunnossa 196 kg|196 kg tankattuna|196 kg täydellä tankilla|Ajokuntoinen paino 196 kg',
  ],
  [
    'en',
    'power',
    'wheel',
    '42 hp at the wheel|42 rwhp|Rear wheel power 42 hp|42 hp at the rear tyre|Dyno: 42 hp at the back wheel|42 whp',
  ],
  [
    'de',
    'power',
    'wheel',
    '42 PS am Hinterrad|Hinterradleistung 42 PS|42 PS am Rad|Leistung am Hinterrad: 42 PS',
  ],
  ['fr', 'power', 'wheel', '42 ch à la roue|Puissance à la roue 42 ch|42 ch à la roue arrière'],
  ['it', 'power', 'wheel', '42 CV alla ruota|Potenza alla ruota 42 CV'],
  ['es', 'power', 'wheel', '42 CV a la rueda|Potencia a la rueda 42 CV|42 CV en rueda'],
  [
    'en',
    'consumption',
    'motorway',
    '5.1 l/100 km on the motorway|Motorway: 5.1 l/100 km|5.1 l/100 km at 120 km/h|Highway consumption 5.1 l/100 km|5.1 l/100 km on the highway',
  ],
  ['de', 'consumption', 'motorway', 'Autobahn 5,1 l/100 km|5,1 l/100 km auf der Autobahn'],
  [
    'fr',
    'consumption',
    'motorway',
    '5,1 l/100 km sur autoroute|Autoroute : 5,1 l/100 km|Consommation sur autoroute 5,1 l/100 km',
  ],
  [
    'it',
    'consumption',
    'motorway',
    'In autostrada 19,6 km/l|19,6 km/l in autostrada|Consumo in autostrada 19,6 km/l',
  ],
  [
    'es',
    'consumption',
    'motorway',
    '5,1 l/100 km en autopista|Consumo en autovía 5,1 l/100 km|Autopista: 5,1 l/100 km',
  ],
  [
    'en',
    'consumption',
    'cycle',
    'WMTC 4.1 l/100 km|Fuel consumption (WMTC) 4.1 l/100 km|4.1 l/100 km WMTC',
  ],
  [
    'de',
    'consumption',
    'cycle',
    'Verbrauch nach WMTC 4,1 l/100 km|Normverbrauch 4,1 l/100 km|4,1 l/100 km (WMTC)',
  ],
  [
    'en',
    'seatHeight',
    'low-seat',
    'Low seat 805 mm|805 mm with the low seat|Seat height (low) 805 mm|Lower seat option: 805 mm|Seat height 805 mm with optional low seat',
  ],
  [
    'de',
    'seatHeight',
    'low-seat',
    'Niedrige Sitzbank 805 mm|805 mm mit niedriger Sitzbank|Sitzhöhe niedrig 805 mm|Sitzhöhe mit tiefer Sitzbank 805 mm',
  ],
  [
    'fr',
    'seatHeight',
    'low-seat',
    'Selle basse 805 mm|Hauteur de selle basse 805 mm|805 mm avec la selle basse',
  ],
  [
    'it',
    'seatHeight',
    'low-seat',
    'Sella bassa 805 mm|805 mm con sella bassa|Altezza sella ribassata 805 mm',
  ],
  [
    'es',
    'seatHeight',
    'low-seat',
    'Asiento bajo 805 mm|805 mm con el asiento bajo|Altura asiento bajo 805 mm',
  ],
  [
    'en',
    'price',
    'asked',
    'Asking £4,600|£4,600 ono|Yours for £4,600|Price: £4,600 ovno|£4,600 firm',
  ],
  [
    'en',
    'price',
    'paid',
    'I paid £4,600 for it|Paid £4,600|Bought it for £4,600|Picked it up for £4,600|Got it for £4,600',
  ],
  [
    'en',
    'price',
    'on-the-road',
    '£8,190 on the road|£8,190 OTR|OTR price £8,190|$8,190 out the door|$8,190 ride away',
  ],
  [
    'en',
    'price',
    'list',
    'MSRP $8,190|RRP £8,190|List price £8,190|Starts at £8,190|From £8,190|New price £8,190',
  ],
  [
    'de',
    'price',
    'paid',
    'Habe 4.600 € bezahlt|Für 4.600 € gekauft|Hat mich 4.600 € gekostet|Bezahlt: 4.600 €',
  ],
  [
    'fr',
    'price',
    'paid',
    'Payée 4 600 €|Je l’ai payée 4 600 €|Achetée 4 600 €|Elle m’a coûté 4 600 €',
  ],
  ['it', 'price', 'paid', 'Pagata 4.600 €|L’ho pagata 4.600 €|Comprata a 4.600 €'],
  ['es', 'price', 'paid', 'Pagué 4.600 €|Me costó 4.600 €|La compré por 4.600 €'],
];

describe.each(SAID)('%s: %s, %s', (tongue, key, basis, said) => {
  test.each(said.split('|'))('%s', (words) => {
    const told = saidIn(tongue, words).flatMap((p) =>
      p.kind === 'figure' && p.key === key ? [p.basis] : [],
    );
    expect(told).toEqual([basis]);
  });
});
