import type { Page } from '@playwright/test';
import { expect } from './test';

/** The browser's storage with the example in it, as the setup leaves it. */
export const EXAMPLE = '.out/example.json';
/** The same with every plan of the example found before and kept. */
export const PLANNED = '.out/planned.json';
/** For `test.use`: a browser in which the example is open and stored, and was planned to the end before. */
export const withExample = { storageState: PLANNED };
/** A browser in which the example is open and stored, but nothing was ever planned. */
export const withUnplanned = { storageState: EXAMPLE };

/** Opens the app where the example is stored already. */
export async function openExample(page: Page, path = '/weigh-up'): Promise<void> {
  await page.goto(path);
  await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible();
  await stored(page);
}

/** Goes to an address as a link of the app does, without loading the page anew. */
export async function goWithin(page: Page, path: string): Promise<void> {
  await page.evaluate((to) => {
    const { next } = window as unknown as { next: { router: { push: (to: string) => void } } };
    next.router.push(to);
  }, path);
  await page.waitForURL((url) => url.pathname + url.search === path);
}

/** Waits until the strip says that everything is on disk. */
export const stored = (page: Page): Promise<void> =>
  expect(page.getByText('all stored here').first()).toBeAttached();

/** Opens every group of the brief that is folded; the browser remembers it. */
export async function openGroups(page: Page): Promise<void> {
  await expect(page.getByRole('button', { name: /^(Open|Fold) every group$/ })).toBeVisible();
  const open = page.getByRole('button', { name: 'Open every group' });
  if (await open.isVisible()) await open.click();
  await expect(page.getByRole('button', { name: 'Fold every group' })).toBeVisible();
}

/** Types a figure into the field with this label and leaves the field. */
export async function fill(page: Page, label: string, text: string): Promise<void> {
  const field = page.getByLabel(label, { exact: true });
  await field.fill(text);
  await field.blur();
}

/** Goes to a step by the strip, without a reload. */
export async function goTo(
  page: Page,
  step:
    | 'Brief'
    | 'Donors'
    | 'Weigh-up'
    | 'Build'
    | 'Trials'
    | 'Verdict'
    | 'Set-up'
    | 'Gearing'
    | 'Dossier',
): Promise<void> {
  await page
    .getByRole('navigation', { name: 'Steps' })
    .getByRole('link', { name: step })
    .first()
    .click();
  await expect(page.getByRole('heading', { level: 1, name: step })).toBeVisible();
}

/** Goes to a room of the build, without a reload. */
export async function goToRoom(
  page: Page,
  room: 'Bench' | 'Catalogue' | 'Money curve' | 'Stages' | 'Ways out',
): Promise<void> {
  const rooms = page.getByRole('navigation', { name: 'Rooms of the build' });
  if (!(await rooms.isVisible())) await goTo(page, 'Build');
  const link = rooms.getByRole('link', { name: room, exact: true });
  await link.click();
  await expect(link).toHaveAttribute('aria-current', 'page');
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

/** By how much the page is wider than the window, in pixels; none above 0. */
export const overflow = (page: Page): Promise<number> =>
  page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
