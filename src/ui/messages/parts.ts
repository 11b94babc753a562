import {
  AFFECTED_FIGURES,
  type EffectChange,
  type Part,
  type PartEffect,
  type PartFlag,
} from '@/core/part';
import type { PartCellFault } from '@/core/tables';
import { convert } from '@/core/units';
import { formatFigure, formatNumber, unitSign, type Reader } from './format';
import { AFFECTED_WORDS, CLASS_WORDS } from './machine-words';
import { optionWords } from './fact-words';
import { FACT_WORDS } from './fact-words';

const SIGN = (x: number) => (x >= 0 ? '+' : '−');

/** A difference of two figures; of consumption in litres, since a difference of distances per volume is none of its own. */
const differenceWords = (by: number, figure: PartEffect['figure'], reader: Reader): string =>
  figure === 'consumption' ? `${formatNumber(by, 2)} L/100 km` : formatFigure(by, figure, reader);

const CHANGE_WORDS: Readonly<Record<EffectChange, (effect: PartEffect, reader: Reader) => string>> =
  {
    scale: ({ amount }) => `${SIGN(amount - 1)}${formatNumber(Math.abs(amount - 1) * 100)} %`,
    set: ({ amount, figure }, reader) => formatFigure(amount, figure, reader),
    add: ({ amount, figure }, reader) =>
      `${SIGN(amount)}${differenceWords(Math.abs(amount), figure, reader)}`,
  };

/** What a part does to one figure: `seat −25 mm`. */
function effectWords(effect: PartEffect, reader: Reader): string {
  const { figure, change, spread } = effect;
  const within =
    spread === undefined || spread === 0
      ? ''
      : ` ± ${change === 'scale' ? `${formatNumber(spread * 100, 1)} %` : differenceWords(spread, figure, reader)}`;
  return `${AFFECTED_WORDS[figure]} ${CHANGE_WORDS[change](effect, reader)}${within}`;
}

function massWords(mass_kg: number, reader: Reader): string {
  if (mass_kg === 0) return 'no mass';
  const shown = reader.units === 'us' ? convert(Math.abs(mass_kg), 'kg', 'lb') : Math.abs(mass_kg);
  return `${SIGN(mass_kg)}${formatNumber(shown, 1)} ${unitSign('mass', reader)}`;
}

/** What there is to know about a part in one line. */
export const partFacts = (part: Part, reader: Reader): readonly string[] => [
  massWords(part.mass_kg, reader),
  `${formatNumber(part.fitting_h, 1)} h${part.workshop ? ', workshop only' : ''}`,
  ...AFFECTED_FIGURES.flatMap((f) => part.effects.filter((e) => e.figure === f)).map((e) =>
    effectWords(e, reader),
  ),
  ...Object.entries(part.sets ?? {}).map(
    ([fact, option]) =>
      `${(FACT_WORDS as Record<string, string>)[fact]?.toLowerCase()}: ${optionWords(fact, option ?? '')}`,
  ),
  ...(part.reversible ? [] : ['cannot be undone']),
  ...(part.leadTime_days > 14 ? [`${part.leadTime_days} days to arrive`] : []),
];

/** For whom a part is made. */
export function fitsWords(part: Pick<Part, 'fits'>, donorName: (id: string) => string): string {
  switch (part.fits.kind) {
    case 'all':
      return 'all machines';
    case 'classes':
      return part.fits.classes.map((c) => CLASS_WORDS[c]).join(', ') || 'no class';
    case 'donors':
      return part.fits.donorIds.map(donorName).join(', ') || 'no donor';
  }
}

export const FLAG_WORDS: Readonly<Record<PartFlag, string>> = {
  'lowers-one-end': 'lowers one end',
  'lowers-both-ends': 'lowers both ends',
  'shortens-stand': 'shortens the side stand',
  'ends-approval': 'may end road approval',
  'brake-hydraulics': 'opens the brakes',
  'specialist-shock': 'work on a shock',
  'electrical-load': 'adds electrical load',
  'tyre-rating': 'changes tyres or rims',
  speedometer: 'changes what the speedometer reads',
  'fuel-can': 'carries fuel outside the tank',
  'cable-reach': 'may pull hoses and cables',
  'adds-travel-spring': 'adds travel with its spring',
  'springs-front': 'springs the front to the rider',
  'springs-rear': 'springs the rear to the rider',
  unlocks: 'unlocks the full power on the sheet',
};

export function partCellFaultWords({ heading, code, text }: PartCellFault): string {
  switch (code) {
    case 'missing':
      return `${heading}: nothing stands there.`;
    case 'not-a-number':
      return `${heading}: “${text}” is not a number.`;
    case 'out-of-limits':
      return `${heading}: ${text} is out of bounds.`;
    case 'not-an-option':
      return `${heading}: “${text}” is not known.`;
    case 'not-an-effect':
      return `${heading}: “${text}” is not an effect such as “seatHeight +-25” or “tank =11.4”.`;
    case 'not-a-fact':
      return `${heading}: “${text}” is not a fact of the sheet and what it becomes, such as “screen=tall”.`;
    case 'too-long':
      return `${heading}: too long, beginning “${text}”.`;
  }
}
