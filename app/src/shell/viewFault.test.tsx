// @vitest-environment happy-dom
import { act, screen, waitFor } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { openShop } from '../testing/openShop';

vi.mock('../workers/plan/planClient', () => import('../testing/planHere'));
vi.mock('../views/log/LogView', () => ({
  LogView: () => {
    throw new TypeError('entries is undefined');
  },
}));

afterEach(() => {
  vi.restoreAllMocks();
});

describe('a view that breaks', () => {
  it('says so, keeps the rest, and gives a report to copy without a word of the shop in it', async () => {
    // React tells the console of every error a boundary has caught.
    vi.spyOn(console, 'error').mockImplementation(() => undefined);
    const { user, store } = await openShop('/bench');
    await act(() => store.edit('Rename', (edit) => edit.patch('props', 'prop', { name: 'A secret name' })));
    await user.keyboard('8');
    expect(await screen.findByRole('heading', { name: 'This view could not be shown' })).toBeTruthy();
    const report = (await screen.findByLabelText('Report', { selector: 'textarea' })) as HTMLTextAreaElement;
    await waitFor(() => expect(report.value).toContain('props 1'));
    expect(report.value).toMatch(/^Zinc Ladder \d+\.\d+\.\d+\nBrowser: .+\nView: .+\nFault: TypeError: entries is undefined\n/u);
    expect(report.value).not.toContain('secret');
    await user.click(screen.getByText('Report', { selector: 'summary' }));
    await user.click(screen.getByRole('button', { name: 'Copy the report' }));
    expect(await screen.findByRole('button', { name: 'Copied' })).toBeTruthy();
    expect(await navigator.clipboard.readText()).toBe(report.value);
    expect(screen.getByRole('navigation', { name: 'Views' })).toBeTruthy();
  });
});
