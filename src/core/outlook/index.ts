export { byPromise, classOutlook, type ClassOutlook, type MustOutlook } from './class-outlook';
export { liftsTo, type FitWanted, type LiftLine } from './lifts';
export {
  limitOn,
  justShowing,
  lookFor,
  lookForMust,
  type Instead,
  type LimitOn,
  type LookFor,
  type LookForLine,
  type Wanted,
} from './look-for';
export { typicalMachine } from './typical-machine';
