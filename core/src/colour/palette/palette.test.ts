import { loadPalette } from 'anypalette';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { labOfHex } from '../lab';
import { readGpl, writeGpl } from './gpl';
import { PaletteFaultError } from './palette';
import { readPaletteCsv, writePaletteCsv } from './paletteCsv';

const ENTRIES = [
  { name: 'Band green', hex: '#3c5c4c' },
  { name: 'Yellow ochre, “old”', hex: '#b98a33' },
  { name: 'Black', hex: '#000000' },
];
const hex = fc.integer({ min: 0, max: 0xffffff }).map((value) => `#${value.toString(16).padStart(6, '0')}`);
const name = fc.string({ minLength: 1, maxLength: 30 }).filter((text) => /^[\p{L}\p{N}].*[\p{L}\p{N}]$/u.test(text));

describe('a GIMP palette', () => {
  it('is read back by an independent reader (the package anypalette) as it was written', async () => {
    const palette = await new Promise<Parameters<Parameters<typeof loadPalette>[1]>[1]>((done, fail) =>
      loadPalette({ data: writeGpl('Lantern', ENTRIES), fileExt: 'gpl' }, (error, found) =>
        found ? done(found) : fail(error ?? new Error('nothing read')),
      ),
    );
    const byte = (share: number): string =>
      Math.round(share * 255)
        .toString(16)
        .padStart(2, '0');
    expect(palette?.map(({ red, green, blue }) => `#${byte(red)}${byte(green)}${byte(blue)}`)).toEqual(ENTRIES.map((entry) => entry.hex));
    expect(palette?.map((colour) => colour.name)).toEqual(ENTRIES.map((entry) => entry.name));
  });
  it('comes back as it was (property)', () => {
    fc.assert(
      fc.property(fc.array(fc.record({ name, hex }), { minLength: 1, maxLength: 20 }), (entries) => {
        expect(readGpl(writeGpl('Shelf', entries))).toEqual({
          name: 'Shelf',
          entries: entries.map((entry) => ({ ...entry, name: entry.name.trim() })),
          skipped: 0,
        });
      }),
      { seed: 8 },
    );
  });
  it('leaves aside what is no colour, and counts it', () => {
    expect(
      readGpl('GIMP Palette\r\nName: Old\r\nColumns: 4\r\n# note\r\n255 0 0 Red\r\n300 0 0 Too much\r\nnonsense\r\n 1  2  3\r\n'),
    ).toEqual({
      name: 'Old',
      entries: [
        { name: 'Red', hex: '#ff0000' },
        { name: '#010203', hex: '#010203' },
      ],
      skipped: 2,
    });
    expect(() => readGpl('no palette')).toThrow(PaletteFaultError);
    expect(() => readGpl('GIMP Palette\nName: x\n')).toThrow(PaletteFaultError);
  });
});

describe('a table of colours', () => {
  it('comes back as it was, and no cell runs as a formula', () => {
    const rows = ENTRIES.map((entry) => ({ ...entry, lab: labOfHex(entry.hex), mix: '' }));
    const csv = writePaletteCsv([...rows, { name: '=HYPERLINK("x")', hex: '#808080', lab: [53.6, 0, 0], mix: '+1 black' }]);
    expect(csv).toContain(`"'=HYPERLINK(""x"")"`);
    expect(csv).toContain("'+1 black");
    expect(readPaletteCsv(csv).entries).toEqual([...ENTRIES, { name: '=HYPERLINK("x")', hex: '#808080' }]);
  });
  it('takes Lab and other separators, and counts what it leaves aside', () => {
    expect(readPaletteCsv('Name;L;a;b\nGrey;53,585;0;0\nNothing;;;\n')).toEqual({
      name: '',
      entries: [{ name: 'Grey', hex: '#808080' }],
      skipped: 1,
    });
    expect(readPaletteCsv('hex\nFF0000\n').entries).toEqual([{ name: '#ff0000', hex: '#ff0000' }]);
  });
  it.each(['', 'name,price\nx,3', 'hex\nred'])('“%s” is refused with a reason', (text) => {
    expect(() => readPaletteCsv(text)).toThrow(PaletteFaultError);
  });
});
