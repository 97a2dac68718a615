import type { FlawSeverity } from '@zinc-ladder/core/inspection/flawSeverity';
import { flawSeverity } from '@zinc-ladder/core/inspection/flawSeverity';
import { findFlawKind } from '@zinc-ladder/core/inspection/flawKinds';
import { flawedCoat } from '@zinc-ladder/model/gather/grow/mendingRungs';
import type { Flaw } from '@zinc-ladder/model/records/prop/flaw';
import { useShopIndex } from '../../../data/useShopIndex';
import { useMend } from '../../../features/mend/useMend';
import { usuallyWrong } from '../../../features/mend/wentWrong';
import { useEdit } from '../../../features/edit/useEdit';
import { Button } from '../../../ui/Button';
import { groupBy } from '../../../base/groupBy';
import type { Surface } from '../gathered/useSurface';
import { useFormats } from '../../../features/formats/useFormats';

const SEVERITY: Readonly<Record<FlawSeverity, string>> = { hidden: 'not seen from there', shows: 'shows', jumpsOut: 'jumps out' };
const RANK: Readonly<Record<FlawSeverity, number>> = { jumpsOut: 0, shows: 1, hidden: 2 };

/** Open flaws with what to do about them, then the mended ones. */
export function FlawList({
  surface,
  mended,
  onMended,
}: {
  readonly surface: Surface;
  readonly mended: ReadonlySet<string>;
  readonly onMended: (id: string) => void;
}) {
  const formats = useFormats();
  const { flaws, passes, finish, metres } = surface;
  const severityOf = (flaw: Flaw): FlawSeverity => flawSeverity(flaw.sizeMillimetres, finish, metres);
  const open = flaws
    .filter((flaw) => flaw.fixedPassId === null)
    .toSorted((a, b) => RANK[severityOf(a)] - RANK[severityOf(b)] || b.sizeMillimetres - a.sizeMillimetres);
  const done = flaws.filter((flaw) => flaw.fixedPassId !== null);
  const passName = (id: string | null): string => {
    const at = passes.findIndex((pass) => pass.id === id);
    return at === -1 ? 'before the first pass' : `after pass ${at + 1}`;
  };
  return (
    <div className="grid gap-4">
      <div>
        <h2 className="label">Open, {open.length}</h2>
        <p className="text-dim text-sm">
          Seen from {formats.distance(metres)} in {finish.name.toLowerCase()}. Tick what this pass mends, then log the pass.
        </p>
        {open.length === 0 && <p className="mt-1">Nothing open.</p>}
        <ul>
          {open.map((flaw) => {
            const kind = findFlawKind(flaw.kind);
            const severity = severityOf(flaw);
            return (
              <li key={flaw.id} className="border-line border-b py-1.5">
                <label className="flex min-h-11 cursor-pointer items-center gap-3">
                  <input type="checkbox" className="h-5 w-5" checked={mended.has(flaw.id)} onChange={() => onMended(flaw.id)} />
                  <Mark text={kind.mark} isOpen />
                  <span className="min-w-0 flex-1">
                    <span className="font-semibold">{kind.name}</span>{' '}
                    <span className="figure text-sm">{formats.size([flaw.sizeMillimetres])}</span>{' '}
                    <span className={`ml-1 text-sm ${severity === 'jumpsOut' ? 'text-oxide' : 'text-dim'}`}>{SEVERITY[severity]}</span>{' '}
                    <span className="text-dim block text-sm">
                      found {passName(flaw.foundPassId)}
                      {flaw.note && `: ${flaw.note}`}
                    </span>
                  </span>
                </label>
              </li>
            );
          })}
        </ul>
      </div>
      <Kinds flaws={open} partId={surface.part.id} />
      {done.length > 0 && (
        <details>
          <summary className="label cursor-pointer">Mended, {done.length}</summary>
          <ul>
            {done.map((flaw) => (
              <DoneRow key={flaw.id} flaw={flaw} words={passName(flaw.fixedPassId)} />
            ))}
          </ul>
        </details>
      )}
      <OpenActions open={open} />
    </div>
  );
}

function Mark({ text, isOpen }: { readonly text: string; readonly isOpen: boolean }) {
  return (
    <span
      aria-hidden="true"
      className={`font-label flex h-7 w-7 shrink-0 items-center justify-center border text-base font-semibold ${isOpen ? 'bg-oxide border-oxide text-sheet' : 'border-edge text-dim rounded-full'}`}
    >
      {text}
    </span>
  );
}

function DoneRow({ flaw, words }: { readonly flaw: Flaw; readonly words: string }) {
  const formats = useFormats();
  const edit = useEdit();
  const kind = findFlawKind(flaw.kind);
  return (
    <li className="border-line flex items-center gap-3 border-b py-1">
      <Mark text="✓" isOpen={false} />
      <span className="min-w-0 flex-1">
        {kind.name} <span className="figure text-sm">{formats.size([flaw.sizeMillimetres])}</span>
        <span className="text-dim ml-2 text-sm">mended {words.replace('after', 'in')}</span>
      </span>
      <Button
        look="quiet"
        className="text-sm"
        onClick={() =>
          void edit(`Open a ${kind.name.toLowerCase()} again`, (change) => change.patch('flaws', flaw.id, { fixedPassId: null }, flaw))
        }
      >
        Open again
      </Button>
    </li>
  );
}

/** Cause, mend and prevention of the kinds that are open. */
function Kinds({ flaws, partId }: { readonly flaws: readonly Flaw[]; readonly partId: string }) {
  const index = useShopIndex();
  const mend = useMend(index);
  const coat = flawedCoat(index.rungsOf(partId));
  const isSet = (index.parts.get(partId)?.count ?? 1) > 1;
  const kinds = [...groupBy(flaws, (flaw) => flaw.kind)];
  if (kinds.length === 0) return null;
  return (
    <div>
      <h2 className="label">What to do about them</h2>
      {kinds.map(([id, list]) => {
        const kind = findFlawKind(id);
        const wrong = usuallyWrong(kind.id);
        return (
          <details key={id} className="border-line border-b py-1">
            <summary className="cursor-pointer">
              {kind.name}, {list.length}
            </summary>
            <dl className="grid grid-cols-[5.5rem_1fr] gap-x-3 gap-y-1 py-1 text-sm">
              <dt className="text-dim">comes from</dt>
              <dd>{kind.cause}</dd>
              <dt className="text-dim">mend</dt>
              <dd>{kind.mend}</dd>
              <dt className="text-dim">next time</dt>
              <dd>{kind.prevention}</dd>
            </dl>
            {kind.mending && coat && (
              <Button className="my-1 text-sm" onClick={() => void mend(coat, wrong)}>
                Put the mending of {coat.name} on the ladder{isSet && wrong.pieces === 1 && ', for one piece'}
              </Button>
            )}
          </details>
        );
      })}
    </div>
  );
}

/** Takes a wrongly pinned flaw away. */
function OpenActions({ open }: { readonly open: readonly Flaw[] }) {
  const formats = useFormats();
  const edit = useEdit();
  if (open.length === 0) return null;
  return (
    <details>
      <summary className="label cursor-pointer">Take one away that was no flaw</summary>
      <ul className="flex flex-wrap gap-1 py-1">
        {open.map((flaw) => {
          const kind = findFlawKind(flaw.kind);
          return (
            <li key={flaw.id}>
              <Button
                className="text-sm"
                onClick={() => void edit(`Take a ${kind.name.toLowerCase()} away`, (change) => change.remove('flaws', flaw.id))}
              >
                {kind.name}, {formats.size([flaw.sizeMillimetres])}
              </Button>
            </li>
          );
        })}
      </ul>
    </details>
  );
}
