import type { WhatIfEntry } from './whatIf';

/** What is stayed longer where it is not known by how much it must be. */
const HOUR = 60;
const MIDNIGHT = 1440;

/** Hands and spraying end later on every day that has any. */
export const longer: WhatIfEntry<'longer'> = {
  isLoosening: true,
  suggest: () => [],
  remedy: ({ cause }) => {
    if (cause.kind === 'noWindow') return { kind: 'longer', minutes: roundUp(cause.neededMinutes - cause.longestMinutes) };
    return cause.kind === 'windowCloses' || cause.kind === 'beyondHorizon' ? { kind: 'longer', minutes: HOUR } : null;
  },
  apply: (input, { minutes }) => ({
    ...input,
    hours: input.hours.map((span) => stayLonger(span, minutes)),
    sprayHours: input.sprayHours.map((span) => stayLonger(span, minutes)),
  }),
  words: ({ minutes }, { span }) => `Stay ${span(minutes)} longer each day`,
};

/** Hours of a day that end so many minutes later, and never after midnight. */
export function stayLonger<Span extends { readonly endMinute: number }>(span: Span, minutes: number): Span {
  return { ...span, endMinute: Math.min(MIDNIGHT, span.endMinute + minutes) };
}

/** To whole quarters of an hour, as hours are kept. */
function roundUp(minutes: number): number {
  return Math.max(15, Math.ceil(minutes / 15) * 15);
}
