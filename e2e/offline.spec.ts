import { expect, fresh as test } from './test';
import { goTo, openExample, withExample } from './helpers';

test.use(withExample);

/** Pages opened anew without a network; the others are gone to by the strip. */
const OPENED = [
  ['/brief', 'Brief'],
  ['/build/catalogue', 'Build'],
  ['/verdict', 'Verdict'],
  ['/gearing', 'Gearing'],
] as const;
const GONE_TO = ['Donors', 'Weigh-up', 'Build', 'Trials', 'Set-up', 'Dossier'] as const;
/** Every page there is a link to. */
const KEPT = [
  ...['/brief', '/brief/guide', '/donors', '/donors/classes', '/weigh-up', '/weigh-up/doubt'],
  ...['/weigh-up/machine', '/build', '/build/catalogue', '/build/curve', '/build/stages'],
  ...['/build/ways', '/trials', '/verdict', '/verdict/sheet', '/verdict/card', '/set-up'],
  ...['/gearing', '/dossier'],
];

test.use({ serviceWorkers: 'allow' });

test('after the first visit everything works without a network, and nothing ever leaves the machine', async ({
  page,
  context,
  baseURL,
}) => {
  test.setTimeout(240_000);
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
  for (const [path, name] of OPENED) {
    await page.goto(path);
    await expect(page.getByRole('heading', { level: 1, name })).toBeVisible();
  }
  for (const step of GONE_TO) await goTo(page, step);
  // What the browser kept answers for every page, and for nothing else.
  const answers = (paths: readonly string[]) =>
    page.evaluate(
      (all) =>
        Promise.all(
          all.map((path) =>
            fetch(path).then(
              (r) => r.ok,
              () => false,
            ),
          ),
        ),
      paths,
    );
  expect(await answers(KEPT)).toEqual(KEPT.map(() => true));
  expect(await answers(['/donors/nowhere'])).toEqual([false]);
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
