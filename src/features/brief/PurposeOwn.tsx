'use client';
import { Box, Button, Flex, Text } from '@chakra-ui/react';
import {
  briefLimit,
  MUST_KEYS,
  PURPOSE_TRIP_KEYS,
  type MustKey,
  type Purpose,
  type PurposeTripKey,
} from '@/core/brief';
import type { Outcome } from '@/store/dossier-state';
import { nameWords } from '@/ui/messages';
import { AmountField, amountText, signOf } from '@/ui/stored';
import { quantityOf } from './brief-form';
import { MustTick } from './MustTick';
import type { BriefModel } from './use-brief';

interface OwnProps {
  readonly model: BriefModel;
  readonly purpose: Purpose;
  readonly onChange: (changed: Purpose, field: string) => Outcome;
}

/** What a purpose has of its own beside ground and beliefs: load, road and musts, so that Sundays do not rule out the long tour. */
export function PurposeOwn({ model, purpose, onChange }: OwnProps) {
  const { trip, musts } = model.brief;
  const { reader } = model;
  const setTrip = (key: PurposeTripKey, value: number | undefined): Outcome => {
    const { [key]: _old, ...rest } = purpose.trip ?? {};
    const own = value === undefined ? rest : { ...rest, [key]: value };
    const { trip: _trip, ...others } = purpose;
    return onChange(Object.keys(own).length === 0 ? others : { ...others, trip: own }, key);
  };
  const setMusts = (on: readonly MustKey[] | undefined): Outcome => {
    const { mustsOn: _old, ...rest } = purpose;
    return onChange(on ? { ...rest, mustsOn: on } : rest, 'mustsOn');
  };
  return (
    <Box mb="2">
      <Text fontSize="xs" color="fg.muted">
        Load and road of this purpose; what is left empty is as in the whole of it. A passenger of
        0: alone.
      </Text>
      {PURPOSE_TRIP_KEYS.map((key) => {
        const { min, max } = briefLimit(`trip.${key}`);
        const whole = trip[key];
        const quantity = quantityOf(`trip.${key}`, reader);
        return (
          <AmountField
            key={`${purpose.id}/${key}`}
            id={`purpose-${purpose.id}-${key}`}
            label={nameWords(`trip.${key}`)}
            quantity={quantity}
            limits={{ min, max }}
            required={false}
            value={purpose.trip?.[key]}
            empty={
              whole === undefined ? 'none' : `${amountText(quantity, whole)} ${signOf(quantity)}`
            }
            onSet={(value) => setTrip(key, value)}
          />
        );
      })}
      {purpose.mustsOn ? (
        <Flex role="group" aria-label="Musts of this purpose" wrap="wrap" gap="3" align="center">
          {MUST_KEYS.map((key) => (
            <MustTick
              key={key}
              must={key}
              on={purpose.mustsOn?.includes(key) ?? false}
              onToggle={(wanted) =>
                setMusts(
                  MUST_KEYS.filter((k) => (k === key ? wanted : purpose.mustsOn?.includes(k))),
                )
              }
            />
          ))}
          <Button size="sm" variant="ghost" onClick={() => setMusts(undefined)}>
            The musts of the whole
          </Button>
        </Flex>
      ) : (
        <Button
          size="sm"
          variant="outline"
          borderColor="border.emphasized"
          onClick={() => setMusts(musts.on)}
        >
          Give it musts of its own
        </Button>
      )}
    </Box>
  );
}
