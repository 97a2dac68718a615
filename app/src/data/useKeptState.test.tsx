// @vitest-environment happy-dom
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { afterEach, describe, expect, it } from 'vitest';
import { useKeptState } from './useKeptState';

afterEach(cleanup);

function Marks({ of }: { readonly of: string }) {
  const [marks, setMarks] = useKeptState<readonly string[]>(['marks', of], []);
  return (
    <button type="button" onClick={() => setMarks((now) => [...now, 'x'])}>
      {of}: {marks.length}
    </button>
  );
}
function Views() {
  const [shown, show] = useState<string | null>('a');
  return (
    <>
      {shown && <Marks of={shown} />}
      {['a', 'b', ''].map((name) => (
        <button key={name} type="button" onClick={() => show(name || null)}>
          go {name || 'away'}
        </button>
      ))}
    </>
  );
}

describe('a state that is kept while the page is open', () => {
  it('is there when its view is come back to, each key with its own, and counts every press', async () => {
    render(<QueryClientProvider client={new QueryClient()} children={<Views />} />);
    const press = (name: string): void => void fireEvent.click(screen.getByText(name));
    const first = screen.getByText('a: 0');
    fireEvent.click(first);
    fireEvent.click(first);
    expect(await screen.findByText('a: 2')).toBeTruthy();
    press('go away');
    press('go b');
    press('b: 0');
    expect(await screen.findByText('b: 1')).toBeTruthy();
    press('go a');
    expect(await screen.findByText('a: 2')).toBeTruthy();
  });
});
