import { readFileSync } from 'node:fs';
import { expect, test } from './test';
import {
  exported,
  fill,
  goToRoom,
  openExample,
  stored,
  withoutMoment,
  withExample,
} from './helpers';

test.use(withExample);

test('a part of the rider’s own: entered, fitted on the bench, undone', async ({ page }) => {
  await openExample(page, '/build/catalogue');
  await page.getByRole('button', { name: 'A part of your own' }).click();
  await fill(page, 'Name', 'Cracked leather tool roll');
  await page.getByLabel('Kind', { exact: true }).last().selectOption('luggage');
  await fill(page, 'Price', 'cheap');
  await expect(
    page.getByRole('alert').filter({ hasText: '“cheap” is not a figure' }),
  ).toBeVisible();
  await fill(page, 'Price', '-1');
  await expect(page.getByRole('alert').filter({ hasText: 'Must lie between 0 and' })).toBeVisible();
  await fill(page, 'Price', '48,50');
  await fill(page, 'Mass gained', '3 lb');
  await page.getByLabel('Another figure it changes').selectOption('seatHeight');
  await fill(page, 'seat: by how much', '-5');
  // A figure that is set asks for its amount first, and takes none outside the figure's own limits.
  await page.getByLabel('Another figure it changes').selectOption('tank');
  await page.getByLabel('tank: how').selectOption('set');
  await expect(page.getByLabel('tank: by how much')).toHaveValue('');
  await fill(page, 'tank: by how much', '5000');
  await expect(page.getByRole('alert').filter({ hasText: 'Must lie between' })).toBeVisible();
  await fill(page, 'tank: by how much', '14,5');
  await expect(page.getByRole('alert').filter({ hasText: 'Must lie between' })).toHaveCount(0);
  await page.getByLabel('Needs this part').selectOption({ label: 'Tail rack' });
  await page.getByLabel('Fits', { exact: true }).last().selectOption('classes');
  await page.getByLabel('mid-size scrambler single').last().check();
  await expect(page.getByText('Yours. Fits mid-size scrambler single.')).toBeVisible();
  await page.getByLabel('Search parts').fill('leather');
  await expect(page.getByText('1 of 99 parts')).toBeVisible();

  await goToRoom(page, 'Bench');
  await page
    .getByRole('button', { name: /Drover 430$/ })
    .first()
    .click();
  await page.getByRole('button', { name: 'Fit Cracked leather tool roll' }).click();
  await expect(
    page.getByText('Not fitted: Cracked leather tool roll needs tail rack.'),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Fit it and add tail rack' }).click();
  await expect(
    page.getByRole('button', { name: 'Take off Cracked leather tool roll' }),
  ).toBeVisible();

  await goToRoom(page, 'Catalogue');
  await page.getByRole('button', { name: /^Cracked leather/ }).click();
  await page.getByRole('button', { name: 'Delete', exact: true }).click();
  await expect(
    page.getByText('Cracked leather tool roll is deleted. It was in 1 build and left it.'),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(page.getByRole('button', { name: /^Cracked leather/ })).toBeVisible();
});

test('the catalogue out as values, changed, and in again; a bad row writes nothing', async ({
  page,
}) => {
  await openExample(page, '/build/catalogue');
  const waiting = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Write CSV' }).click();
  const text = readFileSync(await (await waiting).path(), 'utf8');
  const pick = (name: string, content: string) =>
    page
      .getByLabel('Parts file')
      .setInputFiles({ name, mimeType: 'text/csv', buffer: Buffer.from(content) });
  await pick('bad.csv', text.replace('Wide footpegs,controls,110', 'Wide footpegs,magic,110'));
  await expect(page.getByRole('alert').filter({ hasText: 'Nothing was written.' })).toContainText(
    'Kind: “magic” is not known.',
  );
  await pick('spring.csv', text.replace('Wide footpegs,controls,110', 'Wide footpegs,controls,95'));
  await expect(
    page.getByText('98 parts read from spring.csv; 1 are new or changed.'),
  ).toBeVisible();
  await page.getByLabel('only my own').check();
  await expect(page.getByText('1 of 98 parts')).toBeVisible();
  await expect(page.getByRole('button', { name: /Wide footpegs · yours.*95 EUR/ })).toBeVisible();
});

test('snapshots: kept by name, restored after everything was cleared and the page loaded anew, and that undone', async ({
  page,
}) => {
  await openExample(page, '/dossier');
  const before = await exported(page);
  await page.getByLabel('Name of the snapshot').fill('before the dealer');
  await page.getByRole('button', { name: 'Keep' }).click();
  await expect(page.getByRole('button', { name: /^Restore .*before the dealer$/ })).toBeVisible();
  await page.getByRole('button', { name: 'Clear everything' }).click();
  await page.getByRole('button', { name: 'Replace', exact: true }).click();
  await expect(page.getByText('empty', { exact: true }).first()).toBeAttached();
  await page.reload();
  await page.getByRole('button', { name: /^Restore .*before the dealer$/ }).click();
  await expect(page.getByText(/^Restored: .*before the dealer\.$/)).toBeVisible();
  await stored(page);
  expect(withoutMoment(await exported(page))).toEqual(withoutMoment(before));
  await page.getByRole('button', { name: /^Undo: restore/ }).click();
  await expect(page.getByText('empty', { exact: true }).first()).toBeAttached();
  await page.getByRole('button', { name: /^Redo: restore/ }).click();
  await stored(page);
  expect(withoutMoment(await exported(page))).toEqual(withoutMoment(before));
});

test('edits made before a reload can be undone and done again after it', async ({ page }) => {
  await openExample(page, '/donors?donor=drover-430');
  await fill(page, 'Tank', '17 L');
  await stored(page);
  await page.reload();
  await expect(page.getByLabel('Tank', { exact: true })).toHaveValue('17 L');
  await page.getByRole('button', { name: /^Undo: Kestwick Drover 430: tank/ }).click();
  await expect(page.getByLabel('Tank', { exact: true })).toHaveValue('14.2 L');
  await stored(page);
  await page.reload();
  await page.getByRole('button', { name: /^Redo: Kestwick Drover 430: tank/ }).click();
  await expect(page.getByLabel('Tank', { exact: true })).toHaveValue('17 L');
});
