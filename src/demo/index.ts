export { exampleDossier, openExample, startBrief, type ExampleName } from './begin';
