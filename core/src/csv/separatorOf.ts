/** Separators that tables come with. */
const SEPARATORS = [',', ';', '\t', '|'] as const;

/** The separator the header of a CSV table has most of: its rows may hold commas in their numbers. */
export function separatorOf(text: string): string {
  const header = text.slice(0, 4000).split(/\r?\n/u)[0] ?? '';
  const count = (separator: string): number => header.split(separator).length;
  return SEPARATORS.reduce<string>((best, separator) => (count(separator) > count(best) ? separator : best), ',');
}
