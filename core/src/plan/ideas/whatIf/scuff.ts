import { addRungs, extraRung } from './rungsOfInput';
import type { WhatIfEntry } from './whatIf';

const SCUFF_MINUTES = 5;

/** A coat whose window closes before anyone can be there: let it dry, and scuff it first. */
export const scuff: WhatIfEntry<'scuff'> = {
  isLoosening: false,
  suggest: () => [],
  remedy: ({ taskId, cause }) => (cause.kind === 'windowCloses' ? { kind: 'scuff', beforeRungId: taskId, minutes: SCUFF_MINUTES } : null),
  apply: (input, { beforeRungId, minutes }) =>
    addRungs(input, (rung) => (rung.id === beforeRungId ? [extraRung(`${rung.id} scuff`, 'scuff', minutes), rung] : [rung])),
  words: ({ beforeRungId }, { rungTitle }) => `Let it dry and scuff it before ${rungTitle(beforeRungId)}`,
};
