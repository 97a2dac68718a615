import { EVEN_PERCENT, FOAM, glowAlong } from '@zinc-ladder/core/light/glow';
import { glowOver } from '@zinc-ladder/core/light/plateGlow';
import { seeLight, spectrumOfLed, transmissionOf } from '@zinc-ladder/core/light/glowColour';
import type { LightReading } from '@zinc-ladder/model/gather/light/readLights';
import { glowPlate } from '@zinc-ladder/model/gather/light/readLights';
import type { LightPlan } from '@zinc-ladder/model/records/light/lightPlan';
import { useMemo } from 'react';
import { useFormats } from '../../features/formats/useFormats';
import { Sheet } from '../../ui/Sheet';
import { Why } from '../../ui/Why';

const SAMPLES = 160;
/** LEDs that are drawn of a long row, and rows of a wide plate. */
const DRAWN = 12;
const DRAWN_ROWS = 6;
const PLATE_SAMPLES = 60;
const PLATE_LINES = 36;

/** What is seen of the row through its skin: hot spots, and its colour beside a warmer and a cooler one. */
export function GlowSheet({ plan, reading }: { readonly plan: LightPlan; readonly reading: LightReading }) {
  const formats = useFormats();
  const { glow, rippleWithFoam, seen } = reading;
  const strip = useMemo(() => {
    if (!glow || plan.leds < 2) return null;
    const whole = glowPlate(plan);
    const plate = { ...whole, leds: Math.min(DRAWN, whole.leds), rows: Math.min(DRAWN_ROWS, whole.rows) };
    const lines = (sheets: number): readonly string[] =>
      (plate.rows > 1 ? glowOver(plate, PLATE_SAMPLES, PLATE_LINES, sheets) : [glowAlong(plate, SAMPLES, sheets)]).map((values) =>
        gradient(seen.hex, values),
      );
    return { plain: lines(0), foamed: lines(plan.foamSheets) };
  }, [glow, plan, seen.hex]);
  const beside = useMemo(() => {
    const skin = plan.skinHex === null ? null : transmissionOf(plan.skinHex);
    return (['warm', 'neutral', 'cool'] as const).map((colour) => ({ colour, ...seeLight(spectrumOfLed(colour), skin) }));
  }, [plan.skinHex]);
  const what = plan.rows > 1 ? 'plate' : 'row';
  const isEven = rippleWithFoam !== null && rippleWithFoam <= EVEN_PERCENT;
  return (
    <Sheet className="min-w-0 p-4" label="The glow">
      <h2 className="font-label mb-2 text-2xl font-semibold">
        {rippleWithFoam === null ? (
          'The glow'
        ) : (
          <>
            {isEven ? 'It looks even: ' : 'Hot spots: '}
            <Why
              name="how even it looks"
              reason={{
                formula:
                  '(most − least) ÷ (most + least) between the LEDs; inverse square, the beam’s cosine power, slant; each sheet of foam e^(−2π²σ²÷pitch²)',
                inputs: [
                  ['without foam', `${glow?.ripplePercent.toFixed(0)} %`],
                  ['sheets', String(plan.foamSheets)],
                  ['even is', `${EVEN_PERCENT} % (guess)`],
                ],
                source:
                  'photometry of point sources; over a plate between LED and the middle of four; foam of 2 mm as a blur of its thickness (guess)',
              }}
            >
              {rippleWithFoam.toFixed(0)} % ripple
            </Why>
          </>
        )}
      </h2>
      {strip && (
        <div className="grid gap-2">
          <div>
            <p className="label">Through the skin alone</p>
            <GlowPicture lines={strip.plain} label={`The ${what} without foam: ${glow?.ripplePercent.toFixed(0)} % ripple`} />
          </div>
          {plan.foamSheets > 0 && (
            <div>
              <p className="label">With {plan.foamSheets} sheets of foam</p>
              <GlowPicture lines={strip.foamed} label={`The ${what} with foam: ${rippleWithFoam?.toFixed(0)} % ripple`} />
            </div>
          )}
        </div>
      )}
      {glow && (
        <dl className="mt-3 grid grid-cols-[auto_1fr] gap-x-4">
          <dt className="text-dim">Even without foam from</dt>
          <dd className="figure">{formats.length(glow.distanceForEven)}</dd>
          <dt className="text-dim">Even where it is with</dt>
          <dd className="figure">
            {glow.sheetsForEven === null
              ? 'no number of sheets that lets light through'
              : glow.sheetsForEven === 0
                ? 'no foam'
                : `${glow.sheetsForEven} sheets of ${FOAM.millimetres} mm`}
          </dd>
          <dt className="text-dim">Light that comes through</dt>
          <dd className="figure">{Math.round(reading.throughShare * 100)} %</dd>
        </dl>
      )}
      <h3 className="label mt-3">Its colour through this skin</h3>
      <ul className="grid grid-cols-3 gap-2">
        {beside.map(({ colour, hex, share }) => (
          <li key={colour}>
            <div className="border-line h-12 border forced-color-adjust-none" style={{ background: hex }} />
            <p className={colour === plan.colour ? 'font-semibold' : 'text-dim'}>
              {colour} white, {Math.round(share * 100)} % through
            </p>
          </li>
        ))}
      </ul>
    </Sheet>
  );
}

/** A row as one line of light, or a plate as lines of it below each other. */
function GlowPicture({ lines, label }: { readonly lines: readonly string[]; readonly label: string }) {
  return (
    <div role="img" aria-label={label} className={`grid w-full ${lines.length > 1 ? 'h-36' : 'h-10'}`}>
      {lines.map((background, at) => (
        // Lines of one picture: each is known by its place alone.
        <div key={at} className="forced-color-adjust-none" style={{ background }} />
      ))}
    </div>
  );
}

/** Light along a row as stops of a gradient from black. */
function gradient(hex: string, along: readonly number[]): string {
  const stops = along.map((value, at) => {
    // Half the light looks three quarters as bright: mixed with black by a screen's gamma (IEC 61966-2-1).
    const shown = Math.round(100 * value ** (1 / 2.2));
    return `color-mix(in srgb, ${hex} ${shown}%, black) ${((100 * at) / (along.length - 1)).toFixed(1)}%`;
  });
  return `linear-gradient(90deg, ${stops.join(', ')})`;
}
