import { SaxesParser } from 'saxes';
import { describe, expect, it } from 'vitest';
import { cutMillimetres, drawWiring } from './wiringDrawing';

/** Texts of a drawing; throws where it is not sound XML. */
function textsOf(svg: string): string[] {
  const texts: string[] = [];
  const parser = new SaxesParser();
  parser.on('error', (error) => {
    throw error;
  });
  parser.on('text', (text) => text.trim() !== '' && texts.push(text));
  parser.write(svg).close();
  return texts;
}

describe('the wiring drawing', () => {
  it('is sound XML with whatever names, and its list is what is cut', () => {
    const wires = [
      { from: 'Controller', to: '<b>&" in', millimetres: 49.2 },
      { from: '<b>&" out', to: 'Cap in', millimetres: 100 },
    ];
    const groups = ['<b>&"', 'Cap'].map((name) => ({ name, words: 'in → out' }));
    const texts = textsOf(drawWiring({ title: 'A & B', supply: '5 V', groups, wires }));
    expect(texts).toEqual(
      expect.arrayContaining(['A & B', '5 V', '<b>&"', '1.  70 mm   Controller → <b>&" in', '2.  120 mm   <b>&" out → Cap in']),
    );
    expect(texts).toContain('All of them: 190 mm. Power and ground go along with each.');
  });
  it('a wire is cut with what is spare for both ends, to the whole millimetre above', () => {
    expect([0, 49.2, 100].map((millimetres) => cutMillimetres({ millimetres }))).toEqual([20, 70, 120]);
  });
});
