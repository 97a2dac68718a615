import { SaxesParser } from 'saxes';
import { describe, expect, it } from 'vitest';
import type { PrintedCard } from './cardSheet';
import { cardSheets } from './cardSheet';

const card = (name: string, extra: Partial<PrintedCard> = {}): PrintedCard => ({
  name,
  purpose: 'band',
  hex: '#3c5c4c',
  mix: ['6 Deep green', '4 White'],
  unit: 'drops',
  ...extra,
});

/** Tags and texts of a sheet; throws where it is not sound XML. */
function read(sheet: string) {
  const tags: { name: string; attributes: Readonly<Record<string, string>> }[] = [];
  const texts: string[] = [];
  const parser = new SaxesParser();
  parser.on('error', (error) => {
    throw error;
  });
  parser.on('opentag', ({ name, attributes }) => tags.push({ name, attributes: attributes as Readonly<Record<string, string>> }));
  parser.on('text', (text) => texts.push(text));
  parser.write(sheet).close();
  return { tags, texts: texts.filter((text) => text.trim() !== '') };
}

describe('cards on paper', () => {
  it('stand eight on a sheet, none on none', () => {
    expect(cardSheets([])).toEqual([]);
    expect([1, 8, 9, 17].map((count) => cardSheets(Array.from({ length: count }, (_, at) => card(`c${at}`))).length)).toEqual([1, 1, 2, 3]);
  });
  it('are A4 in millimetres, and no card crosses the edge of the paper', () => {
    const [sheet = ''] = cardSheets(Array.from({ length: 8 }, (_, at) => card(`c${at}`)));
    const { tags } = read(sheet);
    expect(tags[0]?.attributes).toMatchObject({ width: '210mm', height: '297mm', viewBox: '0 0 210 297' });
    for (const { name, attributes } of tags)
      if (name === 'rect') {
        expect(Number(attributes['x']) + Number(attributes['width'])).toBeLessThanOrEqual(210 - 10);
        expect(Number(attributes['y']) + Number(attributes['height'])).toBeLessThanOrEqual(297 - 10);
      }
  });
  it('fit on letter too', () => {
    const [sheet = ''] = cardSheets(
      Array.from({ length: 8 }, (_, at) => card(`c${at}`)),
      { width: 215.9, height: 279.4 },
    );
    const { tags } = read(sheet);
    expect(tags[0]?.attributes).toMatchObject({ width: '215.9mm', height: '279.4mm' });
    for (const { name, attributes } of tags)
      if (name === 'rect') expect(Number(attributes['y']) + Number(attributes['height'])).toBeLessThanOrEqual(279.4 - 10);
  });
  it('hold swatch, mix and room to paint; one that was not read says so', () => {
    const { tags, texts } = read(cardSheets([card('Green'), card('New', { hex: null })])[0] ?? '');
    expect(tags.filter((tag) => tag.attributes['fill'] === '#3c5c4c')).toHaveLength(1);
    expect(texts.filter((text) => text === 'paint here')).toHaveLength(2);
    expect(texts).toEqual(expect.arrayContaining(['Green', '#3c5c4c', '6 Deep green', 'not read']));
  });
  it('shorten what is too long and say how much more there is', () => {
    const mix = Array.from({ length: 9 }, (_, at) => `${at} paint with quite a long name of its own`);
    const { texts } = read(cardSheets([card('x'.repeat(200), { mix })])[0] ?? '');
    expect(Math.max(...texts.map((text) => text.length))).toBeLessThanOrEqual(60);
    expect(texts).toContain('and 5 more');
  });
  it('take any name as text, never as drawing', () => {
    const { tags, texts } = read(cardSheets([card('<script>alert("1")</script> & co', { purpose: '"><image href="x"/>' })])[0] ?? '');
    expect(tags.map((tag) => tag.name)).not.toContain('script');
    expect(tags.map((tag) => tag.name)).not.toContain('image');
    expect(texts.some((text) => text.startsWith('<script>alert("1")</script>'))).toBe(true);
  });
});
