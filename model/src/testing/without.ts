/** A record without some of its fields. */
export function without(record: object, added: object): object {
  return Object.fromEntries(Object.entries(record).filter(([name]) => !(name in added)));
}
