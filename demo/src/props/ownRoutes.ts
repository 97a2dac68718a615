import { stepsOf } from '@zinc-ladder/model/gather/grow/ownRoutes';
import type { OwnRoute } from '@zinc-ladder/model/records/ladder/ownRoute';
import type { DemoLadders } from './ladders';

/** The way of the lantern's base, kept to be climbed again on the next brass part. */
export function demoRoutes({ ladders, rungs }: Pick<DemoLadders, 'ladders' | 'rungs'>): OwnRoute[] {
  const base = ladders.find((ladder) => ladder.id === 'lantern-base');
  if (!base) throw new Error('the lantern has no base');
  return [
    {
      id: 'route-brass',
      revision: 0,
      name: 'Brass over black, aged',
      note: 'As on the lantern. Mist the brass first: a wet first coat ran on the cap.',
      route: base.route,
      steps: stepsOf(rungs.filter((rung) => rung.ladderId === base.id)),
    },
  ];
}
