/** A fresh id. Random ids keep two shops' files mergeable. */
export function newId(): string {
  return crypto.randomUUID();
}
