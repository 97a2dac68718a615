// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import fc from 'fast-check';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { checkNumber, InlineNumber, InlineText, parseNumber, SelectField } from './fields';
import { readableInk } from '../../base/readableInk';

afterEach(cleanup);

describe('a label', () => {
  it('has no unit where it is about a name with a comma of its own', () => {
    render(<SelectField label="What went wrong with brass, wet" value="run" options={[['run', 'Run']]} onChange={() => undefined} />);
    expect(screen.getByText('What went wrong with brass, wet', { selector: 'label' })).toBeTruthy();
    expect(screen.queryByText('wet', { selector: 'span' })).toBeNull();
  });
  it('keeps its unit out of the capitals: µm must not read as MM', () => {
    render(<InlineNumber label="Dry film" unit="µm" value={12} min={0} max={100} onKeep={() => undefined} />);
    const unit = screen.getByText('µm');
    expect(unit.className).toContain('normal-case');
    expect(screen.getByLabelText('Dry film, µm')).toBeTruthy();
  });
  it('without a unit is as it was written', () => {
    render(<InlineNumber label="Pieces" value={2} min={1} max={9} isWhole onKeep={() => undefined} />);
    expect(screen.getByLabelText('Pieces')).toBeTruthy();
  });
});

describe('a hint', () => {
  it('describes its field until something is wrong with what is typed', () => {
    render(<InlineNumber label="Hands" unit="min" value={9} min={0} max={100} hint="10 min, yours: +6 %" onKeep={() => undefined} />);
    const field = screen.getByLabelText('Hands, min');
    const said = (): string | null => document.getElementById(field.getAttribute('aria-describedby') ?? '')?.textContent ?? null;
    expect(said()).toBe('10 min, yours: +6 %');
    fireEvent.change(field, { target: { value: '200' } });
    expect(said()).toBe('Between 0 and 100.');
  });
});

describe('a number typed where it stands', () => {
  const show = (value: number | null, onKeep: (value: number | null) => void, mayBeEmpty = false) => (
    <InlineNumber label="Coat" unit="µm" value={value} min={1} max={500} mayBeEmpty={mayBeEmpty} onKeep={onKeep} />
  );
  const field = (): HTMLInputElement => screen.getByLabelText('Coat, µm');
  const type = (text: string): void => void fireEvent.change(field(), { target: { value: text } });
  it('is kept on Enter and when left, once, with a comma or a point', () => {
    const keep = vi.fn();
    render(show(12, keep));
    type('12,5');
    fireEvent.keyDown(field(), { key: 'Enter' });
    fireEvent.blur(field());
    type('13.25');
    fireEvent.blur(field());
    expect(keep.mock.calls).toEqual([[12.5], [13.25]]);
  });
  it('is put back on Escape, and not kept where it is as it was', () => {
    const keep = vi.fn();
    render(show(12, keep));
    type('40');
    fireEvent.keyDown(field(), { key: 'Escape' });
    expect(field().value).toBe('12');
    type('12');
    fireEvent.blur(field());
    expect(keep).not.toHaveBeenCalled();
  });
  it.each([
    ['', 'A number is needed.'],
    ['thick', 'This is not a number.'],
    ['0', 'Between 1 and 500.'],
    ['501', 'Between 1 and 500.'],
  ])('“%s” stays in the field with its reason, and nothing is kept', (text, reason) => {
    const keep = vi.fn();
    render(show(12, keep));
    type(text);
    fireEvent.blur(field());
    expect(screen.getByRole('alert').textContent).toBe(reason);
    expect(field().value).toBe(text);
    expect(field().getAttribute('aria-invalid')).toBe('true');
    expect(keep).not.toHaveBeenCalled();
  });
  it('may be emptied where none is a value', () => {
    const keep = vi.fn();
    render(show(12, keep, true));
    type(' ');
    fireEvent.blur(field());
    expect(keep).toHaveBeenCalledWith(null);
  });
  it('is not written over what another tab kept in the meantime: leaving keeps nothing, Enter does', () => {
    const keep = vi.fn();
    const { rerender } = render(show(12, keep));
    type('20');
    rerender(show(15, keep));
    fireEvent.blur(field());
    expect(keep).not.toHaveBeenCalled();
    expect(screen.getByRole('alert').textContent).toContain('Changed in the meantime to “15”');
    fireEvent.keyDown(field(), { key: 'Enter' });
    expect(keep).toHaveBeenCalledWith(20);
  });
});

describe('text of several lines', () => {
  it('takes Enter as a line, keeps on Ctrl Enter', () => {
    const keep = vi.fn();
    render(<InlineText label="Note" value="as it was" onKeep={keep} />);
    const field = screen.getByLabelText('Note');
    fireEvent.change(field, { target: { value: 'two\nlines' } });
    fireEvent.keyDown(field, { key: 'Enter' });
    expect(keep).not.toHaveBeenCalled();
    fireEvent.keyDown(field, { key: 'Enter', ctrlKey: true });
    expect(keep).toHaveBeenCalledWith('two\nlines');
  });
});

describe('numbers and inks', () => {
  it('what is written is read back, with a point or a comma (property)', () => {
    fc.assert(
      fc.property(fc.integer({ min: -1_000_000, max: 1_000_000 }), (thousandths) => {
        const value = thousandths / 1000;
        for (const text of [String(value), String(value).replace('.', ','), ` ${value} `]) {
          expect(parseNumber(text)).toBe(value);
          expect(checkNumber(text, { min: -1000, max: 1000 })).toBeNull();
        }
      }),
    );
    expect(checkNumber('2.5', { min: 0, max: 9, isWhole: true })).toBe('A whole number is needed.');
  });
  it('black or white is readable on every colour: the better of both has a contrast of √21 at least (WCAG 2.2, property)', () => {
    const luminance = (hex: string): number => {
      const [r = 0, g = 0, b = 0] = [1, 3, 5].map((at) => {
        const value = Number.parseInt(hex.slice(at, at + 2), 16) / 255;
        return value <= 0.04045 ? value / 12.92 : ((value + 0.055) / 1.055) ** 2.4;
      });
      return 0.2126 * r + 0.7152 * g + 0.0722 * b;
    };
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 0xffffff }), (number) => {
        const hex = `#${number.toString(16).padStart(6, '0')}`;
        const [dark = 0, light = 0] = [luminance(hex), luminance(readableInk(hex))].sort((a, b) => a - b);
        expect((light + 0.05) / (dark + 0.05)).toBeGreaterThanOrEqual(Math.sqrt(21) - 1e-9);
      }),
    );
  });
});
