import type { FlawKindId } from '@zinc-ladder/core/inspection/flawKinds';
import { findFlawKind, FLAW_KINDS } from '@zinc-ladder/core/inspection/flawKinds';
import type { Rung } from '@zinc-ladder/model/records/ladder/rung';
import { SelectField } from '../../ui/fields/fields';

const NOTHING = '';
const OF_FILMS = FLAW_KINDS.filter(({ mending }) => mending !== null);

/** What went wrong with a coat, and what would mend it. */
export function MendChoice({
  coat,
  kindId,
  onChoose,
}: {
  readonly coat: Rung;
  readonly kindId: FlawKindId | null;
  readonly onChoose: (kindId: FlawKindId | null) => void;
}) {
  const kind = kindId && findFlawKind(kindId);
  return (
    <div className="grid gap-2">
      <SelectField
        label={`What went wrong with ${coat.name}`}
        value={kindId ?? NOTHING}
        options={[[NOTHING, 'nothing, or none of these'], ...OF_FILMS.map(({ id, name }) => [id, name] as const)]}
        onChange={(id) => onChoose(id === NOTHING ? null : (id as FlawKindId))}
      />
      {kind?.mending && (
        <p className="text-sm">
          {kind.mend} Onto the ladder, next:{' '}
          {[...kind.mending.steps.map(({ name }) => name), ...(kind.mending.recoats ? [`${coat.name} again`] : [])].join(', ')}.
        </p>
      )}
    </div>
  );
}
