import { expect, type Page } from '@playwright/test';

/** Opens the example in a fresh browser. */
export async function openExample(page: Page): Promise<void> {
  await page.goto('/');
  await page.getByRole('button', { name: 'Open the example' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Weigh-up' })).toBeVisible();
  await stored(page);
}

/** Waits until the strip says that everything is on disk. */
export const stored = (page: Page): Promise<void> =>
  expect(page.getByText('all stored here').first()).toBeAttached();

/** Types a figure into the field with this label and leaves the field. */
export async function fill(page: Page, label: string, text: string): Promise<void> {
  const field = page.getByLabel(label, { exact: true });
  await field.fill(text);
  await field.blur();
}

/** Goes to a step by the strip, without a reload. */
export async function goTo(
  page: Page,
  step: 'Brief' | 'Donors' | 'Weigh-up' | 'Parts' | 'Build' | 'Verdict' | 'Dossier',
): Promise<void> {
  await page
    .getByRole('navigation', { name: 'Steps' })
    .getByRole('link', { name: step })
    .first()
    .click();
  await expect(page.getByRole('heading', { level: 1, name: step })).toBeVisible();
}

/** Opens one act from a donor's menu. */
export async function withDonor(page: Page, act: string): Promise<void> {
  await page.getByRole('button', { name: 'More with this donor' }).click();
  await page.getByRole('menuitem', { name: act }).click();
}

/** Exports the dossier and gives the file's text. */
export async function exported(page: Page): Promise<string> {
  await goTo(page, 'Dossier');
  const waiting = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Export to a file' }).click();
  const stream = await (await waiting).createReadStream();
  const chunks: Buffer[] = [];
  for await (const chunk of stream) chunks.push(chunk as Buffer);
  return Buffer.concat(chunks).toString('utf8');
}

/** Hands a text to the file field, as if it had been picked. */
export const pickFile = (page: Page, name: string, text: string): Promise<void> =>
  page
    .getByLabel('Dossier file')
    .setInputFiles({ name, mimeType: 'application/json', buffer: Buffer.from(text) });

/** The file without the moment of its export. */
export const withoutMoment = (text: string): unknown => ({
  ...(JSON.parse(text) as object),
  exportedAt: '',
});
