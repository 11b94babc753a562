import type { StageStep } from '@/core/build';
import type { Table } from '@/core/tables';
import { partsCost } from '@/core/money';
import type { Money } from '@/core/brief';

/** The parts of a build as a shopping list, in the order of its stages. Money is in the brief's currency, with fitting; empty where not known. */
export const shoppingList = (
  steps: readonly StageStep[],
  money: Money,
  stageWords: Readonly<Record<string, string>>,
): Table => ({
  headings: [
    'Stage',
    'Part',
    'Price',
    'Currency',
    `With fitting (${money.currency})`,
    'Fitting (h)',
    'Workshop',
    'Mass (kg)',
    'Lead time (days)',
    'Order by',
    'Legal',
    'Note',
  ],
  rows: steps.flatMap((step) =>
    step.parts.map((p) => [
      stageWords[step.stage] ?? step.stage,
      p.name,
      p.price.amount,
      p.price.currency,
      partsCost(p, money) ?? '',
      p.fitting_h,
      p.workshop || !money.ownSpanners ? 'yes' : 'no',
      p.mass_kg,
      p.leadTime_days,
      step.orders.find((o) => o.part.id === p.id)?.by ?? '',
      p.legal ?? '',
      p.note,
    ]),
  ),
});

/** Orders and stages as an iCalendar file (RFC 5545); `undefined` where no stage has a day. */
export async function calendarText(
  steps: readonly StageStep[],
  title: string,
  stageWords: Readonly<Record<string, string>>,
): Promise<string | undefined> {
  const { createEvents } = await import('ics');
  const day = (iso: string) => iso.split('-').map(Number) as [number, number, number];
  const next = (iso: string) =>
    day(new Date(Date.parse(`${iso}T00:00:00Z`) + 86_400_000).toISOString().slice(0, 10));
  const whole = (iso: string, name: string, description: string, uid: string) => ({
    start: day(iso),
    end: next(iso),
    title: name,
    description,
    uid,
  });
  const events = steps.flatMap((step) =>
    step.day === undefined
      ? []
      : [
          whole(
            step.day,
            `${title}: ${(stageWords[step.stage] ?? step.stage).toLowerCase()}`,
            step.parts.map((p) => p.name).join(', '),
            `${step.stage}@jugator.invalid`,
          ),
          ...step.orders.map(({ part, by }) =>
            whole(
              by,
              `Order: ${part.name}`,
              `${part.leadTime_days} days to come, a week's grace`,
              `${part.id}-${step.stage}@jugator.invalid`,
            ),
          ),
        ],
  );
  if (events.length === 0) return undefined;
  const { value, error } = createEvents(events, { productId: 'jugator', calName: title });
  if (error || typeof value !== 'string') throw error ?? new Error('calendarText: no text');
  return value;
}
