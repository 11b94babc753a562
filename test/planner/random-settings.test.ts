import loadHighs from 'highs';
import { describe, expect, test } from 'vitest';
import { bestBuild } from '@/core/build';
import { seededRandom } from '@/core/numeric';
import { fieldOf } from './judge';
import { bestOpponent, type Effort } from './opponents';
import { randomSetting } from './random-setting';

const highs = await loadHighs();

/** `npm run attack -- from-to` asks for more seeds and more of the opponents. */
const ASKED = /^(\d+)-(\d+)$/.exec(process.env['JUGATOR_ATTACK'] ?? '');
const EFFORT: Effort = ASKED
  ? { pairs: 1500, thrown: 800, climbs: 5, steps: 350 }
  : { pairs: 100, thrown: 60, climbs: 2, steps: 60 };
const seeds = ASKED
  ? Array.from({ length: Number(ASKED[2]) - Number(ASKED[1]) }, (_, i) => Number(ASKED[1]) + i)
  : [2, 3, 4];

describe('riders, machines and parts made up at random', () => {
  test.each(seeds)('no build beats the planner’s, and nothing forbids it: seed %i', (seed) => {
    const made = randomSetting(seed);
    if (!made) return;
    const { setting, spend } = made;
    const answer = bestBuild(highs, setting, spend);
    if (answer.kind === 'unknown') return;
    const field = fieldOf(setting, spend);
    const mine = answer.kind === 'build' ? answer.build.partIds : undefined;
    const told = [
      setting.donor.id,
      ...(answer.kind === 'build' ? answer.build.partIds : answer.limits),
    ].join(' ');
    if (mine) {
      expect(field.inRules(mine), told).toBe(true);
      expect(field.allowed(mine), `${told} ${JSON.stringify(field.judged(mine))}`).toBe(true);
    }
    expect(bestOpponent(field, mine, EFFORT, seededRandom(seed + 7777)), told).toBeUndefined();
  });
});
