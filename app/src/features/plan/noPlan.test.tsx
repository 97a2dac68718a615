// @vitest-environment happy-dom
import { screen, within } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { openShop } from '../../testing/openShop';
import { WorkerFault } from '../../workers/createClient';

const engine = vi.hoisted(() => ({ isDead: true }));
vi.mock('../../workers/plan/planClient', async () => {
  const here = await import('../../testing/planHere');
  const dead = (): Promise<never> => Promise.reject(new WorkerFault('notStarted'));
  return {
    getPlanWorker: () => (engine.isDead ? { goBy: dead, planShop: dead, hurry: dead } : here.getPlanWorker()),
    getFilms: () => (engine.isDead ? { readFilms: dead, readShopFilms: dead, readShopStarts: dead, sightShopFilm: dead } : here.getFilms()),
  };
});
vi.mock('../../workers/plan/outlookClient', () => import('../../testing/outlookHere'));

afterEach(() => {
  engine.isDead = true;
});

describe.each(['/plan', '/bench'])('a worker that does not come, on %s', (path) => {
  it('is told with a way to ask again; the strip claims nothing it does not know', async () => {
    const { user } = await openShop(path);
    expect((await screen.findByRole('alert')).textContent).toContain('The plan could not be made; the ladders are untouched.');
    const strip = screen.getByRole('banner');
    expect(within(strip).getAllByText('not known yet').length).toBeGreaterThanOrEqual(2);
    expect(within(strip).queryByText('none')).toBeNull();
    expect(within(strip).queryByText('closed')).toBeNull();
    engine.isDead = false;
    await user.click(screen.getByRole('button', { name: 'Plan again' }));
    await vi.waitFor(() => expect(screen.queryByRole('alert')).toBeNull(), 8000);
    await vi.waitFor(() => expect(within(strip).queryByText('not known yet')).toBeNull(), 8000);
  });
});
