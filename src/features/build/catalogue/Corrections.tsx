'use client';
import { Box, Button, Text } from '@chakra-ui/react';
import { correctionsSince, SHIPPED } from '@/core/catalogue';
import { CATALOGUE_KEY } from '@/store/records';
import { useDossierState, useDossierStore } from '@/store/react';

/** What has changed in the shipped parts since the rider last looked; the dossier reckons with it already. */
export function Corrections() {
  const store = useDossierStore();
  const use = useDossierState((s) => s.dossier.catalogues[CATALOGUE_KEY]);
  const own = useDossierState((s) => s.dossier.parts);
  if (!use || use.version >= SHIPPED.version) return null;
  const news = correctionsSince(SHIPPED, use.version);
  const seen = () =>
    store.execute({
      label: { code: 'seen-corrections', facts: {} },
      changes: [
        {
          table: 'catalogues',
          key: CATALOGUE_KEY,
          path: ['version'],
          before: use.version,
          after: SHIPPED.version,
        },
      ],
    });
  return (
    <Box borderLeftWidth="4px" borderColor="accent" pl="3" mb="3">
      <Text fontWeight="700">The shipped parts have been corrected since you last looked.</Text>
      {[...Map.groupBy(news, (n) => n.what)].map(([what, of]) => (
        <Text key={what} fontSize="sm">
          {of.map(({ id }) => SHIPPED.parts[id]?.name ?? id).join('; ')}: {what}.
          {of.some(({ id }) => own[id]) ? ' Those you changed stay as you changed them.' : ''}
        </Text>
      ))}
      <Button size="xs" variant="outline" mt="1" onClick={seen}>
        Understood
      </Button>
    </Box>
  );
}
