/** What a finisher wants of a plan: that dates hold, or, once they are kept on paper, that all is ready soon, on few evenings, with few cleanings. */
export type Objective = 'surest' | 'readyFirst' | 'fewestEvenings' | 'fewestCleanings';

/** Every objective, as it is offered. */
export const OBJECTIVES: readonly Objective[] = ['surest', 'readyFirst', 'fewestEvenings', 'fewestCleanings'];
