import type { FactKey } from '../facts';
import type { FigureKey } from '../readings';

/** Something in a sheet that cannot be, or seldom is. Code and facts; the screen says what, why and what to look at. None blocks. */
export type Check =
  | { readonly code: 'readings-disagree'; readonly key: FigureKey }
  | { readonly code: 'facts-disagree'; readonly key: FactKey }
  | {
      readonly code: 'torque-at-power-peak-too-high';
      readonly needed_Nm: number;
      readonly peak_Nm: number;
    }
  | {
      readonly code: 'power-at-torque-peak-too-high';
      readonly there_kW: number;
      readonly peak_kW: number;
    }
  | {
      readonly code: 'torque-peak-above-power-peak';
      readonly torque_rpm: number;
      readonly power_rpm: number;
    }
  | {
      readonly code: 'peak-above-redline';
      readonly power_rpm: number;
      readonly redline_rpm: number;
    }
  | {
      readonly code: 'ready-below-dry-and-fuel';
      readonly ready_kg: number;
      readonly least_kg: number;
    }
  | { readonly code: 'max-below-ready'; readonly max_kg: number; readonly ready_kg: number }
  | { readonly code: 'no-room-for-a-rider'; readonly left_kg: number }
  | { readonly code: 'payload-disagrees'; readonly stated_kg: number; readonly computed_kg: number }
  | { readonly code: 'tyres-below-max'; readonly tyres_kg: number; readonly max_kg: number }
  | { readonly code: 'axles-below-max'; readonly axles_kg: number; readonly max_kg: number }
  | {
      readonly code: 'rim-disagrees';
      readonly end: 'front' | 'rear';
      readonly wheel_in: number;
      readonly tyre_in: number;
    }
  | {
      readonly code: 'seat-too-near-the-ground';
      readonly seat_mm: number;
      readonly clearance_mm: number;
    }
  | {
      readonly code: 'grounds-within-its-travel';
      readonly clearance_mm: number;
      readonly travel_mm: number;
    }
  | {
      readonly code: 'travel-beyond-class';
      readonly end: 'front' | 'rear';
      readonly travel_mm: number;
      readonly most_mm: number;
    }
  /** The rider named, and the one whom the springs' rate suits, kg. */
  | {
      readonly code: 'springs-disagree';
      readonly end: 'front' | 'rear';
      readonly named_kg: number;
      readonly byRate_kg: number;
    }
  | { readonly code: 'range-beyond-tank'; readonly stated_km: number; readonly most_km: number }
  | { readonly code: 'range-below-tank'; readonly stated_km: number; readonly least_km: number }
  | { readonly code: 'price-per-power-odd'; readonly perKw: number; readonly usual: number }
  | { readonly code: 'not-a2'; readonly rules: readonly string[] }
  | { readonly code: 'unlock-price-missing' }
  /** Speed for each 1000 rpm as watched on the road, and by ratios and teeth, km/h. */
  | {
      readonly code: 'watched-gears-disagree';
      readonly gear: 'first' | 'top';
      readonly watched_kmh: number;
      readonly computed_kmh: number;
    }
  | { readonly code: 'ratios-not-falling'; readonly key: FigureKey }
  | { readonly code: 'gears-and-ratios-differ'; readonly gears: number; readonly ratios: number }
  | {
      readonly code: 'draw-over-alternator';
      readonly draw_W: number;
      readonly alternator_W: number;
    };

export type CheckCode = Check['code'];
