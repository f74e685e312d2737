import react from '@vitejs/plugin-react';
import { defineConfig } from 'vitest/config';

const MINUTE = 60_000;

export default defineConfig({
  plugins: [react()],
  build: { outDir: 'target/classes/static', emptyOutDir: true, assetsInlineLimit: 0 },
  server: { proxy: { '/api': 'http://127.0.0.1:8437' } },
  // A busy laptop takes its time; no test is about time.
  test: {
    testTimeout: MINUTE,
    hookTimeout: MINUTE,
    teardownTimeout: MINUTE,
    setupFiles: ['src/testing/setup.ts'],
  },
});
