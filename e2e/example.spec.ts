import { expect, test } from './test';
import { goTo, openExample, stored, withExample } from './helpers';

test.use(withExample);

test('the example: answer with reasons, working, points, sorting, units, undo after a reload', async ({
  page,
}) => {
  await openExample(page);
  await expect(
    page.getByText(
      /^None keeps every must surely as they stand\. Nearest: Sorrel 300 Longway, 7\d of 100, range in \d+ of 100 draws\.$/,
    ),
  ).toBeVisible();
  await expect(
    page.getByText(/Out as they stand, but a part would turn it: .*Wren 230 \(range\)/),
  ).toBeVisible();
  const table = page.getByRole('table', { name: 'Candidates against the brief' });
  await expect(table.getByRole('button', { name: /: not known. Show the working/ })).toHaveCount(4);

  await table.getByRole('button', { name: 'Drover 430', exact: false }).first().click();
  await expect(page.getByText(/Where the \d\d\.\d points come from/)).toBeVisible();
  await table
    .getByRole('button', { name: /^Range with reserve, Drover 430 \(from Brenfold\)/ })
    .click();
  await expect(
    page.getByText(
      '(tank × usable share × (1 − reserve) + fuel in cans, where carried) × 100 ÷ consumption',
    ),
  ).toBeVisible();
  await page.keyboard.press('Escape');

  await table.getByRole('button', { name: /^Ready mass/ }).click();
  await expect(table.locator('thead th').nth(1)).toContainText('Wren 230');
  await page.getByLabel('Units').selectOption('us');
  await expect(
    table.getByRole('button', { name: /Ready-to-ride mass, Dunelark 720: 454 lb/ }),
  ).toBeVisible();
  await page.getByLabel('Units').selectOption('metric');

  await page.getByRole('button', { name: 'Show as a table' }).click();
  await expect(page.getByRole('cell', { name: 'A Wren 230', exact: true })).toBeVisible();

  await goTo(page, 'Brief');
  await page.getByLabel('Longest fuel gap', { exact: true }).fill('150');
  await goTo(page, 'Weigh-up');
  await expect(page.getByText(/Wren 230 \(range\)/)).toHaveCount(0);
  await stored(page);
  await page.reload();
  await expect(page.getByRole('heading', { level: 1, name: 'Weigh-up' })).toBeVisible();
  await page.getByRole('button', { name: 'Undo: brief: longest fuel gap' }).click();
  await expect(page.getByText(/Wren 230 \(range\)/)).toBeVisible();
  await page.getByRole('button', { name: 'Redo: brief: longest fuel gap' }).click();
  await expect(page.getByText(/Wren 230 \(range\)/)).toHaveCount(0);
});

test('under load: reach drawn, gaps with what closes them, pull as pictures and as a table, axles, every figure with its working', async ({
  page,
}) => {
  await openExample(page);
  const table = page.getByRole('table', { name: 'Candidates against the brief' });
  await table.getByRole('button', { name: 'Drover 430', exact: false }).first().click();
  await page
    .getByRole('link', { name: /^Under load/ })
    .first()
    .click();
  await expect(page.getByRole('heading', { level: 1, name: 'Under load' })).toBeVisible();
  await page.getByLabel('Candidate').selectOption({ label: 'Sorrel 300' });
  await expect(
    page.getByRole('img', {
      name: /^Astride: balls of both feet; heels \d+ mm above the ground\. Seat 886 mm/,
    }),
  ).toBeVisible();
  await expect(page.getByText(/^14\d km, needed at least 260 km: 11\d km short/)).toBeVisible();
  await expect(
    page
      .getByText(
        /(No single part closes it; .* comes nearest|Closed for about [\d\u202f]+ EUR by )/,
      )
      .first(),
  ).toBeVisible();
  const thrust = page.getByRole('img', { name: /^Thrust in each gear/ });
  await thrust.scrollIntoViewIfNeeded();
  await expect(thrust.locator('svg')).toBeVisible();
  await page.getByRole('button', { name: 'Show as a table' }).click();
  await expect(page.getByRole('row', { name: /^6 \d+ km\/h \d+ rpm/ })).toBeVisible();
  await expect(page.getByText(/On the axles: front \d+ kg.*, rear \d+ kg/)).toBeVisible();
  await page.getByRole('button', { name: /^Engine speed at the cruise: \d+ %/ }).click();
  await expect(page.getByText('engine speed at the cruise in top gear ÷ redline')).toBeVisible();
  await page.keyboard.press('Escape');
  await page.getByLabel('Which state').selectOption('built');
  await expect(page.getByText(/^1[34]\d km, needed at least/)).toHaveCount(0);
  await page.getByLabel('Candidate').selectOption({ label: 'Drover 430' });
  // Nobody quotes its ratios: the gears are what is typical of its class, and say so.
  await expect(
    page.getByText(/Engine or gears are in part only typical of its class/),
  ).toBeVisible();
  await expect(page.getByText(/^Nobody has counted the teeth/)).toBeVisible();
});

test.describe('in an empty browser', () => {
  test.use({ storageState: { cookies: [], origins: [] } });

  test('a demo server opens the example on the first visit, and only then', async ({ page }) => {
    await page.route('**/api/start', (route) => route.fulfill({ json: { example: true } }));
    await page.goto('/');
    await expect(page.getByRole('heading', { level: 1, name: 'Weigh-up' })).toBeVisible();
    await goTo(page, 'Dossier');
    await page.getByRole('button', { name: 'Clear everything' }).click();
    await page.getByRole('button', { name: 'Replace', exact: true }).click();
    await expect(page.getByText('empty', { exact: true }).first()).toBeAttached();
    await page.goto('/');
    await expect(page.getByRole('button', { name: 'Start a brief' })).toBeVisible();
  });
});

test('several readings of one figure: the measured one counts until another is pinned', async ({
  page,
}) => {
  await openExample(page, '/donors');
  await page.getByRole('button', { name: /Velloy Sorrel 300 2026; liquid/ }).click();
  await expect(page.getByText(/counts as 231 mm/)).toBeVisible();
  await page.getByRole('button', { name: 'Travel, front: always use 242 mm' }).click();
  await expect(page.getByText(/counts as 232 mm/).first()).toBeVisible();
  await page.getByRole('button', { name: 'Seat height: add another reading' }).click();
  await page.getByLabel('Seat height, another reading').fill('872 mm');
  await page.getByLabel('Seat height, another reading').blur();
  await expect(page.getByLabel('Seat height: origin')).toHaveCount(2);
});
