import { drawWiring } from '@zinc-ladder/core/light/wiringDrawing';
import { CELLS } from '@zinc-ladder/core/light/batteryHours';
import { lightSteps, namedCuts } from '@zinc-ladder/model/gather/light/lightSteps';
import type { LightReading } from '@zinc-ladder/model/gather/light/readLights';
import type { LightGroup, LightPlan, LightSpot, LightWire } from '@zinc-ladder/model/records/light/lightPlan';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { download } from '../../base/download';
import { newId } from '../../base/newId';
import { addGroup, putLightRungs, removeGroup, wireByOrder } from '../../data/changes/light/lightChanges';
import { useEdit } from '../../features/edit/useEdit';
import { useFormats } from '../../features/formats/useFormats';
import { Button } from '../../ui/Button';
import { InlineField, SelectField } from '../../ui/fields/fields';
import { SvgPage } from '../../ui/print/SvgPage';
import { Sheet } from '../../ui/Sheet';
import { CheckField } from '../../ui/fields/CheckField';

/** Groups of LEDs and the wires between them, the drawing, and the rungs of fitting them. */
export function GroupsSheet({
  plan,
  reading,
  part,
}: {
  readonly plan: LightPlan;
  readonly reading: LightReading;
  readonly part: Part | null;
}) {
  const edit = useEdit();
  const formats = useFormats();
  const { chain } = reading;
  const put = (next: Partial<LightPlan>): void =>
    void edit(`Change the groups of ${plan.name}`, (change) => change.patch('lightPlans', plan.id, next, plan));
  const setGroup = (group: LightGroup): void => put({ groups: plan.groups.map((one) => (one.id === group.id ? group : one)) });
  const setWire = (at: number, wire: LightWire): void => put({ wires: plan.wires.map((one, nth) => (nth === at ? wire : one)) });
  const cuts = useMemo(() => namedCuts(plan, reading), [plan, reading]);
  const drawing = useMemo(() => {
    if (!chain) return null;
    const byId = new Map(plan.groups.map((group) => [group.id, group]));
    const supply = plan.supplyId === 'fixed' ? `${plan.fixedVolts} V` : `${plan.cells} × ${CELLS[plan.supplyId].name}`;
    const groups = chain.order.flatMap((id) => {
      const group = byId.get(id);
      return group ? [{ name: group.name, words: 'in → out' }] : [];
    });
    return drawWiring({ title: `Wiring of ${plan.name}`, supply, groups, wires: cuts });
  }, [plan, chain, cuts]);
  const ends = (withController: boolean) => [
    ...(withController ? [['controller out', 'controller'] as const] : []),
    ...plan.groups.flatMap(({ id, name }) => [[`${id} in`, `${name} in`] as const, [`${id} out`, `${name} out`] as const]),
  ];
  const steps = lightSteps(plan, reading);
  return (
    <Sheet className="min-w-0 p-4" label="Groups and wires">
      <h2 className="font-label mb-2 text-2xl font-semibold">
        {chain ? `${formats.length(chain.wireMillimetres ?? chain.leastMillimetres)} of data wire` : 'Groups and wires'}
        {chain && chain.wireMillimetres !== null && chain.wireMillimetres > chain.leastMillimetres + 1
          ? `, ${formats.length(chain.leastMillimetres)} in the best order`
          : ''}
      </h2>
      <ul className="grid gap-2">
        {plan.groups.map((group) => (
          <li key={group.id} className="border-line grid grid-cols-2 items-end gap-3 border-t pt-2 sm:grid-cols-[6rem_1fr_1fr_auto_auto]">
            <InlineField
              label="Group"
              value={group.name}
              maxLength={200}
              check={(text) => (text.trim() === '' ? 'A name is needed.' : null)}
              onKeep={(name) => setGroup({ ...group, name: name.trim() })}
            />
            <SpotField label={`Data in of ${group.name}`} value={group.in} onKeep={(spot) => setGroup({ ...group, in: spot })} />
            <SpotField label={`Data out of ${group.name}`} value={group.out} onKeep={(spot) => setGroup({ ...group, out: spot })} />
            <div>
              {(['hasPower', 'hasGround'] as const).map((key) => (
                <CheckField
                  key={key}
                  label={key === 'hasPower' ? 'power' : 'ground'}
                  checked={group[key]}
                  onChange={(isOn) => setGroup({ ...group, [key]: isOn })}
                />
              ))}
            </div>
            <div className="flex gap-1">
              <Button aria-label={`Turn round: ${group.name}`} onClick={() => setGroup({ ...group, in: group.out, out: group.in })}>
                Turn
              </Button>
              <Button
                look="quiet"
                aria-label={`Away: group ${group.name}`}
                onClick={() => void edit(`Take group ${group.name} away`, (change) => removeGroup(change, plan.id, group.id))}
              >
                Away
              </Button>
            </div>
          </li>
        ))}
      </ul>
      <div className="mt-2 flex flex-wrap gap-2">
        <Button onClick={() => void edit('Add a group', (change) => addGroup(change, plan.id, newId()))}>Add a group</Button>
        {chain && (
          <Button onClick={() => void edit('Wire by the best order', (change) => wireByOrder(change, plan.id, chain.order))}>
            Wire them in the best order
          </Button>
        )}
      </div>
      {plan.groups.length > 0 && (
        <>
          <h3 className="label mt-4">Data wires as they are</h3>
          <ol className="grid gap-2">
            {plan.wires.map((wire, at) => (
              <li key={at} className="flex flex-wrap items-end gap-3">
                <div className="w-40">
                  <SelectField
                    label={`Wire ${at + 1} from`}
                    value={wire.fromId === null ? 'controller out' : `${wire.fromId} ${wire.fromEnd}`}
                    options={ends(true)}
                    onChange={(value) => {
                      const [id = '', end] = value.split(' ');
                      setWire(at, { ...wire, fromId: id === 'controller' ? null : id, fromEnd: end === 'in' ? 'in' : 'out' });
                    }}
                  />
                </div>
                <div className="w-40">
                  <SelectField
                    label={`Wire ${at + 1} to`}
                    value={`${wire.toId} ${wire.toEnd}`}
                    options={ends(false)}
                    onChange={(value) => {
                      const [id = '', end] = value.split(' ');
                      setWire(at, { ...wire, toId: id, toEnd: end === 'out' ? 'out' : 'in' });
                    }}
                  />
                </div>
                <Button
                  look="quiet"
                  aria-label={`Away: wire ${at + 1}`}
                  onClick={() => put({ wires: plan.wires.filter((_, nth) => nth !== at) })}
                >
                  Away
                </Button>
              </li>
            ))}
          </ol>
          <Button
            className="mt-2"
            onClick={() => put({ wires: [...plan.wires, { fromId: null, fromEnd: 'out', toId: plan.groups[0]?.id ?? '', toEnd: 'in' }] })}
          >
            Add a wire
          </Button>
        </>
      )}
      {drawing && (
        <div className="mt-4">
          <h3 className="label mb-1">Wiring, in the order that needs least{chain?.isExact ? '' : ' (near it: more than twelve groups)'}</h3>
          <SvgPage svg={drawing} name={`Wiring of ${plan.name}: ${cuts.length} data wires`} />
          <Button className="mt-2" onClick={() => download(drawing, `wiring-${plan.id}.svg`, 'image/svg+xml')}>
            Save the drawing
          </Button>
        </div>
      )}
      <div className="border-line mt-4 border-t pt-3">
        <h3 className="label">Rungs to fit them</h3>
        <ol className="mb-2 list-decimal pl-6">
          {steps.map(({ name, minutes }) => (
            <li key={name}>
              {name}, <span className="figure">{minutes} min</span>
            </li>
          ))}
        </ol>
        {part ? (
          <p className="flex flex-wrap items-center gap-3">
            <Button
              look="primary"
              onClick={() =>
                void edit(`Put the lights on the ladder of ${part.name}`, (change) => putLightRungs(change, plan, steps, newId))
              }
            >
              {plan.rungIds.length === 0 ? `Put them on the ladder of ${part.name}` : `Put them anew on the ladder of ${part.name}`}
            </Button>
            <Link className="in-text underline" to={`/ladders/${plan.propId}/${part.id}`}>
              Its ladder
            </Link>
          </p>
        ) : (
          <p className="text-dim">Say in which part they are, and its ladder takes them.</p>
        )}
      </div>
    </Sheet>
  );
}

/** Three numbers for a place, mm. */
function SpotField({
  label,
  value,
  onKeep,
}: {
  readonly label: string;
  readonly value: LightSpot;
  readonly onKeep: (spot: LightSpot) => void;
}) {
  return (
    <InlineField
      label={`${label}, mm`}
      value={`${value.x}, ${value.y}, ${value.z}`}
      className="figure"
      check={(text) => (readSpot(text) ? null : 'Three numbers, such as 0, 20, 5.')}
      onKeep={(text) => onKeep(readSpot(text) ?? value)}
    />
  );
}

function readSpot(text: string): LightSpot | null {
  const numbers = text
    .split(/[;,]\s*|\s+/u)
    .filter((part) => part !== '')
    .map(Number);
  const [x, y, z] = numbers;
  if (numbers.length !== 3 || x === undefined || y === undefined || z === undefined) return null;
  return numbers.every((value) => Number.isFinite(value) && Math.abs(value) <= 10_000) ? { x, y, z } : null;
}
