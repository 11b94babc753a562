export { DonorsScreen } from './DonorsScreen';
