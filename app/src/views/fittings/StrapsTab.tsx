import type { StrapAsk } from '@zinc-ladder/core/hardware/strapLength';
import { cutStrap, USUAL_EASE } from '@zinc-ladder/core/hardware/strapLength';
import { drillFor, EDGE_DIAMETERS, PITCH_DIAMETERS, SHANK_ROOM, spaceRivets } from '@zinc-ladder/core/hardware/rivetRow';
import type { RivetRow, RivetRun } from '@zinc-ladder/core/hardware/rivetRow';
import { filmOfLadder } from '@zinc-ladder/model/gather/film/filmOfLadder';
import { partLabel } from '@zinc-ladder/model/gather/plan/gatherPlan';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import type { Prop } from '@zinc-ladder/model/records/prop/prop';
import { counted } from '../../base/counted';
import { useKeptState } from '../../data/useKeptState';
import { useShopIndex } from '../../data/useShopIndex';
import { useFormats } from '../../features/formats/useFormats';
import { Cautions } from '../../ui/Cautions';
import { InlineNumber, SelectField } from '../../ui/fields/fields';
import { Sheet } from '../../ui/Sheet';
import { Why } from '../../ui/Why';
import { NoteIt } from './NoteIt';
import { Refused } from './Refused';
import { tried } from './tried';

interface Rivets extends Omit<RivetRun, 'radius'> {
  /** 0: the run is straight */
  readonly radius: number;
  /** the part that is drilled; empty: none of them */
  readonly partId: string;
}

const STRAP: StrapAsk = { girth: 300, share: 1, thickness: 2, side: 'outside', ease: USUAL_EASE, overlap: 60, turnIn: 15 };
const RIVETS: Rivets = { along: 200, radius: 0, diameter: 4, wantedPitch: 30, partId: '' };
const STRAP_FIELDS = [
  ['girth', 'Tight round it', 1, 5000],
  ['thickness', 'Thick', 0, 50],
  ['ease', 'Ease for the whole round', 0, 500],
  ['overlap', 'Lies double', 0, 500],
  ['turnIn', 'Turned in at each end', 0, 200],
] as const;
const RIVET_FIELDS = [
  ['along', 'Run along the skin', 1, 5000],
  ['radius', 'Radius of its bend (0: none)', 0, 5000],
  ['diameter', 'Shank', 0.5, 50],
  ['wantedPitch', 'Wanted apart', 1, 1000],
] as const;

/** Straps and linings to cut, and the rivets they are held by: where, and drilled with what. */
export function StrapsTab({ prop, parts }: { readonly prop: Prop; readonly parts: readonly Part[] }) {
  return (
    <div className="grid min-w-0 grid-cols-[minmax(0,1fr)] items-start gap-4 lg:grid-cols-2">
      <StrapPanel prop={prop} parts={parts} />
      <RivetPanel prop={prop} parts={parts} />
      <Cautions ids={['sharp', 'worn']} />
    </div>
  );
}

function StrapPanel({ prop, parts }: { readonly prop: Prop; readonly parts: readonly Part[] }) {
  const formats = useFormats();
  const [strap, change] = useKeptState(['strap', prop.id], STRAP);
  const cut = tried(() => cutStrap(strap));
  const isLining = strap.side === 'inside';
  return (
    <Sheet className="grid min-w-0 gap-3 p-4" label="Strap or lining">
      <h2 className="font-label text-2xl font-semibold">
        {cut.kind === 'refused' ? (
          'No strap comes of this'
        ) : (
          <>
            Cut{' '}
            <Why
              name="the length to cut"
              reason={{
                formula: 'share × (round ± π × thickness + ease) + what lies double + 2 × turn-in',
                inputs: [
                  ['lies along its middle', formats.length(cut.value.lying, 1)],
                  ['ease', isLining ? 'none: it lies against the shell' : formats.length(strap.ease)],
                ],
                source: 'circle through the middle of the strap; ease is common practice, its figure guessed',
              }}
            >
              {formats.length(cut.value.length)}
            </Why>
          </>
        )}
      </h2>
      {cut.kind === 'refused' && <Refused reason={cut.reason} />}
      <div className="no-print grid grid-cols-2 gap-3">
        <SelectField
          label="It lies"
          value={strap.side}
          options={[
            ['outside', 'around the outside'],
            ['inside', 'inside, as a lining'],
          ]}
          onChange={(side) => change((now) => ({ ...now, side: side as StrapAsk['side'] }))}
        />
        <InlineNumber
          label="Share of the round"
          unit="%"
          value={Math.round(strap.share * 100)}
          min={1}
          max={100}
          onKeep={(value) => value !== null && change((now) => ({ ...now, share: value / 100 }))}
        />
        {STRAP_FIELDS.map(([key, label, min, max]) => (
          <InlineNumber
            key={key}
            label={label}
            unit="mm"
            value={strap[key]}
            min={min}
            max={max}
            onKeep={(value) => value !== null && change((now) => ({ ...now, [key]: value }))}
          />
        ))}
      </div>
      <p className="text-dim text-sm">
        Measure with a strip of paper on the piece as it is worn, over the clothes. What dries on cloth shrinks it: wash and dry it before
        it is cut. Which glue holds it is told in Surface, <i>Cut, fit, bond</i>.
      </p>
      {cut.kind === 'value' && (
        <NoteIt
          parts={parts}
          text={`${isLining ? 'Lining' : 'Strap'}: ${formats.length(cut.value.length)} to cut, ${Math.round(strap.share * 100)} % of a round of ${formats.length(strap.girth)}, ${formats.length(strap.thickness, 1)} thick, ${formats.length(strap.overlap)} double, ${formats.length(strap.turnIn)} turned in at each end`}
        />
      )}
    </Sheet>
  );
}

/** Drills are named by their tenths of a millimetre, whatever the shop measures in. */
function millimetres(drill: number): string {
  return `${drill.toFixed(1)} mm`;
}

function RivetPanel({ prop, parts }: { readonly prop: Prop; readonly parts: readonly Part[] }) {
  const formats = useFormats();
  const index = useShopIndex();
  const [rivets, change] = useKeptState(['rivets', prop.id], RIVETS);
  const part = parts.find(({ id }) => id === rivets.partId) ?? null;
  const film = part ? filmOfLadder(index.rungsOnPart(part.id), index.products) : 0;
  const row = tried(() => spaceRivets({ ...rivets, radius: rivets.radius === 0 ? null : rivets.radius }));
  const drill = drillFor(rivets.diameter, film);
  return (
    <Sheet className="grid min-w-0 gap-3 p-4" label="Rivets in a row">
      <h2 className="font-label text-2xl font-semibold">
        {row.kind === 'refused' ? (
          'No row comes of this'
        ) : (
          <>
            {counted(row.value.count, 'rivet')}
            {row.value.count > 1 && (
              <>
                ,{' '}
                <Why
                  name="how far apart they are"
                  reason={{
                    formula: '(run − two edges) ÷ gaps; across a bend dividers are set to 2r × sin(pitch ÷ 2r)',
                    inputs: [
                      ['edge', `${formats.length(row.value.edge, 1)}, ${EDGE_DIAMETERS} shanks at least`],
                      ['nearest', `${formats.length(PITCH_DIAMETERS * rivets.diameter, 1)}, ${PITCH_DIAMETERS} shanks`],
                      ['along the skin', formats.length(row.value.pitch, 1)],
                    ],
                    source: 'practice of sheet-metal repair (FAA AC 43.13-1B, from memory), for plastic and webbing a usual guide',
                  }}
                >
                  dividers set to {formats.length(row.value.chord, 1)}
                </Why>
              </>
            )}
          </>
        )}
      </h2>
      {row.kind === 'refused' ? <Refused reason={row.reason} /> : <RowDrawing row={row.value} run={rivets} />}
      {row.kind === 'value' && row.value.isWidened && (
        <p className="border-oxide border-l-4 pl-3">
          Set wider than wanted: nearer than {PITCH_DIAMETERS} shanks the wall tears between them.
        </p>
      )}
      <div className="no-print grid grid-cols-2 gap-3">
        {RIVET_FIELDS.map(([key, label, min, max]) => (
          <InlineNumber
            key={key}
            label={label}
            unit="mm"
            value={rivets[key]}
            min={min}
            max={max}
            onKeep={(value) => value !== null && change((now) => ({ ...now, [key]: value }))}
          />
        ))}
        <SelectField
          label="Drilled into"
          value={part?.id ?? ''}
          options={[['', 'something bare'], ...parts.map((one) => [one.id, partLabel(one)] as const)]}
          onChange={(partId) => change((now) => ({ ...now, partId }))}
        />
      </div>
      <dl className="grid grid-cols-[auto_1fr] gap-x-4">
        <dt className="text-dim">Drilled before paint</dt>
        <dd>
          <Why
            name="the drill before paint"
            reason={{
              formula: 'shank + room + 2 × film, up to the next tenth: the film narrows the hole from both sides',
              inputs: [
                ['film on the part', formats.film(film)],
                ['room', `${SHANK_ROOM} mm (guess)`],
              ],
              source: 'films of its ladder as its core sample has them, less what sanding takes',
            }}
          >
            <span className="figure">{millimetres(drill.beforePaint)}</span>
          </Why>
          , its rim stays painted
        </dd>
        <dt className="text-dim">Drilled after paint</dt>
        <dd>
          <span className="figure">{millimetres(drill.afterPaint)}</span>, through tape, from the seen side; touch the rim in
        </dd>
      </dl>
      {row.kind === 'value' && (
        <NoteIt
          parts={parts}
          about={part}
          text={`Rivets: ${row.value.count} of ⌀ ${formats.length(rivets.diameter, 1)} over ${formats.length(rivets.along)}, ${formats.length(row.value.edge, 1)} from the ends, dividers ${formats.length(row.value.chord, 1)}; drill ${millimetres(drill.beforePaint)} before paint, ${millimetres(drill.afterPaint)} after`}
        />
      )}
    </Sheet>
  );
}

/** The run laid flat, with a mark for each rivet. */
function RowDrawing({ row, run: { along, diameter } }: { readonly row: RivetRow; readonly run: Rivets }) {
  const formats = useFormats();
  const height = Math.max(along / 8, diameter * 2);
  return (
    <svg
      viewBox={`${-along * 0.02} ${-height * 0.1} ${along * 1.04} ${height * 1.2}`}
      role="img"
      aria-label={`${counted(row.count, 'rivet')} over ${formats.length(along)}, the first ${formats.length(row.edge, 1)} from its end`}
      className="max-h-32 w-full"
    >
      <rect width={along} height={height} className="fill-band stroke-ink" strokeWidth={along / 400} />
      {row.places.map((place) => (
        <circle key={place} cx={place} cy={height / 2} r={Math.max(diameter / 2, along / 250)} className="fill-ink" />
      ))}
    </svg>
  );
}
