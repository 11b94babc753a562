'use client';
import { Box, Button, Text } from '@chakra-ui/react';
import {
  attitudeChange,
  SETUP_ENDS,
  SETUP_LIMITS,
  steeringNow,
  type SetupEnd,
} from '@/core/set-up';
import { Panel } from '@/ui/fields';
import {
  END_WORDS,
  formatNumber,
  formatWithUnit,
  LOAD_WORDS,
  preloadWords,
  springWords,
} from '@/ui/messages';
import { AmountField, measured } from '@/ui/stored';
import { suitsTogether, type EndView, type SetUpModel } from './use-set-up';

/** What to do with preload and springs, end by end, and what both together do to the steering. */
export function AdvicePanel({ model }: { readonly model: SetUpModel }) {
  const { ends } = model;
  if (!ends) return null;
  return (
    <Panel title="What to do">
      {SETUP_ENDS.map((end) => (
        <EndAdvice key={end} view={ends[end]} model={model} />
      ))}
      <Both model={model} />
      <WeighWithIt model={model} />
      <Text fontSize="xs" color="fg.muted" mt="2">
        Turn preload with the machine off its wheels and the adjuster’s own tool. A shock holds gas
        and a strong spring: taking it apart is work for a specialist. Go by the handbook; ride
        slowly first.
      </Text>
    </Panel>
  );
}

function EndAdvice({ view, model }: { readonly view: EndView; readonly model: SetUpModel }) {
  const { end, advice } = view;
  const { reader, brief } = model;
  const pct = (x: number) =>
    `${formatNumber(Math.abs(x - 1) * 100)} % ${x >= 1 ? 'stiffer' : 'softer'}`;
  return (
    <Box py="2" borderTopWidth="1px" borderColor="border.muted">
      <Text fontWeight="700">{END_WORDS[end]}</Text>
      {!advice ? (
        <Text color="fg.muted">
          {view.sag.faults.length > 0
            ? 'Put the lengths right first.'
            : view.travel_mm === undefined
              ? 'The travel of this end is not known.'
              : 'Free and rider sag tell what to do: take all five lengths.'}
        </Text>
      ) : (
        <>
          <Text>
            <b>1</b> {preloadWords(advice, reader)}
          </Text>
          <Text>
            <b>2</b> {springWords(advice)}
          </Text>
          <Box
            as="table"
            fontSize="sm"
            mt="1"
            css={{
              '& td, & th': { padding: '2px 14px 2px 0', textAlign: 'left', fontWeight: 400 },
            }}
          >
            <thead>
              <tr>
                <th>spring for</th>
                <th>by the one fitted</th>
                <th>rate{end === 'front' ? ' of a leg' : ''}</th>
              </tr>
            </thead>
            <tbody>
              {advice.springs.map(({ load, factor, fittedDoes, rate_Npmm }) => (
                <tr key={load}>
                  <td>{LOAD_WORDS[load]}</td>
                  <td>
                    {fittedDoes ? 'it does' : pct(factor.mid)}
                    {!fittedDoes && ` (${pct(factor.low)} to ${pct(factor.high)})`}
                  </td>
                  <td>
                    {fittedDoes
                      ? 'as fitted'
                      : rate_Npmm === undefined
                        ? 'not known'
                        : `${formatNumber(rate_Npmm, end === 'front' ? 1 : 0)} N/mm`}
                  </td>
                </tr>
              ))}
            </tbody>
          </Box>
          <Text fontSize="sm" mt="1">
            As measured it is for a rider of{' '}
            <b>{formatWithUnit(advice.suits.mid * brief.rider.mass_kg, 'mass', reader)}</b> (
            {formatWithUnit(advice.suits.low * brief.rider.mass_kg, 'mass', reader)} to{' '}
            {formatWithUnit(advice.suits.high * brief.rider.mass_kg, 'mass', reader)}).
          </Text>
        </>
      )}
      <PreloadFields end={end} model={model} />
    </Box>
  );
}

function PreloadFields({ end, model }: { readonly end: SetupEnd; readonly model: SetUpModel }) {
  const setup = model.sheet?.ends[end] ?? {};
  const id = (field: string) => `setup-${model.sheet?.id ?? ''}-${end}-${field}`;
  return (
    <>
      <AmountField
        id={id('pitch')}
        label={`${END_WORDS[end]}: one turn of preload moves the spring`}
        value={setup.pitch_mm}
        quantity={measured('length', model.reader)}
        limits={SETUP_LIMITS.pitch_mm}
        required={false}
        onSet={(pitch_mm) => model.setEnd(end, { pitch_mm })}
      />
      <AmountField
        id={id('turns')}
        label={`${END_WORDS[end]}: turns wound in now`}
        value={setup.turns}
        quantity={{ kind: 'plain', sign: 'turns' }}
        limits={SETUP_LIMITS.turns}
        required={false}
        onSet={(turns) => model.setEnd(end, { turns })}
      />
      <AmountField
        id={id('most')}
        label={`${END_WORDS[end]}: turns the adjuster has`}
        value={setup.turnsMost}
        quantity={{ kind: 'plain', sign: 'turns' }}
        limits={SETUP_LIMITS.turns}
        required={false}
        onSet={(turnsMost) => model.setEnd(end, { turnsMost })}
      />
    </>
  );
}

/** How setting both ends pitches the machine. */
function Both({ model }: { readonly model: SetUpModel }) {
  const { ends, assessment, reader } = model;
  const [rear, front] = [ends?.rear.advice, ends?.front.advice];
  const steering = steeringNow(assessment.figures);
  if (!rear || !front || !steering) return null;
  const change = attitudeChange(steering, {
    front_mm: -front.preload.sag_mm,
    rear_mm: -rear.preload.sag_mm,
  });
  const signed = (x: number, digits: number) =>
    `${x < 0 ? '−' : '+'}${formatNumber(Math.abs(x), digits)}`;
  return (
    <Text pt="2" borderTopWidth="1px" borderColor="border.muted">
      <b>Both ends set:</b> rake {signed(change.rake_deg, 1)}°
      {change.trail_mm !== undefined &&
        `, trail ${change.trail_mm < 0 ? '−' : '+'}${formatWithUnit(Math.abs(change.trail_mm), 'length', reader)}`}
      {Math.abs(change.rake_deg) < 0.2
        ? ': it stands as before.'
        : change.rake_deg < 0
          ? ': it turns in more quickly and is less steady.'
          : ': it is steadier and turns in more slowly.'}
    </Text>
  );
}

/** Both ends together as the one rider whom a sheet names, for the machine to be weighed with. */
function WeighWithIt({ model }: { readonly model: SetUpModel }) {
  const { ends, brief, reader } = model;
  const suits = ends && suitsTogether(ends);
  if (!suits) return null;
  const kg = (factor: number) => formatWithUnit(factor * brief.rider.mass_kg, 'mass', reader);
  const practice = SETUP_ENDS.some((end) => ends[end].advice && ends[end].setup.tool === 'meter');
  return (
    <Text pt="2" borderTopWidth="1px" borderColor="border.muted">
      By what was measured the springs are for a rider of <b>{kg(suits.mid)}</b> ({kg(suits.low)} to{' '}
      {kg(suits.high)}).{' '}
      {practice ? (
        <Text as="span" color="unsure">
          Practice readings: read a tape before the machine is weighed with it.
        </Text>
      ) : (
        <Button
          size="xs"
          variant="outline"
          borderColor="border.emphasized"
          onClick={model.keepSprings}
        >
          Weigh the machine with it
        </Button>
      )}
    </Text>
  );
}
