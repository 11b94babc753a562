// npm run bench: speed on this machine, beside the figures of the last committed docs/bench.md.
import { spawn } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { gzipSync } from 'node:zlib';
import { chromium } from '@playwright/test';
import {
  assessing,
  doubting,
  doubtingInApp,
  planning,
  planningInNode,
} from './lib/bench-computing.mjs';
import { load } from './lib/bundle.mjs';
import { high, median } from './lib/figures.mjs';
import { build, freePort, ROOT } from './lib/run.mjs';

const LAUNCH = {
  executablePath: '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
};

/** Compressed size of the scripts that the weigh-up's page asks for in a browser of today, kB. */
function firstLoadScripts() {
  const html = readFileSync(path.join(ROOT, '.next/server/app/weigh-up.html'), 'utf8');
  const tags = [...html.matchAll(/<script[^>]*>/g)]
    .map((m) => m[0])
    .filter((tag) => !/\snomodule/i.test(tag));
  const scripts = new Set(tags.flatMap((tag) => /\ssrc="\/_next\/([^"?]+)/.exec(tag)?.[1] ?? []));
  return (
    [...scripts].reduce(
      (sum, file) => sum + gzipSync(readFileSync(path.join(ROOT, '.next', file))).length,
      0,
    ) / 1024
  );
}

/** From asking for the page to the frame that has the ranking of the example in it, on a first visit. */
async function firstRanking(browser, base) {
  const times = [];
  for (let i = 0; i < 5; i += 1) {
    const context = await browser.newContext({
      viewport: { width: 1280, height: 800 },
      serviceWorkers: 'block',
    });
    const page = await context.newPage();
    // By the page's own clock: a harness that looks every half second would add its own waiting.
    await page.addInitScript(() => {
      new MutationObserver((_, watching) => {
        if (!document.querySelector('table[aria-label="Candidates against the brief"]')) return;
        watching.disconnect();
        requestAnimationFrame(() =>
          setTimeout(() => {
            window.ranked_ = performance.timeOrigin + performance.now();
          }),
        );
      }).observe(document, { childList: true, subtree: true });
    });
    const begun = Date.now();
    await page.goto(base);
    const ranked = await page.waitForFunction(() => window.ranked_);
    times.push((await ranked.jsonValue()) - begun);
    await context.close();
  }
  return times;
}

/** The example with two copies, so that twelve candidates are weighed. */
async function twelve(page, base) {
  await page.goto(`${base}/donors`);
  for (let i = 0; i < 2; i += 1) {
    await page.getByRole('button', { name: 'More with this donor' }).click();
    await page.getByRole('menuitem', { name: 'Duplicate' }).click();
    await page.waitForTimeout(400);
  }
}

/** From the edit (its undo and redo, so that the weigh-up is on the screen) to the frame after the new ranking. */
async function editToRanking(browser, base) {
  const page = await (
    await browser.newContext({ viewport: { width: 1280, height: 800 }, serviceWorkers: 'block' })
  ).newPage();
  await page.goto(base);
  await page.getByRole('heading', { level: 1, name: 'Weigh-up' }).waitFor();
  await twelve(page, base);
  await page.goto(`${base}/brief`);
  await page.getByRole('button', { name: 'Trip', exact: true }).click();
  await page.getByLabel('Longest fuel gap', { exact: true }).fill('190');
  await page.keyboard.press('Tab');
  await page
    .getByRole('navigation', { name: 'Steps' })
    .getByRole('link', { name: 'Weigh-up' })
    .first()
    .click();
  await page.getByRole('table', { name: 'Candidates against the brief' }).waitFor();
  await page.waitForTimeout(800);
  return page.evaluate(async () => {
    const times = [];
    for (let i = 0; i < 40; i += 1) {
      await new Promise((done) => setTimeout(done, 400));
      const table = document.querySelector('table[aria-label="Candidates against the brief"]');
      const changed = new Promise((done) => {
        const observer = new MutationObserver(() => {
          observer.disconnect();
          requestAnimationFrame(() => setTimeout(() => done(performance.now()), 0));
        });
        observer.observe(table, {
          subtree: true,
          childList: true,
          characterData: true,
          attributes: true,
        });
      });
      const begun = performance.now();
      window.dispatchEvent(
        new KeyboardEvent('keydown', {
          key: 'z',
          ctrlKey: true,
          shiftKey: i % 2 === 1,
          bubbles: true,
        }),
      );
      times.push((await changed) - begun);
    }
    return times;
  });
}

/** Median of ten readings for each kind of 10 kB text, after warming up: the slowest kind, ms. */
async function readingTexts() {
  const { readSpecText } = await load('src/core/spec-text/index.ts');
  const sheet =
    'Kerb weight 187 kg (412 lb). Seat height 34.6 in (879 mm). 61 hp @ 8 250 rpm, travel front/rear 240/230 mm; every 4 000 miles or 40 hours.\n';
  const kinds = {
    sheet,
    prose:
      'We rode on for a while and the front felt light over the rear of the tank, which is fine. ',
    digits: '1 234 ',
    labels: 'seat height travel front rear weight dry ',
    line: 'Seat height 880 mm, tank 11,6 l, ',
  };
  const times = Object.values(kinds).map((text) => {
    const long = text.repeat(Math.ceil(10_240 / text.length)).slice(0, 10_240);
    for (let i = 0; i < 3; i += 1) readSpecText(long);
    return median(
      Array.from({ length: 10 }, () => {
        const begun = performance.now();
        readSpecText(long);
        return performance.now() - begun;
      }),
    );
  });
  return Math.max(...times);
}

/** How well the corpus of texts is read, by kind: found of what is there, right of what is proposed, wrong of what is ticked. */
async function readingWell() {
  const { readText } = await load('src/core/spec-text/index.ts');
  const { corpus, scored, sum } = await load('test/corpus/corpus.ts');
  return ['tune', 'held'].flatMap((half) => {
    const texts = corpus(half);
    return [...new Set(texts.map((t) => t.kind))].map((kind) => {
      const s = sum(
        texts
          .filter((t) => t.kind === kind)
          .map((t) =>
            scored(
              t,
              readText(t.text).machines.map((m) => m.proposals),
            ),
          ),
      );
      const share = (a, b) => (b === 0 ? '–' : `${((100 * a) / b).toFixed(1)} %`);
      return `${half} · ${kind}: found ${share(s.found, s.wanted)} of ${s.wanted}, right ${share(s.right, s.offered)} of ${s.offered}, wrong ${s.wrongTicked} of ${s.ticked} ticked`;
    });
  });
}

/** 1 000 donors read from a table; each letter typed into the search, to the frame after the list has changed. */
async function searching(browser, base) {
  const page = await (
    await browser.newContext({ viewport: { width: 1280, height: 800 }, serviceWorkers: 'block' })
  ).newPage();
  await page.goto(base);
  await page.getByRole('heading', { level: 1, name: 'Weigh-up' }).waitFor();
  await page.goto(`${base}/donors`);
  const words = ['plover', 'heron', 'wren', 'finch', 'curlew', 'teal'];
  const rows = Array.from(
    { length: 988 },
    (_, i) => `Hollin,${words[i % 6]} ${i},${120 + (i % 90)},${15 + (i % 40)},${800 + (i % 120)}`,
  );
  await page.getByRole('button', { name: 'Tables in and out' }).click();
  await page.getByLabel('Table file').setInputFiles({
    name: 'thousand.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(['Make,Model,Mass (kg),Power (kW),Seat height (mm)', ...rows].join('\n')),
  });
  await page.getByRole('button', { name: 'Enter 988 donors' }).click();
  await page.getByText('1000 donors', { exact: true }).waitFor();
  await page.waitForTimeout(1500);
  return page.evaluate(async () => {
    const field = document.querySelector('input[aria-label="Search donors"]');
    const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set;
    const times = [];
    const empty = [];
    for (const word of ['heron 9', 'teal 1', 'curlew', 'finch 88', 'wren 4']) {
      for (let i = 1; i <= word.length; i += 1) {
        const changed = new Promise((done) => {
          const observer = new MutationObserver(() => {
            observer.disconnect();
            const inPage = performance.now();
            requestAnimationFrame(() =>
              setTimeout(() => done({ inPage, drawn: performance.now() }), 0),
            );
          });
          observer.observe(document.querySelector('[aria-label="Donors found"]'), {
            subtree: true,
            childList: true,
            characterData: true,
            attributes: true,
          });
          setTimeout(() => done(undefined), 400);
        });
        const begun = performance.now();
        set.call(field, word.slice(0, i));
        field.dispatchEvent(new Event('input', { bubbles: true }));
        const end = await changed;
        if (end !== undefined) times.push({ inPage: end.inPage - begun, drawn: end.drawn - begun });
        await new Promise((done) => setTimeout(done, 120));
        const idle = performance.now();
        await new Promise((done) => requestAnimationFrame(() => setTimeout(done, 0)));
        empty.push(performance.now() - idle);
      }
    }
    return { times, empty };
  });
}

/** A ground slider of the brief moved by a key, to the frame after the order beside it has changed; an empty frame beside it. */
async function slider(browser, base) {
  const page = await (
    await browser.newContext({ viewport: { width: 1280, height: 800 }, serviceWorkers: 'block' })
  ).newPage();
  await page.goto(base);
  await page.getByRole('heading', { level: 1, name: 'Weigh-up' }).waitFor();
  await page.goto(`${base}/brief`);
  await page.getByRole('button', { name: 'Ground', exact: true }).click();
  await page.getByRole('slider', { name: 'Graded gravel, share' }).focus();
  await page.waitForTimeout(1500);
  return page.evaluate(async () => {
    const thumb = document.activeElement;
    const order = [...document.querySelectorAll('ol')].find((o) =>
      o.textContent.includes('Sorrel 300 Longway'),
    );
    const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set;
    const [times, empty] = [[], []];
    const frame = () => new Promise((done) => requestAnimationFrame(() => setTimeout(done, 0)));
    for (let i = 0; i < 60; i += 1) {
      await frame();
      const idle = performance.now();
      await frame();
      empty.push(performance.now() - idle);
      const changed = new Promise((done) => {
        const observer = new MutationObserver(() => {
          observer.disconnect();
          void frame().then(() => done(performance.now()));
        });
        observer.observe(order, {
          subtree: true,
          childList: true,
          characterData: true,
          attributes: true,
        });
        setTimeout(() => done(undefined), 1000);
      });
      const begun = performance.now();
      set.call(thumb, String(Number(thumb.value) + (i % 20 < 10 ? 1 : -1)));
      thumb.dispatchEvent(new Event('input', { bubbles: true }));
      const end = await changed;
      if (end !== undefined) times.push(end - begun);
      await new Promise((done) => setTimeout(done, 60));
    }
    return { times, empty };
  });
}

/** Everything once, each row a name and a figure. */
async function measured() {
  const browser = await chromium.launch(LAUNCH);
  const rows = [['first-load JavaScript, gzip (kB)', Math.round(firstLoadScripts())]];
  const ranking = await firstRanking(browser, base);
  rows.push(['first visit to first ranking, median of 5 (ms)', Math.round(median(ranking))]);
  const edits = await editToRanking(browser, base);
  rows.push(
    [
      'edit in the brief to the new ranking, 12 candidates, median of 40 (ms)',
      Math.round(median(edits)),
    ],
    ['edit to ranking, 95th percentile (ms)', Math.round(high(edits))],
  );
  const moved = await slider(browser, base);
  rows.push(
    [
      'a slider of the brief to the picture, 10 candidates, median (ms)',
      Math.round(median(moved.times)),
    ],
    ['slider to picture, 95th percentile (ms)', Math.round(high(moved.times))],
    [
      'slider to picture, 95th percentile as a multiple of an empty frame',
      Math.round(high(moved.times) / median(moved.empty)),
    ],
  );
  const assessed = await assessing();
  rows.push(
    ['one assessment, median (ms)', assessed.one.toFixed(2)],
    ['40 assessments, median (ms)', assessed.forty.toFixed(1)],
  );
  const planned = await planning(browser, base, twelve);
  rows.push(
    [
      'money curve, 12 candidates and the shipped parts: to the first build of every candidate (s)',
      (planned.first / 1000).toFixed(1),
    ],
    ['to every curve planned (s)', (planned.whole / 1000).toFixed(1)],
    ['longest frame meanwhile, 99th percentile (ms)', Math.round(planned.frame)],
    ['stop to stopped (ms)', Math.round(planned.stop)],
  );
  const plans = await planningInNode();
  rows.push(
    [
      'best build of one candidate in Node, three rounds, median of 30 (ms)',
      Math.round(plans.best),
    ],
    ['one solve of the same program in a plain loop, median (ms)', Math.round(plans.solve)],
    ['best build as a multiple of that solve', (plans.best / plans.solve).toFixed(1)],
  );
  const doubted = await doubting();
  rows.push(
    [
      '20 000 draws of weights and figures, 12 candidates, every want (ms)',
      Math.round(doubted.whole),
    ],
    ['to the first 1 000 draws (ms)', Math.round(doubted.first)],
  );
  const seen = await doubtingInApp(browser, base, twelve);
  rows.push(
    [
      'draws anew in the app, 12 candidates, with a quarter second of rest: to the first result (ms)',
      Math.round(seen.first),
    ],
    ['to the last (ms)', Math.round(seen.whole)],
    ['longest frame meanwhile (ms)', Math.round(seen.frame)],
  );
  const typed = await searching(browser, base);
  const [inPage, drawn] = [typed.times.map((t) => t.inPage), typed.times.map((t) => t.drawn)];
  rows.push(
    [
      'a letter in the search to the list in the page, 1 000 donors, median (ms)',
      Math.round(median(inPage)),
    ],
    ['letter to list in the page, 95th percentile (ms)', Math.round(high(inPage))],
    ['letter to list drawn, median (ms)', Math.round(median(drawn))],
    ['an empty frame beside it, median (ms)', Math.round(median(typed.empty))],
  );
  rows.push([
    'reading 10 kB of text, the slowest kind, median of ten (ms)',
    Math.round(await readingTexts()),
  ]);
  await browser.close();
  return rows.map(([name, value]) => [name, Number(value)]);
}

if (!build()) process.exit(1);
const port = await freePort(3400);
const server = spawn(
  process.execPath,
  ['node_modules/next/dist/bin/next', 'start', '-H', '127.0.0.1', '-p', String(port)],
  { cwd: ROOT, stdio: 'ignore', env: { ...process.env, JUGATOR_EXAMPLE: '1' } },
);
process.on('exit', () => server.kill());
const base = `http://127.0.0.1:${port}`;
for (let i = 0; i < 60; i += 1)
  if (
    await fetch(base).then(
      () => true,
      () => new Promise((done) => setTimeout(() => done(false), 250)),
    )
  )
    break;
const TIMES = Number(/--times[= ](\d+)/.exec(process.argv.join(' '))?.[1] ?? 1);
const rounds = [];
for (let i = 0; i < TIMES; i += 1) rounds.push(await measured());
/** Of each row the median of all rounds and the worst: less is better in every one. */
const rows = rounds[0].map(([name], i) => {
  const values = rounds.map((r) => r[i][1]);
  return [name, median(values), Math.max(...values)];
});

const file = path.join(ROOT, 'docs/bench.md');
const last = existsSync(file)
  ? new Map(
      [...readFileSync(file, 'utf8').matchAll(/^\| (.+?) \| ([\d.]+) \|(?: [\d.]+ \|)?$/gm)].map(
        (m) => [m[1], m[2]],
      ),
    )
  : new Map();
for (const [name, value, worst] of rows)
  console.log(
    `${name}: ${value}${TIMES > 1 ? `, worst ${worst}` : ''}${last.has(name) ? ` (last committed: ${last.get(name)})` : ''}`,
  );
const reading = await readingWell();
for (const line of reading) console.log(line);
if (process.argv.includes('--write')) {
  mkdirSync(path.dirname(file), { recursive: true });
  writeFileSync(
    file,
    `# Speed\n\nWritten by \`npm run bench -- --write --times ${TIMES}\` on a machine with 2 cores: of ${TIMES} ${TIMES === 1 ? 'run' : 'runs'} the median and the worst; \`npm run bench\` prints new figures beside the medians. Noisy: read them as sizes, not as limits.\n\n| what | median | worst |\n| --- | --- | --- |\n${rows.map((r) => `| ${r.join(' | ')} |`).join('\n')}\n\n## How well text is read\n\nThe corpus of made-up texts in \`test/corpus\`, each beside what a careful person finds in it; \`tune\` was looked at while the reader was built.\n\n${reading.map((l) => `- ${l}`).join('\n')}\n`,
  );
}
process.exit(0);
