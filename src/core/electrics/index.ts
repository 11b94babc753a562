export { ALTERNATOR_SHARE, electricalMargin } from './electrical-margin';
