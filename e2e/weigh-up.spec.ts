import { expect, test } from './test';
import { fill, goTo, openExample, stored, withExample } from './helpers';

test.use(withExample);

test('purposes: each has its own order; ground and beliefs are set for the one that is looked at', async ({
  page,
}) => {
  await openExample(page);
  const purposes = page.getByRole('group', { name: 'Purpose' });
  const answer = page.getByText(/^None keeps every must surely as they stand\. Nearest: /);
  await expect(answer).toContainText('Sorrel 300 Longway, 75 of 100, range in 2');
  const whole = (await answer.textContent()) ?? '';
  await purposes.getByRole('button', { name: 'Home trails' }).click();
  await expect(page.getByText(whole)).toHaveCount(0);
  await expect(page.getByText(/ as (they|it) stands?[.:]/).first()).toBeVisible();
  await expect(page.getByRole('region', { name: 'Every purpose' }).getByRole('row')).toHaveCount(
    11,
  );
  await purposes.getByRole('link', { name: 'Edit purposes' }).click();
  await expect(page.getByRole('button', { name: 'Home trails', pressed: true })).toBeVisible();
  await page.getByRole('button', { name: 'Add a purpose' }).click();
  await page.getByLabel('Name', { exact: true }).first().fill('Gravel week');
  await page.getByLabel('Size', { exact: true }).selectOption({ label: 'light first' });
  await stored(page);
  await page.reload();
  await expect(page.getByRole('button', { name: 'Gravel week', pressed: true })).toBeVisible();
  await expect(page.getByLabel('Size', { exact: true })).toHaveValue('light-first');
  await page.getByRole('button', { name: 'The whole of it' }).click();
  await expect(page.getByLabel('Size', { exact: true })).toHaveValue('');
  await page.getByRole('button', { name: 'Gravel week' }).click();
  await page.getByRole('button', { name: 'Remove Gravel week' }).click();
  await expect(page.getByRole('button', { name: 'Gravel week' })).toHaveCount(0);
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(page.getByRole('button', { name: 'Gravel week' })).toBeVisible();
});

test('a purpose with a load and road of its own: a passenger on it changes its answer and nobody else’s', async ({
  page,
}) => {
  await openExample(page, '/brief');
  await page.getByRole('button', { name: 'Weekdays and the way there', exact: true }).click();
  const passenger = page.getByLabel('Passenger with kit', { exact: true }).first();
  await expect(passenger).toHaveAttribute('placeholder', 'none');
  await passenger.fill('500');
  await passenger.blur();
  await expect(page.getByText(/Must lie between 0 and 180/).first()).toBeVisible();
  await passenger.fill('80');
  await passenger.blur();
  await page.getByLabel('Longest fuel gap', { exact: true }).first().fill('120');
  await stored(page);
  await goTo(page, 'Weigh-up');
  const purposes = page.getByRole('group', { name: 'Purpose' });
  await purposes.getByRole('button', { name: /^Autumn crossing/ }).click();
  await expect(page.getByText(/Nearest: Sorrel 300 Longway, 75 of 100/)).toBeVisible();
  await purposes.getByRole('button', { name: 'Weekdays and the way there' }).click();
  await expect(page.getByText(/^Drover 430 .*every must kept\.$/)).toBeVisible();
  await expect(page.getByText(/Ruled out: .*Sorrel 300 Longway \(payload\)/)).toBeVisible();
});

test('the order follows the brief while it is edited', async ({ page }) => {
  await openExample(page, '/brief');
  const order = page.locator('ol').filter({ hasText: 'Sorrel 300 Longway' });
  await expect(order.getByRole('listitem').first()).toContainText('range');
  await expect(order.getByRole('listitem').filter({ hasText: 'Wren 230' })).toContainText('range');
  await page.getByLabel('Longest fuel gap', { exact: true }).fill('100');
  // With a gap that all can cover, the one worth most leads.
  await expect(order.getByRole('listitem').first()).toContainText('Sorrel 300 Longway');
  await expect(order.getByRole('listitem').first()).not.toContainText('range');
  await expect(order.getByRole('listitem').filter({ hasText: 'Wren 230' })).not.toContainText(
    'range',
  );
});

test('sits: each moves the rider’s own reach, with before and after; a bad seat height is refused', async ({
  page,
}) => {
  await openExample(page, '/brief');
  await expect(page.getByText(/before any sit 0 ± 17 mm; after 2: 3 ± 11 mm/)).toBeVisible();
  await page.getByRole('button', { name: 'Add a sit' }).click();
  await page.getByLabel('Machine', { exact: true }).fill('Neighbour’s Plover');
  await page.getByLabel('Its seat height').fill('tall');
  await page.getByRole('button', { name: 'Keep the sit' }).click();
  await expect(page.getByText(/“tall” is not/)).toBeVisible();
  await page.getByLabel('Its seat height').fill('33 in');
  await page.getByLabel('Your feet').selectOption({ label: 'both feet flat' });
  await page.getByRole('button', { name: 'Keep the sit' }).click();
  await expect(page.getByText(/Neighbour’s Plover, 838 mm/)).toBeVisible();
  await expect(page.getByText(/after 3: −\d+ ± \d+ mm/)).toBeVisible();
  await page.getByRole('button', { name: 'Remove the sit on Neighbour’s Plover' }).click();
  await expect(page.getByText(/after 2: 3 ± 11 mm/)).toBeVisible();
});

test('side by side: hide what is equal, more lines, weights by hand, head to head, likes and dislikes kept', async ({
  page,
}) => {
  await openExample(page);
  const table = page.getByRole('table', { name: 'Candidates against the brief' });
  const lines = table.locator('tbody tr.line');
  const before = await lines.count();
  await page.getByText('Under load and keeping it, too').click();
  await expect.poll(() => lines.count()).toBeGreaterThan(before + 10);
  const all = await lines.count();
  await page.getByText('Hide what is equal').click();
  await expect.poll(() => lines.count()).toBeLessThan(all);

  await page.getByLabel('Wind', { exact: true }).fill('0');
  await expect(
    page.getByRole('button', { name: 'Wind: back to what the ground says' }),
  ).toBeVisible();
  await expect(
    page.getByText(/level as they stand|fits this brief best|None keeps every must/),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Wind: back to what the ground says' }).click();
  await expect(page.getByText(/Nearest: Sorrel 300 Longway, 75 of 100/)).toBeVisible();

  await table.getByRole('button', { name: 'Bastion 1160', exact: false }).first().click();
  await page.getByRole('button', { name: /^Ready mass 252 kg: \d+ kg too much/ }).click();
  await expect(
    page.getByRole('listitem').filter({ hasText: /Ready mass 252 kg: \d+ kg too much/ }),
  ).toBeVisible();
  await stored(page);
  await page.reload();
  await table.getByRole('button', { name: 'Bastion 1160', exact: false }).first().click();
  await expect(
    page.getByRole('listitem').filter({ hasText: /Ready mass 252 kg: \d+ kg too much/ }),
  ).toBeVisible();
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 } });
  test('three beside each other, any of them changed, nothing wider than the screen', async ({
    page,
  }) => {
    await openExample(page);
    const table = page.getByRole('table', { name: 'Candidates against the brief' });
    await expect(table.locator('thead th')).toHaveCount(3);
    await page.getByLabel('Column 2').selectOption({ label: 'Wren 230' });
    await expect(table.locator('thead th').nth(1)).toContainText('Wren 230');
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(
      390,
    );
  });
});

test('how sure: shares of all draws, what would turn it, what to find out; weights held or let go', async ({
  page,
}) => {
  await openExample(page);
  await page.getByRole('link', { name: 'How sure is this?' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'How sure' })).toBeVisible();
  await expect(page.getByText(/(comes first in \d+ % of all draws|are level: )/)).toBeVisible({
    timeout: 30_000,
  });
  const places = page.getByRole('region', { name: 'Places in all draws, shares in percent' });
  await expect(places.getByRole('row')).toHaveCount(11);
  await expect(places.getByRole('row', { name: /Wren 230/ })).toContainText('100');
  await expect(
    page
      .getByText(
        /would be ahead if it kept range 260 km|itself breaks a must where it does not reach range 260 km/,
      )
      .first(),
  ).toBeVisible();
  await expect(
    page
      .getByText(
        /^Consumption of .*the choice would be \d+\.\d points better on average, and another one in .* of 100\. Ask for fuel/,
      )
      .first(),
  ).toBeVisible();
  await page.getByLabel('Weights:').selectOption({ label: 'just as they are' });
  await expect(
    page.getByText(
      'The weights are held as they are; let them vary to see who would choose which.',
    ),
  ).toBeVisible();
  await page.getByLabel('Which state').selectOption('built');
  await expect(
    page.getByText(
      /^Wren 230 fits this brief best with the parts chosen: 7\d of 100, every must kept/,
    ),
  ).toBeVisible();
  await expect(
    page.getByText(/Wren 230 keeps every must in (9\d|100) % and comes first/),
  ).toBeVisible({
    timeout: 30_000,
  });
});

test('three states: as they stand, with my parts, with the best parts; strip and answer name the same', async ({
  page,
}) => {
  await openExample(page);
  const strip = page.getByRole('navigation', { name: 'Steps' });
  await expect(strip.getByText('none surely; nearest: Sorrel 300 Longway')).toBeAttached();
  await page.getByRole('button', { name: 'With my parts' }).click();
  await expect(
    page.getByText(/^Wren 230 fits this brief best with the parts chosen/),
  ).toBeVisible();
  await expect(strip.getByText('with my parts, ahead: Wren 230')).toBeAttached();
  await page.getByRole('button', { name: 'With the best parts' }).click();
  await expect(
    page.getByText(
      /^Sorrel 300 fits this brief best with the best parts for the money: 8\d of 100, every must kept/,
    ),
  ).toBeVisible({ timeout: 60_000 });
  await expect(strip.getByText('with the best parts, ahead: Sorrel 300')).toBeAttached({
    timeout: 60_000,
  });
});

test('how sure a must has to be: asked less, one keeps them; a share outside is refused with its limits', async ({
  page,
}) => {
  await openExample(page, '/brief');
  const field = page.getByLabel('How sure a must has to be', { exact: true });
  await field.fill('30');
  await field.blur();
  await expect(page.getByText('Must lie between 50 and 95 %.').first()).toBeVisible();
  await field.fill('50');
  await field.blur();
  await stored(page);
  await goTo(page, 'Weigh-up');
  await expect(page.getByText(/Postmark 640 V/).first()).toBeVisible();
  await expect(
    page.getByText(/^None keeps every must surely|fits this brief best/).first(),
  ).toBeVisible();
});

test('a must that a part would turn says so, and follows the next edit', async ({ page }) => {
  await openExample(page);
  const turned = page.getByRole('region', { name: 'Side by side' }).getByText('+ part');
  await expect(turned.first()).toBeVisible();
  await goTo(page, 'Brief');
  await fill(page, 'Longest fuel gap', '60');
  await goTo(page, 'Weigh-up');
  // A tank of any of them lasts so far: no range is left for a part to turn.
  await expect(page.getByText('~ range')).toHaveCount(0);
  const few = await turned.count();
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(turned).not.toHaveCount(few);
});
