/** `white, black and yellow`. */
export function listed(names: readonly string[], last: 'and' | 'or' = 'and'): string {
  const final = names.at(-1) ?? '';
  return names.length < 2 ? final : `${names.slice(0, -1).join(', ')} ${last} ${final}`;
}
