import { figureDefinition, type FigureKey } from '../readings';
import type { Quantity } from './scan-quantities';

/** A quantity that has found its figure. */
export interface Taken {
  readonly quantity: Quantity;
  readonly key: FigureKey;
}

/** `61 hp @ 8250 rpm`, `25.5° / 109 mm`: figures that go with the one before them. */
export function followOn(
  line: string,
  quantity: Quantity,
  dimension: string | undefined,
  taken: readonly Taken[],
): FigureKey | undefined {
  const last = taken.at(-1);
  if (!last) return undefined;
  const gap = line.slice(last.quantity.to, quantity.from);
  if (
    dimension === 'rotation' &&
    (last.key === 'power' || last.key === 'torque') &&
    /^[^;|]{0,30}?(?:@|\b(?:at|bei|à|a)\b|\/)\s*(?:about |approx\.? )?$/iu.test(gap)
  )
    return last.key === 'power' ? 'powerRpm' : 'torqueRpm';
  if (
    dimension === 'length' &&
    last.key === 'rake' &&
    /^\s*(?:[/,&+]|and)\s*(?:trail:?\s*)?$/iu.test(gap)
  )
    return 'trail';
  if (/^\s*(?:[/,]|or|and|or every)\s*$/iu.test(gap)) {
    const family = SERVICE_FAMILIES.find((f) => f.includes(last.key));
    return family?.find(
      (k) =>
        dimension !== undefined && k !== last.key && figureDefinition(k).dimension === dimension,
    );
  }
  return undefined;
}

const SERVICE_FAMILIES: readonly (readonly FigureKey[])[] = [
  ['serviceInterval', 'serviceHours', 'serviceMonths'],
  ['valveInterval', 'valveHours'],
  ['oilInterval', 'oilHours'],
];
