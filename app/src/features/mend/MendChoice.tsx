import type { FlawKindId } from '@zinc-ladder/core/inspection/flawKinds';
import { findFlawKind, FLAW_KINDS } from '@zinc-ladder/core/inspection/flawKinds';
import { mendingRungs } from '@zinc-ladder/model/gather/grow/mendingRungs';
import type { Rung } from '@zinc-ladder/model/records/ladder/rung';
import type { ShopIndex } from '../../data/useShopIndex';
import { SelectField } from '../../ui/fields/fields';

const NOTHING = '';
const OF_FILMS = FLAW_KINDS.filter(({ mending }) => mending !== null);

/** What went wrong with a coat, and what would mend it. */
export function MendChoice({
  coat,
  index,
  kindId,
  onChoose,
}: {
  readonly coat: Rung;
  readonly index: ShopIndex;
  readonly kindId: FlawKindId | null;
  readonly onChoose: (kindId: FlawKindId | null) => void;
}) {
  const part = index.partOf(coat);
  return (
    <div className="grid gap-2">
      <SelectField
        label={`What went wrong with ${coat.name}`}
        value={kindId ?? NOTHING}
        options={[[NOTHING, 'nothing, or none of these'], ...OF_FILMS.map(({ id, name }) => [id, name] as const)]}
        onChange={(id) => onChoose(id === NOTHING ? null : (id as FlawKindId))}
      />
      {kindId && part && (
        <p className="text-sm">
          {findFlawKind(kindId).mend} Onto the ladder, next:{' '}
          {mendingRungs(kindId, coat, index.rungsOf(part.id), part, index.products, () => 'told')
            .rungs.map(({ name }) => name)
            .join('; ')}
          .
        </p>
      )}
    </div>
  );
}
