'use client';
import { donorName } from '@/core/donor';
import { knownAs } from '@/core/readings';
import { CLASS_WORDS, formatFigure, type Reader } from '@/ui/messages';
import { OriginMark } from '@/ui/marks/OriginMark';
import { Plate } from '@/ui/marks/Plate';
import type { DonorListModel } from './use-donor-list';
import type { ListLine } from './donor-list';
import { kindWord, type DonorsModel } from '../use-donors';

export interface DonorLineProps {
  readonly line: ListLine;
  readonly model: DonorsModel;
  readonly list: DonorListModel;
  readonly current: boolean;
  readonly reader: Reader;
}

/** One donor in the list: plate, name, what it is, and the figure the list is sorted by. Plain elements, since the list is redrawn with every letter of a search. */
export function DonorLine({
  line: { donor, below, figure },
  model,
  list,
  current,
  reader,
}: DonorLineProps) {
  const candidate = model.candidateOf.get(donor.id);
  const { sort } = list.setting;
  const { kind } = donor;
  const second =
    kind === 'model'
      ? [donor.version, CLASS_WORDS[donor.donorClass]].filter(Boolean).join('; ')
      : [kindWord(donor), donor.version].filter(Boolean).join(': ');
  const value =
    sort !== 'name' && figure
      ? figure.estimate.kind === 'known'
        ? formatFigure(figure.estimate.interval.mid, sort, reader)
        : 'not known'
      : undefined;
  const ticked = list.ticked?.has(donor.id);
  return (
    <button
      type="button"
      className={current ? 'donor-line donor-line-current' : 'donor-line'}
      data-donor={donor.id}
      onClick={() => (list.ticked ? list.tick(donor.id) : model.select(donor.id))}
      aria-current={current ? 'true' : undefined}
      aria-pressed={ticked}
      style={{ paddingLeft: below ? 24 : 8 }}
    >
      {list.ticked && (
        <input
          type="checkbox"
          tabIndex={-1}
          readOnly
          checked={ticked ?? false}
          aria-hidden
          style={{ pointerEvents: 'none' }}
        />
      )}
      {candidate ? (
        <Plate index={candidate.plate} />
      ) : (
        <span style={{ width: 26, flexShrink: 0 }} />
      )}
      <span style={{ minWidth: 0, flex: 1, lineHeight: 1.25, opacity: donor.archived ? 0.72 : 1 }}>
        <span
          style={{
            display: 'block',
            fontWeight: 700,
            overflow: 'hidden',
            textOverflow: 'ellipsis',
            whiteSpace: 'nowrap',
          }}
        >
          {donorName(donor)}
        </span>
        <span
          style={{
            display: 'block',
            fontSize: 12,
            color: 'var(--chakra-colors-fg-muted)',
            overflow: 'hidden',
            textOverflow: 'ellipsis',
            whiteSpace: 'nowrap',
          }}
        >
          {second}
          {donor.archived ? '; put away' : ''}
        </span>
      </span>
      {value !== undefined && (
        <span
          style={{
            display: 'flex',
            alignItems: 'center',
            gap: 4,
            whiteSpace: 'nowrap',
            fontWeight: figure?.reading ? 600 : 400,
            color: figure?.reading ? undefined : 'var(--chakra-colors-fg-muted)',
          }}
        >
          {figure?.reading && <OriginMark known={knownAs(figure) ?? 'unknown'} />}
          {value}
        </span>
      )}
    </button>
  );
}
