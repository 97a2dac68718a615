import type { Buck } from '@zinc-ladder/core/sheet/formSheet';
import { boxBuck, buckBeforeShrink, CORNER_SHARE, formSheet, SHEETS } from '@zinc-ladder/core/sheet/formSheet';
import { partLabel } from '@zinc-ladder/model/gather/plan/gatherPlan';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import type { Prop } from '@zinc-ladder/model/records/prop/prop';
import { useKeptState } from '../../data/useKeptState';
import { useFormats } from '../../features/formats/useFormats';
import { Cautions } from '../../ui/Cautions';
import { InlineNumber, SelectField } from '../../ui/fields/fields';
import { Sheet } from '../../ui/Sheet';
import { Why } from '../../ui/Why';
import { NoteIt } from './NoteIt';
import { useBuck } from './useBuck';

interface Forming {
  /** the part that is the buck; empty: a box of the size below */
  readonly partId: string;
  readonly width: number;
  readonly depth: number;
  readonly height: number;
  readonly thickness: number;
  readonly sheetId: (typeof SHEETS)[number]['id'];
}

const BEGINNING: Forming = { partId: '', width: 120, depth: 90, height: 45, thickness: 2, sheetId: 'petg' };
const SIDES = [
  ['width', 'Buck, wide'],
  ['depth', 'Buck, deep'],
  ['height', 'Buck, high'],
] as const;

/** A clear or thin sheet drawn over a buck: what to cut, how thin it gets, how hot it is formed. */
export function FormedTab({ prop, parts }: { readonly prop: Prop; readonly parts: readonly Part[] }) {
  const formats = useFormats();
  const [forming, change] = useKeptState(['formed', prop.id], BEGINNING);
  const part = parts.find(({ id }) => id === forming.partId) ?? null;
  const ofMesh = useBuck(part);
  const sized = part?.sizeMillimetres ?? [forming.width, forming.depth, forming.height];
  const [width = 1, depth = 1, height = 1] = sized;
  const buck: Buck = ofMesh && ofMesh !== 'open' ? ofMesh : boxBuck(width, depth, height);
  const formed = formSheet(buck, forming.thickness);
  const plastic = SHEETS.find(({ id }) => id === forming.sheetId) ?? SHEETS[0];
  const from = ofMesh && ofMesh !== 'open' ? 'its mesh, standing as in its file' : part?.sizeMillimetres ? 'a box of its size' : 'a box';
  const heat = `${formats.temperature(plastic.fromCelsius)} to ${formats.temperature(plastic.toCelsius)}`;
  return (
    <div className="grid min-w-0 grid-cols-[minmax(0,1fr)] items-start gap-4 lg:grid-cols-[18rem_minmax(0,1fr)]">
      <Sheet className="no-print grid min-w-0 gap-3 p-4 max-lg:order-last" label="Sheet and buck">
        <SelectField
          label="Drawn over"
          value={part?.id ?? ''}
          options={[['', 'a box of this size'], ...parts.map((one) => [one.id, partLabel(one)] as const)]}
          onChange={(partId) => change((now) => ({ ...now, partId }))}
        />
        {!(part && (part.sizeMillimetres || (ofMesh && ofMesh !== 'open'))) &&
          SIDES.map(([key, label]) => (
            <InlineNumber
              key={key}
              label={label}
              unit="mm"
              value={forming[key]}
              min={1}
              max={2000}
              onKeep={(value) => value !== null && change((now) => ({ ...now, [key]: value }))}
            />
          ))}
        <SelectField
          label="Sheet"
          value={plastic.id}
          options={SHEETS.map(({ id, name }) => [id, name] as const)}
          onChange={(sheetId) => change((now) => ({ ...now, sheetId: sheetId as Forming['sheetId'] }))}
        />
        <InlineNumber
          label="Thick"
          unit="mm"
          isMetric
          value={forming.thickness}
          min={0.1}
          max={20}
          onKeep={(thickness) => thickness !== null && change((now) => ({ ...now, thickness }))}
        />
        {ofMesh === 'open' && <p className="text-dim text-sm">Its mesh has holes, so it is taken for a box.</p>}
      </Sheet>
      <Sheet className="grid min-w-0 gap-3 p-4" label="What forming comes to">
        <h2 className="font-label text-2xl font-semibold">
          Cut sheets of {formats.lengths(formed.sheet)},{' '}
          <Why
            name="how thin it gets"
            reason={{
              formula: `thickness × outline ÷ drawn skin: the volume of the sheet stays; corners touched last are left with ${CORNER_SHARE} of it`,
              inputs: [
                ['buck', from],
                ['skin to outline', `${formed.areaRatio.toFixed(2)} : 1`],
                ['corners', `${formats.length(formed.corners, 2)} (guess)`],
              ],
              source: 'area ratio of thermoforming; room for frame and draw is common practice, its figures guessed',
            }}
          >
            {formats.length(formed.thinnest, 2)} are left
          </Why>
        </h2>
        <SheetDrawing sheet={formed.sheet} buck={buck} />
        {formed.isWeak && (
          <p className="border-oxide border-l-4 pl-3">
            So thin it tears or dents: draw less, round the buck’s edges, or take a thicker sheet.
          </p>
        )}
        <dl className="grid grid-cols-[auto_1fr] gap-x-4">
          <dt className="text-dim">Formed at, of the sheet</dt>
          <dd className="figure">{heat}</dd>
          <dt className="text-dim">Make the buck larger by</dt>
          <dd className="figure">
            {plastic.shrinkPercent} %: {formats.lengths(buckBeforeShrink(buck, plastic.shrinkPercent), 1)}
          </dd>
          <dt className="text-dim">Sheets to have there</dt>
          <dd className="figure">{formed.tries}</dd>
        </dl>
        <p className="text-dim text-sm">
          Cut through its protective film, peel it before the heat, blow the dust off the buck: what lies between is seen for ever. Trim it
          when it is cold; tint or mist it from inside.
        </p>
        <NoteIt
          parts={parts}
          about={part}
          text={`Formed sheet: ${plastic.name} ${formats.length(forming.thickness, 1)} over ${formats.lengths([buck.width, buck.depth, buck.height])}: sheets of ${formats.lengths(formed.sheet)}, ${formats.length(formed.thinnest, 2)} left, ${heat}`}
        />
        <Cautions ids={['sheetForming']} />
      </Sheet>
    </div>
  );
}

/** The sheet as it is cut, with the buck's outline in its middle. */
function SheetDrawing({ sheet: [width, depth], buck }: { readonly sheet: readonly [number, number]; readonly buck: Buck }) {
  const formats = useFormats();
  return (
    <svg
      viewBox={`${-width * 0.05} ${-depth * 0.05} ${width * 1.1} ${depth * 1.1}`}
      role="img"
      aria-label={`The sheet, ${formats.lengths([width, depth])}, with the buck in its middle`}
      className="max-h-64 w-full"
    >
      <rect width={width} height={depth} className="fill-band stroke-ink" strokeWidth={width / 200} />
      <rect
        x={(width - buck.width) / 2}
        y={(depth - buck.depth) / 2}
        width={buck.width}
        height={buck.depth}
        className="fill-sheet stroke-ink"
        strokeDasharray={`${width / 40} ${width / 60}`}
        strokeWidth={width / 250}
      />
      <text x={width / 2} y={depth / 2} textAnchor="middle" dominantBaseline="middle" fontSize={depth / 14} className="fill-ink">
        buck
      </text>
    </svg>
  );
}
