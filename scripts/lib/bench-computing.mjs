// What the bench times of assessing, planning and doubt.
import { load } from './bundle.mjs';
import { median } from './figures.mjs';

/** One assessment of each candidate of the example as it stands, over and over: medians, ms. */
export async function assessing() {
  const [{ assess }, { standing }, { demoDossier }] = await Promise.all(
    ['src/core/assessment/index.ts', 'src/store/queries/index.ts', 'src/demo/scenario.ts'].map(
      load,
    ),
  );
  const bare = standing(demoDossier()).candidates.map((c) => c.bare);
  const timed = (count) => {
    const begun = performance.now();
    for (let i = 0; i < count; i += 1) assess({ ...bare[i % bare.length], parts: [] });
    return performance.now() - begun;
  };
  for (let i = 0; i < 10; i += 1) timed(40);
  return {
    one: median(Array.from({ length: 400 }, () => timed(1))),
    forty: median(Array.from({ length: 40 }, () => timed(40))),
  };
}

/** Twelve candidates on the money curve: to the first build of each, to the whole, frames meanwhile, and how soon a stop acts. */
export async function planning(browser, base, twelve) {
  const page = await (
    await browser.newContext({ viewport: { width: 1280, height: 800 }, serviceWorkers: 'block' })
  ).newPage();
  await page.goto(base);
  await page.getByRole('heading', { level: 1, name: 'Weigh-up' }).waitFor();
  await twelve(page, base);
  await page
    .getByRole('navigation', { name: 'Steps' })
    .getByRole('link', { name: 'Build' })
    .first()
    .click();
  await page.evaluate(() => {
    window.frames_ = [];
    let last = performance.now();
    const frame = (now) => {
      window.frames_.push(now - last);
      last = now;
      requestAnimationFrame(frame);
    };
    requestAnimationFrame(frame);
  });
  const begun = Date.now();
  await page
    .getByRole('navigation', { name: 'Rooms of the build' })
    .getByRole('link', { name: 'Money curve' })
    .click();
  await page.waitForFunction(
    () =>
      document.querySelector('[role=status]') && !document.body.textContent.includes('planning …'),
    undefined,
    { timeout: 120_000 },
  );
  const first = Date.now() - begun;
  await page.getByText('Every curve is planned').waitFor({ timeout: 300_000 });
  const whole = Date.now() - begun;
  const frame = await page.evaluate(
    () => window.frames_.toSorted((a, b) => a - b)[Math.floor(window.frames_.length * 0.99)],
  );
  await page.getByText('Nothing that may end road approval').click();
  await page.getByRole('button', { name: 'Stop', exact: true }).waitFor();
  const stop = await page.evaluate(async () => {
    const button = [...document.querySelectorAll('button')].find((b) => b.textContent === 'Stop');
    const at = performance.now();
    button.click();
    while (!document.querySelector('[role=status]').textContent.startsWith('Stopped'))
      await new Promise((done) => setTimeout(done, 5));
    return performance.now() - at;
  });
  return { first, whole, frame, stop };
}

/** The best build of one candidate, and one solve of its program, in this process. */
export async function planningInNode() {
  const [
    { default: loadHighs },
    { bestBuild, planModelOf },
    { planProgram },
    { planSetting, standing },
    { demoDossier },
  ] = await Promise.all([
    import('highs'),
    load('src/core/build/index.ts'),
    load('src/core/planning/index.ts'),
    load('src/store/queries/index.ts'),
    load('src/demo/scenario.ts'),
  ]);
  const highs = await loadHighs();
  const dossier = demoDossier();
  const now = standing(dossier);
  const setting = planSetting(
    dossier,
    now,
    now.candidates.find((c) => c.candidate.id === 'c-sorrel-300'),
    { legalOnly: false, today: '2026-12-01' },
  );
  const timed = (act, times) =>
    Array.from({ length: times }, () => {
      const begun = performance.now();
      act();
      return performance.now() - begun;
    });
  const { text } = planProgram(planModelOf(setting).model, { aim: 'value', spend: 9550 });
  timed(
    () => highs.solve(text, { mip_rel_gap: 0, mip_allow_restart: false, output_flag: false }),
    5,
  );
  return {
    best: median(timed(() => bestBuild(highs, setting, 9550), 30)),
    solve: median(
      timed(
        () => highs.solve(text, { mip_rel_gap: 0, mip_allow_restart: false, output_flag: false }),
        30,
      ),
    ),
  };
}

/** Twelve candidates drawn anew in the app after another way of drawing was chosen, its quarter second of rest included: to the first result, to the last, frames meanwhile. */
export async function doubtingInApp(browser, base, twelve) {
  const page = await (
    await browser.newContext({ viewport: { width: 1280, height: 800 }, serviceWorkers: 'block' })
  ).newPage();
  await page.goto(base);
  await page.getByRole('heading', { level: 1, name: 'Weigh-up' }).waitFor();
  await twelve(page, base);
  await page
    .getByRole('navigation', { name: 'Steps' })
    .getByRole('link', { name: 'Weigh-up' })
    .first()
    .click();
  await page.getByRole('link', { name: 'How sure' }).first().click();
  await page.getByText(/^20\u202f000 draws, /).waitFor({ timeout: 60_000 });
  await page.waitForTimeout(2000);
  return page.evaluate(async () => {
    const select = document.querySelector('#weight-doubt');
    const status = document.querySelector('main [role=status]');
    const frames = [];
    let last = performance.now();
    let on = true;
    const frame = (now) => {
      frames.push(now - last);
      last = now;
      if (on) requestAnimationFrame(frame);
    };
    requestAnimationFrame(frame);
    const begun = performance.now();
    select.value = 'free';
    select.dispatchEvent(new Event('change', { bubbles: true }));
    const until = async (test) => {
      while (!test(status.textContent)) await new Promise((done) => setTimeout(done, 4));
      return performance.now() - begun;
    };
    const first = await until((text) => text.includes('so far'));
    const whole = await until((text) => text.includes('draws,'));
    on = false;
    return {
      first,
      whole,
      frame: frames.toSorted((a, b) => a - b)[Math.floor(frames.length * 0.99)],
    };
  });
}

/** Rank acceptabilities of twelve candidates: the example's ten and two of them again. */
export async function doubting() {
  const [{ simulateRanks }, { doubtModel, standing }, { demoDossier }] = await Promise.all(
    ['src/core/doubt/index.ts', 'src/store/queries/index.ts', 'src/demo/scenario.ts'].map(load),
  );
  const model = doubtModel(standing(demoDossier()), 'stock', 'order');
  const twelve = {
    ...model,
    alternatives: [
      ...model.alternatives,
      ...model.alternatives.slice(0, 2).map((a) => ({ ...a, id: `${a.id}-again` })),
    ],
  };
  const once = () => {
    const begun = performance.now();
    let first;
    for (const result of simulateRanks(twelve, { seed: 1, most: 20_000, every: 1000, error: 0 }))
      first ??= [result, performance.now() - begun][1];
    return { first, whole: performance.now() - begun };
  };
  const runs = Array.from({ length: 5 }, once);
  return { first: median(runs.map((r) => r.first)), whole: median(runs.map((r) => r.whole)) };
}
