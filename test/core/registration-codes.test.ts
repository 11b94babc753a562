import { describe, expect, test } from 'vitest';
import { readText } from '@/core/spec-text';

const machine = (text: string) => readText(text).machines[0];
const ticked = (text: string) =>
  (machine(text)?.proposals ?? []).flatMap((p) =>
    p.kind === 'figure' && p.ticked ? [`${p.key} ${p.amount} ${p.unit}`] : [],
  );

/** Codes of the registration document: Council Directive 1999/37/EC, Annex I (from memory). The machine is made up. */
describe('a registration document copied by its codes', () => {
  const LINES = [
    'D.1 Haldry',
    'D.3 Shale 450',
    'P.1 449',
    'P.2/P.4 31/8500',
    'G 158',
    'F.1 330',
    '7.1 130 7.2 210',
    'U.1 91 U.2 4250 U.3 77',
    '15.1 90/90-21',
    '15.2 140/80-18',
  ];
  test('is read by what the codes stand for; its mass is left to be asked about', () => {
    const text = LINES.join('\n');
    expect(ticked(text)).toEqual([
      'displacement 449 cc',
      'power 31 kW',
      'powerRpm 8500 rpm',
      'maxMass 330 kg',
      'axleLimitFront 130 kg',
      'axleLimitRear 210 kg',
    ]);
    expect(machine(text)).toMatchObject({ maker: 'Haldry', model: 'Shale 450' });
    expect(machine(text)?.proposals).toContainEqual(
      expect.objectContaining({ key: 'mass', amount: 158, ticked: false }),
    );
    expect(machine(text)?.proposals).toContainEqual(
      expect.objectContaining({ key: 'tyreRear', value: '140/80-18' }),
    );
  });
  test('in brackets, in a line, with units, the whole place kept', () => {
    const text = '(D.1) Haldry (D.3) Shale 450 (F.1) 330 kg (G) 158 kg (P.1) 449 cm³ (P.2) 31 kW';
    expect(ticked(text)).toEqual(['maxMass 330 kg', 'displacement 449 cc', 'power 31 kW']);
    expect(machine(text)).toMatchObject({ maker: 'Haldry', model: 'Shale 450' });
    const power = machine(text)?.proposals.find((p) => p.key === 'power');
    expect(text.slice(power?.from, power?.to)).toContain('31 kW');
  });
  test('one that goes on as far as is read is read to its end', () => {
    const codes = 'F.1 330\nP.1 449\nP.2 31\n';
    const text = codes + 'D.3 Shale\n'.repeat(9_990);
    const read = machine(text);
    expect(read?.to).toBeGreaterThan(90_000);
    expect(read?.proposals).toContainEqual(
      expect.objectContaining({ key: 'maxMass', amount: 330, ticked: true }),
    );
  });
  test('three codes make a document of it, two do not', () => {
    expect(ticked('F.1 330\nP.1 449\nP.2 31')).toContain('maxMass 330 kg');
    expect(ticked('P.1 449\nP.2 31')).toEqual([]);
    expect(ticked('Haldry Shale 450\nVersion 7.1 130 km\nP.1 is fast')).toEqual([]);
  });
});
