/** What a way to a rung's sheet carries so that the sheet asks at once when the rung was done. */
export const DONE_EARLIER = { asks: 'doneEarlier' } as const;

/** Whether a place of the router's history carries that. */
export function asksDoneEarlier(state: unknown): boolean {
  return typeof state === 'object' && state !== null && (state as Partial<typeof DONE_EARLIER>).asks === DONE_EARLIER.asks;
}
