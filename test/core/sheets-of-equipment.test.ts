import { describe, expect, test } from 'vitest';
import { readText } from '@/core/spec-text';

/** What one made-up machine is built and equipped like, as sheets of five languages tell it; labels from common practice, no source. */
const SHEETS = {
  Italian: `Harlow Nomad 700 – Scheda tecnica
Motore: bicilindrico in linea, raffreddato a liquido, 695 cc
Alimentazione: iniezione elettronica
Avviamento: elettrico
Frizione: multidisco in bagno d'olio, antisaltellamento
Trasmissione finale: a catena
Telaio: traliccio in acciaio, telaietto posteriore imbullonato
Sospensione anteriore: forcella a steli rovesciati da 43 mm, regolabile in compressione ed estensione, escursione 210 mm
Sospensione posteriore: monoammortizzatore con leveraggio, regolabile nel precarico e in estensione, escursione 200 mm
Freno anteriore: doppio disco da 282 mm, pinze a due pistoncini
Freno posteriore: disco singolo da 245 mm
ABS: disinseribile su entrambe le ruote
Ruote: a raggi con camera d'aria
Pneumatici: ant. 90/90-21, post. 150/70-18
Controllo di trazione: non presente
Cruise control: assente
Presa USB: di serie
Parabrezza: regolabile in altezza`,
  Spanish: `Harlow Nomad 700 – Ficha técnica
Motor: bicilíndrico paralelo, refrigeración líquida, 695 cc
Alimentación: inyección electrónica
Arranque: eléctrico
Transmisión secundaria: cadena
Chasis: tubular de acero, subchasis atornillado
Suspensión delantera: horquilla invertida de 43 mm, regulable en compresión y extensión, 210 mm de recorrido
Suspensión trasera: monoamortiguador con bieletas, regulable en precarga y extensión, 200 mm de recorrido
Freno delantero: doble disco de 282 mm
Freno trasero: disco de 245 mm
ABS: desconectable en ambas ruedas
Llantas: de radios, con cámara
Control de tracción: no
Control de crucero: no
Toma USB: sí
Pantalla: regulable`,
  French: `Harlow Nomad 700 – Fiche technique
Moteur : bicylindre en ligne, refroidissement liquide, 695 cm³
Alimentation : injection électronique
Démarrage : électrique
Transmission finale : chaîne
Cadre : treillis acier, boucle arrière boulonnée
Suspension avant : fourche inversée Ø 43 mm, réglable en compression et détente, déb. 210 mm
Suspension arrière : monoamortisseur à biellettes, réglable en précharge et détente, déb. 200 mm
Frein avant : double disque Ø 282 mm, étriers 2 pistons
Frein arrière : simple disque Ø 245 mm
ABS : déconnectable à l'avant et à l'arrière
Jantes : à rayons, avec chambres à air
Contrôle de traction : sans
Régulateur de vitesse : non
Prise USB : oui
Bulle : réglable
Sabot moteur : plastique
Protège-mains : de série`,
  German: `Harlow Nomad 700 – Technische Daten
Motor: Zweizylinder-Reihenmotor, flüssigkeitsgekühlt, 695 cm³
Gemischaufbereitung: elektronische Einspritzung
Starter: Elektrostarter
Sekundärantrieb: Kette
Rahmen: Stahlrohr-Doppelschleife, Heckrahmen geschraubt
Federung vorn: USD-Gabel 43 mm, einstellbar in Druck- und Zugstufe, Federweg 210 mm
Federung hinten: Zentralfederbein mit Umlenkung, Federbasis und Zugstufe einstellbar, Federweg 200 mm
Bremse vorn: Doppelscheibe Ø 282 mm
Bremse hinten: Scheibe Ø 245 mm
ABS: komplett abschaltbar
Räder: Speichenräder mit Schläuchen
Traktionskontrolle: keine
Tempomat: nein
USB-Anschluss: ja
Windschild: verstellbar
Motorschutz: Kunststoff
Handprotektoren: Serie`,
  English: `Harlow Nomad 700 – Specification
Engine: liquid-cooled parallel twin, 695 cc, DOHC, 8 valves
Fuel system: fuel injection
Starting: electric
Clutch: wet, assist & slipper
Final drive: chain (525)
Frame: steel cradle, bolt-on subframe
Front suspension: 43 mm inverted fork, adjustable compression and rebound, 210 mm travel
Rear suspension: linkage-mounted monoshock, adjustable preload and rebound, 200 mm travel
Front brake: twin 282 mm discs, two-piston calipers
Rear brake: 245 mm disc
ABS: fully switchable
Wheels: spoked, tube-type
Traction control: no
USB socket: yes
Screen: adjustable (3 positions)
Engine guard: plastic
Hand guards: plastic
Passenger: yes`,
};

const FACTS = {
  layout: 'parallel-twin',
  cooling: 'liquid',
  fuelling: 'injection',
  starter: 'electric',
  finalDrive: 'chain',
  subframe: 'bolted',
  forkType: 'upside-down',
  shockAdjust: 'preload-rebound',
  shockType: 'single',
  brakeFront: 'twin-disc',
  abs: 'both-off',
  wheelType: 'spoked-tubes',
  tractionControl: 'none',
  socket: 'usb',
};
const told = (text: string) =>
  readText(text).machines.flatMap((m) =>
    m.proposals.flatMap((p) => (p.kind === 'fact' && p.ticked ? [[p.key, p.value] as const] : [])),
  );

describe.each(Object.entries(SHEETS))('a sheet of equipment in %s', (_, sheet) => {
  const facts = told(sheet);
  test.each(Object.entries(FACTS))('%s: %s', (key, value) =>
    expect(facts.filter(([k]) => k === key)).toEqual([[key, value]]),
  );
  test('damping without preload says nothing of what can be turned at the fork', () =>
    expect(facts.filter(([k]) => k === 'forkAdjust')).toEqual([]));
});

test.each([
  [
    'Windschild: verstellbar\nMotorschutz: Kunststoff',
    { screen: 'adjustable', sumpGuard: 'plastic' },
  ],
  ['Bulle : réglable\nSabot moteur : aluminium', { screen: 'adjustable', sumpGuard: 'alloy' }],
  [
    'Parabrezza: regolabile in altezza\nParamotore: assente',
    { screen: 'adjustable', sumpGuard: 'none' },
  ],
  ['Pantalla: alta\nCubrecárter: plástico', { screen: 'tall', sumpGuard: 'plastic' }],
])('%s', (lines, facts) =>
  expect(Object.fromEntries(told(`Harlow Nomad 700\n${lines}\nWheelbase: 1590 mm`))).toEqual(facts),
);

describe('the disc of the rear brake is none of the front one', () => {
  const front = (lines: string) =>
    told(`Harlow Nomad 700\nSeat height: 875 mm\n${lines}`).filter(([key]) => key === 'brakeFront');
  test.each([
    [
      'Sitzhöhe: 875 mm\nRadstand: 1590 mm\nBremse v.      Doppelscheibe 282 mm\nBremse h.      Einzelscheibe 245 mm',
      ['twin-disc'],
    ],
    ['Front brake twin 282 mm discs\nRear brake single disc 245 mm', ['twin-disc']],
    ['Rear brake is a single disc.', []],
    ['Single disc at the front and rear.', ['single-disc']],
  ])('%s', (lines, discs) => expect(front(lines).map(([, value]) => value)).toEqual(discs));
});
