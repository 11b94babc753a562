import { test as base } from '@playwright/test';
import { KeptPage } from './kept-page';

export { expect } from '@playwright/test';

/** A test in a browser of its own: another language or kind of screen, a service worker, a clock or scripts that stay. */
export const fresh = base;

/** A test in the page that is kept; a test that fails ends its page, and the next begins with a new one. */
export const test = base.extend<object, { kept: KeptPage }>({
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
