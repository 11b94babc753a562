'use client';
import { Box, Button, Flex, IconButton, Input, Text } from '@chakra-ui/react';
import { Camera, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { Panel } from '@/ui/fields';
import { snapshotWords, useSnapshots } from './use-snapshots';

/** Dated snapshots of the whole dossier, kept in this browser; any of them can be restored, and that undone. */
export function Snapshots() {
  const model = useSnapshots();
  const [name, setName] = useState('');
  return (
    <Panel title="Snapshots">
      <Text fontSize="xs" color="fg.muted">
        The whole dossier as it stood on a day, kept in this browser. One is kept by itself when you
        open Jugator on a new day, and before anything takes the dossier’s place.
      </Text>
      <Flex gap="2" mt="2">
        <Input
          size="sm"
          aria-label="Name of the snapshot"
          placeholder="name, such as “before the dealer”"
          maxLength={60}
          bg="bg.panel"
          borderColor="border.emphasized"
          value={name}
          onChange={(e) => setName(e.target.value)}
        />
        <Button
          size="sm"
          variant="outline"
          borderColor="border.emphasized"
          disabled={!model.canKeep}
          onClick={() => void model.keep(name).then(() => setName(''))}
        >
          <Camera size={15} /> Keep
        </Button>
      </Flex>
      {model.list?.length === 0 && (
        <Text color="fg.muted" py="3">
          None yet.
        </Text>
      )}
      <Box as="ul" listStyleType="none" mt="2">
        {model.list?.map((head) => (
          <Flex
            as="li"
            key={head.id}
            align="center"
            gap="2"
            py="1"
            borderTopWidth="1px"
            borderColor="border.muted"
          >
            <Box flex="1" minW="0">
              <Text>{snapshotWords(head)}</Text>
              <Text fontSize="xs" color="fg.muted">
                {head.damaged
                  ? 'It cannot be read any more; take it along as it is, or delete it.'
                  : `${head.donors} donors, ${head.candidates} on the shortlist${head.automatic ? '; kept by itself' : ''}`}
              </Text>
            </Box>
            {head.damaged ? (
              <Button
                size="xs"
                variant="outline"
                aria-label={`Export as it is: ${snapshotWords(head)}`}
                onClick={() => void model.carryOut(head)}
              >
                Export as it is
              </Button>
            ) : (
              <Button
                size="xs"
                variant="outline"
                aria-label={`Restore ${snapshotWords(head)}`}
                onClick={() => void model.restore(head)}
              >
                Restore
              </Button>
            )}
            <IconButton
              size="xs"
              variant="ghost"
              aria-label={`Delete the snapshot ${snapshotWords(head)}`}
              onClick={() => void model.remove(head)}
            >
              <Trash2 size={14} />
            </IconButton>
          </Flex>
        ))}
      </Box>
    </Panel>
  );
}
