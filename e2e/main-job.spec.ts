import { expect, test } from './test';
import { exported, fill, goTo, pickFile, withDonor, withoutMoment, openGroups } from './helpers';

test('brief, donors, weigh-up, build, export, clear, import: with everything typed in', async ({
  page,
}) => {
  await page.goto('/');
  await expect(page.getByRole('button', { name: 'Open the example' })).toBeVisible();
  await page.getByRole('button', { name: 'Start a brief' }).click();
  await page.getByRole('link', { name: 'The full brief' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Brief' })).toBeVisible();

  await openGroups(page);
  await fill(page, 'Height', '5 ft 10 in');
  await fill(page, 'Inseam', '820');
  await fill(page, 'Rider mass', '12 st 4 lb');
  await fill(page, 'Kit worn', '13');
  await fill(page, 'Name', 'Round the lakes');
  await fill(page, 'Longest fuel gap', '200');
  await fill(page, 'Cruise', '60 mph');
  await fill(page, 'Budget', '9000');
  await fill(page, 'Trip fund', '1500');
  await page.getByLabel('Graded gravel', { exact: true }).fill('40');
  await page.getByLabel('Graded gravel', { exact: true }).blur();
  await expect(page.getByText('7500 EUR').first()).toBeVisible();

  await goTo(page, 'Donors');
  await page.getByRole('button', { name: 'Add a donor' }).click();
  await expect(page.getByRole('heading', { level: 2, name: 'Unnamed donor' })).toBeVisible();
  await fill(page, 'Maker', 'Hollin');
  await fill(page, 'Model', 'Plover 300');
  await page.getByLabel('Class', { exact: true }).selectOption('dual-sport-single');
  await fill(page, 'Mass', '298 lb');
  await page.getByLabel('Mass: basis').selectOption('dry');
  await expect(page.getByText('Not comparable yet: tank is not known.')).toBeVisible();
  await fill(page, 'Tank', '2.4 US gal');
  await expect(page.getByText(/counts as 14\d kg/)).toBeVisible();
  for (const [label, text] of [
    ['Permitted maximum mass', '330 kg'],
    ['Power', '27 hp'],
    ['Seat height', '33.9 in'],
    ['Consumption', '82 mpg imp'],
    ['Travel, front', '240 mm'],
    ['Travel, rear', '9.1 in'],
    ['Ground clearance', '270'],
    ['Service interval', '6000 mi'],
    ['Price', '5 400 EUR'],
  ] as const)
    await fill(page, label, text);
  await page.getByLabel('Power: basis').selectOption('wheel');

  await withDonor(page, 'Duplicate');
  await expect(page.getByLabel('Version, year, market')).toHaveValue('(copy)');
  await fill(page, 'Model', 'Plover 300 Big Tank');
  await fill(page, 'Tank', '14 L');
  await fill(page, 'Price', '6 900 EUR');

  await goTo(page, 'Weigh-up');
  const table = page.getByRole('table', { name: 'Candidates against the brief' });
  await expect(
    table.getByRole('button', { name: /Range with reserve, Plover 300 Big Tank: [23]\d\d km/ }),
  ).toBeVisible();
  await expect(
    table.getByRole('button', { name: 'Plover 300', exact: false }).first(),
  ).toBeVisible();
  await table.getByRole('button', { name: /Ready-to-ride mass, Plover 300:/ }).click();
  await expect(page.getByText('298 lb, dry; maker’s claim')).toBeVisible();
  await page.keyboard.press('Escape');

  await goTo(page, 'Build');
  await page
    .getByRole('button', { name: /Plover 300$/ })
    .first()
    .click();
  await expect(page.getByText('Hollin Plover 300: as it stands.')).toBeVisible();
  await page.getByRole('button', { name: 'Fit Low seat' }).click();
  await expect(page.getByText(/was \d+/).first()).toBeVisible();
  await page.getByRole('button', { name: 'Fit Lowering link, 40 mm at the rear axle' }).click();
  await expect(
    page.getByText('Not fitted: Lowering link, 40 mm at the rear axle needs shorter side stand.'),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Fit it and add shorter side stand' }).click();
  await expect(
    page.getByRole('button', { name: 'Take off Lowering link, 40 mm at the rear axle' }),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Take off Shorter side stand' }).click();
  await expect(page.getByText(/Stays fitted: .*needs shorter side stand/)).toBeVisible();
  await expect(page.getByText('Only one end is lowered: rake and trail change.')).toBeVisible();

  const before = await exported(page);
  await page.getByRole('button', { name: 'Clear everything' }).click();
  await page.getByRole('button', { name: 'Replace', exact: true }).click();
  await expect(page.getByText('Everything is cleared.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Export to a file' })).toBeDisabled();
  await pickFile(page, 'lakes.json', before);
  await expect(page.getByText('lakes.json is open.')).toBeVisible();
  const after = await exported(page);
  expect(withoutMoment(after)).toEqual(withoutMoment(before));
  await goTo(page, 'Weigh-up');
  await page.getByRole('button', { name: 'With my parts' }).click();
  await expect(
    page
      .getByRole('table', { name: 'Candidates against the brief' })
      .getByText('Hollin, 3 parts chosen'),
  ).toBeVisible();
});
