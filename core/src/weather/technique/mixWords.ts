import type { Technique } from './technique';

/** How a technique's paint is mixed, in words: `1 : 4 with water`. */
export function mixWords({ thinning }: Pick<Technique, 'thinning'>): string {
  return thinning.with === 'nothing' ? 'not thinned' : `${thinning.paint} : ${thinning.thinner} with ${thinning.with}`;
}
