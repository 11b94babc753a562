import type { Donor } from '../donor';
import type { Part } from './part';

/** Whether a part is made for this donor; unlocking, for those that the sheet calls restricted. What fits a model fits its variants and listings: `standsOn` holds their bases' ids. */
export function fitsDonor(
  { fits, flags }: Pick<Part, 'fits'> & Partial<Pick<Part, 'flags'>>,
  donor: Pick<Donor, 'id' | 'donorClass'> & Partial<Pick<Donor, 'figures'>>,
  standsOn: readonly string[] = [],
): boolean {
  if (flags?.includes('unlocks') && donor.figures && !donor.figures.unrestrictedPower) return false;
  switch (fits.kind) {
    case 'all':
      return true;
    case 'classes':
      return fits.classes.includes(donor.donorClass);
    case 'donors':
      return [donor.id, ...standsOn].some((id) => fits.donorIds.includes(id));
  }
}

/** Whether a part's name, note, slot or the thing it replaces holds every one of the words, large or small letters alike. */
export function hasWords(part: Pick<Part, 'name' | 'note' | 'slot' | 'replaces'>, words: string) {
  const text = `${part.name} ${part.note} ${part.slot} ${part.replaces ?? ''}`.toLowerCase();
  return words
    .toLowerCase()
    .split(/\s+/)
    .every((word) => text.includes(word));
}
