export { byPromise, classOutlook, type ClassOutlook, type MustOutlook } from './class-outlook';
export { lookFor, type Instead, type LookFor, type LookForLine, type Wanted } from './look-for';
