import type { SmoothingId } from '../../../ladder/schools';
import { findSmoothing } from '../../../ladder/schools';
import type { WhatIfEntry } from './whatIf';

/** A part made smooth another way. Its new rungs come from the shop's products, so that it is suggested where those are known. */
export const school: WhatIfEntry<'school'> = {
  isLoosening: false,
  suggest: () => [],
  remedy: () => null,
  apply: (input, { partId, rungs }) => ({
    ...input,
    parts: input.parts.map((part) => (part.id === partId ? { ...part, rungs } : part)),
  }),
  words: ({ partId, smoothing }, { partName }) => `${findSmoothing(smoothing as SmoothingId).name} on ${partName(partId)}`,
};
