import { describe, expect, test } from 'vitest';
import { saidIn, type Tongue } from './said-in-a-tongue';

// Who says so: measured, the maker's claim, or only heard; common usage, no source.
const SAID: readonly (readonly [Tongue, key: string, origin: string, said: string])[] = [
  [
    'en',
    'mass',
    'measured',
    'I weighed it at 199 kg wet|On the scales it came to 199 kg wet|Our scales showed 199 kg wet|199 kg wet, measured|Weighed: 199 kg wet|It weighed in at 199 kg wet on our scales|Measured wet weight 199 kg|199 kg wet on a truck scale|199 kg wet on a weighbridge',
  ],
  [
    'en',
    'mass',
    'claimed',
    'Claimed wet weight 196 kg|196 kg wet, claimed|The factory says 196 kg wet|Brochure says 196 kg wet|According to the maker 196 kg wet|Manufacturer’s figure: 196 kg wet|They claim 196 kg wet|Quoted wet weight 196 kg|Spec sheet says 196 kg wet|Officially 196 kg wet|On paper 196 kg wet',
  ],
  [
    'de',
    'mass',
    'measured',
    'Gewogen 199 kg vollgetankt|Unsere Waage zeigt 199 kg vollgetankt|Gemessen: 199 kg vollgetankt|199 kg vollgetankt, nachgewogen|Testgewicht 199 kg vollgetankt|Selbst gewogen: 199 kg vollgetankt',
  ],
  [
    'de',
    'mass',
    'claimed',
    'Werksangabe 196 kg vollgetankt|Laut Hersteller 196 kg vollgetankt|Der Hersteller gibt 196 kg vollgetankt an|Laut Prospekt 196 kg vollgetankt|Angegeben sind 196 kg vollgetankt|Offiziell 196 kg vollgetankt',
  ],
  [
    'fr',
    'mass',
    'measured',
    'Pesée : 199 kg tous pleins faits|Poids mesuré 199 kg tous pleins faits|Sur notre balance 199 kg tous pleins faits|Vérifié : 199 kg tous pleins faits|Nous l’avons pesée à 199 kg tous pleins faits',
  ],
  [
    'fr',
    'mass',
    'claimed',
    'Poids annoncé 196 kg tous pleins faits|Le constructeur annonce 196 kg tous pleins faits|Donnée constructeur : 196 kg tous pleins faits|Selon le constructeur 196 kg tous pleins faits|Officiellement 196 kg tous pleins faits',
  ],
  [
    'it',
    'mass',
    'measured',
    'Peso rilevato 199 kg col pieno|Pesata: 199 kg col pieno|Sulla nostra bilancia 199 kg col pieno|Misurato: 199 kg col pieno',
  ],
  [
    'it',
    'mass',
    'claimed',
    'Peso dichiarato 196 kg col pieno|La casa dichiara 196 kg col pieno|Secondo la casa 196 kg col pieno|Dichiarati 196 kg col pieno|Sulla carta 196 kg col pieno',
  ],
  [
    'es',
    'mass',
    'measured',
    'Peso verificado 199 kg lleno|En nuestra báscula 199 kg lleno|Pesada: 199 kg lleno|Peso medido 199 kg lleno|La pesamos: 199 kg lleno',
  ],
  [
    'es',
    'mass',
    'claimed',
    'Peso declarado 196 kg lleno|El fabricante anuncia 196 kg lleno|Según el fabricante 196 kg lleno|Sobre el papel 196 kg lleno|Oficialmente 196 kg lleno',
  ],
  [
    'nl',
    'mass',
    'measured',
    'Gewogen 199 kg rijklaar|Op onze weegschaal 199 kg rijklaar|Gemeten gewicht 199 kg rijklaar',
  ],
  [
    'nl',
    'mass',
    'claimed',
    'Fabrieksopgave 196 kg rijklaar|Volgens de fabrikant 196 kg rijklaar|Opgegeven gewicht 196 kg rijklaar|Volgens de folder 196 kg rijklaar',
  ],
  [
    'sv',
    'mass',
    'measured',
    'Vägd: 199 kg fulltankad|På vår våg 199 kg fulltankad|Uppmätt vikt 199 kg fulltankad',
  ],
  [
    'sv',
    'mass',
    'claimed',
    'Enligt tillverkaren 196 kg fulltankad|Uppgiven vikt 196 kg fulltankad|Fabriken säger 196 kg fulltankad',
  ],
  [
    'pl',
    'mass',
    'measured',
    'Zważony: 199 kg z pełnym bakiem|Na naszej wadze 199 kg z pełnym bakiem|Zmierzona masa 199 kg z pełnym bakiem',
  ],
  [
    'pl',
    'mass',
    'claimed',
    'Według producenta 196 kg z pełnym bakiem|Producent podaje 196 kg z pełnym bakiem|Deklarowana masa 196 kg z pełnym bakiem',
  ],
  [
    'pt',
    'mass',
    'measured',
    'Pesada: 199 kg com depósito cheio|Na nossa balança 199 kg com depósito cheio|Peso medido 199 kg com depósito cheio',
  ],
  [
    'pt',
    'mass',
    'claimed',
    'Peso anunciado 196 kg com depósito cheio|Segundo o fabricante 196 kg com depósito cheio|Peso declarado 196 kg com depósito cheio',
  ],
  [
    'en',
    'seatHeight',
    'measured',
    'Seat height measured 835 mm|I measured the seat at 835 mm|Tape measure says the seat is 835 mm|Seat height (measured): 835 mm',
  ],
  [
    'en',
    'power',
    'measured',
    'Dyno showed 42 hp at the wheel|Measured 42 hp at the wheel|It made 42 hp at the wheel on the dyno',
  ],
  [
    'en',
    'seatHeight',
    'heard',
    'Apparently the seat is 835 mm|Someone said the seat is 835 mm|I heard the seat height is 835 mm|I was told the seat height is 835 mm|Supposedly seat height is 835 mm',
  ],
];

describe.each(SAID)('%s: %s, %s', (tongue, key, origin, said) => {
  test.each(said.split('|'))('%s', (words) => {
    const told = saidIn(tongue, words).flatMap((p) =>
      p.kind === 'figure' && p.key === key ? [p.origin] : [],
    );
    expect(told).toEqual([origin]);
  });
});
