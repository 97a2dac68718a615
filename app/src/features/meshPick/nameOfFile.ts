/** A part's name from its mesh file: `lamp_cap-v2.stl` is `Lamp cap v2`. */
export function nameOfFile(fileName: string): string {
  const words = fileName
    .replace(/\.[a-z0-9]+$/iu, '')
    .replace(/[_\-.\s]+/gu, ' ')
    .trim();
  return words === '' ? '' : (words.charAt(0).toUpperCase() + words.slice(1)).slice(0, 200);
}
