export { DONOR_CLASSES, type Donor, type DonorClass } from './donor';
