/** Measures of the plan's picture, px: names to the left of the plot, the axis above, then the bands from top to bottom. */
export const LEFT = 104;
export const HEAD = 36;
export const AIR = 60;
export const SPRAY = 26;
export const ROW = 40;
/** Where the band of hands begins. */
export const HANDS_TOP = HEAD + AIR + SPRAY;
