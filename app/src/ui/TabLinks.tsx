import { NavLink } from 'react-router';

/** Tabs of a view, each an address of its own. */
export function TabLinks({
  label,
  tabs,
  base,
  isExact = false,
  current,
}: {
  readonly label: string;
  /** the first may have no path of its own */
  readonly tabs: readonly (readonly [path: string, name: string])[];
  /** the view's address, without a slash at its end */
  readonly base: string;
  /** only the very address is marked, not what lies under it */
  readonly isExact?: boolean;
  /** the path that is open, where addresses alone cannot tell */
  readonly current?: string;
}) {
  return (
    <nav aria-label={label} className="flex flex-wrap">
      {tabs.map(([path, name]) => (
        <NavLink
          key={path}
          end={isExact}
          to={path === '' ? base : `${base}/${path}`}
          {...(current === undefined ? {} : { 'aria-current': path === current ? ('page' as const) : undefined })}
          className={({ isActive }) =>
            `font-label flex min-h-11 items-center border-b-2 px-3 text-lg font-semibold ${(current === undefined ? isActive : path === current) ? 'border-ink' : 'text-dim border-transparent'}`
          }
        >
          {name}
        </NavLink>
      ))}
    </nav>
  );
}
