export {
  baseOf,
  DONOR_CLASSES,
  donorName,
  fullName,
  MACHINE_STATES,
  SEAT_VERSIONS,
  shortName,
  TUNES,
  type Donor,
  type DonorClass,
  type DonorKind,
  type DonorSheet,
  type FittedPart,
  type Machine,
  type ModelVariant,
  type MachineFacts,
  type MachineState,
  type Variant,
  MENDING_LIMITS,
  type WeakPoint,
} from './donor';
export { MACHINE_LIMITS } from './machine-limits';
export { donorLine, resolveDonor, type DonorTable } from './resolve-donor';
