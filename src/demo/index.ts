export { openExample, startBrief, type ExampleName } from './begin';
