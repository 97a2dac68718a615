import { lazy, Suspense } from 'react';
import type { DayProps, MomentProps } from './DateParts';

// What types dates is larger than any view; it comes when the first date is shown, not before the bench.
const MomentParts = lazy(() => import('./DateParts').then((parts) => ({ default: parts.MomentParts })));
const DayParts = lazy(() => import('./DateParts').then((parts) => ({ default: parts.DayParts })));

/** A date and time in the shop's zone, its clock and its order, kept on Enter or when left, put back on Escape. */
export function MomentField(props: MomentProps) {
  return (
    <Suspense fallback={<Waiting label={props.label} />}>
      <MomentParts {...props} />
    </Suspense>
  );
}

/** A date by itself, `2026-05-28`; empty while none was chosen. */
export function DayField(props: DayProps) {
  return (
    <Suspense fallback={<Waiting label={props.label} />}>
      <DayParts {...props} />
    </Suspense>
  );
}

function Waiting({ label }: { readonly label: string }) {
  return (
    <div>
      <p className="label">{label}</p>
      <div className="field min-h-9" />
    </div>
  );
}
