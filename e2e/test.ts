import { expect as base, test as plain, type Locator } from '@playwright/test';
import { KeptPage } from './kept-page';

/** As long as the configuration lets an expectation wait. */
const PATIENCE = 30_000;

/**
 * The same expectation, begun once the element is there. Asked of an element that is still to come, the plain one writes down the
 * whole page at each look, which takes the page longer than most of what it is waiting for.
 */
function once(name: 'toBeVisible' | 'toBeAttached' | 'toContainText' | 'toHaveText') {
  const state = name === 'toBeVisible' ? 'visible' : 'attached';
  return async function (
    this: { isNot: boolean },
    locator: Locator,
    ...args: readonly unknown[]
  ): Promise<{ pass: boolean; message: () => string }> {
    const asked = args.at(-1);
    const options = typeof asked === 'object' && asked !== null && !(asked instanceof RegExp);
    const {
      timeout = PATIENCE,
      visible,
      attached,
    } = (options ? asked : {}) as Record<string, never>;
    const isNot = this.isNot || visible === false || attached === false;
    if (!isNot) await locator.waitFor({ state, timeout }).catch(() => undefined);
    const plainly = this.isNot ? base(locator).not : base(locator);
    await (plainly[name] as (...all: readonly unknown[]) => Promise<void>)(...args);
    return { pass: !this.isNot, message: () => '' };
  };
}

export const expect = base.extend({
  toBeVisible: once('toBeVisible'),
  toBeAttached: once('toBeAttached'),
  toContainText: once('toContainText'),
  toHaveText: once('toHaveText'),
});

/** A test in a browser of its own: another language or kind of screen, a service worker, a clock or scripts that stay. */
export const fresh = plain;

/** A test in the page that is kept; a test that fails ends its page, and the next begins with a new one. */
export const test = plain.extend<object, { kept: KeptPage }>({
  kept: [
    async ({ browser }, give, { project }) => {
      const { baseURL = '', locale = '', serviceWorkers = 'block' } = project.use;
      const context = await browser.newContext({ baseURL, locale, serviceWorkers });
      await give(new KeptPage(await context.newPage()));
      await context.close();
    },
    { scope: 'worker' },
  ],
  page: async ({ kept, storageState, viewport }, give) =>
    give(await kept.begin(storageState, viewport ?? { width: 1280, height: 800 })),
  context: async ({ page }, give) => give(page.context()),
});
