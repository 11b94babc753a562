import { expect, test } from './test';
import { exported, fill, goTo, pickFile, stored } from './helpers';

test('two dossiers are kept apart through reload, export and import; one is copied, put away and brought back', async ({
  page,
}) => {
  test.slow();
  await page.goto('/brief');
  await page.getByRole('button', { name: 'Start a brief' }).click();
  await fill(page, 'Longest fuel gap', '333');
  await stored(page);
  const first = await exported(page);

  await page.getByLabel('Name of First dossier').fill('Long way');
  await page.getByLabel('Name of First dossier').press('Enter');
  await page.getByLabel('Name of the new dossier').fill('Forest tracks');
  await page.getByRole('button', { name: 'Begin another' }).click();
  await expect(page.getByRole('button', { name: 'Start a brief' })).toBeVisible();
  await goTo(page, 'Brief');
  await page.getByRole('button', { name: 'Start a brief' }).click();
  await fill(page, 'Longest fuel gap', '144');
  await stored(page);
  await page.reload();
  await expect(page.getByLabel('Longest fuel gap', { exact: true })).toHaveValue('144');

  await goTo(page, 'Dossier');
  await page.getByRole('button', { name: 'Copy Forest tracks' }).click();
  await expect(page.getByLabel('Name of Forest tracks, copy')).toBeVisible();
  await page.getByRole('button', { name: 'Put Forest tracks, copy away' }).click();
  await expect(page.getByRole('button', { name: 'Open Forest tracks, copy' })).toBeHidden();
  await page.getByRole('button', { name: 'Bring Forest tracks, copy back' }).click();
  await page.getByRole('button', { name: 'Open Forest tracks, copy' }).click();
  await page.goto('/brief');
  await expect(page.getByLabel('Longest fuel gap', { exact: true })).toHaveValue('144');

  await goTo(page, 'Dossier');
  await page.getByRole('button', { name: 'Open Long way' }).click();
  await page.waitForURL(/\/(?:brief|donors|weigh-up)/);
  await page.goto('/brief');
  await expect(page.getByLabel('Longest fuel gap', { exact: true })).toHaveValue('333');
  await fill(page, 'Longest fuel gap', '200');
  await stored(page);
  await goTo(page, 'Dossier');
  await pickFile(page, 'back.json', first);
  await page.getByRole('button', { name: 'Replace' }).click();
  await goTo(page, 'Brief');
  await expect(page.getByLabel('Longest fuel gap', { exact: true })).toHaveValue('333');
});

test('the example opens beside a rider’s own dossier and takes nothing away', async ({ page }) => {
  await page.goto('/brief');
  await page.getByRole('button', { name: 'Start a brief' }).click();
  await fill(page, 'Longest fuel gap', '222');
  await goTo(page, 'Dossier');
  await page.getByRole('button', { name: 'Open the example' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Weigh-up' })).toBeVisible();
  await expect(page.getByText('Sorrel 300 Longway').first()).toBeVisible();
  await goTo(page, 'Dossier');
  await expect(page.getByLabel('Name of The example')).toBeVisible();
  await page.getByRole('button', { name: 'Open First dossier' }).click();
  await page.waitForURL(/\/(?:brief|donors|weigh-up)/);
  await page.goto('/brief');
  await expect(page.getByLabel('Longest fuel gap', { exact: true })).toHaveValue('222');
});
