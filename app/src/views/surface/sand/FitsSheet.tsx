import { remedyFit } from '@zinc-ladder/core/bond/fitRemedies';
import { fitClearance } from '@zinc-ladder/core/film/fitClearance';
import { partLabel } from '@zinc-ladder/model/gather/plan/gatherPlan';
import type { Fit } from '@zinc-ladder/model/records/prop/fit';
import { FIT_KINDS } from '@zinc-ladder/model/records/prop/fit';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import { newId } from '../../../base/newId';
import { useTable } from '../../../data/queries';
import { useEdit } from '../../../features/edit/useEdit';
import { useShopIndex } from '../../../data/useShopIndex';
import { Button } from '../../../ui/Button';
import { InlineField, InlineNumber, SelectField } from '../../../ui/fields/fields';
import { Sheet } from '../../../ui/Sheet';
import { formatSpan } from '../../../base/formats';
import { useFormats } from '../../../features/formats/useFormats';
import { Why } from '../../../ui/Why';
import { filmOfLadder } from '@zinc-ladder/model/gather/film/filmOfLadder';
import { CheckField } from '../../../ui/fields/CheckField';

const KIND_NAMES: Readonly<Record<Fit['kind'], string>> = { shaft: 'shaft in a hole', lid: 'lid on a box', slot: 'tongue in a slot' };
const VERDICTS = { moves: 'moves', snug: 'snug: it will scrape', clashes: 'does not go in' } as const;

/** Pairs of this part that must still go together once they are painted. */
export function FitsSheet({ part }: { readonly part: Part }) {
  const edit = useEdit();
  const fits = useTable('fits').filter((fit) => fit.partId === part.id || fit.otherPartId === part.id);
  const add = (): void => {
    const fit: Fit = {
      id: newId(),
      revision: 0,
      partId: part.id,
      otherPartId: null,
      name: 'A pair',
      kind: 'shaft',
      holeMillimetres: 10.5,
      shaftMillimetres: 10,
      printErrorMillimetres: 0.1,
      isMasked: false,
      note: '',
    };
    void edit(`Add a fit to ${part.name}`, (change) => change.put('fits', fit));
  };
  return (
    <Sheet className="p-4" label="Fits">
      <h2 className="label">Will it still go together?</h2>
      {fits.length === 0 && <p className="text-dim">No pair named yet: a spindle in its hole, a lid on its box, a tongue in its slot.</p>}
      <ul>
        {fits.map((fit) => (
          <FitRow key={fit.id} fit={fit} />
        ))}
      </ul>
      <Button className="mt-2" onClick={add}>
        Add a pair
      </Button>
    </Sheet>
  );
}

function FitRow({ fit }: { readonly fit: Fit }) {
  const edit = useEdit();
  const index = useShopIndex();
  const formats = useFormats();
  const filmOf = (partId: string | null): number =>
    partId === null || fit.isMasked ? 0 : filmOfLadder(index.rungsOnPart(partId), index.products);
  const [hole, shaft] = [filmOf(fit.partId), filmOf(fit.otherPartId)];
  const verdict = fitClearance({
    holeMillimetres: fit.holeMillimetres,
    shaftMillimetres: fit.shaftMillimetres,
    holeFilmMicrometres: hole,
    shaftFilmMicrometres: shaft,
    printErrorMillimetres: fit.printErrorMillimetres,
  });
  const patch = (fields: Partial<Fit>): void => void edit(`Change ${fit.name}`, (change) => change.patch('fits', fit.id, fields, fit));
  const others = [...index.parts.values()].filter((part) => part.id !== fit.partId);
  return (
    <li className="border-line border-b py-2">
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <b>{fit.name}</b>
        <span className={`figure text-lg ${verdict.verdict === 'clashes' ? 'text-oxide' : ''}`}>
          <Why
            name={`clearance of ${fit.name}`}
            reason={{
              formula: 'inner − outer − print error − 2 · (film in it + film on it)',
              inputs: [
                ['inner, outer', `${formats.length(fit.holeMillimetres, 2)} and ${formats.length(fit.shaftMillimetres, 2)}`],
                ['print error', formats.length(fit.printErrorMillimetres, 2)],
                ['film in it', formats.film(hole)],
                ['film on it', formats.film(shaft)],
              ],
              source: 'geometry; films of both ladders; a painted pair moves from 0.1 mm on (guessed)',
            }}
          >
            {formats.length(verdict.clearanceMillimetres, 2)}
          </Why>{' '}
          <span className="font-sans text-base">{VERDICTS[verdict.verdict]}</span>
        </span>
      </div>
      {remedyFit(verdict).map((remedy) => (
        <p key={remedy.name} className="text-sm">
          {remedy.name}: {formatSpan(remedy.minutes)}, {remedy.cost}.
        </p>
      ))}
      <details>
        <summary className="text-dim cursor-pointer text-sm">
          {KIND_NAMES[fit.kind]}, {index.parts.get(fit.otherPartId ?? '')?.name ?? 'bought'}
          {fit.isMasked && ', masked'}
          {fit.note && `. ${fit.note}`}
        </summary>
        <div className="grid gap-2 py-2">
          <InlineField
            label="Name"
            value={fit.name}
            maxLength={200}
            check={(text) => (text.trim() === '' ? 'A name is needed.' : null)}
            onKeep={(name) => patch({ name: name.trim() })}
          />
          <div className="grid grid-cols-2 gap-3">
            <SelectField
              label="Kind"
              value={fit.kind}
              options={FIT_KINDS.map((kind) => [kind, KIND_NAMES[kind]] as const)}
              onChange={(kind) => patch({ kind: FIT_KINDS.find((entry) => entry === kind) ?? 'shaft' })}
            />
            <SelectField
              label="What goes in"
              value={fit.otherPartId ?? ''}
              options={[['', 'something bought'], ...others.map((other) => [other.id, partLabel(other)] as const)]}
              onChange={(id) => patch({ otherPartId: id || null })}
            />
            <InlineNumber
              label="Inner, as designed"
              unit="mm"
              value={fit.holeMillimetres}
              min={0.01}
              max={10000}
              onKeep={(value) => value !== null && patch({ holeMillimetres: value })}
            />
            <InlineNumber
              label="Outer, as designed"
              unit="mm"
              value={fit.shaftMillimetres}
              min={0.01}
              max={10000}
              onKeep={(value) => value !== null && patch({ shaftMillimetres: value })}
            />
            <InlineNumber
              label="Printer makes it tighter by"
              unit="mm"
              value={fit.printErrorMillimetres}
              min={-5}
              max={5}
              onKeep={(value) => value !== null && patch({ printErrorMillimetres: value })}
            />
            <CheckField
              label="Mating faces are masked"
              checked={fit.isMasked}
              onChange={(isMasked) => patch({ isMasked })}
              isLarge
              className="self-end"
            />
          </div>
          <div>
            <Button
              look="quiet"
              className="text-sm"
              onClick={() => void edit(`Take ${fit.name} away`, (change) => change.remove('fits', fit.id))}
            >
              Take this pair away
            </Button>
          </div>
        </div>
      </details>
    </li>
  );
}
