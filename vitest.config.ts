import { defineConfig } from 'vitest/config';

export default defineConfig({
  test: {
    include: ['{core,model,app,server,lab,demo}/src/**/*.test.{ts,tsx}', 'tools/**/*.test.ts'],
    // Machines that run browser tests beside are slow; what hangs is still ended.
    testTimeout: 30_000,
    setupFiles: ['./tools/testSetup.ts'],
  },
});
