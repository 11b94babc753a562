import type { Donor } from '../donor';
import type { Part } from './part';

/** Whether a part is made for this donor. */
export function fitsDonor(part: Pick<Part, 'fits'>, donor: Pick<Donor, 'id' | 'donorClass'>): boolean {
  switch (part.fits.kind) {
    case 'all': return true;
    case 'classes': return part.fits.classes.includes(donor.donorClass);
    case 'donors': return part.fits.donorIds.includes(donor.id);
  }
}
