import { type EffectChange, type Part, type PartFits } from '../part';
import type { Table } from './donor-table';

export const PART_HEADINGS = [
  'Id',
  'Name',
  'Kind',
  'Price',
  'Currency',
  'Fitting (h)',
  'Workshop',
  'Mass (kg)',
  'Effects',
  'Sets',
  'Needs',
  'Shuts out',
  'Slot',
  'Replaces',
  'Fits',
  'Flags',
  'Reversible',
  'Lead time (days)',
  'Legal',
  'Warranty',
  'Note',
] as const;
export type PartHeading = (typeof PART_HEADINGS)[number];

export const SIGN: Readonly<Record<EffectChange, string>> = { add: '+', set: '=', scale: '*' };

/**
 * Parts as a table that `readPartRow` reads back. Effects are in base units: `seatHeight +-25; tank =11.4; consumption *1.02`.
 * Sets are facts of the sheet and what they become: `screen=tall; sumpGuard=alloy`. Needs are groups parted by semicolons, one of each parted by bars. Fits: `all`, or classes, or `donor:` and ids.
 */
export const partTable = (parts: readonly Part[]): Table => ({
  headings: PART_HEADINGS,
  rows: parts.map((p) => [
    p.id,
    p.name,
    p.kind,
    p.price.amount,
    p.price.currency,
    p.fitting_h,
    p.workshop ? 'yes' : 'no',
    p.mass_kg,
    p.effects
      .map((e) => `${e.figure} ${SIGN[e.change]}${e.amount}${e.spread ? ` ±${e.spread}` : ''}`)
      .join('; '),
    Object.entries(p.sets ?? {})
      .map(([fact, option]) => `${fact}=${option}`)
      .join('; '),
    p.needs.map((g) => g.join(' | ')).join('; '),
    p.shutsOut.join('; '),
    p.slot,
    p.replaces ?? '',
    fitsText(p.fits),
    p.flags.join('; '),
    p.reversible ? 'yes' : 'no',
    p.leadTime_days,
    p.legal ?? '',
    p.warranty ?? '',
    p.note,
  ]),
});

function fitsText(fits: PartFits): string {
  switch (fits.kind) {
    case 'all':
      return 'all';
    case 'classes':
      return fits.classes.join('; ');
    case 'donors':
      return fits.donorIds.map((id) => `donor:${id}`).join('; ');
  }
}
