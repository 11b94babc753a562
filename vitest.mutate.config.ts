import { defineConfig } from 'vitest/config';
import base from './vitest.config';

// What is changed is the core; its own tests have to notice.
export default defineConfig({
  ...base,
  test: { ...base.test, include: ['test/core/**/*.test.ts'] },
});
