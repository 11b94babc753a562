import { describe, expect, test } from 'vitest';
import { readText } from '@/core/spec-text';

/** Mass in running order is with 90 % of the fuel: Regulation (EU) 168/2013, from memory; how sheets say so, common practice. */
const NINETY = [
  'Weight: 174kg (all fluids, 90% fuel)',
  'Weight 174 kg with all fluids and 90% fuel',
  'Kerb weight (90% fuel): 174 kg',
  '174 kg wet (tank 90% full)',
  'Weight ready to ride, 90 percent fuel: 174 kg',
  'Weight: 174 kg (wet, 90% tank)',
  'Gewicht: 174 kg (alle Flüssigkeiten, 90 % Kraftstoff)',
  'Gewicht fahrfertig mit 90 % Tankfüllung 174 kg',
  'Poids : 174 kg (tous pleins faits, 90 % de carburant)',
  'Peso: 174 kg (con tutti i liquidi, 90% carburante)',
  'Peso: 174 kg (todos los líquidos, 90 % de combustible)',
] as const;
const masses = (text: string) =>
  readText(text).machines.flatMap((m) =>
    m.proposals.flatMap((p) =>
      p.kind === 'figure' && p.key === 'mass'
        ? [`${p.amount} ${p.basis}${p.ticked ? ' ticked' : ''}`]
        : [],
    ),
  );

describe('a mass with nine tenths of the fuel', () => {
  test.each(NINETY)('%s', (line) => {
    expect(masses(line)).toEqual(['174 ready-90 ticked']);
  });
});

describe('is told from one with a full tank or a dry one beside it', () => {
  test.each([
    ['162 kg dry, 174 kg (wet, 90% fuel)', ['162 dry ticked', '174 ready-90 ticked']],
    ['Dry weight 162 kg, 90% fuel 174 kg', ['162 dry ticked', '174 ready-90 ticked']],
    ['Weight: 174 kg with 90 % fuel, 178 kg full', ['174 ready-90 ticked', '178 ready']],
    [
      'Wet weight 174 kg. 90 % of the braking is done in front, the tank is full.',
      ['174 ready ticked'],
    ],
    ['Wet weight 174 kg, 90 % of it felt low down', ['174 ready ticked']],
  ])('%s', (line, told) => {
    expect(masses(line)).toEqual(told);
  });
});

/** What was in the tank when it was weighed, as riders say it; common practice, no source. */
describe('a mass with the tank partly filled is asked about', () => {
  test.each([
    '174 kg on the scales with a half full tank',
    '174 kg wet, tank half full',
    'It weighed 174 kg with about 5 litres in the tank.',
    'Gewicht 174 kg (halbvoller Tank)',
    'Poids 174 kg, réservoir à moitié',
  ])('%s', (line) => {
    expect(masses(line)).toEqual(['174 ready']);
    expect(readText(line).machines[0]?.proposals.filter((p) => p.key === 'tank') ?? []).toEqual([]);
  });
  test('with none it is dry, whatever it is called', () => {
    expect(masses('174 kg wet, no gas')).toEqual(['174 dry ticked']);
    expect(masses('Kerb weight (no fuel) 174 kg')).toEqual(['174 dry ticked']);
  });
  test('a tank told beside a mass is a tank', () => {
    const [machine] = readText('It weighs 174 kg, with a 14 litre tank.').machines;
    expect(machine?.proposals.find((p) => p.key === 'tank')).toMatchObject({
      amount: 14,
      ticked: true,
    });
  });
});
