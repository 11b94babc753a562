'use client';
import { Box, Button, Flex, Input, Text } from '@chakra-ui/react';
import { useVirtualizer } from '@tanstack/react-virtual';
import { ListChecks } from 'lucide-react';
import { useEffect, useRef } from 'react';
import { type Reader } from '@/ui/messages';
import { OriginLegend } from '@/ui/marks/OriginMark';
import { BulkBar } from './BulkBar';
import { DonorLine } from './DonorLine';
import { useDonorList } from './use-donor-list';
import type { DonorsModel } from '../use-donors';
import { Filters } from './Filters';

const LINE_HEIGHT = 54;
export interface DonorListProps {
  readonly model: DonorsModel;
  readonly shownId: string | undefined;
  readonly reader: Reader;
}

/** The donors, searched, filtered and sorted; only the lines on the screen are drawn. */
export function DonorList({ model, shownId, reader }: DonorListProps) {
  const list = useDonorList(model);
  const { setting, change, lines } = list;
  const scroller = useRef<HTMLDivElement>(null);
  const search = useRef<HTMLInputElement>(null);
  const virtual = useVirtualizer({
    count: lines.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => LINE_HEIGHT,
    overscan: 6,
  });
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const typing =
        event.target instanceof HTMLElement &&
        ['INPUT', 'TEXTAREA', 'SELECT'].includes(event.target.tagName);
      if (event.key === '/' && !typing && !event.ctrlKey && !event.metaKey) {
        event.preventDefault();
        search.current?.focus();
      }
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
  const at = lines.findIndex((l) => l.donor.id === shownId);
  const step = (by: number) => {
    const next = lines[Math.min(lines.length - 1, Math.max(0, at + by))];
    if (!next) return;
    model.select(next.donor.id);
    virtual.scrollToIndex(lines.indexOf(next));
    requestAnimationFrame(() =>
      scroller.current
        ?.querySelector<HTMLElement>(`[data-donor="${CSS.escape(next.donor.id)}"]`)
        ?.focus(),
    );
  };
  return (
    <Flex direction="column" gap="1.5" minH="0">
      {/* Nothing is to be found among one. */}
      {list.total > 1 && (
        <>
          <Input
            ref={search}
            size="sm"
            type="search"
            aria-label="Search donors"
            placeholder="Search name, version, tag  ( / )"
            bg="bg.panel"
            borderColor="border.emphasized"
            value={setting.search}
            onChange={(e) => change({ search: e.target.value })}
            onKeyDown={(e) => {
              if (e.key === 'ArrowDown') {
                e.preventDefault();
                step(at < 0 ? 1 : 0);
              }
            }}
          />
          <Filters
            donorClass={setting.donorClass}
            must={setting.must}
            tag={setting.tag}
            sort={setting.sort}
            falling={setting.falling}
            tags={list.tags}
            change={change}
          />
        </>
      )}
      <Flex align="center" justify="space-between" fontSize="xs" color="fg.muted" minH="28px">
        <Text aria-live="polite">
          {lines.length === list.total
            ? `${list.total} ${list.total === 1 ? 'donor' : 'donors'}`
            : `${lines.length} of ${list.total}`}
        </Text>
        <Flex align="center" gap="2">
          {list.putAway > 0 && (
            <label>
              <input
                type="checkbox"
                checked={setting.archived}
                onChange={(e) => change({ archived: e.target.checked })}
              />{' '}
              put away: {list.putAway}
            </label>
          )}
          <Button
            size="2xs"
            variant={list.ticked ? 'solid' : 'ghost'}
            aria-pressed={list.ticked !== undefined}
            onClick={list.ticked ? list.stopTicking : list.startTicking}
          >
            <ListChecks size={14} /> Several
          </Button>
        </Flex>
      </Flex>
      {list.ticked && <BulkBar model={model} list={list} />}
      <Box
        ref={scroller}
        overflowY="auto"
        maxH={{ base: 'none', lg: 'calc(100dvh - 358px)' }}
        minH="120px"
        height={{
          base: 'calc(100dvh - 462px)',
          lg: `${Math.max(120, lines.length * LINE_HEIGHT + 2)}px`,
        }}
        borderTopWidth="1px"
        borderColor="border"
        role="region"
        aria-label="Donors found"
        tabIndex={-1}
        style={{ contain: 'content' }}
        onKeyDown={(e) => {
          if (e.key === 'ArrowDown' || e.key === 'ArrowUp') {
            e.preventDefault();
            step(e.key === 'ArrowDown' ? 1 : -1);
          }
        }}
      >
        {lines.length === 0 && (
          <Text color="fg.muted" py="4">
            {list.total === 0
              ? 'No donors yet. Add the first machine you are thinking of, or paste its sheet; a handful of figures is enough to begin.'
              : 'Nothing matches. Change the search or the filters.'}
          </Text>
        )}
        <ul style={{ height: virtual.getTotalSize(), position: 'relative', listStyle: 'none' }}>
          {virtual.getVirtualItems().map((item) => {
            const line = lines[item.index];
            return (
              line && (
                <li
                  key={line.donor.id}
                  style={{
                    position: 'absolute',
                    top: item.start,
                    left: 0,
                    right: 0,
                    height: LINE_HEIGHT,
                    contain: 'strict',
                  }}
                  aria-setsize={lines.length}
                  aria-posinset={item.index + 1}
                >
                  <DonorLine
                    line={line}
                    model={model}
                    list={list}
                    current={line.donor.id === shownId}
                    reader={reader}
                  />
                </li>
              )
            );
          })}
        </ul>
      </Box>
      <OriginLegend />
    </Flex>
  );
}
