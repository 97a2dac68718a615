import { searchPlans } from '../../core/src/plan/search/improvePlan';
import { prepareProblem } from '../../core/src/plan/problem/preparedProblem';
import { domainInstance } from '../../core/src/plan/testing/domainInstance';

// Printed: milliseconds from the problem to its first plan, in a process that has run none of this before.
const [parts = 20, rungs = 20] = process.argv.slice(2).map(Number);
const problem = domainInstance(1, { parts, rungs });
const began = performance.now();
searchPlans(prepareProblem(problem), { seed: 1, objective: 'readyFirst' }).next();
console.log(performance.now() - began);
