import { WORK_KINDS } from '@zinc-ladder/core/ladder/workKinds';
import type { Person } from '@zinc-ladder/model/records/shop/person';
import type { Shop } from '@zinc-ladder/model/records/shop/shop';
import { useState } from 'react';
import { addPerson } from '../../../data/changes/shop/personChanges';
import { newId } from '../../../base/newId';
import { useEdit } from '../../../features/edit/useEdit';
import { useNow } from '../../../clock/ClockContext';
import { usePersons } from '../../../features/person/useAtBench';
import { Button } from '../../../ui/Button';
import { InlineField, Labelled, SelectField } from '../../../ui/fields/fields';
import { Sheet } from '../../../ui/Sheet';
import { useFormats } from '../../../features/formats/useFormats';
import { DatesEditor } from '../hours/DatesEditor';
import { WeekEditor } from '../hours/SpanEditor';

/** Who works here, when, and what each leaves to others. */
export function PeopleSection({ shop }: { readonly shop: Shop }) {
  const persons = usePersons();
  return (
    <div className="grid items-start gap-4 lg:grid-cols-3">
      {persons.map((person) => (
        <PersonSheet key={person.id} person={person} shop={shop} />
      ))}
      <Sheet className="grid gap-3 p-4" label="Somebody else">
        <h2 className="font-label text-xl font-semibold">{persons.length === 0 ? 'One finisher' : 'Somebody else'}</h2>
        {persons.length === 0 && (
          <p className="text-dim">
            One finisher works here, in the shop’s hours, and does everything. Add somebody who helps, and the plan shares the work out: by
            hours, by what each does, one thing at a time in each pair of hands.
          </p>
        )}
        <NewPerson />
      </Sheet>
    </div>
  );
}

function NewPerson() {
  const edit = useEdit();
  const [name, setName] = useState('');
  const clean = name.trim();
  return (
    <form
      className="flex flex-wrap items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        if (clean === '') return;
        void edit(`Add ${clean}`, (change) => addPerson(change, clean, newId)).then((isDone) => isDone && setName(''));
      }}
    >
      <div className="min-w-40 flex-1">
        <Labelled label="Name">
          {({ id }) => <input id={id} className="field" maxLength={200} value={name} onChange={(event) => setName(event.target.value)} />}
        </Labelled>
      </div>
      <Button type="submit" look="primary" disabled={clean === ''}>
        Add
      </Button>
    </form>
  );
}

function PersonSheet({ person, shop }: { readonly person: Person; readonly shop: Shop }) {
  const edit = useEdit();
  const patch = (what: string, fields: Partial<Person>): void =>
    void edit(`Change ${what} of ${person.name}`, (change) => change.patch('persons', person.id, fields, person));
  return (
    <Sheet className="grid gap-4 p-4" label={person.name}>
      <div className="grid grid-cols-[1fr_auto] items-end gap-2">
        <InlineField
          label="Name"
          value={person.name}
          maxLength={200}
          check={(text) => (text.trim() === '' ? 'A name is needed.' : null)}
          onKeep={(name) => patch('the name', { name: name.trim() })}
        />
        <Button
          look="quiet"
          aria-label={`Take away: ${person.name}`}
          onClick={() => void edit(`Take ${person.name} away`, (change) => change.remove('persons', person.id))}
        >
          Take away
        </Button>
      </div>
      <fieldset>
        <legend className="label">Does</legend>
        <div className="grid gap-1">
          {WORK_KINDS.map(({ id, name, note }) => (
            <label key={id} className="flex min-h-9 cursor-pointer items-start gap-2">
              <input
                type="checkbox"
                className="mt-1.5 h-4 w-4 shrink-0"
                checked={!person.refuses.includes(id)}
                onChange={(event) =>
                  patch('what is done', {
                    refuses: event.target.checked ? person.refuses.filter((kind) => kind !== id) : [...person.refuses, id],
                  })
                }
              />
              <span>
                {name} <span className="text-dim text-sm">{note}</span>
              </span>
            </label>
          ))}
        </div>
        <p className="text-dim text-sm">All other work is anybody’s. Who may handle a product, its label and safety sheet say first.</p>
      </fieldset>
      <div>
        <SelectField
          label="Hours"
          value={person.hours === null ? 'shop' : 'own'}
          options={[
            ['shop', 'the shop’s hours'],
            ['own', 'own hours'],
          ]}
          onChange={(whose) => patch('the hours', { hours: whose === 'shop' ? null : [...shop.hours] })}
        />
        {person.hours !== null && <WeekEditor spans={person.hours} name="Own hours" onChange={(hours) => patch('the hours', { hours })} />}
      </div>
      <div>
        <h2 className="label">Away, or other hours</h2>
        <DatesEditor dates={person.exceptions} timeZone={shop.timeZone} onChange={(exceptions) => patch('the dates', { exceptions })} />
        <AwayTimes person={person} onChange={(busy) => patch('the times away', { busy })} />
      </div>
    </Sheet>
  );
}

/** Times away that are still to come, as they were said at the bench. */
function AwayTimes({ person, onChange }: { readonly person: Person; readonly onChange: (busy: Person['busy']) => void }) {
  const now = useNow(60_000);
  const formats = useFormats();
  return (
    <ul className="mt-2">
      {person.busy
        .filter(({ endMs }) => endMs > now)
        .map((entry) => (
          <li key={`${entry.startMs}${entry.endMs}`} className="border-line flex items-center justify-between gap-2 border-t py-1">
            <span className="figure text-sm">
              away {formats.moment(entry.startMs, now)} – {formats.moment(entry.endMs, entry.startMs)}
            </span>
            <Button
              look="quiet"
              aria-label={`Take away: the time away from ${formats.full(entry.startMs)}`}
              onClick={() => onChange(person.busy.filter((other) => other !== entry))}
            >
              ✕
            </Button>
          </li>
        ))}
    </ul>
  );
}
