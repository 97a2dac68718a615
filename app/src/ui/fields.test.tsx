// @vitest-environment happy-dom
import { cleanup, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import { InlineNumber } from './fields';

afterEach(cleanup);

describe('a label', () => {
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
