/** Half width of a 90 % interval of a normal distribution, in standard deviations. */
export const HALF_90 = 1.645;
