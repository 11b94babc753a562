'use client';
import { Text } from '@chakra-ui/react';
import { useMemo } from 'react';
import { shortName } from '@/core/donor';
import { offerFor } from '@/store/queries';
import { useDossierState } from '@/store/react';
import { Panel } from '@/ui/fields';
import { formatNumber } from '@/ui/messages';
import type { TrialsModel } from './use-trials';

/** For a machine that stands somewhere: asked, less what must be put right, beside what its parts are worth, and where to walk away. */
export function Offer({ model }: { readonly model: TrialsModel }) {
  const dossier = useDossierState((s) => s.dossier);
  const { standing, entry, reader } = model;
  const offer = useMemo(() => offerFor(dossier, standing, entry), [dossier, standing, entry]);
  if (!offer) return null;
  const sum = (amount: number) => `${formatNumber(amount)} ${reader.currency}`;
  const { asked, mending, aboard, walkAway } = offer;
  const rival =
    'rivalId' in walkAway && standing.candidates.find((c) => c.candidate.id === walkAway.rivalId);
  const rivalName = rival ? shortName(rival.donor) : '';
  return (
    <Panel title="The offer">
      {asked === undefined ? (
        <Text color="unsure">Nobody has said what is asked.</Text>
      ) : (
        <Text>
          Asked {sum(asked)}
          {mending === undefined
            ? '; what must be put right has no price yet, so there is nothing to offer by'
            : mending > 0
              ? `, less ${sum(mending)} to put right: offer from ${sum(Math.max(0, asked - mending))}`
              : '; nothing has been found that must be put right'}
          .
        </Text>
      )}
      {aboard > 0 && (
        <Text>
          Parts aboard would cost you {sum(aboard)}, wear taken off: pay for those you would have
          bought, not for what the seller paid.
        </Text>
      )}
      <Text fontWeight="600" mt="1">
        {walkAway.kind === 'unknown' &&
          'Where to walk away is not known until every fault has a price.'}
        {walkAway.kind === 'money' &&
          `Walk away above ${sum(walkAway.amount)}: there is no more money.`}
        {walkAway.kind === 'new' &&
          `Walk away above ${sum(walkAway.amount)}: for more you have the same new, parts and repairs counted.`}
        {walkAway.kind === 'rival' &&
          `Walk away above ${sum(walkAway.amount)}: from there ${rivalName} is the better one as it stands.`}
        {walkAway.kind === 'never' &&
          `At no price: even given away it stays behind ${rivalName} as it stands.`}
      </Text>
      <Text fontSize="xs" color="fg.muted" mt="1">
        Points at their middles; doubts stand under “How sure”. Check theft register, recalls and
        papers before any money moves.
      </Text>
    </Panel>
  );
}
