import { mixEpoxy } from '@zinc-ladder/core/batch/epoxyMix';
import { useState } from 'react';
import { useSprayState } from '../../../features/plan/useSprayState';
import { Button } from '../../../ui/Button';
import { Cautions } from '../../../ui/Cautions';
import { Figure, Figures } from '../../../ui/Figure';
import { Sheet } from '../../../ui/Sheet';
import { NumberBox, readTrial } from '../../../ui/fields/NumberBox';
import { useStartTimers } from '../gathered/useStartTimers';
import { useFormats } from '../../../features/formats/useFormats';

const FIRST = { partsA: '2', partsB: '1', densityA: '1.12', densityB: '1.0', total: '30', pot: '15' };

/** Epoxy by volume and by weight, and how long the cup lasts. */
export function EpoxySheet() {
  const formats = useFormats();
  const spray = useSprayState();
  const start = useStartTimers();
  const [texts, setTexts] = useState(FIRST);
  const trial = (key: keyof typeof FIRST) => ({ text: texts[key], set: (text: string) => setTexts({ ...texts, [key]: text }) });
  const read = (key: keyof typeof FIRST, max: number): number | null => readTrial(texts[key], 0.01, max);
  const values = [
    read('partsA', 100),
    read('partsB', 100),
    read('densityA', 5),
    read('densityB', 5),
    read('total', 10_000),
    read('pot', 600),
  ] as const;
  const [partsA, partsB, densityA, densityB, totalMillilitres, potMinutesAt23] = values;
  const temperatureCelsius = spray?.temperatureCelsius ?? 23;
  const mix =
    partsA && partsB && densityA && densityB && totalMillilitres && potMinutesAt23
      ? mixEpoxy({ byVolume: { partsA, partsB }, densityA, densityB, totalMillilitres, temperatureCelsius, potMinutesAt23 })
      : null;
  return (
    <Sheet className="p-4" label="Epoxy">
      <h2 className="label mb-2">Epoxy, brush-on or tinted</h2>
      <div className="grid grid-cols-2 gap-3">
        <NumberBox label="Parts A, volume" trial={trial('partsA')} min={0.01} max={100} />
        <NumberBox label="Parts B, volume" trial={trial('partsB')} min={0.01} max={100} />
        <NumberBox label="Density A, kg/l" trial={trial('densityA')} min={0.01} max={5} />
        <NumberBox label="Density B, kg/l" trial={trial('densityB')} min={0.01} max={5} />
        <NumberBox label="Mix, ml" trial={trial('total')} min={0.01} max={10_000} />
        <NumberBox label="Pot life at 23 °C, min" trial={trial('pot')} min={0.01} max={600} />
      </div>
      {mix && (
        <div className="mt-3">
          <Figures columns={2}>
            <Figure
              label="By volume"
              value={`${formats.volume(mix.amountAMillilitres)} + ${formats.volume(mix.amountBMillilitres)}`}
              isWide
            />
            <Figure
              label="By weight"
              value={`${mix.weightAGrams.toFixed(1)} + ${mix.weightBGrams.toFixed(1)} g`}
              reason={{ formula: 'volume × density of each part', source: 'densities from the label; the ones here are a guess' }}
              isWide
            />
            <Figure
              label="The cup lasts"
              value={`${Math.round(mix.potMinutes)} min`}
              reason={{
                formula: mix.formula,
                inputs: [['shop now', formats.temperature(temperatureCelsius)]],
                source: 'Arrhenius, Ea 50 kJ/mol (from memory); the cup’s size is guessed. The label wins.',
              }}
            />
          </Figures>
          <Button
            look="primary"
            isLarge
            className="mt-3"
            onClick={() => void start([['Epoxy: cup lasts', mix.potMinutes, 'It gels: no more brushing.']])}
          >
            Mixed: start the timer
          </Button>
        </div>
      )}
      <p className="text-dim mt-2 text-sm">
        Stir as long as the label says, scrape the cup’s side, pour into a second cup. A shallow tray lasts longer than a deep cup.
      </p>
      <div className="mt-2">
        <Cautions of="epoxy" ids={['epoxy']} />
      </div>
    </Sheet>
  );
}
