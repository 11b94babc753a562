import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  resolve: { alias: { '@': fileURLToPath(new URL('./src', import.meta.url)) } },
  test: {
    environment: 'node',
    // Both cores of a small machine; by itself it would leave one idle.
    maxWorkers: 2,
    // Files share what they import: reading it anew for each took longer than the tests.
    isolate: false,
    include: ['test/**/*.test.ts'],
    // A loaded machine may be many times slower; no test is about time.
    testTimeout: 240_000,
    setupFiles: ['./test/setup-node.ts'],
  },
});
