import type { Milestone } from '@zinc-ladder/core/cure/dryingData';

/** What a film that has come to a stage is called. */
export const STAGE_WORDS: Readonly<Record<Milestone, string>> = {
  touch: 'touch dry',
  recoat: 'ready for the next coat',
  handle: 'fit to be handled',
  sand: 'fit to be sanded',
  tape: 'tape-safe',
  hard: 'hard',
};
