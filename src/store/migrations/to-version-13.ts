import { isRaw, onceForEach, type RawTables } from './step';

/** Version 12 → 13: one mark of the wind at helmet and chest was of both. */
export function windApart(tables: RawTables): RawTables {
  const { trials } = tables;
  return trials === undefined
    ? tables
    : { ...tables, trials: trials.map((row) => ({ ...row, value: withBoth(row.value) })) };
}

const withBoth = onceForEach((trial) => {
  const { observed } = trial;
  if (!isRaw(observed) || !isRaw(observed.felt) || !('buffeting' in observed.felt)) return trial;
  const { buffeting, ...felt } = observed.felt;
  return {
    ...trial,
    observed: { ...observed, felt: { ...felt, windHelmet: buffeting, windChest: buffeting } },
  };
});
