/** Conversions. US trade units outside the equations, SI inside them. Exact by definition unless said. */
export const KELVIN_PER_RANKINE = 5 / 9;
export const RANKINE_AT_0_F = 459.67;
export const PA_PER_PSI = 6894.757293168361;
export const KG_M3_PER_LB_FT3 = 16.018463373960142;
export const J_KG_PER_BTU_LB = 2326;
/** J/(kg·K) in one Btu/(lb·°R). */
export const J_KGK_PER_BTU_LBR = 4186.8;
export const OZ_PER_LB = 16;
export const PSI_PER_INHG = 0.491154;
export const BTUH_PER_W = 3.412141633;
export const IN2_PER_FT2 = 144;
/** Standard atmosphere, psia. */
export const STANDARD_PSIA = 14.695948775513;
/** What the trade writes for it, and the default of every gauge pressure on the command line. */
export const DEFAULT_BAROMETER_PSIA = 14.696;

export const kelvinFromF = (f: number): number => (f + RANKINE_AT_0_F) * KELVIN_PER_RANKINE;
export const fFromKelvin = (k: number): number => k / KELVIN_PER_RANKINE - RANKINE_AT_0_F;
export const paFromPsia = (psia: number): number => psia * PA_PER_PSI;
export const psiaFromPa = (pa: number): number => pa / PA_PER_PSI;

/** Psi in an inch of water column at 60 °F (definition; handbook 0.0361). */
export const PSI_PER_IN_WC = 0.03609;
