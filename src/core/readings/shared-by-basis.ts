import type { SourceOptions } from '../numeric';

/** Share of the doubt about turning one basis into another that all machines have in common. Own assumption. */
const SHARE = 0.5;

/** A conversion is much the same for every reading quoted on its basis, with a smaller part of each machine's own. */
export const SHARED_BY_BASIS = (basis: string): SourceOptions => ({
  shared: { key: basis, share: SHARE },
});
