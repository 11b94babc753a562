export { WeighUpScreen } from './WeighUpScreen';
