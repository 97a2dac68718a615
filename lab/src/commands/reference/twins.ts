import { hexOfLab, labOfHex } from '@zinc-ladder/core/colour/lab';
import type { Lab } from '@zinc-ladder/core/colour/lab';
import { averageSteps } from '@zinc-ladder/core/twins/averageSteps';
import { compareTwins } from '@zinc-ladder/core/twins/compareTwins';
import type { PaintedStep } from '@zinc-ladder/core/twins/compareTwins';
import { gatherTwin } from '@zinc-ladder/model/gather/twins/gatherTwin';
import { pairParts } from '@zinc-ladder/model/gather/twins/pairParts';
import { LabError } from '../../labError';
import { readLab, roundLab } from '../../readColour';
import { readSoundProject } from '../../readFile';
import type { LabCommand } from '../labCommand';

/** A bare print is told as middle grey unless said otherwise. */
const BARE = labOfHex('#808080');

/**
 * `twins FILE --a PART --b PART [--base #hex]` → steps that differ between what was really done on two parts, what shows most first. Several parts with commas
 * between them are their average; two props are told part by part.
 */
export const twins: LabCommand = {
  name: 'twins',
  usage: 'twins FILE --a PART[,PART…] --b PART[,PART…] [--base L,a,b|#rrggbb]',
  options: ['a', 'b', 'base'],
  run: ({ options, files }) => {
    const { project } = readSoundProject(files[0]);
    const stepsOf = (name: 'a' | 'b', id: string): readonly PaintedStep[] => {
      if (!project.parts.some((part) => part.id === id)) throw new LabError(`--${name} must be the id of a part, got "${id}"`);
      return gatherTwin(project, id);
    };
    const steps = (name: 'a' | 'b'): readonly PaintedStep[] =>
      averageSteps((options[name] ?? '').split(',').map((id) => stepsOf(name, id)));
    const base = options['base'] === undefined ? BARE : readLab('base', options['base']);
    const [propA, propB] = (['a', 'b'] as const).map((name) => project.props.find(({ id }) => id === options[name]));
    if (propA && propB) {
      const of = (propId: string) => project.parts.filter((part) => part.propId === propId);
      const ladders = new Map(project.ladders.map((ladder) => [ladder.partId, ladder]));
      return {
        parts: pairParts(of(propA.id), of(propB.id), ladders).map(({ a, b }) => {
          const both = a && b && compareTwins(gatherTwin(project, a.id), gatherTwin(project, b.id), base, project.shop.mirroredShare);
          return { a: a?.id ?? null, b: b?.id ?? null, deltaE: both?.deltaE ?? null, differences: both?.differences.length ?? null };
        }),
      };
    }
    const found = compareTwins(steps('a'), steps('b'), base, project.shop.mirroredShare);
    const colour = (lab: Lab) => ({ lab: roundLab(lab), hex: hexOfLab(lab) });
    const told = (step: PaintedStep | null) => step && { id: step.id, name: step.name, kind: step.kind };
    return {
      a: colour(found.labA),
      b: colour(found.labB),
      deltaE: found.deltaE,
      pairs: found.pairs.map(({ a, b, isMoved }) => ({ a: a?.id ?? null, b: b?.id ?? null, isMoved })),
      sheen: { a: found.sheenA, b: found.sheenB },
      differences: found.differences.map(({ kind, a, b, deltaELeft, seen }) => ({ kind, a: told(a), b: told(b), deltaELeft, seen })),
    };
  },
};
