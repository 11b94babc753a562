import { expect, fresh as setup } from './test';
import { EXAMPLE, goToRoom, openGroups, PLANNED, stored } from './helpers';

/** The example is opened and stored once; tests begin with the browser as it is then. */
setup('the example is opened and stored', async ({ page }) => {
  setup.setTimeout(240_000);
  await page.goto('/');
  await page.getByRole('button', { name: 'Open the example' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Weigh-up' })).toBeVisible();
  await stored(page);
  await page.goto('/brief');
  await openGroups(page);
  await page.reload();
  await openGroups(page);
  await page.context().storageState({ path: EXAMPLE, indexedDB: true });
  // Once planned to the end, and kept over a reload as a rider's browser keeps it.
  await goToRoom(page, 'Money curve');
  await expect(page.getByText(/^Every curve is planned/)).toBeVisible({ timeout: 150_000 });
  await page.context().storageState({ path: PLANNED, indexedDB: true });
});
