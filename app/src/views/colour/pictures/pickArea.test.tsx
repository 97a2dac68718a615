// @vitest-environment happy-dom
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import type { PictureReference } from '@zinc-ladder/model/records/prop/pictureReference';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { PickArea } from './PickArea';

vi.mock('../../../workers/pictures/pictureClient', () => import('../../../testing/pictureHere'));
vi.mock('../../../data/queries', () => ({ useAttachment: () => new Blob(['x'], { type: 'image/png' }) }));

const PICTURE: PictureReference = {
  id: 'hall',
  revision: 0,
  name: 'Hall',
  mediaType: 'image/png',
  byteLength: 1,
  propId: null,
  partId: null,
  isOwn: false,
  focalShare: null,
  neutral: null,
  takenAtMs: null,
  note: '',
};

beforeEach(() => {
  vi.stubGlobal('URL', Object.assign(URL, { createObjectURL: () => 'blob:x', revokeObjectURL: () => undefined }));
  // The picture lies 400 × 200 on the screen, a hundred to the right and fifty down.
  HTMLElement.prototype.getBoundingClientRect = () => new DOMRect(100, 50, 400, 200);
  HTMLElement.prototype.setPointerCapture = () => undefined;
});
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

function open(picture: PictureReference = PICTURE) {
  const onPick = vi.fn();
  render(
    <QueryClientProvider client={new QueryClient()}>
      <PickArea picture={picture} marks={[]} onPick={onPick} />
    </QueryClientProvider>,
  );
  return { onPick, stage: screen.getByRole('application') };
}
const at = (x: number, y: number) => ({ clientX: 100 + x * 400, clientY: 50 + y * 200, pointerId: 1 });

describe('picking a place on a picture', () => {
  it('a drag takes what it goes over, in either direction', () => {
    const { onPick, stage } = open();
    fireEvent.pointerDown(stage, at(0.6, 0.8));
    fireEvent.pointerMove(stage, at(0.5, 0.6));
    fireEvent.pointerUp(stage, at(0.4, 0.5));
    const [area] = onPick.mock.calls[0] as [{ x: number; y: number; width: number; height: number }];
    expect(area.x).toBeCloseTo(0.4, 9);
    expect(area.y).toBeCloseTo(0.5, 9);
    expect(area.width).toBeCloseTo(0.2, 9);
    expect(area.height).toBeCloseTo(0.3, 9);
  });
  it('a press takes a square patch around it that stays on the picture', () => {
    const { onPick, stage } = open();
    fireEvent.pointerDown(stage, at(0.5, 0.5));
    fireEvent.pointerUp(stage, at(0.5, 0.5));
    // 5 % of 400 px across are 20 px, which are 10 % of 200 px down.
    expect(onPick.mock.calls[0]).toEqual([{ x: 0.475, y: 0.45, width: 0.05, height: 0.1 }]);
    fireEvent.pointerDown(stage, at(0, 0));
    fireEvent.pointerUp(stage, at(0, 0));
    expect(onPick.mock.calls[1]).toEqual([{ x: 0, y: 0, width: 0.05, height: 0.1 }]);
    fireEvent.pointerDown(stage, at(1, 1));
    fireEvent.pointerUp(stage, at(1, 1));
    expect(onPick.mock.calls[2]).toEqual([{ x: 0.95, y: 0.9, width: 0.05, height: 0.1 }]);
  });
  it('its size is chosen; a drag that is broken off takes nothing', () => {
    const { onPick, stage } = open();
    fireEvent.change(screen.getByRole('combobox', { name: 'Patch of a press' }), { target: { value: '0.1' } });
    fireEvent.pointerDown(stage, at(0.5, 0.5));
    fireEvent.pointerCancel(stage, at(0.5, 0.5));
    expect(onPick).not.toHaveBeenCalled();
    fireEvent.pointerDown(stage, at(0.5, 0.5));
    fireEvent.pointerUp(stage, at(0.5, 0.5));
    expect((onPick.mock.calls[0] as [{ width: number }])[0].width).toBe(0.1);
  });
  it('arrow keys move the patch, faster with Shift, Enter takes it; other keys are left to the page', () => {
    const { onPick, stage } = open();
    fireEvent.keyDown(stage, { key: 'ArrowRight' });
    fireEvent.keyDown(stage, { key: 'ArrowDown', shiftKey: true });
    fireEvent.keyDown(stage, { key: 'Enter' });
    const [area] = onPick.mock.calls[0] as [{ x: number; y: number }];
    expect(area.x).toBeCloseTo(0.485, 9);
    expect(area.y).toBeCloseTo(0.5, 9);
    expect(fireEvent.keyDown(stage, { key: 'b' })).toBe(true);
    expect(fireEvent.keyDown(stage, { key: 'ArrowLeft' })).toBe(false);
  });
  it('shows a picture as it was taken beside its light out', () => {
    open({ ...PICTURE, neutral: { area: { x: 0, y: 0, width: 0.1, height: 0.1 }, known: [49.5, 0, 0], gains: [1, 1, 1] } });
    const toggle = screen.getByRole('button', { name: 'Show as taken' });
    fireEvent.click(toggle);
    expect(screen.getByRole('button', { name: 'Show with its light out' }).getAttribute('aria-pressed')).toBe('true');
  });
});
