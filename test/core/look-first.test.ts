import { describe, expect, test } from 'vitest';
import { SHIPPED_PARTS } from '@/core/catalogue';
import type { Donor, DonorClass } from '@/core/donor';
import type { DonorFacts } from '@/core/facts';
import { lookFirst } from '@/core/suitability';
import { newDonor } from '@/store/records';
import { lookFirstWords } from '@/ui/messages';

const partSetting = (fact: string) => {
  const part = SHIPPED_PARTS.find((p) => p.sets && fact in p.sets);
  if (!part) throw new Error(fact);
  return part;
};
const screen = partSetting('screen');
const guards = partSetting('handGuards');
const bladder = SHIPPED_PARTS.find((p) => p.sets === undefined);
const donor = (donorClass: DonorClass, facts: DonorFacts = {}): Donor => ({
  ...newDonor('d'),
  maker: 'Haldry',
  model: 'Shale 450',
  donorClass,
  facts,
});
const told = (value: string) => ({
  readings: [{ id: 'r', value, origin: 'claimed' as const, note: '' }],
});
const found = (of: Donor) =>
  lookFirst([screen, guards, ...(bladder ? [bladder] : [])], of).map(({ part, facts }) => [
    part.id,
    ...facts,
  ]);

/** Which class has which screen and guards how often: the class table of the handbook. */
describe('parts that bring what a machine may have already', () => {
  test('are named where nobody has told, and only those', () => {
    expect(found(donor('long-range-dual-sport'))).toEqual([
      [screen.id, 'screen'],
      [guards.id, 'handGuards'],
    ]);
  });
  test('nothing where it is told, that there is none as well', () => {
    expect(
      found(donor('long-range-dual-sport', { screen: told('none'), handGuards: told('plastic') })),
    ).toEqual([]);
    expect(found(donor('long-range-dual-sport', { screen: told('none') }))).toEqual([
      [guards.id, 'handGuards'],
    ]);
  });
  test('no screen where hardly a machine of the class has one', () => {
    expect(found(donor('dual-sport-single'))).toEqual([[guards.id, 'handGuards']]);
  });
  test('rims where the class often has these already', () => {
    const sealed = SHIPPED_PARTS.find((p) => p.sets?.wheelType === 'spoked-tubeless');
    if (!sealed) throw new Error('no such part');
    const of = (c: DonorClass) => lookFirst([sealed], donor(c)).flatMap(({ facts }) => facts);
    expect(of('large-adventure-twin')).toEqual(['wheelType']);
    expect(of('air-trail-single')).toEqual([]);
  });
  test('what the rider holds typical of a class counts instead', () => {
    const own = { 'dual-sport-single': { screen: { none: 80, small: 20, tall: 0 } } };
    const with80 = lookFirst([screen], { ...donor('dual-sport-single'), usualFacts: own });
    expect(with80.map(({ part }) => part.id)).toEqual([screen.id]);
    const with81 = { 'dual-sport-single': { screen: { none: 81, small: 19, tall: 0 } } };
    expect(lookFirst([screen], { ...donor('dual-sport-single'), usualFacts: with81 })).toEqual([]);
  });
  test('in words', () => {
    const of = donor('long-range-dual-sport');
    expect(lookFirstWords(lookFirst([screen], of), of)).toMatch(
      /^Look first: nobody has told Shale 450’s screen; .* counts as if it had the least\.$/,
    );
    expect(lookFirstWords(lookFirst([screen, guards], of), of)).toMatch(
      /^Look first: nobody has told Shale 450’s screen and hand guards; .* count as if /,
    );
    expect(lookFirstWords([], of)).toBeUndefined();
  });
});
