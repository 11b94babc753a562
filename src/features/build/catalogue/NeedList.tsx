'use client';
import { Box, Flex, IconButton, Text } from '@chakra-ui/react';
import { X } from 'lucide-react';
import type { Part } from '@/core/part';
import { Choice } from '@/ui/fields';
import type { CatalogueModel } from './use-catalogue';

/** What the part needs (of each line one) and what it shuts out. */
export function NeedList({ part, model }: { readonly part: Part; readonly model: CatalogueModel }) {
  const name = (id: string) => model.parts[id]?.name ?? `${id} (not in the catalogue)`;
  const others = Object.values(model.parts)
    .filter((p) => p.id !== part.id)
    .sort((a, b) => a.name.localeCompare(b.name, 'en'))
    .map((p) => ({ value: p.id, words: p.name }));
  const setNeeds = (needs: readonly (readonly string[])[]) =>
    model.edit(
      part,
      'needs',
      needs.filter((g) => g.length > 0),
    );
  return (
    <Box py="1">
      <Text fontWeight="700">Needs</Text>
      {part.needs.map((group, i) => (
        <Flex key={group.join()} gap="1" align="center" wrap="wrap" py="0.5">
          {group.map((id, j) => (
            <Flex key={id} align="center" fontSize="sm">
              {j > 0 && (
                <Text color="fg.muted" mr="1">
                  or
                </Text>
              )}
              {name(id)}
              <IconButton
                size="2xs"
                variant="ghost"
                aria-label={`${name(id)} will not do`}
                onClick={() =>
                  setNeeds(part.needs.map((g, k) => (k === i ? g.filter((o) => o !== id) : g)))
                }
              >
                <X size={12} />
              </IconButton>
            </Flex>
          ))}
          <Choice
            aria-label="or this part"
            wide="110px"
            value=""
            options={[
              { value: '', words: 'or …' },
              ...others.filter((o) => !group.includes(o.value)),
            ]}
            onChange={(e) =>
              e.target.value &&
              setNeeds(part.needs.map((g, k) => (k === i ? [...g, e.target.value] : g)))
            }
          />
        </Flex>
      ))}
      <Choice
        aria-label="Needs this part"
        wide="100%"
        value=""
        options={[
          { value: '', words: part.needs.length > 0 ? 'and also needs …' : 'nothing; or choose …' },
          ...others,
        ]}
        onChange={(e) => e.target.value && setNeeds([...part.needs, [e.target.value]])}
      />
      <Text fontWeight="700" mt="2">
        Cannot go with
      </Text>
      {part.shutsOut.map((id) => (
        <Flex key={id} align="center" fontSize="sm" py="0.5">
          <Text flex="1">{name(id)}</Text>
          <IconButton
            size="2xs"
            variant="ghost"
            aria-label={`${name(id)} may go with it`}
            onClick={() =>
              model.edit(
                part,
                'shutsOut',
                part.shutsOut.filter((o) => o !== id),
              )
            }
          >
            <X size={12} />
          </IconButton>
        </Flex>
      ))}
      <Choice
        aria-label="Cannot go with this part"
        wide="100%"
        value=""
        options={[
          { value: '', words: 'choose …' },
          ...others.filter((o) => !part.shutsOut.includes(o.value)),
        ]}
        onChange={(e) =>
          e.target.value && model.edit(part, 'shutsOut', [...part.shutsOut, e.target.value])
        }
      />
    </Box>
  );
}
