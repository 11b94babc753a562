'use client';
import { type MustKey, MUST_KEYS } from '@/core/brief';
import type { BriefModel } from '../use-brief';

export interface AnswerProps {
  readonly model: BriefModel;
}

export const withMust = ({ brief, edit }: BriefModel, key: MustKey, wanted: boolean): void => {
  const on = new Set(brief.musts.on);
  edit(
    ['musts', 'on'],
    MUST_KEYS.filter((k) => (k === key ? wanted : on.has(k))),
    'musts',
  );
};
