import { NavLink } from 'react-router';

/** Tabs of a view, each an address of its own. */
export function TabLinks({
  label,
  tabs,
  base,
  isExact = false,
}: {
  readonly label: string;
  /** the first may have no path of its own */
  readonly tabs: readonly (readonly [path: string, name: string])[];
  /** the view's address, without a slash at its end */
  readonly base: string;
  /** only the very address is marked, not what lies under it */
  readonly isExact?: boolean;
}) {
  return (
    <nav aria-label={label} className="flex flex-wrap">
      {tabs.map(([path, name]) => (
        <NavLink
          key={path}
          end={isExact}
          to={path === '' ? base : `${base}/${path}`}
          className={({ isActive }) =>
            `font-label flex min-h-11 items-center border-b-2 px-3 text-lg font-semibold ${isActive ? 'border-ink' : 'text-dim border-transparent'}`
          }
        >
          {name}
        </NavLink>
      ))}
    </nav>
  );
}
