// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { labOfHex } from '@zinc-ladder/core/colour/lab';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { LabBox, readColour } from './LabBox';

afterEach(cleanup);

describe('a typed colour', () => {
  it.each([
    ['36, -13, 5', [36, -13, 5]],
    ['36 -13 5', [36, -13, 5]],
    ['36;-13;5', [36, -13, 5]],
    ['36.5,-13.25,5', [36.5, -13.25, 5]],
    ['36,5 -13,2 5,1', [36.5, -13.2, 5.1]],
    ['  0, 0, 0 ', [0, 0, 0]],
  ])('“%s” is Lab', (text, lab) => expect(readColour(text)).toEqual(lab));
  it.each(['#3c5c4c', '#3C5C4C', '3c5c4c', '123456'])('“%s” is a hex colour', (text) =>
    expect(readColour(text)).toEqual(labOfHex(`#${text.replace('#', '').toLowerCase()}`)),
  );
  it.each(['', 'green', '#12345', '36, -13', '36, -13, 5, 1', '120, 0, 0', '-1, 0, 0', '50, 200, 0', 'a, b, c'])('“%s” is none', (text) =>
    expect(readColour(text)).toBeNull(),
  );
});

describe('the field for it', () => {
  const type = (text: string): void => void fireEvent.change(screen.getByLabelText('Its colour'), { target: { value: text } });
  it('takes a colour once and empties itself', () => {
    const take = vi.fn();
    render(<LabBox label="Its colour" action="Keep" onTake={take} />);
    type('36, -13, 5');
    fireEvent.click(screen.getByRole('button', { name: 'Keep' }));
    expect(take).toHaveBeenCalledWith([36, -13, 5]);
    expect((screen.getByLabelText('Its colour') as HTMLInputElement).value).toBe('');
  });
  it('says what it wants and takes nothing else', () => {
    const take = vi.fn();
    render(<LabBox label="Its colour" action="Keep" onTake={take} />);
    expect(screen.queryByRole('alert')).toBeNull();
    type('greenish');
    expect(screen.getByRole('alert').textContent).toContain('#3c5c4c');
    expect((screen.getByRole('button', { name: 'Keep' }) as HTMLButtonElement).disabled).toBe(true);
    fireEvent.submit(screen.getByLabelText('Its colour').closest('form') as HTMLFormElement);
    expect(take).not.toHaveBeenCalled();
  });
});
