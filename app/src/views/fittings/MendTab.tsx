import type { DamageId, MendChoice } from '@zinc-ladder/core/mend/mendOrPrint';
import { compareMends } from '@zinc-ladder/core/mend/mendOrPrint';
import { findMaterial } from '@zinc-ladder/core/ladder/materials';
import { climbedMinutes } from '@zinc-ladder/model/rungs/climbedMinutes';
import { partLabel, printHoursOf } from '@zinc-ladder/model/gather/plan/gatherPlan';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import type { Prop } from '@zinc-ladder/model/records/prop/prop';
import type { Mending } from '@zinc-ladder/core/plan/ideas/mendedShop';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { formatSpan } from '../../base/formats';
import { useNow } from '../../clock/ClockContext';
import { useTable, useTableQuery } from '../../data/queries';
import { useStore } from '../../data/StoreContext';
import { useKeptState } from '../../data/useKeptState';
import { USUAL_FAILURES } from '../../data/changes/prop/printChanges';
import { useFormats } from '../../features/formats/useFormats';
import { Button } from '../../ui/Button';
import { Cautions } from '../../ui/Cautions';
import { InlineNumber, SelectField } from '../../ui/fields/fields';
import { Sheet } from '../../ui/Sheet';
import { Why } from '../../ui/Why';
import { askOutlook } from '../../workers/plan/outlookClient';
import { NoteIt } from './NoteIt';
import { WideTable } from '../../ui/WideTable';

const DAMAGES: readonly (readonly [DamageId, string])[] = [
  ['crack', 'A crack'],
  ['gap', 'A gap at a joint'],
  ['hole', 'A hole or a missing corner'],
  ['lost', 'Detail that is lost'],
  ['warp', 'Warped'],
  ['tight', 'Too tight'],
];

/** Is a piece mended, or printed anew? Hands and hours of each way, weighed by how often it goes wrong. */
export function MendTab({ prop, parts }: { readonly prop: Prop; readonly parts: readonly Part[] }) {
  const formats = useFormats();
  const ladders = useTable('ladders');
  const rungs = useTable('rungs');
  const [ask, change] = useKeptState(['mend', prop.id], { partId: '', damage: 'crack' as DamageId, size: 1, length: 40 });
  const part = parts.find(({ id }) => id === ask.partId) ?? parts[0];
  if (!part) return <Sheet className="p-4">A prop with a part can be mended. It has none yet.</Sheet>;
  const climbed = climbedMinutes(ladders.find(({ partId }) => partId === part.id)?.rungIds ?? [], rungs, part.count);
  const printHours = findMaterial(part.materialId).isPrinted ? printHoursOf(part) : null;
  const choices = compareMends({
    damage: ask.damage,
    sizeMillimetres: ask.size,
    lengthMillimetres: ask.length,
    printHours,
    printFailureShare: part.print?.failureShare ?? USUAL_FAILURES,
    climbedMinutes: climbed,
  });
  const [best] = choices;
  return (
    <div className="grid min-w-0 grid-cols-[minmax(0,1fr)] items-start gap-4 lg:grid-cols-[18rem_minmax(0,1fr)]">
      <Sheet className="no-print grid min-w-0 gap-3 p-4 max-lg:order-last" label="What is wrong">
        <SelectField
          label="With one piece of"
          value={part.id}
          options={parts.map((one) => [one.id, partLabel(one)] as const)}
          onChange={(partId) => change((now) => ({ ...now, partId }))}
        />
        <SelectField
          label="What it is"
          value={ask.damage}
          options={DAMAGES}
          onChange={(damage) => change((now) => ({ ...now, damage: damage as DamageId }))}
        />
        <InlineNumber
          label="Wide, deep or off by"
          unit="mm"
          value={ask.size}
          min={0}
          max={500}
          onKeep={(size) => size !== null && change((now) => ({ ...now, size }))}
        />
        <InlineNumber
          label="It runs over"
          unit="mm"
          value={ask.length}
          min={0}
          max={5000}
          onKeep={(length) => length !== null && change((now) => ({ ...now, length }))}
        />
        <p className="text-dim text-sm">
          <Link className="in-text underline" to={`/ladders/${prop.id}`}>
            Put what you choose on its ladder
          </Link>
          , as the rung <i>Repair a break</i> or <i>Print anew</i>.
        </p>
      </Sheet>
      <Sheet className="grid min-w-0 gap-3 p-4" label="Ways out">
        <h2 className="font-label text-2xl font-semibold">
          {best?.name}:{' '}
          <Why
            name="what is to be expected"
            reason={{
              formula: 'hands of the repair + share that fails × hands of a new piece (what it has climbed, and setting up)',
              inputs: [
                ['climbed by one piece so far', formatSpan(climbed)],
                ['prints', printHours === null ? 'not at all: it is not printed' : formatSpan(printHours * 60)],
              ],
              source: 'minutes done on its own ladder; minutes, waits and shares of repairs are common practice, guessed',
            }}
          >
            {formatSpan(best?.expectedMinutes ?? 0)} of hands to be expected
          </Why>
        </h2>
        <WideTable label="Ways out">
          <table className="w-full min-w-120 text-left">
            <caption className="sr-only">Ways out, least hands first</caption>
            <thead>
              <tr className="label">
                <th scope="col">Way</th>
                <th scope="col">Hands</th>
                <th scope="col">Waits</th>
                <th scope="col">Fails</th>
                <th scope="col">Expected</th>
              </tr>
            </thead>
            <tbody>
              {choices.map((choice) => (
                <Row key={choice.id} choice={choice} />
              ))}
            </tbody>
          </table>
        </WideTable>
        <PlanSays prop={prop} part={part} choices={choices} />
        <p className="text-dim text-sm">
          What is seen at arm’s length or carries a load is printed anew sooner than this says; what lies under a texture is mended.
        </p>
        {best && (
          <NoteIt
            parts={parts}
            about={part}
            text={`Mend or print anew, ${DAMAGES.find(([id]) => id === ask.damage)?.[1].toLowerCase() ?? ''} of ${formats.length(ask.size, 1)} over ${formats.length(ask.length)}: ${choices.map(({ name, expectedMinutes }) => `${name.toLowerCase()} ${formatSpan(expectedMinutes)}`).join(', ')}`}
          />
        )}
        <Cautions ids={['dust', 'warmAir']} />
      </Sheet>
    </div>
  );
}

/** Plans the shop with each way out, and says when the prop is ready then. */
function PlanSays({ prop, part, choices }: { readonly prop: Prop; readonly part: Part; readonly choices: readonly MendChoice[] }) {
  const { db } = useStore();
  const now = useNow(300_000);
  const formats = useFormats();
  const mendings = choices.map(({ id, handsMinutes, waitHours, classId }): Mending => ({
    partId: part.id,
    handsMinutes,
    printHours: id === 'reprint' ? waitHours : 0,
    isNew: id === 'reprint',
    classId,
  }));
  const [asked, setAsked] = useState('');
  // What is planned changes with rungs, hours and hands; a reading of the sensor takes no answer away.
  const state = [useTableQuery('rungs'), useTableQuery('shop'), useTableQuery('persons')].map(({ version }) => version).join('.');
  const key = `${state} ${JSON.stringify(mendings)}`;
  const query = useQuery({
    queryKey: ['mending', key],
    queryFn: ({ signal }) => askOutlook((api) => api.mending({ databaseName: db.name, nowMs: now }, prop.id, mendings), signal),
    enabled: asked === key,
    staleTime: Infinity,
    networkMode: 'always',
  });
  if (asked !== key)
    return (
      <div>
        <Button onClick={() => setAsked(key)}>What does the plan say to each?</Button>
      </div>
    );
  if (query.isError) return <p role="alert">It could not be planned: {String(query.error)}</p>;
  if (!query.data) return <p className="text-dim">Planning each way…</p>;
  return (
    <div>
      <h3 className="label">With the shop’s hours to itself, {prop.name} is ready</h3>
      <ul aria-label="What the plan says">
        {choices.map(({ id, name }, at) => {
          const moved = query.data[at];
          return (
            <li key={id}>
              {name}:{' '}
              {moved ? (
                <>
                  <span className="figure">{formats.moment(moved.readyMs, now)}</span>, {laterWords(moved.laterMinutes)}
                </>
              ) : (
                'some of it has no place in the plan'
              )}
            </li>
          );
        })}
      </ul>
    </div>
  );
}

function laterWords(minutes: number): string {
  if (Math.abs(minutes) < 1) return 'no later than without the damage';
  return `${formatSpan(Math.abs(minutes))} ${minutes > 0 ? 'later' : 'sooner'}`;
}

function Row({ choice }: { readonly choice: MendChoice }) {
  const { fails, waits } = wordsOf(choice);
  return (
    <tr className="border-line border-t">
      <th scope="row" className="py-1 font-normal">
        {choice.name}
        {choice.isTooLarge && <span className="text-oxide"> (too large for it)</span>}
      </th>
      <td className="figure">{formatSpan(choice.handsMinutes)}</td>
      <td className="figure">{waits}</td>
      <td className="figure">{fails}</td>
      <td className="figure">{formatSpan(choice.expectedMinutes)}</td>
    </tr>
  );
}

function wordsOf({ waitHours, failureShare }: MendChoice): { readonly waits: string; readonly fails: string } {
  return { waits: waitHours === 0 ? 'none' : formatSpan(waitHours * 60), fails: `${Math.round(failureShare * 100)} %` };
}
