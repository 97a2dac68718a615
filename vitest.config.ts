import { defineConfig } from 'vitest/config';

export default defineConfig({
  test: {
    include: ['{core,model,app,server,lab,demo}/src/**/*.test.{ts,tsx}', 'tools/**/*.test.ts'],
    // Machines that run browser tests beside are slow; what hangs is still ended.
    testTimeout: 30_000,
    // By itself the runner leaves a core unused, which on two cores is half of them.
    maxWorkers: '100%',
    setupFiles: ['./tools/testSetup.ts'],
  },
});
