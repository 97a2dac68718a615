import { averageReadings } from '@zinc-ladder/core/colour/picture/agreeSamples';
import type { EyeJudgement, EyeStep } from '@zinc-ladder/core/colour/cards/labByEye';
import { EYE_STEPS, labByEye } from '@zinc-ladder/core/colour/cards/labByEye';
import type { Lab } from '@zinc-ladder/core/colour/lab';
import { hexOfLab } from '@zinc-ladder/core/colour/lab';
import type { AreaColour } from '@zinc-ladder/core/colour/picture/averageArea';
import { AS_TAKEN, neutralLab, toGains } from '@zinc-ladder/core/colour/picture/neutralise';
import type { ColourReading } from '@zinc-ladder/model/records/colour/colourReading';
import type { MixCard } from '@zinc-ladder/model/records/colour/mixCard';
import { useState } from 'react';
import { useClock } from '../../../clock/ClockContext';
import { useAttachment, useTable } from '../../../data/queries';
import { useDevices } from '../../../data/useDevices';
import { useEdit } from '../../../features/edit/useEdit';
import { getPictureApi } from '../../../workers/pictures/pictureClient';
import { useNotices } from '../../../features/notices/Notices';
import { Button } from '../../../ui/Button';
import { SelectField } from '../../../ui/fields/fields';
import { LabBox } from '../../../ui/fields/LabBox';
import { PickArea } from '../pictures/PickArea';
import { readByReader } from '../readByReader';

const WAYS = [
  ['reader', 'with the reader'],
  ['picture', 'off its picture'],
  ['eye', 'by eye, beside the target'],
  ['typed', 'typed'],
] as const;
type Way = (typeof WAYS)[number][0];
const COUNT = 3;

/** Reads the dry swatch of a card: by reader, picture, eye, or typed. */
export function ReadCard({
  card,
  predicted,
  target,
}: {
  readonly card: MixCard;
  readonly predicted: Lab | null;
  readonly target: Lab | null;
}) {
  const edit = useEdit();
  const clock = useClock();
  const { tellError } = useNotices();
  const picture = useTable('pictures').find((entry) => entry.id === card.pictureId);
  const file = useAttachment(card.pictureId);
  const devices = useDevices();
  const [chosen, setWay] = useState<Way | null>(null);
  const ways = WAYS.filter(([id]) => id !== 'reader' || devices !== 'none');
  const way = chosen ?? ways[0]?.[0] ?? 'picture';
  const keep = (method: ColourReading['method'], lab: Lab, count: number, spread: number): void =>
    void edit(`Read card ${card.name}`, (change) =>
      change.patch(
        'mixCards',
        card.id,
        {
          reading: { method, lab: lab.map((value) => Math.round(value * 100) / 100), count, spread, atMs: Math.round(clock.now()) },
          swatchHex: hexOfLab(lab),
        },
        card,
      ),
    );
  const read = async (): Promise<void> => {
    try {
      const mean = averageReadings(await readByReader(predicted ?? target ?? [50, 0, 0], COUNT, Math.round(clock.now()) % 1_000_000));
      if (mean) keep(devices === 'simulated' ? 'simulatedReader' : 'reader', mean.lab, COUNT, mean.spread);
    } catch (error) {
      tellError(error);
    }
  };
  return (
    <div className="grid gap-3">
      <div className="flex flex-wrap items-end gap-3">
        <div className="w-60">
          <SelectField
            label="Read the dry swatch"
            value={way}
            options={ways}
            onChange={(id) => setWay(WAYS.find(([entry]) => entry === id)?.[0] ?? 'reader')}
          />
        </div>
        {way === 'reader' && (
          <Button onClick={() => void read()}>{devices === 'simulated' ? `Read it simulated ${COUNT} ×` : `Read it ${COUNT} ×`}</Button>
        )}
      </div>
      {way === 'reader' && devices === 'simulated' && (
        <p className="text-dim text-sm">
          The reader here is simulated: it is told the colour predicted for this mix and scatters about it as a hand-held one does. A real
          one reads what lies under it.
        </p>
      )}
      {way === 'typed' && <LabBox label="What it shows" action="Keep the reading" onTake={(lab) => keep('typed', lab, 1, 0)} />}
      {way === 'eye' &&
        (target ? (
          <EyeForm onTake={(judged) => keep('eye', labByEye(target, judged), 1, 0)} />
        ) : (
          <p>Give the card a target first: an eye only tells differences.</p>
        ))}
      {way === 'picture' &&
        (picture && file ? (
          <>
            {!picture.neutral && (
              <p className="text-oxide text-sm">Its light is not taken out yet: mark a grey in it under Pictures first.</p>
            )}
            <PickArea
              picture={picture}
              marks={[]}
              onPick={(area) =>
                void getPictureApi()
                  .sample(picture.id, file, area)
                  .then((colour: AreaColour) => {
                    keep('picture', neutralLab(colour.rgb, toGains(picture.neutral?.gains ?? AS_TAKEN)), 1, 0);
                  })
                  .catch(tellError)
              }
            />
          </>
        ) : (
          <p>This card has no picture. Add one under Change: swatch and grey card in one light.</p>
        ))}
    </div>
  );
}

const AXES = [
  ['lightness', 'lighter', 'darker'],
  ['redness', 'redder', 'greener'],
  ['yellowness', 'yellower', 'bluer'],
] as const;

function EyeForm({ onTake }: { readonly onTake: (judged: EyeJudgement) => void }) {
  const [steps, setSteps] = useState<readonly string[]>(['none', 'none', 'none']);
  const judged = (at: number): { step: EyeStep; isFirst: boolean } => {
    const [word = 'none', side = '+'] = (steps[at] ?? 'none').split(' ');
    return { step: EYE_STEPS.find((step) => step === word) ?? 'none', isFirst: side === '+' };
  };
  return (
    <div className="grid items-end gap-3 sm:grid-cols-[1fr_1fr_1fr_auto]">
      {AXES.map(([axis, plus, minus], at) => (
        <SelectField
          key={axis}
          label={`${plus} or ${minus}`}
          value={steps[at] ?? 'none'}
          options={[
            ['none', 'the same'],
            ...(['touch', 'clearly', 'much'] as const).flatMap(
              (step) =>
                [
                  [`${step} +`, `${step === 'touch' ? 'a touch' : step} ${plus}`],
                  [`${step} -`, `${step === 'touch' ? 'a touch' : step} ${minus}`],
                ] as const,
            ),
          ]}
          onChange={(value) => setSteps(steps.map((old, place) => (place === at ? value : old)))}
        />
      ))}
      <Button
        onClick={() =>
          onTake({
            lightness: { step: judged(0).step, towards: judged(0).isFirst ? 'lighter' : 'darker' },
            redness: { step: judged(1).step, towards: judged(1).isFirst ? 'redder' : 'greener' },
            yellowness: { step: judged(2).step, towards: judged(2).isFirst ? 'yellower' : 'bluer' },
          })
        }
      >
        Keep the reading
      </Button>
    </div>
  );
}
