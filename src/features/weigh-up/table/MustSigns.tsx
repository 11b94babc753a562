'use client';
import equal from 'fast-deep-equal/es6';
import { memo } from 'react';
import type { SaidMust } from '@/core/assessment';
import type { MustCloser } from '@/store/queries';
import { closerWords, MUST_SHORT, mustWords, VERDICT_SIGNS, type Reader } from '@/ui/messages';

/** The musts of one candidate at a glance: what fails first, then what is open, then how many pass. */
export const MustSigns = memo(function MustSigns({
  musts,
  closers,
  reader,
}: {
  readonly musts: readonly SaidMust[];
  readonly closers: ReadonlyMap<string, MustCloser>;
  readonly reader: Reader;
}) {
  const passed = musts.filter((m) => m.verdict === 'pass');
  const rest = [
    ...musts.filter((m) => m.verdict === 'fail'),
    ...musts.filter((m) => m.verdict === 'unsure' || m.verdict === 'not-known'),
  ];
  return (
    <div className="musts">
      {rest.map((m) => {
        const closer = closers.get(m.key);
        return (
          <span
            key={m.key}
            className={m.verdict}
            title={`${mustWords(m, reader)}${closer ? `. ${closerWords(closer, reader)}` : ''}`}
          >
            {VERDICT_SIGNS[m.verdict].sign} {MUST_SHORT[m.key]}
            {m.verdict === 'unsure' && m.chance !== undefined && ` ${Math.round(m.chance * 100)} %`}
            {closer && <span className="part"> + part</span>}
          </span>
        );
      })}
      {passed.length > 0 && (
        <span className="pass" title={passed.map((m) => mustWords(m, reader)).join('\n')}>
          ✓ {passed.length === musts.length ? `all ${musts.length}` : passed.length}
        </span>
      )}
    </div>
  );
}, equal);
