'use client';
import { Box, Flex, Text } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import { LICENCES, SKILLS } from '@/core/brief';
import { typicalOf } from '@/core/typical';
import { PressRow } from '@/ui/fields';
import {
  formatNumber,
  formatWithUnit,
  LICENCE_WORDS,
  SKILL_WORDS,
  STANCE_WORDS,
} from '@/ui/messages';
import { BriefFigureField } from '../BriefFields';
import { GroundStrip } from './GroundStrip';
import { LegPicture } from './LegPicture';
import type { QuestionId } from './questions';
import { Scale } from './Scale';
import { Fuel, spans } from './FuelAnswer';
import { Load } from './LoadAnswer';
import { MoneyAnswer } from './MoneyAnswer';
import { AnswerProps, withMust } from './answer-props';

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
