export {
  DONOR_CLASSES,
  donorKind,
  donorName,
  SEAT_VERSIONS,
  shortName,
  TUNES,
  type Donor,
  type DonorClass,
  type DonorKind,
  type FittedPart,
  type Listing,
  type Variant,
  type WeakPoint,
} from './donor';
export { LISTING_LIMITS } from './listing-limits';
export { descendants, donorLine, resolveDonor, type DonorTable } from './resolve-donor';
