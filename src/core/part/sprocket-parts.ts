import type { Part } from './part';

/** Fuel follows revs so far: a tooth less in front is 7 % more revs and 2 % more fuel in the shipped catalogue. Own assumption. */
const FUEL_PER_REVS = 0.3;

interface Pair {
  readonly front: number;
  readonly rear: number;
}

const ENDS = [
  { end: 'front', figure: 'sprocketFront', slot: 'sprocket-front', name: 'Countershaft sprocket' },
  { end: 'rear', figure: 'sprocketRear', slot: 'sprocket-rear', name: 'Rear sprocket' },
] as const;

/** Slots that a pair of sprockets and its chain take. */
export const SPROCKET_SLOTS: readonly string[] = [...ENDS.map((e) => e.slot), 'chain'];

/**
 * The parts that put a pair of sprockets on a donor which stands on another: a shipped part where one says just that, else an own part at
 * the price of a shipped one; with a chain where it has to be longer. Ends that stay as they are need none.
 *
 * @param catalogue all parts, by id
 * @param donorId what the own parts fit
 */
export function sprocketParts(
  now: Pair,
  then: Pair,
  catalogue: Readonly<Record<string, Part>>,
  donorId: string,
  longerChain: boolean,
): readonly Part[] {
  const all = Object.values(catalogue);
  const sprockets = ENDS.flatMap(({ end, figure, slot, name }): Part[] => {
    const [from, to] = [now[end], then[end]];
    if (from === to) return [];
    const inSlot = all.filter((p) => p.slot === slot && p.fits.kind === 'all');
    const known = inSlot.find((p) =>
      p.effects.some((e) => e.figure === figure && e.change === 'add' && e.amount === to - from),
    );
    if (known) return [known];
    const [like] = inSlot;
    if (!like) return [];
    const revs = end === 'front' ? from / to : to / from;
    return [
      {
        ...like,
        id: `own-${slot}-${to}-${donorId}`.slice(0, 60),
        name: `${name}, ${to} teeth`,
        effects: [
          { figure, change: 'set', amount: to },
          {
            figure: 'consumption',
            change: 'scale',
            amount: Number((1 + FUEL_PER_REVS * (revs - 1)).toFixed(4)),
          },
        ],
        fits: { kind: 'donors', donorIds: [donorId] },
        note: 'Price as the catalogue has it for another size.',
        own: true,
      },
    ];
  });
  const chain = longerChain ? all.find((p) => p.slot === 'chain') : undefined;
  return chain ? [...sprockets, chain] : sprockets;
}
