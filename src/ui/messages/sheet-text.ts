import { donorName, type Donor } from '@/core/donor';
import { factDefinition, factInUse, isFactKey } from '@/core/facts';
import { figureDefinition, figureUnit, readingInUse, type FigureKey } from '@/core/readings';
import { SHEET_GROUP_KEYS, SHEET_GROUPS, type SheetKey } from '@/core/sheet';
import { convert } from '@/core/units';
import { formatQuoted, type Reader } from './format';
import { BASIS_WORDS, FIGURE_WORDS } from './figure-words';
import { OPTION_WORDS } from './fact-words';
import { FACT_WORDS } from './fact-words';
import { GROUP_WORDS } from './metric-words';

/** A donor's sheet as plain text in the reader's units: what is in use of each figure, with its basis. It can be pasted back. */
export function sheetText(donor: Donor, reader: Reader): string {
  const groups = SHEET_GROUP_KEYS.flatMap((group) => {
    const lines = SHEET_GROUPS[group].flatMap((key) => lineOf(donor, key, reader) ?? []);
    return lines.length === 0 ? [] : [`${GROUP_WORDS[group]}\n${lines.join('\n')}`];
  });
  return `${[[donorName(donor), donor.version].filter(Boolean).join(', '), ...groups].join('\n\n')}\n`;
}

function lineOf(donor: Donor, key: SheetKey, reader: Reader): string | undefined {
  if (isFactKey(key)) {
    const fact = factInUse(donor.facts?.[key]);
    return (
      fact &&
      `${FACT_WORDS[key]}: ${factDefinition(key).kind === 'tyre' ? fact.value : (OPTION_WORDS[key][fact.value] ?? fact.value)}`
    );
  }
  const reading = readingInUse(donor.figures[key]);
  if (!reading) return undefined;
  const unit = unitShown(key, reader);
  const money = figureDefinition(key).dimension === 'money';
  const amount = money
    ? formatQuoted(reading.amount, reading.unit)
    : formatQuoted(convert(reading.amount, reading.unit, unit), unit);
  return `${FIGURE_WORDS[key]}: ${amount}${reading.basis === 'stated' ? '' : `, ${BASIS_WORDS[reading.basis]}`}`;
}

const unitShown = (key: FigureKey, reader: Reader) =>
  figureUnit(key, reader.units, reader.currency);
