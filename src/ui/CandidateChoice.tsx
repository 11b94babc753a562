'use client';
import { Choice } from './fields';
import { Plate } from './marks/Plate';

/** Which machine of the shortlist a screen is about: its plate and the choice of another. */
export function CandidateChoice({
  candidates,
  chosen,
  onSelect,
}: {
  readonly candidates: readonly {
    readonly id: string;
    readonly plate: number;
    readonly name: string;
  }[];
  readonly chosen: string;
  readonly onSelect: (id: string) => void;
}) {
  const plate = candidates.find((c) => c.id === chosen)?.plate;
  return (
    <>
      {plate !== undefined && <Plate index={plate} size={30} />}
      <Choice
        aria-label="Candidate"
        wide="250px"
        value={chosen}
        options={candidates.map((c) => ({ value: c.id, words: c.name }))}
        onChange={(e) => onSelect(e.target.value)}
      />
    </>
  );
}
