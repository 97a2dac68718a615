import type { DiscMagnet, MagnetReading } from '@zinc-ladder/core/hardware/magnetPairs';
import { readMagnets, REMANENCE, USUAL_MARGIN } from '@zinc-ladder/core/hardware/magnetPairs';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import type { Prop } from '@zinc-ladder/model/records/prop/prop';
import { counted } from '../../base/counted';
import { useKeptState } from '../../data/useKeptState';
import { Button } from '../../ui/Button';
import { Cautions } from '../../ui/Cautions';
import { InlineNumber } from '../../ui/fields/fields';
import { Sheet } from '../../ui/Sheet';
import { Why } from '../../ui/Why';
import { NoteIt } from './NoteIt';

type Pole = DiscMagnet['pole'];

interface Meeting {
  readonly poles: readonly [Pole, Pole];
  readonly diameter: number;
  readonly thickness: number;
  readonly gap: number;
}

interface Joint {
  readonly grams: number;
  readonly margin: number;
  readonly meetings: readonly Meeting[];
}

const NEW_MEETING: Meeting = { poles: ['N', 'S'], diameter: 8, thickness: 3, gap: 0.4 };
const BEGINNING: Joint = { grams: 120, margin: USUAL_MARGIN, meetings: [NEW_MEETING, NEW_MEETING] };
/** More are no joint any more. */
const MOST = 24;

/** Magnets that meet when two pieces are put together: which push apart, and whether the rest holds the weight. */
export function MagnetsTab({ prop, parts }: { readonly prop: Prop; readonly parts: readonly Part[] }) {
  const [joint, change] = useKeptState(['magnets', prop.id], BEGINNING);
  const reading = readJoint(joint);
  const repelling = reading.pairs.filter(({ repels }) => repels).length;
  const alter = (at: number, fields: Partial<Meeting>): void =>
    change((now) => ({ ...now, meetings: now.meetings.map((one, nth) => (nth === at ? { ...one, ...fields } : one)) }));
  const newtons = (value: number): string => `${value.toFixed(1)} N`;
  return (
    <div className="grid min-w-0 grid-cols-[minmax(0,1fr)] items-start gap-4">
      <Sheet className="grid min-w-0 gap-3 p-4" label="What holds it">
        <h2 className="font-label text-2xl font-semibold">
          {repelling > 0
            ? `${counted(repelling, 'pair')} push${repelling === 1 ? 'es' : ''} apart: `
            : reading.holds
              ? 'It holds: '
              : 'It comes off: '}
          <Why
            name="what holds it"
            reason={{
              formula: 'B² ÷ 2µ₀ × face, with both fields added midway between the faces; wanted: weight × margin',
              inputs: [
                ['remanence', `${REMANENCE} T, sintered N42 (common practice)`],
                ['weight', `${joint.grams} g`],
                ['margin', `${joint.margin} × (a guess: a knock is several times the weight)`],
              ],
              source: 'field on the axis of a magnetised cylinder, Maxwell’s stress; some tens of per cent: the maker’s pull table wins',
            }}
          >
            {newtons(Math.max(0, reading.pullNewtons))} of {newtons(reading.wantedNewtons)} wanted
          </Why>
        </h2>
        <div className="no-print grid grid-cols-2 gap-3 sm:max-w-96">
          <InlineNumber
            label="Weight held"
            unit="g"
            isMetric
            value={joint.grams}
            min={1}
            max={50_000}
            onKeep={(grams) => grams !== null && change((now) => ({ ...now, grams }))}
          />
          <InlineNumber
            label="Margin"
            value={joint.margin}
            min={1}
            max={20}
            onKeep={(margin) => margin !== null && change((now) => ({ ...now, margin }))}
          />
        </div>
        <ol aria-label="Pairs of magnets" className="grid gap-2">
          {joint.meetings.map((meeting, at) => {
            const pair = reading.pairs[at];
            const number = (key: 'diameter' | 'thickness' | 'gap', label: string, least: number) => (
              <div className="w-28">
                <InlineNumber
                  label={label}
                  unit="mm"
                  isMetric
                  value={meeting[key]}
                  min={least}
                  max={key === 'gap' ? 50 : 100}
                  onKeep={(value) => value !== null && alter(at, { [key]: value })}
                />
              </div>
            );
            return (
              // What stands at a place is that place's pair: none has a name of its own.
              <li key={at} className="border-line flex flex-wrap items-end gap-3 border-t pt-2">
                <PolesDrawing poles={meeting.poles} name={`Pair ${at + 1}`} />
                {number('diameter', 'Across', 1)}
                {number('thickness', 'Thick', 0.2)}
                {number('gap', 'Between them', 0)}
                <Button onClick={() => alter(at, { poles: [meeting.poles[0], meeting.poles[1] === 'N' ? 'S' : 'N'] })}>
                  Turn the second round
                </Button>
                <Button
                  aria-label={`Take away: pair ${at + 1}`}
                  onClick={() => change((now) => ({ ...now, meetings: now.meetings.filter((_, nth) => nth !== at) }))}
                >
                  Take away
                </Button>
                <p className={`figure pb-1.5 ${pair?.repels ? 'text-oxide' : ''}`}>
                  {pair && (pair.repels ? `pushes apart, ${newtons(-pair.pullNewtons)}` : `pulls ${newtons(pair.pullNewtons)}`)}
                </p>
              </li>
            );
          })}
        </ol>
        {joint.meetings.length === 0 && <p className="text-dim">No pair holds it yet.</p>}
        <div className="no-print flex flex-wrap gap-3">
          <Button
            disabled={joint.meetings.length >= MOST}
            onClick={() => change((now) => ({ ...now, meetings: [...now.meetings, now.meetings.at(-1) ?? NEW_MEETING] }))}
          >
            One pair more
          </Button>
        </div>
        <p className="text-dim text-sm">
          Mark every magnet’s outer pole with a dot before it is glued in, and glue the second against the first through a sheet of film.
          The gap is paint, plastic and air together.
        </p>
        <NoteIt
          parts={parts}
          text={`Magnets: ${joint.meetings.map(({ poles, diameter, thickness, gap }) => `${poles.join('–')} ⌀ ${diameter} × ${thickness} mm, ${gap} mm apart`).join('; ')}: ${newtons(reading.pullNewtons)} for ${joint.grams} g`}
        />
        <Cautions ids={['magnets']} />
      </Sheet>
    </div>
  );
}

function readJoint({ meetings, grams, margin }: Joint): MagnetReading {
  const magnets = meetings.flatMap(({ poles, diameter, thickness }, at): DiscMagnet[] =>
    poles.map((pole, side) => ({ id: `${at}-${side}`, pole, diameter, thickness })),
  );
  const pairs = meetings.map(({ gap }, at) => ({ a: `${at}-0`, b: `${at}-1`, gap }));
  return readMagnets(magnets, pairs, grams, margin);
}

/** Two discs that face each other, each with the pole that looks at the other. */
function PolesDrawing({ poles, name }: { readonly poles: readonly [Pole, Pole]; readonly name: string }) {
  return (
    <svg viewBox="0 0 92 44" role="img" aria-label={`${name}: ${poles[0]} faces ${poles[1]}`} className="h-11 w-24">
      {poles.map((pole, side) => (
        <g key={side === 0 ? 'first' : 'second'} transform={`translate(${side === 0 ? 2 : 54} 2)`}>
          <rect width="36" height="40" rx="2" className={pole === 'N' ? 'fill-ink' : 'fill-sheet stroke-ink'} strokeWidth="1.5" />
          <text
            x="18"
            y="21"
            textAnchor="middle"
            dominantBaseline="middle"
            className={pole === 'N' ? 'fill-sheet' : 'fill-ink'}
            fontSize="18"
          >
            {pole}
          </text>
        </g>
      ))}
    </svg>
  );
}
