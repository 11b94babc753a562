export { openExample, startBrief } from './begin';
