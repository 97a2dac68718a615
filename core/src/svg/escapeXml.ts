const ENTITIES: Readonly<Record<string, string>> = { '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;', "'": '&apos;' };

/** Words as they may stand in an SVG, between tags or in an attribute. */
export function escapeXml(words: string): string {
  return words.replace(/[&<>"']/gu, (character) => ENTITIES[character] ?? character);
}
