export { ALTERNATOR_SHARE, electricalMargin, fuseFor, voltageDrop } from './electrical-margin';
