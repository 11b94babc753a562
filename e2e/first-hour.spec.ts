import type { Page } from '@playwright/test';
import { expect, fresh, test } from './test';
import { fill, goTo, goToRoom, stored, openGroups, goWithin } from './helpers';

const begin = async (page: Page) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'Start a brief' }).click();
  await expect(page.getByRole('heading', { level: 1, name: /How tall are you/ })).toBeVisible();
};
const next = (page: Page) =>
  page.getByRole('button', { name: /^(?:Next|Leave it as assumed)$/ }).click();
const soFar = (page: Page) => page.getByRole('region', { name: 'So far' });

const ADVERTS = [
  'Selling my 2021 Harlow Trailhand 300. 6,200 miles, 31 hp, 322 lb wet, seat height 34.1 in, 3.4 gal tank, 68 mpg, ground clearance 10.6 in. Asking $4,600 obo, clean title.',
  'For sale: 2020 Merrow Longfell 450, 11,800 miles on it. Curb weight 408 lb, 44 horsepower, seat height 34.6 in, fuel capacity 4.6 gallons, 55 mpg. $6,450 obo.',
  '2022 Tarn Rambler 400 for sale, 3,900 miles, wet weight 386 lb, 40 hp, seat 33.0 in, 3.9 gal, 61 mpg. Asking $5,700, clean title in hand.',
];

test.describe('in the United States', () => {
  test.use({ locale: 'en-US' });

  fresh(
    'from nothing to a first answer by class in under ten acts, in inches and dollars',
    async ({ page }) => {
      await begin(page);
      await expect(page.getByLabel('Units')).toHaveValue('us');
      await expect(soFar(page)).toContainText(/Look among|No class keeps every must/);
      await fill(page, 'Height', '5 ft 7 in');
      await next(page);
      await page.getByRole('button', { name: 'More Graded gravel' }).click();
      await next(page);
      await fill(page, 'Longest fuel gap', '180');
      await expect(soFar(page)).toContainText('of 100 draws');
      await page.getByRole('link', { name: 'The full brief' }).click();
      await openGroups(page);
      await expect(page.getByLabel('Longest fuel gap', { exact: true })).toHaveValue('180');
      await expect(page.getByLabel('Currency', { exact: true })).toHaveValue('USD');
    },
  );

  fresh(
    'three adverts pasted in dollars lead to a build with parts, by a rate that is said to be rough',
    async ({ page }) => {
      test.setTimeout(120_000);
      await begin(page);
      for (const advert of ADVERTS) {
        await goTo(page, 'Donors');
        await page.getByRole('button', { name: 'A new donor from a text' }).click();
        await page.getByRole('dialog').getByRole('textbox').first().fill(advert);
        await expect(page.getByRole('dialog')).toContainText(/Seen to keep \d of \d musts/);
        await page
          .getByRole('dialog')
          .getByRole('button', { name: /^(?:Enter|Make|Take|Add)/ })
          .first()
          .click();
        await expect(page.getByRole('dialog')).toBeHidden();
      }
      await goTo(page, 'Build');
      await expect(page.getByText(/nominal rate of 1 EUR = 1[.,]\d+ USD/)).toBeVisible();
      await goToRoom(page, 'Bench');
      await expect(page.getByText(/about \d+ USD/).first()).toBeVisible();
      await goToRoom(page, 'Money curve');
      await expect(page.getByText(/with \d+ parts?/).first()).toBeVisible({ timeout: 60_000 });
      // A better rate is set right there.
      await page.getByLabel('1 EUR =').fill('1.09');
      await page.getByRole('button', { name: 'Set the rate' }).click();
      await expect(page.getByText(/nominal rate/)).toBeHidden();
      await goTo(page, 'Brief');
      await openGroups(page);
      await expect(page.getByText(/1 EUR = 1.09 USD/)).toBeVisible();
    },
  );
});

test('a question can be gone past, gone back to, and is where it was after a reload', async ({
  page,
}) => {
  await begin(page);
  await next(page);
  await next(page);
  await expect(page.getByRole('heading', { level: 1, name: /longest stretch/ })).toBeVisible();
  await page.reload();
  await expect(page.getByRole('heading', { level: 1, name: /longest stretch/ })).toBeVisible();
  await page.getByRole('button', { name: 'Back' }).click();
  await expect(
    page.getByRole('heading', { level: 1, name: /Where does the machine go/ }),
  ).toBeVisible();
});

test('the year is painted on the strip by keys, and undone', async ({ page }) => {
  await begin(page);
  await next(page);
  const share = (ground: string) =>
    page.getByRole('button', { name: `More ${ground}` }).locator('xpath=preceding-sibling::p');
  await expect(share('Single track')).toHaveText('0 %');
  await page.getByRole('button', { name: 'Single track', exact: true }).click();
  const first = page.getByRole('button', { name: /^Piece 1 of 20/ });
  await first.focus();
  await page.keyboard.press('Enter');
  await expect(share('Single track')).toHaveText('5 %');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(share('Single track')).toHaveText('0 %');
});

test('what to look for in a class says figures with units, and what would do instead', async ({
  page,
}) => {
  await begin(page);
  await goWithin(page, '/donors/classes');
  await page.getByRole('button', { name: /Mid-size rally twin/ }).click();
  const panel = page.getByRole('group', { name: 'What to look for' });
  await expect(panel).toContainText(/from \d+[.,]?\d* L/);
  await expect(panel).toContainText(/or from .* with .*can/);
  await expect(panel).toContainText(/keeps every must in \d+ of 100 draws/);
});

test('numbers are read as they are written, and what was understood stands beside', async ({
  page,
}) => {
  await begin(page);
  await page.getByRole('link', { name: 'The full brief' }).click();
  await openGroups(page);
  await page.getByLabel('Budget', { exact: true }).fill('11.000');
  await expect(page.getByText(/= 11\s000 EUR/)).toBeVisible();
  await page.getByLabel('Budget', { exact: true }).blur();
  await stored(page);
  await page.reload();
  await expect(page.getByLabel('Budget', { exact: true })).toHaveValue('11000');
  // A height as it is known: in centimetres.
  await page.getByLabel('Height', { exact: true }).fill('169');
  await expect(page.getByText(/= 1.?690 mm/)).toBeVisible();
  await fill(page, 'Highest point', '7,500 ft');
  await expect(page.getByLabel('Highest point', { exact: true })).toHaveValue(/2286|7,500 ft/);
  for (const [ground, share] of [
    ['Open road', '45'],
    ['Graded gravel', '30'],
    ['Two-track', '25'],
    ['Motorway', '0'],
    ['Town', '0'],
  ] as const)
    await fill(page, ground, share);
  await expect(page.getByLabel('Open road', { exact: true })).toHaveValue('45');
  await expect(page.getByLabel('Graded gravel', { exact: true })).toHaveValue('30');
  await expect(page.getByLabel('Two-track', { exact: true })).toHaveValue('25');
});

test('the second example: used adverts in dollars, pounds and miles, another rider', async ({
  page,
}) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'Open the forest example' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Weigh-up' })).toBeVisible();
  await expect(page.getByLabel('Units')).toHaveValue('us');
  const main = page.getByRole('main');
  await expect(main).toContainText('Marten 300');
  await expect(main).toContainText(/Ready mass\s+lb/);
  await expect(main).toContainText('Outlay USD');
});

test('the full brief: a line for each group, opened by a press, with what each field moves, and open again after a reload', async ({
  page,
}) => {
  await page.goto('/brief');
  await page.getByRole('button', { name: 'Start a brief with every field' }).click();
  await page.getByRole('button', { name: 'Fold every group' }).click();
  await expect(page.getByLabel('Budget', { exact: true })).toBeHidden();
  const money = page.getByRole('region', { name: 'Money' });
  await expect(money).toContainText(/EUR to spend/);
  await expect(money).toContainText(/\d assumed/);
  await expect(page.getByRole('region', { name: 'Keeping it' })).toContainText('is not known');

  await page.getByRole('button', { name: 'Money', exact: true }).press('Enter');
  await fill(page, 'Budget', '9000');
  await fill(page, 'Trip fund', '1500');
  await expect(money).toContainText('9000 EUR in all, of it 1500 EUR for the trip');
  await expect(page.getByText('moves money and outlay').first()).toBeVisible();
  await stored(page);
  await page.reload();
  await expect(page.getByLabel('Budget', { exact: true })).toHaveValue('9000');
  await expect(page.getByLabel('Height', { exact: true })).toBeHidden();
});

test('what a class is sold for is typed where one sees what to look for, and a fit can be asked for', async ({
  page,
}) => {
  await begin(page);
  await goWithin(page, '/donors/classes');
  await expect(page.getByText(/so money is left out of what is said of them/)).toBeVisible();
  await page.getByRole('button', { name: /^~? ?Mid-size rally twin/ }).click();
  await expect(page.getByText('no price of this class is known here')).toBeVisible();
  await fill(page, 'Price of such a machine, from', '5 000');
  await fill(page, 'Price of such a machine, to', '6.500');
  await expect(page.getByRole('cell', { name: /5.?000 EUR to 6.?500 EUR: / })).toBeVisible();
  await expect(page.getByText(/^8 classes have a price here/)).toBeHidden();
  await page.getByRole('slider', { name: 'A fit of at least' }).fill('30');
  await expect(
    page.getByText(/^One that just keeps every must has a fit of \d+: enough for 30\.$/),
  ).toBeVisible();
  await page.reload();
  await page.getByRole('button', { name: /^~? ?Mid-size rally twin/ }).click();
  await expect(page.getByLabel('Price of such a machine, to')).toHaveValue('6500');
  await page.getByRole('button', { name: 'Take it back' }).click();
  await expect(page.getByText('no price of this class is known here')).toBeVisible();
});
