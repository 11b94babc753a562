import { expect, test } from './test';
import { SHIPPED_PARTS } from '../src/core/catalogue';
import { goWithin, openExample, overflow, stored, withExample } from './helpers';

test.use(withExample);

/** Screens that say everything in the reader's units. */
const SCREENS = [
  '/brief',
  '/brief/guide?question=3',
  '/brief/guide?question=7',
  '/donors/classes',
  '/weigh-up',
  '/weigh-up/machine?candidate=c-drover-430',
  '/weigh-up/doubt',
  '/build',
  '/build/catalogue',
  '/build/curve',
  '/build/stages',
  '/build/ways',
  '/trials',
  '/verdict',
  '/set-up',
  '/gearing',
  '/verdict/sheet?candidate=c-drover-430',
  '/verdict/card?candidate=c-drover-430',
] as const;
/** A donor's own sheet shows figures as they were quoted, and a dossier's files and history say them so. */
const AS_QUOTED = ['/donors', '/dossier'] as const;

/** What is foreign in one system is worded in the same places in the others: these stand for all. */
const FEWER = SCREENS.filter((s) =>
  /^\/(?:brief|weigh-up|build|verdict|set-up|gearing)(?:$|\/guide|\/machine|\/sheet)/.test(s),
);

const FOREIGN = {
  us: /\d[\d.,\s]*\s(?:km\/h|km|kg|mm|kW\/t|°C|L\/100 ?km|N·m|bar)(?![\p{L}/])/gu,
  uk: /\d[\d.,\s]*\s(?:km\/h|km|kW\/t|L\/100 ?km|N·m|lb|gal)(?![\p{L}/])/gu,
  metric: /\d[\d.,\s]*\s(?:mph|mi|lb|hp|mpg|psi|°F|ft|gal)(?![\p{L}/])/gu,
} as const;

/** Both systems at once are foreign to nobody; so are the kilowatts of a licence, and stones with their pounds. */
const SAID_IN_BOTH =
  /From (?:80 to 110|0 to 100) km\/h \([^)]*\)|Thrust to \w+ (?:to )?(?:at )?\d+ km\/h \([^)]*\)|per 1000 km|\d+ st \d+ lb/g;

/** What a part is called is not translated. */
const NAMES = Object.values(SHIPPED_PARTS).flatMap(({ name }) => [
  name,
  name.toLowerCase(),
  name.charAt(0).toLowerCase() + name.slice(1),
]);

const WINDOWS = [
  [768, 1024],
  [1920, 1080],
  [1280, 800],
] as const;

test('every screen: no foreign unit in any of the systems, nothing runs over at three widths, and the strip does not scroll', async ({
  page,
}) => {
  test.setTimeout(240_000);
  const strip = page.getByRole('navigation', { name: 'Steps' }).first();
  await openExample(page, SCREENS[0]);
  const foreign = async (units: keyof typeof FOREIGN): Promise<readonly string[]> => {
    const shown = (await page.locator('main').innerText()).replace(SAID_IN_BOTH, '');
    const text = NAMES.reduce((rest, name) => rest.replaceAll(name, ''), shown);
    return [...text.matchAll(FOREIGN[units])].map(({ index }) =>
      text.slice(Math.max(0, index - 40), index + 20),
    );
  };
  for (const screen of [...SCREENS, ...AS_QUOTED]) {
    await goWithin(page, screen);
    await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible();
    await stored(page);
    // What comes piece by piece is there.
    await page.waitForTimeout(600);
    for (const units of ['us', 'uk', 'metric'] as const) {
      if (!SCREENS.some((s) => s === screen)) continue;
      if (units !== 'us' && !FEWER.some((s) => s === screen)) continue;
      await page.getByLabel('Units').selectOption(units);
      await expect.poll(() => foreign(units), `${screen}, ${units}`).toEqual([]);
    }
    for (const [width, height] of WINDOWS) {
      await page.setViewportSize({ width, height });
      expect(await overflow(page), `${screen} at ${width}`).toBeLessThanOrEqual(0);
      expect(
        await strip.evaluate((e) => e.scrollHeight - e.clientHeight),
        `strip on ${screen} at ${width}`,
      ).toBeLessThanOrEqual(0);
    }
  }
});
