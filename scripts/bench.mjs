// npm run bench: speed on this machine, beside the figures of the last committed docs/bench.md.
import { spawn } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { gzipSync } from 'node:zlib';
import { chromium } from '@playwright/test';
import { build, freePort, ROOT } from './lib/run.mjs';

const median = (list) => list.toSorted((a, b) => a - b)[Math.floor(list.length / 2)];
const high = (list) => list.toSorted((a, b) => a - b)[Math.floor(list.length * 0.95)];
const LAUNCH = { executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'] };

/** Compressed size of the scripts that the weigh-up's page asks for, kB. */
function firstLoadScripts() {
  const html = readFileSync(path.join(ROOT, '.next/server/app/weigh-up.html'), 'utf8');
  const scripts = new Set([...html.matchAll(/<script[^>]*\ssrc="\/_next\/([^"?]+)/g)].map((m) => m[1]));
  return [...scripts].reduce((sum, file) => sum + gzipSync(readFileSync(path.join(ROOT, '.next', file))).length, 0) / 1024;
}

async function firstRanking(browser, base) {
  const times = [];
  for (let i = 0; i < 5; i += 1) {
    const context = await browser.newContext({ viewport: { width: 1280, height: 800 }, serviceWorkers: 'block' });
    const page = await context.newPage();
    const begun = Date.now();
    await page.goto(base);
    await page.getByRole('table', { name: 'Candidates against the brief' }).waitFor();
    times.push(Date.now() - begun);
    await context.close();
  }
  return times;
}

/** The example with three copies, so that twelve candidates are weighed. */
async function twelve(page, base) {
  await page.goto(`${base}/donors`);
  for (let i = 0; i < 3; i += 1) {
    await page.getByRole('button', { name: 'Duplicate', exact: true }).click();
    await page.waitForTimeout(400);
  }
}

/** From the edit (its undo and redo, so that the weigh-up is on the screen) to the frame after the new ranking. */
async function editToRanking(browser, base) {
  const page = await (await browser.newContext({ viewport: { width: 1280, height: 800 }, serviceWorkers: 'block' })).newPage();
  await page.goto(base);
  await page.getByRole('heading', { level: 1, name: 'Weigh-up' }).waitFor();
  await twelve(page, base);
  await page.goto(`${base}/brief`);
  await page.getByLabel('Longest fuel gap', { exact: true }).fill('190');
  await page.keyboard.press('Tab');
  await page.getByRole('navigation', { name: 'Steps' }).getByRole('link', { name: 'Weigh-up' }).first().click();
  await page.getByRole('table', { name: 'Candidates against the brief' }).waitFor();
  await page.waitForTimeout(800);
  return page.evaluate(async () => {
    const times = [];
    for (let i = 0; i < 40; i += 1) {
      await new Promise((done) => setTimeout(done, 400));
      const table = document.querySelector('table[aria-label="Candidates against the brief"] tbody');
      const changed = new Promise((done) => {
        const observer = new MutationObserver(() => {
          observer.disconnect();
          requestAnimationFrame(() => setTimeout(() => done(performance.now()), 0));
        });
        observer.observe(table, { subtree: true, childList: true, characterData: true, attributes: true });
      });
      const begun = performance.now();
      window.dispatchEvent(new KeyboardEvent('keydown', { key: 'z', ctrlKey: true, shiftKey: i % 2 === 1, bubbles: true }));
      times.push((await changed) - begun);
    }
    return times;
  });
}

if (!build()) process.exit(1);
const port = await freePort(3400);
const server = spawn(process.execPath, ['node_modules/next/dist/bin/next', 'start', '-H', '127.0.0.1', '-p', String(port)], { cwd: ROOT, stdio: 'ignore', env: { ...process.env, JUGATOR_EXAMPLE: '1' } });
process.on('exit', () => server.kill());
const base = `http://127.0.0.1:${port}`;
for (let i = 0; i < 60; i += 1) if (await fetch(base).then(() => true, () => new Promise((done) => setTimeout(() => done(false), 250)))) break;
const browser = await chromium.launch(LAUNCH);
const rows = [['first-load JavaScript, gzip (kB)', Math.round(firstLoadScripts())]];
const ranking = await firstRanking(browser, base);
rows.push(['first visit to first ranking, median of 5 (ms)', Math.round(median(ranking))]);
const edits = await editToRanking(browser, base);
rows.push(['edit in the brief to the new ranking, 12 candidates, median of 40 (ms)', Math.round(median(edits))], ['the same, 95th percentile (ms)', Math.round(high(edits))]);
await browser.close();

const file = path.join(ROOT, 'docs/bench.md');
const last = existsSync(file) ? new Map([...readFileSync(file, 'utf8').matchAll(/^\| (.+?) \| ([\d.]+) \|$/gm)].map((m) => [m[1], m[2]])) : new Map();
for (const [name, value] of rows) console.log(`${name}: ${value}${last.has(name) ? ` (last committed: ${last.get(name)})` : ''}`);
if (process.argv.includes('--write')) {
  mkdirSync(path.dirname(file), { recursive: true });
  writeFileSync(file, `# Speed\n\nWritten by \`npm run bench -- --write\` on a machine with 2 cores; \`npm run bench\` prints new figures beside these. Noisy: read them as sizes, not as limits.\n\n| what | figure |\n| --- | --- |\n${rows.map((r) => `| ${r[0]} | ${r[1]} |`).join('\n')}\n`);
}
process.exit(0);
