import { useEffect } from 'react';
import { useNotices } from '../../features/notices/Notices';

/** Tells what went wrong before the application could be shown. */
export function StartFault({ error }: { readonly error: unknown }): null {
  const { tellError } = useNotices();
  useEffect(() => tellError(error), [tellError, error]);
  return null;
}
