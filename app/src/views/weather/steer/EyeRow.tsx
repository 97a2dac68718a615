import type { Lab } from '@zinc-ladder/core/colour/lab';
import { linearOfLab } from '@zinc-ladder/core/colour/lab';
import { screenOfLight } from '@zinc-ladder/core/colour/screenLight';
import { octaveNoise, shareOfOctaveNoise } from '@zinc-ladder/core/weather/places/noise';
import { EYE_STEPS, eyeHalf } from '@zinc-ladder/core/weather/hand/eyeSteps';
import { useEffect, useRef } from 'react';
import { percent } from '../words';

const SIZE = 96;
/** Pixels of a swatch that stand for a millimetre. */
const PIXELS_A_MILLIMETRE = 4;

/** A row of swatches from too little to too much: the one that looks like the part is pressed. */
export function EyeRow({
  base,
  deposit,
  sizeMillimetres,
  target,
  onKeep,
}: {
  readonly base: Lab;
  readonly deposit: Lab;
  readonly sizeMillimetres: number;
  readonly target: number | null;
  readonly onKeep: (coverage: number, half: number) => void;
}) {
  const nearest =
    target === null
      ? null
      : EYE_STEPS.reduce((best, step) => (Math.abs(step - target) < Math.abs(best - target) ? step : best), EYE_STEPS[0] as number);
  return (
    <div>
      <p className="mb-2">Hold the part beside the screen, from where it will be seen, and press the swatch that carries as much.</p>
      <div className="bg-ground flex flex-wrap gap-2 p-3">
        {EYE_STEPS.map((step) => (
          <button
            key={step}
            type="button"
            className={`bg-sheet flex cursor-pointer flex-col items-center border p-1 ${step === nearest ? 'border-lime border-t-[6px]' : 'border-edge'}`}
            onClick={() => onKeep(step, eyeHalf(step))}
          >
            <EyeSwatch base={base} deposit={deposit} share={step} sizeMillimetres={sizeMillimetres} />
            <span className="figure block text-sm">{percent(step)}</span>
            {step === nearest && <span className="label block">the line</span>}
          </button>
        ))}
      </div>
      <p className="text-dim mt-2 text-sm">
        By eye a step to either side is as likely: the interval is wide, and the next photograph counts for more.
      </p>
    </div>
  );
}

function EyeSwatch({
  base,
  deposit,
  share,
  sizeMillimetres,
}: {
  readonly base: Lab;
  readonly deposit: Lab;
  readonly share: number;
  readonly sizeMillimetres: number;
}) {
  const canvas = useRef<HTMLCanvasElement>(null);
  useEffect(() => {
    const context = canvas.current?.getContext('2d');
    if (!context) return;
    const colours = [base, deposit].map((lab) => linearOfLab(lab).map((light) => screenOfLight(light)));
    const picture = context.createImageData(SIZE, SIZE);
    const cell = Math.max(2, sizeMillimetres * PIXELS_A_MILLIMETRE);
    for (let y = 0; y < SIZE; y += 1)
      for (let x = 0; x < SIZE; x += 1) {
        const isCovered = shareOfOctaveNoise(octaveNoise(x / cell, y / cell, 0.5, 3)) < share;
        const colour = colours[isCovered ? 1 : 0] ?? [0, 0, 0];
        picture.data.set([colour[0] ?? 0, colour[1] ?? 0, colour[2] ?? 0, 255], (y * SIZE + x) * 4);
      }
    context.putImageData(picture, 0, 0);
  }, [base, deposit, share, sizeMillimetres]);
  return <canvas ref={canvas} width={SIZE} height={SIZE} aria-hidden="true" className="block" />;
}
