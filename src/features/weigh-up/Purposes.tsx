'use client';
import { Box, Button, Flex, Text } from '@chakra-ui/react';
import { Link } from '@/ui/Link';
import { memo, useMemo } from 'react';
import { WHOLE, type Purpose } from '@/core/brief';
import { shortName } from '@/core/donor';
import { standing, type Standing } from '@/store/queries';
import { BRIEF_KEY, type Dossier } from '@/store/records';
import { useDossierState, usePreferences } from '@/store/react';
import { useInPieces } from '@/store/running';
import { Plate } from '@/ui/marks/Plate';
import { formatNumber } from '@/ui/messages';
import type { View } from './use-weigh-up';

const WHOLE_WORDS = 'The whole of it';

/** What the machine is for: the answer differs, so each purpose is looked at by itself. */
export function PurposeTabs({ standing: { purpose } }: { readonly standing: Standing }) {
  const brief = useDossierState((s) => s.dossier.briefs[BRIEF_KEY]);
  const [, keep] = usePreferences();
  const all = [{ id: WHOLE, name: brief?.trip.name || WHOLE_WORDS }, ...(brief?.purposes ?? [])];
  return (
    <Flex
      role="group"
      aria-label="Purpose"
      gap="1"
      wrap="wrap"
      align="flex-end"
      borderBottomWidth="2px"
      borderColor="border.emphasized"
      mb="3"
    >
      {all.map(({ id, name }) => {
        const active = purpose === id;
        return (
          <Button
            key={id}
            size="sm"
            variant="ghost"
            borderRadius="0"
            height="38px"
            aria-pressed={active}
            fontWeight={active ? '700' : '400'}
            bg={active ? 'bg.panel' : undefined}
            boxShadow={active ? 'inset 0 4px 0 var(--chakra-colors-accent)' : undefined}
            onClick={() => keep({ purpose: id })}
          >
            {name}
          </Button>
        );
      })}
      <Button asChild size="sm" variant="ghost" color="fg.muted" height="38px">
        <Link href="/brief#purposes">{all.length === 1 ? 'Add a purpose' : 'Edit purposes'}</Link>
      </Button>
    </Flex>
  );
}

/** The whole and every purpose beside it, by name; none where there is nothing beside it. */
function purposesOf(dossier: Dossier): readonly Pick<Purpose, 'id' | 'name'>[] {
  const own = dossier.briefs[BRIEF_KEY]?.purposes;
  return own ? [{ id: WHOLE, name: WHOLE_WORDS }, ...own] : [];
}
const standingFor = (dossier: Dossier, index: number) => {
  const { id, name } = purposesOf(dossier)[index] ?? { id: WHOLE, name: WHOLE_WORDS };
  return { id, name, result: standing(dossier, id) };
};

/** Places and points of every candidate in every purpose. */
export const PurposeTable = memo(function PurposeTable({ view }: { readonly view: View }) {
  // Every purpose is a ranking of its own: they follow when there is time.
  const dossier = useDossierState((s) => s.dossier);
  const { pieces } = useInPieces(dossier, (of) => purposesOf(of).length, standingFor);
  const purposes = useMemo(
    () =>
      (pieces ?? []).flatMap(({ id, name, result }) =>
        result
          ? [
              {
                id,
                name,
                result,
                places: new Map(
                  (view === 'stock' ? result.stockRanking : result.builtRanking).map((r) => [
                    r.id,
                    r,
                  ]),
                ),
              },
            ]
          : [],
      ),
    [pieces, view],
  );
  const first = purposes[0];
  if (purposesOf(dossier).length < 2)
    return (
      <Text color="fg.muted" py="1">
        One purpose so far. Practitioners look at three to five: the way there, the trails, the
        week.{' '}
        <Link href="/brief#purposes" style={{ textDecoration: 'underline' }}>
          Add one in the brief
        </Link>
        .
      </Text>
    );
  if (!first) return <Text minH="6em">…</Text>;
  const order = [...first.places.keys()];
  return (
    <Box overflowX="auto" tabIndex={0} role="region" aria-label="Every purpose">
      <Box
        as="table"
        width="100%"
        css={{
          '& td, & th': { padding: '3px 8px 3px 0', textAlign: 'right', verticalAlign: 'bottom' },
          '& td:first-of-type, & th:first-of-type': { textAlign: 'left' },
          '& tbody tr': { borderTop: '1px solid var(--chakra-colors-border-muted)' },
          '& .place': { color: 'fg.muted', fontSize: 'xs' },
          '& .name': { display: 'flex', gap: '8px', alignItems: 'center' },
        }}
      >
        <thead>
          <tr>
            <th>Candidate</th>
            {purposes.map((p) => (
              <th key={p.id}>{p.name}</th>
            ))}
          </tr>
        </thead>
        <tbody>
          {order.map((id) => {
            const entry = first.result.candidates.find((c) => c.candidate.id === id);
            if (!entry) return null;
            return (
              <tr key={id}>
                <td>
                  <div className="name">
                    <Plate index={entry.candidate.plate} size={20} /> {shortName(entry.donor)}
                  </div>
                </td>
                {purposes.map((p) => {
                  const ranked = p.places.get(id);
                  return (
                    <td key={p.id}>
                      {ranked && (
                        <>
                          <span className="place">
                            {ranked.place === undefined ? 'out ' : `${ranked.place}. `}
                          </span>
                          <span style={{ fontWeight: ranked.place === 1 ? 800 : 400 }}>
                            {formatNumber(ranked.score.points.mid)}
                          </span>
                        </>
                      )}
                    </td>
                  );
                })}
              </tr>
            );
          })}
        </tbody>
      </Box>
    </Box>
  );
});
