export { MachineScreen } from './machine/MachineScreen';
export { WeighUpScreen } from './WeighUpScreen';
export { DoubtScreen } from './doubt/DoubtScreen';
