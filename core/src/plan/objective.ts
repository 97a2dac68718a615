/** What a finisher wants of a plan, once the dates are kept. */
export type Objective = 'readyFirst' | 'fewestEvenings' | 'fewestCleanings';

/** Every objective, as it is offered. */
export const OBJECTIVES: readonly Objective[] = ['readyFirst', 'fewestEvenings', 'fewestCleanings'];
