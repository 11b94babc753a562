import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { expect, test } from './test';
import {
  exported,
  fill,
  goTo,
  openExample,
  stored,
  withDonor,
  withoutMoment,
  withExample,
  goWithin,
} from './helpers';

test.use(withExample);

const TEXT = `Marlow Heron 470 - road test

Kerb weight 187 kg (412 lb). Seat height 34.6 in (879 mm), low seat 33.1 in.
The twin makes 47 hp @ 8 500 rpm and 31.7 lb-ft at 6,500 rpm. Redline 10,000.
Tank: 3.7 gal. Travel front/rear: 220/215 mm, clearance 9.4 in (250 mm).
Tyres 90/90-21 54H front, 140/80-18 70H rear; switchable ABS.
Service every 4 000 miles or 12 months. MSRP $6,499`;

/** Opens the example and the field for a text of a new donor. */
async function pasteNew(page: Page): Promise<void> {
  await openExample(page, '/donors');
  await page.getByRole('button', { name: 'A new donor from a text' }).click();
}
const list = (page: Page) => page.getByRole('region', { name: 'Donors found' });

test('a pasted road test becomes a donor: figures, bases, doubts; nothing enters before the rider agrees', async ({
  page,
}) => {
  await openExample(page, '/dossier');
  const before = await exported(page);
  await goTo(page, 'Donors');
  await page.getByRole('button', { name: 'A new donor from a text' }).click();
  const text = page.getByLabel('Text of a maker’s sheet, an advert or a review');
  await text.fill('What a lovely day for a ride.');
  await expect(page.getByText('No figures found: this reads like no sheet.')).toBeVisible();
  // A picture within a saved page is one word of 100 kB: with kerning a browser takes a minute to break it into lines.
  await expect(text).toHaveCSS('font-kerning', 'none');
  await text.fill('x'.repeat(100_000));
  await text.fill(TEXT);
  await expect(page.getByText(/\d+ found, \d to look at\./)).toBeVisible();
  await expect(page.getByLabel('Maker', { exact: true }).last()).toHaveValue('Marlow');
  await expect(page.getByLabel('Model', { exact: true }).last()).toHaveValue('Heron 470');
  await expect(page.getByText(/Gallons and mpg are US, by “MSRP”/)).toBeVisible();
  await expect(page.getByText('250 mm stands beside it and is not the same.')).toBeVisible();
  const tank = page.getByRole('checkbox', { name: 'Take Tank' });
  await expect(tank).toBeChecked();
  await text.fill(TEXT.replace(' MSRP $6,499', '').replace('Kerb', 'Ready to ride'));
  await expect(page.getByText('US or imperial? They are a fifth apart.')).toBeVisible();
  await expect(tank).not.toBeChecked();
  await page.getByLabel('Tank: unit').selectOption('gal-us');
  await tank.check();
  await page.getByRole('button', { name: 'Cancel' }).click();
  expect(withoutMoment(await exported(page))).toEqual(withoutMoment(before));

  await goTo(page, 'Donors');
  await page.getByRole('button', { name: 'A new donor from a text' }).click();
  await text.fill(TEXT);
  await page.getByRole('button', { name: /^Enter \d+ readings$/ }).click();
  await expect(page.getByRole('heading', { level: 2, name: 'Marlow Heron 470' })).toBeVisible();
  await expect(page.getByLabel('Tank', { exact: true })).toHaveValue('3.7 US gal');
  await expect(page.getByLabel('Mass', { exact: true })).toHaveValue('187 kg');
  await expect(page.getByLabel('Mass: where from')).toHaveValue(/Kerb weight 187 kg/);
  await expect(page.getByText(/Most worth finding out: consumption/)).toBeVisible();
  await page.getByRole('button', { name: /^Brakes and aids/ }).click();
  await expect(page.getByLabel('ABS', { exact: true })).toHaveValue('both-off');
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('heading', { level: 2, name: 'Marlow Heron 470' })).toHaveCount(0);
});

test('an advert becomes a machine for sale; what is not its own is passed over, and keys take, drop and move', async ({
  page,
}) => {
  await pasteNew(page);
  await page
    .getByLabel('Text of a maker’s sheet, an advert or a review')
    .fill(
      '2019 Tundry Ridge 450, one owner, 7,200 miles, $4,900 OBO\nWet weight 379 lbs, seat height 34.3 in.\nMy old bike weighed 430 lb. Skid plate was $189. Centre stand fitted.',
    );
  await expect(page.getByText(/7200 mi on the clock, of 2019/)).toBeVisible();
  await expect(page.getByLabel('It is')).toHaveValue('sale');
  await page.getByRole('checkbox', { name: 'Centre stand' }).check();
  await page.getByText('Found and not taken: 2').click();
  await expect(
    page.getByText('Said of another machine, wished for, denied or asked.'),
  ).toBeVisible();
  await expect(page.getByText('Belongs to an accessory.')).toBeVisible();
  await page.getByRole('button', { name: 'Take as mass, 430 lb' }).click();
  await expect(page.getByRole('checkbox', { name: 'Take Mass' })).toHaveCount(2);
  const seat = page.getByRole('group', { name: /^Seat height/ });
  await seat.focus();
  await page.keyboard.press('Delete');
  await expect(page.getByRole('checkbox', { name: 'Take Seat height' })).not.toBeChecked();
  await seat.focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('checkbox', { name: 'Take Seat height' })).toBeChecked();
  await expect(seat).not.toBeFocused();
  await page.getByRole('button', { name: /^Enter 4 readings$/ }).click();
  await expect(page.getByRole('heading', { level: 2, name: /Tundry Ridge 450/ })).toBeVisible();
  await expect(page.getByLabel('Wear of Centre stand')).toBeVisible();
});

test('figures without a name wait for one press; a class that was only guessed from a text stays marked until the rider says it', async ({
  page,
}) => {
  await pasteNew(page);
  const text = page.getByLabel('Text of a maker’s sheet, an advert or a review');
  await text.fill('Marlow Ostler: seat height 880 mm, 184 kg wet, 51 hp, 48 Nm, tank 14 L.');
  const power = page.getByRole('checkbox', { name: 'Take Power', exact: true });
  await expect(power).not.toBeChecked();
  await page
    .getByRole('button', {
      name: 'Tick what can hardly be anything else: power “51 hp” and torque “48 Nm”',
    })
    .click();
  await expect(power).toBeChecked();
  await expect(page.getByRole('button', { name: /^Tick what can hardly/ })).toHaveCount(0);
  // What the rider has dropped is not offered again.
  await power.uncheck();
  await expect(page.getByRole('button', { name: /^Tick what can hardly/ })).toHaveCount(0);
  await text.fill(
    'Marlow Ostler weighs 184 kg wet, the seat is 880 mm and it makes 51 horsepower. Tank 14 L.',
  );
  await expect(page.getByText(/Class guessed by its words and figures: check it/)).toBeVisible();
  await page.getByRole('button', { name: /^Enter \d readings?$/ }).click();
  // Which classes it may be of, with their chances.
  const guessed = page.getByText(
    /Its class was guessed from a text: mid-size rally twin \(\d+\s%\)/,
  );
  await expect(guessed).toBeVisible();
  await page.reload();
  await page.getByRole('button', { name: /^plate K Marlow Ostler/ }).click();
  await expect(guessed).toBeVisible();
  await page.getByRole('button', { name: 'It is a mid-size rally twin' }).click();
  await expect(guessed).toBeHidden();
  await page.keyboard.press('Control+z');
  await expect(guessed).toBeVisible();
  await page.getByLabel('Class', { exact: true }).selectOption('mid-size scrambler single');
  await expect(guessed).toBeHidden();
});

test('two sheets in one paste become two donors; a picture is refused with what to do', async ({
  page,
}) => {
  await pasteNew(page);
  await page
    .getByLabel('Text file')
    .setInputFiles({ name: 'sheet.png', mimeType: 'image/png', buffer: Buffer.from([137, 80]) });
  await expect(page.getByText(/sheet.png is a picture/)).toBeVisible();
  await page.getByLabel('Text file').setInputFiles({
    name: 'page.html',
    mimeType: 'text/html',
    buffer: Buffer.from(
      '<html><head><style>p{}</style></head><body><h1>Marrow Vantage 310</h1><table><tr><td>Kerb weight</td><td>158 kg</td></tr><tr><td>Seat height</td><td>868 mm</td></tr></table><p></p><h1>Calder Ridge 450</h1><table><tr><td>Kerb weight</td><td>172 kg</td></tr><tr><td>Seat height</td><td>871 mm</td></tr></table></body></html>',
    ),
  });
  await expect(page.getByText('4 found of 2 machines.')).toBeVisible();
  await page.getByRole('button', { name: 'Enter 4 readings' }).click();
  await expect(list(page).getByText('Marrow Vantage 310')).toBeVisible();
  await expect(list(page).getByText('Calder Ridge 450')).toBeVisible();
});

test('text that another app shares arrives in the field, read', async ({ page }) => {
  // The dialog stands over the page's heading as soon as the page is there: what it found is what to wait for.
  const text = encodeURIComponent('Seat height 861 mm, kerb weight 163 kg');
  await page.goto(`/donors?shared=${text}`);
  await expect(page.getByText('2 found.')).toBeVisible();
  await page.getByRole('button', { name: 'Cancel' }).click();
  await expect(page).not.toHaveURL(/shared/);
});

test('a second source is pasted beside the first: both stand, the disagreement is flagged, the rule and the pin choose', async ({
  page,
}) => {
  await openExample(page, '/donors?donor=drover-430');
  await page.getByRole('button', { name: 'Paste a sheet' }).click();
  await page
    .getByLabel('Text of a maker’s sheet, an advert or a review')
    .fill('Seat height 853 mm. Ready to ride weight: 186 kg.');
  await page.getByLabel('Known by').selectOption('measured');
  await page.getByLabel('Where from').last().fill('tape at the dealer’s');
  await page.getByRole('button', { name: 'Enter 2 readings' }).click();
  await expect(
    page.getByText('Disagrees with the reading in use by more than their spreads.'),
  ).toBeVisible();
  await expect(page.getByText('Readings of seat height disagree.')).toBeVisible();
  await expect(page.getByText(/counts as 853 mm/)).toBeVisible();
  await page.getByRole('button', { name: 'Seat height: always use 32.8 in' }).click();
  await expect(page.getByText(/counts as 833 mm/)).toBeVisible();
  await fill(page, 'Tank', '15 ± 0.5 L');
  await expect(page.getByText(/counts as 15.0 L \(14.5 to 15.5 L\)/)).toBeVisible();
});

test('variants and listings: they take over what they do not say, and stand on the shortlist like any donor', async ({
  page,
}) => {
  await openExample(page, '/donors?donor=pika-340-x');
  await withDonor(page, 'A variant of it');
  await expect(
    page.getByRole('heading', { level: 2, name: 'Mirrodan Pika 340 X, new variant' }),
  ).toBeVisible();
  await expect(page.getByLabel('Seat height', { exact: true })).toHaveAttribute(
    'placeholder',
    'takes over 818 mm',
  );
  await fill(page, 'What the variant is called', 'low');
  await fill(page, 'Seat height', '800 mm');
  await expect(page.getByText(/counts as 800 mm/)).toBeVisible();
  await withDonor(page, 'One for sale');
  await expect(page.getByText('Stands on Mirrodan Pika 340 X, low.')).toBeVisible();
  await expect(page.getByLabel('Seat height', { exact: true })).toHaveAttribute(
    'placeholder',
    'takes over 800 mm',
  );
  await fill(page, 'Which machine (seller, place, colour)', 'blue, Harrowick');
  await fill(page, 'Price', '3400 EUR');
  await page.getByLabel('Price: basis').selectOption('asked');
  await fill(page, 'Distance run', '9000 mi');
  await fill(page, 'Hours run', 'many');
  await expect(page.getByRole('alert').filter({ hasText: '“many” is not a figure' })).toBeVisible();
  await page.getByLabel('Add a part it carries').selectOption({ label: 'Engine bars' });
  await expect(
    page.getByText(/worth 158 EUR to you; the bare machine so costs 3243/),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Something found' }).click();
  await page.getByLabel('What is weak').fill('Wheel bearing notchy');
  await page.getByRole('checkbox', { name: 'put right' }).check();
  await expect(
    page.getByText('Its cost is not known, so the outlay cannot be said.'),
  ).toBeVisible();
  await page.getByLabel('Cost to put right').fill('90 EUR');
  await expect(page.getByText('Its cost is not known, so the outlay cannot be said.')).toHaveCount(
    0,
  );

  await goTo(page, 'Weigh-up');
  const table = page.getByRole('table', { name: 'Candidates against the brief' });
  await expect(
    table.getByRole('button', { name: /Outlay, Pika 340 X \(low, blue, Harrowick\): 3490 EUR/ }),
  ).toBeVisible();
  await goTo(page, 'Build');
  await page
    .getByRole('button', { name: /Harrowick/ })
    .first()
    .click();
  await expect(
    page.getByText('Aboard already, and not paid for again: engine bars.'),
  ).toBeVisible();
  await expect(page.getByRole('button', { name: 'Fit Engine bars' })).toHaveCount(0);

  await goWithin(page, '/donors?donor=pika-340-x');
  await withDonor(page, 'Delete');
  await expect(page.getByText('2 variants and listings went as well.')).toBeVisible();
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(list(page).getByText('for sale: low, blue, Harrowick')).toBeVisible();
});

test('cross-checks say what, why and what to look at, and block nothing', async ({ page }) => {
  await openExample(page, '/donors?donor=drover-430');
  await page.getByRole('button', { name: /^Engine/ }).click();
  await fill(page, 'Torque', '43 lb-ft');
  const checks = page.getByRole('region', { name: 'Things to check' });
  await expect(
    checks.getByText(/Torque at its peak already gives 34\.\d kW; peak power is 31\.2 kW\./),
  ).toBeVisible();
  await expect(checks.getByText(/Torque in N·m or lbf·ft\?/)).toBeVisible();
  await fill(page, 'Permitted maximum mass', '183 kg');
  await expect(checks.getByText('2 things to check')).toBeVisible();
  await fill(page, 'Torque', '41.5 N·m');
  await fill(page, 'Permitted maximum mass', '371 kg');
  await expect(checks).toHaveCount(0);
});

test('search, filters, sorting, tags, putting away, several at once, comparing', async ({
  page,
}) => {
  await openExample(page, '/donors');
  await page.keyboard.press('/');
  await expect(page.getByLabel('Search donors')).toBeFocused();
  await page.keyboard.type('velloy');
  await expect(page.getByText('3 of 12')).toBeVisible();
  await page.keyboard.press('ArrowDown');
  await expect(
    page.getByRole('heading', { level: 2, name: 'Velloy Sorrel 300', exact: true }),
  ).toBeVisible();
  await page.getByLabel('Search donors').fill('');
  await page.getByLabel('Sort by').selectOption('mass');
  await expect(list(page).getByRole('listitem').first()).toContainText('Wren 230');
  await page.getByLabel('Order').selectOption('falling');
  await expect(list(page).getByRole('listitem').first()).toContainText('252 kg');
  await page.getByLabel('Filter by must').selectOption('money');
  await expect(list(page).getByText('Bastion 1160')).toHaveCount(0);
  await page.getByLabel('Filter by must').selectOption('');
  await page.getByLabel('Sort by').selectOption('name');

  await page.getByRole('button', { name: 'Several' }).click();
  await list(page)
    .getByRole('button', { name: /Sorrel 300 2026/ })
    .click();
  await list(page)
    .getByRole('button', { name: /Wren 230/ })
    .click();
  const bulk = page.getByRole('group', { name: 'Several donors' });
  await bulk.getByLabel('Tag for the ticked donors').fill('light');
  await bulk.getByRole('button', { name: 'Add' }).click();
  await expect(page.getByText('tag “light”: 2 changed.')).toBeVisible();
  await bulk.getByRole('button', { name: 'Put away' }).click();
  await expect(list(page).getByText('Wren 230')).toHaveCount(0);
  await page.getByRole('button', { name: 'Several' }).click();
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await page.getByLabel('Filter by tag').selectOption('light');
  await expect(page.getByText('2 of 12')).toBeVisible();

  await goWithin(page, '/donors?donor=sorrel-300');
  await withDonor(page, 'Compare with another');
  await page.getByLabel('Compare with').selectOption({ label: 'Velloy Sorrel 300, low version' });
  const table = page.getByRole('table', {
    name: 'Velloy Sorrel 300 beside Velloy Sorrel 300, low version',
  });
  await expect(
    table
      .getByRole('row', { name: /Seat height 886 mm.* 852 mm/ })
      .or(table.getByRole('row', { name: /Seat height/ }))
      .first(),
  ).toContainText('852 mm');
  await expect(table.getByRole('row', { name: /^Mass/ })).toHaveCount(0);
});

const csv = (rows: readonly (readonly string[])[]) => rows.map((r) => r.join(',')).join('\r\n');
const pickTable = (page: Page, name: string, text: string) =>
  page
    .getByLabel('Table file')
    .setInputFiles({ name, mimeType: 'text/csv', buffer: Buffer.from(text) });

test('a table: columns from the headings, faults row by row and nothing written, then all of it; the mapping is remembered', async ({
  page,
}) => {
  await openExample(page, '/donors');
  await page.getByRole('button', { name: 'Tables in and out' }).click();
  await pickTable(page, 'empty.csv', 'Model\n');
  await expect(
    page.getByRole('alert').filter({ hasText: 'There is no table in it' }),
  ).toBeVisible();
  const rows = [
    ['Make', 'Model', '"Weight (lb, dry)"', 'Tank (gal)', 'Colour'],
    ['Hollin', 'Plover 300', '271', '2.4', 'green'],
    ['Hollin', 'Plover 300 Tour', '29 stone', '3.6', 'sand'],
    ['Marlow', 'Heron 470', 'heavy', '3.7', 'red'],
  ];
  await pickTable(page, 'spring.csv', csv(rows));
  await expect(page.getByLabel('Weight (lb, dry): means')).toHaveValue('mass');
  await expect(page.getByLabel('Weight (lb, dry): unit')).toHaveValue('lb');
  await expect(page.getByLabel('Weight (lb, dry): basis')).toHaveValue('dry');
  await expect(page.getByLabel('Colour: means')).toHaveValue('ignore');
  await page.getByLabel('Tank (gal): unit').selectOption('gal-us');
  await page.getByLabel('Colour: means').selectOption('text:note');
  await page.getByRole('button', { name: 'Enter 3 donors' }).click();
  await expect(page.getByText('1 of 3 rows cannot be read, so nothing was written.')).toBeVisible();
  await expect(
    page.getByRole('alert').getByText('Row 4: Weight (lb, dry): “heavy” is not a figure.'),
  ).toBeVisible();
  await pickTable(page, 'spring.csv', csv(rows).replace('heavy', '401'));
  await expect(page.getByText('Columns as you set them last time.')).toBeVisible();
  await expect(page.getByLabel('Colour: means')).toHaveValue('text:note');
  await page.getByRole('button', { name: 'Enter 3 donors' }).click();
  await expect(page.getByText('3 donors from spring.csv are in the list.')).toBeVisible();
  await expect(page.getByText('15 donors', { exact: true })).toBeVisible();
  await stored(page);
  await page.reload();
  await list(page)
    .getByRole('button', { name: /Heron 470/ })
    .click();
  await expect(page.getByLabel('Mass', { exact: true })).toHaveValue('401 lb');
  await page.getByRole('button', { name: 'Undo: 3 donors from spring.csv' }).click();
  await expect(page.getByText('12 donors', { exact: true })).toBeVisible();
});

test('2 000 rows: progress, stopping, and the list stays quick', async ({ page }) => {
  await openExample(page, '/donors');
  const rows = [
    ['Model', 'Mass (kg)', 'Power (kW)', 'Seat height (mm)'],
    ...Array.from({ length: 2000 }, (_, i) => [
      `Finch ${i}`,
      String(120 + (i % 90)),
      String(15 + (i % 40)),
      String(800 + (i % 120)),
    ]),
  ];
  await page.getByRole('button', { name: 'Tables in and out' }).click();
  await pickTable(page, 'long.csv', csv(rows));
  // Slow the worker's answers down so that there is time to stop it.
  await page.evaluate(() => {
    const real = Object.getOwnPropertyDescriptor(Worker.prototype, 'postMessage') ?? {};
    Object.defineProperty(Worker.prototype, 'postMessage', {
      ...real,
      value(this: Worker, ...args: unknown[]) {
        setTimeout(() => (real.value as (...a: unknown[]) => void).apply(this, args), 1500);
      },
    });
    (window as unknown as { quick: () => void }).quick = () => {
      Object.defineProperty(Worker.prototype, 'postMessage', real);
    };
  });
  await page.getByRole('button', { name: 'Enter 2000 donors' }).click();
  await expect(page.getByText('0 of 2000')).toBeVisible();
  await page.getByRole('button', { name: 'Stop', exact: true }).click();
  await expect(page.getByText('Stopped. Nothing was written.')).toBeVisible();
  await page.evaluate(() => (window as unknown as { quick: () => void }).quick());
  await page.getByRole('button', { name: 'Enter 2000 donors' }).click();
  await expect(page.getByText('2000 donors from long.csv are in the list.')).toBeVisible();
  await page.getByLabel('Search donors').fill('finch 1999');
  await expect(page.getByText('1 of 2012')).toBeVisible();
  await page.getByLabel('Search donors').fill('finch');
  await expect(page.getByText('2000 of 2012')).toBeVisible();
  expect(await list(page).getByRole('listitem').count()).toBeLessThan(40);
});

test('donors written as values and as a workbook', async ({ page }) => {
  await openExample(page, '/donors');
  await page.getByRole('button', { name: 'Tables in and out' }).click();
  for (const [button, name, begins] of [
    ['Write CSV', 'jugator-donors.csv', '\uFEFFMaker,Model,Version,Class,'],
    ['Write XLSX', 'jugator-donors.xlsx', 'PK'],
  ] as const) {
    const waiting = page.waitForEvent('download');
    await page.getByRole('button', { name: button }).click();
    const download = await waiting;
    expect(download.suggestedFilename()).toBe(name);
    expect(readFileSync(await download.path(), 'utf8').startsWith(begins)).toBe(true);
  }
});
