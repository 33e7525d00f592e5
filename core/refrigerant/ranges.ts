/** Saturation is held between these temperatures, °F; outside nothing is invented. */
export const LOW_F = -60;
export const HIGH_F = 150;

/** Superheated vapor as the simulated system reads it: dew point and superheat, °F. */
export const VAPOUR_DEW_F = [-58, 130] as const;
export const VAPOUR_SUPERHEAT_F = [0, 130] as const;
