import { isRaw, onceForEach, type Raw, type RawTables } from './step';
import type { StoredRow } from '../records';

/** Version 14 → 15: rates and prices of classes were in the brief's currency, whichever that was; a verdict's sheet holds its brief. */
export function withBothCurrencies(tables: RawTables): RawTables {
  const { briefs, verdicts } = tables;
  return {
    ...tables,
    ...(briefs && { briefs: briefs.map(each(named)) }),
    ...(verdicts && { verdicts: verdicts.map(each(settled)) }),
  };
}

const each =
  (convert: (value: unknown) => unknown) =>
  (row: StoredRow): StoredRow => ({ ...row, value: convert(row.value) });

const withField = (value: unknown, field: Raw): unknown =>
  isRaw(value) ? { ...value, ...field } : value;

const named = onceForEach((brief) => {
  const { money, classPrices } = brief;
  if (!isRaw(money)) return brief;
  const { currency, rates } = money;
  const priced = isRaw(classPrices) && {
    classPrices: Object.fromEntries(
      Object.entries(classPrices).map(([key, price]) => [key, withField(price, { currency })]),
    ),
  };
  const led = Array.isArray(rates) && {
    money: { ...money, rates: rates.map((rate: unknown) => withField(rate, { to: currency })) },
  };
  return { ...brief, ...priced, ...led };
});

const settled = onceForEach((verdict) => {
  const { sheet } = verdict;
  return isRaw(sheet) && isRaw(sheet.brief)
    ? { ...verdict, sheet: { ...sheet, brief: named(sheet.brief) } }
    : verdict;
});
