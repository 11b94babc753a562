import { describe, expect, test } from 'vitest';
import {
  ADJUSTERS,
  CHANGE_VERDICTS,
  SAG_LENGTHS,
  SAG_SCHOOLS,
  SETUP_LOADS,
  SYMPTOMS,
  TRY_FIRST,
  type SagFault,
  type SpringAdvice,
} from '@/core/set-up';
import {
  ADJUSTER_WORDS,
  CHANGE_VERDICT_WORDS,
  LENGTH_WORDS,
  LOAD_WORDS,
  preloadWords,
  SAG_SCHOOL_WORDS,
  sagFaultWords,
  springWords,
  SYMPTOM_WORDS,
  symptomStepWords,
  type Reader,
} from '@/ui/messages';

const metric: Reader = { units: 'metric', currency: 'EUR' };
const us: Reader = { units: 'us', currency: 'USD' };

const advice = (more: Partial<SpringAdvice> = {}): SpringAdvice => ({
  freeShare: 0.1,
  riderShare: 0.38,
  asked: { difference: 0.2, free: [0.08, 0.15], rider: [0.25, 0.33] },
  suits: { low: 0.9, mid: 1, high: 1.1 },
  preload: { sag_mm: 18, spring_mm: 6.66, turns: 4.44, short_turns: 0 },
  freeThen: 0.12,
  chances: { soft: 0.02, right: 0.97, stiff: 0.01 },
  springs: [],
  ...more,
});

describe('what to do with the preload', () => {
  const words = (preload: Partial<SpringAdvice['preload']>, riderShare = 0.38) =>
    preloadWords(advice({ riderShare, preload: { ...advice().preload, ...preload } }), metric);
  test('wind in, in turns and on the spring, with the shares it goes by', () =>
    expect(words({})).toBe(
      'Wind in 4.4 turns of preload, 7 mm on the spring (rider sag 38.0 %, asked 25 % to 33 %).',
    ));
  test('let out where it sags too little', () =>
    expect(words({ sag_mm: -18, spring_mm: -6.66, turns: -4.44 }, 0.2)).toMatch(
      /^Let out 4\.4 turns/,
    ));
  test('one turn is one turn', () => expect(words({ turns: 1 })).toContain('Wind in 1.0 turn of'));
  test('what the adjuster lacks is said, and that it is for a spring', () =>
    expect(words({ short_turns: 2 })).toBe(
      'Wind in 4.4 turns would be right, but the adjuster lacks 2.0 turns: it is for a spring (rider sag 38.0 %, asked 25 % to 33 %).',
    ));
  test('an adjuster of unknown range is to be minded', () =>
    expect(words({ short_turns: undefined })).toMatch(/Mind the adjuster’s end\.$/));
  test('without a pitch millimetres, without a motion ratio only the sag', () => {
    expect(words({ turns: undefined })).toContain('type the thread’s pitch for turns');
    expect(words({ turns: undefined, spring_mm: undefined })).toContain(
      'until the sag is 18 mm less',
    );
  });
  test('nothing to be moved is said to be right', () =>
    expect(words({ sag_mm: 0, spring_mm: 0, turns: 0 }, 0.3)).toBe(
      'Preload is right: rider sag 30.0 %, asked 25 % to 33 %.',
    ));
  test('a share that rounds to its limit is told from it', () =>
    expect(words({}, 0.334)).toContain('rider sag 33.4 %, asked 25 % to 33 %'));
  test('in inches for who reads in inches', () =>
    expect(preloadWords(advice(), us)).toContain('0.3 in on the spring'));
});

describe('what free sag says of the spring', () => {
  const words = (soft: number, right: number, stiff: number) =>
    springWords(advice({ chances: { soft, right, stiff } }));
  test('from 80 of 100 on it is said, just under it is not settled', () => {
    expect(words(0.8, 0.2, 0)).toMatch(/^The spring is too soft \(80 of 100/);
    expect(words(0, 0.2, 0.8)).toMatch(/^The spring is too stiff \(80 of 100/);
    expect(words(0.1, 0.8, 0.1)).toMatch(/^The spring suits \(80 of 100/);
    expect(words(0.79, 0.21, 0)).toMatch(
      /^These readings do not settle the spring: too soft in 79, right in 21/,
    );
  });
  test('a chance never stands without what it rests on', () => {
    for (const [soft, right, stiff] of [
      [0.9, 0.1, 0],
      [0, 1, 0],
      [0.4, 0.3, 0.3],
    ] as const)
      expect(words(soft, right, stiff)).toMatch(/free sag is then 12\.0 %, asked 8 % to 15 %/);
  });
});

describe('lengths that cannot be', () => {
  const faults: readonly SagFault[] = [
    { code: 'rider-above-free', free_mm: 50, rider_mm: 40 },
    { code: 'topped-out', sag_mm: -12 },
    { code: 'beyond-travel', sag_mm: 230, travel_mm: 210 },
    { code: 'sides-changed', which: 'free' },
  ];
  test('each is a sentence with its figures in the reader’s units', () => {
    const words = faults.map((f) => sagFaultWords(f, metric));
    expect(new Set(words).size).toBe(faults.length);
    expect(words[1]).toContain('12 mm longer than hanging free');
    expect(words[2]).toContain('230 mm is more than the 210 mm of travel');
    expect(sagFaultWords({ code: 'topped-out', sag_mm: -25.4 }, us)).toContain('1.0 in longer');
  });
});

describe('everything that is chosen has its words', () => {
  test.each([
    ['lengths', SAG_LENGTHS, (k: string) => LENGTH_WORDS[k as keyof typeof LENGTH_WORDS].name],
    ['loads', SETUP_LOADS, (k: string) => LOAD_WORDS[k as keyof typeof LOAD_WORDS]],
    ['schools', SAG_SCHOOLS, (k: string) => SAG_SCHOOL_WORDS[k as keyof typeof SAG_SCHOOL_WORDS]],
    ['adjusters', ADJUSTERS, (k: string) => ADJUSTER_WORDS[k as keyof typeof ADJUSTER_WORDS]],
    [
      'verdicts',
      CHANGE_VERDICTS,
      (k: string) => CHANGE_VERDICT_WORDS[k as keyof typeof CHANGE_VERDICT_WORDS],
    ],
    ['symptoms', SYMPTOMS, (k: string) => SYMPTOM_WORDS[k as keyof typeof SYMPTOM_WORDS]],
  ] as const)('%s', (_, keys, say) => {
    const words = keys.map((k) => say(k));
    expect(new Set(words).size).toBe(keys.length);
    for (const word of words) expect(word.length).toBeGreaterThan(2);
  });
  test('a step says which end, what, and which way; pressure never below its floor', () => {
    expect(symptomStepWords({ end: 'rear', what: 'rebound', way: 'in' })).toBe(
      'rear: rebound two clicks in (slower)',
    );
    expect(symptomStepWords({ end: 'front', what: 'compression', way: 'out' })).toBe(
      'front: compression two clicks out (faster)',
    );
    const pressures = Object.values(TRY_FIRST)
      .flat()
      .filter((s) => s.what === 'pressure');
    expect(pressures.length).toBeGreaterThan(0);
    for (const step of pressures) expect(symptomStepWords(step)).toContain('never below the floor');
  });
});
