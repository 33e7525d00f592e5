/** What a liquid line runs through: where it is hot, and in heating where it is cold, a bare one is no longer liquid at its end. */
export const LIQUID_WAYS = ['indoors', 'attic', 'sunny wall', 'cold space'] as const;
