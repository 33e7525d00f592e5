/** The state at which lines are judged where no maker says another (common practice; not the day's reading), °F. */
export const LINE_DESIGN = { evaporatingF: 45, condensingF: 105, subcoolingF: 10 } as const;

/** Loss of saturation temperature in the vapor line: good to the first, never beyond the second (common practice), °F. */
export const VAPOR_LOSS_F = { good: 1, most: 2 } as const;
