export { DossierScreen } from './DossierScreen';
