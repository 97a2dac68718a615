/** Years 2000–2100: a moment outside was never meant. */
export const EARLIEST_MS = Date.UTC(2000, 0, 1);
export const LATEST_MS = Date.UTC(2100, 0, 1);

/** Whether a moment can be kept. */
export function isMomentKept(ms: number): boolean {
  return ms >= EARLIEST_MS && ms <= LATEST_MS;
}
