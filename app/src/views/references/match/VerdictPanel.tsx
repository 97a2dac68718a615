import { tellDifference } from '@zinc-ladder/core/colour/differenceWords';
import { hexOfLab } from '@zinc-ladder/core/colour/lab';
import type { PlaneArea } from '@zinc-ladder/core/reference/measureArea';
import type { ComparedRegion } from '@zinc-ladder/core/match/correctionWon';
import { correctionWon } from '@zinc-ladder/core/match/correctionWon';
import { HALF_90 } from '@zinc-ladder/core/number/half90';
import type { RegionMatch } from '@zinc-ladder/core/match/matchColours';
import { MATCH_REFUSAL_WORDS } from '@zinc-ladder/core/match/matchColours';
import type { Noticed } from '@zinc-ladder/core/match/noticed';
import type { MatchedRegion, PictureMatch } from '@zinc-ladder/model/records/reference/pictureMatch';
import { Link } from 'react-router';
import { useTable } from '../../../data/queries';
import { useNow } from '../../../clock/ClockContext';
import { useFormats } from '../../../features/formats/useFormats';
import { Sheet } from '../../../ui/Sheet';
import { Swatch } from '../../../ui/swatch/Swatch';
import { Why } from '../../../ui/Why';
import type { MatchOutcome } from './useMatch';
import { dimensionOf } from './useMatch';

/** What a viewer would say: what is noticed first, what mends it, and what the last correction won. */
export function VerdictPanel({
  match,
  outcome,
  earlier,
}: {
  readonly match: PictureMatch;
  readonly outcome: MatchOutcome;
  readonly earlier: { readonly match: PictureMatch; readonly outcome: MatchOutcome } | null;
}) {
  const formats = useFormats();
  const now = useNow(60_000);
  const { answer, noticed, viewing, lengths } = outcome;
  const dimensions = new Map(useTable('dimensions').map(({ id, name }) => [id, name]));
  const colours = answer && !('refusal' in answer) ? answer.colours : null;
  const compared = (at: number): RegionMatch | undefined => colours?.regions[at];
  const before = (region: MatchedRegion): ComparedRegion | null => {
    const answered = earlier?.outcome.answer;
    const at = earlier?.match.regions.findIndex(({ name }) => name === region.name) ?? -1;
    const found = answered && !('refusal' in answered) ? answered.colours?.regions[at] : undefined;
    return found && !('refusal' in found) ? found : null;
  };
  if (!colours) return null;
  const isEven = noticed.length === 0 && colours.regions.some((region) => !('refusal' in region));
  return (
    <Sheet className="grid content-start gap-3 p-4" label="What is noticed first">
      <h2 className="font-label text-xl font-semibold">Noticed first</h2>
      <p className="text-dim text-sm">
        {viewing
          ? `Seen from ${formats.distance(viewing.distanceMetres)}, as the prop is made for.`
          : 'As seen from close by: the prop’s viewing distance, or a known length on the reference, is missing.'}
      </p>
      {colours.refusal && <p className="text-oxide">Colours cannot be compared: {MATCH_REFUSAL_WORDS[colours.refusal]}.</p>}
      {match.regions.length === 0 && <p>Mark regions of one colour: they are compared.</p>}
      {isEven && !colours.refusal && (
        <p className="font-semibold">Nothing that these pictures can tell. What is left lies within what they err by.</p>
      )}
      <ol className="grid gap-3">
        {noticed.map((one, at) => (
          <li key={one.id} className="border-line grid grid-cols-[2rem_1fr] border-t pt-2">
            <span className="figure text-dim text-2xl">{at + 1}</span>
            <div>
              {dimensionOf(one.id) === null ? (
                <RegionLine
                  noticed={one}
                  region={match.regions[Number(one.id)]}
                  compared={compared(Number(one.id))}
                  propId={match.propId}
                />
              ) : (
                <LengthLine
                  name={dimensions.get(dimensionOf(one.id) ?? '') ?? ''}
                  length={lengths.find(({ id }) => id === dimensionOf(one.id))}
                  beside={dimensions.get(lengths.find(({ id }) => id === dimensionOf(one.id))?.besideId ?? '') ?? null}
                  propId={match.propId}
                />
              )}
            </div>
          </li>
        ))}
      </ol>
      <h3 className="label">Every region</h3>
      <ul className="grid gap-2">
        {match.regions.map((region, at) => {
          const one = compared(at);
          const then = before(region);
          return (
            <li key={at} className="border-line border-t pt-1">
              <div className="flex items-center gap-2">
                {one && !('refusal' in one) && (
                  <>
                    <Swatch colourHex={hexOfLab(one.reference)} className="h-6 w-6" />
                    <Swatch colourHex={hexOfLab(one.own)} className="h-6 w-6" />
                  </>
                )}
                <span className="font-semibold">{region.name}</span>
                {one && !('refusal' in one) && (
                  <span className="figure ml-auto">
                    <Apart name={region.name} compared={one} half={colours.half} />
                  </span>
                )}
              </div>
              <p className="text-sm">
                {!one ? '' : 'refusal' in one ? `Not compared: ${MATCH_REFUSAL_WORDS[one.refusal]}.` : wordsOf(one)}
                {one && !('refusal' in one) && one.isDoubtful && ' Partly clipped: doubtful.'}
              </p>
              {then && one && !('refusal' in one) && earlier && (
                <p className="text-sm">
                  {formats.moment(earlier.match.atMs, now)} it was <span className="figure">{then.deltaE.toFixed(1)}</span> apart:{' '}
                  {wonWords(then, one)}
                </p>
              )}
              <RegionSize area={outcome.areas[at] ?? null} />
              <Weathering partId={region.partId} />
            </li>
          );
        })}
      </ul>
      {lengths.length > 0 && (
        <>
          <h3 className="label">Lengths on both</h3>
          <ul className="text-sm">
            {lengths.map((length) => (
              <li key={length.id}>
                {dimensions.get(length.id)}: {shareWords(length.ownMillimetres / length.referenceMillimetres, length.relativeSd)}
                {length.besideId !== null && `, beside ${dimensions.get(length.besideId)}`}
              </li>
            ))}
          </ul>
        </>
      )}
    </Sheet>
  );
}

function Apart({ name, compared, half }: { readonly name: string; readonly compared: ComparedRegion; readonly half: number }) {
  return (
    <Why
      name={`difference of ${name}`}
      reason={{
        formula: 'ΔE00 of the median colours, light and one common exposure taken out; ± half width for such pictures',
        inputs: [
          ['reference, Lab', compared.reference.map((value) => value.toFixed(0)).join(' ')],
          ['own, Lab', compared.own.map((value) => value.toFixed(0)).join(' ')],
          ['half width', half.toFixed(1)],
        ],
        source: 'CIE 142-2001; half widths measured on synthetic cameras and lights, indicative',
      }}
    >
      {compared.deltaE.toFixed(1)} ({compared.low.toFixed(0)}–{compared.high.toFixed(0)})
    </Why>
  );
}

function wordsOf(compared: ComparedRegion): string {
  if (compared.low <= 0) return 'Cannot tell: it lies within what such pictures err by.';
  const { words, bandWords } = tellDifference(compared.own, compared.reference);
  return `Yours is ${words || 'off'}: ${bandWords}.`;
}

/** What a correction won, or that it cannot be told. */
function wonWords(before: ComparedRegion, now: ComparedRegion): string {
  const { won, isTold } = correctionWon(before, now);
  if (!isTold) return 'about as far off as now.';
  return won > 0 ? `the correction won ${won.toFixed(1)}.` : `it has gone ${(-won).toFixed(1)} the wrong way.`;
}

function RegionLine({
  noticed,
  region,
  compared,
  propId,
}: {
  readonly noticed: Noticed;
  readonly region: MatchedRegion | undefined;
  readonly compared: RegionMatch | undefined;
  readonly propId: string;
}) {
  if (!region || !compared || 'refusal' in compared) return null;
  return (
    <>
      <h3 className="font-label text-lg font-semibold">{region.name}</h3>
      <p>
        {wordsOf(compared)}{' '}
        <span className="figure">
          <Why
            name={`how much ${region.name} is noticed`}
            reason={{
              formula: '(steps − 1) · √share · Φ((steps − 1) ÷ σ)',
              inputs: [
                ['just noticeable steps', `${noticed.steps.toFixed(1)} ± ${noticed.half.toFixed(1)}`],
                ['share of what is compared', `${(noticed.share * 100).toFixed(0)} %`],
              ],
              source: 'our own; the order holds for exponents of the share from ⅓ to ¾',
            }}
          >
            {noticed.score.toFixed(1)}
          </Why>
        </span>
      </p>
      <p className="flex flex-wrap gap-x-3 text-sm">
        {region.mixCardId !== null && (
          <Link className="underline" to={`/colour/cards/${region.mixCardId}`}>
            Correct the mix
          </Link>
        )}
        <Link className="underline" to="/colour/coats">
          Try a glaze over it
        </Link>
        {region.partId !== null && (
          <>
            <Link className="underline" to={`/weather/${region.partId}`}>
              Another pass of weather
            </Link>
            <Link className="underline" to={`/ladders/${propId}/${region.partId}`}>
              Its ladder
            </Link>
          </>
        )}
      </p>
    </>
  );
}

function LengthLine({
  name,
  length,
  beside,
  propId,
}: {
  readonly name: string;
  readonly length: MatchOutcome['lengths'][number] | undefined;
  readonly beside: string | null;
  readonly propId: string;
}) {
  if (!length) return null;
  return (
    <>
      <h3 className="font-label text-lg font-semibold">{name}</h3>
      <p>
        Yours is {shareWords(length.ownMillimetres / length.referenceMillimetres, length.relativeSd)}
        {beside !== null && `, beside ${beside}`}.
      </p>
      <p className="text-sm">
        <Link className="underline" to={`/references/${propId}`}>
          The factor of the mesh
        </Link>
      </p>
    </>
  );
}

/** `4.2 % (± 2.0) longer`. */
function shareWords(share: number, relativeSd: number): string {
  const percent = Math.abs(share - 1) * 100;
  const half = relativeSd * HALF_90 * 100;
  return percent <= half
    ? `as long, within ± ${half.toFixed(1)} %`
    : `${percent.toFixed(1)} % (± ${half.toFixed(1)}) ${share > 1 ? 'longer' : 'shorter'}`;
}

/** How large it is, where something is known on the reference. */
function RegionSize({ area }: { readonly area: PlaneArea | null }) {
  const formats = useFormats();
  if (!area || 'refusal' in area) return null;
  const centimetres = (squareMillimetres: number): string => formats.area(squareMillimetres / 100);
  return (
    <p className="text-dim text-sm">
      About {centimetres(area.squareMillimetres)} ({centimetres(area.low)}–{centimetres(area.high)}) of it is compared.
    </p>
  );
}

/** How far the part's weathering has come, where it was measured. */
function Weathering({ partId }: { readonly partId: string | null }) {
  const plan = useTable('weatherPlans').find((one) => one.partId === partId);
  const reading = plan?.readings.toReversed().find(({ coverage }) => coverage !== null);
  const pass = plan?.passes.find(({ id }) => id === reading?.passId);
  if (!plan || !reading || reading.coverage === null || !pass) return null;
  const percent = (share: number): string => `${Math.round(share * 100)} %`;
  return (
    <p className="text-sm">
      <Link className="underline" to={`/weather/${plan.partId}`}>
        Weathering
      </Link>{' '}
      read last: {percent(reading.coverage)} ± {percent(reading.half)} covered
      {pass.stop !== null && `, ${percent(pass.stop)} is the stop`}
    </p>
  );
}
