import type {
  Adjuster,
  AttitudeChange,
  ChangeVerdict,
  SagFault,
  SagLength,
  SagSchool,
  SetupEnd,
  SetupLoad,
  SpringAdvice,
  Symptom,
  SymptomStep,
} from '@/core/set-up';
import { formatNumber, formatWithUnit, type Reader } from './format';

export const END_WORDS: Readonly<Record<SetupEnd, string>> = { rear: 'Rear', front: 'Front' };
export const LOAD_WORDS: Readonly<Record<SetupLoad, string>> = {
  solo: 'rider alone, kit on',
  loaded: 'with the luggage',
  passenger: 'with passenger and luggage',
};
export const SAG_SCHOOL_WORDS: Readonly<Record<SagSchool, string>> = {
  adventure: 'Adventure',
  road: 'Road',
  enduro: 'Competition',
};
export const ADJUSTER_WORDS: Readonly<Record<Adjuster, string>> = {
  preload: 'preload',
  compression: 'compression',
  rebound: 'rebound',
  pressure: 'tyre pressure',
  spring: 'spring',
};
export const CHANGE_VERDICT_WORDS: Readonly<Record<ChangeVerdict, string>> = {
  better: 'better',
  worse: 'worse',
  same: 'no difference',
};

/** The five lengths as a helper would read them out, in order. */
export const LENGTH_WORDS: Readonly<
  Record<SagLength, { readonly name: string; readonly how: string }>
> = {
  extended_mm: {
    name: 'Wheel hanging free',
    how: 'Lift the machine until the wheel leaves the ground. Axle to a mark straight above it.',
  },
  freeAbove_mm: {
    name: 'Machine alone, from above',
    how: 'Upright, nobody on it. Press down, let it come up slowly.',
  },
  freeBelow_mm: {
    name: 'Machine alone, from below',
    how: 'Lift it a little, let it sink slowly.',
  },
  riderAbove_mm: {
    name: 'Rider on, from above',
    how: 'Kit on, both feet on the pegs, somebody steadies the bar. Bounce once, let it come up slowly.',
  },
  riderBelow_mm: {
    name: 'Rider on, from below',
    how: 'Somebody lifts the machine a little and lets it sink slowly.',
  },
};

export function sagFaultWords(fault: SagFault, reader: Reader): string {
  const mm = (x: number) => formatWithUnit(x, 'length', reader);
  switch (fault.code) {
    case 'rider-above-free':
      return 'With the rider on it stands no lower than alone: two lengths may have changed places.';
    case 'topped-out':
      return `Alone it stands ${mm(-fault.sag_mm)} longer than hanging free: take the hanging length again, the wheel clear of the ground.`;
    case 'beyond-travel':
      return `Rider sag of ${mm(fault.sag_mm)} is more than the ${mm(fault.travel_mm)} of travel: a length was read wrongly, or the travel on the sheet is.`;
    case 'sides-changed':
      return `${fault.which === 'free' ? 'Machine alone' : 'Rider on'}: from above it should stand lower than from below; the two may have changed places.`;
  }
}

const percent = (share: number): string => `${formatNumber(share * 100)} %`;
/** A measured share beside its asked: finer, so that it never reads as the limit that it misses. */
const fine = (share: number): string => `${formatNumber(share * 100, 1)} %`;
const signedTurns = (turns: number): string =>
  `${formatNumber(Math.abs(turns), Math.abs(turns) < 10 ? 1 : 0)} ${Math.abs(turns) === 1 ? 'turn' : 'turns'}`;

/** What to do with the preload, in one sentence. */
export function preloadWords({ preload, riderShare, asked }: SpringAdvice, reader: Reader): string {
  const [low, high] = asked.rider;
  const way = preload.sag_mm > 0 ? 'Wind in' : 'Let out';
  const sag = formatWithUnit(Math.abs(preload.sag_mm), 'length', reader);
  const now = `rider sag ${fine(riderShare)}, asked ${percent(low)} to ${percent(high)}`;
  if (preload.sag_mm === 0) return `Preload is right: ${now}.`;
  if (preload.spring_mm === undefined)
    return `${way} preload until the sag is ${sag} ${preload.sag_mm > 0 ? 'less' : 'more'} (${now}); how much on the spring is not known without its motion ratio.`;
  const spring = `${formatWithUnit(Math.abs(preload.spring_mm), 'length', reader)} on the spring`;
  if (preload.turns === undefined)
    return `${way} ${spring} (${now}); type the thread’s pitch for turns.`;
  if (preload.short_turns !== undefined && preload.short_turns > 0)
    return `${way} ${signedTurns(preload.turns)} would be right, but the adjuster lacks ${signedTurns(preload.short_turns)}: it is for a spring (${now}).`;
  return `${way} ${signedTurns(preload.turns)} of preload, ${spring} (${now}).${preload.short_turns === undefined ? ' Mind the adjuster’s end.' : ''}`;
}

/** What free sag then tells of the spring, in one sentence. */
export function springWords({ chances, freeThen, asked }: SpringAdvice): string {
  const [low, high] = asked.free;
  const of100 = (chance: number) => `${Math.round(chance * 100)} of 100`;
  const there = `free sag is then ${fine(freeThen)}, asked ${percent(low)} to ${percent(high)}`;
  const { soft, right, stiff } = chances;
  if (soft >= 0.8)
    return `The spring is too soft (${of100(soft)} by the readings’ noise): ${there}.`;
  if (stiff >= 0.8)
    return `The spring is too stiff (${of100(stiff)} by the readings’ noise): ${there}.`;
  if (right >= 0.8) return `The spring suits (${of100(right)} by the readings’ noise): ${there}.`;
  return `These readings do not settle the spring: too soft in ${Math.round(soft * 100)}, right in ${Math.round(right * 100)}, too stiff in ${Math.round(stiff * 100)} of 100; ${there}. Take the lengths again.`;
}

export const SYMPTOM_WORDS: Readonly<Record<Symptom, string>> = {
  'harsh-small': 'Harsh over small bumps',
  bottoms: 'Bottoms on big hits',
  'packs-down': 'Sits lower with every bump',
  kicks: 'The rear kicks up',
  dives: 'The front dives under braking',
  'pushes-wide': 'The front pushes wide',
  shakes: 'The bars shake',
  wallows: 'Wallows, luggage on',
  deflects: 'The front bounces off stones',
};

/** One thing to try, as it is turned. */
export function symptomStepWords({ end, what, way }: SymptomStep): string {
  const which = END_WORDS[end].toLowerCase();
  switch (what) {
    case 'pressure':
      return `${which} tyre: a little ${way === 'out' ? 'less' : 'more'} pressure, never below the floor`;
    case 'spring':
      return `${which}: a ${way === 'in' ? 'stiffer' : 'softer'} spring`;
    case 'preload':
      return `${which}: a turn of preload ${way}`;
    case 'compression':
    case 'rebound':
      return `${which}: ${what} two clicks ${way === 'in' ? 'in (slower)' : 'out (faster)'}`;
  }
}

/** What fork tubes pushed up through the clamps do: how much lower the front stands, rake and trail, and what must be looked at. */
export function forkWords(lower_mm: number, change: AttitudeChange, reader: Reader): string {
  const length = (mm: number) => formatWithUnit(Math.abs(mm), 'length', reader);
  const trail =
    change.trail_mm === undefined
      ? ''
      : `, trail ${change.trail_mm < 0 ? '−' : '+'}${length(change.trail_mm)}`;
  return `The front stands ${length(lower_mm)} lower: rake ${change.rake_deg < 0 ? '−' : '+'}${formatNumber(Math.abs(change.rake_deg), 1)}°${trail}. It turns in more quickly and is less steady; at full travel the wheel must clear fender and lower clamp, and the handbook says how far the tubes may go.`;
}
