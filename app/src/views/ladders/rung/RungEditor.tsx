import { BANDS } from '@zinc-ladder/core/ladder/bands';
import { findProductClass } from '@zinc-ladder/core/cure/productClasses';
import { gatherCautions } from '@zinc-ladder/core/ladder/growLadder';
import { findMethod, METHODS } from '@zinc-ladder/core/ladder/methods';
import { usualMinutes } from '@zinc-ladder/model/gather/grow/rungForPart';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import type { Rung } from '@zinc-ladder/model/records/ladder/rung';
import { useTable } from '../../../data/queries';
import { newId } from '../../../base/newId';
import { setWhere } from '../../../data/changes/ladder/rungChanges';
import { setProduct } from '../../../data/changes/ladder/rungProduct';
import { useEdit } from '../../../features/edit/useEdit';
import { usePersons } from '../../../features/person/useAtBench';
import { ownShareWords, useOwnMinutes } from '../../../features/rung/useOwnMinutes';
import { formatSpan } from '../../../base/formats';
import { InlineField, InlineNumber, InlineText, SelectField } from '../../../ui/fields/fields';
import { MomentField } from '../../../features/formats/MomentField';

const SIDES = [
  ['all', 'all round'],
  ['under', 'underside'],
  ['top', 'top side'],
] as const;

/** Every value of a rung, changed where it stands. */
export function RungEditor({ rung, part }: { readonly rung: Rung; readonly part: Part }) {
  const edit = useEdit();
  const ownMinutes = useOwnMinutes();
  const own = ownMinutes.shareOf(rung);
  const products = useTable('products');
  const cards = useTable('mixCards');
  const persons = usePersons();
  const rungs = useTable('rungs');
  const ladder = useTable('ladders').find((entry) => entry.id === rung.ladderId);
  const method = findMethod(rung.methodId);
  const pieces = rung.pieces !== null && rung.pieces < part.count ? rung.pieces : null;
  const below = ladder?.rungIds.slice(0, ladder.rungIds.indexOf(rung.id)) ?? [];
  const earlierFilms = rungs
    .filter((entry) => entry.ladderId === rung.ladderId && below.includes(entry.id) && filmLies(entry))
    .toSorted((a, b) => below.indexOf(a.id) - below.indexOf(b.id));
  const patch = (what: string, fields: Partial<Rung>): void =>
    void edit(`Change ${what} of ${rung.name}`, (change) => change.patch('rungs', rung.id, fields, rung));
  const onMethod = (methodId: string): void => {
    const next = findMethod(methodId);
    const { minutes, formula } = usualMinutes(methodId, rung, part);
    const classId = products.find((product) => product.id === rung.productId)?.classId;
    patch('the method', {
      methodId,
      band: next.band,
      minutes,
      minutesFormula: formula,
      ...(next.laysFilm ? {} : { productId: null, coatMicrometres: null }),
      cautionIds: gatherCautions(next, next.laysFilm && classId ? findProductClass(classId).cautions : [], part.materialId),
    });
  };
  const onRegion = (area: number | null): void =>
    void edit(`Change the region of ${rung.name}`, (change) => setWhere(change, rung, { areaSquareCentimetres: area }));
  const onPieces = (some: number | null): void =>
    void edit(`Change the pieces of ${rung.name}`, (change) =>
      setWhere(change, rung, { pieces: some !== null && some < part.count ? some : null }),
    );
  const onProduct = (productId: string): void =>
    void edit(`Change the product of ${rung.name}`, (change) => setProduct(change, rung, productId === '' ? null : productId, newId));
  return (
    <div className="grid gap-3">
      <div className="grid grid-cols-2 gap-3">
        <InlineField
          label="Name"
          value={rung.name}
          maxLength={200}
          check={(text) => (text.trim() === '' ? 'A name is needed.' : null)}
          onKeep={(name) => patch('the name', { name: name.trim() })}
        />
        <SelectField
          label="Method"
          value={rung.methodId}
          options={METHODS.map(({ id, name }) => [id, name] as const)}
          onChange={onMethod}
        />
      </div>
      {method.laysFilm && (
        <div className="grid grid-cols-[2fr_1fr] gap-3">
          <SelectField
            label="Product"
            value={rung.productId ?? ''}
            options={[
              ['', 'none'],
              ...products.toSorted((a, b) => a.name.localeCompare(b.name)).map(({ id, name }) => [id, name] as const),
            ]}
            onChange={onProduct}
          />
          <InlineNumber
            label="Dry film"
            unit="µm"
            value={rung.coatMicrometres}
            min={0}
            max={20000}
            mayBeEmpty
            onKeep={(coatMicrometres) => patch('the film', { coatMicrometres })}
          />
        </div>
      )}
      <div className="grid grid-cols-2 gap-3 sm:grid-cols-3">
        <InlineNumber
          label="Hands"
          unit="min"
          value={rung.minutes}
          min={0}
          max={10000}
          isWhole
          hint={own ? `${formatSpan(ownMinutes.of(rung))}, ${ownShareWords(own)}` : undefined}
          onKeep={(minutes) => minutes !== null && patch('the minutes', { minutes, minutesFormula: '' })}
        />
        <InlineField
          label="Grit"
          value={rung.grit ?? ''}
          maxLength={20}
          onKeep={(grit) => patch('the grit', { grit: grit.trim() || null })}
        />
        <SelectField
          label="Faces"
          value={rung.side}
          options={SIDES}
          onChange={(side) =>
            void edit(`Change the faces of ${rung.name}`, (change) => setWhere(change, rung, { side: side as Rung['side'] }))
          }
        />
        <InlineNumber
          label="Region only"
          unit="cm²"
          value={rung.areaSquareCentimetres}
          min={0.01}
          max={200_000}
          mayBeEmpty
          hint={rung.areaSquareCentimetres === null ? 'empty: all of its faces' : 'of one piece'}
          onKeep={onRegion}
        />
        {part.count > 1 && (
          <InlineNumber
            label="Only so many pieces"
            unit={`of ${part.count}`}
            value={pieces}
            min={1}
            max={part.count}
            isWhole
            mayBeEmpty
            hint={pieces === null ? 'empty: all of them' : undefined}
            onKeep={onPieces}
          />
        )}
        <SelectField
          label="Band"
          value={rung.band}
          options={BANDS.map(({ id, name }) => [id, name] as const)}
          onChange={(band) => patch('the band', { band: band as Rung['band'] })}
        />
      </div>
      <div className="grid grid-cols-2 gap-3">
        <MomentField
          label="Not before"
          mayBeEmpty
          value={rung.notBeforeMs}
          onKeep={(notBeforeMs) => patch('the earliest time', { notBeforeMs })}
        />
        {earlierFilms.length > 0 && (
          <SelectField
            label="Not before this is hard"
            value={rung.hardRungId ?? ''}
            options={[['', 'as its method needs'], ...earlierFilms.map(({ id, name }) => [id, name] as const)]}
            onChange={(id) => patch('what it waits for', { hardRungId: id || null })}
          />
        )}
        {persons.length > 0 && (
          <SelectField
            label="To be done by"
            value={rung.personId ?? ''}
            options={[['', 'anybody who can'], ...persons.map(({ id, name }) => [id, name] as const)]}
            onChange={(id) => patch('who does it', { personId: id || null })}
          />
        )}
        <SelectField
          label="Mix card"
          value={rung.mixCardId ?? ''}
          options={[['', 'none'], ...cards.map(({ id, name }) => [id, name] as const)]}
          onChange={(id) => patch('the card', { mixCardId: id || null })}
        />
      </div>
      <InlineText label="How" value={rung.detail} onKeep={(detail) => patch('how it is done', { detail })} rows={2} />
      <InlineText label="Why it is here" value={rung.why} onKeep={(why) => patch('its reason', { why })} rows={2} />
    </div>
  );
}

/** Whether a rung leaves a film of a known product. */
function filmLies({ methodId, productId, state }: Rung): boolean {
  return findMethod(methodId).laysFilm && productId !== null && state !== 'leftOut';
}
