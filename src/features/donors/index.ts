export { DonorsScreen } from './DonorsScreen';
export { ClassesScreen } from './classes/ClassesScreen';
