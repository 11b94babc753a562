export { TrialsScreen } from './TrialsScreen';
