import AxeBuilder from '@axe-core/playwright';
import { expect, test, type Page } from '@playwright/test';
import { goTo, openExample } from './helpers';

test.setTimeout(300_000);

const STEPS = ['Brief', 'Donors', 'Weigh-up', 'Parts', 'Build', 'Verdict', 'Dossier'] as const;

const ROOMS = ['Money curve', 'Stages', 'Ways out'] as const;

async function goToPart(page: Page): Promise<void> {
  await goTo(page, 'Parts');
  await page.getByRole('button', { name: /^Lowering link/ }).click();
  await page.getByRole('region', { name: /^Lowering link/ }).waitFor();
}

/** Ends the planner, should it still be at work, so that nothing is drawn while faults are looked for. */
async function quiet(page: Page): Promise<void> {
  const stop = page.getByRole('button', { name: /^Stop( planning)?$/ });
  await stop
    .or(page.getByText(/^(Every curve is proven|Complete\.)/))
    .first()
    .waitFor();
  if (await stop.isVisible()) await stop.click();
}

/** Contrast is the slowest rule by far and the same on every width, so the phone leaves it to the desktop runs. */
async function seriousFaults(
  page: Page,
  without: readonly string[] = [],
  only: 'all' | 'contrast' = 'all',
): Promise<string[]> {
  // Options of a closed list are drawn by the browser; there are thousands, and looking at each is most of the time.
  // Rows of long tables and lists are made alike: the first of each kind stand for all.
  const axe = new AxeBuilder({ page })
    .exclude('option')
    .exclude('tr.line:nth-child(n+6)')
    .exclude('[data-kind]:not([data-kind="suspension"])');
  const { violations } = await (only === 'contrast'
    ? axe.withRules(['color-contrast'])
    : axe.disableRules([...without])
  ).analyze();
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

for (const colorScheme of ['light', 'dark'] as const) {
  test(`no serious fault on any screen, ${colorScheme}`, async ({ browser, baseURL }) => {
    const context = await browser.newContext({ colorScheme, ...(baseURL ? { baseURL } : {}) });
    const page = await context.newPage();
    // Colours are all that dark changes.
    const faults = () => seriousFaults(page, [], colorScheme === 'dark' ? 'contrast' : 'all');
    await page.goto('/');
    await page.getByRole('button', { name: 'Start a brief' }).waitFor();
    expect(await faults(), 'start').toEqual([]);
    await openExample(page);
    for (const step of STEPS.filter((s) => s !== 'Verdict')) {
      await goTo(page, step);
      await page.waitForTimeout(400);
      expect(await faults(), step).toEqual([]);
    }
    await goTo(page, 'Donors');
    await page.getByRole('button', { name: /^Engine/ }).click();
    await page.getByRole('button', { name: 'Paste a sheet' }).click();
    await page
      .getByLabel(/^Text of a maker/)
      .fill('Tank 3.1 gal, seat height 34.6 in (789 mm), Weight 187 kg, switchable ABS');
    await page.getByText('4 found, 3 to look at.').waitFor();
    expect(await faults(), 'pasting').toEqual([]);
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: 'Several' }).click();
    await goToPart(page);
    expect(await faults(), 'a part open').toEqual([]);
    await goTo(page, 'Weigh-up');
    await page.getByRole('button', { name: 'Drover 430', exact: false }).first().click();
    expect(await faults(), 'points open').toEqual([]);
    await page
      .getByRole('link', { name: /^Under load/ })
      .first()
      .click();
    await page.getByText('Every figure').waitFor();
    expect(await faults(), 'under load').toEqual([]);
    await goTo(page, 'Build');
    for (const room of ROOMS) {
      await page
        .getByRole('navigation', { name: 'Rooms of the build' })
        .getByRole('link', { name: room })
        .click();
      if (room === 'Money curve') await quiet(page);
      await page.waitForTimeout(500);
      expect(await faults(), room).toEqual([]);
    }
    await context.close();
  });

  test(`no serious fault on verdict, sheet and card, ${colorScheme}`, async ({
    browser,
    baseURL,
  }) => {
    const context = await browser.newContext({ colorScheme, ...(baseURL ? { baseURL } : {}) });
    const page = await context.newPage();
    const faults = () => seriousFaults(page, [], colorScheme === 'dark' ? 'contrast' : 'all');
    await openExample(page);
    await goTo(page, 'Verdict');
    await page.waitForTimeout(400);
    expect(await faults(), 'verdict').toEqual([]);
    await page.getByRole('link', { name: 'The sheet, to print' }).click();
    await quiet(page);
    await page.getByText(/comes first in .* of .* draws/).waitFor();
    expect(await faults(), 'sheet').toEqual([]);
    await goTo(page, 'Verdict');
    await page.getByRole('link', { name: /^Card for/ }).click();
    await page.getByRole('heading', { level: 1, name: 'Card' }).waitFor();
    expect(await faults(), 'card').toEqual([]);
    await context.close();
  });
}

test('on a phone: no serious fault, nothing wider than the screen, the strip at the foot', async ({
  browser,
  baseURL,
}) => {
  const context = await browser.newContext({
    viewport: { width: 390, height: 844 },
    isMobile: true,
    hasTouch: true,
    ...(baseURL ? { baseURL } : {}),
  });
  const page = await context.newPage();
  await openExample(page);
  for (const step of STEPS) {
    await goTo(page, step);
    await page.waitForTimeout(400);
    expect(await seriousFaults(page, ['color-contrast']), step).toEqual([]);
    expect(
      await page.evaluate(() => document.documentElement.scrollWidth),
      step,
    ).toBeLessThanOrEqual(390);
    await expect(
      page.getByRole('navigation', { name: 'Steps' }).getByRole('link', { name: step }),
    ).toBeInViewport();
  }
  await page.goto('/weigh-up/machine');
  await page.getByText('Every figure').waitFor();
  expect(
    await page.evaluate(() => document.documentElement.scrollWidth),
    'under load',
  ).toBeLessThanOrEqual(390);
  await goTo(page, 'Build');
  for (const room of ROOMS) {
    await page
      .getByRole('navigation', { name: 'Rooms of the build' })
      .getByRole('link', { name: room })
      .click();
    if (room === 'Money curve') await quiet(page);
    await page.waitForTimeout(300);
    expect(
      await page.evaluate(() => document.documentElement.scrollWidth),
      room,
    ).toBeLessThanOrEqual(390);
  }
  for (const path of ['/verdict/sheet', '/verdict/card?candidate=c-drover-430-brenfold']) {
    await page.goto(path);
    await page
      .getByRole('group', { name: 'What your feet do' })
      .or(page.getByTestId('paper'))
      .waitFor();
    expect(
      await page.evaluate(() => document.documentElement.scrollWidth),
      path,
    ).toBeLessThanOrEqual(390);
    expect(await seriousFaults(page, ['color-contrast']), path).toEqual([]);
  }
  await context.close();
});

for (const [width, height] of [
  [768, 1024],
  [1920, 1080],
] as const) {
  test(`nothing runs over at ${width} × ${height}`, async ({ page }) => {
    await page.setViewportSize({ width, height });
    await openExample(page);
    for (const step of STEPS) {
      await goTo(page, step);
      expect(
        await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth),
        step,
      ).toBeLessThanOrEqual(0);
    }
  });
}

test('by keyboard alone: steps, help, a slider, a part, undo and redo', async ({ page }) => {
  await openExample(page);
  await page.keyboard.press('1');
  await expect(page.getByRole('heading', { level: 1, name: 'Brief' })).toBeVisible();
  const slider = page.getByRole('slider', { name: 'Two-track, share' });
  await slider.focus();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByLabel('Two-track', { exact: true })).toHaveValue('21');
  await page.keyboard.press('5');
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
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeHidden();
});
