'use client';
import { Text } from '@chakra-ui/react';
import { chainFor, sprocketPair, type Teeth } from '@/core/gearing';
import { Panel } from '@/ui/fields';
import { formatNumber, formatTo, formatWithUnit } from '@/ui/messages';
import { pairWords } from './PairPicture';
import type { Bench, GearingModel } from './use-gearing';

/** The pair kept for the trail and the one kept for the road, and what changing between them on a trip means; nothing while none is kept. */
export function TwoPairs({
  model,
  bench,
}: {
  readonly model: GearingModel;
  readonly bench: Bench;
}) {
  const { trail, road } = model.record;
  if (!trail && !road) return null;
  return (
    <Panel title="Kept">
      {trail && <Line what="trail" teeth={trail} model={model} bench={bench} />}
      {road && <Line what="road" teeth={road} model={model} bench={bench} />}
      {trail && road && <Change from={trail} to={road} model={model} bench={bench} />}
    </Panel>
  );
}

function Line({
  what,
  teeth,
  model,
  bench,
}: {
  readonly what: 'trail' | 'road';
  readonly teeth: Teeth;
  readonly model: GearingModel;
  readonly bench: Bench;
}) {
  const pair = sprocketPair(bench.setting, teeth);
  return (
    <Text>
      {what === 'trail' ? 'Trail' : 'Road'}: <b>{pairWords(teeth)}</b>, crawl{' '}
      {formatTo(pair.crawl_kmh, 'speed', 1, model.reader)}, {formatNumber(pair.cruise_rpm)} rpm at
      the cruise.
    </Text>
  );
}

/** What going from one pair to the other asks at the roadside. */
function Change({
  from,
  to,
  model,
  bench,
}: {
  readonly from: Teeth;
  readonly to: Teeth;
  readonly model: GearingModel;
  readonly bench: Bench;
}) {
  if (pairWords(from) === pairWords(to))
    return <Text mt="1">One pair for both: nothing to change.</Text>;
  const { setting } = bench;
  const chain = chainFor(from, to, setting.chain);
  const which = [
    from.front !== to.front && 'countershaft sprocket',
    from.rear !== to.rear && 'rear sprocket',
  ].filter(Boolean);
  return (
    <Text mt="1" fontSize="sm">
      Between them: {which.join(' and ')}
      {from.rear === to.rear
        ? ', with the wheel in place once the chain is slack'
        : ', with the wheel out'}
      {chain === undefined
        ? '; whether one chain does for both is not known without its pitch.'
        : chain.links === 0
          ? `; one chain does for both, the axle goes ${formatWithUnit(Math.abs(chain.axleForward_mm), 'length', model.reader)} ${chain.axleForward_mm > 0 ? 'forward' : 'back'}.`
          : `; the chain differs by ${Math.abs(chain.links)} links, so carry the piece and a joining link, or keep to one pair.`}{' '}
      Bring the socket, a way to hold the wheel, a new lock washer, and check the nut again after
      the first hour.
    </Text>
  );
}
