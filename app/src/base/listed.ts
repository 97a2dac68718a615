/** Names in a sentence, so many at most: `Base, Cap, Chimney and 4 more`. One more than that is named rather than counted. */
export function listed(names: readonly string[], most = 3): string {
  if (names.length < 2) return names.join('');
  const isAll = names.length <= most + 1;
  const shown = names.slice(0, isAll ? -1 : most);
  return `${shown.join(', ')} and ${isAll ? (names.at(-1) ?? '') : `${names.length - most} more`}`;
}
