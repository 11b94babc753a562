import { expect, test } from './test';
import { simulateRanks } from '@/core/doubt';
import { shortName } from '@/core/donor';
import { parseDossierFile } from '@/store/files';
import { doubtModel, DRAWING, standing } from '@/store/queries';
import { exported, goTo, openExample, withExample } from './helpers';

test.use(withExample);

test('the worker in the browser draws what the computation draws here, for the same seed', async ({
  page,
}) => {
  await openExample(page, '/dossier');
  const parsed = parseDossierFile(await exported(page));
  const now = parsed.kind === 'dossier' ? standing(parsed.dossier) : undefined;
  if (!now) throw new Error('no standing');
  const here = [...simulateRanks(doubtModel(now, 'stock', 'order'), DRAWING)].at(-1);
  await goTo(page, 'Weigh-up');
  await page.getByRole('link', { name: 'How sure' }).first().click();
  await expect(
    page.getByText(new RegExp(`^${Math.round((here?.samples ?? 0) / 1000)}\\u202f000 draws, `)),
  ).toBeVisible({ timeout: 30_000 });
  const places = page.getByRole('region', { name: 'Places in all draws, shares in percent' });
  let compared = 0;
  for (const [i, id] of (here?.ids ?? []).entries()) {
    const first = here?.acceptability[i]?.[0] ?? 0;
    const entry = now.candidates.find((c) => c.candidate.id === id);
    if (!entry || first < 0.005) continue;
    const row = places.locator('tbody tr').filter({
      has: page.getByRole('img', {
        name: `plate ${String.fromCharCode(65 + entry.candidate.plate)}`,
      }),
    });
    await expect(row.locator('b'), shortName(entry.donor)).toHaveText(
      String(Math.round(first * 100)),
    );
    compared += 1;
  }
  expect(compared).toBeGreaterThan(2);
});

test('weights within bounds: near where they are the first is surer than at any weights, and purposes have odds of their own', async ({
  page,
}) => {
  await openExample(page, '/weigh-up/doubt');
  const share = async (): Promise<number> => {
    await expect(page.getByText(/^20\u202f000 draws, /)).toBeVisible({ timeout: 30_000 });
    return Number(
      /first in (\d+) %/.exec(
        await page
          .getByText(/comes first in/)
          .first()
          .innerText(),
      )?.[1],
    );
  };
  const settled = async (option: string): Promise<number> => {
    await page.getByLabel('Weights:').selectOption(option);
    // Drawing begins a quarter of a second after the choice; until then the last result stays.
    await page.waitForTimeout(1500);
    return share();
  };
  await share();
  const near = await settled('each by up to a quarter');
  expect(near).toBeGreaterThanOrEqual(await settled('anything at all'));
  await expect(page.getByRole('heading', { name: 'Readings the first hangs on' })).toBeVisible();
});
