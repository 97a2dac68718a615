import { forecastClarity, INDEX_OF_PART, INDEX_OF_VARNISH } from '@zinc-ladder/core/clear/clarity';
import type { DyedStrip } from '@zinc-ladder/core/clear/dyeBath';
import { dyeTimeFor } from '@zinc-ladder/core/clear/dyeBath';
import { mistFor } from '@zinc-ladder/core/clear/mirrorMist';
import { GRITS } from '@zinc-ladder/core/surface/grit/gritTable';
import { HANDLER_BELOW } from '@zinc-ladder/core/wearing/sight';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import type { Prop } from '@zinc-ladder/model/records/prop/prop';
import { counted } from '../../base/counted';
import { formatSpan } from '../../base/formats';
import { useKeptState } from '../../data/useKeptState';
import { Button } from '../../ui/Button';
import { Cautions } from '../../ui/Cautions';
import { InlineNumber, SelectField } from '../../ui/fields/fields';
import { Sheet } from '../../ui/Sheet';
import { Why } from '../../ui/Why';
import { NoteIt } from './NoteIt';
import { Refused } from './Refused';
import { tried } from './tried';

interface Panel {
  readonly prop: Prop;
  readonly parts: readonly Part[];
}

const MOST_STRIPS = 12;
const percent = (share: number): string => `${Math.round(share * 100)} %`;

/** How clear a lens gets, how long it hangs in the dye, and what a mirror mist leaves of the light. */
export function ClearTab(panel: Panel) {
  return (
    <div className="grid min-w-0 grid-cols-[minmax(0,1fr)] items-start gap-4 lg:grid-cols-2">
      <div className="grid grid-cols-1 min-w-0 gap-4">
        <ClarityPanel {...panel} />
        <MistPanel {...panel} />
      </div>
      <div className="grid grid-cols-1 min-w-0 gap-4">
        <DyePanel {...panel} />
        <Cautions ids={['sprayMist', 'dyeBath', 'worn']} />
      </div>
    </div>
  );
}

const LOOKS = { clear: 'Clear', hazy: 'Hazy: shapes are seen, edges not', frosted: 'Frosted: light, no shapes' } as const;
/** Coarser papers are for shape, not for clearness. */
const FINE = GRITS.filter(({ grainMicrometres }) => grainMicrometres <= 70);

function ClarityPanel({ prop, parts }: Panel) {
  const [faces, change] = useKeptState(['clarity', prop.id], { lastGrit: 'P2000', isVarnished: true });
  const asked = { lastGrit: faces.lastGrit === '' ? null : faces.lastGrit, isVarnished: faces.isVarnished };
  const clarity = forecastClarity(asked);
  const left = `${asked.lastGrit ?? 'polished'}${asked.isVarnished ? ', varnished' : ''}`;
  return (
    <Sheet className="grid min-w-0 gap-3 p-4" label="How clear it gets">
      <h2 className="font-label text-2xl font-semibold">
        {LOOKS[clarity.looks]}:{' '}
        <Why
          name="how much goes straight through"
          reason={{
            formula: 'on each face: 1 − ((n − 1) ÷ (n + 1))², × exp(−(2π × step of index × roughness ÷ wavelength)²)',
            inputs: [
              ['let through, straight or spread', percent(clarity.through)],
              ['index of part and varnish', `${INDEX_OF_PART} and ${INDEX_OF_VARNISH}`],
              ['roughness', 'a tenth of the grit’s scratches (guess)'],
            ],
            source: 'Fresnel’s reflection and scatter of a rough face (Beckmann); from which share on it is called clear is a guess',
          }}
        >
          {percent(clarity.straight)} straight through
        </Why>
      </h2>
      <div className="no-print grid grid-cols-2 gap-3">
        <SelectField
          label="Both faces end with"
          value={faces.lastGrit}
          options={[...FINE.map(({ name }) => [name, name] as const), ['', 'polish']]}
          onChange={(lastGrit) => change((now) => ({ ...now, lastGrit }))}
        />
        <SelectField
          label="Over it"
          value={faces.isVarnished ? 'varnish' : 'none'}
          options={[
            ['varnish', 'gloss varnish'],
            ['none', 'nothing'],
          ]}
          onChange={(over) => change((now) => ({ ...now, isVarnished: over === 'varnish' }))}
        />
      </div>
      <p className="text-dim text-sm">
        The inside is seen as much as the outside. Layers within a print stay: light is bent at them whatever is done to its faces, so that
        a print is never as clear as a sheet. Tint comes after, or into the last varnish. Cyanoacrylate near by fogs it white.
      </p>
      <NoteIt parts={parts} text={`Clear: both faces ${left}: ${percent(clarity.straight)} straight through by forecast`} />
    </Sheet>
  );
}

const STRIPS: readonly DyedStrip[] = [
  { minutes: 2, share: 0.7 },
  { minutes: 8, share: 0.45 },
];

function DyePanel({ prop, parts }: Panel) {
  const [bath, change] = useKeptState(['dye', prop.id], { strips: STRIPS, wanted: 0.4 });
  const time = tried(() => dyeTimeFor(bath.strips, bath.wanted));
  const alter = (at: number, fields: Partial<DyedStrip>): void =>
    change((now) => ({ ...now, strips: now.strips.map((strip, nth) => (nth === at ? { ...strip, ...fields } : strip)) }));
  const span = (minutes: number): string => formatSpan(Math.max(1, minutes));
  return (
    <Sheet className="grid min-w-0 gap-3 p-4" label="Dye bath">
      <h2 className="font-label text-2xl font-semibold">
        {time.kind === 'refused' ? (
          'The bath is not read yet'
        ) : (
          <>
            Out after{' '}
            <Why
              name="how long it hangs"
              reason={{
                formula: '(density wanted ÷ density won per root of a minute)², density = −log₁₀ of the light let through',
                inputs: [
                  ['by the quickest strip', span(time.value.earliest)],
                  ['by the slowest strip', span(time.value.latest)],
                ],
                source: 'diffusion: early uptake grows with the root of time (Crank, from memory); your own strips',
              }}
            >
              {span(time.value.minutes)}
            </Why>
          </>
        )}
      </h2>
      {time.kind === 'refused' && <Refused reason={time.reason} />}
      {time.kind === 'value' && (
        <p>
          Look at it first after <span className="figure">{span(time.value.earliest)}</span>
          {time.value.isBeyond && '; that is far beyond your longest strip: hang another one first'}.
        </p>
      )}
      <ol aria-label="Test strips" className="grid gap-2">
        {bath.strips.map((strip, at) => (
          // What stands at a place is that place's strip: none has a name of its own.
          <li key={at} className="border-line flex flex-wrap items-end gap-3 border-t pt-2">
            <div className="w-28">
              <InlineNumber
                label={`Strip ${at + 1}`}
                unit="min"
                value={strip.minutes}
                min={0.1}
                max={1440}
                onKeep={(minutes) => minutes !== null && alter(at, { minutes })}
              />
            </div>
            <div className="w-36">
              <InlineNumber
                label="Lets through"
                unit="%"
                value={Math.round(strip.share * 100)}
                min={1}
                max={99}
                onKeep={(value) => value !== null && alter(at, { share: value / 100 })}
              />
            </div>
            <Button
              aria-label={`Take away: strip ${at + 1}`}
              onClick={() => change((now) => ({ ...now, strips: now.strips.filter((_, nth) => nth !== at) }))}
            >
              Take away
            </Button>
          </li>
        ))}
      </ol>
      <div className="no-print flex flex-wrap items-end gap-3">
        <Button
          disabled={bath.strips.length >= MOST_STRIPS}
          onClick={() =>
            change((now) => {
              const last = now.strips.at(-1);
              return {
                ...now,
                strips: [...now.strips, last ? { minutes: last.minutes * 2, share: last.share } : { minutes: 2, share: 0.7 }],
              };
            })
          }
        >
          One strip more
        </Button>
        <div className="w-44">
          <InlineNumber
            label="Wanted to let through"
            unit="%"
            value={Math.round(bath.wanted * 100)}
            min={1}
            max={99}
            onKeep={(value) => value !== null && change((now) => ({ ...now, wanted: value / 100 }))}
          />
        </div>
      </div>
      <p className="text-dim text-sm">
        Strips of the same plastic, degreased, at the same heat; read against a white sheet beside an undyed one. It dries a little paler.
      </p>
      {time.kind === 'value' && (
        <NoteIt
          parts={parts}
          text={`Dye bath: ${bath.strips.map(({ minutes, share }) => `${minutes} min ${percent(share)}`).join(', ')}: ${percent(bath.wanted)} after ${span(time.value.minutes)}`}
        />
      )}
    </Sheet>
  );
}

function MistPanel({ prop, parts }: Panel) {
  const [mist, change] = useKeptState(['mist', prop.id], { each: 0.8, passes: 3 });
  const { share, mostPasses } = mistFor(mist.each, mist.passes, HANDLER_BELOW.light);
  const isDark = share < HANDLER_BELOW.light;
  return (
    <Sheet className="grid min-w-0 gap-3 p-4" label="Mirror mist from inside">
      <h2 className="font-label text-2xl font-semibold">
        {isDark ? 'Too dark to walk by: ' : 'Enough to look through: '}
        <Why
          name="light that is left"
          reason={{
            formula: 'what one pass lets through, to the power of the passes',
            inputs: [
              ['one pass', percent(mist.each)],
              ['a handler below', `${percent(HANDLER_BELOW.light)} of the light (guess)`],
            ],
            source: 'each pass takes the same share of what is left; your own strip says what one takes',
          }}
        >
          {percent(share)} of the light
        </Why>
      </h2>
      <div className="no-print grid grid-cols-2 gap-3">
        <InlineNumber
          label="One pass lets through"
          unit="%"
          value={Math.round(mist.each * 100)}
          min={1}
          max={100}
          onKeep={(value) => value !== null && change((now) => ({ ...now, each: value / 100 }))}
        />
        <InlineNumber
          label="Passes"
          value={mist.passes}
          min={0}
          max={40}
          isWhole
          onKeep={(passes) => passes !== null && change((now) => ({ ...now, passes }))}
        />
      </div>
      <p>
        {mostPasses === null
          ? 'It takes no light: no pass is too many.'
          : `At most ${counted(mostPasses, 'pass', 'passes')} for who walks with it.`}
      </p>
      <p className="text-dim text-sm">
        It is a mirror only while it is darker inside than outside: line the helmet black. Metal paint from inside wants a clear over it, or
        breath and fingers take it off.
      </p>
      <NoteIt
        parts={parts}
        text={`Mirror mist: ${counted(mist.passes, 'pass', 'passes')} of ${percent(mist.each)} each: ${percent(share)} of the light left`}
      />
    </Sheet>
  );
}
