import type { Technique, TechniqueSchool } from './technique';

/** Wiped off while it can be. */
export const WIPE: TechniqueSchool = {
  question: 'wipe or leave',
  side: 'wipe',
  cost: 'wiping in the working time, small piece by small piece',
};

/** Left where it dries. */
export const LEAVE: TechniqueSchool = {
  question: 'wipe or leave',
  side: 'leave',
  cost: 'it darkens everything; tide marks where it pools and dries',
};

/** Chips painted on. */
export const ADDED: TechniqueSchool = {
  question: 'chips added or taken away',
  side: 'added',
  cost: 'they lie on top: seen from aside they stand up, and each is drawn by hand',
};

/** Chips that bare what is under the colour. */
export const TAKEN: TechniqueSchool = {
  question: 'chips added or taken away',
  side: 'taken away',
  cost: 'decided before the colour goes on; it cannot be put off',
};

/** Rust in turns. */
export const UP: TechniqueSchool = {
  question: 'rust up or down',
  side: 'dark to light',
  cost: 'three thin turns, each dry before the next',
};

/** Rust from a source. */
export const DOWN: TechniqueSchool = {
  question: 'rust up or down',
  side: 'run-off',
  cost: 'a source for each run: from nowhere it looks painted on',
};

/** Most films over metallic paint. */
export const DULLS_METAL: Technique['mustNotTouch'][number] = {
  what: 'metallic',
  why: 'a film over metallic paint dulls it: leave bright places out, or polish them again last',
};

/** Films that do not bend. */
export const CRACKS: Technique['mustNotTouch'][number] = { what: 'flexible', why: 'it cracks and flakes where the part bends' };

/** What grips. */
export const MATTE_BEFORE: Technique['before'] = { clear: 'matte', why: 'it grips a matte coat; on gloss it slides and beads' };

/** What is to run and be wiped. */
export const GLOSS_BEFORE: Technique['before'] = {
  clear: 'gloss',
  why: 'it runs into recesses over gloss and wipes off clean; over matte it stains what it touches',
};

/** What holds with or without a clear. */
export const ANY_AFTER: Technique['after'] = { clear: 'any', why: 'sealing holds it, and shifts its sheen: look on a card first' };
