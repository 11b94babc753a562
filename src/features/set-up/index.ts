export { SetUpScreen } from './SetUpScreen';
