import type { Rung } from '@zinc-ladder/model/records/ladder/rung';
import { correctTimer } from '../../../data/changes/ladder/benchChanges';
import { useEdit } from '../../../features/edit/useEdit';
import { workedMs } from '@zinc-ladder/model/gather/plan/gatherPlan';
import { Button } from '../../../ui/Button';
import type { Formats } from '../../../base/formats';
import { formatSpan } from '../../../base/formats';
import { useBenchMoment } from '../../../features/rung/useBenchMoment';
import { useTimeGap } from './useTimeGap';

/** Asks what to make of the time the screen was away; puts a timer right by itself when the clock was turned back. */
export function GapNotice({ rung, formats }: { readonly rung: Rung; readonly formats: Formats }) {
  const edit = useEdit();
  const moment = useBenchMoment();
  const startedAtMs = rung.startedAtMs ?? 0;
  const [gap, settle] = useTimeGap(
    (byMs) =>
      void edit('Put the timer right after the clock was turned back', (change) =>
        change.patch('rungs', rung.id, { startedAtMs: Math.round(startedAtMs - byMs) }),
      ),
  );
  if (!gap || startedAtMs === 0 || gap.fromMs <= startedAtMs) return null;
  const untilAway = workedMs(rung, gap.fromMs) / 60_000;
  return (
    <div role="status" className="border-oxide my-3 border-l-4 px-3 py-2">
      <p>
        Nobody looked from {formats.moment(gap.fromMs, gap.toMs)} to {formats.moment(gap.toMs, gap.toMs)},{' '}
        {formatSpan((gap.toMs - gap.fromMs) / 60_000)}. The timer ran on.
      </p>
      <div className="mt-2 flex flex-wrap gap-2">
        <Button isLarge onClick={settle}>
          I worked on
        </Button>
        <Button
          isLarge
          onClick={() => {
            settle();
            void edit('Take the absence off the timer', (change) => correctTimer(change, rung.id, untilAway, moment()));
          }}
        >
          Count {formatSpan(untilAway)} so far
        </Button>
      </div>
    </div>
  );
}
