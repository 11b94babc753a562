'use client';
import { Box, Text } from '@chakra-ui/react';
import equal from 'fast-deep-equal/es6';
import { memo } from 'react';
import { Link } from '@/ui/Link';
import { saidMust, type SaidMust } from '@/core/assessment';
import { shortName } from '@/core/donor';
import { usePreferences, useStanding } from '@/store/react';
import { MustRow } from '@/ui/marks/MustSign';
import { Plate } from '@/ui/marks/Plate';
import { formatNumber, type Reader } from '@/ui/messages';

/** The shortlist as this brief orders it, moving while the brief is edited. */
export function LiveOrder() {
  const standing = useStanding();
  const [{ units }] = usePreferences();
  if (!standing || standing.stockRanking.length === 0)
    return (
      <Text color="fg.muted" py="1">
        No candidate on the shortlist yet.{' '}
        <Link href="/donors" style={{ textDecoration: 'underline' }}>
          To the donors
        </Link>
      </Text>
    );
  const reader: Reader = { units, currency: standing.brief.money.currency };
  return (
    <Box as="ol" listStyleType="none" css={LOOK}>
      {standing.stockRanking.map(({ id, place, score }) => {
        const entry = standing.candidates.find((c) => c.candidate.id === id);
        return (
          entry && (
            <Candidate
              key={id}
              place={place}
              plate={entry.candidate.plate}
              name={shortName(entry.donor)}
              points={score.points.mid}
              musts={entry.stock.musts.filter((m) => m.verdict !== 'pass').map(saidMust)}
              reader={reader}
            />
          )
        );
      })}
    </Box>
  );
}

/** The look of the list, set once: it is drawn again at every step of a slider. */
const LOOK = {
  '& > li': {
    display: 'flex',
    alignItems: 'center',
    gap: '8px',
    paddingBlock: '4px',
    borderTopWidth: '1px',
    borderColor: 'border.muted',
  },
  '& .place': { width: '22px', flexShrink: 0, color: 'fg.muted' },
  '& .who': { flex: 1, minWidth: 0 },
  '& .name': { overflow: 'hidden', textOverflow: 'ellipsis', whiteSpace: 'nowrap' },
  '& .musts': { fontSize: 'xs' },
  '& .track': { width: '64px', height: '8px', bg: 'bg.subtle', flexShrink: 0 },
  '& .reached': { height: '100%', bg: 'accent' },
  '& .points': { width: '28px', textAlign: 'right', fontWeight: 700 },
} as const;

/** One candidate; drawn again only where something that it says has changed. */
const Candidate = memo(function Candidate({
  place,
  plate,
  name,
  points,
  musts,
  reader,
}: {
  readonly place: number | undefined;
  readonly plate: number;
  readonly name: string;
  readonly points: number;
  readonly musts: readonly SaidMust[];
  readonly reader: Reader;
}) {
  return (
    <li>
      <p className="place">{place ?? '–'}</p>
      <Plate index={plate} size={20} />
      <div className="who">
        <p className="name">{name}</p>
        {musts.length > 0 && (
          <p className="musts">
            <MustRow musts={musts} reader={reader} />
          </p>
        )}
      </div>
      <div className="track">
        <div className="reached" style={{ width: `${points}%` }} />
      </div>
      <p className="points">{formatNumber(points)}</p>
    </li>
  );
}, equal);
