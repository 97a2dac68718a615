/** Beginnings a spreadsheet would run as a formula. */
const FORMULA = /^[=+\-@\t\r]/u;

/** Text as a cell of a CSV table: what a spreadsheet would run as a formula is written so that it is only text. */
export function harmlessCell(text: string): string {
  return FORMULA.test(text) ? `'${text}` : text;
}

/** A cell as it was before it was made harmless. */
export function plainCell(text: string): string {
  return text.replace(/^'(?=[=+\-@\t\r])/u, '');
}
