// @vitest-environment happy-dom
import { Prop } from '@zinc-ladder/model/records/prop/prop';
import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import fc from 'fast-check';
import { useState } from 'react';
import { useWatch } from 'react-hook-form';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { InlineNumber } from './fields';
import { FormNumber } from './FormNumber';
import { NumberBox } from './NumberBox';
import { shownBounds, shownText, shownUnit, splitLabel } from './shownUnit';
import { useRecordForm } from './useRecordForm';
import { UnitsProvider } from './UnitsContext';
import { makeFormats } from '../../base/formats';

afterEach(cleanup);

describe('units of a shop', () => {
  // Exact by definition: inch 25.4 mm, foot 0.3048 m (1959), pound 453.59237 g, US gallon 231 in³ (NIST Handbook 44, appendix C; from memory).
  it.each([
    ['mm', 25.4, 'in', 1],
    ['m', 0.3048, 'ft', 1],
    ['cm²', 6.4516, 'in²', 1],
    ['µm', 25.4, 'mil', 1],
    ['ml', (231 * 16.387064) / 128, 'fl oz', 1],
    ['g', 453.59237 / 16, 'oz', 1],
    ['°C', 100, '°F', 212],
    ['°C', 0, '°F', 32],
    ['K', 5, '°F', 9],
  ] as const)('%s: %d is 1 by another name', (unit, kept, name, shown) => {
    const us = shownUnit(unit, 'us');
    expect(us.unit).toBe(name);
    expect(us.toShown(kept)).toBeCloseTo(shown, 5);
  });
  it('what is typed is kept as it was meant, both ways (property)', () => {
    const units = ['mm', 'm', 'cm²', 'µm', 'ml', 'g', 'm/s', '°C', 'K', '± K', '%', ''];
    fc.assert(
      fc.property(
        fc.constantFrom(...units),
        fc.constantFrom('us' as const, 'metric' as const),
        fc.double({ min: -50, max: 5000, noNaN: true }),
        (unit, shop, value) => {
          const shown = shownUnit(unit, shop);
          expect(shown.fromShown(shown.toShown(value))).toBeCloseTo(value, 6);
        },
      ),
      { seed: 5 },
    );
  });
  it('bounds are told so that what is within them may be kept', () => {
    const us = shownUnit('mm', 'us');
    const { min, max } = shownBounds(us, 0.01, 1000);
    expect(us.fromShown(min)).toBeGreaterThanOrEqual(0.01);
    expect(us.fromShown(max)).toBeLessThanOrEqual(1000);
    expect(shownBounds(shownUnit('mm', 'metric'), 0.01, 1000)).toEqual({ min: 0.01, max: 1000 });
  });
  it('a label ends with its unit', () => {
    expect(splitLabel('Pot life at 23 °C, min')).toEqual(['Pot life at 23 °C', 'min']);
    expect(splitLabel('Coats')).toEqual(['Coats', '']);
    expect(shownText(shownUnit('K', 'metric'), 3)).toBe('3');
    expect(shownUnit('K', 'metric').unit).toBe('°C');
  });
  it('lengths are shown as far as they are worth it', () => {
    const us = makeFormats('UTC', '12', 'us', 'en-US');
    const metric = makeFormats('UTC', '24', 'metric', 'en-GB');
    expect([metric.length(728.4), us.length(728.4)]).toEqual(['728 mm', '28.7 in']);
    expect([metric.size([40, 30.5, 8]), us.size([25.4, 12.7])]).toEqual(['40 × 30.5 × 8 mm', '1 × 0.5 in']);
    expect([metric.lengths([1.5, 0.8], 2), us.lengths([1.5, 0.8], 2)]).toEqual(['1.50 × 0.80 mm', '0.059 × 0.031 in']);
    // A cubic inch is 25.4³ mm³.
    expect([metric.solid(690_400), us.solid(25.4 ** 3 * 12)]).toEqual(['690 cm³', '12.0 in³']);
    expect([metric.distance(1.5), us.distance(1.524)]).toEqual(['1.5 m', '5.0 ft']);
  });
});

describe('fields in a shop that counts in inches', () => {
  it('a kept number is shown and typed in inches, and kept in millimetres; a layer stays metric', () => {
    const keep = vi.fn();
    render(
      <UnitsProvider value="us">
        <InlineNumber label="Long" unit="mm" value={50.8} min={1} max={254} onKeep={keep} />
        <InlineNumber label="Layer" unit="mm" isMetric value={0.2} min={0} max={1} onKeep={keep} />
      </UnitsProvider>,
    );
    const long = screen.getByLabelText<HTMLInputElement>('Long, in');
    expect(long.value).toBe('2');
    expect(screen.getByLabelText<HTMLInputElement>('Layer, mm').value).toBe('0.2');
    fireEvent.change(long, { target: { value: '11' } });
    expect(screen.getByRole('alert').textContent).toBe('Between 0.0394 and 10.');
    fireEvent.change(long, { target: { value: '3' } });
    fireEvent.keyDown(long, { key: 'Enter' });
    expect(keep.mock.calls[0]?.[0]).toBeCloseTo(76.2, 9);
  });
  it('a trial stays as it was typed, and follows what comes from elsewhere', () => {
    const seen = vi.fn();
    const Trial = () => {
      const [text, setText] = useState('25.4');
      seen(text);
      return (
        <UnitsProvider value="us">
          <NumberBox label="Laid, mm" trial={{ text, set: setText }} min={0.05} max={100} />
          <button type="button" onClick={() => setText('50.8')}>
            other
          </button>
        </UnitsProvider>
      );
    };
    render(<Trial />);
    const field = screen.getByLabelText<HTMLInputElement>('Laid, in');
    expect(field.value).toBe('1');
    for (const text of ['0.', '0.5', '0.50']) {
      fireEvent.change(field, { target: { value: text } });
      expect(field.value).toBe(text);
    }
    expect(Number(seen.mock.lastCall?.[0])).toBeCloseTo(12.7, 9);
    fireEvent.change(field, { target: { value: 'x' } });
    expect(screen.getByRole('alert').textContent).toBe('This is not a number.');
    fireEvent.click(screen.getByText('other'));
    expect(field.value).toBe('2');
  });
  it('a form’s number is null for nothing and NaN for no number; what is wrong is told in the unit it shows', async () => {
    const seen: (number | null)[] = [];
    const BELL = { id: 'p', revision: 0, name: 'Bell', story: '', dueMs: null, weight: 1, viewingMetres: 3.048, position: 0 };
    const Form = () => {
      const form = useRecordForm<Prop>(Prop, BELL);
      seen.push(useWatch({ control: form.control, name: 'viewingMetres' }));
      return (
        <UnitsProvider value="us">
          <FormNumber control={form.control} name="viewingMetres" label="Seen from, m" mayBeEmpty />
        </UnitsProvider>
      );
    };
    render(<Form />);
    const field = screen.getByLabelText<HTMLInputElement>('Seen from, ft');
    expect(field.value).toBe('10');
    fireEvent.blur(field);
    fireEvent.change(field, { target: { value: '' } });
    expect(seen.at(-1)).toBeNull();
    fireEvent.change(field, { target: { value: 'x' } });
    expect(seen.at(-1)).toBeNaN();
    expect((await screen.findByRole('alert')).textContent).toBe('A number is needed.');
    // A twentieth of a metre is 0.164 ft: the least that may be typed, by hundredths.
    fireEvent.change(field, { target: { value: '0.1' } });
    expect((await screen.findByText(/At least/u)).textContent).toBe('At least 0.17.');
    fireEvent.change(field, { target: { value: '5' } });
    expect(seen.at(-1)).toBeCloseTo(1.524, 9);
    await waitFor(() => expect(screen.queryByRole('alert')).toBeNull());
    expect(field.value).toBe('5');
  });
});
