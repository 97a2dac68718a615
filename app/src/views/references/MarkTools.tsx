import { KNOWN_THINGS, SIZE_SOURCES } from '@zinc-ladder/core/reference/knownThings';
import type { Distrusted, Measuring } from '@zinc-ladder/model/records/reference/measuring';
import { DISTRUSTED } from '@zinc-ladder/model/records/reference/measuring';
import { useState } from 'react';
import { useFormats } from '../../features/formats/useFormats';
import { Button } from '../../ui/Button';
import { InlineText, Labelled, SelectField } from '../../ui/fields/fields';
import { NumberBox, readTrial } from '../../ui/fields/NumberBox';
import { Sheet } from '../../ui/Sheet';
import type { MarkTask } from './markTask';
import { CheckField } from '../../ui/fields/CheckField';

const DISTRUST_WORDS: Readonly<Record<Distrusted, string>> = {
  light: 'its light: colours sampled from it count last',
  scale: 'its scale: lengths read on it are not counted',
};
const OWN = 'own';
/** Sheets and cards whose corners tell a plane: long side by short side, mm. */
const RECTANGLES = [
  ['bankCard', 'bank card', 85.6, 53.98],
  ['a4', 'A4 sheet', 297, 210],
  ['letter', 'letter sheet', 279.4, 215.9],
] as const;
const TILTS = [
  ['3', 'square on'],
  ['6', 'about square on'],
  ['10', 'roughly square on'],
  ['20', 'at a slant'],
] as const;
const MOST_MM = 1_000_000;

/** What is known on a picture, and what more can be marked. */
export function MarkTools({
  measuring,
  onTask,
  onChange,
  onDistrust,
}: {
  readonly measuring: Measuring;
  readonly onTask: (task: MarkTask) => void;
  readonly onChange: (label: string, change: (measuring: Measuring) => Measuring) => void;
  readonly onDistrust: (what: Distrusted, isDistrusted: boolean) => void;
}) {
  const formats = useFormats();
  const { knowns, rectangle, circle, pins } = measuring;
  const isPlaneTold = rectangle !== null || circle !== null;
  return (
    <div className="grid items-start gap-4 md:grid-cols-2 lg:grid-cols-1">
      <Sheet className="grid gap-3 p-4" label="Known lengths">
        <h2 className="label">Known lengths</h2>
        <KnownForm onTask={onTask} />
        <ul className="grid gap-1">
          {knowns.map(({ name, millimetres, sdMillimetres }, at) => (
            <li key={at} className="flex items-center justify-between gap-2">
              <span>
                {name}{' '}
                <span className="figure">
                  {formats.length(millimetres, 1)}
                  {sdMillimetres > 0 ? ` ± ${formats.length(sdMillimetres, 1)}` : ''}
                </span>
              </span>
              <TakeOff
                what={name}
                onPress={() =>
                  onChange(`Take ${name} off the picture`, (kept) => ({ ...kept, knowns: kept.knowns.filter((_, i) => i !== at) }))
                }
              />
            </li>
          ))}
        </ul>
      </Sheet>
      <Sheet className="grid gap-3 p-4" label="The plane">
        <h2 className="label">The plane all of it lies in</h2>
        {rectangle && (
          <p className="flex items-center justify-between gap-2">
            <span>
              Told by four corners, <span className="figure">{rectangle.proportion.toFixed(3)} : 1</span>
              {rectangle.sideMillimetres === null ? '' : `, first side ${formats.length(rectangle.sideMillimetres, 1)}`}
            </span>
            <TakeOff what="the corners" onPress={() => onChange('Take the corners off', (kept) => ({ ...kept, rectangle: null }))} />
          </p>
        )}
        {circle && (
          <p className="flex flex-wrap items-center justify-between gap-2">
            <span>
              Told by a circle{circle.centre ? ' and its centre' : '’s rim, as from afar'}
              {circle.diameterMillimetres === null ? '' : `, ${formats.length(circle.diameterMillimetres, 1)} across`}
            </span>
            {!circle.centre && <Button onClick={() => onTask({ kind: 'centre' })}>Mark its centre</Button>}
            <TakeOff what="the circle" onPress={() => onChange('Take the circle off', (kept) => ({ ...kept, circle: null }))} />
          </p>
        )}
        {!isPlaneTold && (
          <SelectField
            label="The picture was taken"
            value={String(TILTS.find(([degrees]) => Number(degrees) >= measuring.tiltDegrees)?.[0] ?? '20')}
            options={TILTS}
            onChange={(degrees) => onChange('How the picture was taken', (kept) => ({ ...kept, tiltDegrees: Number(degrees) }))}
          />
        )}
        <PlaneForm onTask={onTask} />
      </Sheet>
      <Sheet className="grid gap-3 p-4" label="Pins and origin">
        <h2 className="label">Pins</h2>
        <PinForm onTask={onTask} />
        <ul className="grid gap-1">
          {pins.map(({ text }, at) => (
            <li key={at} className="flex items-center justify-between gap-2">
              {text}
              <TakeOff
                what={text}
                onPress={() => onChange('Take a pin off', (kept) => ({ ...kept, pins: kept.pins.filter((_, i) => i !== at) }))}
              />
            </li>
          ))}
        </ul>
        <fieldset>
          <legend className="label">Not to be trusted in this picture</legend>
          {DISTRUSTED.map((what) => (
            <CheckField
              key={what}
              label={DISTRUST_WORDS[what]}
              checked={measuring.distrusted.includes(what)}
              onChange={(isOn) => onDistrust(what, isOn)}
            />
          ))}
        </fieldset>
        <InlineText
          label="Where the picture is from"
          rows={2}
          value={measuring.origin}
          onKeep={(origin) => onChange('Where the picture is from', (kept) => ({ ...kept, origin: origin.slice(0, 500) }))}
        />
      </Sheet>
    </div>
  );
}

function TakeOff({ what, onPress }: { readonly what: string; readonly onPress: () => void }) {
  return (
    <Button look="quiet" className="shrink-0 text-sm" aria-label={`Take off: ${what}`} onClick={onPress}>
      Take off
    </Button>
  );
}

function KnownForm({ onTask }: { readonly onTask: (task: MarkTask) => void }) {
  const [thingId, setThingId] = useState(OWN);
  const [text, setText] = useState('');
  const [name, setName] = useState('');
  const thing = KNOWN_THINGS.find(({ id }) => id === thingId);
  const millimetres = thing ? thing.millimetres : readTrial(text, 0.01, MOST_MM);
  const formats = useFormats();
  return (
    <>
      <SelectField
        label="A length you know"
        value={thingId}
        options={[[OWN, 'one of my own'], ...KNOWN_THINGS.map(({ id, name: words }) => [id, words] as const)]}
        onChange={setThingId}
      />
      {thing ? (
        <p className="text-dim text-sm">
          <span className="figure">{formats.length(thing.millimetres, 1)}</span>
          {thing.sdMillimetres > 0 && <span className="figure"> ± {formats.length(thing.sdMillimetres, 1)}</span>},{' '}
          {SIZE_SOURCES[thing.kind]}
        </p>
      ) : (
        <div className="grid grid-cols-2 gap-2">
          <TextBox label="Of what" value={name} onChange={setName} />
          <NumberBox label="Length, mm" trial={{ text, set: setText }} min={0.01} max={MOST_MM} isQuiet={text === ''} />
        </div>
      )}
      <Button
        disabled={millimetres === null}
        onClick={() => {
          if (millimetres === null) return;
          onTask({
            kind: 'known',
            name: thing?.name ?? (name.trim() || 'known length'),
            millimetres,
            sdMillimetres: thing?.sdMillimetres ?? 0,
          });
          setText('');
          setName('');
        }}
      >
        Mark its two ends
      </Button>
    </>
  );
}

function PlaneForm({ onTask }: { readonly onTask: (task: MarkTask) => void }) {
  const [shape, setShape] = useState('bankCard');
  const [wide, setWide] = useState('');
  const [high, setHigh] = useState('');
  const [across, setAcross] = useState('');
  const known = RECTANGLES.find(([id]) => id === shape);
  const [first, second] = known ? [known[2], known[3]] : [readTrial(wide, 0.01, MOST_MM), readTrial(high, 0.01, MOST_MM)];
  const diameter = readTrial(across, 0.01, MOST_MM);
  return (
    <>
      <SelectField
        label="Something in it"
        value={shape}
        options={[
          ...RECTANGLES.map(([id, words]) => [id, `${words}, long side first`] as const),
          ['rectangle', 'a rectangle of my own'],
          ['proportion', 'a rectangle, its proportions only'],
          ['circle', 'a circle'],
        ]}
        onChange={setShape}
      />
      {(shape === 'rectangle' || shape === 'proportion') && (
        <div className="grid grid-cols-2 gap-2">
          <NumberBox label="First side, mm" trial={{ text: wide, set: setWide }} min={0.01} max={MOST_MM} isQuiet={wide === ''} />
          <NumberBox label="Next side, mm" trial={{ text: high, set: setHigh }} min={0.01} max={MOST_MM} isQuiet={high === ''} />
        </div>
      )}
      {shape === 'circle' && (
        <NumberBox
          label="Across, mm"
          trial={{ text: across, set: setAcross }}
          min={0.01}
          max={MOST_MM}
          mayBeEmpty
          hint="Empty: not known"
        />
      )}
      {shape === 'circle' ? (
        <Button onClick={() => onTask({ kind: 'circle', diameterMillimetres: diameter })}>Mark its rim</Button>
      ) : (
        <Button
          disabled={first === null || second === null}
          onClick={() =>
            first !== null &&
            second !== null &&
            onTask({ kind: 'rectangle', proportion: first / second, sideMillimetres: shape === 'proportion' ? null : first })
          }
        >
          Mark its four corners
        </Button>
      )}
    </>
  );
}

function PinForm({ onTask }: { readonly onTask: (task: MarkTask) => void }) {
  const [text, setText] = useState('');
  return (
    <>
      <TextBox label="What is seen there" value={text} onChange={setText} />
      <Button
        disabled={text.trim() === ''}
        onClick={() => {
          onTask({ kind: 'pin', text: text.trim() });
          setText('');
        }}
      >
        Mark the place
      </Button>
    </>
  );
}

function TextBox({
  label,
  value,
  onChange,
}: {
  readonly label: string;
  readonly value: string;
  readonly onChange: (text: string) => void;
}) {
  return (
    <Labelled label={label}>
      {({ id }) => <input id={id} className="field" maxLength={200} value={value} onChange={(event) => onChange(event.target.value)} />}
    </Labelled>
  );
}
