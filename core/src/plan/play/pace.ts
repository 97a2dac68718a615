/** What the log says of a method: ln(actual ÷ planned minutes) of its rungs. */
export interface LoggedPace {
  readonly count: number;
  readonly mean: number;
  /** Σ (ln ratio − mean)² */
  readonly squares: number;
}

/** What is known of a finisher's pace at a method, in logarithms of actual ÷ planned minutes. */
export interface MethodPace {
  readonly methodId: string;
  /** of the middle of its rungs */
  readonly mean: number;
  /** weight of the finisher's overall uncertainty in this method's minutes, 0–1 */
  readonly finisherShare: number;
  /** the method's own uncertainty, beyond the finisher's */
  readonly deviation: number;
  /** from rung to rung */
  readonly rungDeviation: number;
  /** chance of one pass more, and its minutes as a share of the planned ones */
  readonly againChance: number;
  readonly againShare: number;
}

/** A finisher's pace, as far as the log tells. */
export interface Paces {
  /** of the finisher as a whole */
  readonly finisherMean: number;
  readonly finisherDeviation: number;
  readonly of: (methodId: string) => MethodPace;
}

/** How much finishers differ as a whole, and one in one method from all he does: deviations of logarithms; guessed, a fifth. */
export const BETWEEN_FINISHERS = 0.2;
export const BETWEEN_METHODS = 0.2;
/** The guess for a method weighs as much as this many logged rungs. */
export const PRIOR_RUNGS = 6;

/** Guesses by method: from rung to rung, and passes that are needed again. Sanding is uneven, spraying hardly is; every seventh primer wants another pass. */
const BY_METHOD: Readonly<Record<string, Omit<MethodPace, 'methodId' | 'mean' | 'finisherShare' | 'deviation'>>> = {
  sand: { rungDeviation: 0.35, againChance: 0.1, againShare: 0.5 },
  firstCut: { rungDeviation: 0.35, againChance: 0, againShare: 0 },
  primeSand: { rungDeviation: 0.3, againChance: 0.15, againShare: 0.6 },
  fill: { rungDeviation: 0.25, againChance: 0.1, againShare: 0.6 },
  mask: { rungDeviation: 0.25, againChance: 0, againShare: 0 },
  detail: { rungDeviation: 0.3, againChance: 0, againShare: 0 },
};
const USUAL = { rungDeviation: 0.15, againChance: 0, againShare: 0 };

/**
 * A finisher's pace in two levels: as a whole, and in each method about that. Both are normal in ln(actual ÷ planned); given how much rungs of a
 * method differ, what the log says is weighed in by closed form (normal prior and normal means: Gelman et al., Bayesian Data Analysis, 5.4, from
 * memory). How much rungs differ is the method's guess, drawn to what was logged as that grows.
 */
export function learnPaces(log: Readonly<Record<string, LoggedPace>>): Paces {
  const between = BETWEEN_METHODS ** 2;
  let precision = BETWEEN_FINISHERS ** -2;
  let information = 0;
  for (const [methodId, { count, mean }] of Object.entries(log)) {
    if (count === 0) continue;
    const weight = 1 / (between + rungVariance(methodId, log[methodId]) / count);
    precision += weight;
    information += weight * mean;
  }
  const finisherMean = information / precision;
  return {
    finisherMean,
    finisherDeviation: Math.sqrt(1 / precision),
    of: (methodId) => {
      const own = log[methodId];
      const variance = rungVariance(methodId, own);
      const told = own && own.count > 0 ? own.count / variance : 0;
      const trust = told / (told + 1 / between);
      const { againChance, againShare } = BY_METHOD[methodId] ?? USUAL;
      return {
        methodId,
        mean: (1 - trust) * finisherMean + trust * (own?.mean ?? 0),
        finisherShare: 1 - trust,
        deviation: Math.sqrt(1 / (told + 1 / between)),
        rungDeviation: Math.sqrt(variance),
        againChance,
        againShare,
      };
    },
  };
}

function rungVariance(methodId: string, own: LoggedPace | undefined): number {
  const guess = (BY_METHOD[methodId] ?? USUAL).rungDeviation ** 2;
  return !own || own.count < 2 ? guess : (PRIOR_RUNGS * guess + own.squares) / (PRIOR_RUNGS + own.count - 1);
}
