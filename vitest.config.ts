import { defineConfig } from 'vitest/config';

export default defineConfig({
  test: {
    include: ['{core,model,app,server,lab,demo}/src/**/*.test.{ts,tsx}', 'tools/**/*.test.ts'],
    setupFiles: ['./tools/testSetup.ts'],
  },
});
