import type { CompatFinding } from '@zinc-ladder/core/compatibility/checkStack';
import { explainSymptom, SYMPTOMS } from '@zinc-ladder/core/compatibility/symptoms';
import { useState } from 'react';
import { SelectField } from '../../../ui/fields/fields';

/** From what is seen on the part to where it comes from, this ladder's own causes first. */
export function SymptomPanel({ findings }: { readonly findings: readonly CompatFinding[] }) {
  const [id, setId] = useState('');
  const told = id === '' ? null : explainSymptom(id, findings);
  return (
    <section aria-label="Something went wrong" className="grid gap-2">
      <div className="max-w-72">
        <SelectField
          label="Something went wrong"
          value={id}
          options={[['', 'choose what it looks like'] as const, ...SYMPTOMS.map((symptom) => [symptom.id, symptom.name] as const)]}
          onChange={setId}
        />
      </div>
      {told && (
        <div>
          <p className="text-dim">{told.symptom.looks}.</p>
          {told.here.length > 0 && (
            <>
              <p className="label mt-2">On this ladder</p>
              <ul className="list-disc pl-5">
                {told.here.map((finding) => (
                  <li key={finding.ruleId + finding.stepId}>
                    {finding.what} <span className="text-dim">{finding.why}</span>
                  </li>
                ))}
              </ul>
            </>
          )}
          <p className="label mt-2">Usual causes</p>
          <ul className="list-disc pl-5">
            {told.symptom.causes.map((cause) => (
              <li key={cause}>{cause}</li>
            ))}
          </ul>
          <p className="mt-2">
            <strong>Mend:</strong> {told.symptom.mend}
          </p>
        </div>
      )}
    </section>
  );
}
