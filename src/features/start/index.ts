export { StartScreen } from './StartScreen';
