import { expect, test } from './test';
import {
  exported,
  fill,
  goTo,
  openExample,
  pickFile,
  withDonor,
  withoutMoment,
  withExample,
} from './helpers';

test.use(withExample);

test('shares that cannot add up are refused with the reason, and still add to 100', async ({
  page,
}) => {
  await openExample(page, '/brief');
  await page.getByRole('button', { name: 'Lock Open road' }).click();
  await page.getByRole('button', { name: 'Lock Graded gravel' }).click();
  const town = page.getByLabel('Town', { exact: true });
  await town.fill('50');
  await expect(
    page
      .getByRole('alert')
      .filter({ hasText: 'The locked grounds hold 62 %, so this one can have 38 % at the most' }),
  ).toBeVisible();
  await town.fill('140');
  await expect(
    page.getByRole('alert').filter({ hasText: 'A share is a whole number from 0 to 100' }),
  ).toBeVisible();
  await town.blur();
  await expect(town).toHaveValue('4');
  await town.fill('20');
  await town.blur();
  const values = await Promise.all(
    [
      'Motorway',
      'Open road',
      'Town',
      'Graded gravel',
      'Two-track',
      'Single track',
      'Sand and mud',
    ].map((g) => page.getByLabel(g, { exact: true }).inputValue()),
  );
  expect(values.reduce((sum, v) => sum + Number(v), 0)).toBe(100);
});

test('negative, absurd, wordy and wrongly measured figures are refused with the reason; the stored one stays', async ({
  page,
}) => {
  await openExample(page, '/brief');
  for (const [text, words] of [
    ['-66', 'Must lie between 35 and 200 kg.'],
    ['6600', 'Must lie between 35 and 200 kg.'],
    ['heavy', '“heavy” is not a figure.'],
    ['66 mm', 'mm is a length; this field wants a mass'],
    ['', 'A figure is needed here.'],
  ] as const) {
    await fill(page, 'Rider mass', text);
    await expect(page.getByRole('alert').filter({ hasText: words })).toBeVisible();
  }
  await expect(page.getByText('100 kg').first()).toBeVisible();
  await fill(page, 'Rider mass', '70');
  await expect(page.getByText('104 kg').first()).toBeVisible();

  await goTo(page, 'Donors');
  for (const [label, text, words] of [
    ['Mass', '138 mm', 'mm is a length; this field wants a mass'],
    ['Seat height', '-815', 'Seat height must lie between'],
    ['Tank', '3.1 gal', 'may be US or imperial'],
    ['Gears', '5.5', 'must be a whole number'],
    ['Ground clearance', '9000 mm', 'Ground clearance must lie between 80 and 420 mm'],
  ] as const) {
    const field = page.getByLabel(label, { exact: true });
    if (label === 'Tank') {
      await page.getByRole('button', { name: /Velloy Sorrel 300 2026; liquid/ }).click();
      await expect(
        page.getByRole('heading', { level: 2, name: 'Velloy Sorrel 300' }),
      ).toBeVisible();
    }
    if (label === 'Gears') await page.getByRole('button', { name: /^Gearing/ }).click();
    await field.fill(text);
    await field.blur();
    await expect(page.getByRole('alert').filter({ hasText: words })).toBeVisible();
  }
});

test('a price without a currency is asked for one; a currency without a rate stays not known', async ({
  page,
}) => {
  await openExample(page, '/donors');
  await page.getByRole('button', { name: 'Add a donor' }).click();
  await expect(page.getByRole('heading', { level: 2, name: 'Unnamed donor' })).toBeVisible();
  await fill(page, 'Price', '5200');
  await expect(page.getByRole('alert').filter({ hasText: 'Which currency?' })).toBeVisible();
  await fill(page, 'Price', '5200 CHF');
  await expect(
    page.getByText('Not comparable yet: exchange rate for chf is not known.'),
  ).toBeVisible();
});

test('deleting a donor in use says what goes with it, and undo brings all of it back', async ({
  page,
}) => {
  await openExample(page, '/dossier');
  const before = await exported(page);
  await goTo(page, 'Donors');
  await withDonor(page, 'Delete');
  await expect(
    page.getByText(
      'Dorrick Wren 230 is deleted. It was on the shortlist and carried builds of 6 parts; they went with it.',
    ),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(page.getByRole('button', { name: /plate A Dorrick Wren 230/ })).toBeVisible();
  expect(withoutMoment(await exported(page))).toEqual(withoutMoment(before));
});

test('two tabs: an edit shows in the other; the same field at once asks which one stays', async ({
  page,
  context,
}) => {
  await openExample(page, '/brief');
  const other = await context.newPage();
  await other.goto('/brief');
  await expect(other.getByLabel('Luggage', { exact: true })).toBeVisible();
  await fill(page, 'Luggage', '30');
  await expect(other.getByLabel('Luggage', { exact: true })).toHaveValue('30');

  const field = other.getByLabel('Luggage', { exact: true });
  await field.focus();
  await fill(page, 'Luggage', '25');
  await page.waitForTimeout(300);
  await field.fill('40');
  await expect(
    other
      .getByRole('alert')
      .filter({ hasText: 'Another tab set luggage to 25 kg while you typed 40 kg' }),
  ).toBeVisible();
  await other.getByRole('button', { name: 'Keep mine' }).click();
  await expect(page.getByLabel('Luggage', { exact: true })).toHaveValue('40');
});

test('a reload in mid-edit keeps the unfinished text and its reason', async ({ page }) => {
  await openExample(page, '/brief');
  await fill(page, 'Longest fuel gap', 'three hundr');
  await page.waitForTimeout(300);
  await page.reload();
  await expect(page.getByLabel('Longest fuel gap', { exact: true })).toHaveValue('three hundr');
  await expect(
    page.getByRole('alert').filter({ hasText: '“three hundr” is not a figure.' }),
  ).toBeVisible();
  await goTo(page, 'Donors');
  await fill(page, 'Mass', '112 stone and a bit');
  await page.waitForTimeout(300);
  await page.reload();
  await expect(page.getByLabel('Mass', { exact: true })).toHaveValue('112 stone and a bit');
});

test('files that cannot be read are refused with what and where, and nothing is touched', async ({
  page,
}) => {
  await openExample(page, '/dossier');
  const good = await exported(page);
  const spoiled = good.replace('"amount": 114,', '"amount": -114,');
  for (const [name, text, words] of [
    ['broken.json', good.slice(0, 900), 'goes wrong at line'],
    ['foreign.json', '{"name":"something else"}', 'some other program’s file'],
    ['newer.json', good.replace(/"version": \d+/, '"version": 99'), 'version 99'],
    ['spoiled.json', spoiled, 'figures › mass'],
    ['huge.json', `${good}${' '.repeat(8 * 1024 * 1024)}`, 'the largest that is read is 8 MiB'],
  ] as const) {
    await pickFile(page, name, text);
    await expect(page.getByRole('alert').filter({ hasText: words })).toBeVisible();
    await expect(
      page.getByRole('alert').filter({ hasText: 'Nothing stored was touched.' }),
    ).toBeVisible();
  }
  expect(withoutMoment(await exported(page))).toEqual(withoutMoment(good));
});

test('parts that clash are refused with the reason and a way out', async ({ page }) => {
  await openExample(page, '/build');
  await page
    .getByRole('button', { name: /Wren 230$/ })
    .first()
    .click();
  await page.getByRole('button', { name: 'Fit Low seat' }).click();
  await expect(
    page.getByText(
      'Not fitted: Stock seat cut down by an upholsterer already stands where low seat would go.',
    ),
  ).toBeVisible();
  await page
    .getByRole('button', { name: 'Fit it and take off stock seat cut down by an upholsterer' })
    .click();
  await expect(page.getByRole('button', { name: 'Take off Low seat' })).toBeVisible();
  await expect(
    page.getByRole('button', { name: 'Fit Stock seat cut down by an upholsterer' }),
  ).toBeVisible();
});
