import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { expect, fresh, test } from './test';
import { goTo, goToRoom, goWithin, openExample, overflow, stored, withExample } from './helpers';

test.use(withExample);
test.setTimeout(180_000);

/** What stands at the foot of a phone while something is chosen; the other half is one press away. */
const CHOOSING = ['Brief', 'Donors', 'Weigh-up', 'Build', 'Trials', 'Verdict', 'Dossier'] as const;
const ROOMS = ['Catalogue', 'Money curve', 'Stages', 'Ways out'] as const;

/** Waits until everything is planned, so that nothing is drawn while faults are looked for. */
const quiet = (page: Page): Promise<void> =>
  page
    .getByText(/^(Every curve is planned|Complete\.)/)
    .first()
    .waitFor({ timeout: 90_000 });

/** Serious faults of the page as it stands. Contrast is reckoned from the theme's colours in a test of its own. */
async function seriousFaults(page: Page): Promise<string[]> {
  // Between two screens the title is away for a moment.
  await expect(page).toHaveTitle(/./);
  // Options of a closed list are drawn by the browser; there are thousands, and looking at each is most of the time.
  // Rows of long tables and lists are made alike: the first of each kind stand for all.
  const { violations } = await new AxeBuilder({ page })
    .exclude('option')
    .exclude('tr.line:nth-child(n+6)')
    .exclude('[data-kind]:not([data-kind="suspension"])')
    // No page has frames, and only faults are asked for: ten times as quick as gathering what passed in a page of its own.
    .setLegacyMode(true)
    .options({ resultTypes: ['violations'], rules: { 'color-contrast': { enabled: false } } })
    .analyze();
  return violations
    .filter((v) => v.impact === 'serious' || v.impact === 'critical')
    .map(
      (v) =>
        `${v.id}: ${v.nodes
          .slice(0, 3)
          .map((n) => n.target.join(' '))
          .join(' | ')}`,
    );
}

test('no serious fault: brief, donors, a pasted text, dossier', async ({ page }) => {
  await openExample(page, '/brief');
  expect(await seriousFaults(page), 'Brief').toEqual([]);
  await goTo(page, 'Donors');
  await page.getByRole('button', { name: /^Engine/ }).click();
  await page.getByRole('button', { name: 'Paste a sheet' }).click();
  await page
    .getByLabel(/^Text of a maker/)
    .fill('Tank 3.1 gal, seat height 34.6 in (789 mm), Weight 187 kg, switchable ABS');
  await page.getByText('4 found, 3 to look at.').waitFor();
  expect(await seriousFaults(page), 'pasting').toEqual([]);
  await page.keyboard.press('Escape');
  await goTo(page, 'Dossier');
  expect(await seriousFaults(page), 'Dossier').toEqual([]);
  for (const question of [1, 2, 7]) {
    await goWithin(page, `/brief/guide?question=${question}`);
    await page.getByText(/Look among|No class keeps/).waitFor();
    expect(await seriousFaults(page), `question ${question}`).toEqual([]);
  }
  await goWithin(page, '/donors/classes');
  await page.getByRole('button', { name: /Mid-size rally twin/ }).click();
  await page.getByRole('group', { name: 'What to look for' }).waitFor();
  expect(await seriousFaults(page), 'classes').toEqual([]);
});

test('no serious fault: weigh-up with its points open, under load', async ({ page }) => {
  await openExample(page);
  await page.getByRole('button', { name: 'Drover 430', exact: false }).first().click();
  expect(await seriousFaults(page), 'points open').toEqual([]);
  await page
    .getByRole('link', { name: /^Under load/ })
    .first()
    .click();
  await page.getByText('Every figure').waitFor();
  // The title follows the page by a moment.
  await expect(page).toHaveTitle(/\S/);
  expect(await seriousFaults(page), 'under load').toEqual([]);
});

test('no serious fault: every room of the build', async ({ page }) => {
  await openExample(page, '/build');
  expect(await seriousFaults(page), 'Bench').toEqual([]);
  for (const room of ROOMS) {
    await goToRoom(page, room);
    if (room === 'Catalogue') {
      await page.getByRole('button', { name: /^Lowering link/ }).click();
      await page.getByRole('region', { name: /^Lowering link/ }).waitFor();
    }
    if (room === 'Money curve') await quiet(page);
    expect(await seriousFaults(page), room).toEqual([]);
  }
});

test('no serious fault: verdict, sheet, card', async ({ page }) => {
  await openExample(page, '/verdict');
  expect(await seriousFaults(page), 'verdict').toEqual([]);
  await page.getByRole('link', { name: 'The sheet, to print' }).click();
  await quiet(page);
  await page.getByText(/comes first in .* of .* draws/).waitFor();
  expect(await seriousFaults(page), 'sheet').toEqual([]);
  await goWithin(page, '/verdict/card?candidate=c-drover-430-brenfold');
  await page.getByRole('group', { name: 'What your feet do' }).waitFor();
  expect(await seriousFaults(page), 'card').toEqual([]);
});

test('no serious fault: trials with a ride open, set-up, gearing', async ({ page }) => {
  await openExample(page, '/trials');
  await page.getByRole('button', { name: 'Note a ride' }).click();
  await page.getByLabel('Buzz').waitFor();
  expect(await seriousFaults(page), 'trials').toEqual([]);
  await goTo(page, 'Set-up');
  await page.getByRole('button', { name: 'Wheel hanging free: from the meter' }).click();
  expect(await seriousFaults(page), 'set-up').toEqual([]);
  await goTo(page, 'Gearing');
  await page.getByRole('heading', { name: 'In hand' }).waitFor();
  expect(await seriousFaults(page), 'gearing').toEqual([]);
});

test.describe('an empty dossier', () => {
  test.use({ storageState: { cookies: [], origins: [] } });
  test('no serious fault', async ({ page }) => {
    await page.goto('/');
    await page.getByRole('button', { name: 'Start a brief' }).waitFor();
    expect(await seriousFaults(page)).toEqual([]);
    // The finder finds: a button without a name is one.
    await page.evaluate(() =>
      document.querySelector('main')?.append(document.createElement('button')),
    );
    expect((await seriousFaults(page)).map((f) => f.split(':')[0])).toEqual(['button-name']);
  });
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, isMobile: true, hasTouch: true });
  fresh(
    'nothing wider than the screen, the strip at the foot and every step within it',
    async ({ page }) => {
      await openExample(page, '/brief');
      for (const step of CHOOSING) {
        await goTo(page, step);
        expect(await overflow(page), step).toBeLessThanOrEqual(0);
        if (step === 'Dossier') continue;
        const within = await page
          .getByRole('navigation', { name: 'Steps' })
          .getByRole('link')
          .evaluateAll((links) =>
            links
              .filter((a) => {
                const { left, right, top, bottom, width } = a.getBoundingClientRect();
                const { innerWidth, innerHeight } = window;
                return (
                  width > 0 && left >= 0 && right <= innerWidth && top >= 0 && bottom <= innerHeight
                );
              })
              .map((a) => a.getAttribute('aria-label') ?? a.textContent),
          );
        for (const other of CHOOSING)
          expect(
            within.some((name) => name.includes(other)),
            `${other} on ${step}`,
          ).toBe(true);
      }
      for (const path of [
        '/brief/guide?question=1',
        '/brief/guide?question=2',
        '/donors/classes',
        '/weigh-up/machine',
        '/build/catalogue',
        '/build/curve',
        '/build/stages',
        '/build/ways',
        '/verdict/sheet',
        '/set-up',
        '/gearing',
        '/verdict/card?candidate=c-drover-430-brenfold',
      ]) {
        await goWithin(page, path);
        await page
          .getByRole('heading', { level: 1 })
          .or(page.getByTestId('paper'))
          .first()
          .waitFor();
        await stored(page);
        expect(await overflow(page), path).toBeLessThanOrEqual(0);
      }
      expect(await seriousFaults(page), 'card on a phone').toEqual([]);
    },
  );
});

test('by keyboard alone: steps, help, a slider, a part, undo and redo', async ({ page }) => {
  await openExample(page, '/dossier');
  await page.keyboard.press('1');
  await expect(page.getByRole('heading', { level: 1, name: 'Brief' })).toBeVisible();
  const slider = page.getByRole('slider', { name: 'Two-track, share' });
  await slider.focus();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByLabel('Two-track', { exact: true })).toHaveValue('21');
  await page.keyboard.press('d');
  await expect(page.getByRole('heading', { level: 1, name: 'Dossier' })).toBeVisible();
  await page.keyboard.press('4');
  await expect(page.getByRole('heading', { level: 1, name: 'Build' })).toBeVisible();
  const part = page.getByRole('button', { name: 'Fit Wide footpegs', exact: true });
  await part.focus();
  await page.keyboard.press('Enter');
  await expect(
    page.getByRole('button', { name: 'Take off Wide footpegs', exact: true }),
  ).toBeFocused();
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('button', { name: 'Fit Wide footpegs', exact: true })).toBeVisible();
  await page.keyboard.press('Control+Shift+Z');
  await expect(
    page.getByRole('button', { name: 'Take off Wide footpegs', exact: true }),
  ).toBeVisible();
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: /words, the keys/ })).toBeVisible();
  await page.getByText('Ready to ride', { exact: true }).click();
  await expect(page.getByText(/Mass with all fluids and a full tank/)).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog', { name: /words, the keys/ })).toBeHidden();
});
