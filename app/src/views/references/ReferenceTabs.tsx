import type { Prop } from '@zinc-ladder/model/records/prop/prop';
import { useNavigate } from 'react-router';
import { SelectField } from '../../ui/fields/fields';
import { TabLinks } from '../../ui/TabLinks';

/** Of which prop, and whether lengths are measured or one's own is held against it. */
export function ReferenceTabs({
  propId,
  props,
  base = '',
}: {
  readonly propId: string;
  readonly props: readonly Prop[];
  readonly base?: '' | 'match';
}) {
  const navigate = useNavigate();
  return (
    <div className="flex flex-wrap items-end gap-4">
      <div className="w-64">
        <SelectField
          label="Prop"
          value={propId}
          options={props.map(({ id, name }) => [id, name])}
          onChange={(id) => void navigate(`/references/${id}${base === '' ? '' : `/${base}`}`)}
        />
      </div>
      <TabLinks
        label="Of references"
        current={base}
        base={`/references/${propId}`}
        tabs={[
          ['', 'How large'],
          ['match', 'How near'],
        ]}
      />
    </div>
  );
}
