import { Link, NavLink } from 'react-router';

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
      {tabs.map(([path, name]) => {
        const to = path === '' ? base : `${base}/${path}`;
        // A link that goes by addresses says that it is open by them alone, whatever it is told.
        return current === undefined ? (
          <NavLink key={path} end={isExact} to={to} className={({ isActive }) => lookOf(isActive)}>
            {name}
          </NavLink>
        ) : (
          <Link key={path} to={to} aria-current={path === current ? 'page' : undefined} className={lookOf(path === current)}>
            {name}
          </Link>
        );
      })}
    </nav>
  );
}

function lookOf(isOpen: boolean): string {
  return `font-label flex min-h-11 items-center border-b-2 px-3 text-lg font-semibold ${isOpen ? 'border-ink' : 'text-dim border-transparent'}`;
}
