import { expect, test as setup } from '@playwright/test';
import { EXAMPLE, openGroups, stored } from './helpers';

/** The example is opened and stored once; tests begin with the browser as it is then. */
setup('the example is opened and stored', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'Open the example' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Weigh-up' })).toBeVisible();
  await stored(page);
  await page.goto('/brief');
  await openGroups(page);
  await page.reload();
  await openGroups(page);
  await page.context().storageState({ path: EXAMPLE, indexedDB: true });
});
