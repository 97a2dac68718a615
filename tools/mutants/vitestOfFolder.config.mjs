import { defineConfig } from 'vitest/config';
import all from '../../vitest.config.ts';

/** The tests of one folder only, by the variable that the tool sets: both of its ways to run them read this file. */
export default defineConfig({
  ...all,
  test: { ...all.test, include: [`${process.env.MUTANTS_OF}/**/*.test.ts`] },
});
