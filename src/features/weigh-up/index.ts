export { MachineScreen } from './machine/MachineScreen';
export { WeighUpScreen } from './WeighUpScreen';
