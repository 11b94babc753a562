'use client';
import { Box, Button, Flex, Input, Text } from '@chakra-ui/react';
import { FolderPlus } from 'lucide-react';
import { useState } from 'react';
import { useDossiers, type DossiersModel } from '@/store/react';
import { Panel } from '@/ui/fields';
import { notify } from '@/ui/notice';

const outline = { size: 'xs', variant: 'outline', borderColor: 'border.emphasized' } as const;

/** Several dossiers in one browser: another rider, another plan, the example beside one's own. */
export function Dossiers() {
  const model = useDossiers();
  const [name, setName] = useState('');
  return (
    <Panel title="Dossiers in this browser">
      <Text fontSize="xs" color="fg.muted">
        Each has its own brief, donors, undo and snapshots. One is open in this tab.
      </Text>
      <Box as="ul" listStyleType="none" mt="2">
        {model.there.map((d) => (
          <Row key={d.id} id={d.id} name={d.name} model={model} />
        ))}
      </Box>
      <Flex gap="2" mt="2">
        <Input
          size="sm"
          aria-label="Name of the new dossier"
          placeholder="name, such as “forest tracks, used”"
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
          disabled={name.trim() === ''}
          onClick={() => void model.add(name)}
        >
          <FolderPlus size={15} /> Begin another
        </Button>
      </Flex>
      {model.away.length > 0 && <Away model={model} />}
    </Panel>
  );
}

function Row({
  id,
  name,
  model,
}: {
  readonly id: string;
  readonly name: string;
  readonly model: DossiersModel;
}) {
  const opened = id === model.opened;
  const [typed, setTyped] = useState<string>();
  const settle = () => {
    if (typed !== undefined && typed.trim() !== '') model.rename(id, typed);
    setTyped(undefined);
  };
  return (
    <Flex
      as="li"
      align="center"
      gap="2"
      py="1"
      wrap="wrap"
      borderTopWidth="1px"
      borderColor="border.muted"
    >
      <Input
        size="sm"
        flex="1"
        minW="150px"
        aria-label={`Name of ${name}`}
        maxLength={60}
        bg="bg.panel"
        borderColor="border"
        fontWeight={opened ? '700' : '400'}
        value={typed ?? name}
        onChange={(e) => setTyped(e.target.value)}
        onBlur={settle}
        onKeyDown={(e) => e.key === 'Enter' && settle()}
      />
      {opened ? (
        <Text fontSize="xs" color="pass" fontWeight="700" width="44px">
          open
        </Text>
      ) : (
        <Button {...outline} aria-label={`Open ${name}`} onClick={() => model.open(id)}>
          Open
        </Button>
      )}
      <Button
        {...outline}
        aria-label={`Copy ${name}`}
        onClick={() =>
          void model
            .copy(id, `${name}, copy`)
            .then(() => notify({ text: `${name} is copied.`, tone: 'plain' }))
        }
      >
        Copy
      </Button>
      <Button
        {...outline}
        aria-label={`Put ${name} away`}
        disabled={opened}
        title={opened ? 'open another one first' : undefined}
        onClick={() => {
          model.putAway(id);
          notify({
            text: `${name} is put away.`,
            tone: 'plain',
            act: { word: 'Undo', run: () => model.bringBack(id) },
          });
        }}
      >
        Put away
      </Button>
    </Flex>
  );
}

function Away({ model }: { readonly model: DossiersModel }) {
  const [sure, setSure] = useState<string>();
  return (
    <Box mt="3">
      <Text fontSize="xs" color="fg.muted">
        Put away; nothing of them is lost until it is deleted for good.
      </Text>
      {model.away.map(({ id, name }) => (
        <Flex
          key={id}
          align="center"
          gap="2"
          py="1"
          borderTopWidth="1px"
          borderColor="border.muted"
        >
          <Text flex="1">{name}</Text>
          <Button
            {...outline}
            aria-label={`Bring ${name} back`}
            onClick={() => model.bringBack(id)}
          >
            Bring back
          </Button>
          <Button
            {...outline}
            color="fail"
            aria-label={sure === id ? `Yes, delete ${name} for good` : `Delete ${name} for good`}
            onClick={() => (sure === id ? void model.deleteForGood(id) : setSure(id))}
          >
            {sure === id ? 'Yes, for good' : 'Delete for good'}
          </Button>
        </Flex>
      ))}
    </Box>
  );
}
