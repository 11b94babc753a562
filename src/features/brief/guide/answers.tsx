'use client';
import { Box, Flex, Text } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import { LICENCES, MUST_KEYS, SKILLS, spendable, type Brief, type MustKey } from '@/core/brief';
import { DONOR_CLASSES } from '@/core/donor';
import { typicalOf } from '@/core/typical';
import { CURRENCIES } from '@/core/units';
import { PressRow } from '@/ui/fields';
import {
  CLASS_SHORT,
  CLASS_WORDS,
  formatNumber,
  formatWithUnit,
  LICENCE_WORDS,
  SKILL_WORDS,
  STANCE_WORDS,
} from '@/ui/messages';
import { BriefChoiceField, BriefFigureField } from '../BriefFields';
import type { BriefModel } from '../use-brief';
import { GroundStrip } from './GroundStrip';
import { LegPicture } from './LegPicture';
import type { QuestionId } from './questions';
import { Scale, type ScaleSpan } from './Scale';

interface AnswerProps {
  readonly model: BriefModel;
}

const withMust = ({ brief, edit }: BriefModel, key: MustKey, wanted: boolean): void => {
  const on = new Set(brief.musts.on);
  edit(
    ['musts', 'on'],
    MUST_KEYS.filter((k) => (k === key ? wanted : on.has(k))),
    'musts',
  );
};

function Legs({ model }: AnswerProps) {
  const { brief } = model;
  const asked = brief.musts.on.includes('stance') ? brief.musts.stance : undefined;
  return (
    <>
      <LegPicture brief={brief} reader={model.reader} />
      <BriefFigureField model={model} path="rider.height_mm" />
      <BriefFigureField
        model={model}
        path="rider.inseam_mm"
        hint="floor to crotch, bare feet; empty: guessed from your height"
      />
      <BriefFigureField model={model} path="rider.mass_kg" hint="bare" />
      <BriefFigureField model={model} path="rider.kit_kg" hint="helmet, boots, armour, pack" />
      <Text mt="2" mb="1">
        With both feet down you want at least
      </Text>
      <PressRow
        label="With both feet down"
        value={asked ?? 'any'}
        options={[
          ...(['flat', 'balls', 'tiptoes'] as const).map((b) => ({
            value: b,
            words: STANCE_WORDS[b],
          })),
          { value: 'any' as const, words: 'no matter' },
        ]}
        onPress={(value) => {
          if (value === undefined || value === 'any') withMust(model, 'stance', false);
          else {
            model.edit(['musts', 'stance'], value, 'musts.stance');
            withMust(model, 'stance', true);
          }
        }}
      />
    </>
  );
}

const spans = (
  of: (c: (typeof DONOR_CLASSES)[number]) => Omit<ScaleSpan, 'name' | 'short'> | undefined,
) =>
  DONOR_CLASSES.flatMap((c): ScaleSpan[] => {
    const span = of(c);
    return span ? [{ name: CLASS_WORDS[c], short: CLASS_SHORT[c], ...span }] : [];
  });

/** How far a usual tank goes with the reserve kept back, in dry figures: full tank over mixed use. */
function rangeSpan(brief: Brief, c: (typeof DONOR_CLASSES)[number]) {
  const tank = typicalOf(c, 'tank', brief.typical);
  const use = typicalOf(c, 'consumption', brief.typical);
  if (!tank || !use) return undefined;
  const far = (litres: number) => (litres / use.mid) * 100 * (1 - brief.trip.reserve_percent / 100);
  return { low: far(tank.low), mid: far(tank.mid), high: far(tank.high) };
}

function Fuel({ model }: AnswerProps) {
  const { brief, reader } = model;
  return (
    <>
      <Scale
        label="How far a tank goes, reserve kept back, bare and at an easy pace"
        spans={spans((c) => rangeSpan(brief, c))}
        asked={brief.trip.fuelGap_km}
        askedWords={formatWithUnit(brief.trip.fuelGap_km, 'distance', reader)}
        format={(v) => formatWithUnit(v, 'distance', reader)}
      />
      <Text fontSize="xs" color="fg.muted" mb="1">
        How far a usual tank goes, reserve kept back, before load, wind and pace take their part.
      </Text>
      <BriefFigureField model={model} path="trip.fuelGap_km" />
      <BriefFigureField model={model} path="trip.cruise_kmh" hint="real, not indicated" />
      <PressRow
        label="Holding the cruise"
        value={brief.musts.on.includes('cruise') ? 'must' : 'wish'}
        options={[
          { value: 'must', words: 'must hold the cruise' },
          { value: 'wish', words: 'cruise is a wish' },
        ]}
        onPress={(value) => withMust(model, 'cruise', value === 'must')}
      />
    </>
  );
}

const LOADS = [5, 15, 25, 40] as const;
const LOAD_WORDS: Readonly<Record<(typeof LOADS)[number], string>> = {
  5: 'a day bag',
  15: 'beds and cafés',
  25: 'a tent, cooking',
  40: 'a tent for two, tools, tyres',
};

function Load({ model }: AnswerProps) {
  const { brief, reader } = model;
  const { luggage_kg, pillion_kg } = brief.trip;
  return (
    <>
      <PressRow
        label="Luggage"
        large
        value={LOADS.map(String).find((l) => Number(l) === luggage_kg)}
        options={LOADS.map((kg) => ({
          value: String(kg),
          words: LOAD_WORDS[kg],
          also: formatWithUnit(kg, 'mass', reader),
        }))}
        onPress={(value) =>
          value !== undefined &&
          model.edit(['trip', 'luggage_kg'], Number(value), 'trip.luggage_kg')
        }
      />
      <BriefFigureField model={model} path="trip.luggage_kg" hint="all of it, cases too" />
      <BriefFigureField model={model} path="trip.pillion_kg" hint="with kit; empty: alone" />
      <Bar
        parts={[
          { name: 'you', of: brief.rider.mass_kg + brief.rider.kit_kg },
          { name: 'passenger', of: pillion_kg ?? 0 },
          { name: 'luggage', of: luggage_kg },
        ]}
        words={(kg) => formatWithUnit(kg, 'mass', reader)}
        whole="to be carried"
      />
    </>
  );
}

/** Parts of a whole in one bar, named under it. */
function Bar({
  parts,
  words,
  whole,
}: {
  readonly parts: readonly { readonly name: string; readonly of: number }[];
  readonly words: (n: number) => string;
  readonly whole: string;
}) {
  const there = parts.filter((p) => p.of > 0);
  const sum = there.reduce((s, p) => s + p.of, 0);
  return (
    <Box my="2" maxW="460px">
      <Flex height="30px" borderWidth="1px" borderColor="border.emphasized" aria-hidden>
        {there.map((p, i) => (
          <Box
            key={p.name}
            flexGrow={p.of}
            flexBasis="0"
            bg="accent"
            opacity={1 - i * 0.3}
            borderRightWidth="2px"
            borderColor="bg"
          />
        ))}
      </Flex>
      <Text fontSize="sm" mt="1">
        {there.map((p) => `${p.name} ${words(p.of)}`).join(' + ')} = <b>{words(sum)}</b> {whole}
      </Text>
    </Box>
  );
}

function MoneyAnswer({ model }: AnswerProps) {
  const { brief, reader } = model;
  const rest = spendable(brief.money);
  return (
    <>
      <BriefChoiceField
        model={model}
        path="money.currency"
        label="Currency"
        options={CURRENCIES.map((c) => ({ value: c, words: c }))}
      />
      <BriefFigureField model={model} path="money.budget" hint="everything" />
      <BriefFigureField
        model={model}
        path="money.tripFund"
        hint="what must stay for travelling; not to be touched"
      />
      {rest > 0 ? (
        <Bar
          parts={[
            { name: 'machine, parts and fitting', of: rest },
            { name: 'gear', of: brief.money.gear },
            { name: 'stays', of: brief.money.tripFund },
          ]}
          words={(n) => formatWithUnit(n, 'money', reader)}
          whole="in all"
        />
      ) : (
        <Text color="fail" fontWeight="600" role="alert">
          Nothing is left for a machine: what must stay and the gear take{' '}
          {formatWithUnit(brief.money.tripFund + brief.money.gear, 'money', reader)}.
        </Text>
      )}
    </>
  );
}

function Licence({ model }: AnswerProps) {
  const { rider } = model.brief;
  return (
    <>
      <Text mb="1">Licence</Text>
      <PressRow
        label="Licence"
        large
        value={rider.licence}
        options={LICENCES.map((l) => ({ value: l, words: LICENCE_WORDS[l] }))}
        onPress={(value) => value && model.edit(['rider', 'licence'], value, 'rider.licence')}
      />
      <Text mt="4" mb="1">
        On dirt
      </Text>
      <PressRow
        label="Dirt skill"
        large
        value={rider.skill}
        options={SKILLS.map((s) => ({ value: s, words: SKILL_WORDS[s] }))}
        onPress={(value) => value && model.edit(['rider', 'skill'], value, 'rider.skill')}
      />
    </>
  );
}

function Weight({ model }: AnswerProps) {
  const { brief, reader } = model;
  const on = brief.musts.on.includes('readyMass');
  return (
    <>
      <Scale
        label="Ready to ride"
        spans={spans((c) => typicalOf(c, 'mass', brief.typical))}
        asked={brief.musts.readyMass_kg}
        askedWords={`${on ? 'at most' : 'not asked:'} ${formatWithUnit(brief.musts.readyMass_kg, 'mass', reader)}`}
        format={(v) => formatWithUnit(v, 'mass', reader)}
      />
      <PressRow
        label="A heaviest machine"
        value={on ? 'must' : 'wish'}
        options={[
          { value: 'must', words: 'none heavier than' },
          { value: 'wish', words: 'lighter is better, no limit' },
        ]}
        onPress={(value) => withMust(model, 'readyMass', value === 'must')}
      />
      {on && <BriefFigureField model={model} path="musts.readyMass_kg" />}
      <BriefFigureField
        model={model}
        path="rider.lift_kg"
        hint="with both hands, back straight; empty: not said. Lift with your legs, and not alone if you can help it"
      />
    </>
  );
}

const SURE = [60, 80, 90, 95] as const;
const SURE_WORDS: Readonly<Record<(typeof SURE)[number], string>> = {
  60: 'more likely than not',
  80: 'fairly sure',
  90: 'sure',
  95: 'nearly certain',
};

function Sureness({ model }: AnswerProps) {
  const now = model.brief.musts.sureness_percent ?? 80;
  return (
    <>
      <Flex gap="5px" wrap="wrap" maxW="320px" mb="3" aria-hidden>
        {Array.from({ length: 20 }, (_, i) => (
          <Box
            key={i}
            boxSize="24px"
            borderWidth="2px"
            borderColor="fg"
            bg={i < Math.round(now / 5) ? 'fg' : undefined}
          />
        ))}
      </Flex>
      <Text mb="2">
        A must counts as kept when it holds in at least {formatNumber(now)} of 100 ways in which the
        half-known figures may turn out.
      </Text>
      <PressRow
        label="Sureness"
        large
        value={SURE.map(String).find((s) => Number(s) === now)}
        options={SURE.map((s) => ({ value: String(s), words: SURE_WORDS[s], also: `${s} of 100` }))}
        onPress={(value) =>
          value !== undefined &&
          model.edit(['musts', 'sureness_percent'], Number(value), 'musts.sureness_percent')
        }
      />
      <BriefFigureField model={model} path="musts.sureness_percent" hint="empty: 80" />
    </>
  );
}

/** What stands below each question. */
export const ANSWERS: Readonly<Record<QuestionId, (props: AnswerProps) => ReactNode>> = {
  legs: Legs,
  ground: GroundStrip,
  fuel: Fuel,
  load: Load,
  money: MoneyAnswer,
  licence: Licence,
  weight: Weight,
  sureness: Sureness,
};
