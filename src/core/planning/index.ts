export { faultsOfAdding, faultsOfRemoving, findBuildFaults, type BuildFault, type Choosable } from './build-rules';
