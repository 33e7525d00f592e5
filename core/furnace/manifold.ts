/** How far a manifold may stand from its plate (common practice), in. w.c. */
export const MANIFOLD_OFF = 0.3;
