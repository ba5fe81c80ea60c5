/**
 * Levels are called different, and a trend is called one, when chance alone would part them so in fewer classes than
 * this: 5 %, less a margin for what theory leaves out (rounding, spreads that are not quite alike). Intervals are drawn
 * to match, so they hold a little more than 95 %.
 */
export const calledDifferent = 0.045;
