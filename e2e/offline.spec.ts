import { expect, test } from '@playwright/test';
import { goTo, openExample, withExample } from './helpers';

test.use(withExample);

const STEPS = [
  ['/brief', 'Brief'],
  ['/donors', 'Donors'],
  ['/weigh-up', 'Weigh-up'],
  ['/build', 'Build'],
  ['/build/catalogue', 'Build'],
  ['/trials', 'Trials'],
  ['/verdict', 'Verdict'],
  ['/set-up', 'Set-up'],
  ['/gearing', 'Gearing'],
  ['/dossier', 'Dossier'],
] as const;

test.use({ serviceWorkers: 'allow' });

test('after the first visit everything works without a network, and nothing ever leaves the machine', async ({
  page,
  context,
  baseURL,
}) => {
  test.setTimeout(120_000);
  const foreign: string[] = [];
  const faults: string[] = [];
  page.on('request', (r) => {
    if (!r.url().startsWith(baseURL ?? '') && !/^(data|blob):/.test(r.url())) foreign.push(r.url());
  });
  page.on('console', (m) => {
    if (m.type() === 'error' && /policy|hydrat/i.test(m.text())) faults.push(m.text());
  });
  await openExample(page);
  await page.evaluate(async () => {
    await navigator.serviceWorker.ready;
  });
  await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
  await context.setOffline(true);
  for (const [path, name] of STEPS) {
    await page.goto(path);
    await expect(page.getByRole('heading', { level: 1, name })).toBeVisible();
  }
  await page.goto('/donors?donor=drover-430');
  await expect(page.getByRole('heading', { level: 2, name: 'Kestwick Drover 430' })).toBeVisible();
  await page.goto('/weigh-up/machine?candidate=c-sorrel-300');
  await expect(page.getByRole('heading', { level: 1, name: 'Under load' })).toBeVisible();
  await goTo(page, 'Build');
  await page
    .getByRole('button', { name: /Pika 340 X$/ })
    .first()
    .click();
  await page.getByRole('button', { name: 'Fit Hand guards with alloy spine' }).click();
  await expect(
    page.getByRole('button', { name: 'Take off Hand guards with alloy spine' }),
  ).toBeVisible();
  await goTo(page, 'Weigh-up');
  const chart = page.getByRole('img', { name: /Fit against outlay/ });
  await chart.scrollIntoViewIfNeeded();
  await expect(chart.locator('svg')).toBeVisible();
  expect(foreign).toEqual([]);
  expect(faults).toEqual([]);
});

test('strict headers, own fonts, an installable manifest', async ({ page, request }) => {
  const response = await page.goto('/weigh-up');
  const headers = response?.headers() ?? {};
  expect(headers['content-security-policy']).toContain("default-src 'self'");
  expect(headers['content-security-policy']).not.toMatch(/script-src[^;]*unsafe/);
  expect(headers).toMatchObject({
    'x-content-type-options': 'nosniff',
    'x-frame-options': 'DENY',
    'referrer-policy': 'no-referrer',
    'cross-origin-opener-policy': 'same-origin',
  });
  await page.getByRole('heading', { level: 1 }).first().waitFor();
  expect(
    await page.evaluate(() =>
      document.fonts.ready.then(() =>
        [...document.fonts]
          .filter((f) => f.status === 'loaded')
          .map((f) => f.family.replaceAll('"', '')),
      ),
    ),
  ).toEqual(expect.arrayContaining(['Atkinson Hyperlegible Next Variable']));
  const manifest = (await (await request.get('/manifest.webmanifest')).json()) as {
    icons: { src: string }[];
    display: string;
  };
  expect(manifest.display).toBe('standalone');
  for (const icon of manifest.icons) expect((await request.get(icon.src)).ok()).toBe(true);
  expect((await request.get('/schemas/dossier-v2.schema.json')).ok()).toBe(true);
});
