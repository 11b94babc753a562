import { fileURLToPath } from 'node:url';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  plugins: [react()],
  resolve: { alias: { '@': fileURLToPath(new URL('./src', import.meta.url)) } },
  test: {
    projects: [
      { extends: true, test: { name: 'node', environment: 'node', include: ['test/**/*.test.ts'], setupFiles: ['./test/setup-node.ts'] } },
      { extends: true, test: { name: 'dom', environment: 'jsdom', include: ['test/**/*.test.tsx'], setupFiles: ['./test/setup-dom.ts'] } },
    ],
  },
});
