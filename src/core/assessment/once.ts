import { watch, type Depth, type Watched } from '../numeric';

/** Makes something of a context, or hands out what was made before where nothing of it has changed that was read. */
export type Once = <C extends object, R>(key: string, context: C, make: (context: C) => R) => R;

/** Each time anew. */
export const anew: Once = (_, context, make) => make(context);

/** A brief is looked into down to its single figures, the ground as a whole, a machine's figures down to each; all else is the same or it is not. */
const LOOKED_INTO: Depth = {
  brief: { rider: {}, trip: {}, money: {}, musts: {}, origins: {} },
  figures: {},
};

/**
 * Keeps the last result of each key together with what was read to make it. An edit of the brief then costs only what reads the figure
 * that was edited.
 */
export function keepingLast(): Once {
  const kept = new Map<string, { readonly of: Watched<object>; readonly result: unknown }>();
  return (key, context, make) => {
    const last = kept.get(key);
    if (last?.of.holdsFor(context)) {
      last.of.moveTo(context);
      return last.result as ReturnType<typeof make>;
    }
    const of = watch(context, LOOKED_INTO);
    const result = make(of.view);
    kept.set(key, { of, result });
    return result;
  };
}
