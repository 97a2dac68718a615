import type { EyeOpening } from '@zinc-ladder/core/wearing/sight';
import { HANDLER_BELOW, readSight } from '@zinc-ladder/core/wearing/sight';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import type { Prop } from '@zinc-ladder/model/records/prop/prop';
import { useKeptState } from '../../data/useKeptState';
import { useFormats } from '../../features/formats/useFormats';
import { Cautions } from '../../ui/Cautions';
import { InlineNumber } from '../../ui/fields/fields';
import { Sheet } from '../../ui/Sheet';
import { Why } from '../../ui/Why';
import { NoteIt } from './NoteIt';
import { SightDrawing } from './SightDrawing';

/** A visor slit of usual size, a thumb's breadth before the eye. */
const USUAL: Required<EyeOpening> = { width: 90, height: 35, distance: 28, aside: 0, above: 0, transmission: 1 };
const FIELDS = [
  ['width', 'Opening, wide', 1, 1000],
  ['height', 'Opening, high', 1, 1000],
  ['distance', 'From the eye', 1, 1000],
  ['aside', 'Its middle is right by', -500, 500],
  ['above', 'Its middle is higher by', -500, 500],
] as const;

/** What the wearer sees through an opening, and whether somebody has to lead. */
export function SightTab({ prop, parts }: { readonly prop: Prop; readonly parts: readonly Part[] }) {
  const formats = useFormats();
  const [opening, change] = useKeptState(['sight', prop.id], USUAL);
  const sight = readSight(opening);
  const degrees = (value: number): string => `${Math.round(value)}°`;
  const light = `${Math.round(sight.light * 100)} %`;
  return (
    <div className="grid min-w-0 grid-cols-[minmax(0,1fr)] items-start gap-4 lg:grid-cols-[18rem_minmax(0,1fr)]">
      <Sheet className="no-print grid min-w-0 gap-3 p-4 max-lg:order-last" label="The opening">
        {FIELDS.map(([key, label, min, max]) => (
          <InlineNumber
            key={key}
            label={label}
            unit="mm"
            value={opening[key]}
            min={min}
            max={max}
            onKeep={(value) => value !== null && change((now) => ({ ...now, [key]: value }))}
          />
        ))}
        <InlineNumber
          label="Light that mesh or tint lets through"
          unit="%"
          value={Math.round(opening.transmission * 100)}
          min={0}
          max={100}
          onKeep={(value) => value !== null && change((now) => ({ ...now, transmission: value / 100 }))}
        />
        <p className="text-dim text-sm">Measured from the eye that looks straight ahead, with the piece worn as it will be.</p>
      </Sheet>
      <Sheet className="grid min-w-0 gap-3 p-4" label="What is seen">
        <h2 className="font-label text-2xl font-semibold">
          {sight.needsHandler ? 'Somebody has to lead: ' : 'Enough to walk by oneself: '}
          <Why
            name="how much is seen"
            reason={{
              formula: 'arctan(from the eye’s axis to each edge ÷ distance), both sides added',
              inputs: [
                ['sideways', `${degrees(sight.left)} left, ${degrees(sight.right)} right`],
                ['up and down', `${degrees(sight.up)} up, ${degrees(sight.down)} down`],
                [
                  'a handler below',
                  `${HANDLER_BELOW.horizontalDegrees}° sideways, ${HANDLER_BELOW.downDegrees}° down, ${HANDLER_BELOW.light * 100} % light`,
                ],
              ],
              source: 'trigonometry, one eye that does not turn; when a handler is needed is common practice, its figures are a guess',
            }}
          >
            {degrees(sight.horizontalDegrees)} sideways, {degrees(sight.verticalDegrees)} up and down
          </Why>
        </h2>
        <SightDrawing opening={opening} sight={sight} />
        <ul aria-label="What is too little" className="list-disc pl-5">
          {sight.lacks.includes('sideways') && (
            <li>Who comes from the side is not seen: widen the opening, or bring it nearer to the eye.</li>
          )}
          {sight.lacks.includes('down') && (
            <li>
              Steps and the floor are not seen ({degrees(sight.down)} down of {HANDLER_BELOW.downDegrees}° that are wanted): lower its edge,
              or leave a gap below that looks like shadow.
            </li>
          )}
          {sight.lacks.includes('light') && (
            <li>Through {light} of the light little is seen indoors: a lighter tint, or a mesh painted on its outside only.</li>
          )}
        </ul>
        <p className="text-dim text-sm">
          The eye sees about 200° sideways and 60° up, 70° down without anything worn (common practice). Breathing and heat are not
          reckoned: leave openings for both, and try it with the piece on, sitting, turning and on a step.
        </p>
        <NoteIt
          parts={parts}
          text={`Sight: opening ${formats.lengths([opening.width, opening.height])}, ${formats.length(opening.distance)} from the eye: ${degrees(sight.horizontalDegrees)} sideways, ${degrees(sight.up)} up, ${degrees(sight.down)} down, ${light} of the light${sight.needsHandler ? '; a handler is needed' : ''}`}
        />
        <Cautions ids={['worn']} />
      </Sheet>
    </div>
  );
}
