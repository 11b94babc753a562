import type { Brief, Purpose } from '@/core/brief';
import type { Change } from './history';
import { BRIEF_KEY } from './records';

type PurposeField = 'ground' | 'schools' | 'swings';

/** One change to what a purpose counts: of the whole brief where the purpose is none of the brief's own. An empty object counts as absent. */
export function purposeChange<F extends PurposeField>(
  brief: Brief,
  purposeId: string,
  field: F,
  after: Purpose[F] | undefined,
): Change {
  const value = after !== undefined && Object.keys(after).length === 0 ? undefined : after;
  if (!brief.purposes?.some((p) => p.id === purposeId))
    return { table: 'briefs', key: BRIEF_KEY, path: [field], before: brief[field], after: value };
  const changed = (p: Purpose): Purpose => {
    const { [field]: _old, ...rest } = p;
    return (value === undefined ? rest : { ...rest, [field]: value }) as Purpose;
  };
  return {
    table: 'briefs',
    key: BRIEF_KEY,
    path: ['purposes'],
    before: brief.purposes,
    after: brief.purposes.map((p) => (p.id === purposeId ? changed(p) : p)),
  };
}
