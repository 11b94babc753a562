export { dayLength } from './day-length';
export { monthsOf, shortestLight } from './shortest-light';
