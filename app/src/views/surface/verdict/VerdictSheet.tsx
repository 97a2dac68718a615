import type { Verdict } from '@zinc-ladder/core/inspection/verdict';
import { LEAST_WIN_MICROMETRES } from '@zinc-ladder/core/inspection/verdict';
import { findFlawKind } from '@zinc-ladder/core/inspection/flawKinds';
import { findLoopTurns } from '@zinc-ladder/core/ladder/loopRungs';
import { Link } from 'react-router';
import { fitLoops } from '../../../data/changes/look/surfaceChanges';
import { groupBy } from '../../../base/groupBy';
import { newId } from '../../../base/newId';
import { useClock } from '../../../clock/ClockContext';
import { useEdit } from '../../../features/edit/useEdit';
import { useShopIndex } from '../../../data/useShopIndex';
import { Button } from '../../../ui/Button';
import { Sheet } from '../../../ui/Sheet';
import type { Formats } from '../../../base/formats';
import { formatSpan } from '../../../base/formats';
import { useFormats } from '../../../features/formats/useFormats';
import { Why } from '../../../ui/Why';
import type { Surface } from '../gathered/useSurface';

const NUMBERS = ['No', 'One', 'Two', 'Three', 'Four', 'Five', 'Six'] as const;

/** Go, one more pass, more, or stop, with the reason and what the ladder makes of it. `isLogging`: the pass is logged beside it. */
export function VerdictSheet({ surface, isLogging = false }: { readonly surface: Surface; readonly isLogging?: boolean }) {
  const { verdict, flaws, shownFlaws, visible, passes } = surface;
  const formats = useFormats();
  const open = flaws.filter((flaw) => flaw.fixedPassId === null);
  const byKind = groupBy(shownFlaws, (flaw) => flaw.kind);
  const { low, high } = verdict.passesLeft;
  return (
    <Sheet className="p-4" isActive label="Verdict">
      <h2 className="label">Verdict</h2>
      <p className="font-label text-3xl leading-tight font-semibold">
        <Why
          name="verdict"
          reason={{
            formula:
              'ln(valley) falls by a rate an hour, fitted to the passes; passes left = ln(valley now ÷ may stay) ÷ rate ÷ hours a pass',
            inputs: [
              ['valley now', formats.film(verdict.valleyNowMicrometres)],
              ['may stay', formats.film(visible.valleyMicrometres)],
              ['rate', `${verdict.fit.ratePerHour.toFixed(2)} an hour`],
              ['a pass takes', formatSpan(verdict.passHours * 60)],
              [
                'smooth enough at',
                verdict.reach
                  ? `${formatSpan(verdict.reach.hours * 60)} ± ${formatSpan(verdict.reach.deviation * 60)} of hands`
                  : 'the passes so far do not say',
              ],
            ],
            source: 'Bayesian regression of the logarithm, with the forecast as prior; the priors’ widths are guessed',
          }}
        >
          {title(verdict)}
        </Why>
      </p>
      <p className="mt-1">{reason(verdict, formats)}</p>
      {passes.length > 0 && low !== high && (
        <p className="text-dim text-sm">
          Between {low} and {high} by what is known.
        </p>
      )}
      <dl className="figure mt-3 grid grid-cols-[1fr_auto] gap-x-3 text-sm">
        <dt>open flaws that show</dt>
        <dd className="text-right">{verdict.openFlaws}</dd>
        {[...byKind].map(([kind, list]) => (
          <div key={kind} className="contents">
            <dt className="text-dim">{findFlawKind(kind).name.toLowerCase()}</dt>
            <dd className="text-dim text-right">{list.length}</dd>
          </div>
        ))}
        {open.length > shownFlaws.length && (
          <>
            <dt>open, not seen from there</dt>
            <dd className="text-right">{open.length - shownFlaws.length}</dd>
          </>
        )}
        {verdict.flawsAfterNext !== null && (
          <>
            <dt>after the next pass, likely</dt>
            <dd className="text-right">{Math.round(verdict.flawsAfterNext)}</dd>
          </>
        )}
        <dt>mended</dt>
        <dd className="text-right">{flaws.length - open.length}</dd>
      </dl>
      <LadderLoops surface={surface} />
      {!isLogging && (
        <Link className="mt-3 block underline underline-offset-4" to={`/surface/${surface.part.id}/inspect`}>
          {passes.length === 0 ? 'Look at the first pass' : 'Log the next pass'}
        </Link>
      )}
    </Sheet>
  );
}

/** What the ladder has open against what the verdict, or before a pass the forecast, asks for. */
function LadderLoops({ surface }: { readonly surface: Surface }) {
  const clock = useClock();
  const edit = useEdit();
  const index = useShopIndex();
  const { part, verdict, chosen, passes } = surface;
  const ladder = index.ladderOfPart.get(part.id);
  const turns = findLoopTurns(index.rungsOf(part.id));
  const open = turns.filter((turn) => turn.isOpen).length;
  const done = turns.length - open;
  if (!ladder || turns.length === 0) return null;
  const wanted = passes.length > 0 ? verdict.passesLeft.likely : Math.max(0, (chosen?.loops.loops ?? turns.length) - done);
  const mayLeaveOut = passes.length === 0 || verdict.isSure;
  const turn = (count: number): string => `${count} open ${count === 1 ? 'turn' : 'turns'}`;
  return (
    <div className="border-line mt-3 border-t pt-3">
      <p>
        The ladder has {turn(open)} of primer and sanding
        {open === wanted ? ', as many as this asks for.' : `; this asks for ${wanted}.`}
      </p>
      {open > wanted && !mayLeaveOut && <p className="text-dim text-sm">Judge another pass before any is left out.</p>}
      {(open < wanted || (open > wanted && mayLeaveOut)) && (
        <Button
          className="mt-2"
          look="primary"
          onClick={() => void edit(`Fit the loops of ${part.name}`, (change) => fitLoops(change, ladder.id, wanted, clock.now(), newId))}
        >
          {open > wanted ? `Leave out ${open - wanted}` : `Add ${wanted - open}`}
        </Button>
      )}
    </div>
  );
}

function title({ kind, passesLeft }: Verdict): string {
  switch (kind) {
    case 'notYet':
      return 'Not looked at yet';
    case 'go':
      return 'Go: smooth enough';
    case 'stop':
      return 'Stop: nothing more to win';
    case 'onePass':
      return 'One more pass';
    case 'morePasses':
      return `${NUMBERS[passesLeft.likely] ?? passesLeft.likely} more passes`;
  }
}

function reason({ kind, nextWinsMicrometres, passHours, valleyNowMicrometres, openFlaws, passesLeft }: Verdict, formats: Formats): string {
  const next =
    nextWinsMicrometres < LEAST_WIN_MICROMETRES
      ? `Sanding alone wins next to nothing so far: filler and primer are what closes a valley of ${formats.film(valleyNowMicrometres)}. Judge again after the next coat.`
      : `The next pass wins ${formats.film(nextWinsMicrometres)} in ${formatSpan(passHours * 60)}.`;
  switch (kind) {
    case 'notYet':
      return passesLeft.likely === 0
        ? `By the forecast ridges of ${formats.film(valleyNowMicrometres)} may stay as they are. Look at the first pass with a guide coat all the same: it shows what the layers do not say.`
        : `By the forecast about ${passesLeft.likely} ${passesLeft.likely === 1 ? 'pass' : 'passes'}. Look at the first with a guide coat and say how deep the deepest valley is.`;
    case 'go':
      return `The deepest valley is ${formats.film(valleyNowMicrometres)} and no open flaw shows from there. More sanding only costs detail.`;
    case 'stop':
      return `The next pass wins less than ${formats.film(LEAST_WIN_MICROMETRES)}: sanding has done what it can. Fill, or live with it.`;
    case 'onePass':
      return openFlaws > 0 && nextWinsMicrometres < 1
        ? `Smooth enough but for ${openFlaws} open ${openFlaws === 1 ? 'flaw that shows' : 'flaws that show'}.`
        : next;
    case 'morePasses':
      return next;
  }
}
