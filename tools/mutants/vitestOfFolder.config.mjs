import { defineConfig } from 'vitest/config';
import all from '../../vitest.config.ts';

const test = { ...all.test };
// Projects would say anew which tests there are.
delete test.projects;

/** The tests of one folder only, by the variable that the tool sets: both of its ways to run them read this file. */
export default defineConfig({
  ...all,
  test: { ...test, include: [`${process.env.MUTANTS_OF}/**/*.test.ts`] },
});
