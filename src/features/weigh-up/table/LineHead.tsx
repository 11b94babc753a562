'use client';
import { unitSign, METRIC_WORDS, formatBase, formatNumber } from '@/ui/messages';
import { METRIC_DEFINITIONS } from '@/core/assessment';
import { memo } from 'react';
import type { WeighLine, WeighUpModel } from '../use-weigh-up';

type LineHeadProps = Pick<WeighLine, 'metric' | 'need' | 'weight'> &
  Pick<WeighUpModel, 'reader' | 'setSort'> & { readonly active: boolean };
export const LineHead = memo(function LineHead({
  metric,
  need,
  weight,
  active,
  reader,
  setSort,
}: LineHeadProps) {
  const { dimension, better } = METRIC_DEFINITIONS[metric];
  const sign = unitSign(dimension, reader);
  return (
    <button
      type="button"
      className="line-head"
      title={`${METRIC_WORDS[metric].what} Sort by it.`}
      aria-pressed={active}
      onClick={() => setSort(active ? 'fit' : metric)}
    >
      <span className="line-name">
        {METRIC_WORDS[metric].short}
        {active ? ' →' : ''}
      </span>
      <span className="fit-span">{sign ? ` ${sign}` : ''}</span>
      <span className="line-asks">
        {need !== undefined && (
          <b>
            {better === 'less' ? '≤' : '≥'} {formatBase(need, dimension, reader)}
          </b>
        )}
        {weight !== undefined && `, counts ${formatNumber(weight)}`}
      </span>
    </button>
  );
});
