import type { Page } from '@playwright/test';
import { expect, fresh, test } from './test';
import {
  exported,
  fill,
  goTo,
  goToRoom,
  openExample,
  pickFile,
  stored,
  withExample,
  openGroups,
  goWithin,
  overflow,
} from './helpers';

test.use(withExample);

interface StoredRow {
  readonly key: string;
  readonly value: unknown;
}

/** Changes stored rows behind the app's back, as a fault of the browser or an older app would. */
const spoil = (page: Page, table: string, row: StoredRow): Promise<void> =>
  page.evaluate(
    ([name, changed]) =>
      new Promise<void>((done, fail) => {
        const request = indexedDB.open('jugator');
        request.onerror = () => fail(new Error('no database'));
        request.onsuccess = () => {
          const work = request.result.transaction(name, 'readwrite');
          work.objectStore(name).put(changed);
          work.oncomplete = () => {
            request.result.close();
            done();
          };
        };
      }),
    [table, row] as const,
  );
const alert = (page: Page, text: string | RegExp) =>
  page.getByRole('alert').filter({ hasText: text });

test('a purpose whose name is cleared keeps its last name, says why, and the brief is there after a reload', async ({
  page,
  context,
}) => {
  await openExample(page, '/brief');
  const other = await context.newPage();
  await openExample(other, '/brief');
  await page.getByRole('button', { name: 'Home trails' }).click();
  const name = page.getByLabel('Name', { exact: true }).first();
  await name.fill('');
  await name.blur();
  await expect(alert(page, 'A purpose needs a name.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Home trails', exact: true })).toBeVisible();
  await stored(page);
  await expect(other.getByRole('button', { name: 'Home trails', exact: true })).toBeVisible();
  await page.reload();
  await expect(page.getByRole('heading', { level: 1, name: 'Brief' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Home trails', exact: true })).toBeVisible();
  await name.fill('Trails behind the house');
  await name.blur();
  await stored(page);
  await expect(
    other.getByRole('button', { name: 'Trails behind the house', exact: true }),
  ).toBeVisible();
});

test('a seat and a rate that no record takes are refused in the field with their limits', async ({
  page,
}) => {
  await openExample(page, '/brief');
  await page.getByRole('button', { name: 'Add a sit' }).click();
  await page.getByLabel('Its seat height').fill('550');
  await page.getByRole('button', { name: 'Keep the sit' }).click();
  await expect(alert(page, /^Must lie between 600 and 1.?100 mm\.$/)).toBeVisible();
  await page.getByLabel('Its seat height').fill('815');
  await page.getByRole('button', { name: 'Keep the sit' }).click();
  await expect(page.getByText('a machine, 815 mm')).toBeVisible();
  await page.getByLabel('Currency to add').selectOption('CHF');
  await page.getByLabel('One CHF in EUR').fill('2000000');
  await page.getByRole('button', { name: 'Add the rate' }).click();
  await expect(alert(page, /^Must lie between .* and 100.?000 EUR\.$/)).toBeVisible();
  await stored(page);
  await page.reload();
  await expect(page.getByText('a machine, 815 mm')).toBeVisible();
});

test('a damaged brief and a dangling candidate are mended or set aside, said by name, carried out as they were', async ({
  page,
}) => {
  await openExample(page, '/brief');
  const brief = await page.evaluate(
    () =>
      new Promise<{ money: object }>((done) => {
        const request = indexedDB.open('jugator');
        request.onsuccess = () => {
          const get = request.result.transaction('briefs').objectStore('briefs').get('brief');
          get.onsuccess = () => {
            request.result.close();
            done((get.result as { value: { money: object } }).value);
          };
        };
      }),
  );
  await spoil(page, 'briefs', {
    key: 'brief',
    value: { ...brief, money: { ...brief.money, budget: 'plenty' } },
  });
  await spoil(page, 'candidates', {
    key: 'c-x',
    value: { id: 'c-x', donorId: 'sold-long-ago', plate: 11 },
  });
  await page.reload();
  const banner = alert(page, 'budget could not be read and has the usual value now');
  await expect(banner).toContainText('“sold-long-ago” named something that there is not');
  await expect(page.getByLabel('Budget', { exact: true })).toHaveValue('9000');
  await expect(page.getByLabel('Longest fuel gap', { exact: true })).toHaveValue('260');
  const waiting = page.waitForEvent('download');
  await banner.getByRole('button', { name: 'Export as it was' }).click();
  const chunks: Buffer[] = [];
  for await (const chunk of await (await waiting).createReadStream()) chunks.push(chunk as Buffer);
  expect(Buffer.concat(chunks).toString()).toContain('"plenty"');
  const file = await exported(page);
  await pickFile(page, 'again.json', file);
  await page.getByRole('button', { name: 'Replace', exact: true }).click();
  await expect(page.getByText('again.json is open.')).toBeVisible();
  await banner.getByRole('button', { name: 'Understood' }).click();
  await expect(banner).toBeHidden();
  await page.reload();
  await expect(page.getByRole('heading', { level: 1, name: 'Dossier' })).toBeVisible();
  await expect(banner).toHaveCount(0);
});

test('site data cleared under the tab: everything stays here, is said, and is stored again', async ({
  page,
}) => {
  await openExample(page, '/brief');
  await page.evaluate(
    () =>
      new Promise<void>((done, fail) => {
        const request = indexedDB.deleteDatabase('jugator');
        request.onsuccess = () => done();
        request.onerror = () => fail(new Error('not deleted'));
      }),
  );
  await fill(page, 'Luggage', '29');
  await expect(alert(page, /stored/)).toBeVisible();
  await expect(alert(page, 'Another tab changed')).toHaveCount(0);
  const file = JSON.parse(await exported(page)) as { donors: unknown[] };
  expect(file.donors.length).toBe(12);
  const again = page.getByRole('button', { name: 'Try again' });
  while (await again.isVisible()) {
    await again.click();
    await page.waitForTimeout(400);
  }
  await stored(page);
  await page.reload();
  await goTo(page, 'Brief');
  await openGroups(page);
  await expect(page.getByLabel('Luggage', { exact: true })).toHaveValue('29');
});

test('what another tab deletes is said by name and can be brought back', async ({
  page,
  context,
}) => {
  await openExample(page, '/donors?donor=wren-230');
  const other = await context.newPage();
  await openExample(other, '/donors?donor=wren-230');
  await page.getByRole('button', { name: 'More with this donor' }).click();
  await page.getByRole('menuitem', { name: 'Delete' }).click();
  await expect(alert(other, 'Another tab deleted “Dorrick Wren 230')).toBeVisible();
  await other.getByRole('button', { name: 'Bring back' }).click();
  await expect(other.getByRole('button', { name: /plate A Dorrick Wren 230/ })).toBeVisible();
  await expect(page.getByRole('button', { name: /plate A Dorrick Wren 230/ })).toBeVisible();
});

test('two fields overtaken by the other tab: each is asked for in turn, and none is dropped', async ({
  page,
  context,
}) => {
  await openExample(page, '/brief');
  const other = await context.newPage();
  await openExample(other, '/brief');
  const fields = ['Luggage', 'Longest fuel gap'] as const;
  for (const field of fields) {
    await other.getByLabel(field, { exact: true }).focus();
    await fill(page, field, field === 'Luggage' ? '25' : '250');
    await page.waitForTimeout(300);
    await other.getByLabel(field, { exact: true }).fill(field === 'Luggage' ? '40' : '400');
  }
  await expect(alert(other, 'luggage to 25 kg while you typed 40 kg')).toBeVisible();
  await other.getByRole('button', { name: 'Keep mine' }).click();
  await expect(alert(other, 'to 250 km while you typed 400 km')).toBeVisible();
  await other.getByRole('button', { name: 'Take the other' }).click();
  await expect(page.getByLabel('Luggage', { exact: true })).toHaveValue('40');
  await expect(other.getByLabel('Longest fuel gap', { exact: true })).toHaveValue('250');
});

fresh(
  'storage that never answers: after a moment the app says so and works in the tab',
  async ({ page }) => {
    await page.addInitScript(() => {
      IDBFactory.prototype.open = () => new EventTarget() as IDBOpenDBRequest;
    });
    await page.goto('/brief');
    await expect(alert(page, 'The browser’s storage does not answer')).toBeVisible();
    await page.getByRole('button', { name: 'Start a brief' }).click();
    await fill(page, 'Luggage', '31');
    const file = JSON.parse(await exported(page)) as { brief: { trip: { luggage_kg: number } } };
    expect(file.brief.trip.luggage_kg).toBe(31);
  },
);

test('a screen that breaks down keeps the strip and the export', async ({ page }) => {
  await openExample(page);
  await page.evaluate(() => {
    Object.defineProperty(Array.prototype, 'toSorted', {
      value: () => {
        throw new Error('broken for a test');
      },
    });
  });
  await page
    .getByRole('navigation', { name: 'Steps' })
    .getByRole('link', { name: 'Brief' })
    .click();
  await expect(
    page.getByRole('heading', { level: 1, name: 'This screen broke down' }),
  ).toBeVisible();
  await expect(page.getByText('broken for a test')).toBeVisible();
  await page.reload();
  await expect(page.getByRole('heading', { level: 1, name: 'Brief' })).toBeVisible();
});

test('markup in names is text, also under the pointer in every chart', async ({ page }) => {
  await openExample(page, '/dossier');
  // A word too long for any box goes with it.
  const markup = `<img src=x onerror="window.taken=1"><b>${'W'.repeat(40)}</b>`;
  const file = JSON.parse(await exported(page)) as {
    donors: { model: string; version: string }[];
    parts: unknown[];
  };
  for (const donor of file.donors) if (donor.model) donor.model += markup;
  await pickFile(page, 'markup.json', JSON.stringify(file));
  await page.getByRole('button', { name: 'Replace', exact: true }).click();
  await expect(page.getByText('markup.json is open.')).toBeVisible();
  for (const [path, label] of [
    ['/weigh-up', /Fit against outlay/],
    ['/build/curve', /Best fit for every sum/],
  ] as const) {
    await goWithin(page, path);
    const chart = page.getByRole('img', { name: label });
    await chart.scrollIntoViewIfNeeded();
    await chart.locator('svg, canvas').first().waitFor();
    const box = await chart.boundingBox();
    if (!box) throw new Error('no chart');
    for (let x = 60; x < box.width - 30; x += 60)
      for (let y = 40; y < box.height - 50; y += 40) await page.mouse.move(box.x + x, box.y + y);
    expect(await chart.locator('img, b').count()).toBe(0);
  }
  await page.setViewportSize({ width: 390, height: 844 });
  for (const path of ['/build/ways', '/trials']) {
    await goWithin(page, path);
    await expect(page.getByRole('main').getByText('WWWW').first()).toBeVisible();
    expect(await overflow(page)).toBeLessThanOrEqual(0);
  }
  expect(await page.evaluate(() => 'taken' in window)).toBe(false);
});

test('five thousand parts: the build and the catalogue come up, are searched, and a part is fitted', async ({
  page,
}) => {
  await openExample(page, '/dossier');
  const file = JSON.parse(await exported(page)) as { parts: Record<string, unknown>[] };
  const pattern = {
    kind: 'luggage',
    fits: { kind: 'all' },
    price: { amount: 40, currency: 'EUR' },
    fitting_h: 0,
    workshop: false,
    reversible: true,
    mass_kg: 1,
    effects: [],
    needs: [],
    shutsOut: [],
    slot: '',
    leadTime_days: 3,
    flags: [],
    note: '',
    own: true,
  };
  for (let i = file.parts.length + 1; i <= 5000; i += 1)
    file.parts.push({ ...pattern, id: `strap-${i}`, name: `Strap ${i}` });
  await pickFile(page, 'many.json', JSON.stringify(file));
  await page.getByRole('button', { name: 'Replace', exact: true }).click();
  await expect(page.getByText('many.json is open.')).toBeVisible({ timeout: 30_000 });
  await goTo(page, 'Build');
  await page.getByRole('searchbox', { name: 'Search the parts that fit' }).fill('strap 4999');
  await page.getByRole('button', { name: 'Fit Strap 4999' }).click();
  await expect(page.getByRole('button', { name: 'Take off Strap 4999' })).toBeVisible();
  await goToRoom(page, 'Catalogue');
  await expect(page.getByRole('button', { name: /^Show 60 more of \d+ parts$/ })).toBeVisible();
});

test.describe('where the network goes', () => {
  // A browser of its own: a part that an earlier test has fetched would be there without a network.
  fresh(
    'a part that cannot be fetched leaves the screen standing, and says so',
    async ({ page, context }) => {
      await openExample(page, '/verdict');
      await context.setOffline(true);
      await page.keyboard.press('?');
      await expect(page.getByText(/A part of this page could not be fetched/)).toBeVisible();
      await expect(page.getByRole('heading', { level: 1, name: 'Verdict' })).toBeVisible();
      await context.setOffline(false);
      await page.getByRole('button', { name: 'Load the page again' }).click();
      await page.waitForLoadState();
      await stored(page);
      await page.keyboard.press('?');
      await expect(
        page.getByRole('dialog', { name: 'The job, its words, the keys' }),
      ).toBeVisible();
    },
  );
});
