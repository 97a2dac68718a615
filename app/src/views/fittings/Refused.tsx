/** Why a sum gives nothing, in the core's own words. */
export function Refused({ reason }: { readonly reason: string }) {
  return (
    <p role="alert" className="border-oxide border-l-4 pl-3">
      {reason.slice(0, 1).toUpperCase() + reason.slice(1)}.
    </p>
  );
}
