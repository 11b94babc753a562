'use client';
import { CLASS_WORDS, MUST_SHORT, inSentence } from '@/ui/messages';
import { DONOR_CLASSES } from '@/core/donor';
import type { ListSetting } from './donor-list';
import type { DonorListModel } from './use-donor-list';
import { MUST_KEYS } from '@/core/brief';
import { Flex } from '@chakra-ui/react';
import { memo } from 'react';
import { Choice } from '@/ui/fields';
import { isFactKey } from '@/core/facts';
import { ESSENTIAL_KEYS, SHEET_KEYS } from '@/core/sheet';

interface FiltersProps
  extends Pick<ListSetting, 'donorClass' | 'must' | 'tag' | 'sort' | 'falling'> {
  readonly tags: readonly string[];
  readonly change: DonorListModel['change'];
}

export const SORTS = [
  'name',
  ...ESSENTIAL_KEYS,
  ...SHEET_KEYS.filter((k) => !isFactKey(k) && !(ESSENTIAL_KEYS as readonly string[]).includes(k)),
] as readonly ListSetting['sort'][];

const CLASS_OPTIONS = [
  { value: '', words: 'all classes' },
  ...DONOR_CLASSES.map((c) => ({ value: c, words: CLASS_WORDS[c] })),
];
const MUST_OPTIONS = [
  { value: '', words: 'any must' },
  { value: 'all', words: 'fails no must' },
  ...MUST_KEYS.map((m) => ({ value: m, words: `not failing: ${MUST_SHORT[m]}` })),
];
const SORT_OPTIONS = SORTS.map((s) => ({
  value: s,
  words: s === 'name' ? 'by plate and name' : `by ${inSentence(s)}`,
}));
/** What the list is narrowed and sorted by; not drawn anew while the rider types a search. */
export const Filters = memo(function Filters({
  donorClass,
  must,
  tag,
  sort,
  falling,
  tags,
  change,
}: FiltersProps) {
  return (
    <>
      <Flex gap="1.5">
        <Choice
          aria-label="Filter by class"
          wide="calc(50% - 3px)"
          value={donorClass ?? ''}
          options={CLASS_OPTIONS}
          onChange={(e) =>
            change({ donorClass: (e.target.value || undefined) as ListSetting['donorClass'] })
          }
        />
        <Choice
          aria-label="Filter by must"
          wide="calc(50% - 3px)"
          value={must ?? ''}
          options={MUST_OPTIONS}
          onChange={(e) => change({ must: (e.target.value || undefined) as ListSetting['must'] })}
        />
      </Flex>
      <Flex gap="1.5">
        <Choice
          aria-label="Sort by"
          wide="calc(50% - 3px)"
          value={sort}
          options={SORT_OPTIONS}
          onChange={(e) => change({ sort: e.target.value as ListSetting['sort'] })}
        />
        {sort === 'name' ? (
          <Choice
            aria-label="Filter by tag"
            wide="calc(50% - 3px)"
            value={tag ?? ''}
            options={[
              { value: '', words: 'any tag' },
              ...tags.map((t) => ({ value: t, words: t })),
            ]}
            onChange={(e) => change({ tag: e.target.value || undefined })}
          />
        ) : (
          <Choice
            aria-label="Order"
            wide="calc(50% - 3px)"
            value={falling ? 'falling' : 'rising'}
            options={[
              { value: 'rising', words: 'least first' },
              { value: 'falling', words: 'most first' },
            ]}
            onChange={(e) => change({ falling: e.target.value === 'falling' })}
          />
        )}
      </Flex>
    </>
  );
});
