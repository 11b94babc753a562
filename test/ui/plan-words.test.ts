import { describe, expect, test } from 'vitest';
import { assess } from '@/core/assessment';
import { assessedBuild } from '@/core/build';
import { demoDossier } from '@/demo/scenario';
import { planSetting, standing } from '@/store/queries';
import { BRIEF_KEY, type Dossier } from '@/store/records';
import { leftOpenWords } from '@/ui/messages';

/** The Drover on the example's brief, at most so heavy; with the tank that its maker names or without. */
function settingOf(told: boolean, readyMass_kg: number) {
  const demo = demoDossier();
  const brief = demo.briefs[BRIEF_KEY];
  const donor = demo.donors['drover-430'];
  if (!brief || !donor) throw new Error('not in the demo');
  const { tank: _untold, ...figures } = donor.figures;
  const dossier: Dossier = {
    ...demo,
    briefs: {
      [BRIEF_KEY]: { ...brief, musts: { ...brief.musts, on: ['readyMass'], readyMass_kg } },
    },
    donors: { ...demo.donors, 'drover-430': told ? donor : { ...donor, figures } },
  };
  const now = standing(dossier);
  const entry = now?.candidates.find((c) => c.donor.id === 'drover-430');
  if (!now || !entry) throw new Error('no such candidate');
  return planSetting(dossier, now, entry, { legalOnly: false, today: '2026-12-01' });
}

/** What it weighs in the middle without the tank's figure. */
function untoldMass(): number {
  const { estimate } = assess({ ...settingOf(false, 200), parts: [] }).metrics.readyMass;
  if (estimate.kind !== 'known') throw new Error('not by its class');
  return estimate.mid;
}

describe('the musts that a build leaves open', () => {
  test('are named, with what to do first, where a figure that nobody has given decides', () => {
    const { open } = assessedBuild(settingOf(false, untoldMass()), [], 0);
    expect(open).toEqual(['readyMass']);
    expect(leftOpenWords(open)).toBe(
      'Mass is open: nobody has given the figures it hangs on. Find them out before you buy parts.',
    );
  });
  test('are none where it was told: no sentence', () => {
    expect(assessedBuild(settingOf(true, untoldMass() + 20), [], 0).open).toEqual([]);
    expect(leftOpenWords([])).toBe('');
    expect(leftOpenWords(undefined, undefined)).toBe('');
  });
  test('those of the build and of what is enough are named once', () => {
    expect(leftOpenWords(['readyMass'], ['readyMass', 'stance'])).toMatch(
      /^Mass and .+ are open: nobody has given the figures they hang on\. /,
    );
  });
});
