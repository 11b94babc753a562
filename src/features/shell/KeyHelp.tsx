'use client';
import { Box, Button, chakra, Dialog, Kbd, Portal, Table, Text } from '@chakra-ui/react';
import type { Route } from 'next';
import { Link } from '@/ui/Link';
import { moneyOf } from '@/store/queries';
import { useDossierState, usePreferences } from '@/store/react';
import { glossary } from '@/ui/messages';
import { KEY_LIST } from './use-keys';

/** The job in seven steps, each at the place where it is done. */
const TOUR: readonly { readonly to: Route; readonly name: string; readonly does: string }[] = [
  {
    to: '/brief/guide',
    name: 'Say who rides where',
    does: 'eight questions; each can be gone past',
  },
  {
    to: '/donors/classes',
    name: 'See which class is worth a search',
    does: 'and what to look for in one',
  },
  {
    to: '/donors',
    name: 'Paste adverts and sheets',
    does: 'what is found is proposed with its doubts',
  },
  { to: '/weigh-up', name: 'Weigh them up', does: 'the need drawn through every figure' },
  { to: '/weigh-up/doubt', name: 'Ask how sure', does: 'and what is worth finding out' },
  { to: '/build/curve', name: 'See what the money buys', does: 'machine and parts together' },
  {
    to: '/verdict',
    name: 'Decide, and keep the day’s figures',
    does: 'sheet to print, card for the dealer’s',
  },
];

const Summary = chakra('summary');
const Details = chakra('details');

/** Help: the job in seven steps, the words of the trade, and the keys. */
export function KeyHelp({
  open,
  onClose,
}: {
  readonly open: boolean;
  readonly onClose: () => void;
}) {
  return (
    <Dialog.Root
      open={open}
      onOpenChange={(e) => !e.open && onClose()}
      size="lg"
      scrollBehavior="inside"
    >
      <Portal>
        <Dialog.Backdrop />
        <Dialog.Positioner>
          <Dialog.Content bg="bg.panel">
            <Dialog.Header>
              <Dialog.Title>The job, its words, the keys</Dialog.Title>
            </Dialog.Header>
            <Dialog.Body>
              <Tour onGo={onClose} />
              <Words />
              <Text as="h3" fontWeight="700" mt="4" mb="1">
                Keys
              </Text>
              <Table.Root size="sm">
                <Table.Body>
                  {KEY_LIST.map((k) => (
                    <Table.Row key={k.keys} bg="transparent">
                      <Table.Cell>
                        <Kbd>{k.keys}</Kbd>
                      </Table.Cell>
                      <Table.Cell>{k.does}</Table.Cell>
                    </Table.Row>
                  ))}
                </Table.Body>
              </Table.Root>
            </Dialog.Body>
            <Dialog.Footer>
              <Button size="sm" variant="outline" onClick={onClose}>
                Close
              </Button>
            </Dialog.Footer>
          </Dialog.Content>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  );
}

function Tour({ onGo }: { readonly onGo: () => void }) {
  return (
    <Box>
      <Text as="h3" fontWeight="700" mb="1">
        The job in seven steps
      </Text>
      <Box as="ol" pl="6" listStyleType="decimal">
        {TOUR.map(({ to, name, does }) => (
          <Box as="li" key={to} py="0.5">
            <Link href={to} onClick={onGo} style={{ fontWeight: 600, textDecoration: 'underline' }}>
              {name}
            </Link>
            <Text as="span" color="fg.muted">
              : {does}
            </Text>
          </Box>
        ))}
      </Box>
    </Box>
  );
}

function Words() {
  const [{ units }] = usePreferences();
  const currency = useDossierState((s) => moneyOf(s.dossier).currency);
  return (
    <Box mt="4">
      <Text as="h3" fontWeight="700" mb="1">
        Words of the trade
      </Text>
      {glossary({ units, currency }).map(({ term, what, usual }) => (
        <Details key={term} borderTopWidth="1px" borderColor="border.muted">
          <Summary cursor="pointer" py="1" fontWeight="600">
            {term}
          </Summary>
          <Text pb="1.5" pl="4">
            {what}{' '}
            <Text as="span" color="fg.muted">
              Usual: {usual}
            </Text>
          </Text>
        </Details>
      ))}
    </Box>
  );
}
