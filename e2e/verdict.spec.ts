import type { Download, Page } from '@playwright/test';
import { expect, fresh, test } from './test';
import { exported, fill, goTo, openExample, stored, withExample } from './helpers';

test.use(withExample);

const settle = (page: Page) => page.getByRole('button', { name: 'Settle it' });
async function settled(page: Page, why: string): Promise<void> {
  await page.getByLabel('Why, in your own words').fill(why);
  await expect(settle(page)).toBeEnabled({ timeout: 40_000 });
  await settle(page).click();
  await expect(page.getByText('Settled and kept').first()).toBeVisible();
  await stored(page);
}
async function textOf(download: Download): Promise<string> {
  const chunks: Buffer[] = [];
  for await (const chunk of await download.createReadStream()) chunks.push(chunk as Buffer);
  return Buffer.concat(chunks).toString('utf8');
}

test.describe('the verdict', () => {
  test('one press gives the best machine its parts and decides on it, and undo takes them off', async ({
    page,
  }) => {
    test.setTimeout(180_000);
    await openExample(page, '/verdict');
    const take = page.getByRole('button', {
      name: /^Give .* (these parts|the parts that are enough), and decide on it$/,
    });
    await expect(take).toBeVisible({ timeout: 150_000 });
    const name = /^Give (.*) the(?:se| parts)/.exec(await take.innerText())?.[1] ?? '';
    await take.click();
    await expect(take).toHaveCount(0);
    await expect(page.getByLabel('Which', { exact: true })).toContainText(name);
    await expect(page.getByText(/^with its \d+ parts, place 1 of/)).toBeVisible();
    await stored(page);
    await page.keyboard.press('Control+z');
    await expect(take).toBeVisible({ timeout: 60_000 });
  });
  test('is settled with reasons, keeps the day’s figures, and later ones never change it', async ({
    page,
  }) => {
    // Plans, decides twice and reads it all back.
    test.slow();
    await openExample(page, '/verdict');
    await expect(settle(page)).toBeDisabled();
    await expect(page.getByText('Write down why, in your own words')).toBeVisible();
    await settled(page, 'Light enough to lift alone.');
    const record = page.getByRole('article').first();
    await expect(record).toContainText('Light enough to lift alone.');
    const fit = /fit ([\d.]+)/.exec(await record.innerText())?.[1];
    // The brief moves on; the record does not.
    await goTo(page, 'Brief');
    await fill(page, 'Longest fuel gap', '420');
    await stored(page);
    await goTo(page, 'Verdict');
    await expect(record).toContainText(`fit ${fit}`);
    await record.getByRole('button', { name: 'Look back' }).click();
    await expect(record.getByText('The brief changed: longest fuel gap.')).toBeVisible();
    await expect(record.getByRole('row', { name: /Fit/ })).toContainText(fit ?? '');
    await page
      .getByRole('group', { name: 'Outcome' })
      .getByRole('button', { name: 'Keep what I have' })
      .click();
    await settled(page, 'The gap got longer; none of them is worth it yet.');
    await expect(page.getByRole('article')).toHaveCount(2);
    await expect(page.getByRole('article').nth(1)).toContainText(`fit ${fit}`);
    await page.reload();
    await expect(page.getByRole('article')).toHaveCount(2);
    const file = JSON.parse(await exported(page)) as {
      version: number;
      verdicts: { reasons: string; sheet: { points: { mid: number } } }[];
    };
    expect(file.verdicts.map((v) => v.reasons).toSorted()).toEqual([
      'Light enough to lift alone.',
      'The gap got longer; none of them is worth it yet.',
    ]);
  });
  test('on the sheet every chance of a stance that is one stands in words, however narrow its part of the bar', async ({
    page,
  }) => {
    await openExample(page, '/verdict/sheet?candidate=c-drover-430-brenfold');
    const bar = page.getByRole('img', { name: /^Chances: / });
    const said = (await bar.getAttribute('aria-label'))?.replace('Chances: ', '').split(', ') ?? [];
    expect(said).toHaveLength(4);
    const caption = page.locator('figcaption').filter({ has: bar });
    for (const chance of said.filter((words) => !/ 0 %$/.test(words)))
      await expect(caption).toContainText(chance);
  });
  test('what was typed is there after a reload, and an outcome that does not fit is refused with its reason', async ({
    page,
  }) => {
    await openExample(page, '/verdict');
    await page.getByLabel('Which', { exact: true }).selectOption({ label: 'Sorrel 300 Longway' });
    await page
      .getByRole('group', { name: 'Outcome' })
      .getByRole('button', { name: 'Buy built' })
      .click();
    await page.getByLabel('Why, in your own words').fill('Half a thought');
    await expect(
      page.getByText('Sorrel 300 Longway is not one for sale that carries parts.'),
    ).toBeVisible();
    await expect(settle(page)).toBeDisabled();
    await page.reload();
    await expect(page.getByLabel('Why, in your own words')).toHaveValue('Half a thought');
    await expect(page.getByRole('button', { name: 'Buy built' })).toHaveAttribute(
      'aria-pressed',
      'true',
    );
  });
});

test.describe('the sheet', () => {
  test.setTimeout(120_000);
  test('prints on two pages, A4 and Letter, without the app around it; Markdown and JSON say the same', async ({
    page,
  }) => {
    await openExample(page, '/verdict');
    await page.getByRole('link', { name: 'The sheet, to print' }).click();
    const paper = page.getByTestId('paper');
    await expect(paper.getByRole('heading', { level: 2 })).toBeVisible();
    await expect(paper.getByText(/comes first in .* of .* draws/)).toBeVisible({ timeout: 40_000 });
    await expect(paper.getByRole('img', { name: /Best fit for every sum/ })).toBeVisible();
    for (const format of ['A4', 'Letter'] as const) {
      const pdf = await page.pdf({
        format,
        margin: { top: '12mm', bottom: '12mm', left: '12mm', right: '12mm' },
      });
      expect(pdf.toString('latin1').match(/\/Type\s*\/Page\b/g), format).toHaveLength(2);
    }
    await page.emulateMedia({ media: 'print' });
    await expect(page.getByRole('navigation', { name: 'Steps' }).first()).toBeHidden();
    await expect(page.getByRole('button', { name: 'Print' })).toBeHidden();
    await expect(paper).toBeVisible();
    await page.emulateMedia({ media: 'screen' });
    const written = async (name: string): Promise<string> => {
      const waiting = page.waitForEvent('download');
      await page.getByRole('button', { name, exact: true }).click();
      return textOf(await waiting);
    };
    const markdown = await written('Markdown');
    const { sheet } = JSON.parse(await written('JSON')) as {
      sheet: { machine: { name: string }; points: { mid: number } };
    };
    expect(markdown).toContain(`# ${sheet.machine.name}`);
    expect(markdown).toContain(`Fit ${sheet.points.mid.toFixed(1)} of 100`);
    await expect(paper).toContainText(sheet.machine.name);
  });
});

test.describe('the card for the dealer’s', () => {
  test.use({ viewport: { width: 390, height: 844 }, serviceWorkers: 'allow' });
  fresh(
    'works without a network; what is ticked comes back as readings, facts, a sit and things to put right',
    async ({ page, context }) => {
      await openExample(page);
      await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
      await expect
        .poll(() => page.evaluate(() => navigator.serviceWorker.controller !== null))
        .toBe(true);
      await context.setOffline(true);
      await page.goto('/verdict/card?candidate=c-drover-430-brenfold');
      await page
        .getByRole('group', { name: 'What your feet do' })
        .getByRole('button', { name: 'tiptoes' })
        .click();
      const consumption = page.getByLabel('Consumption', { exact: true });
      const known = page.getByRole('group', { name: 'How you know: Consumption' });
      await known.getByRole('button', { name: 'I measured it' }).click();
      await expect(page.getByText('Type the figure first')).toBeVisible();
      await consumption.fill('99');
      await known.getByRole('button', { name: 'I measured it' }).click();
      await expect(
        page
          .getByRole('alert')
          .filter({ hasText: 'between' })
          .or(page.getByRole('alert').filter({ hasText: 'from' })),
      ).toBeVisible();
      await consumption.fill('4,3');
      await known.getByRole('button', { name: 'I measured it' }).click();
      await expect(page.getByRole('button', { name: 'Take back 4.3 L/100 km' })).toBeVisible();
      await page
        .getByRole('group', { name: 'Fairing' })
        .getByRole('button', { name: 'half' })
        .click();
      await page
        .getByRole('group', { name: 'Fork', exact: true })
        .getByRole('button', { name: 'bad' })
        .click();
      await expect(
        page.getByText('A qualified workshop looks at this before it is ridden.'),
      ).toBeVisible();
      await page.getByLabel('Cost of putting right: Fork').fill('130');
      await page
        .getByRole('group', { name: 'Chain and sprockets' })
        .getByRole('button', { name: 'good' })
        .click();
      await expect(page.getByText('2 of 21 looked at, 1 bad')).toBeVisible();
      await page.getByLabel(/^Why is it for sale\?/).fill('moving abroad');
      await page.getByLabel(/^All keys and both books\?/).fill('one key');
      await page.getByLabel(/^All keys and both books\?/).blur();
      await expect(page.getByText('2 of 11 answered')).toBeVisible();
      await page.getByLabel('Note').fill('would take 300 less');
      await stored(page);
      await page.reload();
      await expect(page.getByRole('button', { name: 'tiptoes' })).toHaveAttribute(
        'aria-pressed',
        'true',
      );
      const file = JSON.parse(await exported(page)) as {
        trials: { donorId?: string; observed: object; note: string }[];
      };
      const today = file.trials.filter((t) => t.donorId === 'drover-430-brenfold');
      expect(today).toMatchObject([
        {
          kind: 'inspection',
          machine: 'Drover 430 (from Brenfold)',
          note: 'would take 300 less',
          observed: {
            feet: 'tiptoes',
            figures: { consumption: { amount: 4.3, origin: 'measured', basis: 'own-fills' } },
            facts: { fairing: { value: 'half' } },
            ticks: { 'fork-seals': 'bad', chain: 'good' },
            answers: { 'why-sold': 'moving abroad', keys: 'one key' },
            findings: [
              {
                what: 'weeping fork seals',
                mend: true,
                cost: { amount: 130, currency: 'EUR' },
              },
            ],
          },
        },
      ]);
    },
  );
  fresh('pressing again takes an answer back, and undo brings it again', async ({ page }) => {
    await openExample(page, '/verdict/card?candidate=c-drover-430-brenfold');
    const half = page.getByRole('group', { name: 'Fairing' }).getByRole('button', { name: 'half' });
    await half.click();
    await expect(half).toHaveAttribute('aria-pressed', 'true');
    await half.click();
    await expect(half).toHaveAttribute('aria-pressed', 'false');
    await page.getByRole('button', { name: /^Undo: seen on/ }).click();
    await expect(half).toHaveAttribute('aria-pressed', 'true');
  });
});

test.describe('a file beside one’s own', () => {
  const theirs = async (page: Page): Promise<string> => {
    const file = JSON.parse(await exported(page)) as {
      brief: { trip: { fuelGap_km: number } };
      donors: {
        id: string;
        model: string;
        tags?: unknown;
        figures: { mass?: { readings: object[] } };
      }[];
      candidates: object[];
    };
    file.brief.trip.fuelGap_km = 275;
    const sorrel = file.donors.find((d) => d.id === 'sorrel-300');
    if (!sorrel) throw new Error('no donor');
    file.donors.push({ ...structuredClone(sorrel), id: 'kestrow-390', model: 'Kestrow 390' });
    sorrel.figures.mass?.readings.push({
      id: 'ours',
      amount: 151.5,
      unit: 'kg',
      basis: 'ready',
      origin: 'measured',
      note: '',
    });
    file.candidates.push({ id: 'c-k', donorId: 'kestrow-390', plate: 0 });
    // A plate stands once in a good file.
    Object.assign(file.candidates.at(-1) ?? {}, { plate: 11 });
    return JSON.stringify(file);
  };
  const lay = (page: Page, text: string) =>
    page.getByLabel('File to lay beside').setInputFiles({
      name: 'friend.json',
      mimeType: 'application/json',
      buffer: Buffer.from(text),
    });

  test('shows the differences, changes nothing by itself, and takes over what is chosen, in one step of undo', async ({
    page,
  }) => {
    await openExample(page, '/dossier');
    const text = await theirs(page);
    const before = JSON.parse(await exported(page)) as object;
    await lay(page, text);
    await expect(page.getByText('friend.json beside yours.')).toBeVisible();
    await expect(page.getByText('4 differences, none taken yet.')).toBeVisible();
    await expect(page.getByText('yours 260 km')).toBeVisible();
    await page
      .getByRole('group', { name: /Sorrel 300: mass/ })
      .getByRole('button', { name: 'both' })
      .click();
    // The candidate brings its donor along.
    await page
      .getByRole('group', { name: /Kestrow 390/ })
      .last()
      .getByRole('button', { name: 'take' })
      .click();
    await expect(
      page.getByText('2 of 4 differences are taken, and 1 that they cannot do without.'),
    ).toBeVisible();
    await page.getByRole('button', { name: 'Take over 2' }).click();
    await expect(page.getByText('3 differences taken from friend.json').first()).toBeVisible();
    const after = JSON.parse(await exported(page)) as {
      brief: { trip: { fuelGap_km: number } };
      donors: { id: string; figures: { mass?: { readings: { id: string }[] } } }[];
      candidates: { donorId: string }[];
    };
    expect(after.brief.trip.fuelGap_km).toBe(260);
    expect(
      after.donors
        .find((d) => d.id === 'sorrel-300')
        ?.figures.mass?.readings.some((r) => r.id === 'ours'),
    ).toBe(true);
    expect(after.candidates.some((c) => c.donorId === 'kestrow-390')).toBe(true);
    await page.getByRole('button', { name: /^Undo: 3 differences/ }).click();
    expect({ ...(JSON.parse(await exported(page)) as object), exportedAt: '' }).toEqual({
      ...before,
      exportedAt: '',
    });
  });
  test('a broken file is refused with its place; closing leaves everything', async ({ page }) => {
    await openExample(page, '/dossier');
    await lay(page, '{"format": "jugator-dossier", "version": 99}');
    await expect(page.getByRole('alert').filter({ hasText: 'friend.json' })).toBeVisible();
    await lay(page, await theirs(page));
    await page.getByRole('button', { name: 'Close it, keep mine as it is' }).click();
    await expect(page.getByRole('button', { name: 'Export to a file' })).toBeVisible();
  });
  test('the shortlist alone goes into a smaller file that opens', async ({ page }) => {
    await openExample(page, '/dossier');
    const waiting = page.waitForEvent('download');
    await page.getByRole('button', { name: 'Export the shortlist only' }).click();
    const text = await textOf(await waiting);
    await lay(page, text);
    await expect(
      page.getByText('Theirs holds nothing that yours does not hold just so.'),
    ).toBeVisible();
  });
});
