import { defineConfig } from 'vitest/config';

export default defineConfig({
  test: {
    // Machines that run browser tests beside are slow; what hangs is still ended.
    testTimeout: 30_000,
    // By itself the runner leaves a core unused, which on two cores is half of them.
    maxWorkers: '100%',
    setupFiles: ['./tools/testSetup.ts'],
    projects: [
      {
        extends: true,
        test: {
          name: 'rules',
          include: ['{core,model,server,lab,demo}/src/**/*.test.ts', 'tools/**/*.test.ts'],
          // Nothing in them is put in place of something else, so that what is loaded once serves all: a third less time.
          isolate: false,
        },
      },
      { extends: true, test: { name: 'app', include: ['app/src/**/*.test.{ts,tsx}'] } },
    ],
  },
});
