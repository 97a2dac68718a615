/** The row a record is kept in, of so many: FNV-1a of its id, so that any shop's ids spread evenly and every tab finds the same row. */
export function bucketOf(id: string, rows: number): string {
  let hash = 0x811c9dc5;
  for (let at = 0; at < id.length; at += 1) hash = Math.imul(hash ^ id.charCodeAt(at), 0x01000193);
  return `b${(hash >>> 0) % rows}`;
}
