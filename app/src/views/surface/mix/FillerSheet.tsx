import { batchBodyFiller, mixBodyFiller } from '@zinc-ladder/core/batch/bodyFillerMix';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import { useState } from 'react';
import { useSprayState } from '../../../features/plan/useSprayState';
import { Button } from '../../../ui/Button';
import { Cautions } from '../../../ui/Cautions';
import { Figure, Figures } from '../../../ui/Figure';
import { Sheet } from '../../../ui/Sheet';
import { NumberBox, readTrial } from '../../../ui/fields/NumberBox';
import { useStartTimers } from '../gathered/useStartTimers';
import { useFormats } from '../../../features/formats/useFormats';

/** Two-part body filler for today's temperature. */
export function FillerSheet({ part }: { readonly part: Part }) {
  const formats = useFormats();
  const spray = useSprayState();
  const start = useStartTimers();
  const [temperature, setTemperature] = useState<string | null>(null);
  const [percent, setPercent] = useState('');
  const [area, setArea] = useState(String(Math.round(part.areaSquareCentimetres * 0.25)));
  const [skin, setSkin] = useState('0.5');
  const temperatureText = temperature ?? (spray ? spray.temperatureCelsius.toFixed(1) : '20');
  const celsius = readTrial(temperatureText, -5, 45);
  const own = percent.trim() === '' ? undefined : (readTrial(percent, 0.5, 5) ?? undefined);
  const mix = celsius === null ? null : mixBodyFiller(celsius, own);
  const [square, thick] = [readTrial(area, 1, 100_000), readTrial(skin, 0.05, 10)];
  const batch = mix && square !== null && thick !== null ? batchBodyFiller(square, thick, mix) : null;
  const reason = mix && {
    formula: mix.formula,
    inputs: [['temperature', celsius === null ? '' : formats.temperature(celsius)]] as const,
    source: 'common practice: 2 % at 20 °C, 1–3 %, halves per 10 °C. The label wins.',
  };
  return (
    <Sheet className="p-4" label="Body filler">
      <h2 className="label mb-2">Two-part body filler</h2>
      <div className="grid grid-cols-2 gap-3">
        <NumberBox label="Temperature, °C" trial={{ text: temperatureText, set: setTemperature }} min={-5} max={45} />
        <NumberBox
          label="Hardener, %"
          trial={{ text: percent || (mix ? mix.hardenerPercent.toFixed(1) : ''), set: setPercent }}
          min={0.5}
          max={5}
        />
        <NumberBox label="Face, cm²" trial={{ text: area, set: setArea }} min={1} max={100_000} />
        <NumberBox label="Laid, mm" trial={{ text: skin, set: setSkin }} min={0.05} max={10} />
      </div>
      {mix && (
        <div className="mt-3">
          <Figures columns={2}>
            <Figure label="Hardener" value={`${mix.hardenerPercent.toFixed(1)} %`} {...(reason ? { reason } : {})} />
            <Figure label="To work" value={clockWords(mix.workingMinutes)} {...(reason ? { reason } : {})} />
            <Figure label="Trim with a knife" value={`${clockWords(mix.trimFromMinutes)} to ${clockWords(mix.trimUntilMinutes)}`} isWide />
            {batch && (
              <>
                <Figure label="A batch" value={`${batch.fillerGrams.toFixed(0)} g + ${batch.hardenerGrams.toFixed(2)} g`} />
                <Figure label="Batches" value={`${batch.batches}, ${formats.area(batch.coversSquareCentimetres)} each`} />
              </>
            )}
          </Figures>
          {mix.isAtLimit && (
            <p className="text-oxide mt-1 text-sm">Hardener is at its limit: at this temperature the times run away from the usual ones.</p>
          )}
          <Button
            look="primary"
            isLarge
            className="mt-3"
            onClick={() =>
              void start([
                ['Filler: work it', mix.workingMinutes, 'It sets: no more spreading.'],
                ['Filler: trim from', mix.trimFromMinutes, 'Now it cuts like cheese.'],
                ['Filler: trim until', mix.trimUntilMinutes, 'Too hard for the knife; sand it.'],
              ])
            }
          >
            Mixed: start the timers
          </Button>
        </div>
      )}
      <div className="mt-3">
        <Cautions of="body filler" ids={['bodyFiller', 'dust']} />
      </div>
    </Sheet>
  );
}

/** `4 min 30 s` */
export function clockWords(minutes: number): string {
  const seconds = Math.round(minutes * 60);
  return seconds % 60 === 0 ? `${seconds / 60} min` : `${Math.floor(seconds / 60)} min ${String(seconds % 60).padStart(2, '0')} s`;
}
