import type { LadderRoute } from '@zinc-ladder/model/records/ladder/ladder';
import type { Ladder } from '@zinc-ladder/model/records/ladder/ladder';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import { setArea } from '@zinc-ladder/core/batch/setArea';
import { partLabel } from '@zinc-ladder/model/gather/plan/gatherPlan';
import { growFor } from '@zinc-ladder/model/gather/grow/growRungs';
import { growAgain } from '@zinc-ladder/model/gather/twins/growAgain';
import type { BesideRoute } from '@zinc-ladder/model/gather/twins/recordBesideRoute';
import { recordBesideRoute } from '@zinc-ladder/model/gather/twins/recordBesideRoute';
import { useMemo, useState } from 'react';
import { formatSpan } from '../../../base/formats';
import { newId } from '../../../base/newId';
import type { SecondStep } from '../../../data/changes/ladder/recordChanges';
import { growByRecord } from '../../../data/changes/ladder/recordChanges';
import { useShop } from '../../../data/queries';
import type { ShopIndex } from '../../../data/useShopIndex';
import { useEdit } from '../../../features/edit/useEdit';
import { useFormats } from '../../../features/formats/useFormats';
import { useTwinRecords } from '../../../features/record/useTwinRecords';
import { Button } from '../../../ui/Button';
import { SelectField } from '../../../ui/fields/fields';
import { Why } from '../../../ui/Why';

/** Makes a second: a ladder grown from what was really done on another part, beside the usual route, chosen rung by rung. */
export function GrowByRecord({
  part,
  ladder,
  route,
  metres,
  index,
}: {
  readonly part: Part;
  readonly ladder: Ladder;
  /** the usual one it is held against */
  readonly route: LadderRoute;
  readonly metres: number | null;
  readonly index: ShopIndex;
}) {
  const edit = useEdit();
  const shop = useShop();
  const formats = useFormats();
  const records = useTwinRecords();
  const [fromId, setFromId] = useState('');
  const [turned, setTurned] = useState<ReadonlySet<number>>(new Set());
  const made = useMemo(
    () => [...index.parts.values()].filter(({ id }) => id !== part.id && index.rungsOf(id).some(({ state }) => state === 'done')),
    [index, part.id],
  );
  const from = made.find(({ id }) => id === fromId);
  const rows = useMemo((): readonly BesideRoute[] => {
    if (!from || !records) return [];
    const usual = growFor(part, route, { metres });
    const done = growAgain(records, from, setArea(part.areaSquareCentimetres, part.count));
    return recordBesideRoute(done, usual.kind === 'grown' ? usual.rungs : []);
  }, [from, records, part, route, metres]);
  if (made.length === 0 || !shop) return null;
  // What was done is taken unless it is turned off; what only the usual route has is taken when it is turned on.
  const isTaken = (at: number): boolean => (rows[at]?.done !== null) !== turned.has(at);
  const steps = rows.flatMap(({ done, usual }, at): SecondStep[] => (!isTaken(at) ? [] : done ? [{ done }] : usual ? [{ usual }] : []));
  const minutes = steps.reduce((sum, step) => sum + ('done' in step ? step.done.minutes : step.usual.minutes), 0);
  const toggle = (at: number): void => setTurned(new Set(turned.has(at) ? [...turned].filter((other) => other !== at) : [...turned, at]));
  return (
    <section aria-label="Make a second" className="border-line grid gap-2 border-t pt-4">
      <h2 className="font-label text-2xl font-semibold">Make a second</h2>
      <p className="text-dim text-sm">
        As another part was really made: in the order it was done, with what was added and without what was left out; minutes as they went
        then, for this part’s surface.
      </p>
      <div className="w-72">
        <SelectField
          label="As it was done on"
          value={fromId}
          options={[
            ['', 'choose a part'],
            ...made.map((one) => [one.id, `${index.props.get(one.propId)?.name ?? ''}: ${partLabel(one)}`] as const),
          ]}
          onChange={(id) => {
            setFromId(id);
            setTurned(new Set());
          }}
        />
      </div>
      {rows.length > 0 && (
        <>
          <table className="w-full text-sm">
            <thead>
              <tr>
                <th className="label text-left">Take</th>
                <th className="label text-left">As it was done</th>
                <th className="label text-left">The usual route</th>
              </tr>
            </thead>
            <tbody>
              {rows.map(({ done, usual }, at) => (
                <tr key={at} className={`border-line border-t align-top ${isTaken(at) ? '' : 'text-dim'}`}>
                  <td className="py-1">
                    <input
                      type="checkbox"
                      className="h-4 w-4"
                      aria-label={`Take ${done?.name ?? usual?.name ?? ''}`}
                      checked={isTaken(at)}
                      onChange={() => toggle(at)}
                    />
                  </td>
                  <td className="py-1 pr-2">
                    {done ? (
                      <>
                        {done.name}{' '}
                        <span className="figure">
                          <Why
                            name={`minutes of ${done.name}`}
                            reason={{ formula: done.minutesFormula, source: 'the log of the first, and the method’s minutes' }}
                          >
                            {formatSpan(done.minutes)}
                          </Why>
                        </span>
                        <span className="text-dim block">
                          {[
                            done.name.includes(done.grit ?? '') ? null : done.grit,
                            index.products.get(done.productId ?? '')?.name,
                            done.coatMicrometres === null ? null : formats.film(done.coatMicrometres),
                            done.millilitres === null ? null : `${done.millilitres.toFixed(1)} ml`,
                          ]
                            .filter(Boolean)
                            .join(' · ')}
                        </span>
                      </>
                    ) : (
                      <span className="text-dim">not done</span>
                    )}
                  </td>
                  <td className="py-1">
                    {usual ? (
                      <>
                        {usual.name} <span className="figure">{formatSpan(usual.minutes)}</span>
                      </>
                    ) : (
                      <span className="text-dim">does not have it</span>
                    )}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
          <Button
            look="primary"
            className="justify-self-start"
            disabled={steps.length === 0}
            onClick={() =>
              void edit(`Grow the ladder of ${part.name} as ${from?.name ?? ''} was made`, (change) =>
                growByRecord(change, ladder.id, index.ladderOfPart.get(fromId)?.route ?? route, steps, newId),
              )
            }
          >
            Grow these {steps.length} rungs, {formatSpan(minutes)}
          </Button>
        </>
      )}
      {from && rows.length === 0 && <p className="text-dim">Nothing was done on it that could be done again.</p>}
    </section>
  );
}
