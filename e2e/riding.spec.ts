import { writeFileSync } from 'node:fs';
import { expect, fresh, test } from './test';
import { exported, fill, goTo, openExample, openGroups, stored, withExample } from './helpers';

test.use(withExample);

const REAR = {
  'Wheel hanging free': '600',
  'Machine alone, from above': '580',
  'Machine alone, from below': '588',
  'Rider on, from above': '540',
  'Rider on, from below': '548',
} as const;

test.describe('on a phone, without a network', () => {
  test.use({
    viewport: { width: 390, height: 844 },
    isMobile: true,
    hasTouch: true,
    serviceWorkers: 'allow',
  });
  fresh(
    'a visit changes the order of the weigh-up, and the trials say by what',
    async ({ page, context }) => {
      test.setTimeout(120_000);
      await openExample(page);
      await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
      await page.goto('/trials');
      const before = await page.getByText(/trials so far: /).innerText();
      // The weigh-up says so too: nobody is called ahead who does not keep every must.
      expect(before).toContain('none keeps every must surely, nearest Sorrel 300 Longway');
      await context.setOffline(true);
      // The one in front turns out to reach with one foot only.
      await page.getByRole('combobox', { name: 'Candidate' }).selectOption('Sorrel 300 Longway');
      await page.getByRole('link', { name: 'Card for sit and walk-round' }).click();
      await page
        .getByRole('group', { name: 'What your feet do' })
        .getByRole('button', { name: /^one foot/i })
        .click();
      await goTo(page, 'Trials');
      const after = page.getByText(/trials so far/);
      await expect(after).not.toHaveText(before);
      await expect(after).toContainText('8 trials');
      await expect(after).toContainText(/Most moved: .*, from \d+\. to \d+\., [+−]\d+\.\d points/);
      await stored(page);
      await page.reload();
      await expect(page.getByText(/^8 trials so far/)).toBeVisible();
    },
  );
});

test('a ride is noted part by part, outlives a reload, is taken back, and asks again later', async ({
  page,
}) => {
  await openExample(page, '/trials');
  await page.getByRole('combobox', { name: 'Candidate' }).selectOption('Pika 340 X');
  await expect(page.getByText('Pika 340 X has not been tried.', { exact: false })).toBeVisible();
  await page.getByRole('button', { name: 'Note a ride' }).click();
  await page.getByLabel('Buzz').selectOption('1');
  await page.getByLabel('Brakes').selectOption('4');
  await page.getByLabel('Wind on the chest').selectOption('1');
  await fill(page, 'Seat goes down under you', '500');
  await expect(page.getByText('Must lie between 0 and 160 mm.')).toBeVisible();
  await fill(page, 'Seat goes down under you', '55');
  await fill(page, 'Vibrates from (real speed)', '95');
  await fill(page, 'Vibrates up to', '110');
  await page.getByLabel(/^The heart/).selectOption('9');
  await fill(page, 'How long', '40');
  const felt = page.locator('section').filter({ hasText: 'Pika 340 X, as felt' });
  await expect(felt.getByRole('row', { name: /Brakes/ })).toContainText('4.0');
  await felt.getByRole('button', { name: 'Note as disliked: Buzz: numb hands' }).click();
  await expect(felt.getByRole('button', { name: /Buzz: numb hands/ })).toHaveCount(0);
  const waiting = page.waitForEvent('download');
  await page.getByRole('button', { name: 'To the calendar' }).click();
  expect((await waiting).suggestedFilename()).toBe('ask-again.ics');
  await fill(page, 'How long', '9000');
  await expect(page.getByText('Must lie between 1 and 6000 min.')).toBeVisible();
  await stored(page);
  await page.reload();
  await page.getByRole('combobox', { name: 'Candidate' }).selectOption('Pika 340 X');
  await expect(
    page.getByText(
      /first time, 40 min, buzz 1, brakes 4, wind on the chest 1, buzzes from 95 to 110 km\/h, heart 9 of 10/,
    ),
  ).toBeVisible();
  await page
    .getByRole('button', { name: /^Open: Ride/ })
    .first()
    .click();
  await expect(page.getByLabel('Seat goes down under you')).toHaveValue('55');
  await page.getByRole('button', { name: /^Delete: Ride/ }).click();
  await expect(page.getByText('Pika 340 X has not been tried.', { exact: false })).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(page.getByText(/40 min, buzz 1/)).toBeVisible();
});

test('a need as felt is taken into the weighing and put back to what is usual', async ({
  page,
}) => {
  await openExample(page, '/trials');
  const panel = page.locator('section', {
    has: page.getByRole('heading', { name: 'What you need, as felt' }),
  });
  const wind = panel.getByRole('row', { name: /^Wind/ });
  await expect(wind).toContainText('≥ 35 of 100');
  const felt = (await wind.getByRole('cell').nth(1).innerText()).split('\n')[0] ?? '';
  expect(felt).not.toBe('≥ 35 of 100');
  await page.getByRole('button', { name: 'Wind: take the need as felt' }).click();
  await expect(wind).toContainText('Taken');
  await goTo(page, 'Weigh-up');
  const line = page.getByRole('rowheader', { name: /^Wind/ });
  await expect(line).toContainText(felt.replace(' of 100', ''));
  await expect(page.getByText('Needs moved by what you felt: wind.')).toBeVisible();
  await stored(page);
  await page.reload();
  await expect(line).toContainText(felt.replace(' of 100', ''));
  await goTo(page, 'Trials');
  await page.getByRole('button', { name: 'Wind: back to what is usual' }).click();
  await expect(wind).not.toContainText('Taken');
  await goTo(page, 'Weigh-up');
  await expect(line).toContainText('≥ 35');
});

test('what is offered for a used machine, and where to walk away', async ({ page }) => {
  await openExample(page, '/trials');
  await page
    .getByRole('combobox', { name: 'Candidate' })
    .selectOption('Drover 430 (from Brenfold)');
  const offer = page.locator('section').filter({ hasText: 'The offer' });
  await expect(offer).toContainText(
    'Asked 4590 EUR, less 165 EUR to put right: offer from 4425 EUR.',
  );
  await expect(offer).toContainText(/Walk away above|At no price/);
});

test('measured sag ends in what to turn and in the rider whom the springs suit, and the machine is weighed with it', async ({
  page,
}) => {
  await openExample(page, '/set-up');
  await page.getByRole('combobox', { name: 'Candidate' }).selectOption('Drover 430');
  await page.getByRole('button', { name: 'Begin a sheet' }).click();
  for (const [name, mm] of Object.entries(REAR)) await fill(page, `Rear: ${name}`, mm);
  await expect(page.getByText(/^Free sag/)).toContainText('16 mm');
  await expect(page.getByText(/^Rider sag 56/)).toContainText('56 mm');
  await fill(page, 'Rear: one turn of preload moves the spring', '1.5');
  await fill(page, 'Rear: turns wound in now', '3');
  await fill(page, 'Rear: turns the adjuster has', '10');
  await expect(page.getByText(/springs are for a rider of/)).toBeVisible();
  await page.getByRole('button', { name: 'Weigh the machine with it' }).click();
  await stored(page);
  const file = JSON.parse(await exported(page)) as {
    readonly trials: readonly { readonly observed: { readonly figures?: object } }[];
    readonly setups: readonly { readonly donorId: string }[];
  };
  expect(file.setups.map((s) => s.donorId)).toContain('drover-430');
  expect(file.trials.some((t) => 'springRiderMass' in (t.observed.figures ?? {}))).toBe(true);
});

fresh(
  'lengths that cannot be, a pitch of nothing, a silent meter: each is a sentence, and nothing is lost',
  async ({ page }) => {
    // The stand-in falls asleep after 25 s: the page's clock is wound on instead of waiting.
    await page.clock.install();
    await openExample(page, '/set-up');
    await page.getByRole('combobox', { name: 'Candidate' }).selectOption('Drover 430');
    await page.getByRole('button', { name: 'Begin a sheet' }).click();
    for (const [name, mm] of Object.entries(REAR)) await fill(page, `Rear: ${name}`, mm);
    await fill(page, 'Rear: Rider on, from above', '590');
    await fill(page, 'Rear: Rider on, from below', '596');
    await expect(
      page.getByText('two lengths may have changed places', { exact: false }),
    ).toBeVisible();
    await expect(page.getByText('Put the lengths right first.')).toBeVisible();
    await fill(page, 'Rear: one turn of preload moves the spring', '0');
    await expect(page.getByText('Must lie between 0.3 and 10 mm.')).toBeVisible();
    await fill(page, 'Rear: Wheel hanging free', 'tall');
    await expect(page.getByText(/“tall” is not|not a plain number|“tall”/)).toBeVisible();
    await page.getByRole('button', { name: 'Front', exact: true }).click();
    await page.getByRole('button', { name: 'Wheel hanging free: from the meter' }).click();
    await page.getByRole('button', { name: 'Start', exact: true }).click();
    await expect(page.getByText('Still: held.')).toBeVisible();
    await page.clock.runFor(30_000);
    await expect(page.getByText(/gone silent/)).toBeVisible();
    await page.getByRole('button', { name: 'Let go again' }).click();
    await expect(page.getByText('Still: held.')).toBeVisible();
    await page.getByRole('button', { name: 'Take it' }).click();
    await expect(page.getByText('From the simulated meter: made up, for practice.')).toBeVisible();
    await page.getByRole('button', { name: 'Rear', exact: true }).click();
    await expect(page.getByLabel('Rear: Machine alone, from above')).toHaveValue('580');
  },
);

test('one change at a time: the next waits for the verdict on the last', async ({ page }) => {
  await openExample(page, '/set-up');
  await expect(page.getByText('2 of 3 changes helped.', { exact: false })).toBeVisible();
  await page.getByLabel('From', { exact: true }).fill('12 clicks');
  await page.getByLabel('To', { exact: true }).fill('14 clicks');
  await page.getByRole('button', { name: 'Note the change' }).click();
  await expect(
    page.getByText('judge the last change before the next one', { exact: false }),
  ).toBeVisible();
  await expect(page.getByRole('button', { name: 'Note the change' })).toHaveCount(0);
  await page
    .getByRole('group', { name: 'Rear rebound from 12 clicks to 14 clicks' })
    .getByRole('button', { name: 'worse' })
    .click();
  await expect(page.getByText('2 of 4 changes helped.', { exact: false })).toBeVisible();
});

test('a pair of sprockets chosen on the bench stands in the build, and undo takes it out', async ({
  page,
}) => {
  await openExample(page, '/gearing');
  await page.getByRole('combobox', { name: 'Candidate' }).selectOption('Wren 230');
  await page.getByRole('combobox', { name: 'Pair in hand' }).selectOption('14/53');
  const hand = page
    .locator('section')
    .filter({ has: page.getByRole('heading', { name: 'In hand' }) });
  // 51 to 53 behind: 51 ÷ 53 − 1 = −3.8 % speed, 53 ÷ 51 − 1 = +3.9 % revs.
  await expect(hand).toContainText('−3.8 % speed at the same revs, +3.9 % revs at the same speed');
  await hand.getByRole('button', { name: 'Take into the build' }).click();
  await expect(hand.getByText('In the build of Wren 230.')).toBeVisible();
  await hand.getByRole('button', { name: 'Keep for the trail' }).click();
  await page.getByRole('combobox', { name: 'Pair in hand' }).selectOption('15/51');
  await hand.getByRole('button', { name: 'Keep for the road' }).click();
  await expect(
    page.getByText(/Between them: countershaft sprocket and rear sprocket/),
  ).toBeVisible();
  await goTo(page, 'Build');
  await page
    .getByRole('button', { name: /Wren 230$/ })
    .first()
    .click();
  await expect(
    page.getByRole('button', { name: 'Take off Rear sprocket, 53 teeth', exact: true }),
  ).toBeVisible();
  for (let i = 0; i < 3; i += 1) await page.keyboard.press('Control+z');
  await expect(
    page.getByRole('button', { name: 'Take off Rear sprocket, 53 teeth', exact: true }),
  ).toHaveCount(0);
});

test('speed and revs read together count for the gears; what no machine does is refused', async ({
  page,
}) => {
  await openExample(page, '/gearing');
  await page.getByRole('combobox', { name: 'Candidate' }).selectOption('Wren 230');
  await page.getByLabel('Speed read').fill('90');
  await page.getByLabel('Revs read').fill('14000');
  await page.getByRole('button', { name: 'Keep what was read' }).click();
  await expect(page.getByText(/The redline is \d+ rpm: read the revs again/)).toBeVisible();
  await page.getByLabel('Revs read').fill('6000');
  await page.getByRole('button', { name: 'Keep what was read' }).click();
  await expect(
    page.getByText('top gear 15.0 km/h for each 1000 rpm, as read', { exact: false }),
  ).toBeVisible();
});

test('a shaft has no sprockets, and uncounted teeth are asked for', async ({ page }) => {
  await openExample(page, '/gearing');
  await page.getByRole('combobox', { name: 'Candidate' }).selectOption('Drover 430');
  await expect(
    page.getByText('Nobody has counted the teeth of Drover 430', { exact: false }),
  ).toBeVisible();
  await page.getByRole('combobox', { name: 'Candidate' }).selectOption('Bastion 1160');
  await expect(page.getByText('Bastion 1160 is driven by a shaft', { exact: false })).toBeVisible();
});

test('photos of a machine: shrunk, named, deleted and taken back; what is no picture or far too large is refused', async ({
  page,
}) => {
  await openExample(page, '/trials');
  await page.getByRole('combobox', { name: 'Candidate' }).selectOption('Pika 340 X');
  const picker = page.getByLabel('Photo of Pika 340 X');
  await picker.setInputFiles({
    name: 'fork.png',
    mimeType: 'image/png',
    buffer: await page.screenshot(),
  });
  await page.getByRole('button', { name: /^Open: Pika 340 X, photo of/ }).click();
  const picture = page.getByRole('img', { name: /^Pika 340 X, photo of/ });
  await expect
    .poll(() => picture.evaluate((img: HTMLImageElement) => img.naturalWidth))
    .toBeGreaterThan(100);
  await fill(page, 'What it shows', 'weeping fork seal');
  await page.getByRole('button', { name: 'Close' }).click();
  await expect(page.getByRole('button', { name: /weeping fork seal/ })).toBeVisible();
  for (const [name, size, words] of [
    ['notes.jpg', 20, 'is no picture that this browser can show'],
    ['film.jpg', 40_000_000, 'has 40 MB; pictures of up to 30 MB are taken'],
  ] as const) {
    // By its path: the browser opens it itself.
    const path = test.info().outputPath(name);
    writeFileSync(path, Buffer.alloc(size, 7));
    await picker.setInputFiles(path);
    await expect(page.getByText(`“${name}” ${words}`)).toBeVisible();
  }
  await page.reload();
  await page.getByRole('combobox', { name: 'Candidate' }).selectOption('Pika 340 X');
  await page.getByRole('button', { name: /^Open: Pika 340 X, weeping fork seal/ }).click();
  await page.getByRole('button', { name: 'Delete', exact: true }).click();
  await expect(page.getByRole('button', { name: /weeping fork seal/ })).toHaveCount(0);
  await page.getByRole('button', { name: 'Take it back' }).click();
  await expect(page.getByRole('button', { name: /weeping fork seal/ })).toBeVisible();
  // They have a file of their own, and are in no other.
  await goTo(page, 'Dossier');
  const waiting = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save them to a file' }).click();
  const file = await (await waiting).path();
  await page.getByLabel('File of photos').setInputFiles(file);
  await expect(page.getByText('1 of 1 photos taken in.')).toBeVisible();
  expect(JSON.stringify(await exported(page))).not.toContain('weeping fork seal');
});

test('the heart counts once it is given points, and as much as it is given', async ({ page }) => {
  await openExample(page, '/weigh-up');
  await expect(page.getByRole('rowheader', { name: /^Heart/ })).toHaveCount(0);
  const heart = page.getByRole('slider', { name: 'Heart' });
  await heart.focus();
  for (let i = 0; i < 3; i += 1) await page.keyboard.press('PageUp');
  await expect(page.getByText('The heart', { exact: true }).first()).toBeVisible();
  await goTo(page, 'Trials');
  await page.getByRole('button', { name: 'Note a ride' }).click();
  await expect(page.getByText(/It weighs \d+ % of the fit, as you set it/)).toBeVisible();
});

test('months and latitude say how long the light lasts, and the longest day ends in it or not', async ({
  page,
}) => {
  await openExample(page, '/brief');
  await openGroups(page);
  await page.getByLabel('First month ridden').selectOption('November');
  await page.getByLabel('Last month ridden').selectOption('February');
  await expect(page.getByText(/how long the days are hangs on the latitude/)).toBeVisible();
  await fill(page, 'Latitude', '90');
  await expect(page.getByText(/Must lie between .75 and 75 °/)).toBeVisible();
  await fill(page, 'Latitude', '50');
  await fill(page, 'Longest day', '500');
  await expect(page.getByText(/light lasts 8\.1 h on the shortest day/)).toContainText(
    'ends in the dark',
  );
  await fill(page, 'Longest day', '150');
  await expect(page.getByText(/light lasts 8\.1 h/)).toContainText('is done by then');
});
