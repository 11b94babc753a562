export { exampleDossier, openExample, putExample, startBrief, type ExampleName } from './begin';
