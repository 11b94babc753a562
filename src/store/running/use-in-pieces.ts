'use client';
import { useEffect, useEffectEvent, useState } from 'react';

/** What was worked out piece by piece: the last whole result, and whether it is that of the present input. */
interface InPieces<Input, Piece> {
  readonly pieces: readonly Piece[] | undefined;
  /** What they were worked out from. */
  readonly of: Input | undefined;
  readonly fresh: boolean;
}

/** How long an input must rest before work on it begins, ms: a slider that is being moved comes first. */
const REST_MS = 60;

/**
 * Work on this thread that nobody waits for: each piece in a task of its own, so that typing and frames go between them. A new input
 * drops what was begun; the result before it stands meanwhile.
 *
 * @param input kept by the caller as long as it stays the same
 * @param kept a whole result of that input that is at hand already
 */
export function useInPieces<Input, Piece>(
  input: Input,
  count: (input: Input) => number,
  piece: (input: Input, index: number) => Piece,
  kept?: readonly Piece[],
): InPieces<Input, Piece> {
  const [made, setMade] = useState<{ readonly of: Input; readonly pieces: readonly Piece[] }>();
  const how = useEffectEvent((of: Input, i: number) =>
    i < count(of) ? { piece: piece(of, i) } : undefined,
  );
  useEffect(() => {
    if (kept) return undefined;
    const found: Piece[] = [];
    let timer: ReturnType<typeof setTimeout> | undefined;
    const next = () => {
      const one = how(input, found.length);
      if (!one) return setMade({ of: input, pieces: found });
      found.push(one.piece);
      timer = setTimeout(next, 0);
    };
    timer = setTimeout(next, REST_MS);
    return () => clearTimeout(timer);
  }, [input, kept]);
  return kept
    ? { pieces: kept, of: input, fresh: true }
    : { pieces: made?.pieces, of: made?.of, fresh: made?.of === input };
}
