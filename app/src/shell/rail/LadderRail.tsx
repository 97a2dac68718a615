import { useEffect, useRef } from 'react';
import { NavLink, useLocation } from 'react-router';
import { RAIL } from './rungs';

/** As wide as {@link LadderRail} lets them all stand side by side. */
const ALL_FIT = '(min-width: 32rem)';

/** The main navigation: a ladder at the left edge, its rungs along the bottom on a phone. */
export function LadderRail({ onKeys }: { readonly onKeys: () => void }) {
  const list = useRef<HTMLOListElement>(null);
  const { pathname } = useLocation();
  // Nine do not fit a phone side by side: the one that is open is brought into sight. Where all fit, asking where they are would only have the
  // new view laid out at once.
  useEffect(() => {
    if (matchMedia(ALL_FIT).matches) return;
    const open = list.current?.querySelector<HTMLElement>('[aria-current="page"]')?.closest('li');
    if (open && list.current) list.current.scrollLeft = open.offsetLeft - (list.current.clientWidth - open.offsetWidth) / 2;
  }, [pathname]);
  return (
    <nav
      aria-label="Views"
      className="bg-steel no-print fixed inset-x-0 bottom-0 z-30 md:static md:inset-auto md:row-span-2 md:flex md:w-26 md:flex-col"
    >
      <p className="font-label text-onsteel hidden px-2 py-3.5 text-center text-xl leading-tight font-semibold md:block">Zinc Ladder</p>
      <ol ref={list} className="relative flex overflow-x-auto md:flex-1 md:flex-col md:gap-4 md:overflow-visible md:pt-3">
        <li aria-hidden="true" className="bg-rail absolute inset-y-0 left-2.5 hidden w-1.5 md:block" />
        <li aria-hidden="true" className="bg-rail absolute inset-y-0 right-2.5 hidden w-1.5 md:block" />
        {RAIL.map((rung) => (
          // Six and a half on any phone: half a rung at the edge says that there are more. From 32 rem on all nine fit.
          <li key={rung.path} className="relative min-w-[15.4vw] flex-1 min-[32rem]:min-w-0 md:flex-none">
            <NavLink
              to={rung.path}
              title={rung.question}
              aria-keyshortcuts={rung.key}
              className={({ isActive }) =>
                `font-label flex min-h-12 items-center justify-center px-1 text-base wrap-normal font-semibold md:min-h-9 md:text-lg ${
                  isActive ? 'bg-lime text-onlime md:mx-0.5' : 'bg-rung text-onsteel md:mx-2.5 md:hover:mx-1.5'
                }`
              }
            >
              <span aria-hidden="true" className="figure mr-1.5 hidden text-xs opacity-75 md:inline">
                {rung.key}
              </span>
              {rung.name}
            </NavLink>
          </li>
        ))}
      </ol>
      <button
        type="button"
        aria-keyshortcuts="?"
        className="font-label text-onsteel hidden min-h-11 cursor-pointer items-center justify-center text-base md:flex"
        onClick={onKeys}
      >
        Keys <span className="figure ml-1.5 text-sm">?</span>
      </button>
    </nav>
  );
}
