/** What the plan begins no later than this is to be done now; later than this it is waited for. */
export const SOON_MS = 6 * 60_000;
