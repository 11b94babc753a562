// Takes the pictures of docs/screenshots from the example. Look at each before committing it.
import { spawn } from 'node:child_process';
import { chromium } from '@playwright/test';
import { build, freePort, ROOT } from './lib/run.mjs';

// Invented, as everything shown.
const SHEET = `Marlow Heron 470, road test

Kerb weight 187 kg (412 lb). Seat height 34.6 in (879 mm), low seat 33.1 in.
The twin makes 47 hp @ 8 500 rpm and 31.7 lb-ft at 6,500 rpm. Redline 10,000.
Tank: 3.7 gal. We returned 58 mpg over 900 miles.
Suspension travel front/rear: 220/215 mm. Ground clearance 9.4 in (250 mm).
Tyres 90/90-21 54H front, 140/80-18 70H rear; switchable ABS.
Service every 4 000 miles or 12 months. MSRP $6,499`;

const SHOTS = [
  ['brief', '/brief', { click: 'Ground' }],
  ['guide', '/brief/guide?question=1', { rest: 2500 }],
  ['classes', '/donors/classes', { rest: 2000, click: /long-range|fairing and large tank/i }],
  ['donors', '/donors?donor=sorrel-300', {}],
  ['paste', '/donors', { click: 'A new donor from a text', text: SHEET }],
  ['under-load', '/weigh-up/machine?candidate=c-drover-430', {}],
  ['weigh-up', '/weigh-up', { rest: 2500 }],
  ['doubt', '/weigh-up/doubt', { rest: 2500 }],
  ['build', '/build', { click: /^Fit Low seat$/, rest: 2500 }],
  ['curve', '/build/curve', { rest: 2500 }],
  ['stages', '/build/stages', {}],
  ['trials', '/trials', { rest: 1500 }],
  ['verdict', '/verdict', { rest: 2500 }],
  ['sheet', '/verdict/sheet?candidate=c-drover-430-brenfold', { rest: 2500 }],
  ['set-up', '/set-up', { rest: 1500 }],
  ['gearing', '/gearing', { rest: 2500 }],
  [
    'card-phone',
    '/verdict/card?candidate=c-drover-430-brenfold',
    { phone: true, click: 'tiptoes' },
  ],
  ['weigh-up-dark', '/weigh-up', { dark: true, open: 'Drover 430' }],
  ['weigh-up-phone', '/weigh-up', { phone: true, rest: 2500 }],
];

/** Words that a page has while something is still reckoned, however slow the machine. */
const UNDER_WAY = /Drawing …|worked out …|Planning|Reading …|So far|Still growing/;

/** Until nothing is being reckoned any more. */
async function settled(page) {
  await page.waitForFunction(
    ({ source }) => !new RegExp(source).test(document.querySelector('main')?.innerText ?? source),
    { source: UNDER_WAY.source },
    { polling: 500, timeout: 600_000 },
  );
  await page.waitForTimeout(300);
}

if (!build()) process.exit(1);
const port = await freePort(3500);
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
const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
});
// Names given behind the command: only those.
const wanted = process.argv.slice(2);
for (const [name, path, { click, open, dark, phone, text, rest }] of SHOTS) {
  if (wanted.length > 0 && !wanted.includes(name)) continue;
  const context = await browser.newContext({
    viewport: phone ? { width: 390, height: 844 } : { width: 1280, height: 800 },
    colorScheme: dark ? 'dark' : 'light',
    isMobile: Boolean(phone),
    serviceWorkers: 'block',
  });
  const page = await context.newPage();
  await page.goto(base);
  await page.getByText('all stored here').first().waitFor({ state: 'attached' });
  await page.goto(base + path);
  await page.getByRole('heading', { level: 1 }).waitFor();
  await page.waitForTimeout(900);
  if (click) await page.getByRole('button', { name: click }).first().click();
  if (text) {
    await page.getByRole('textbox', { name: /^Text of a maker/ }).fill(text);
    await page.getByText(/^\d+ found/).waitFor();
  }
  if (open) await page.getByRole('button', { name: open }).first().click();
  await page.waitForTimeout(rest ?? 500);
  await settled(page);
  await page.screenshot({ path: `docs/screenshots/${name}.png` });
  await context.close();
}
await browser.close();
process.exit(0);
