'use client';
import { Box } from '@chakra-ui/react';
import { DONOR_CLASSES } from '@/core/donor';
import type { Part, PartFits } from '@/core/part';
import { Choice, FieldRow } from '@/ui/fields';
import { CLASS_WORDS } from '@/ui/messages';
import type { CatalogueModel } from './use-catalogue';

/** Which machines the part is made for: all, classes, or listed donors. */
export function FitsField({
  part,
  model,
}: {
  readonly part: Part;
  readonly model: CatalogueModel;
}) {
  const { fits } = part;
  const put = (next: PartFits) => model.edit(part, 'fits', next);
  const toggled = (list: readonly string[], id: string, on: boolean) =>
    on ? [...list, id] : list.filter((o) => o !== id);
  return (
    <Box py="1">
      <FieldRow id="part-fits" label="Fits">
        <Choice
          id="part-fits"
          wide="210px"
          value={fits.kind}
          options={[
            { value: 'all', words: 'all machines' },
            { value: 'classes', words: 'classes' },
            { value: 'donors', words: 'listed donors' },
          ]}
          onChange={(e) =>
            put(
              e.target.value === 'classes'
                ? { kind: 'classes', classes: [] }
                : e.target.value === 'donors'
                  ? { kind: 'donors', donorIds: [] }
                  : { kind: 'all' },
            )
          }
        />
      </FieldRow>
      {fits.kind === 'classes' &&
        DONOR_CLASSES.map((c) => (
          <label key={c} style={{ display: 'block', padding: '2px 0' }}>
            <input
              type="checkbox"
              checked={fits.classes.includes(c)}
              onChange={(e) =>
                put({
                  kind: 'classes',
                  classes: DONOR_CLASSES.filter((o) =>
                    toggled(fits.classes, c, e.target.checked).includes(o),
                  ),
                })
              }
            />{' '}
            {CLASS_WORDS[c]}
          </label>
        ))}
      {fits.kind === 'donors' && (
        <Box maxH="180px" overflowY="auto" tabIndex={0}>
          {model.donors.map((d) => (
            <label key={d.id} style={{ display: 'block', padding: '2px 0' }}>
              <input
                type="checkbox"
                checked={fits.donorIds.includes(d.id)}
                onChange={(e) =>
                  put({ kind: 'donors', donorIds: toggled(fits.donorIds, d.id, e.target.checked) })
                }
              />{' '}
              {d.name}
            </label>
          ))}
        </Box>
      )}
    </Box>
  );
}
