import { expect, fresh, test } from './test';
import { exported, fill, goTo, openExample, stored, withExample, openGroups } from './helpers';

test.use(withExample);

fresh('a browser that refuses storage: the app says so and works in the tab', async ({ page }) => {
  await page.addInitScript(() => {
    const refuse = () => {
      throw new DOMException('refused', 'SecurityError');
    };
    IDBFactory.prototype.open = refuse;
    // As where site data is blocked: to touch the small stores throws too.
    Object.defineProperty(window, 'localStorage', { get: refuse });
    Object.defineProperty(window, 'sessionStorage', { get: refuse });
  });
  await page.goto('/');
  await page.getByRole('button', { name: 'Open the example' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Weigh-up' })).toBeVisible();
  await expect(
    page.getByRole('alert').filter({ hasText: 'does not let Jugator store anything' }),
  ).toBeVisible();
  await goTo(page, 'Brief');
  await openGroups(page);
  await fill(page, 'Luggage', '31');
  const file = await exported(page);
  expect(
    (JSON.parse(file) as { brief: { trip: { luggage_kg: number } } }).brief.trip.luggage_kg,
  ).toBe(31);
  await expect(page.getByRole('heading', { level: 1, name: 'Dossier' })).toBeVisible();
});

test('storage that is full: the change stays in the tab, and is stored once there is room', async ({
  page,
}) => {
  await openExample(page, '/brief');
  await page.evaluate(() => {
    const real = Object.getOwnPropertyDescriptor(IDBObjectStore.prototype, 'put') ?? {};
    (window as unknown as { room: () => void }).room = () => {
      Object.defineProperty(IDBObjectStore.prototype, 'put', real);
    };
    IDBObjectStore.prototype.put = () => {
      throw new DOMException('full', 'QuotaExceededError');
    };
  });
  await fill(page, 'Luggage', '33');
  await expect(page.getByRole('alert').filter({ hasText: 'storage is full' })).toBeVisible();
  await expect(page.getByLabel('Luggage', { exact: true })).toHaveValue('33');
  await page.evaluate(() => (window as unknown as { room: () => void }).room());
  await page.getByRole('button', { name: 'Try again' }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'storage is full' })).toHaveCount(0);
  await stored(page);
  await page.reload();
  await expect(page.getByLabel('Luggage', { exact: true })).toHaveValue('33');
});
