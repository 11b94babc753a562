'use client';
import { Box, Button, Flex, Heading, IconButton, Input, Text } from '@chakra-ui/react';
import { Plus, X } from 'lucide-react';
import { useState } from 'react';
import type { Donor, DonorKind, WeakPoint } from '@/core/donor';
import { ORIGINS, type Origin } from '@/core/readings';
import { parseAmount, isCurrency } from '@/core/units';
import { useDossierStore } from '@/store/react';
import { Choice } from '@/ui/fields';
import { OriginMark } from '@/ui/marks/OriginMark';
import { amountFaultWords, formatQuoted, ORIGIN_WORDS, type Reader } from '@/ui/messages';

export interface WeakPointsProps {
  readonly own: Donor;
  readonly inherited: readonly WeakPoint[];
  /** All that counts for it, with what was found when it was tried. */
  readonly found: readonly WeakPoint[];
  readonly name: string;
  readonly kind: DonorKind;
  readonly reader: Reader;
}

/** Known weak points, or what was found on one machine. What has to be put right counts in the outlay. */
export function WeakPoints({ own, inherited, found, name, kind, reader }: WeakPointsProps) {
  const store = useDossierStore();
  const points = own.weakPoints ?? [];
  const tried = found.filter((f) => !inherited.includes(f) && !points.includes(f));
  const put = (after: readonly WeakPoint[], what: string) =>
    store.execute({
      label: { code: 'edit-weak-points', facts: { name } },
      coalesce: `${own.id}/weak/${what}`,
      changes: [
        {
          table: 'donors',
          key: own.id,
          path: ['weakPoints'],
          before: own.weakPoints,
          after: after.length > 0 ? after : undefined,
        },
      ],
    });
  const change = (id: string, detail: Partial<WeakPoint>) =>
    put(
      points.map((p) => (p.id === id ? withDetail(p, detail) : p)),
      id + Object.keys(detail).join(),
    );
  return (
    <Box
      as="section"
      aria-label="Weak points"
      borderTopWidth="1px"
      borderColor="border"
      pt="2"
      mt="1"
    >
      <Heading as="h3" size="sm" fontWeight="700">
        {kind === 'machine' ? 'Condition: what was found' : 'Known weak points'}
      </Heading>
      <Text fontSize="xs" color="fg.muted">
        {kind === 'machine'
          ? 'Weeping seals, loose spokes, notchy bearings, a stretched chain.'
          : 'A hanger welded to the frame, a part with an hour limit, a shock that cannot be rebuilt.'}{' '}
        Tick what has to be put right before you ride: its cost counts in the outlay.
      </Text>
      {inherited.map((p) => (
        <Flex key={p.id} gap="2" align="center" py="0.5" color="fg.muted">
          <OriginMark known={p.origin} />
          <Text flex="1">{p.what} (of the model)</Text>
          <Text>
            {p.mend ? 'to mend' : ''} {p.cost ? formatQuoted(p.cost.amount, p.cost.currency) : ''}
          </Text>
        </Flex>
      ))}
      {tried.map((p) => (
        <Flex key={p.id} gap="2" align="center" py="0.5">
          <OriginMark known={p.origin} />
          <Text flex="1">
            {p.what}{' '}
            <Text as="span" color="fg.muted">
              ({p.note}; changed on the card)
            </Text>
          </Text>
          <Text>
            {p.mend ? 'to mend' : ''} {p.cost ? formatQuoted(p.cost.amount, p.cost.currency) : ''}
          </Text>
        </Flex>
      ))}
      {points.map((p) => (
        <Flex key={p.id} gap="1.5" align="center" py="0.5" wrap="wrap">
          <Input
            flex="1"
            minW="180px"
            size="sm"
            px="2"
            bg="bg.panel"
            borderColor="border.emphasized"
            aria-label="What is weak"
            placeholder="what"
            maxLength={200}
            value={p.what}
            onChange={(e) => change(p.id, { what: e.target.value })}
          />
          <CostField point={p} reader={reader} onSet={(cost) => change(p.id, { cost })} />
          <Choice
            aria-label="Weak point: origin"
            wide="124px"
            value={p.origin}
            options={ORIGINS.map((o) => ({ value: o, words: ORIGIN_WORDS[o] }))}
            onChange={(e) => change(p.id, { origin: e.target.value as Origin })}
          />
          <label style={{ whiteSpace: 'nowrap' }}>
            <input
              type="checkbox"
              checked={p.mend}
              onChange={(e) => change(p.id, { mend: e.target.checked })}
            />{' '}
            put right
          </label>
          <IconButton
            size="xs"
            variant="ghost"
            aria-label={`Take off: ${p.what || 'weak point'}`}
            onClick={() =>
              put(
                points.filter((o) => o.id !== p.id),
                'remove',
              )
            }
          >
            <X size={15} />
          </IconButton>
          {p.mend && !p.cost && (
            <Text width="100%" fontSize="xs" color="unsure" fontWeight="600">
              Its cost is not known, so the outlay cannot be said.
            </Text>
          )}
        </Flex>
      ))}
      <Button
        size="xs"
        variant="ghost"
        mt="1"
        onClick={() =>
          put(
            [
              ...points,
              { id: crypto.randomUUID(), what: '', mend: false, origin: 'heard', note: '' },
            ],
            'add',
          )
        }
      >
        <Plus size={14} /> {kind === 'machine' ? 'Something found' : 'A weak point'}
      </Button>
    </Box>
  );
}

/** A cost that is taken away leaves nothing behind. */
function withDetail(point: WeakPoint, detail: Partial<WeakPoint>): WeakPoint {
  const { cost, ...rest } = { ...point, ...detail };
  return cost ? { ...rest, cost } : rest;
}

function CostField({
  point,
  reader,
  onSet,
}: {
  readonly point: WeakPoint;
  readonly reader: Reader;
  readonly onSet: (cost: WeakPoint['cost']) => void;
}) {
  const [typed, setTyped] = useState<string>();
  const [fault, setFault] = useState<string>();
  const shown = point.cost ? formatQuoted(point.cost.amount, point.cost.currency) : '';
  const change = (text: string) => {
    setTyped(text);
    if (text.trim() === '') {
      setFault(undefined);
      onSet(undefined);
      return;
    }
    const parsed = parseAmount(text, 'money', point.cost?.currency ?? reader.currency);
    if (parsed.kind === 'fault') setFault(amountFaultWords(parsed.fault));
    else if (!isCurrency(parsed.unit) || !(parsed.amount >= 0 && parsed.amount <= 100000))
      setFault('A cost lies between 0 and 100 000.');
    else {
      setFault(undefined);
      onSet({ amount: parsed.amount, currency: parsed.unit });
    }
  };
  return (
    <Box>
      <Input
        size="sm"
        width="112px"
        px="2"
        textAlign="right"
        bg="bg.panel"
        borderColor={fault ? 'fail' : 'border.emphasized'}
        aria-label="Cost to put right"
        aria-invalid={fault ? true : undefined}
        placeholder="cost"
        value={typed ?? shown}
        onChange={(e) => change(e.target.value)}
        onBlur={() => !fault && setTyped(undefined)}
      />
      {fault && (
        <Text role="alert" fontSize="xs" color="fail" fontWeight="600" maxW="112px">
          {fault}
        </Text>
      )}
    </Box>
  );
}
