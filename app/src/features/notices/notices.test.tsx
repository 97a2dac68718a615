// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { useState } from 'react';
import { afterEach, describe, expect, it } from 'vitest';
import { FocusKeeper } from '../../shell/FocusKeeper';
import { NoticesProvider, useNotices } from './Notices';

afterEach(cleanup);

function Speaker() {
  const { tell, tellError, tellList, settle } = useNotices();
  return (
    <>
      <button type="button" onClick={() => tell('Kept')}>
        tell
      </button>
      <button type="button" onClick={() => tellError(new Error('the disk is full'))}>
        fail
      </button>
      <button type="button" onClick={() => tellList('Mended', 'These were', [{ path: 'a', message: 'b' }])}>
        list
      </button>
      <button type="button" onClick={settle}>
        settle
      </button>
      <input aria-label="field" />
    </>
  );
}
const press = (name: string): void => void fireEvent.click(screen.getByRole('button', { name }));
const told = (): (string | null)[] =>
  screen.queryAllByRole('button', { name: 'Put away' }).map((button) => button.parentElement?.textContent ?? null);

describe('notices', () => {
  const show = () => render(<NoticesProvider children={<Speaker />} />);
  it('of what failed go when the next thing is done; lists stay until they are put away', () => {
    show();
    for (const name of ['list', 'fail', 'fail']) press(name);
    expect(told()).toHaveLength(3);
    press('settle');
    expect(told()).toEqual([expect.stringContaining('Mended')]);
    press('Put away');
    expect(told()).toEqual([]);
  });
  it('go by Escape, the newest first, unless it is meant for a field', () => {
    show();
    press('list');
    press('tell');
    fireEvent.keyDown(screen.getByLabelText('field'), { key: 'Escape' });
    expect(told()).toHaveLength(2);
    fireEvent.keyDown(screen.getByRole('button', { name: 'tell' }), { key: 'Escape' });
    expect(told()).toEqual([expect.stringContaining('Mended')]);
    fireEvent.keyDown(document.body, { key: 'Escape' });
    expect(told()).toEqual([]);
  });
});

describe('the keyboard’s place', () => {
  const Panel = () => {
    const [isOpen, setOpen] = useState(false);
    const [isThere, setThere] = useState(true);
    return (
      <>
        <FocusKeeper />
        <main id="view" tabIndex={-1}>
          <button type="button" onClick={() => setOpen(true)}>
            add
          </button>
          <input aria-label="filter" />
          {isThere && (
            <button type="button" onClick={() => setThere(false)}>
              take away
            </button>
          )}
          {isOpen && (
            <form>
              <input aria-label="name" />
              <button type="button" onClick={() => setOpen(false)}>
                keep
              </button>
            </form>
          )}
        </main>
      </>
    );
  };
  const focusAndPress = (name: string): void => {
    screen.getByRole('button', { name }).focus();
    fireEvent.keyDown(document.body, { key: 'Enter' });
    press(name);
  };
  it('returns to what opened a form that is done', async () => {
    render(<Panel />);
    focusAndPress('add');
    screen.getByLabelText('name').focus();
    focusAndPress('keep');
    await waitFor(() => expect(document.activeElement).toBe(screen.getByRole('button', { name: 'add' })));
  });
  it('returns to the view where nothing it came from is left', async () => {
    render(<Panel />);
    focusAndPress('take away');
    await waitFor(() => expect(document.activeElement?.id).toBe('view'));
  });
  it('returns into a field for keys, never for a finger', async () => {
    render(<Panel />);
    screen.getByLabelText('filter').focus();
    fireEvent.pointerDown(screen.getByRole('button', { name: 'take away' }));
    screen.getByRole('button', { name: 'take away' }).focus();
    press('take away');
    await waitFor(() => expect(document.activeElement?.id).toBe('view'));
  });
});
