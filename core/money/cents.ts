const CENTS = 100;
/** Binary fractions of a cent lie this close under it; half a cent goes up. */
const NEAR = 1e-6;

/** Money to the cent, half up. */
export const cents = (amount: number): number => Math.floor(amount * CENTS + 0.5 + NEAR) / CENTS;
